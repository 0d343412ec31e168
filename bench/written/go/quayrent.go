package main

import "fmt"

type Tenant struct {
	Name  string
	Metres int
	Paid  bool
}

type Quay struct {
	tenants map[string]*Tenant
	rate    float64
}

func NewQuay(rate float64) *Quay {
	return &Quay{tenants: make(map[string]*Tenant), rate: rate⟪⟶}⟫
}

func (q *Quay) Rent(t *Tenant) float64 {
	return ⟪t.Metres⟶float64(t.Metres)⟫ * q.rate
}

func (q *Quay) Move(name string, metres ⟪integer⟶int⟫) error {
	t, ok := q.tenants[name]
	if ⟪not ok⟶!ok⟫ {
		return fmt.Errorf("no tenant %s"⟪⟶,⟫ name)
	}
	t.⟪metres⟶Metres⟫ = metres
	return ⟪null⟶nil⟫
}

func (q *Quay) Unpaid() []string {
	⟪names := []⟶names := []string{}⟶var names []string⟫
	for name, t := range q.tenants {
		if ⟪t.Paid = false⟶t.Paid == false⟶!t.Paid⟫ {
			names = append(names, name)
		}
	}
	return names
}

func main() {
	q := NewQuay(2.5)
	q.tenants["Tern"] = &Tenant{"Tern", 12, true}
	q.tenants["Egg"] = &Tenant{Name: ⟪'Egg'⟶"Egg"⟫, Metres: 3}
	if err := q.Move("Tern", 14); err != nil ⟪⟶{⟫
		fmt.Println(err)
	}
	for i := 0; i < len(q.Unpaid())⟪,⟶;⟫ i++ {
		fmt.Println(q.Unpaid()⟪(i)⟶[i]⟫)
	}
}
