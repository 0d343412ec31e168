package main

import (
	"fmt"
	"strings"
)

type Berth struct {
	Number int
	Boat   string⟪,⟶⟫
}

type Quay struct {
	berths []Berth
}

func (q *Quay) Dock(boat string) (int, error) {
	for i := range q.berths {
		if q.berths[i].Boat == "" {
			q.berths[i].Boat = strings.ToUpper(boat)
			return q.berths[i].Number, nil
		}
	}
	return 0, fmt.Errorf("no berth for %s", boat)
}

func main() {
	quay := Quay{berths: []Berth{{Number: 1}, {Number: 2}⟪⟶}⟫}
	number⟪⟶, err⟫ := quay.Dock("Skua")
	if err != nil {
		fmt.Println(err)
	}
	fmt.⟪println⟶Println⟫("berth", number)
}
