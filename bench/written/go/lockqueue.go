package main

import "fmt"

type Boat struct {
	name string
	beam float64
}

func (b Boat) String() string {
	return b.name
}

type Queue struct {
	boats []Boat
}

func (q *Queue) Push(b Boat) {
	q.boats ⟪= append(b)⟶= append(q.boats, b)⟫
}

func (q *Queue) Pop() (Boat, error) {
	if len(q.boats) == 0 {
		return ⟪nil⟶Boat{}⟫, fmt.Errorf("empty")
	}
	first := q.boats[0]
	q.boats = q.boats[1⟪⟶:⟫]
	return first⟪⟶, nil⟫
}

func widest(boats []Boat) Boat {
	best ⟪=⟶:=⟫ boats[0]
	for _, b := range boats {
		if b.beam > best.beam {
			best ⟪:=⟶=⟫ b
		}
	}
	return best
}

func main() {
	q := Queue{}
	q.Push(Boat{"Tern", 3.2})
	q.Push(Boat{name: "Skua"⟪;⟶,⟫ beam: 2.8})
	var total float64
	for ⟪b⟶_, b⟫ := range q.boats {
		total += b.beam
	}
	fmt.Println("total " ⟪+⟶,⟫ total)
	boat, err := q.Pop()
	if err ⟪!==⟶!=⟫ nil {
		⟪panic err⟶panic(err)⟫
	}
	fmt.Println(boat, widest(q.boats)⟪⟶)⟫
}
