program tickets
  implicit none
  real, parameter :: prices(3) = (/ 2.5, 4.0, 6.5 /)
  integer :: zone

  do zone = 1, 3
    call show(zone, .false.)
  end do
  call show(3, .true.)

contains

  real function price(zone, day)
    integer, intent(in) :: zone
    logical, intent(in) :: day
    price = prices(zone)
    if (day) then
      price = price * 2.0
    end if
  end function price

  subroutine show(zone, day)
    integer, intent(in) :: zone
    logical, intent(in) :: day
    integer :: cents
    cents = nint(price(zone, day) * 100.0)
    print *, "Zone", zone, cents, "cents"
  end subroutine show

end program tickets
