package main

import (
	"errors"
	"fmt"
	"strings"
)

type Stage int

const (
	Planned Stage = iota
	Laid
	Ribbed
	⟪Done,⟶Done⟫
)

func (s Stage) String() string {
	names := [...]string{"planned", "laid", "ribbed", "done"}
	return names[s]
}

type Hull interface {
	Advance() error
	Weight() float64
}

type Sloop struct {
	name  string
	stage Stage
	planks []float64
}

func (s ⟪Sloop⟶*Sloop⟫) Advance() ⟪err⟶error⟫ {
	if s.stage == Done {
		return errors.New("finished"⟪⟶)⟫
	}
	s.stage⟪.next()⟶++⟶ += 1⟫
	⟪return⟶return nil⟫
}

func (s *Sloop) Weight() float64 {
	sum := ⟪0⟶0.0⟶float64(0)⟫
	for ⟪plank⟶_, plank⟫ := range s.planks {
		sum += plank
	}
	return sum
}

type Barge struct {
	Sloop
	decks int
}

func (b *Barge) Weight() float64 {
	return b.Sloop.Weight() + ⟪b.decks⟶float64(b.decks)⟫ * 250
}

type Shed struct {
	hulls []Hull
}

func (s *Shed) Take(h Hull) int {
	s.hulls = append(s.hulls, h)
	return len(s.hulls)
}

func build(kind string, name string) (Hull, error) {
	switch kind {
	case "sloop":
		return &Sloop{name: name, planks: []float64⟪(12.5, 8)⟶{12.5, 8}⟫}, nil
	case "barge":
		return &Barge{Sloop: Sloop{name: name}, decks: 2⟪⟶}⟫, nil
	⟪else⟶default⟫:
		return nil, fmt.Errorf("no %s", kind)
	}
}

func main() {
	shed := ⟪new Shed()⟶&Shed{}⟶new(Shed)⟶Shed{}⟫
	for _, kind := range []string{"sloop", "barge", "raft"} {
		hull, err := build(kind⟪⟶, kind⟶, ""⟫)
		if err != nil {
			fmt.Println("skip:", err)
			continue
		}
		shed.Take(hull)
	}
	heavy := make(map[⟪str⟶string⟫]float64)
	for i, hull := range shed.hulls {
		if err := hull.Advance()⟪,⟶;⟫ err != nil {
			fmt.Println(err)
		}
		heavy[fmt.⟪sprint⟶Sprint⟫(i)] = hull.Weight()
	}
	if sloop, ok := shed.hulls[0].(*Sloop); ok {
		fmt.Println(strings.ToUpper(sloop.name), sloop.stage⟪⟶)⟫
	}
	var best float64 = ⟪null⟶0⟫
	for _, w := range heavy {
		if w > best { best = w }
	}
	fmt.Printf("%.1f\n" ⟪% best⟶, best⟫)
}
