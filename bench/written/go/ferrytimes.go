package main

import (
	"fmt"
	"strconv"
)

type Time struct{ hour, minute int }

func parse(text string) (Time, error) {
	if len(text) != 5 {
		return ⟪nil⟶Time{}⟫, fmt.Errorf("bad time %q", text)
	}
	hour, err := strconv.Atoi(text[:2])
	if err != nil {
		return Time{}, err
	}
	minute⟪ := ⟶, err := ⟫strconv.Atoi(text[3:])
	return Time{hour, minute}, err
}

func (t Time) after(other Time) bool {
	if t.hour != other.hour {
		return t.hour > other.hour
	}
	return ⟪t.minute - other.minute⟶t.minute > other.minute⟶t.minute-other.minute > 0⟫
}

func next(times []Time, now Time) Time {
	for _, t := range times {
		if t.after(now) {
			return t
		}
	}
⟪}⟶	return times[0]
}⟶	return Time{}
}⟶	return now
}⟫

func main() {
	var times []Time
	for _, text := range []string{"06:15", "09:40", "18:05"} {
		t⟪ := ⟶, err := ⟫parse(text)
		if err != nil {
			fmt.Println(err)
			continue
		}
		times = append(times, t)
	}
	now := ⟪Time(8, 30)⟶Time{8, 30}⟫
	fmt.Println(next(times, now)⟪.String()⟶⟫)
	fmt.Printf("%d sailings\n", ⟪times.len⟶len(times)⟫)
}
