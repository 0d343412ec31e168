package main

import (
	"fmt"
	"sync"
	⟪time⟶"time"⟫
)

const workers = 3

type job struct {
	id     int
	metres float64
}

type result struct {
	id   int
	took time.Duration
⟪⟶}⟫

func spin(j job) result {
	took := time.Duration(j.metres⟪⟶)⟫ * time.Millisecond
	return result{j.id, took}
}

func run(jobs []job) map[int]time.Duration {
	in := make(chan job)
	out := make(chan ⟪Result⟶result⟫)
	var wg sync.WaitGroup
	for i := 0; i < workers; i++ {
		wg.Add(1)
		go func() {
			⟪defer wg.Done⟶defer wg.Done()⟫
			for j := range in {
				out <- spin(j)
			}
		}⟪⟶()⟫
	}
	go func() {
		for _, j := range jobs {
			in ⟪<<⟶<-⟫ j
		}
		close(in)
		wg.Wait()
		close(out)
	}()
	times := map[int]time.Duration{}
	for r := range out {
		times[r.id] = ⟪r.Took⟶r.took⟫
	}
	return times
}

func main() {
	jobs := []job{{1, 12.5}, {2, 3}, {3, 7}⟪]⟶}⟫
	⟪times = run(jobs)⟶times := run(jobs)⟫
	⟪int total = 0⟶total := 0⟶var total int = 0⟶var total = 0⟫
	for _, t := range times {
		total += int(t / time.Millisecond)
	}
	fmt.Println("spun", len(times), "ropes in", total, "ms")
}
