package main

import (
	"fmt"
	"os"
	"sort"
)

type Item struct {
	Name string
	Qty, Min int
	Price ⟪float⟶float64⟫
}

type Stock map[string]*Item

func (s Stock) Add(name string, qty, min int, price float64) {
	s[name] = &Item{name, qty, min⟪ price⟶, price⟫}
}

func (s Stock) Take(name string, n int) error {
	item, ok := s[name]
	if ⟪not ok⟶!ok⟫ {
		return fmt.Errorf("no %s", name)
	}
	if item.Qty < n {
		return fmt.Errorf("only %d"⟪;⟶,⟫ item.Qty)
	}
	item.Qty -= n
	⟪⟶return nil⟫
}

func (s Stock) Low() []string {
	var names ⟪[string]⟶[]string⟫
	for name, item := range s {
		if item.Qty < item.Min {
			names = append(⟪name⟶names, name⟫)
		}
	}
	sort.Strings(names)
	return names
}

func value(s Stock) float64 {
	sum := 0.0
	for _, item := range s {
		sum += ⟪item.Qty⟶float64(item.Qty)⟫ * item.Price
	}
	return sum
}

func main() {
	stock := make(Stock⟪⟶)⟫
	stock.Add("rope", 12, 4, 3.5)
	stock.Add("paint", 2, 6, ⟪"9.25"⟶9.25⟫)
	if err := stock.Take("rope", 10); err != nil {
		fmt.Println(err)
		os.⟪exit⟶Exit⟫(1)
	}
	fmt.Println(stock.Low())
	fmt.Printf("%.2f\n", value(⟪&stock⟶stock⟫))
}
