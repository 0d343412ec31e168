package main

import "fmt"

const needed = 2.0

func deepEnough(level float64) bool {
	return level >= needed
}

func openHours(levels []float64) []int {
	hours := []int{}
	for hour, level := range levels {
		if deepEnough(level) {
			hours = append(hours, hour)
		}
	}
	return hours
}

func highest(levels []float64) (hour int, level float64) {
	for i, one := range levels {
		if i == 0 || one > level {
			hour = i
			level = one
		}
	}
	return hour, level
}

func main() {
	levels := []float64{0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4}
	open := openHours(levels)
	hour, level := highest(levels)
	fmt.Println("open at", open)
	fmt.Printf("highest at %d: %.1f\n", hour, level)
	word := "poor"
	if len(open) > 3 {
		word = "good"
	}
	fmt.Println("A " + word + " day for sailing")
}
