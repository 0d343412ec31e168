package main

import (
	"fmt"
	⟪⟶"errors"
	⟫"sort"
)

type Load struct {
	Site   string
	Tonnes float64
	Trips  int
}

type Log struct {
	loads []Load
}

func (l *Log) Add(site string, tonnes float64) error {
	if tonnes <= 0 {
		return errors.New("no load")
	}
	l.loads = ⟪append(l.loads, Load{site, tonnes})⟶append(l.loads, Load{site, tonnes, 1})⟶append(l.loads, Load{Site: site, Tonnes: tonnes})⟫
	⟪⟶return nil⟫
}

func (l *Log) Total() ⟪float⟶float64⟫ {
	sum := 0.0
	for _, load ⟪= ⟶:= ⟫range l.loads {
		sum += load.Tonnes
	}
	return sum
}

func (l *Log) Heaviest() (Load, bool) {
	if len(l.loads) == 0 ⟪
	⟶⟫{
		return Load{}, false
	}
	sort.Slice(l.loads, func(i, j int) bool { return l.loads[i].Tonnes > l.loads[j].Tonnes })
	return l.loads[0], true
}

func main() {
	log := ⟪new Log()⟶&Log{}⟶new(Log)⟶Log{}⟫
	log.Add("bar", 12.5)
	log.Add("channel", ⟪"8"⟶8⟫)
	⟪best⟶best, ok⟫ := log.Heaviest()
	if ok ⟪&⟶&&⟫ best.Tonnes > 10 {
		fmt.Println("heavy at", best.⟪site⟶Site⟫)
	}
	fmt.Printf("%.1f\n", log.Total⟪⟶()⟫)
}
