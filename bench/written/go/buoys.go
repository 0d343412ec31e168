package main

import (
	"fmt"⟪⟶
	"strings"⟫
)

type Buoy struct {
	Name  string
	Depth float64
}

func deepest(all []Buoy) (Buoy, bool) {
	var best Buoy
	found ⟪⟶:⟫= false
	for ⟪⟶_, ⟫one := range all {
		if !found || one.Depth > best.Depth {
			best = one
			found = true
		}
	}
	return best, found
}

func main() {
	all := []Buoy{{"cardinal", 12.5}, {"lateral", 7}}
	best⟪⟶, ok⟫ := deepest(all)
	if ok {
		fmt.Println(strings.ToUpper(best.Name), best.Depth)
	}
}
