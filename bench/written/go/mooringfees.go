package main

import ⟪"fmt", "strings"⟶(
	"fmt"
	"strings"
)⟫

type Boat struct {
	name   string
	length ⟪double⟶float64⟫
	paid   ⟪boolean⟶bool⟫
}

type Fee struct {
	boat   ⟪Boat*⟶*Boat⟫
	amount int
}

func (b *Boat) label() string {
	return strings.⟪toUpper⟶ToUpper⟫(⟪this⟶b⟫.name)
}

func fee(b *Boat) int {
	⟪int base⟶base⟫ := 20
	if b.length > 12 {
		base = 45
	}⟪
	else⟶ else⟫ if b.paid {
		base = 0
	}
	return base
}

func total(fees []Fee) int {
	sum := 0
	for ⟪fee⟶_, fee⟫ := range fees {
		sum += fee.amount
	}
	return sum
}

func main() {
	boats := []*Boat{
		{name: "Gull", length: 9.5}, {name: "Smelt", length: 14, paid: ⟪True⟶true⟫}⟪⟶,⟫
	}
	var fees []Fee
	for _, b := range boats {
		⟪fees.append⟶fees = append⟫(⟪⟶fees, ⟫Fee{b, fee(b)})
		fmt.⟪println⟶Println⟫(b.label())
	}
	fmt.Println("total: " ⟪+⟶,⟫ total(fees))
}
