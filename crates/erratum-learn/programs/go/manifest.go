package main

import (
	"fmt"
	"sort"
)

type crate struct {
	label   string
	weight  float64
	fragile bool
}

type manifest []crate

func (m manifest) weight() float64 {
	sum := 0.0
	for _, one := range m {
		sum += one.weight
	}
	return sum
}

func (m manifest) warnings(limit float64) []string {
	var found []string
	if m.weight() > limit {
		found = append(found, fmt.Sprintf("too heavy by %.0f", m.weight()-limit))
	}
	for _, one := range m {
		if one.fragile {
			found = append(found, one.label+" is fragile")
		}
	}
	return found
}

func main() {
	cargo := manifest{
		{"glass", 80, true},
		{"sand", 900, false},
		{"rope", 35, false},
	}
	sort.Slice(cargo, func(i, j int) bool {
		return cargo[i].weight > cargo[j].weight
	})
	fmt.Println("heaviest:", cargo[0].label)
	for _, line := range cargo.warnings(1000) {
		fmt.Println("!", line)
	}
}
