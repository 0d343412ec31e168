package main

import (
	"errors"
	"fmt"
	"sort"
	"strings"
)

type Kind int

const (
	Tug Kind = iota
	Ferry
)

type Boat struct {
	Name   string
	Kind   Kind
	Length float64
	days   []int
}

type Payer interface {
	Fee(rate float64) float64
}

func NewBoat(name string, kind Kind, length float64) *Boat {
	return &Boat{Name: name, Kind: kind, Length: length}
}

func (b *Boat) Fee(rate float64) float64 {
	return rate * b.Length * float64(len(b.days))
}

func (b *Boat) Stay(days int) error {
	if days <= 0 {
		return errors.New("no days")
	}
	b.days = append(b.days, days)
	return nil
}

func longest(boats []*Boat) (*Boat, bool) {
	if len(boats) == 0 {
		return nil, false
	}
	best := boats[0]
	for _, boat := range boats {
		if boat.Length > best.Length {
			best = boat
		}
	}
	return best, true
}

func total(payers []Payer, rate float64) float64 {
	sum := 0.0
	for i := 0; i < len(payers); i++ {
		sum += payers[i].Fee(rate)
	}
	return sum
}

func count(boats []*Boat) map[Kind]int {
	counts := make(map[Kind]int)
	for _, boat := range boats {
		counts[boat.Kind]++
	}
	return counts
}

func text(kind Kind) string {
	switch kind {
	case Tug:
		return "tug"
	default:
		return "ferry"
	}
}

func main() {
	boats := []*Boat{NewBoat("Auk", Tug, 9.5), NewBoat("Skua", Ferry, 24)}
	if err := boats[0].Stay(3); err != nil {
		fmt.Println(err)
		return
	}
	sort.Slice(boats, func(i, j int) bool { return boats[i].Length < boats[j].Length })
	best, ok := longest(boats)
	if ok {
		fmt.Printf("%s %s\n", strings.ToUpper(best.Name), text(best.Kind))
	}
	payers := []Payer{boats[0], boats[1]}
	fmt.Println(total(payers, 1.5), len(count(boats)))
	var rounds int
	for rounds < 3 {
		rounds++
	}
}
