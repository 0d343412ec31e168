//! Programs with four to eleven everyday mistakes each, most of which no single mark mends: the change that was
//! meant, at its line, and nothing else.

mod support;

use support::told;

#[test]
fn java_has_names_blocks_and_quotes_of_its_own() {
    let text = r##"import java.util.*;

public class Rota {
    static Map<String, Integer> hours = new HashMap<>();

    static int twice(int class) {
        return class * 2;
    }

    static String kind(int n) {
        if (n > 6)
            n++;
            return "long";
        else
            return "short";
    }

    public static void main(String[] args) {
        int[] all = new int[3];
        all = {4, 6, 8};
        for (String name : hours) System.out.println(name);
        System.out.println("long: " + all.length() > 2);
        System.out.println(twice(3).intValue() + kind(4));
        System.out.println("the "dawn" watch");
    }
}
"##;
    let wanted = [
        (6, "write `class_`"),
        (11, "Add `{` at the end of line 11"),
        (20, "Add `new int[]`"),
        (24, "Add `\\` before"),
        (21, "Add `.keySet()`"),
        (22, "add `(` before `all`"),
        (23, "no members"),
    ];
    told("javac", "Rota.java", text, &wanted);
}

#[test]
fn pascal_reads_on_behind_its_first_mistake() {
    let text = r##"program Rota;

uses SysUtils

type
  TWatch = record
    Name: string;
    Hours: integer;
  end;
  TWatches = array[1..8] of TWatch;

var
  Watches: TWatches;
  Count, I: integer;

procedure Add(Name: string, Hours: integer);
begin
  Inc(Count);
  Watches[Count].Name := Name;
  Watches[Count].Hours := Hours;
end;

function Kind(Hours: integer): string;
begin
  if Hours > 6 then
    Inc(Count);
    Kind := 'long';
  else
    Kind := 'short';
end;

begin
  Count := 0;
  Add('Dawn', 4);
  for I := 1 to Count do
    WriteLn(Watches(I).Name, ' ', Kind(4));
  case Count of
    0: WriteLn('none');
    1; WriteLn('it''s one');
  end;
  WriteLn('the mate's watch');
end.
"##;
    let wanted = [
        (3, "Add `;` at the end of line 3"),
        (16, "write `;` instead of `,`"),
        (25, "Add `begin` at the end of line 25"),
        (36, "write `[` instead of `(`"),
        (39, "write `:` instead of `;`"),
        (41, "Add `'` before `'`"),
    ];
    told("fpc", "Rota.pas", text, &wanted);
}

#[test]
fn what_cpp_hides_copies_and_counts() {
    let text = r##"#include <iostream>
#include <string>
#include <vector>

enum class Tide { Low, High }

struct Slot { int from; int to; };

class Watch {
    std::string name;
    Watch(std::string n) : name(n) {}
    virtual int hours() = 0;
};

class Dawn : Watch {
public:
    Dawn() : Watch("dawn") {}
    int hours() override { return 4; }
};

int sum(Watch watch, std::vector<Slot>& slots) {
    slots.push_back(Slot(1, 4));
    int all[2] = {1, 2, 3};
    int n = all.size();
    for (int i = 0; i < 3; i++);
    {
        n += all[i];
    }
    return n + watch.hours();
}

int main() {
    Dawn *dawn = new Dawn();
    std::vector<Slot> slots;
    std::vector<int> marks = [3, 5];
    try { std::cout << dawn.hours(); } catch { return 1; }
    return sum(*dawn, slots) + marks[0];
}
"##;
    let wanted = [
        (5, "Add `;` at the end of line 5"),
        (11, "Add the line `public:` before line 11"),
        (15, "Add `public` before `Watch`"),
        (21, "Add `&` after `Watch`"),
        (22, "write `{` instead of `(`"),
        (23, "write `3` instead of `2`"),
        (24, "write `std::size(all)`"),
        (25, "Take out `;`"),
        (35, "write `{` instead of `[`"),
        (36, "write `->` instead of `.`"),
        (36, "Add `(...)` after `catch`"),
    ];
    told("g++", "rota.cpp", text, &wanted);
}

#[test]
fn haskell_asks_for_fields_by_functions() {
    let text = r##"module Main where

data Watch = Watch { label :: String, hours :: Int }

total :: [Watch] -> Int
total [] = 0
total w:ws = w.hours + total ws

longest :: Watch -> Watch -> Watch
longest a b = if a.hours > hours b then a else b

kind :: Int -> Int
kind type = type + 1

main :: IO ()
main = do
  let all = [Watch "dawn" 4, Watch "dusk" 6]
  print (total all + kind 3)
  putStrLn (label (foldr1 longest all))
"##;
    let wanted = [
        (7, "Add `(` before `w`"),
        (7, "write `hours w`"),
        (10, "write `hours a`"),
        (13, "write `type_`"),
    ];
    told("ghc", "Rota.hs", text, &wanted);
}

#[test]
fn go_has_one_loop_and_no_conditional_value() {
    let text = r##"package main

import "fmt"

type Watch struct {
	name  string
	hours map[string]int
}

func both(a int) int, error {
	return a, nil
}

func made(type string) Watch {
	return Watch{name: type, hours: map[string]int}
}

func main() {
	n, err := both(3)
	for i := 0; i < n; i++
		fmt.Println(i)
	while n > 0 {
		n--
	}
	long := n > 2 ? 1 : 0
	fmt.Println(long, err, made("dawn"))
}
"##;
    let wanted = [
        (10, "Add `(` before `int`"),
        (14, "write `type_`"),
        (15, "Add `{}` before `}`"),
        (20, "Add `{` at the end of line 20"),
        (22, "write `for` instead of `while`"),
        (25, "write `long := 0"),
    ];
    told("go", "rota.go", text, &wanted);
}

#[test]
fn rust_names_lifetimes_and_ends_its_chains() {
    let text = r##"use std::collections::HashMap;

struct Watch {
    name: String,
    hours: u32,
}

fn find(all: &[Watch], name: &str) -> Option<&Watch> {
    all.iter().find(|w| w.name == name)
}

fn names(hours: &HashMap<String, u32>) -> Vec<String> {
    hours.keys().collect()
}

fn read(path: &str) -> Result<String, String> {
    let text = std::fs::read_to_string(path)?;
    Ok(text)
}

fn kind(match: u32) -> u32 {
    if match > 6
        return 2;
    match + 1
}

fn main() {
    let all = vec![Watch { name: "dawn".to_string(), hours: 4 }];
    let text = "watches: " + all.len();
    let fixed: [u32; 2] = [1, 2, 3];
    println!("{} {} {}", text, fixed[0], kind(3));
    println!("{}", find(&all, "dawn").map_or(0, |w| w.hours));
    println!("{:?} {:?}", names(&HashMap::new()), read("x"));
}
"##;
    let wanted = [
        (8, "Add `<'a>` before `(`"),
        (13, "Add `.cloned()`"),
        (17, "Add `.map_err(|e| e.to_string())`"),
        (21, "write `match_`"),
        (22, "Add `{` at the end of line 22"),
        (29, "write `format!"),
        (30, "write `3` instead of `2`"),
    ];
    told("rustc", "rota.rs", text, &wanted);
}
