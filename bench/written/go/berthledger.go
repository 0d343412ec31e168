package main

import (
	"fmt"
	"os"
	"sort"
	⟪"math"
	⟶⟫"strconv"
)

type Entry struct {
	Ship   string
	Days   int
	Rate   float64
}

func (e Entry) Cost() float64 {
	return ⟪e.Days * e.Rate⟶float64(e.Days) * e.Rate⟫
}

type Ledger struct {
	entries []Entry
}

func (l *Ledger) Add(ship string, days string, rate float64) error {
	⟪n := strconv.Atoi(days)⟶n, err := strconv.Atoi(days)⟫
	if err != nil {
		return err
	}
	l.entries = append(l.entries, Entry{ship, n, rate})
	return nil
}

func (l *Ledger) Sorted() []Entry {
	out := make([]Entry, len(l.entries))
	copy(out, l.entries)
	sort.Slice(out, func(i, j int) bool {
		return out[i].Cost() > out[j].Cost()
	}⟪⟶)⟫
	return out
}

func (l Ledger) Total() ⟪⟶float64 ⟫{
	var sum float64
	for ⟪e⟶_, e⟫ := range l.entries {
		sum += e.Cost()
	}
	return sum
}

func main() {
	ledger := Ledger{}
	if err := ledger.Add("Alma", "3", 120.5); err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
	ledger.Add("Bris", "2"⟪⟶, 95.0⟶, 0⟫)
	for _, e := range ledger.Sorted() {
		fmt.Printf("%s %.2f\n", e.Ship, e.⟪cost⟶Cost⟫())
	}
	total := ledger.Total()
	⟪share := total / 2
	⟶⟫if total > 300 ⟪&⟶&&⟫ len(ledger.entries) > 1 {
		fmt.Println("large:", total)
	}
	⟪var label = 'total'⟶var label = "total"⟫
	fmt.Println(label + ": " + strconv.FormatFloat(total, 'f', 2, 64⟪⟶)⟫)
}
