program depots
  implicit none

  type :: depot
    integer :: crates(3)
    logical :: locked
  end type depot

  type(depot) :: north, south

  north%crates = (/ 10, 4, 7 /)
  north%locked = .false.
  south%crates = (/ 2, 0, 5 /)
  south%locked = .true.

  call move(north, south, 1, 4)
  south%locked = .false.
  call move(north, south, 1, 4)
  call move(north, south, 2, 9)
  print *, "North:", total(north)
  print *, "South:", total(south)

contains

  integer function total(one)
    type(depot), intent(in) :: one
    integer :: at
    total = 0
    do at = 1, 3
      total = total + one%crates(at)
    end do
  end function total

  subroutine move(from, to, place, count)
    type(depot), intent(inout) :: from, to
    integer, intent(in) :: place, count
    integer :: moved
    if (to%locked) then
      print *, "The depot is locked"
      return
    end if
    moved = min(count, from%crates(place))
    from%crates(place) = from%crates(place) - moved
    to%crates(place) = to%crates(place) + moved
  end subroutine move

end program depots
