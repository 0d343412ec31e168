package main

import (
	"fmt"
	"math"
)

const (
	base    = 3.5
	perZone = 1.25
)

func fare(zones int, child bool) float64 {
	full := base + perZone*float64(zones)
	if child {
		return full / 2
	}
	return full
}

func group(sizes []int, zones int) float64 {
	total := 0.0
	for _, size := range sizes {
		total += float64(size) * fare(zones, false)
	}
	if total > 100 {
		total = total * 0.9
	}
	return math.Round(total*100) / 100
}

func main() {
	for zones := 1; zones <= 4; zones++ {
		fmt.Printf("%d zones: %.2f, children %.2f\n", zones, fare(zones, false), fare(zones, true))
	}
	sizes := []int{4, 7, 12}
	fmt.Println("groups:", group(sizes, 2))
}
