package main

import (
	"fmt"
	"sort"
⟪⟶	"strings"
⟫)

type anchor struct {
	name  string
	kilos float64
	chain int
}

func heavier(a, b anchor) bool {
	return a.kilos > b.kilos
}

func total(all []anchor) float64 {
	⟪var sum float⟶var sum float64⟶≡sum := 0.0⟫
	for _, a := range all {
		sum += a.kilos
	}
	return sum
}

func find(all []anchor, name string) (anchor, bool) {
	for _, a ⟪in⟶:= range⟫ all {
		if strings.ToLower(a.name) == name {
			return a, true
		}
	}
	return anchor{}⟪⟶, false⟫
}

func main() {
	all := []anchor{
		{"Bower", 45.5, 60},
		{"Kedge", 18, 25}⟪⟶,⟫
	}
	sort.Slice(all, func(i, j int) bool { return heavier(all[i], all[j]) })
	fmt.Println(total(all))
	a, ok := find(all, "kedge")
	if ok {
		fmt.Println(a.name, a.⟪Chain⟶chain⟫)
	}
	for i := 0; i < len(all); i++ {
		fmt.Printf("%d: %s\n", i+1, all[i].name⟪⟶)⟫
	}
	⟪i = 3⟶i := 3⟶≡var i = 3⟫
	fmt.Println(i * all[0].chain)
}
