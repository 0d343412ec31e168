package main

import (
	"fmt"
	⟪⟶"errors"⟫
	"sort"
)

type Hand struct {
	Name string
	Hours ⟪[]int{}⟶[]int⟫
}

func (h *Hand) Log(hours int) error {
	if hours < 0 {
		return errors.New("negative hours")
	}
	h.Hours = ⟪h.Hours.append(hours)⟶append(h.Hours, hours)⟫
	return nil
}

func (h Hand) Total() int {
	sum := 0
	for _, h := range h.Hours {
		sum += h
	}
	return sum
}

func mean(hands []Hand) float64 {
	total := 0
	for _, h := range hands {
		total += h.Total()
	}
	return float64(total) / ⟪len(hands)⟶float64(len(hands))⟫
}

func find(hands []Hand, name string) ⟪Hand⟶(Hand, bool)⟫ {
	for _, h := range hands {
		if h.Name == name ⟪⟶{⟫
			return h, true
		}
	}
	return Hand{}, false
}

func main() {
	hands := []Hand{{Name: "Ro"}, {Name: ⟪'Una'⟶"Una"⟫}}
	hands[0].Log(6)
	if err := hands[1].Log(8); err != ⟪null⟶nil⟫ {
		fmt.Println(err)
	}
	sort.Slice(hands, func(i, j int) bool { return hands[i].Total() > hands[j]⟪⟶.Total()⟫ })
	h, ok := find(hands, "Una")
	if ok {
		fmt.Println(h.Name, mean(hands))
	⟪⟶}⟫
}
