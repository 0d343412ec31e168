program signals
  implicit none
  character(len=4) :: flags
  integer :: at

  flags = "hoax"
  do at = 1, len(flags)
    select case (flags(at:at))
    case ("h")
      print *, "pilot on board"
    case ("o")
      print *, "man overboard"
    case ("a")
      print *, "diver below"
    case default
      print *, "unknown"
    end select
  end do
end program signals
