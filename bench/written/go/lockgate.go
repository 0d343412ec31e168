package main

import "fmt"

type State int

const (
	Open State = ⟪itoa⟶iota⟫
	Closed
	Moving
)

func (s State) String() string {
	switch s {
	case Open:
		return "open"
	case Closed⟪⟶:⟫
		return "closed"
	default:
		return "moving"
	}
}

type Gate struct {
	state State
	level float64
}

func NewGate() *Gate {
	return ⟪Gate⟶&Gate⟫{state: Closed⟪ ⟶, ⟫level: 1.5}
}

func (g *Gate) Toggle() bool {
	if g.state == Moving {
		return ⟪False⟶false⟫
	}
	if g.state == Open {
		g.state = Closed
	} ⟪
	⟶⟫else {
		g.state = Open
	}
	return true
}

func main() {
	gate := NewGate()
	ok := gate.Toggle()
	fmt.Println(ok, gate.state)
	level := 2
	⟪gate.level := 2⟶gate.level = 2⟫
	fmt.Println(gate.level * ⟪level⟶float64(level)⟫)
}
