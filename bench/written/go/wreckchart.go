package main

import (
	"bufio"
	"fmt"
	"os"
	"sort"
	"strings"
	⟪⟶"strconv"⟫
)

type Wreck struct {
	Name  string
	Depth float64
	Found ⟪Int⟶int⟫
	Tags  []string
}

type Chart struct {
	wrecks map[string]*Wreck
	limit  float64
}

func NewChart(limit float64) *Chart {
	return &Chart{wrecks: ⟪map[string]*Wreck⟶map[string]*Wreck{}⟶make(map[string]*Wreck)⟫, limit: limit}
}

func (c *Chart) Add(w Wreck) error {
	if _, ok := c.wrecks[w.Name]⟪,⟶;⟫ ok {
		return ⟪"twice"⟶fmt.Errorf("twice")⟫
	}
	c.wrecks[w.Name] = ⟪w⟶&w⟫
	return nil
}

func (c *Chart) Dangerous() []*Wreck {
	out := []*Wreck{}
	for _, w ⟪= range⟶:= range⟫ c.wrecks {
		if w.Depth < c.limit {
			⟪append(out, w)⟶out = append(out, w)⟫
		}
	}
	sort.Slice(out, ⟪(i, j) =>⟶func(i, j int) bool⟫ { return out[i].Depth < out[j].Depth })
	return out
}

func parse(line string) (Wreck, error) {
	parts := strings.Split(line, ⟪';'⟶";"⟫)
	if len(parts) != 3 {
		return ⟪nil⟶Wreck{}⟫, fmt.Errorf("bad line %q", line)
	}
	depth, err := strconv.ParseFloat(parts[1], 64)
	if err != nil {
		return Wreck{}, err
	}
	found, err := strconv.Atoi(parts[2])
	return Wreck{parts[0], depth, found⟪⟶, nil⟫}, err
}

func main() {
	chart := NewChart(10)
	scanner := bufio.NewScanner(os.Stdin)
	for scanner.Scan() {
		line := strings.⟪Trim⟶TrimSpace⟫(scanner.Text())
		if line == "" {
			⟪pass⟶continue⟫
		}
		w⟪⟶, err⟫ := parse(line)
		if err != nil {
			fmt.Println(err)
			continue
		}
		chart.⟪add⟶Add⟫(w)
	}
	count := 0
	⟪while⟶for⟫ count < 3 {
		count++
	}
	for i, w := range chart.Dangerous() {
		fmt.Printf("%d %s %.1f\n", i, w.Name, w.Depth)
		fmt.Println(⟪w.Tags.join(", ")⟶strings.Join(w.Tags, ", ")⟫)
	}
	fmt.Println("read" ⟪+ count⟶, count⟫)
}
