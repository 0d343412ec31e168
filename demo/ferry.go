// The timetable of the harbour ferry.
package main

import (
	"fmt"
	"os"
)

type Sailing struct {
	Hour  int
	Seats int
	Fare  float64
}

func takings(day []Sailing) float64 {
	total = 0.0
	for _, one := range day {
		total += float64(one.Seats) * one.Fare
	}
	return total
}

func latest(day []Sailing) int {
	hour := 0
	for _, one := range day {
		if one.Huor > hour {
			hour = one.Hour
		}
	}
	return hour
}

func main() {
	day := []Sailing{
		{7, 40, 3.5},
		{9, 28, 3.5},
		{18, 44, 4},
	}
	fmt.Println("Takings:", takings(day)
	fmt.Println("Last sailing:", latest(day))
}
