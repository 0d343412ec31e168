package main

import (
	"errors"
	"fmt"
	"strings"
	"time"
)

var ErrDark = errors.New("beacon is dark")

type Beacon interface {
	Flash() (string, error)
	Period() ⟪(time.Duration⟶time.Duration⟶≡(time.Duration)⟫
}

type Lamp struct {
	Code  string
	Every int
	On    bool
}

func (l Lamp) Flash() (string, error) {
	if ⟪!On⟶!l.On⟫ {
		return ⟪ErrDark⟶"", ErrDark⟫
	}
	return strings.Repeat(l.Code, ⟪"2"⟶2⟫), nil
}

func (l Lamp) Period() time.Duration {
	return time.Duration(l.Every) * time⟪.second⟶.Second⟫
}

func watch(beacons ...Beacon) (seen int, ⟪error⟶err error⟫) {
	for i, b := range beacons {
		text, e := b.Flash()
		if errors.Is(e, ErrDark) {
			err = fmt.Errorf("beacon %d: %w", i, e)
			continue
		} ⟪elif⟶else if⟫ e != nil {
			return seen, e
		}
		fmt.Println(text, b.Period())
		⟪++seen⟶seen++⟫
	}
	return seen, err
}

func slowest(lamps []Lamp) *Lamp {
	var slow *Lamp
	for i := 0; i < len(lamps); i++ {
		if slow == nil || lamps[i].Every > slow.Every {
			slow = ⟪lamps[i]⟶&lamps[i]⟫
		}
	}
	return slow
}

func main() {
	lamps := []Lamp{
		{"- .", 5, true},
		{Code: ". .", Every: 8, On: ⟪True⟶true⟫},
		{Code: "---"⟪ ⟶, ⟫Every: 3},
	}
	seen, err := watch(lamps[0], lamps[1], lamps[2])
	if err != nil ⟪then ⟶⟫{
		fmt.Println("warning:", err)
	}
	fmt.Println(⟪seen of len(lamps)⟶seen, "of", len(lamps)⟫)
	fmt.Println(slowest(lamps)⟪->⟶.⟫Code)
}
