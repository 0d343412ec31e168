package main

import (
	"fmt"
	"sort"
)

type Shift struct {
	Who   string
	Start int
	End   int
}

func (s Shift) Hours() ⟪Int⟶int⟫ {
	return s.End - s.Start
}

func sum(shifts []Shift) map[string]int {
	hours := ⟪map[string]int⟶map[string]int{}⟶≡make(map[string]int)⟫
	for _, s := range shifts {
		hours[s.Who] += s.Hours⟪⟶()⟫
	}
	return hours
}

func main() {
	shifts := []Shift{{"Berg", 6, 14}, {"Lund", 14, 22}, {"Berg", 22, 24}}
	hours := sum(shifts)
	names := []string{}
	for who⟪, hour⟶⟶≡, _⟫ := range hours {
		names = append(names, who)
	}
	sort.Strings(names)
	for _, who := range names {
		mean := float64(hours[who]) / ⟪len(shifts)⟶float64(len(shifts))⟫
		fmt.Printf("%s %d %.1f\n", who, hours[who], mean)
	}
	⟪return 0⟶⟫
}
