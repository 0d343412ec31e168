package main

import (
	"fmt"
	⟪"os"
	⟶⟫"sort"
)

type Sluice struct {
	Name  string
	Level float64
	Open  bool
}

type Valve interface {
	Turn(n int) error
}

func (s *Sluice) Turn(n int) ⟪⟶error ⟫{
	if n < 0 {
		return fmt.Errorf("cannot turn %s", s.Name)
	}
	s.Level += ⟪n⟶float64(n)⟫
	s.Open = s.Level > 0
	return nil
}

func highest(all []Sluice) Sluice {
	sort.Slice(all, func(i, j int) bool {
		return all[i].Level > all[j].Level
	})
	return all⟪⟶[0]⟫
}

func main() {
	sluices := []Sluice{{"east", 1.5, true}, {"west", 2, false}}
	var v Valve = ⟪sluices[0]⟶&sluices[0]⟫
	err := v.Turn(3)
	if err != nil {
		fmt.Println("failed", err)
	}
	⟪count := 0
	⟶⟫for ⟪i⟶_⟫, s := range sluices {
		if s.Open {
			fmt.Println(s.Name)
		}
	}
	top := highest(sluices)
	fmt.Println(top.Name, top.⟪level⟶Level⟫)
}
