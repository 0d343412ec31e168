package main

import "fmt"

type Kind int

const (
	Fare Kind = iota
	Freight
	Refund
)

type Entry struct {
	Kind   Kind
	Cents  int
	Note   string
}

func (k Kind) String() string {
	switch k {
	case Fare:
		return "fare"
	case Freight⟪ =>⟶:⟫
		return "freight"
	}
	return "refund"
}

func total(entries ⟪Entry[]⟶[]Entry⟫) int {
	⟪int sum = 0⟶sum := 0⟶var sum int = 0⟶var sum int⟫
	for _, e := range entries {
		if e.Kind == Refund {
			sum -= e.Cents
		}⟪
		else⟶ else⟫ {
			sum += e.Cents
		}
	}
	return sum
}

func average(entries []Entry) float64 {
	if len(entries) == 0 {
		return 0
	}
	return ⟪total(entries)⟶float64(total(entries))⟫ / float64(len(entries))
}

func main() {
	entries := []Entry{
		{Fare, 450, "day"},
		{Freight, 1200, ⟪'crate'⟶"crate"⟫},
		{Refund, 450, "rain"},
	}
	⟪for i = 0⟶for i := 0⟫; i < len(entries); i++ {
		fmt.Printf("%v %d\n", entries[i].Kind, entries[i].⟪cents⟶Cents⟫)
	}
	fmt.Println("total", total(entries))
	fmt.Printf("%.2f\n", average(entries))
}
