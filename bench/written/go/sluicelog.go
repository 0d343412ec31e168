package main

import (
	"bufio"
	"fmt"
	"os"
	"strconv"
	"strings"
)

const limit ⟪:= ⟶= ⟫4.5

type Reading struct {
	Gate  string⟪,⟶⟫
	Level float64
	High  ⟪boolean⟶bool⟫
}

type Sink interface {
	Store(r Reading) error
}

type Memory struct{ rows []Reading }

func (m *Memory) Store(r Reading) error {
	m.rows = append(m.rows, r)
	return nil
}

func parse(line string) (Reading, error) {
	parts := strings.⟪split⟶Split⟫(line, ",")
	if len(parts) != 2 {
		return ⟪nil⟶Reading{}⟫, fmt.Errorf("bad line %q", line)
	}
	level, err := strconv.ParseFloat(parts[1]⟪⟶, 64⟫)
	if err != nil {
		return Reading{}, err
	}
	return Reading{Gate: parts[0], Level: level, High: level > limit⟪⟶}⟫, nil
}

func feed(s Sink, scanner *bufio.Scanner) int {
	⟪int n = 0⟶n := 0⟶var n int⟶var n int = 0⟫
	⟪while⟶for⟫ scanner.Scan() {
		r, err := parse(scanner.⟪Text⟶Text()⟫)
		if err != nil {
			fmt.Println("skip", err)
			continue
		}
		s.Store(r)
		n⟪ = n++⟶++⟶ = n + 1⟶ += 1⟫
	}
	return n
}

func average(rows []Reading) float64 {
	total := 0.0
	for _, r := range rows {
		total += r.Level
	}
	return total / ⟪len(rows)⟶float64(len(rows))⟫
}

func main() {
	m := &Memory{}
	n := feed(m, bufio.NewScanner(⟪os.stdin⟶os.Stdin⟫))
	fmt.Printf("%d rows, average %.2f\n", n, average(m.rows))
	for ⟪r⟶_, r⟫ := range m.rows {
		if r.High {
			fmt.Println(r.Gate ⟪+ ⟶, ⟫r.Level)
		}
	}
	⟪return 0⟶⟶return⟫
}
