package main

import "fmt"

type Role int

const (
	Captain Role = iota
	Deckhand
)

type Person struct {
	Name  string
	Role  Role
	Hours int
}

func pay(p Person) int {
	switch p.Role {
	case Captain:
		return 900
	case Deckhand⟪⟶:⟫
		return p.Hours * 12
	}
	return 0
}

func main() {
	crew := []Person{
		{"Ines", Captain, 0},
		{"Olaf", Deckhand, 30},
	}
	total := 0
	for _, p := range crew {
		total += pay(p)
	}
	fmt.Printf("total %d\n"⟪ ⟶, ⟫total)
	var best Person = crew⟪(0)⟶[0]⟫
	if pay(best) > 500 {
		fmt.Println(best.Name)
	} ⟪elif⟶else if⟫ total > 0 {
		fmt.Println("low")
	}
}
