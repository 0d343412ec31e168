package main

import (
	"bufio"
	"fmt"
	"os"
	"strconv"
	"strings"
)

type Sample struct {
	Station string
	Depth   float64
}

func parse(line string) (Sample, error) {
	parts := ⟪line.Split(",")⟶strings.Split(line, ",")⟫
	if len(parts) != 2 {
		return ⟪nil⟶Sample{}⟫, fmt.Errorf("bad line %q", line)
	}
	⟪depth := strconv.ParseFloat(parts[1], 64)⟶depth, err := strconv.ParseFloat(parts[1], 64)⟫
	if err != nil {
		return Sample{}, err
	}
	return Sample{parts[0]⟪;⟶,⟫ depth}, nil
}

func mean(samples []Sample) float64 {
	var sum float64
	for _, s := range samples {
		sum += s.⟪depth⟶Depth⟫
	}
	return sum / ⟪len(samples)⟶float64(len(samples))⟫
}

func group(samples []Sample) ⟪map(string)[]float64⟶map[string][]float64⟫ {
	groups := make(map[string][]float64)
	for _, s := range samples {
		groups[s.Station] = append(groups[s.Station], s.Depth)
	}
	⟪⟶return groups⟫
}

func read(path string) ([]Sample, error) {
	file, err := os.Open(path)
	if err != nil {
		return nil, err
	}
	defer file⟪.Close⟶.Close()⟫
	scanner := bufio.NewScanner(file)
	var samples []Sample
	for scanner.Scan() {
		sample, err := parse(scanner.Text())
		if err != nil ⟪⟶{⟫
			continue
		}
		samples = append(⟪sample⟶samples, sample⟫)
	}
	return samples, nil
}

func main() {
	samples⟪⟶, _⟫ := read("mud.csv")
	if len(samples) == 0 {
		samples = []Sample{{"bar", 1.5}, {"gut", 2.25}⟪⟶}⟫
	}
	fmt.Printf("mean %.2f\n", mean(samples))
	for station, depths := range group(samples) {
		fmt.Println(station⟪ ⟶, ⟫depths)
	}
	⟪int total = len(samples)⟶total := len(samples)⟶var total int = len(samples)⟶var total = len(samples)⟫
	fmt.Println(total)
}
