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
	t.litres -= amount⟪⟶
	return nil⟫
}

func report(⟪Tank t⟶t Tank⟫) string {
	return fmt.Sprintf("%d litres left", t.litres)
}

func main() {
	tank := Tank{⟪litre⟶litres⟫: 90}
	if err := tank.draw(30); err != ⟪null⟶nil⟫ {
		fmt.Println(err)
	}
	fmt.Println(report(tank))
}
