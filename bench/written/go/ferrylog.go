package main

import "fmt"

type trip struct {
	from, to   string
	passengers int
}

type log struct {
	trips []trip
}

func (l *log) add(t trip) {
	⟪l.trips.append(t)⟶l.trips = append(l.trips, t)⟫
}

func (l log) count() map[string]int {
	seen := make(map[string]int)
	for _, t := range l.trips {
		seen[t.from]++
	}
	return seen
}

func (l log) busiest() (string, ⟪integer⟶int⟫) {
	best, most := "", 0
	for name, n := range l.count() {
		if n > most ⟪⟶{⟫
			best, most = name, n
		}
	}
	return best, most
}

func average(l log) float64 {
	sum := 0
	for _, t := range l.trips {
		sum += t.passengers
	}
	return ⟪sum / len(l.trips)⟶float64(sum) / float64(len(l.trips))⟶float64(sum / len(l.trips))⟫
}

func main() {
	var l log
	l.add(trip{"Quay", "Isle", 40})
	l.add(trip{"Isle", "Quay", ⟪"31"⟶31⟫})
	name, n := l.busiest()
	fmt.Println(name, n)
	fmt.Printf("%.1f\n", average(l))
	if n ⟪=⟶==⟫ 1 {
		fmt.Println(⟪'one trip'⟶"one trip"⟫)
	}
	⟪while⟶for⟫ n < 3 {
		n++
	}
}
