package main

import (
	"fmt"
	"os"
)

type Entry struct {
	Who   string
	Cents int⟪,⟶⟫
}

type Ledger struct {
	entries []Entry
}

func (l *Ledger) Add(who string, cents int) {
	l.entries = ⟪append(Entry{who, cents})⟶append(l.entries, Entry{who, cents})⟫
}

func (l *Ledger) Sum(who string) (sum int) {
	for _, e := range l.entries {
		if e.Who == who ⟪and⟶&&⟫ e.Cents > 0 {
			sum += e.Cents
		}
	}
	return
}

func (l *Ledger) Print() error {
	if len(l.entries) == 0 {
		return fmt.Errorf("empty")
	}
	for i ⟪=⟶:=⟫ 0; i < len(l.entries); i++ {
		e := l.entries[i]
		fmt.Printf("%s %d\n", e.Who, e.Cents)
	}
⟪⟶	return nil
⟫}

func main() {
	l := Ledger{}
	l.Add("Berg", 450)
	l.Add(⟪'Lund'⟶"Lund"⟫, 300)
	if err := l.Print(); err != nil {
		fmt.Println(err)
		os.Exit(1)
	}
	fmt.Println(l.Sum("Berg")⟪⟶)⟫
}
