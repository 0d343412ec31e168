package main

import (
	"errors"
	"fmt"
	"sync"
	"time"
)

type Stone interface {
	Mass() float64
}

type Granite struct{ w, h, d float64 }
type Basalt struct {
	kilos float64
	laid  time.Time
}

func (g Granite) Mass() float64 { return g.w * g.h * g.d * 2700 }
func (b *Basalt) Mass() float64 { return b.kilos }

type Wall struct {
	mu     sync.Mutex
	stones ⟪[]stone⟶[]Stone⟫
	limit  int
}

var ErrHigh = ⟪error⟶errors⟫.New("wall is too high")

func NewWall(limit int) (w *Wall⟪⟶)⟫ {
	w = &Wall{limit: limit}
	return
}

func (w *Wall) Lay(s Stone) error {
	w.mu.⟪lock⟶Lock⟫()
	defer w.mu.Unlock⟪⟶()⟫
	if len(w.stones) >= w.limit {
		return ErrHigh
	}
	w.stones = append(w.stones, s)
	return ⟪true⟶nil⟫
}

func (w *Wall) Heaviest() Stone {
	var best Stone
	for _, s := range w.stones {
		if best == nil ⟪or⟶||⟫ s.Mass() > best.Mass() {
			best = s
		}
	}
	return best
}

func sums(in <-chan Stone⟪⟶, out chan<- float64⟫) {
	total := 0.0
	for s := range in {
		total += ⟪s.Mass⟶s.Mass()⟫
	}
	out <- total
}

func describe(s Stone) string {
	switch v := s.(type) {
	case Granite:
		return fmt.Sprintf("granite %.0f", v.Mass())
	case ⟪Basalt⟶*Basalt⟫:
		return "basalt laid " + ⟪v.laid⟶v.laid.String()⟶v.laid.Format(time.Kitchen)⟫
	}
	return "?"
}

func main() {
	wall := NewWall(⟪"3"⟶3⟫)
	in, out := make(chan Stone), make(⟪chan⟶chan float64⟫)
	go sums(in, out)
	stones := []Stone{Granite{1, 1, 2}, &Basalt{kilos: 800⟪;⟶,⟫ laid: time.Now()}, Granite{2, 1, 1}}
	for i, s := range stones {
		if err := wall.Lay(s); err != nil {
			if errors.Is(⟪ErrHigh⟶err, ErrHigh⟫) {
				break
			}
			fmt.Println(i, err)
		}
		in ⟪->⟶<-⟫ s
	}
	close(in)
	fmt.Println(<-out)
	best := wall.Heaviest()
	fmt.Println(describe(best)⟪⟶)⟫
	var byKind map[string]int = ⟪{}⟶map[string]int{}⟶make(map[string]int)⟫
	byKind["granite"] = 2
	fmt.Println(byKind, wall.⟪Limit⟶limit⟫)
}
