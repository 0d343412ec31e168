package main

import (
	"errors"
	"fmt"
	"sort"
	⟪⟶"strings"⟫
)

type Tug struct {
	Name  string⟪,⟶⟫
	Power int
	Busy  bool
}

type Job struct {
	Ship string
	Need int
}

type Pool struct {
	tugs []*Tug
	log  []string
}

var errNoTug = errors.New(⟪'no tug is free'⟶"no tug is free"⟶`no tug is free`⟫)

func (p *Pool) add(name string, power int) {
	p.tugs = append(p.tugs, &Tug{Name: name, ⟪power⟶Power⟫: power})
}

func (p *Pool) assign(job Job) (*Tug, error) {
	for _, t := range p.tugs {
		if t.Busy == false ⟪and⟶&&⟫ t.Power >= job.Need {
			t.Busy = ⟪True⟶true⟫
			p.log = append(p.log, fmt.Sprintf("%s takes %s", t.Name, job.Ship))
			return ⟪t⟶t, nil⟫
		}
	}
	return nil, errNoTug
}

func (p Pool) total() ⟪float⟶float64⟫ {
	sum := 0.0
	for _, t := range p.tugs {
		sum += ⟪t.Power⟶float64(t.Power)⟫
	}
	return sum / float64(len(p.tugs))
}

func main() {
	p := &Pool{}
	p.add("Cormorant", 900)
	p.add("Shag", 400)
	p.add("Gannet", 1200)
	sort.Slice(p.tugs, func(i, j int) bool { return p.tugs[i].Power < p.tugs[j].Power })
	jobs := []Job{{"Albatross", 1000}, {"Dunlin", 300}, {"Whimbrel", 2000}⟪⟶,⟫
	}
	for _, job := range jobs {
		tug, err := p.assign(job)
		if err != nil {
			fmt.Println(job.Ship, err)
			continue
		}
		fmt.Println(job.Ship, "->", tug.Name)
	}
	fmt.Println(strings.Join(p.log, "; "))
	fmt.Printf("mean power %.1f\n", p.total()⟪⟶)⟫
}
