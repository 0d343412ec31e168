package main

import "fmt"

type Barge interface {
	Load(tons int) error
	Free() int
}

type Hopper struct {
	cap, used int
}

func (h *Hopper) Load(tons int) error {
	if h.used+tons > h.cap {
		return ⟪"too heavy"⟶fmt.Errorf("too heavy")⟫
	}
	h.used += tons
	⟪⟶return nil⟫
}

func (h *Hopper) Free() int { return h.cap - h.used }

type Hire struct {
	Barge
	days  int
	price float64
}

func (h Hire) Cost() float64 {
	⟪int days := h.days⟶days := h.days⟫
	if days > 7 {
		return float64(days) * h.price * 0.9
	}⟪
	else⟶ else⟫ {
		return float64(days) * h.price
	}
}

func total(hires []Hire) float64 {
	sum := 0.0
	for ⟪i⟶_⟫, h := range hires {
		sum += h.Cost()
	}
	return sum
}

func best(hires ...*Hire) *Hire {
	var b *Hire
	for _, h := range hires {
		if b == nil || h.Cost() < ⟪b.Cost⟶b.Cost()⟫ {
			b = h
		}
	}
	return b
}

func main() {
	hires := []Hire{
		{Barge: &Hopper{cap: 40}, days: 3, price: 120},
		{Barge: ⟪Hopper{cap: 60}⟶&Hopper{cap: 60}⟫, days: 9, price: 100.5},
	}
	err := hires[0].Load(12)
	⟪err :=⟶err =⟫ hires[1].Load(70)
	if err != nil {
		fmt.Println("not loaded:", ⟪err.message⟶err⟶err.Error()⟫)
	}
	var days int = ⟪2.5⟶2⟶3⟫
	hires[0].days += days
	fmt.Printf("%.2f\n", total(hires))
	b := best(⟪hires[0]⟶&hires[0]⟫, &hires[1])
	fmt.Println(b.days, b.Free()⟪⟶)⟫
}
