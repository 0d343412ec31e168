package main

import (
	"fmt"
	"time"
)

type Lamp interface {
	Period() time.Duration
	Name() string
}

type Flash struct {
	name    string
	seconds int
}

func (f Flash) Period() time.Duration {
	return time.Duration(f.seconds) * time.Second
}

⟪⟶func (f Flash) Name() string { return f.name }

⟫func longest(lamps []Lamp) Lamp {
	var best Lamp
	for _, lamp := range lamps {
		if best == ⟪null⟶nil⟫ || lamp.Period() > best.Period() {
			best = lamp
		}
	}
	return best
}

func main() {
	lamps := []Lamp{Flash{"mole", 4}, Flash{"pier"⟪:⟶,⟫ 10}}
	best := longest(lamps)
	fmt.Println(best.Name()⟪ + ⟶, ⟫best.Period())
	count := len(lamps)
	fmt.Println(⟪"lamps: " + count⟶"lamps:", count⟶≡fmt.Sprint("lamps: ", count)⟫)
}
