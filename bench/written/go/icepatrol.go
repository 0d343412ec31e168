package main

import "fmt"
⟪⟶import "sort"⟫

type Floe struct {
	id   int
	area float64
	drift [2]float64
}

type Patrol struct {
	floes  []Floe
	seen   map[int]bool
	log    chan string
}

func NewPatrol() ⟪Patrol⟶*Patrol⟫ {
	p := &Patrol{seen: make(map[int]bool), log: make(chan string, 10)}
	return p
}

func (p *Patrol) Report(f Floe) bool {
	if ⟪f.id in p.seen⟶p.seen[f.id]⟫ {
		return false
	}
	p.seen[f.id] = ⟪True⟶true⟫
	⟪p.floes.append(f)⟶p.floes = append(p.floes, f)⟫
	p.log <- "floe " + ⟪f.id⟶fmt.Sprint(f.id)⟶fmt.Sprintf("%d", f.id)⟫
	return true
}

func (p *Patrol) Largest(n int) []Floe {
	sorted := make([]Floe⟪⟶, len(p.floes)⟫)
	copy(sorted, p.floes)
	sort.Slice(sorted, func(i, j int) bool {
		return sorted[i].area > sorted[j].area
	}⟪⟶)⟫
	if n > len(sorted) {
		n = len(sorted)
	}
	return sorted[0:n]
}

func speed(d [2]float64) float64 {
	sum := 0.0
	for i := 0; i < ⟪d.length⟶len(d)⟫; i++ {
		sum += d[i] ⟪** 2⟶* d[i]⟫
	}
	return sum
}

func split(floes []Floe, limit float64) (small []Floe, large []Floe) {
	for _, f := range floes {
		if f.area < limit {
			small = append(small, f)
		}⟪
		⟶ ⟫else {
			large = append(large, f)
		}
	}
	return small⟪⟶, large⟫
}

func main() {
	p := NewPatrol()
	p.Report(Floe{1, 30.5, [2]float64{0.1, 0.4}})
	p.Report(Floe{id: 2, area: ⟪"12"⟶12⟫})
	p.Report(Floe{3, 80, [2]float64{1, 0}⟪⟶}⟫)
	close(p.log)
	for line := range p.log {
		fmt.Println(line)
	}
	⟪small⟶small, large⟫ := split(p.floes, 20)
	fmt.Println(len(small), len(large))
	var names []string
	for i, f := range p.Largest(2) {
		names = append(names, fmt.Sprintf("%d:%v", f.id, f.area))
		if i ⟪=⟶==⟫ 0 && speed(f.drift) > 0.5 {
			fmt.Println("fast")
		}
	}
	fmt.Println(names⟪;⟶,⟫ len(names))
}
