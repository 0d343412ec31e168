package main

import "fmt"

type Rank int

const (
	Deckhand Rank = iota
	Mate
	Captain
)

type Sailor struct {
	Name  string
	Rank  Rank
	Hours int
}

func (r Rank) String() string {
	switch r {
	case Captain:
		return "captain"
	case Mate:
		return "mate"
	default:
		return "deckhand"
	}
}

func average(crew []Sailor) float64 {
	if len(crew) == 0 {
		return 0
	}
	sum := 0
	for _, one := range crew {
		sum += one.Hours
	}
	return float64(sum) / float64(len(crew))
}

func main() {
	crew := []Sailor{
		{"Okke", Captain, 38},
		{"Tjark", Mate, 41},
		{"Wiebke", Deckhand, 29},
	}
	for _, one := range crew {
		fmt.Printf("%-10s %s\n", one.Name, one.Rank)
	}
	fmt.Printf("on average %.1f hours\n", average(crew))
}
