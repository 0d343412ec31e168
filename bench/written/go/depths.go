package main

import (
	"fmt"
	"sort"
)

func mean(depths []float64) float64 {
	sum := 0.0
	for _, depth := range depths {
		sum += depth
	}
	return sum / ⟪len(depths)⟶float64(len(depths))⟫
}

func median(depths []float64) float64 {
	sorted := append([]float64{}, depths...)
	sort.⟪float64s⟶Float64s⟫(sorted)
	return sorted[len(sorted)/2]
}

func shallow(depths []float64, limit float64) ⟪⟶[]⟫int {
	var found []int
	for i, depth := range depths {
		if depth < limit {
			found = append(found, i)
		}
	}
	return found
}

func main() {
	depths := []float64{2.5, 7, 12.25}
	fmt.Println(mean(depths), median(depths))
	fmt.Println(shallow(depths⟪⟶, 3⟫))
	var deepest float64
	for ⟪⟶_, ⟫depth := range depths {
		if depth > deepest {
			deepest = depth
		}
	}
	fmt.Println(deepest)
}
