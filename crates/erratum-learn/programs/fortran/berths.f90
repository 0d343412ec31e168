program berths
  implicit none

  type :: berth
    integer :: number
    real :: length
    logical :: free
  end type berth

  type(berth) :: south(4)
  integer :: place

  south(1) = berth(1, 12.0, .true.)
  south(2) = berth(2, 30.0, .false.)
  south(3) = berth(3, 24.5, .true.)
  south(4) = berth(4, 9.0, .true.)

  place = find(20.0)
  if (place == 0) then
    print *, "No berth is free"
  else
    print *, "Moor at berth", place
    south(place)%free = .false.
  end if
  print *, "Next:", find(20.0)

contains

  integer function find(needed)
    real, intent(in) :: needed
    integer :: at
    find = 0
    do at = 1, size(south)
      if (south(at)%free .and. south(at)%length >= needed) then
        find = south(at)%number
        return
      end if
    end do
  end function find

end program berths
