program tides
  implicit none
  real :: levels(6)
  integer :: hour, best

  levels = (/ 1.2, 2.6, 4.1, 3.3, 1.9, 1.0 /)
  best = 1
  do hour = 2, 6
    if (levels(hour) > levels(best)) then
      best = hour
    end if
  end do
  print *, "High water in hour", best
  print *, "Level", levels(best)
end program tides
