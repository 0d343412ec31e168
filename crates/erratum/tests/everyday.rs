//! Programs with six to nine everyday mistakes each: each is one mistake at its line, with the change that was
//! meant, though one of them hides others from the compiler.

mod support;

use support::told;

#[test]
fn java_tells_on_behind_what_its_parser_says() {
    let text = r##"import java.util.*;

public class Hold {
    static class Crate {
        String label;
        int weight;
        Crate(String label, int weight) {
            this.label = label;
            this.weight = weight;
        }
        int getWeight {
            return weight;
        }
        public String tostring() {
            return label;
        }
    }

    static Map<String, Crate> store = new HashMap<>();

    static Crate heaviest() {
        Crate top = null;
        for (Crate c : store) {
            if (top == null || c.weight > top.weight) top = c;
        }
        return top;
    }

    static String size(int w) {
        switch (w / 10) {
            case 0: return "small";
            case 1: "medium";
            default: return "large";
        }
    }

    public static void main(String[] args) {
        store.put("A", new Crate("A", 12));
        Crate[] pair = new Crate[2]{ null, null };
        pair[0] = store.get("A");
        long all = 4000000000;
        float half = 0.5;
        System.out.println(heaviest().label + all + half + size(14));
        System.out.println(pair.length;
    }
}
"##;
    let wanted = [
        (11, "Add `()` after `getWeight`"),
        (32, "Add `return` before"),
        (39, "Take out `2`"),
        (44, "Add `)` before `;`"),
        (41, "Add `L` before"),
        (23, "Add `.values()`"),
        (42, "Add `f` before"),
    ];
    told("javac", "Hold.java", text, &wanted);
}

#[test]
fn a_line_that_was_left_is_read_when_its_types_fit() {
    let text = r##"#include <algorithm>
#include <iostream>
#include <string>
#include <vector>

struct Signal {
    std::string flag;
    int rank;
};

std::ostream& operator<<(std::ostream out, const Signal& s) { return out << s.flag; }

class Mast {
    std::vector<int> heights;
    int raised = 0;
public:
    void raise(int h) const { heights.push_back(h); raised++; }
    int top {
        return heights.back();
    }
    void order() { std::sort(heights); }
};

int rank(Signal s) { return s.rank; }

int main() {
    Mast mast();
    mast.raise(3);
    Signal first{"blue", 1};
    Signal* p = &first;
    std::cout << rank(p) << first << std::endl;
    if (first.flag.equals("blue")) std::cout << "blue\n";
    int* where = first.rank;
    std::cout << *where << std::endl;
}
"##;
    let wanted = [
        (18, "Add `()` after `top`"),
        (17, "Take out `const`"),
        (21, "write `heights.begin(), heights.end()`"),
        (27, "Take out `()`"),
        (31, "Add `*` before `p`"),
        (33, "Add `&` before `first`"),
        (11, "Add `&` after `ostream`"),
        (32, "write `==` instead of `.equals(`"),
    ];
    told("g++", "mast.cpp", text, &wanted);
}

#[test]
fn a_structure_holds_a_pointer_to_its_kind() {
    let text = r##"#include <stdio.h>
#include <stdlib.h>

struct rope {
    int metres;
    struct rope next;
};

int longest(struct rope *r) {
    int best = 0;
    while (r != NULL) {
        if (r->metres > best) best = r->metres;
        r = r->next;
    }
    return best;
}

int twice(int n) { return n * 2; }

void count(struct rope r) { printf("%d\n", r.metres); }

int main(void) {
    struct rope *coil = malloc(sizeof(struct rope));
    coil->metres = 12;
    int *p = &coil->metres;
    printf("%d\n", twice(p));
    count(coil);
    int grid[2][2] = {{1, 2}, {3, 4}};
    printf("%d\n", grid[1, 0]);
    fprintf("lost\n");
    if (longest(coil) => 12) {
        puts("long");
    }
    return 0;
}
"##;
    let wanted = [
        (6, "Add `*` before `next`"),
        (27, "Add `*` before `coil`"),
        (30, "Add `stderr,`"),
        (31, "write `>=`"),
        (26, "Add `*` before `p`"),
        (29, "write `][`"),
    ];
    told("gcc", "rope.c", text, &wanted);
}

#[test]
fn rust_shows_lists_for_debugging() {
    let text = r##"use std::collections::HashMap;

#[derive(Debug)]
enum Cargo {
    Salt,
    Timber { planks: u32 },
}

struct Hold {
    crates: Vec<Cargo>,
    weights: HashMap<String, u32>,
}

impl Hold {
    fn new() -> Hold {
        Hold { crates: Vec::new() }
    }

    fn first(&self) -> Option<&Cargo> {
        if self.crates.is_empty() {
            return None;
        }
        &self.crates[0]
    }
}

fn heavy(n: u32) -> bool {
    let limit = n > 10 ? 20 : 10;
    n > limit
}

fn main() {
    let mut hold = Hold::new();
    hold.crates.push(Cargo::Timber(40));
    hold.crates.push(Cargo::Salt);
    println!("{}", hold.crates);
    println!("{:?}", hold.first());
    let share: f64 = 3;
    if heavy(12) = true {
        println!("{share}");
    }
    hold.weights.insert(String::from("salt"), 4);
}
"##;
    let wanted = [
        (28, "write `if n > 10 { 20 } else { 10 }`"),
        (34, "add `planks:`"),
        (16, "Add `, weights: HashMap::new()`"),
        (23, "Add `Some(`"),
        (36, "Add `:?` before"),
        (38, "write `3.0`"),
        (39, "write `==`"),
    ];
    told("rustc", "hold.rs", text, &wanted);
}

#[test]
fn what_haskell_lacks_is_put_in() {
    let text = r##"module Main where

import qualified Data.Map as Map

data Buoy = Buoy { tag :: String, depth :: Int } deriving Show

type Chart = Map.Map String Buoy

place :: Buoy -> Chart -> Chart
place b c = Map.insert b (tag b) c

deeper :: Buoy -> Buoy -> Buoy
deeper a b = if depth a > depth b then a

shade :: Buoy -> String
shade b
  | depth b > 20 = "dark"
  | depth b > 5 = "blue"
  otherwise = "pale"

steps :: [Int] -> [(Int, Int)]
steps (a:b:rest) = (a, b) ++ steps (b:rest)
steps _ = []

scale :: Int -> Int -> Int
scale 0 = 0
scale k n = k * n

main :: IO ()
main = do
  let chart = place (Buoy "n1" 12) Map.empty
  putStrLn "buoys: " ++ show (Map.size chart)
  print (steps [1, 2, 3])
  print (scale 2 4)
  putStrLn (shade (deeper (Buoy "a" 1) (Buoy "b" 2)))
"##;
    let wanted = [
        (13, "Add `else b`"),
        (19, "Add `|`"),
        (10, "write `(tag b) b`"),
        (22, "write `:` instead of `++`"),
        (26, "Add `_`"),
        (32, "Add `(` before"),
    ];
    told("ghc", "chart.hs", text, &wanted);
}

#[test]
fn brackets_that_cancel_out_are_found_by_their_place() {
    let text = r##"program Locks;
const
  Chambers : integer := 4;
var
  Level: array[1..4] of real;
  I: integer;
  Open: boolean;

function Mean: real;
var
  S: real;
begin
  S := 0;
  for I := 1 to Chambers do
    S := S + Level[I];
  case Chambers of
    0: Mean := 0;
    4: Mean := S / 4;
end;

procedure Lift(By: real);
var
  K: integer;
begin
  K := 1;
  while K <= 4 do
    Level[K] := Level[K] + By;
    K := K + 1;
  end;
end;

begin
  for I := 1 to 4 do
    Level[I] := I * 1.5;
  Lift(0.5;
  if Mean > 2 Open := true;
  if Open then writeln('open')) else writeln('shut');
  writeln('mean ', Mean:0:1);
end.
"##;
    let wanted = [
        (3, "write `=` instead of `:=`"),
        (27, "Add the line `begin`"),
        (18, "Add the line `end;`"),
        (35, "Add `)` before `;`"),
        (37, "Take out `)`"),
        (36, "Add `then`"),
    ];
    told("fpc", "locks.pas", text, &wanted);
}

#[test]
fn go_ranges_over_lists_and_asks_for_errors() {
    let text = r##"package main

import (
	"errors"
	"fmt"
)

type Pier struct {
	name  string
	boats []string
}

func (p *Pier) Moor(boat string) error {
	if len(p.boats) > 3 {
		return errors.New("full")
	}
	p.boats = append(boat)
	return nil
}

func Find(piers []Pier, name string) (Pier, bool) {
	for _, p in piers {
		if p.name == name {
			return p, true
		}
	}
	return Pier{}, false
}

func main() {
	var names []string = {"north", "south"}
	piers := []Pier{}
	for _, n := range names {
		piers = append(piers, Pier{name: n})
	}
	err := piers[0].Moor("Tern")
	if err {
		fmt.Println(err)
	}
	found := Find(piers, "north")
	if found != nil {
		fmt.Println(found.name)
	}
	var note string = nil
	defer fmt.Println
	fmt.Println(note)
}
"##;
    let wanted = [
        (22, "write `:= range`"),
        (31, "Add `[]string` before `{`"),
        (17, "Add `p.boats,`"),
        (37, "Add `!= nil`"),
        (40, "Add `, ok`"),
        (44, r#"write `""` instead of `nil`"#),
        (45, "Add `()`"),
    ];
    told("go", "pier.go", text, &wanted);
}
