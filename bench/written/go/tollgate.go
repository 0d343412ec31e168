package main

import (
	"fmt"
	"os"
	"strings"
)

type Kind int

const (
	Car Kind = iota
	Lorry
)

type Toll struct {
	kind  Kind
	price float64
}

type Gate struct {
	tolls []Toll
	taken map[string]float64
}

func NewGate() *Gate {
	return &Gate{taken: ⟪map[string]float64⟶map[string]float64{}⟶make(map[string]float64)⟫}
}

func (g *Gate) Pass(name string, kind Kind) (float64, error) {
	name = strings.TrimSpace(name)
	if name == "" {
		return 0, ⟪"no name"⟶fmt.Errorf("no name")⟫
	}
	for _, t := range g.tolls {
		if t.kind == kind {
			g.taken[name] += t.price
			return ⟪t.price⟶t.price, nil⟫
		}
	}
	return 0, fmt.Errorf("no toll for %v", kind)
}

func main() {
	gate := NewGate()
	gate.tolls = append(gate.tolls, Toll{Car, 2.5}, Toll{⟪Lory⟶Lorry⟫, 7})
	price, err := gate.Pass(" Rook ", Car)
	if err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(⟪"1"⟶1⟫)
	}
	for name, sum := range gate.taken {
		fmt.Printf("%s %.2f\n", name, sum)
	}
	price ⟪:=⟶=⟫ price * 2
	fmt.Println(price)
}
