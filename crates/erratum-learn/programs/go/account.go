// Accounts of the harbour office.
package main

import (
	"errors"
	"fmt"
)

type Account struct {
	owner   string
	balance float64
	limit   float64
}

func NewAccount(owner string, limit float64) *Account {
	return &Account{owner: owner, limit: limit}
}

func (a *Account) Book(amount float64) error {
	if a.balance+amount < -a.limit {
		return errors.New("the limit is reached")
	}
	a.balance += amount
	return nil
}

func (a Account) String() string {
	return fmt.Sprintf("%s: %.2f", a.owner, a.balance)
}

func main() {
	office := NewAccount("Harbour office", 100)
	amounts := []float64{320.5, -500, 45}
	for number, amount := range amounts {
		err := office.Book(amount)
		if err != nil {
			fmt.Println("entry", number+1, "failed:", err)
		}
	}
	fmt.Println(office.String())
}
