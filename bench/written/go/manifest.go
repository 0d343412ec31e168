package main

import (
	"errors"
	"fmt"
	"sort"
⟪⟶	"strings"
⟫)

type Item struct {
	Name   string⟪,⟶⟫
	Crates int
	Weight float64
}

type Manifest struct {
	ship  string
	items []Item
}

func (m *Manifest) Add(name string, crates int, weight float64) error {
	if crates <= 0 {
		return errors.New("no crates of " + name)
	}
	m.items = append(m.items, Item{⟪name, crates⟶name, crates, weight⟫})
	return ⟪null⟶nil⟫
}

func (m *Manifest) Weight() float64 {
	total := 0.0
	⟪foreach⟶for⟫ _, item := range m.items {
		total += ⟪item.Crates⟶float64(item.Crates)⟫ * item.Weight
	}
	return total
}

func (m *Manifest) Sorted() []string {
	var names []string
	for _, item := range m.items {
		names = append(names, strings.ToUpper(item.Name))
	}
	sort.Strings(names)
	return names
}

func main() {
	m := &Manifest{ship: "Curlew"}
	if err := m.Add("rope", 4, 12.5); err != nil ⟪⟶{⟫
		fmt.Println(err)
	}
	m.Add("nets", 2, 30)
	fmt.Printf("%s carries %.1f kg\n", m.⟪Ship⟶ship⟫, m.Weight())
	for i, name := range m.Sorted() {
		fmt.Println(i+1⟪⟶,⟫ name)
	}
}
