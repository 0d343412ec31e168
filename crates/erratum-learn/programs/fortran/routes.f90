program routes
  implicit none

  type :: leg
    integer :: minutes
    real :: knots
  end type leg

  type(leg) :: north(3)

  north(1) = leg(25, 9.5)
  north(2) = leg(40, 11.0)
  north(3) = leg(15, 6.0)
  print *, "Minutes:", duration(north)
  print *, "Miles:", miles(north)

contains

  integer function duration(legs)
    type(leg), intent(in) :: legs(:)
    integer :: at
    duration = 0
    do at = 1, size(legs)
      duration = duration + legs(at)%minutes
    end do
  end function duration

  real function miles(legs)
    type(leg), intent(in) :: legs(:)
    integer :: at
    miles = 0.0
    do at = 1, size(legs)
      miles = miles + legs(at)%knots * real(legs(at)%minutes) / 60.0
    end do
  end function miles

end program routes
