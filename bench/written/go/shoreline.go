package main

import (
	"fmt"
	"math"
⟪⟶)⟫

type Point struct {
	X, Y float64
}

func (p Point) Dist(q Point) float64 {
	return math.⟪Sqr⟶Sqrt⟫(math.Pow(p.X-q.X, 2) + math.Pow(p.Y-q.Y, 2))
}

func length(points []Point) float64 {
	var sum float64
	for i := 1; i < ⟪points.length⟶len(points)⟫; i++ {
		sum += points[i].Dist(points[i-1])
	}
	return sum
}

func closest(points []Point, to Point) (Point, float64) {
	best, dist := points[0], math.MaxFloat64
	for _, p := range points {
		if d := p.Dist(to); d < dist {
			best, dist = p, d
		}
	}
	return ⟪best⟶best, dist⟫
}

func main() {
	points := []Point{{0, 0}, {3, 4}, {6⟪⟶,⟫ 8}}
	fmt.Println(length(points))
	⟪p⟶p, d⟫ := closest(points, Point{2, 2})
	fmt.Println(p.X, d)
	if p == ⟪nil⟶(Point{})⟫ {
		fmt.Println("none")
	}
}
