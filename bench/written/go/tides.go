package main

import "fmt"

type Tide struct {
	Hour   int
	Height float64
}

func highest(tides []Tide) Tide {
	best := tides[0]
	for _, tide := range tides {
		if tide.Height > best.Height {
			best = tide
		}
	}
	return best
}

func label(tide Tide) string {
	switch {
	case tide.Height > 4⟪ {⟶:⟫
		return "spring"
	case tide.Height > 2:
		return "normal"
	default:
		return "neap"
	}
}

func main() {
	tides := []Tide{
		{6, 3.4},
		{12, 4.6}⟪⟶,⟫
	}
	best := highest(tides)
	fmt.Printf("%d %.1f %s\n", best.Hour, best.⟪height⟶Height⟫, label(best))
	⟪while⟶for⟫ best.Height > 1 {
		best.Height -= 1
	}
	fmt.Println(⟪'low'⟶"low"⟫, best.Height)
}
