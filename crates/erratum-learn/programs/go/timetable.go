package main

import "fmt"

type Sailing struct {
	Hour   int
	Minute int
	From   string
	Seats  int
}

var day = []Sailing{
	{7, 15, "North", 40},
	{9, 30, "Mole", 28},
	{18, 5, "North", 44},
}

func (s Sailing) time() string {
	return fmt.Sprintf("%02d:%02d", s.Hour, s.Minute)
}

func next(hour int, minute int) *Sailing {
	for i := range day {
		one := &day[i]
		if one.Hour > hour || (one.Hour == hour && one.Minute >= minute) {
			return one
		}
	}
	return nil
}

func seatsFrom(pier string) int {
	sum := 0
	for _, one := range day {
		if one.From == pier {
			sum += one.Seats
		}
	}
	return sum
}

func main() {
	coming := next(9, 31)
	if coming != nil {
		fmt.Println("next:", coming.time(), "from", coming.From)
	} else {
		fmt.Println("no more sailings today")
	}
	fmt.Println("North:", seatsFrom("North"), "seats")
}
