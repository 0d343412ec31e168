package main

import (
	"fmt"
	"strconv"
	"strings"
)

type entry struct {
	kind   string
	amount int
}

func parse(line string) (entry, error) {
	parts := strings.Split(line, "=")
	if len(parts) != 2 {
		return entry{}, fmt.Errorf("not an entry: %q", line)
	}
	amount, err := strconv.Atoi(strings.TrimSpace(parts[1]))
	if err != nil {
		return entry{}, err
	}
	return entry{kind: strings.TrimSpace(parts[0]), amount: amount}, nil
}

func sums(lines []string) map[string]int {
	result := map[string]int{}
	for _, line := range lines {
		one, err := parse(line)
		if err != nil {
			fmt.Println("skipped:", err)
			continue
		}
		result[one.kind] += one.amount
	}
	return result
}

func main() {
	lines := []string{"fee = 45", "fuel = 216", "fee = 30", "rope"}
	for kind, sum := range sums(lines) {
		fmt.Println(kind + ": " + strconv.Itoa(sum))
	}
}
