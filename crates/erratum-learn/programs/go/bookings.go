package main

import (
	"fmt"
	"sort"
	"strings"
)

type booking struct {
	name  string
	seats int
}

type sailing struct {
	capacity int
	bookings map[string]booking
}

func (s *sailing) taken() int {
	total := 0
	for _, one := range s.bookings {
		total += one.seats
	}
	return total
}

func (s *sailing) add(name string, seats int) bool {
	if s.taken()+seats > s.capacity {
		return false
	}
	s.bookings[name] = booking{name: name, seats: seats}
	return true
}

func (s *sailing) names() string {
	names := make([]string, 0, len(s.bookings))
	for name := range s.bookings {
		names = append(names, name)
	}
	sort.Strings(names)
	return strings.Join(names, ", ")
}

func main() {
	morning := sailing{capacity: 12, bookings: map[string]booking{}}
	if !morning.add("Ansel", 4) || !morning.add("Birte", 9) {
		fmt.Println("the boat is full")
	}
	delete(morning.bookings, "Ansel")
	fmt.Println(morning.names(), morning.taken())
}
