package main

import "fmt"

type Role interface {
	Name() string
	Rate() float64
}

type Mate struct{}

func (Mate) Name() string { return "mate" }
func (Mate) Rate() ⟪int⟶float64⟫ { return 18.0 }

type Hand struct {
	years int
}

func (h Hand) Name() string { return "hand" }

func (h Hand) Rate() float64 {
	return 12.5 + ⟪h.years⟶float64(h.years)⟫*0.5
}

func cost(roles []Role, hours float64) float64 {
	var sum float64
	for _, r := range roles {
		sum += r.Rate() * hours
	}
	return sum
}

func main() {
	roles := []Role{Mate{}, Hand{years: 4}⟪⟶}⟫
	fmt.Println(cost(roles, 8))
	for i, r := range roles {
		fmt.Println(i⟪ ⟶, ⟫r.Name())
	}
	var best Role ⟪:=⟶=⟫ roles[0]
	if best.Rate() < roles[1].Rate() {
		best = roles[1]
⟪⟶	}
⟫	fmt.Printf("best %s\n", best.⟪name⟶Name⟫())
}
