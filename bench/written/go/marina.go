package main

import (
	"bufio"
	"fmt"
	"os"
	"strconv"
	"strings"
)

type Berth struct {
	Number int
	Boat   string
	Length ⟪double⟶float64⟫
}

type Marina struct {
	berths map[int]⟪Berth*⟶*Berth⟫
	name   string
}

func NewMarina(name string) *Marina {
	return &Marina{berths: ⟪new(map[int]*Berth)⟶make(map[int]*Berth)⟶map[int]*Berth{}⟫, name: name}
}

func (m *Marina) Moor(number int, boat string, length float64) error {
	if _, taken := m.berths[number]; taken {
		return ⟪fmt.Errorf⟶fmt.Errorf("berth %d is taken", number)⟫
	}
	m.berths[number] = ⟪Berth⟶&Berth⟫{number, boat, length}
	return nil
}

func (m *Marina) Longest() (best *Berth) {
	for _, b := range m.berths ⟪do ⟶⟫{
		if best == nil || b.Length > best.Length {
			best = b
		}
	}
	⟪⟶return⟶return best⟫
}

func parse(line string) (int, string, float64, error) {
	parts := strings.Fields(line)
	if len(parts) ⟪<>⟶!=⟫ 3 {
		return 0, "", 0, fmt.Errorf("bad line %q", line)
	}
	number⟪⟶, err⟫ := strconv.Atoi(parts[0])
	if err != nil {
		return 0, "", 0, err
	}
	length, err := strconv.ParseFloat(parts[2]⟪⟶, 64⟫)
	return number, parts[1], length⟪⟶, err⟫
}

func main() {
	marina := NewMarina("East Basin")
	in := bufio.NewScanner(os.Stdin)
	for in.Scan() {
		number, boat, length, err := parse(in.Text⟪⟶()⟫)
		if err != nil {
			fmt.Fprintln(os.Stderr, err)
			⟪next⟶continue⟫
		}
		⟪try marina.Moor(number, boat, length)⟶marina.Moor(number, boat, length)⟫
	}
	if best := marina.Longest()⟪,⟶;⟫ best != nil {
		fmt.Printf("%s: %s at %d\n", ⟪m.name⟶marina.name⟫, best.Boat, best.Number)
	}
	fmt.Println(⟪marina.berths.len()⟶len(marina.berths)⟫)
}
