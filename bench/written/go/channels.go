package main

import (
	"fmt"
	"sync"
	"time"
)

type Job struct {
	ID    int
	Delay time.Duration
}

func worker(id int, jobs <-chan Job, results chan<- string, wg *sync.WaitGroup) {
	defer wg.Done⟪⟶()⟫
	for job := range jobs {
		time.Sleep(job.⟪delay⟶Delay⟫)
		results <- fmt.Sprintf("crane %d did %d", id, job.ID)
	}
}

func main() {
	jobs := make(chan Job, 3)
	results := make(chan ⟪int⟶string⟫, 3)
	var wg sync.WaitGroup
	for i := 1; i <= 2; i++ {
		wg.Add(1)
		go worker(i, jobs, results, ⟪wg⟶&wg⟫)
	}
	for i := 0; i < 3; i++ {
		jobs <- Job{ID: i, Delay: ⟪5 time.Millisecond⟶5 * time.Millisecond⟫}
	}
	close(jobs)
	go func() {
		wg.Wait()
		close(results)
	}⟪⟶()⟫
	for line := range results {
		fmt.⟪println⟶Println⟫(line)
	}
}
