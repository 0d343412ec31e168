package main

import "fmt"

type Leg interface {
	Miles() float64
}

type Reach struct{ miles float64 }
type Beat struct {
	miles float64
	tacks int
}

func (r Reach) Miles() float64 { return r.miles }
func (b *Beat) Miles() float64 { return b.miles * 1.4 }

func total(legs []Leg) float64 {
	⟪sum = 0.0⟶sum := 0.0⟶≡var sum = 0.0⟶≡var sum float64⟫
	for i := 0; i < ⟪legs.length⟶len(legs)⟫; i++ {
		sum += legs[i]⟪.Miles⟶.Miles()⟫
	}
	return sum
}

func hours(miles float64, knots int) float64 {
	return miles / ⟪knots⟶float64(knots)⟫
}

func tacks(legs []Leg) ⟪⟶int ⟫{
	n := 0
	for _, leg := range legs {
		switch l := leg.(type) {
		case *Beat:
			n += l.tacks
		}
	}
	return n
}

func main() {
	legs := []Leg{Reach{4.5}, ⟪Beat⟶&Beat⟫{miles: 3, tacks: 5}}
	fmt.Printf("%.1f miles\n", total(legs)⟪⟶)⟫
	plan := map[string]float64{
		"out":  hours(total(legs), 5),
		"back": hours(9, 6)⟪⟶,⟫
	}
	for name, h := range plan {
		fmt.Println(name⟪ ⟶, ⟫h)
	}
	⟪while⟶for⟫ tacks(legs) > 10 {
		break
	}
}
