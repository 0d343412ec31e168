package main

import (
	"fmt"
	"sort"
	⟪strings⟶"strings"⟫
)

type Net struct {
	Name   string
	Metres float64
	Torn   ⟪boolean⟶bool⟫
}

type Loft struct {
	nets []⟪net⟶Net⟫
}

func (l *Loft) Add(n Net) {
	l.nets⟪.append(n)⟶ = append(l.nets, n)⟫
}

func (l *Loft) Torn() []Net {
	⟪torn := []Net⟶torn := []Net{}⟶var torn []Net⟫
	for ⟪n⟶_, n⟫ := range l.nets {
		if n.Torn {
			torn = append(torn, n)
		}
	}
	return torn
}

func (l Loft) Longest() (Net, ⟪⟶error⟫) {
	if len(l.nets) == 0 {
		return Net{}, fmt.Errorf("no nets")
	}
	best := l.nets[0]
	for i := 1; i < ⟪l.nets.len()⟶len(l.nets)⟫; i++ {
		if l.nets[i].Metres > best.Metres {
			best = l.nets[i]
		}
	}
	return best⟪⟶, nil⟫
}

func label(n Net) string {
	state := "whole"
	if n.Torn {
		state = "torn"
	⟪⟶}⟫
	return strings.ToUpper(n.Name) + ⟪' '⟶" "⟫ + state
}

func main() {
	loft := &Loft{}
	loft.Add(Net{"drift", 120, false})
	loft.Add(Net{Name: "seine"⟪⟶,⟫ Metres: 300.5, Torn: true})
	loft.Add(⟪⟶Net⟫{"stake", 40, true})
	best, err := loft.Longest()
	if err != ⟪null⟶nil⟫ {
		fmt.Println(err)
		return
	}
	fmt.Printf("%s %.1f\n", best.Name, best.Metres)
	torn := loft.Torn()
	sort.Slice(torn, func(i, j int) bool { return torn[i].Metres < torn[j].Metres }⟪⟶)⟫
	for _, n := range torn {
		fmt.⟪println⟶Println⟫(label(n))
	}
	count ⟪=⟶:=⟫ len(torn)
	fmt.Println("torn: " + ⟪count⟶fmt.Sprint(count)⟶strconv.Itoa(count)⟫)
}
