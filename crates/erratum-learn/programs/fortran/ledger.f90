module books
  implicit none

  type :: line
    character(len=6) :: kind
    integer :: euros
  end type line

contains

  integer function posted(balance, one)
    integer, intent(in) :: balance
    type(line), intent(in) :: one
    select case (trim(one%kind))
    case ("sale")
      posted = balance + one%euros
    case ("refund", "fuel")
      posted = balance - one%euros
    case default
      posted = balance
    end select
  end function posted

end module books

program ledger
  use books
  implicit none
  type(line) :: today(4)
  integer :: at, balance

  today(1) = line("sale", 120)
  today(2) = line("fuel", 300)
  today(3) = line("sale", 95)
  today(4) = line("refund", 12)
  balance = 0
  do at = 1, size(today)
    balance = posted(balance, today(at))
    print *, at, balance
  end do
  if (balance < 0) then
    print *, "The line loses money"
  else
    print *, "The line earns money"
  end if
end program ledger
