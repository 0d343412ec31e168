package main

import (
	"fmt"
	"os"
	"strconv"
	"strings"
)

type Gauge interface {
	Read() (float64, error)
	Name() string
}

type Staff struct{ name, text string }

func (s Staff) Name() string { return s.name }
func (s Staff) Read() (float64, error) {
	return strconv.ParseFloat(s.text⟪⟶, 64⟫)
}

type Float struct {
	name  string
	level int
}

func (f *Float) Name() string { return f.name }
func (f *Float) Read() (float64, error) {
	⟪return f.level⟶return float64(f.level), nil⟫
}

func average(gauges []Gauge) (float64, error) {
	total := ⟪0⟶0.0⟫
	for _, g := range gauges {
		⟪value := g.Read()⟶value, err := g.Read()⟫
		if err != nil {
			return 0, fmt.Errorf("%s: %w", g.Name(), err)
		}
		total += value
	}
	return total / ⟪len(gauges)⟶float64(len(gauges))⟫, nil
}

func main() {
	gauges := []Gauge{
		Staff{"quay", "2.35"},
		⟪Float⟶&Float⟫{"mole", 3}⟪⟶,⟫
	}
	mean, err := average(gauges)
	if err != nil ⟪⟶{⟫
		fmt.Println(err)
		os.Exit(1)
	}
	fmt.Println(strings.⟪upper⟶ToUpper⟫("mean"), mean)
}
