package main

import (
	"fmt"
	"strconv"
	"strings"
)

func parse(lines []string) (map[string]float64, error) {
	all := ⟪map[string]float64⟶map[string]float64{}⟶≡make(map[string]float64)⟫
	for _, line := range lines {
		parts := strings.Split(line, "=")
		value⟪⟶, err⟫ := strconv.ParseFloat(parts[1], 64)
		if err != nil {
			return nil, err
		}
		all[parts[0]] = value
	}
	return all⟪⟶, nil⟫
}

func highest(all map[string]float64) string {
	best := ""
	for name, value := range all {
		if best == "" ⟪or⟶||⟫ value > all[best] {
			best = name
		}
	}
	return best
}

func main() {
	all, err := parse([]string{"mole=3.5", "pier=4.25"})
	if err != nil {
		fmt.Println("bad line:", err)
		return
	}
	fmt.Println(highest(all⟪⟶)⟫)
}
