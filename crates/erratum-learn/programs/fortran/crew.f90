program crew
  implicit none
  integer, parameter :: roles = 3
  character(len=8) :: names(roles)
  integer :: worked(roles), role, total

  names = (/ "captain ", "mate    ", "deckhand" /)
  worked = (/ 38, 41, 30 /)
  call add(3, 6)
  call add(2, 2)
  total = 0
  do role = 1, roles
    total = total + worked(role)
    if (worked(role) > 40) then
      print *, trim(names(role)), " has worked too long"
    else
      print *, trim(names(role)), worked(role)
    end if
  end do
  print *, "All together", total

contains

  subroutine add(who, more)
    integer, intent(in) :: who, more
    worked(who) = worked(who) + more
  end subroutine add

end program crew
