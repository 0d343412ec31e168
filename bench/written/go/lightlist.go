package main

import (
	"bufio"
	"fmt"
	"os"
	"strconv"
	"strings"
)

type Light interface {
	Name() string
	Range() int
}

type Beacon struct {
	name  string
	miles int
}

func (b Beacon) Name() string ⟪⟶{ ⟫return b.name }
func (b Beacon) Range() int   { return b.miles }

type Buoy struct {
	Beacon
	colour string
}

func (b *Buoy) Name() ⟪String⟶string⟫ {
	return b.Beacon.name + " (" + b.colour + ")"
}

func parse(line string) (Light, error) {
	parts := strings.⟪split⟶Split⟫(line, ",")
	if len(parts) < 2 {
		return nil, fmt.Errorf("bad line %q", line)
	}
	miles, err := strconv.Atoi(parts[1])
	if err != ⟪null⟶nil⟫ {
		return nil, err
	}
	if len(parts) == 3 {
		return ⟪Buoy⟶&Buoy⟫{Beacon{parts[0], miles}, parts[2]}, nil
	}
	return Beacon{parts[0], miles}, nil
}

func farthest(lights []Light) (best Light) {
	for ⟪l := lights⟶_, l := range lights⟫ {
		if best == nil || l.Range() > best.Range() {
			best = l
		}
	}
	return
}

func main() {
	text := "Mole,12\nBar,6,red\nSkerry,18"
	lights := []Light{}
	scanner := bufio.NewScanner(strings.NewReader(text))
	for scanner.Scan() {
		light, err := parse(scanner.⟪Text⟶Text()⟫)
		if err != nil {
			fmt.Fprintln(os.Stderr, err)
			os.Exit(⟪"1"⟶1⟫)
		}
		⟪lights.append(light)⟶lights = append(lights, light)⟫
	}
	best := farthest(lights)
	fmt.Printf("%s: %d miles\n"⟪⟶,⟫ best.Name(), best.Range())
	for i := 0; i < len(lights)⟪,⟶;⟫ i++ {
		fmt.Println(i, lights[i].Name())
	}
}
