package main

import (
	"errors"
	"fmt"
	"os"
)

type Signal int

const (
	Stop Signal = iota
	Caution
	Clear
)

func (s Signal) String() string {
	switch s {
	case Stop:
		return "stop"
	case Caution⟪⟶:⟫
		return "caution"
	}
	⟪⟶return "clear"⟫
}

type Track interface {
	Set(s Signal) error
	Current() Signal
}

type Gate struct {
	name    string
	current Signal
}

func (g *Gate) Set(s Signal) error {
	if s < Stop || s > Clear {
		return ⟪error⟶errors.New⟫("no such signal")
	}
	⟪self.current⟶g.current⟫ = s
	return nil
}

func (g *Gate) Current() ⟪⟶Signal ⟫{
	return g.current
}

func setAll(tracks []Track, s Signal) int {
	done := 0
	for _, t := range tracks {
		⟪err = t.Set(s)⟶err := t.Set(s)⟫
		if err == nil {
			done += 1
		}
	}
	return done
}

func main() {
	gates := map[string]*Gate{
		"north": {name: "north"},
		"south": &Gate{⟪name = "south"⟶name: "south"⟫},
	}
	var tracks []Track
	for _, g := range gates {
		tracks = append(tracks, ⟪*g⟶g⟫)
	}
	n := setAll(tracks, ⟪"Clear"⟶Clear⟫)
	fmt.Println(n, gates["north"].Current())
	⟪while n > 0⟶for n > 0⟫ {
		n--
	}
	if g, ok := gates["east"]; ⟪not ok⟶!ok⟫ {
		fmt.Println("no east gate", g)
		os.Exit(⟪⟶1⟶0⟫)
	}
}
