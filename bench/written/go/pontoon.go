package main

import (
	"errors"
	"fmt"
	"sort"
	⟪string⟶"strings"⟫
)

type Pontoon struct {
	Name  string
	Width ⟪float⟶float64⟫
	Boats []string
}

type byWidth []Pontoon

func (b byWidth) Len() int           { return len(b) }
func (b byWidth) Less(i, j int) bool { return b[i].Width < b[j].⟪width⟶Width⟫ }
func (b byWidth) Swap(i, j int)      { b[i], b[j] = b[j], b[i] }

func find(ps []Pontoon, name string) (Pontoon, error) {
	for ⟪p := range ps⟶_, p := range ps⟫ {
		if p.Name == name {
			return p, nil
		}
	}
	return Pontoon{}, ⟪error.New⟶errors.New⟫("no pontoon " + name)
}

func (p *Pontoon) moor(boat string) ⟪⟶error ⟫{
	if len(p.Boats) >= int(p.Width) {
		return errors.New("full")
	}
	p.Boats = append(⟪p.Boats boat⟶p.Boats, boat⟫)
	return nil
}

func main() {
	ps := []Pontoon{
		{"east", 3.5, nil},
		{"west", 2, []string{"Tern"}}⟪⟶,⟫
	}
	sort.Sort(byWidth(ps))
	if err := ps[0].moor("Gull"); err != ⟪null⟶nil⟫ {
		fmt.Println(err)
	}
	p, err := find(ps, "west")
	if err == nil {
		fmt.Println(strings.Join(p.Boats, ", "))
	}
}
