program weather
  implicit none
  integer, parameter :: days = 7
  integer :: forecast(days), day, stormy, calmest
  real :: mean

  forecast = (/ 3, 5, 8, 9, 6, 4, 2 /)
  stormy = 0
  calmest = 12
  do day = 1, days
    print *, day, word_for(forecast(day))
    if (.not. may_sail(forecast(day))) then
      stormy = stormy + 1
    end if
    calmest = min(calmest, forecast(day))
  end do
  mean = real(sum(forecast)) / real(days)
  print *, "Days in port:", stormy
  print *, "Calmest:", calmest
  print *, "Mean:", mean

contains

  function word_for(wind) result(word)
    integer, intent(in) :: wind
    character(len=5) :: word
    if (wind <= 3) then
      word = "light"
    else if (wind <= 6) then
      word = "fresh"
    else
      word = "storm"
    end if
  end function word_for

  logical function may_sail(wind)
    integer, intent(in) :: wind
    may_sail = wind < 8
  end function may_sail

end program weather
