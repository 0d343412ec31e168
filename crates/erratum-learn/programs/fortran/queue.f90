program queue
  implicit none
  integer, parameter :: places = 5
  integer :: waiting, trips

  waiting = 12
  trips = 0
  do while (waiting > 0)
    waiting = max(0, waiting - places)
    trips = trips + 1
    print *, "After trip", trips, "there wait", waiting
  end do
  print *, "Trips:", trips
end program queue
