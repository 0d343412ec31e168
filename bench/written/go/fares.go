package main

import (
	"fmt"
	⟪"os"⟶⟫
)

const child = 0.5

func price(zone string, people int) float64 {
	base := 2.5
	if zone == "outer" {
		base = 4.0
	}
	return base * ⟪people⟶float64(people)⟫
}

func family(adults, children int) float64 {
	full := price("inner", adults)
	half := price("inner", children) * child
	return full + half
}

func main() {
	var total float64 = family(2, 1)
	⟪string note⟶note⟫ := "family"
	fmt.Println(note, total)
	for i := 0; i < 3; ⟪++i⟶i++⟫ {
		fmt.Println(i, price("outer", i))
	}
}
