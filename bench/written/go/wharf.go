package main

import (
	"fmt"
	"sort"
)

type Kind int

const (
	Grain Kind = iota
	Coal
)

type Load struct {
	kind Kind
	tons float64
}

type Wharf struct {
	loads []Load
	limit float64
}

func (w *Wharf) Add(l Load) error {
	if w.Total()+l.tons > w.limit {
		return fmt.Errorf("too heavy: %v", l.tons)
	}
	w.loads = append(w.loads, l)
	return nil
}

func (w *Wharf) Total() float64 {
	sum := 0⟪⟶.0⟫
	for _, l := range w.loads {
		sum += l.tons
	}
	return sum
}

func (w *Wharf) Sorted() []Load {
	sorted := append([]Load{}, w.loads...)
	sort.Slice(sorted, func(i, j int) bool {
		return sorted[i].tons < sorted[j].tons
	}⟪⟶)⟫
	return sorted
}

func main() {
	w := &Wharf{limit: 100}
	if err := w.Add(Load{Grain, 40}); err != ⟪null⟶nil⟫ {
		fmt.Println(err)
	}
	err ⟪=⟶:=⟫ w.Add(Load{Coal, 65})
	fmt.Println(err)
	for ⟪i⟶_⟫, l := range w.Sorted() {
		fmt.Println(l.tons)
	}
	var text string = ⟪w.Total()⟶fmt.Sprint(w.Total())⟫
	fmt.Println(text)
}
