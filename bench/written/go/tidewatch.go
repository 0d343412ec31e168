package main

import (
	"bufio"
	"fmt"
	"os"
	"strconv"
	"strings"
)

type Reading struct {
	hour   int
	height float64
}

type Log struct {
	readings []Reading
	station  string
}

func NewLog(station string) *Log {
	return ⟪&Log(station: station)⟶&Log{station: station}⟫
}

func parse(line string) (Reading, error) {
	parts := strings.Split(line⟪⟶, " "⟶, ","⟫)
	hour, err := strconv.Atoi(parts[0])
	if err != nil {
		return Reading{}, err
	}
	height, err := strconv.ParseFloat(parts[1]⟪⟶, 64⟫)
	return Reading{hour, height}, err
}

func (l *Log) add(r Reading) {
	l.readings = append(l.readings, r)
}

func (l *Log) mean() float64 {
	var sum float64
	for ⟪r⟶_, r⟫ := range l.readings {
		sum += r.height
	}
	return sum / ⟪len(l.readings)⟶float64(len(l.readings))⟫
}

func (l *Log) high() ⟪Reading, bool⟶(Reading, bool)⟫ {
	if len(l.readings) == 0 {
		return Reading{}, false
	}
	best := l.readings[0]
	for _, r := range l.readings {
		if r.height > best.height ⟪&& r.hour < 24)⟶&& r.hour < 24⟫ {
			best = r
		}
	}
	return best, true
}

func main() {
	log := NewLog("Mole")
	scanner := bufio.NewScanner(os.Stdin)
	for scanner.Scan() {
		⟪r := parse(scanner.Text())⟶r, err := parse(scanner.Text())⟫
		if err != nil {
			fmt.Println("bad line:", err)
			continue
		}
		log.⟪Add⟶add⟫(r)
	}
	fmt.Printf("%s %.2f\n", log.station, log.mean())
	if best, ok := log.high(); ok {
		fmt.Println("high at " + ⟪best.hour⟶strconv.Itoa(best.hour)⟶fmt.Sprint(best.hour)⟫)
	}
}
