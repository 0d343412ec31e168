package main

import (
	"errors"
	"fmt"
	⟪⟶"os"⟫
	"strings"
)

type Item struct {
	Name  string
	Price float64
	Stock int
}

type Shop struct {
	items map[string]*Item
}

var ErrShort = errors.New("not enough in stock")

func NewShop() *Shop {
	return ⟪Shop⟶&Shop⟫{items: make(map[string]*Item)}
}

func (s *Shop) Put(item Item) {
	key := strings.ToLower(item.Name)
	s.items[key] = ⟪item⟶&item⟫
}

func (s *Shop) Sell(name string, count int) (float64, error) {
	item, ok := s.items[strings.ToLower(name)]
	if !ok {
		return ⟪⟶0, ⟫fmt.Errorf("no %s here", name)
	}
	if item.Stock < count {
		return 0, ErrShort
	}
	item.Stock -= count
	return ⟪item.Price * count⟶item.Price * float64(count)⟫, nil
}

func (s *Shop) Worth() float64 {
	total := 0.0
	for ⟪item⟶_, item⟫ := range s.items {
		total += item.Price * float64(item.Stock)
	}
	return total
}

func main() {
	shop := NewShop()
	shop.Put(Item{Name: "Shackle", Price: 4.5, Stock: 20})
	shop.Put(Item{"Cleat", 7.25⟪⟶, 8⟶, 0⟶, 1⟫})
	price, err := shop.Sell("shackle", 3)
	if err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
	⟪price, err :=⟶price, err =⟫ shop.Sell("cleat", 2)
	if ⟪errors.is⟶errors.Is⟫(err, ErrShort) {
		fmt.Println("short:", ⟪err.String()⟶err.Error()⟶≡err⟫)
	}
	fmt.Printf("%.2f of %.2f\n", price, shop.⟪worth⟶Worth⟫())
}
