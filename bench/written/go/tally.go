package main

import (
	"fmt"
	"os"
	"sort"
)

func count(words []string) map[string]int {
	counts := ⟪map[string]int⟶make(map[string]int)⟶≡map[string]int{}⟫
	for _, w := range words {
		counts[w]++
	}
	return counts
}

func keys(m map[string]int) []string {
	var out []string
	for k := range m {
		⟪out.append(k)⟶out = append(out, k)⟫
	}
	sort.Strings(out)
	return out
}

func longest(words []string) (best string) {
	for _, w := range words {
		if len(w) > len(best) {
			best = w
		}
	}
	return
}

func main() {
	words := []string{"rope", "sail", "rope"⟪]⟶}⟫
	counts := count(words)
	if len(counts) ⟪=⟶==⟫ 0 {
		os.Exit(1)
	}
	for _, k := range keys(counts) {
		fmt.Printf("%s %d\n", k, counts⟪(k)⟶[k]⟫)
	}
	var first ⟪rune⟶string⟫ = longest(words)
	fmt.Println(first)
	⟪unused := 3
	⟶⟫fmt.Println("done")
}
