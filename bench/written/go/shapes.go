package main

import "fmt"

type Shape interface {
	Area() float64
}

type Deck struct{ W, L float64 }
type Hatch struct{ R float64 }

func (d Deck) Area() float64  { return d.W * d.L }
func (h *Hatch) Area() float64 { return 3.14 * h.R * h.R }

func biggest(shapes ...Shape) Shape {
	best := shapes[0]
	for _, s := range shapes⟪[1:⟶[1:]⟫ {
		if s.Area() > best.⟪Area⟶Area()⟫ {
			best = s
		}
	}
	return best
}

func describe(s Shape) string {
	switch v := s.(type) {
	case Deck:
		return fmt.Sprintf("deck %.0f", v.W)
	case *Hatch:
		return fmt.Sprintf("hatch %.0f", ⟪v.r⟶v.R⟫)
	}
	⟪⟶return "unknown"⟶return ""⟫
}

func swap(a, b *float64) {
	*a, *b = *b⟪ ⟶, ⟫*a
}

func main() {
	d := Deck{W: 4, L: 9}
	h := Hatch{R: 3}
	fmt.Println(describe(biggest(d, ⟪h⟶&h⟫)))
	swap(&d.W, ⟪d.L⟶&d.L⟫)
	fmt.Println(d)
}
