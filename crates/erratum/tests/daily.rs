//! Programs with two to eight everyday mistakes each: lists, errors and functions in the way of other languages, keys and
//! kinds of texts, sums of numbers and texts, pointers in lists.

mod support;

use support::told;

#[test]
fn go_makes_its_lists_and_errors() {
    let text = r##"package main

import (
	"errors"
	"fmt"
)

type Slot struct {
	Name string
	Deep float64
}

func names(all []Slot) []string {
	var out []string
	for _, s := range all {
		append(out, s.Name)
	}
	return out
}

func check(s Slot) error {
	if s.Deep > 2 {
		return
	}
	return errors.New("too flat: %v", s.Deep)
}

func most(seen map[string]int) string {
	best := nil
	for k, n := range seen {
		if n > seen[best] {
			best = k
		}
	}
	return best
}

func main() {
	all := []Slot{{"east", 3}, {"west", 1}}
	func twice(n int) int { return n * 2 }
	var mean float64 = len(all) * 2.5
	for i := range 3 {
		fmt.Println(twice(i))
	}
	var two [2]string = []string{"a", "b"}
	fmt.Println(names(all), check(all[0]), most(nil), mean, two)
}
"##;
    let wanted = [
        (40, "write `twice := func` instead of `func twice`"),
        (16, "Add `out =`"),
        (23, "Add `nil`"),
        (25, "write `fmt.Errorf` instead of `errors.New`"),
        (29, "write `var best string` instead of `best := nil`"),
        (41, "Add `float64(` before `len`"),
        (45, "Add `2` before `]`"),
        (42, "write `i := 0; i < 3; i++` instead of `i := range 3`"),
    ];
    told("go", "slots.go", text, &wanted);
}

#[test]
fn typescript_knows_its_keys_and_kinds() {
    let text = r##"type Grade = "flat" | "steep";

interface Ramp { name: string; grade: Grade; metres: number; notes: string[] }

const tolls = { car: 4, van: 7 };

class Ramps {
  all: Ramp[] = [];
  owner: string;

  constructor(owner) {
    this.owner = owner;
  }

  add(name: string, grade: string, metres: number, notes?: string[]) {
    this.all.push({ name, grade, metres, notes });
  }

  metresOf(name: string): number {
    const one = this.all.filter(r => r.name === name);
    return one.metres;
  }
}

function toll(kind: string): number {
  return tolls[kind];
}

function label(ramp: Ramp, width = 3: number): string {
  return ramp.name + width;
}

const byName = new Map<string, Ramp>();
function keep(r: Ramp) {
  byName[r.name] = r;
}
"##;
    let wanted = [
        (29, "write `: number = 3` instead of `= 3: number`"),
        (11, "Add `: string` before `)`"),
        (15, "write `Grade` instead of `string`"),
        (16, "write `notes: notes ?? []` instead of `notes`"),
        (20, "write `find` instead of `filter`"),
        (25, "write `keyof typeof tolls` instead of `string`"),
        (35, "write `.set(r.name, r)` instead of `[r.name] = r`"),
    ];
    told("tsc", "ramps.ts", text, &wanted);
}

#[test]
fn pascal_joins_and_divides() {
    let text = r##"program Gangs;
uses SysUtils;
var
  men, hours: integer;
  pay: real;
  line: string;
begin
  men := 3;
  hours := 4;
  pay := 12.5;
  pay := pay div men;
  line := men + ' men, ' + hours;
  writeln(line);
end.
"##;
    let wanted = [(11, "write `/` instead of `div`"), (12, "Add `IntToStr(` before `men`")];
    told("fpc", "Gangs.pas", text, &wanted);
}

#[test]
fn cpp_keeps_pointers_and_what_is_built_on_it() {
    let text = r##"#include <iostream>
#include <vector>

class Stage {
    double height;
public:
    Stage(double height) : height(height) {}
    virtual double load() { return height * 2; }
};

class Mobile : public Stage {
public:
    Mobile() : Stage(2) {}
    double twice() { return height * 2; }
};

class Plan {
    std::vector<Stage> all;
public:
    void add(Stage* one) { all.push_back(one); }
    void sort() { std::sort(all.begin(), all.end()); }
    double sum() {
        double s = 0;
        for (Stage* one : all) s += one->load();
        return s;
    }
};

int main() {
    Plan plan;
    plan.add(new Mobile());
    std::cout << plan.sum() << "\n";
}
"##;
    let wanted = [
        (5, "Add the line `protected:`"),
        (18, "Add `*` before `>`"),
        (1, "Add the line `#include <algorithm>`"),
    ];
    told("g++", "plan.cpp", text, &wanted);
}
