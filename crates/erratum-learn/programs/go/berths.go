package main

import "fmt"

// Berth is a place for one boat.
type Berth struct {
	Number int
	Length float64
	Boat   string
}

func (b Berth) free() bool {
	return b.Boat == ""
}

func find(berths []Berth, length float64) (int, bool) {
	for index, berth := range berths {
		if berth.free() && berth.Length >= length {
			return index, true
		}
	}
	return 0, false
}

func moor(berths []Berth, boat string, length float64) {
	index, found := find(berths, length)
	if !found {
		fmt.Println("no berth for", boat)
		return
	}
	berths[index].Boat = boat
	fmt.Printf("%s goes to berth %d\n", boat, berths[index].Number)
}

func main() {
	berths := []Berth{
		{Number: 1, Length: 24, Boat: "Gull"},
		{Number: 2, Length: 30},
		{Number: 3, Length: 18},
	}
	moor(berths, "Petrel", 26.5)
	moor(berths, "Albatross", 40)
	count := 0
	for _, berth := range berths {
		if berth.free() {
			count++
		}
	}
	fmt.Println("free:", count)
}
