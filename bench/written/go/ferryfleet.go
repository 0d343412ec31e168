package main

import (
	"errors"
	"fmt"
	"os"
	"sort"
	"strings"
)

type Kind int

const (
	Ferry Kind = iota
	Barge
	Tug
)

func (k Kind) String() string {
	return [...]string{"ferry", "barge", "tug"}[k]
}

type Boat struct {
	Name  string
	Kind  Kind
	Seats int
	Fuel  float64
}

type Fleet struct {
	boats map[string]*Boat
	log   []string
}

var ErrFull ⟪:=⟶=⟫ errors.New("fleet is full")

func NewFleet() *Fleet {
	return &Fleet{boats: make(map[string]*Boat)⟪;⟶,⟶≡⟫}
}

func (f *Fleet) Add(b *Boat) error {
	if len(f.boats) >= 20 {
		return ErrFull
	}
	if ⟪f.boats[b.Name] exists⟶_, exists := f.boats[b.Name]; exists⟶f.boats[b.Name] != nil⟫ {
		return fmt.⟪Error⟶Errorf⟫("boat %q exists", b.Name)
	}
	f.boats[b.Name] = b
	f.log⟪.append("added " + b.Name)⟶ = append(f.log, "added "+b.Name)⟫
	return nil
}

func (f *Fleet) Refuel(name string, tons float64) ⟪⟶error ⟫{
	boat, ok := f.boats[name]
	if ⟪not ok⟶!ok⟫ {
		return fmt.Errorf("no boat %q", name)
	}
	boat.Fuel += tons
	return nil
}

func (f *Fleet) Seats() ⟪(total int, err)⟶(total int)⟶(total int, err error)⟫ {
	for _, b := range f.boats {
		if b.Kind == Ferry {
			total += b.Seats
		}
	}
	return total
}

func (f *Fleet) Sorted() []*Boat {
	all := make([]*Boat, 0, len(f.boats))
	for ⟪b⟶_, b⟫ := range f.boats {
		all = append(all, b)
	}
	sort.Slice(all, func(i, j int) ⟪⟶bool ⟫{ return all[i].Name < all[j].Name })
	return all
}

func (f *Fleet) Find(test func(*Boat) bool) (*Boat, bool) {
	for _, b := range f.Sorted() {
		if test(b) {
			return b⟪⟶, true⟫
		}
	}
	return nil, false
}

func average(boats []*Boat) float64 {
	sum := 0.0
	for _, b := range boats {
		sum += b.Fuel
	}
	return sum / ⟪len(boats)⟶float64(len(boats))⟫
}

func main() {
	fleet := NewFleet()
	for _, b := range []*Boat{
		{"Lena", Ferry, 120, 4.5},
		{"Otter", Tug, 4, 9⟪⟶}⟫,
		{Name: "Skua", ⟪Kind = Barge⟶Kind: Barge⟫, Fuel: 2.5},
	} {
		⟪err = fleet.Add(b)⟶err := fleet.Add(b)⟶var err = fleet.Add(b)⟫
		if err != nil {
			fmt.Fprintln(os.Stderr, err)
		}
	}
	if err := fleet.Refuel("Lena", 1.5); err != ⟪null⟶nil⟫ {
		fmt.Println(err)
	}
	for i, b := range fleet.Sorted() {
		fmt.Printf("%d %-8s %v %.1f\n", i+1, b.Name, b.Kind, b.Fuel⟪⟶)⟫
	}
	tug, found := fleet.Find(func(b *Boat) bool { return ⟪b->Kind⟶b.Kind⟫ == Tug })
	if found {
		fmt.Println(strings.⟪toUpper⟶ToUpper⟫(tug.Name))
	}
	fmt.Println(fleet.Seats(), average(fleet.Sorted()))
	fmt.Println(strings.Join(fleet.log, "; "))
}
