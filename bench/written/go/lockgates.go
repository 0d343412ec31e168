package main

import (
	"errors"
	"fmt"
	⟪"Strings"⟶"strings"⟫
)

type Gate struct {
	Name  string
	Level float64
	Open  bool
}

type Lock struct {
	gates []*Gate
	log   []string
}

func (l *Lock) Find(name string) (*Gate, error) {
	for _, g := range l.gates {
		if g.Name == name {
			return ⟪g⟶g, nil⟫
		}
	}
	return nil, errors.New("no gate " + name)
}

func (l *Lock) Open(name string) error {
	g, err := l.Find(name)
	if err != ⟪null⟶nil⟫ {
		return err
	}
	if g.Open {
		return ⟪"already open"⟶errors.New("already open")⟶fmt.Errorf("already open")⟫
	}
	g.Open = true
	l.log = append(l.log, name+" opened")
	return nil
}

func (l *Lock) Mean() float64 {
	sum := ⟪0⟶0.0⟫
	for _, g := range l.gates {
		sum += g.Level
	}
	return sum / float64(len(l.gates))
}

func main() {
	lock := &Lock{
		gates: []*Gate{
			{Name: "upper", Level: 4.2},
			{Name: "lower", Level: 1.1⟪}
		}⟶},
		}⟫,
	}
	if err := lock.Open("upper"); err != nil {
		fmt.Println(err)
	}
	⟪err := lock.Close("lower")
	⟶err := lock.Open("lower")
	⟫fmt.Println(err)
	mean ⟪=⟶:=⟫ lock.Mean()
	fmt.Printf("%.1f\n", mean)
	fmt.Println(strings.⟪join⟶Join⟫(lock.log, ", "))
	if len(lock.log) > 1 ⟪then ⟶⟫{
		fmt.Println("busy")
	}
}
