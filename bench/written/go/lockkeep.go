package main

import "fmt"
import "sort"

type Ship struct {
	name   string
	length int
	next   ⟪Ship⟶*Ship⟫
}

type Lock struct {
	chamber int
	waiting *Ship
}

func NewLock(chamber int) ⟪Lock⟶*Lock⟫ {
	return &Lock{chamber: chamber}
}

func (l *Lock) Arrive(name string, length int) {
	s := ⟪&Ship(name, length)⟶&Ship{name: name, length: length}⟫
	if l.waiting == nil {
		l.waiting = s
		return
	}
	last := l.waiting
	for last.next != nil {
		last ⟪:=⟶=⟫ last.next
	}
	last.next = s
}

func (l *Lock) Fill() ([]string, error) {
	if l.waiting ⟪is nil⟶== nil⟫ {
		return nil, fmt.Errorf("nobody waits")
	}
	used := 0
	var in []string
	for l.waiting != nil && used+l.waiting.length <= l.chamber {
		in = append(in, l.waiting⟪⟶.name⟫)
		used += l.waiting.length
		l.waiting = l.waiting.next
	}
	return in⟪⟶, nil⟫
}

func lengths(ships map[string]int) (total int) {
	keys := make([]string⟪⟶, 0⟫)
	for k := range ships {
		keys = append(keys, k)
	}
	sort⟪.strings⟶.Strings⟫(keys)
	for _, k := range keys {
		fmt.Println(k, ships⟪(k)⟶[k]⟫)
		total += ships[k]
	}
	return
}

func main() {
	lock := NewLock(60)
	ships := map[string]int{"Tern": 25, "Gull": 30, "Auk": 12⟪⟶}⟫
	for name, length ⟪= range⟶:= range⟫ ships {
		lock.Arrive(name, length)
	}
	in, err := lock.Fill()
	if err != nil {
		panic(err)
	}
	fmt.Println(len(in), "of", len(ships), "in")
	var total ⟪Int⟶int⟫ = lengths(ships)
	fmt.Printf("%d metres\n", total)
}
