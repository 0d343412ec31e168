package main

import (
	"fmt"
	"strconv"
	"strings"
)

type Time struct {
	hour, minute int
}

func parse(text string) (Time, error) {
	parts := strings.Split(text, ⟪':'⟶":"⟫)
	if len(parts) != 2 {
		return Time{}, fmt.Errorf("no time: %s", text)
	}
	hour, err := strconv.Atoi(parts[0])
	if err != nil {
		return ⟪⟶Time{}, ⟫err
	}
	minute, err := strconv.Atoi(parts[1])
	if err != nil {
		return Time{}, err
	}
	return Time{hour, minute}, nil
}

func (t Time) Minutes() int {
	return ⟪hour⟶t.hour⟫*60 + t.minute
}

func wait(a, b Time) int {
	if b.Minutes() < a.Minutes() {
		return 0
	}
	return b.Minutes() - a.Minutes⟪⟶()⟫
}

func main() {
	a, err := parse("08:15")
	if err != nil {
		panic(err)
	}
	b, _ := parse("09:05")
	n := wait(a, b)
	if n > 30⟪⟶ {⟫
		fmt.Println("long wait"⟪⟶)⟫
	}
	fmt.Printf("%d minutes\n", n)
}
