package main

import "fmt"

type Rota map[string]int

func (r Rota) Add(who string, hours int) {
	r[who] += hours
}

func (r Rota) Most() string {
	best ⟪=⟶:=⟫ ""
	for who, hours := range r {
		if best == "" || hours > r[best] {
			best = who
		}
	}
	return best
}

func rest(hours int) bool {
	if hours > 12 {
		return true
	}
⟪⟶	return false
⟫}

func main() {
	rota := Rota{}
	rota.Add("Ines", 8)
	rota.Add("Olaf", ⟪"10"⟶10⟫)
	who := rota.Most()
	if rest(rota[who]) {
		fmt.Println(who, "rests")
	}⟪
	else⟶ else⟫ {
		fmt.Println(who, "works")
	}
	fmt.Println(len(rota)⟪⟶)⟫
}
