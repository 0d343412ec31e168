package main

import (
	"errors"
	"fmt"
	⟪⟶"sort"⟫
)

type Vehicle struct {
	Plate string
	Metres float64
	Booked bool
}

type Lane struct {
	length float64
	queue  []Vehicle
}

var ErrFull = errors.⟪new⟶New⟫("lane full")

func (l *Lane) Used() float64 {
	sum := 0.0
	for ⟪v⟶_, v⟫ := range l.queue {
		sum += v.Metres
	}
	return sum
}

func (l *Lane) Add(v Vehicle) ⟪⟶error ⟫{
	if l.Used()+v.Metres > l.length {
		return ErrFull
	}
	⟪l.queue.append(v)⟶l.queue = append(l.queue, v)⟫
	return nil
}

func longest(lanes []*Lane) *Lane {
	sort.Slice(lanes, func(i, j int) bool {
		return lanes[i].length > lanes[j].length
	}⟪⟶)⟫
	return lanes[0]
}

func main() {
	lanes := []*Lane{{length: 40}, {length: 55.5}}
	lane := longest(lanes)
	⟪err = lane.Add⟶err := lane.Add⟫(Vehicle{"FE 12", 4.5, ⟪yes⟶true⟫})
	if err != ⟪null⟶nil⟫ {
		fmt.Println("refused:", err)
	}
	fmt.Printf("%.1f of %.1f\n", lane.Used(), lane.⟪Length⟶length⟫)
}
