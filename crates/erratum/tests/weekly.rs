//! Programs with three to eight everyday mistakes each: functions that are handed on, objects that are owned, values
//! that may be missing, sequences, streams and lists, and what a fix has to bring in.

mod support;

use support::told;

#[test]
fn c_hands_functions_on_and_keeps_pointers() {
    let text = r##"#include <stdio.h>
#include <stdlib.h>

struct net {
    char name[16];
    int width;
    struct net *below;
};

int by_width(const void *a, const void *b);
int widest(struct net *top)

void put(struct net **top, struct net *one)
{
    struct net *old = *top;
    one->below = old;
    *top = &one;
}

int by_width(const void *a, const void *b)
{
    return ((const struct net *)a)->width - ((const struct net *)b)->width;
}

int widest(struct net *top)
{
    int best = 0;
    for (; top != NULL; top = top->below)
        if (top->width > best)
            best = top->width;
    return best;
}

int main(void)
{
    struct net nets[2] = {{"drift", 4, NULL}, {"drag", 9, NULL}};
    struct net *top = NULL;
    put(&top, &nets[0]);
    qsort(nets, 2, sizeof(struct net), by_width());
    printf("%d\n", widest(*top));
    return 0;
}
"##;
    let wanted =
        [(11, "Add `;`"), (39, "Take out `()`"), (40, "Take out `*`"), (17, "Take out `&`")];
    told("gcc", "nets.c", text, &wanted);
}

#[test]
fn cpp_owns_what_it_makes() {
    let text = r##"#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

struct Boat {
    std::string name;
    int seats;
    Boat(std::string n, int s) : name(n), seats(s) {}
};

int total(const std::vector<std::shared_ptr<Boat>>& boats) {
    int sum = 0;
    for (auto& boat : boats) {
        sum += boat.seats;
    }
    return sum;
}

int most(const std::vector<Boat>& all) {
    int best = 0;
    for (Boat& one : all) {
        if (one.seats > best) best = one.seats;
    }
    return best;
}

int main() {
    std::vector<std::shared_ptr<Boat>> boats;
    boats.push_back(new Boat("Auk", 12));
    std::vector<Boat> plain;
    plain.push_back("Tern", 30);
    std::map<std::string, int> trips;
    trips.insert("Auk", 3);
    Boat* first = plain[0];
    std::cout << total(boats) << most(plain) << first->name << std::endl;
    return 0;
}
"##;
    let wanted = [
        (16, "write `->` instead of `.`"),
        (23, "Add `const` before `Boat`"),
        (31, "write `std::make_shared<Boat>` instead of `new Boat`"),
        (33, "write `emplace_back` instead of `push_back`"),
        (35, "Add `{` before `\"`"),
        (36, "Add `&` before `plain`"),
    ];
    told("g++", "fleet.cpp", text, &wanted);
}

#[test]
fn java_announces_what_goes_wrong() {
    let text = r##"import java.io.BufferedReader;
import java.io.FileReader;
import java.util.ArrayList;
import java.util.List;

record Crate(String label, int kilos) {}

class Depot {
    private final List<Crate> crates = new ArrayList<>();

    Depot(String path) {
        BufferedReader in = new BufferedReader(new FileReader(path));
        String line = in.readLine();
        while (line != null) {
            String fields = line.split(";");
            crates.add(new Crate(fields[0], Integer.parseInt(fields[1])));
            line = in.readLine();
        }
        in.close();
    }

    int weight() {
        return crates.stream().map(c -> c.kilos()).sum();
    }

    List<Crate> heavy(int limit) {
        List<Crate> found = new ArrayList<>();
        for (Crate c : crates) {
            if (c.kilos > limit) {
                found.add(c);
            }
        }
        return found;
    }

    Crate first() {
        return crates.get(0);
    }

    public static void main(String[] args) {
        Depot depot = new Depot("depot.csv");
        String top = depot.first();
        System.out.println(top.label() + " of " + depot.weight());
    }
}
"##;
    let wanted = [
        (15, "write `String[]` instead of `String`"),
        (29, "Add `()` after `kilos`"),
        (42, "write `Crate` instead of `String`"),
        (23, "write `mapToInt` instead of `map`"),
        (11, "Add `throws IOException` after `)`"),
    ];
    told("javac", "Depot.java", text, &wanted);
}

#[test]
fn rust_orders_real_numbers() {
    let text = r##"#[derive(Debug, Clone)]
struct Crate {
    label: String,
    kilos: f64,
}

fn lightest(all: &[Crate]) -> Option<&Crate> {
    all.iter().min_by_key(|c| c.kilos)
}

fn sorted(mut kilos: Vec<f64>) -> Vec<f64> {
    kilos.sort();
    kilos
}

fn labels(text: &str) -> usize {
    let found = text.split(',').collect();
    found.len()
}

fn main() {
    let all = vec![Crate { label: "salt".to_string(), kilos: 2.5 }];
    if let Ok(one) = lightest(&all) {
        println!("{}", one.label);
    }
    println!("{:?} {}", sorted(vec![2.0, 1.0]), labels("a,b"));
    match "12".parse::<u32>() {
        Some(n) => println!("{n}"),
        Err(_) => println!("no number"),
    }
}
"##;
    let wanted = [
        (
            8,
            "write `min_by(|a, b| a.kilos.total_cmp(&b.kilos))` instead of `min_by_key(|c| c.kilos)`",
        ),
        (12, "write `sort_by(|a, b| a.total_cmp(b))` instead of `sort()`"),
        (23, "write `Some` instead of `Ok`"),
        (28, "write `Ok` instead of `Some`"),
        (17, "Add `: Vec<_>` after `found`"),
    ];
    told("rustc", "weights.rs", text, &wanted);
}

#[test]
fn typescript_spreads_lists_and_types_heads() {
    let text = r##"enum Level { Low, High }

interface Gauge { port: string; depth: number; seen?: Date }

const gauges: Gauge[] = [
  { port: "Vik", depth: 3 },
  { port: "Holm", depth: 5 },
];

function stamp(at: Date = Date.now()): string {
  return at.toISOString();
}

const deepest = Math.max(gauges.map((g) => g.depth));

function level(name: string): Level {
  return Level[name];
}

gauges.forEach(g: Gauge => {
  console.log(g.port, g.depth);
});

const low: number[] = [];
low.push([1, 2]);

function late(gauge: Gauge, now: Date): boolean {
  return gauge.seen < now;
}

console.log(stamp(), deepest, level("Low"), late(gauges[0], new Date()));
"##;
    let wanted = [
        (20, "Add `(` before `g`"),
        (10, "write `new Date()` instead of `Date.now()`"),
        (14, "Add `...` before `gauges`"),
        (25, "Add `...` before `[`"),
        (17, "Add `as keyof typeof Level` before `]`"),
        (28, "The value on line 28 may be missing"),
    ];
    told("tsc", "gauges.ts", text, &wanted);
}

#[test]
fn haskell_switches_parts_of_itself_on() {
    let text = r##"module Main where

data Gate = Open | Shut Int
  deriving (Show, Eq)

data Side = Left' | Right'
  deriving (Show, Enum, Bounded)

class Told a where
  told :: a -> String

instance Told [Int] where
  told xs = "levels " ++ show xs

label :: Gate -> String
label Open n = "open"
label (Shut k) = "shut for " ++ show k

stamp :: Int -> Int -> String
stamp h m = two h ++ "." ++ two m
  where
    two k
      | k < 10 = "0" ++ show k
      | otherwise = k

main :: IO ()
main = do
  levels = [3, 4, 5] :: [Int]
  putStrLn (told levels)
  putStrLn (label Open)
  putStrLn (stamp 7 30)
  print [Left'..]
"##;
    let wanted = [
        (28, "Add `let`"),
        (32, "Put a blank before `.`"),
        (1, "Add the line `{-# LANGUAGE FlexibleInstances #-}` before line 1"),
        (16, "The call on line 16 gives too few values"),
        (24, "Add `show` before `k`"),
    ];
    told("ghc", "Locks.hs", text, &wanted);
}

#[test]
fn pascal_brings_in_what_a_fix_needs() {
    let text = r##"program Berths;

{$mode objfpc}

type
  TBerth = record
    Name: string;
    Feet: Integer;
  end;

var
  B: TBerth;
  Total: Integer;
  Line: string;

function Show(const One: TBerth): string;
begin
  Result := One.Name + ': ' + One.Feet;
end;

begin
  B.Name := 'south';
  B.Feet := 40;
  Total := 0;
  Line := 'berths: ' + Total;
  if not B.Name = 'north' then
    WriteLn(Show(B));
  WriteLn(Line);
end.
"##;
    let wanted = [
        (18, "Add `IntToStr(` before `One`"),
        (26, "Add `(` before `B`"),
        (25, "Add `IntToStr(` before `Total`"),
    ];
    told("fpc", "berths.pas", text, &wanted);
}

#[test]
fn csharp_gives_sequences() {
    let text = r##"using System;
using System.Collections.Generic;
using System.Linq;

class Post
{
    public string Name;
    public decimal Pay;
    public Post(string name, decimal pay) { Name = name; Pay = pay; }
}

class Watch
{
    private readonly List<Post> posts = new List<Post>();

    public void Add(string name, decimal pay = 10m, string place)
    {
        posts.Add(new Post(name + place, pay));
    }

    public IEnumerable<string> Dear()
    {
        foreach (Post post in posts)
        {
            if (post.Pay > 20.5)
                return post.Name;
        }
    }

    public Post Cheapest()
    {
        return posts.OrderBy(p => p.Pay);
    }

    public int Count(Func<Post> test)
    {
        int n = 0;
        foreach (Post post in posts)
            if (test(post)) n++;
        return n;
    }

    public Post Find(string name)
    {
        return posts.FirstOrDefault(p => p.Name = name);
    }

    static void Main()
    {
        var watch = new Watch();
        watch.Add("Aune", 12m, "quay");
        foreach (string name in watch.Dear)
            Console.WriteLine(name);
        Console.WriteLine(watch.Count(p => p.Pay < 15m));
        Action<int, int> both = (a, b) -> Console.WriteLine(a + b);
        both(1, 2);
    }
}
"##;
    let wanted = [
        (16, "Take out `= 10m`"),
        (25, "Add `m` before `)`"),
        (26, "Add `yield`"),
        (32, "Add `.First()` before `;`"),
        (35, "Add `, bool` before `>`"),
        (45, "write `==` instead of `=`"),
        (52, "Add `()` before `)`"),
        (55, "write `=>` instead of `->`"),
    ];
    told("mcs", "Watch.cs", text, &wanted);
}

#[test]
fn scala_sets_what_may_change() {
    let text = r##"import scala.collection.mutable

trait Named {
  def label: String
}

case class Buoy(port: String, depth: Double)

class Quay(label: String, places: Int) extends Named {
  def free: Int = places
}

object Mooring {
  def at(all: List[Buoy], port: String): List[Buoy] = all.filter(b => b.port = port)

  def total(all: List[Buoy]): Double = all.foldLeft(0)((sum, b) => sum + b.depth)

  def main(args: Array[String]): Unit = {
    val type = "buoys"
    val seen = Map("Vik" -> 1)
    seen("Holm") = 2
    var count = 0
    count =+ 1
    val one = Buoy("Vik", 2.5)
    one.depth = 3.5
    println(type + count + seen.size + total(List(one)) + at(List(one), "Vik").size)
  }
}
"##;
    let wanted = [
        (19, "write `typeValue` instead of `type`"),
        (14, "write `==` instead of `=`"),
        (16, "write `0.0` instead of `0`"),
        (20, "Add `mutable.` before `Map`"),
        (7, "Add `var` before `depth`"),
        (23, "write `+=` instead of `=+`"),
        (9, "Add `val` before `label`"),
    ];
    told("scalac", "Mooring.scala", text, &wanted);
}

#[test]
fn go_starts_and_waits() {
    let text = r##"package main

import (
	"errors"
	"fmt"
	"strconv"
	"sync"
	"time"
)

type Alarm struct {
	Name string
	Wait int
}

func read(name, wait string) (Alarm, error) {
	n, err := strconv.ParseInt(wait)
	if err != nil {
		return err
	}
	return Alarm{name, int(n)}
}

func (a Alarm) Text() {
	return fmt.Sprintf("%s after %d", a.Name, a.Wait)
}

func check(a Alarm) error {
	if a.Wait < 0 {
		return errors.New("no such time")
	}
}

func main() {
	alarms := map[string]Alarm{}
	var wg sync.WaitGroup
	for n := 0; n < 3; n++ {
		wg.Add(1)
		go func(n int) {
			fmt.Println(n)
			wg.Done()
		}
	}
	wg.Wait()
	a, err := read("fog", "5")
	if _, ok = alarms[a.Name]; ok {
		fmt.Println("known")
	}
	time.Sleep(a.Wait * time.Second)
	fmt.Println(a.Text(), check(a), err)
}
"##;
    let wanted = [
        (17, "Add `, 10, 64` before `)`"),
        (19, "Add `Alarm{},` before `err`"),
        (21, "Add `, nil`"),
        (24, "Add `string` after `)`"),
        (31, "Add the line `return nil`"),
        (42, "Add `(n)`"),
        (46, "write `:=` instead of `=`"),
        (49, "Add `time.Duration(`"),
    ];
    told("go", "alarms.go", text, &wanted);
}
