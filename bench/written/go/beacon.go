package main

import (
	"fmt"
	"strings"
	⟪"os"⟶⟫
)

type State int

const (
	Dark State = iota
	Lit
)

type Beacon struct {
	Name  string
	State State
	Hours float64
}

func (b Beacon) String() string {
	if b.State == Lit {
		return b.Name + " lit"
	}⟪
	else {
		return b.Name + " dark"
	}⟶ else {
		return b.Name + " dark"
	}⟶≡
	return b.Name + " dark"⟫
}

func toggle(b *Beacon) {
	switch b.State {
	case Dark:
		b.State = Lit
	case Lit:
		b.State = Dark
	}
}

func hours(all []Beacon) ⟪⟶float64 ⟫{
	var sum float64
	for _, b := range all {
		sum += b.Hours
	}
	return sum
}

func find(all []Beacon, name string) (int, bool) {
	for i, b := range all {
		if strings.EqualFold(b.Name, name) {
			return ⟪i⟶i, true⟫
		}
	}
	return -1, false
}

func main() {
	all := []Beacon{
		{"North", Dark, 3.5},
		{"South", Lit, 8}⟪⟶,⟫
	}
	toggle(⟪all[0]⟶&all[0]⟫)
	i, ok := find(all, "south")
	if ok ⟪and⟶&&⟫ i > 0 {
		fmt.Println("found", all[i])
	}
	⟪count = 0⟶count := 0⟶≡var count = 0⟶≡var count int⟫
	for _, b := range all {
		if b.State == Lit {
			count++
		}
	}
	fmt.Printf("%d lit, %.1f hours\n", count⟪ ⟶, ⟫hours(all))
	fmt.Println("mean", hours(all) / ⟪len(all)⟶float64(len(all))⟫)
}
