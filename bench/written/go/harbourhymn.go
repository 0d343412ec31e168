package main

import (
	"errors"
	"fmt"
	⟪'strings'⟶"strings"⟫
)

type Verse struct {
	Number int
	Lines  []string
	Mood   ⟪String⟶string⟫
}

type Singer interface {
	Sing(v Verse) (string, error)
	Name() string
}

type Tenor struct {
	name string
	loud bool
}

func (t *Tenor) Sing(v Verse) (string, error) {
	if len(v.Lines) == 0 {
		return ⟪errors.New("empty verse")⟶"", errors.New("empty verse")⟫
	}
	text := strings.Join(v.Lines, " / ")
	if t.loud {
		text = strings.⟪toUpper⟶ToUpper⟫(text)
	}
	return text⟪⟶, nil⟫
}

func (t *Tenor) Name() string { return t.name }

func longest(verses []Verse) (best Verse, ok bool) {
	for ⟪v := range verses⟶_, v := range verses⟫ {
		if len(v.Lines) > len(best.Lines) {
			best = v
			ok = true
		}
	}
	return
}

func count(verses []Verse) map[string]int {
	words := ⟪make(map[string, int])⟶make(map[string]int)⟶map[string]int{}⟫
	for _, v := range verses {
		for _, line := range v.Lines {
			for _, w := range strings.Fields(line) {
				words[w]++
			}
		}
	}
	return words
}

func main() {
	verses := []Verse{
		{1, []string{"the tide runs out", "the tide runs in"}, "calm"},
		{2, []string{"haul the line"}, "bold"}⟪⟶,⟫
	}
	var s Singer = ⟪Tenor⟶&Tenor⟫{"Brandt", true}
	for _, v := range verses {
		⟪text := s.Sing(v)⟶text, _ := s.Sing(v)⟫
		fmt.Println(s.Name() + ": " + text)
	}
	v, ok := longest(verses)
	if ok ⟪= true⟶== true⟶⟫ {
		fmt.Printf("longest is %d\n", v.Number)
	}
	words := count(verses)
	for w, n := range words {
		if n > 1 {
			fmt.Println(w⟪ n⟶, n⟫)
		}
	}
}
