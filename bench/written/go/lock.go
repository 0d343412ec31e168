package main

import "fmt"

type Gate int

const (
	Open Gate = iota
	Closed
)

type Lock struct {
	gate  Gate
	level int
}

func (l *Lock) fill(amount int) ⟪⟶bool ⟫{
	if l.gate == Open {
		return false
	}
	l.level += amount
	return true
}

func (l Lock) full() bool {
	return ⟪this⟶l⟫.level >= 100
}

func main() {
	lock := &Lock{gate: Closed}
	passed := 0
	for passed < 3 && lock.fill(25⟪⟶)⟫ {
		passed++
	}
	if !lock.full() ⟪and⟶&&⟫ passed > 0 {
		fmt.Println("passed", passed)
	}
	⟪lock.gate := Open⟶lock.gate = Open⟫
	fmt.Println(lock.level)
}
