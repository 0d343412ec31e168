package main

import "fmt"

const limit = 3

type Queue struct {
	names []string
}

func (q *Queue) Push(name string) bool {
	if len(q.names) ⟪=>⟶>=⟫ limit {
		return false
	}
	q.names = append(q.names, name)
	return true
}

func (q *Queue) Pop() ⟪string⟶(string, bool)⟫ {
	if len(q.names) == 0 {
		return "", false
	}
	first := q.names[0]
	q.names = q.names[1:]
	return first, true
}

func main() {
	q := ⟪new Queue()⟶&Queue{}⟶≡new(Queue)⟫
	for i := 0; i < 4; i++⟪⟶ {⟫
		ok := q.Push(fmt.Sprintf("car %d", i))
		if !ok {
			fmt.Println(⟪'full'⟶"full"⟫)
		}
	}
	⟪while⟶for⟫ len(q.names) > 0 {
		name, _ := q.Pop()
		fmt.Println(name)
	}
}
