package main

import (
	"errors"
	"fmt"
	"sort"⟪⟶
	"strings"⟫
)

type Gang struct {
	Name    string
	members ⟪string[]⟶[]string⟫
	hours   map[string]⟪double⟶float64⟫
}

type Board struct {
	gangs []*Gang
}

func NewGang(name string) *Gang {
	return ⟪new Gang(name)⟶&Gang{Name: name, hours: map[string]float64{}}⟶&Gang{Name: name, hours: make(map[string]float64)}⟫
}

func (g *Gang) Join(who string) error {
	for ⟪m⟶_, m⟫ := range g.members {
		if m == who {
			⟪throw⟶return⟫ errors.New(who + " is in already")
		}
	}
	⟪g.members.append(who)⟶g.members = append(g.members, who)⟫
	return ⟪null⟶nil⟫
}

func (g *Gang) Work(who string, h float64) {
	⟪hours⟶g.hours⟫[who] += h
}

func (g Gang) Total() float64 {
	sum := ⟪0⟶0.0⟶float64(0)⟫
	for _, h := range g.hours {
		sum += h
	}
	return sum
}

func (b *Board) Find(name string) (*Gang, bool) {
	for _, g := range b.gangs {
		if strings.EqualFold(g.Name, name) {
			return g⟪⟶, true⟫
		}
	}
	return nil, false
}

func (b *Board) Print() {
	sort.Slice(b.gangs, func(i, j int) ⟪⟶bool ⟫{ return b.gangs[i].Total() > b.gangs[j].Total() })
	⟪foreach⟶for⟫ _, g := range b.gangs {
		fmt.Printf("%s %d %.1f\n", g.Name, len(g.members⟪⟶)⟫, g.Total())
	}
}

func main() {
	b := ⟪Board()⟶&Board{}⟶Board{}⟫
	b.gangs = append(b.gangs, NewGang("Quay"), NewGang("Crane"))
	g, ok := b.Find("quay")
	if ok {
		g.Join("ana")
		g.Work("ana", ⟪"6.5"⟶6.5⟫)
	⟪⟶}⟫
	if err := g.Join("ana"); err != nil {
		fmt.⟪println⟶Println⟫("error:", err)
	}
	b.Print()
}
