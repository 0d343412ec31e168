package main

import (
	"bufio"
	"fmt"
	"os"
	"strings"
)

type Light interface {
	Burn(hours float64) float64
	Name() ⟪String⟶string⟫
}

type Lamp struct {
	name string
	oil  float64
}

type Tower struct {
	⟪lamp Lamp⟶Lamp⟫
	height int
}

func (l *Lamp) Burn(hours ⟪float⟶float64⟫) float64 {
	used := hours * 0.5
	if used > l.oil {
		used = l.oil
	}
	l.oil -= used
	return used
}

func (l *Lamp) Name() string { return l.name }

func total(lights []Light, hours float64) float64 {
	var sum float64
	for ⟪light⟶_, light⟫ := range lights {
		sum += light.Burn(hours)
	}
	return sum
}

func longest(words []string) (string, int) {
	best := ""
	for _, w := range words {
		if len(w) > len(best) {
			best = w
		}
	}
	return ⟪best⟶best, len(best)⟫
}

func grid(n int) [][]int {
	g := make([][]int, n)
	for i := 0; i < n; i++ {
		g[i] = make([]int⟪⟶, n⟫)
	}
	return g
}

func divide(a, b int) ⟪int, error⟶(int, error)⟫ {
	if b == 0 {
		return 0, fmt.Errorf("no towers")
	}
	return a / b, nil
}

func main() {
	lights := []Light{
		⟪Lamp⟶&Lamp⟫{"north", 3},
		&Tower{Lamp{"south", 5}, 12}⟪⟶,⟫
	}
	fmt.Printf("%.1f\n", total(lights, 2⟪⟶)⟫)
	reader := bufio.NewReader(os.Stdin)
	line⟪⟶, _⟫ := reader.ReadString('\n')
	words := strings.⟪split⟶Split⟫(line, " ")
	word, n := longest(words)
	fmt.Println(word)
	share⟪⟶, _⟫ := divide(10, len(lights))
	if share > 3 || (n > 2⟪⟶)⟫ {
		fmt.Println(share)
	}
	g := grid(3)
	g[1][1] = ⟪"x"⟶1⟶7⟫
	g[0][0]++
	var names []string
	for _, l := range lights {
		names = append(⟪l.Name()⟶names, l.Name()⟫)
	}
	fmt.Println(names, g)
	os.⟪exit⟶Exit⟫(0)
}
