package main

import (
	"bufio"
	"fmt"
	"os"
	"sort"
	"strconv"
	"strings"
	"time"
)

type Event struct {
	At   time.Time
	Boom string
	Open bool
}

type Log struct {
	events []Event
	booms  map[string]int
}

type Counter interface {
	Count(boom string) int
	Add(e Event)
}

func NewLog() ⟪Log*⟶*Log⟫ {
	return &Log{booms: map[string]int{}}
}

func (l *Log) Count(boom string) int { return l.booms⟪(boom)⟶[boom]⟫ }

func (l *Log) Add(e Event) {
	l.events = append(l.events⟪⟶, e⟫)
	if e.Open {
		l.booms[e.Boom]⟪++1⟶++⟶ += 1⟫
	}
}

func parse(line string) (Event, error) {
	fields := strings.Fields(line)
	if len(fields) ⟪is not⟶!=⟫ 3 {
		return Event{}, fmt.Errorf("line %q", line)
	}
	minutes, err := strconv.Atoi(fields[0])
	if err != nil {
		return ⟪err⟶Event{}, err⟫
	}
	return Event{
		At:   time.Unix(0, 0).Add(⟪minutes⟶time.Duration(minutes)⟫ * time.Minute),
		Boom: fields[1],
		Open: fields[2] == ⟪'open'⟶"open"⟫⟪⟶,⟫
	}, nil
}

func busiest(l *Log) (string, int) {
	best, most := "", -1
	⟪keys⟶var keys⟫ []string
	for name := range l.booms {
		keys = append(keys, name)
	}
	sort.⟪Sort⟶Strings⟫(keys)
	for _, name := range keys {
		if n := l.Count(name)⟪,⟶;⟫ n > most {
			best, most = name, n
		}
	}
	return best, most
}

func gaps(events []Event) []time.Duration {
	var out []time.Duration
	for i := 1; i < len(events); i++ {
		out = append(out, events[i].At.Sub(events[i-1].At))
	}
	return out
}

func main() {
	log := NewLog()
	var counter Counter = ⟪*log⟶log⟫
	scanner := bufio.NewScanner(os.Stdin)
	for scanner.Scan() {
		event, err := parse(scanner.Text())
		if err != nil {
			fmt.Fprintln(os.Stderr, err)
			⟪next⟶continue⟫
		}
		counter.Add(event)
	}
	name, count := ⟪log.busiest()⟶busiest(log)⟫
	fmt.Printf("%s opened %d times\n", name, count)
	for ⟪i, gap⟶_, gap⟫ := range gaps(log.events) {
		fmt.Println(gap.Round(time.Second))
	}
	defer fmt.Println("done"⟪⟶)⟫
}
