package main

import "fmt"

type Pump interface {
	Run(minutes int) float64
	Name() string
}

type Electric struct {
	name string
	rate float64
}

func (e Electric) Run(minutes int) float64 {
	return e.rate * ⟪minutes⟶float64(minutes)⟫
}

func (e Electric) Name() string { return e.name }

type Hand struct{ name string }

func (h Hand) Run(minutes int) ⟪int⟶float64⟫ { return float64(minutes) * 0.5 }
func (h Hand) Name() string { return ⟪name⟶h.name⟫ }

func total(pumps []Pump, minutes int) float64 {
	sum := 0.0
	for _, p := range pumps {
		sum += p.Run(minutes)
	}
	⟪⟶return sum⟫
}

func main() {
	pumps := []Pump{Electric{"east", 3.5}, Hand{"west"}}
	⟪int minutes = 10⟶minutes := 10⟶≡var minutes int = 10⟶≡var minutes = 10⟫
	for i := 0; i < len(pumps); ⟪++i⟶i++⟫ {
		fmt.Println(pumps[i].Name())
	}
	fmt.Printf("%.1f\n", total(pumps, minutes))
}
