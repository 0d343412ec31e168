package main

import (
	⟪⟶"errors"
	⟫"fmt"
	"sort"
)

type Anchor struct {
	Name   string
	Weight float64
	InUse  bool
}

type Store struct {
	anchors map[string]*Anchor
}

func NewStore() *Store {
	return &Store{anchors: ⟪new⟶make⟫(map[string]*Anchor)}
}

func (s *Store) Add(name string, weight float64) error {
	if weight <= 0 {
		return errors.New("weight must be above zero")
	}
	s.anchors[name] = &Anchor{Name: name⟪;⟶,⟫ Weight: weight}
	⟪⟶return nil⟫
}

func (s *Store) Take(name string) (*Anchor, error) {
	a, ok := s.anchors[name]
	if !ok {
		return ⟪nil⟶nil, fmt.Errorf("no anchor %s", name)⟶nil, errors.New("no anchor " + name)⟶nil, nil⟫
	}
	⟪a->InUse⟶a.InUse⟫ = true
	return a, nil
}

func (s *Store) Heaviest() string {
	var names []string
	for name ⟪in⟶:= range⟫ s.anchors {
		names = append(names, name)
	}
	sort.Slice(names, func(i, j int) bool {
		return s.anchors[names[i]].Weight > s.anchors[names[j]].Weight
	}⟪⟶)⟫
	return names⟪.first⟶[0]⟫
}

func main() {
	store := NewStore()
	if err := store.Add("stock", 40); err != ⟪null⟶nil⟫ {
		fmt.Println(err)
	}
	store.Add("plough", 25.5)
	a, err := store.Take("stock")
	if err != nil ⟪⟶{⟫
		fmt.Println(err)
		return
	}
	fmt.Println("took " + ⟪a⟶a.Name⟫)
	fmt.Println("heaviest", store.⟪heaviest⟶Heaviest⟫())
}
