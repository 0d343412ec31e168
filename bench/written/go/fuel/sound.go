package main

import (
	"errors"
	"fmt"
)

type Tank struct {
	litres int
}

func (t *Tank) draw(amount int) error {
	if amount > t.litres {
		return errors.New("not enough")
	}
	t.litres -= amount
	return nil
}

func report(t Tank) string {
	return fmt.Sprintf("%d litres left", t.litres)
}

func main() {
	tank := Tank{litres: 90}
	if err := tank.draw(30); err != nil {
		fmt.Println(err)
	}
	fmt.Println(report(tank))
}
