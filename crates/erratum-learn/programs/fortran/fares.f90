program fares
  implicit none
  print *, "A family pays", fare(2, 3)
  print *, "A class pays", fare(2, 24)
contains
  integer function fare(adults, children)
    integer, intent(in) :: adults, children
    integer, parameter :: single = 4
    fare = adults * single + children * single / 2
    if (adults + children > 10) fare = fare - 5
  end function fare
end program fares
