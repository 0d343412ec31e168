package main

import (
	"fmt"
	"os"
	"strings"
	"errors"
)

type Note struct {
	pitch  string
	length int
}

type Peal []Note

func (p Peal) Len() int { return len(p) }

func (p *Peal) Add(n Note) {
	⟪p⟶*p⟫ = append(*p, n)
}

func (p Peal) Each(do func(int, Note)) {
	for i, n := range p {
		do(i⟪⟶, n⟫)
	}
}

type Tower struct {
	peals map[string]Peal
	keeper *string
}

var ErrSilent = errors.New(⟪'silent'⟶"silent"⟫)

func (t *Tower) Ring(name string) (int⟪ error⟶, error⟫) {
	peal, ok ⟪=⟶:=⟫ t.peals[name]
	if !ok {
		return 0, ErrSilent
	}
	total := 0
	peal.Each(func(i int, n Note) ⟪=> {⟶{⟫
		total += n.length
	})
	return total⟪⟶, nil⟫
}

func parse(text string) (Peal, error) {
	var peal Peal
	for _, part := range strings.Split(text, " ") {
		length := 1
		if ⟪part.endswith("-")⟶strings.HasSuffix(part, "-")⟫ {
			length = 2
			part = part[⟪:-1⟶:len(part)-1⟫]
		}
		switch {
		case part == "":
			return nil, errors.New("gap")
		case length > 1:
			peal.Add(Note{part, length})
		default:
			peal.Add(Note{pitch: part⟪ length⟶, length⟫: length})
		}
	}
	return peal, nil
}

func main() {
	t := Tower{peals: map[string]Peal⟪⟶{}⟫}
	p, err := parse("C D- E")
	if err ⟪is not⟶!=⟫ nil {
		fmt.Fprintln(os.Stderr, err)
		os.⟪exit⟶Exit⟫(1)
	}
	t.peals["noon"] = p
	name ⟪=⟶:=⟫ "Otto"
	t.keeper = ⟪name⟶&name⟫
	n, err := t.Ring("noon")
	if errors.Is(err, ErrSilent) {
		fmt.Println("no peal")
	} ⟪elif⟶else if⟫ n > 3 {
		fmt.Println("long", n, *t.keeper)
	}
	const limit int = ⟪"4"⟶4⟫
	fmt.Println(p.Len() < limit ⟪and⟶&&⟫ n > 0)
}
