package main

import "fmt"

// Tank holds fuel, in litres.
type Tank struct {
	name  string
	size  int
	level int
}

func (t *Tank) fill(amount int) int {
	room := t.size - t.level
	if amount > room {
		t.level = t.size
		return amount - room
	}
	t.level += amount
	return 0
}

func (t *Tank) draw(amount int) error {
	if amount > t.level {
		return fmt.Errorf("%s holds only %d litres", t.name, t.level)
	}
	t.level -= amount
	return nil
}

func main() {
	tanks := []*Tank{
		{name: "east", size: 1000, level: 500},
		{name: "west", size: 400, level: 200},
	}
	left := 900
	for _, tank := range tanks {
		left = tank.fill(left)
	}
	fmt.Println("left over:", left)
	if err := tanks[1].draw(500); err != nil {
		fmt.Println(err)
	}
	for i := 0; i < len(tanks); i++ {
		percent := 100 * tanks[i].level / tanks[i].size
		fmt.Println(tanks[i].name, percent, "%")
	}
}
