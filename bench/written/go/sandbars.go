package main

import (
	"fmt"
	"sort"
	⟪"os"⟶⟫
	⟪⟶"strconv"⟫
)

type Bar struct {
	name  string
	width float64
	moved int
}

type ByWidth []Bar

func (b ByWidth) Len() int           { return len(b) }
func (b ByWidth) Less(i, j int) bool { return b[i].width < ⟪b[j]⟶b[j].width⟫ }
func (b ByWidth) Swap(i, j int)      { b[i], b[j] = b[j], b[i] }

func parse(fields []string) (Bar, error) {
	width, err := strconv.ParseFloat(fields[1], 64)
	if err != nil {
		return ⟪nil⟶Bar{}⟫, err
	}
	return Bar{name: fields[0], width: width}, nil
}

func (b *Bar) shift(by int) ⟪⟶int ⟫{
	b.moved += by
	return b.moved
}

func mean(bars []Bar) float64 {
	sum := ⟪0⟶0.0⟶float64(0)⟫
	for _, b := range bars {
		sum += b.width
	}
	return sum / ⟪len(bars)⟶float64(len(bars))⟫
}

func main() {
	rows := [][]string{{"gull", "12.5"}, {"seal", "8"}, {"wreck", "30.25"⟪⟶}⟫}
	var bars []Bar
	for _, row := range rows {
		b, err := parse(row)
		if err != nil {
			fmt.Println("bad row:", err)
			⟪return 1⟶return⟫
		}
		⟪bars.append(b)⟶bars = append(bars, b)⟫
	}
	sort.Sort(ByWidth(bars))
	i := 0
	⟪while i < len(bars)⟶for i < len(bars)⟫ {
		total := bars[i].shift(i * 2)
		fmt.Printf("%s %.1f %d\n", bars[i].name, bars[i].width, total)
		i++
	}
	fmt.Println("mean", mean(bars))

}
