package main

import "fmt"

type Kind int

const (
	Bulk Kind = iota
	Crate
	Tank
)

⟪func Kind String()⟶func (k Kind) String()⟫ string {
	switch k {
	case Bulk:
		return "bulk"
	case Crate:
		return ⟪'crate'⟶"crate"⟫
	}
	return "tank"
}

type Item struct {
	Kind  Kind
	Tons  float64
	Notes []string
}

type Manifest struct {
	items map[string]⟪Item⟶*Item⟫
}

func (m *Manifest) Load(id string, kind Kind, tons float64) {
	if m.items == nil {
		m.items = make(map[string]*Item)
	}
	m.items[id] = &Item{Kind: kind, Tons: tons⟪⟶}⟫
}

func (m *Manifest) Note(id, text string) bool {
	item, ok := m.items⟪(id)⟶[id]⟫
	if ⟪not ⟶!⟫ok {
		return false
	}
	item.Notes = append(⟪text⟶item.Notes, text⟫)
	return true
}

func (m Manifest) Total() (total float64) {
	for _, item := range m.items {
		total += item.Tons
	}
	return
}

func main() {
	var m Manifest
	m.Load("a1", Crate, 2.5)
	m.Load("b7", ⟪"Bulk"⟶Bulk⟫, 40)
	m.Note("a1", "fragile")
	for id, item := range m.items {
		fmt.Println(id, item.Kind, len(item.Notes))
	⟪⟶}⟫
	fmt.Println(m.⟪total⟶Total⟫())
}
