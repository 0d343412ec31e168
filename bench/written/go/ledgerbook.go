package main

import (
	"fmt"
	"strconv"
	"strings"
)

type Entry struct {
	Who    string
	Amount int
}

func parse(line string) (Entry, error) {
	parts := strings.Split(line, ⟪':'⟶":"⟫)
	if len(parts) != 2 {
		return ⟪nil⟶Entry{}⟫, fmt.Errorf("bad line %q", line)
	}
	amount, err := strconv.Atoi(parts[1])
	if err != nil {
		return Entry{}, err
	}
	return Entry{parts[0], amount}, nil
}

func sum(entries []Entry) int {
	⟪let total⟶total⟫ := 0
	for _, e := range entries {
		total += e⟪[Amount]⟶.Amount⟫
	}
	return total
}

func main() {
	lines := []string{"ida:20", "tom:x", "ada:7"}
	var entries []Entry
	for _, line := range lines {
		⟪entry⟶entry, err⟫ := parse(line)
		if err != nil {
			fmt.Println("skip:", err)
			continue
		}
		entries = append(entries, entry)
	}
	fmt.Println("sum " + ⟪sum(entries)⟶strconv.Itoa(sum(entries))⟶≡fmt.Sprint(sum(entries))⟫)
	if len(entries) > 1 ⟪and⟶&&⟫ sum(entries) > 10 {
		fmt.Println("fine")
	}
}
