package main

import (
	"fmt"
⟪⟶	"strings"
⟫)

type Car struct {
	Plate string
	Axles int
}

func (c Car) Toll() float64 {
	base := 4.5
	if c.Axles > 2 {
		base ⟪:=⟶=⟫ base * 2
	}
	return base
}

func total(cars []Car) float64 {
	sum := 0.0
	for ⟪⟶_, ⟫car := range cars {
		sum += car.Toll()
	}
	return sum
}

func main() {
	cars := []Car{
		{"HB 220", 2},
		{"HB 417", 3}⟪⟶,⟫
	}
	var names []string
	for i := 0; i < len(cars); i++ {
		names = append(names, cars[i].⟪plate⟶Plate⟫)
	}
	fmt.Println(strings.Join(names, ", "))
	fmt.⟪println⟶Println⟫(total(cars))
}
