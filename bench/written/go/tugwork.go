package main

import (
	"errors"
	"fmt"
	"sort"
⟪⟶	"strings"⟫
)

type Tug struct {
	Name  string
	Power int
	jobs  []string⟪,⟶⟫
}

type ByPower []*Tug

func (b ByPower) Len() int { return len(b) }
func (b ByPower) Swap(i, j int) { ⟪b[i] = b[j], b[j] = b[i]⟶b[i], b[j] = b[j], b[i]⟫ }
func (b ByPower) Less(i, j int) bool { return b[i].Power < ⟪b[j]⟶b[j].Power⟫ }

func (t *Tug) Take(ship string) error {
	if len(t.jobs) > 2 {
		return ⟪error⟶errors.New⟫("tug is busy")
	}
	⟪t.jobs.append(ship)⟶t.jobs = append(t.jobs, ship)⟫
	return nil
}

func (t Tug) Report() string {
	return fmt.Sprintf("%s: %s", t.Name, strings.Join(t.jobs, ⟪','⟶","⟫))
}

func assign(tugs []*Tug, ships ⟪string[]⟶[]string⟫) int {
	done := 0
	for i, ship := range ships {
		tug := tugs[i%len(tugs)]
		if err := tug.Take(ship); err != ⟪null⟶nil⟫ {
			fmt.Println(err)
			continue
		}
		done++
	}
	return done
}

func main() {
	tugs := []*Tug{
		{Name: "Ox", Power: 900},
		{Name: "Ant", ⟪Power = 300⟶Power: 300⟫},
	}
	sort.Sort(⟪tugs⟶ByPower(tugs)⟫)
	n := assign(tugs, []string{"Tern", "Skua", "Gull"⟪⟶}⟫)
	fmt.Println("done", n)
	for _, t := range tugs {
		fmt.Println(t.Report()⟪⟶)⟫
	}
	⟪total = 0⟶total := 0⟶var total = 0⟫
	for _, t := range tugs {
		total += t.Power
	}
	fmt.Println(total)
}
