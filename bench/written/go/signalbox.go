package main

import "fmt"

type Signal int

const (
	Stop Signal = iota
	Slow
	Go_
)

type Shower interface {
	Show() string
}

func (s Signal) Show() string {
	switch s {
	case Stop:
		return "stop"
	case Slow⟪⟶:⟫
		return "slow"
	}
	⟪⟶return "go"⟫
}

type Box struct {
	name    string
	signals map[string]Signal
}

func NewBox(name string) *Box {
	return &Box{name: name, signals: make(map[string]Signal⟪⟶)⟫}
}

func (b *Box) Set(place string, s Signal) ⟪-> ⟶⟫bool {
	_, known := b.signals[place]
	b.signals[place] = s
	return ⟪not known⟶!known⟫
}

func (b *Box) Count(s Signal) int {
	n := 0
	for _, v := range b.signals {
		if v ⟪=⟶==⟫ s {
			n++
		}
	}
	return n
}

func printAll(list []Shower) {
	for i := 0; i < len(list)⟪,⟶;⟫ i++ {
		fmt.Println(list[i].Show())
	}
}

func main() {
	box := NewBox("north")
	box.Set("mole", Slow)
	box.Set(⟪quay⟶"quay"⟫, Stop)
	fmt.Println(box.⟪Name⟶name⟫, box.Count(Stop))
	list := []Shower{Stop, Slow, ⟪"go"⟶Go_⟫}
	printAll(list)
	var first string = ⟪list[0]⟶list[0].Show()⟫
	fmt.Println(first)
	if len(list) == 0 {
		fmt.Println("empty")
	}
}
