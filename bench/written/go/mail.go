package main

import (
	"errors"
	"fmt"
)

type Letter struct {
	To    string
	Grams int
}

type Bag struct {
	letters []Letter
	limit   int
}

func (b Bag) weight() int {
	total := 0
	for _, l := range b.letters {
		total += l.⟪grams⟶Grams⟫
	}
	return total
}

func (b *Bag) add(l Letter) error {
	if b.weight()+l.Grams > b.limit {
		return errors.⟪new⟶New⟫("no room")
	}
	b.letters = append(b.letters, l)
	return ⟪⟶nil⟫
}

func main() {
	bag := Bag{limit: 100}
	err := bag.add(Letter{To: "Mole", Grams: ⟪"60"⟶60⟫})
	if err != nil {
		fmt.Println(err)
	}
	fmt.Println("weight:", bag.weight()⟪⟶)⟫
	for i := 0; i < len(bag.letters)⟪ ⟶; ⟫i++ {
		fmt.Println(bag.letters[i].To)
	}
}
