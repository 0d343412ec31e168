package main

import (
	"fmt"
	"math"
	"strings"
	"time"
)

type Point struct{ X, Y float64 }

type Route struct {
	Name   string
	Points []Point
	Speed  int
}

func (p Point) To(q Point) float64 {
	dx, dy := p.X-q.X, p.Y-q.Y
	return math.⟪sqrt⟶Sqrt⟫(dx*dx + dy*dy)
}

func (r Route) Length() (total float64) {
	for i := 1; i < len(r.Points); ⟪++i⟶i++⟫ {
		total += r.Points[i-1].To(r.Points[i])
	}
	return total
}

func (r Route) Hours() float64 {
	return r.Length() / ⟪r.Speed⟶float64(r.Speed)⟫
}

func parse(line string) (Route, ⟪⟶error⟫) {
	parts := strings.⟪Split(line)⟶Split(line, " ")⟶Split(line, ",")⟶Fields(line)⟫
	if len(parts) < 2 ⟪then ⟶⟫{
		return Route{}, fmt.Errorf("short line %q", line)
	}
	return Route{Name: parts[0], Speed: 8}, nil
}

func longest(routes map[string]Route) string {
	best := ⟪''⟶""⟫
	var length float64
	for name, r := range routes {
		if r.Length() > length {
			best, length = name, ⟪r.length⟶r.Length()⟫
		}
	}
	return best
}

func main() {
	routes := map[string]Route{
		"north": {Name: "north", Points: []Point{{0, 0}, {3, 4}}, Speed: 10},
		"reef":  {Name: "reef", Points: []Point{{0, 0}, {6, 8}, {6, 9}}⟪ Speed: 7⟶, Speed: 7⟫},
	}
	for _, r ⟪= ⟶:= ⟫range routes {
		fmt.Printf("%s %.1f miles, %.2f hours\n", r.Name, r.Length(), r.Hours())
	}
	r, err := parse("fog 1,2 3,4")
	if err != ⟪null⟶nil⟫ {
		fmt.Println(err)
		return
	}
	⟪routes.fog⟶routes["fog"]⟫ = r
	start := time.Now()
	fmt.Println(longest(routes), start.Hour())
}
