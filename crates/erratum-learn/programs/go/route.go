package main

import (
	"fmt"
	"strings"
)

type leg struct {
	to    string
	miles float64
}

type route struct {
	start string
	legs  []leg
}

func (r *route) add(pier string, miles float64) {
	r.legs = append(r.legs, leg{to: pier, miles: miles})
}

func (r *route) length() float64 {
	var sum float64
	for _, one := range r.legs {
		sum += one.miles
	}
	return sum
}

func (r *route) minutes(knots float64) int {
	if knots <= 0 {
		panic("the boat does not move")
	}
	return int(r.length() / knots * 60)
}

func (r *route) String() string {
	names := []string{r.start}
	for _, one := range r.legs {
		names = append(names, one.to)
	}
	return strings.Join(names, " - ")
}

func main() {
	north := route{start: "North"}
	north.add("Mole", 1.5)
	north.add("Island", 3.2)
	fmt.Println(north.String(), north.minutes(9), "min")
}
