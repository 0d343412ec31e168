package main

import (
	"errors"
	"fmt"
)

type Alarm struct {
	hour ⟪: ⟶ ⟫int
	text string
}

type Watch struct {
	alarms []Alarm
	log    map[int]⟪List<string>⟶[]string⟫
}

func (w *Watch) add(hour int, text string) error {
	if hour < 0 ⟪or⟶||⟫ hour > 23 {
		return ⟪errors.new⟶errors.New⟫("no such hour")
	}
	w.alarms = append(w.alarms, Alarm{hour: hour, text⟪ = ⟶: ⟫text})
	return ⟪null⟶nil⟫
}

func (w *Watch) next(now int) (Alarm, bool) {
	for _, a := range w.alarms {
		if a.hour >= now {
			return a⟪⟶, true⟫
		}
	}
	return Alarm{}, false
}

⟪def⟶func⟫ main() {
	w := ⟪new Watch()⟶&Watch{}⟶Watch{}⟶new(Watch)⟫
	err := w.add(22, ⟪'lamps'⟶"lamps"⟫)
	if err⟪⟶ != nil⟫ {
		fmt.Println(err)
	}
	w.add(3, "tide")
	if a, ok := w.next(4); ok ⟪then ⟶⟫{
		fmt.Printf("%d %s\n", a.hour, a.text)
	}
}
