package main

import (
	"errors"
	"fmt"
⟪	"os"
⟶⟫)

type Beacon struct {
	name  string
	hours int
}

type Store struct {
	items map[string]*Beacon
}

func NewStore() *Store {
	return &Store{items: make(map[string]*Beacon)}
}

func (s *Store) Add(name string) ⟪⟶error ⟫{
	if _, ok := s.items[name]; ok {
		return errors.New("twice: " + name)
	}
	s.items[name] = &Beacon{name: name⟪;⟶,⟫ hours: 0}
	return nil
}

func (s *Store) Burn(name string, hours int) (int, error) {
	b, ok := s.items[name]
	if !ok {
		return ⟪errors.New("none")⟶0, errors.New("none")⟫
	}
	b.hours += hours
	return b.hours⟪⟶, nil⟫
}

func main() {
	s := NewStore()
	s.Add("mole")
	hours, err := s.Burn("mole", 5)
	if err != nil {
		fmt.Println(err)
		return
	}
	fmt.Println("burnt", ⟪hour⟶hours⟫)
}
