module boat
  implicit none
  integer, parameter :: seats = 40
  integer :: taken = 0

contains

  logical function book(places)
    integer, intent(in) :: places
    book = taken + places <= seats
    if (book) then
      taken = taken + places
    end if
  end function book

  integer function left()
    left = seats - taken
  end function left

end module boat

program bookings
  use boat
  implicit none

  call try(12, "Aune")
  call try(20, "Brede")
  call try(15, "Ciel")
  call try(8, "Dag")
  if (left() == 0) then
    print *, "The boat is full"
  end if

contains

  subroutine try(places, under)
    integer, intent(in) :: places
    character(len=*), intent(in) :: under
    if (book(places)) then
      print *, under, " has", places, "seats"
    else
      print *, under, " waits,", left(), "seats are left"
    end if
  end subroutine try

end program bookings
