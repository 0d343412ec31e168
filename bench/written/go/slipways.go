package main

import (
	"fmt"
	"os"
	"strconv"
)

type Slip interface {
	Haul(weight float64) (float64, error)
	Name() string
}

type Cradle struct {
	name  string
	limit float64
	rate  float64
}

func (c *Cradle) Haul(weight float64) (⟪float64⟶float64, error⟫) {
	if weight > c.limit {
		return 0, fmt.Errorf("%s takes only %.1f", c.name, c.limit)
	}
	⟪price⟶price :=⟶var price =⟫ weight * c.rate
	return price, nil
}

func (c *Cradle) Name() string { return ⟪this.name⟶c.name⟫ }

func cheapest(slips []Slip, weight float64) (Slip, float64) {
	var best Slip
	lowest := -1.0
	for _, s := range slips {
		price, err := s.Haul(weight)
		if err != nil {
			continue
		⟪⟶}
		⟫if lowest < 0 || price < lowest {
			best = s
			lowest = price
		}
	}
	return best⟪⟶, lowest⟫
}

func main() {
	slips := []Slip{
		&Cradle{"east", 12, 40},
		&Cradle{name: "west", limit: 30, rate: 55}⟪⟶,⟫
	}
	weight, err := strconv.ParseFloat("10.5", 64)
	if err != nil {
		fmt.Println(err⟪;⟶)⟫
		os.Exit(1)
	}
	slip, price := cheapest(slips, weight)
	fmt.⟪println⟶Println⟫(slip.Name(), price)
}
