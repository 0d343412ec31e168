package main

import (
	"fmt"
	"strings"
)

var flags = map[rune]string{
	'a': "diver below",
	'b': "dangerous goods",
	'h': "pilot on board",
	'o': "man overboard",
}

func spell(word string) []string {
	var meanings []string
	for _, letter := range strings.ToLower(word) {
		meaning, known := flags[letter]
		if !known {
			meaning = "unknown"
		}
		meanings = append(meanings, meaning)
	}
	return meanings
}

func urgent(meaning string) bool {
	return strings.Contains(meaning, "over") || strings.HasPrefix(meaning, "danger")
}

func main() {
	counts := make(map[string]int)
	for _, word := range []string{"oh", "ab", "ox"} {
		for _, meaning := range spell(word) {
			counts[meaning]++
		}
	}
	for meaning, times := range counts {
		mark := " "
		if urgent(meaning) {
			mark = "!"
		}
		fmt.Println(mark+meaning, times)
	}
}
