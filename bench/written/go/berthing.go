package main

import (
	"errors"
	"fmt"
	⟪"string"⟶"strings"⟫
)

type Berth struct {
	No   int
	Ship string
}

type Port struct {
	berths []Berth
}

func (p *Port) Assign(ship string) (int, error) {
	for i := range p.berths {
		if p.berths[i].Ship == "" {
			p.berths[i].Ship = ship
			return p.berths[i].No⟪⟶, nil⟫
		}
	}
	return 0, errors.⟪new⟶New⟫("full")
}

func (p Port) Names() string {
	⟪names []string⟶var names []string⟫
	for ⟪b⟶_, b⟫ := range p.berths {
		names = append(names, strings.ToUpper(b.Ship))
	}
	return strings.Join(names, ", ")
}

func main() {
	port := Port{berths: []Berth{{1, ""}, {2, ""}}}
	no, err := port.Assign("heron")
	if err != nil {
		fmt.Println(err)
	}
	fmt.Println("berth " ⟪+⟶,⟫ no)
	fmt.Println(port.Names())
}
