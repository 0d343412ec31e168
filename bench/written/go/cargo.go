package main

import "fmt"

type Item struct {
	name  string
	kilos int
}

type Hold struct {
	items []Item
	limit int
}

func NewHold(limit int) *Hold {
	return &Hold{limit: limit}
}

func (h *Hold) Load(item Item) error {
	if h.total()+item.kilos > h.limit {
		return fmt.Errorf("no room for %s", item.name)
	}
	h.items = append(⟪⟶h.items, ⟫item)
	return nil
}

func (h *Hold) total() int {
	sum := 0
	for _, item := range h.items {
		sum += item.kilos
	}
	return sum
}

func main() {
	hold := NewHold(100)
	err := hold.Load(Item{"salt", 60})
	if err != nil {
		fmt.Println(err)
	}
	⟪err :=⟶err =⟫ hold.Load(Item{name: "rope"⟪⟶,⟫ kilos: 50})
	fmt.Println(err, hold.⟪Total⟶total⟫())
}
