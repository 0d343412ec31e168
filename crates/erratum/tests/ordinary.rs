//! Programs with five to eight mistakes each that have no mark of their own to show them: half comparisons, bodies
//! and lists without braces, parameters that are followed, values that are taken as there, types that hold themselves.

mod support;

use support::told;

#[test]
fn java_writes_its_comparisons_whole() {
    let text = r##"import java.util.*;

public class Ledger {
    private final Map<String, Double> dues = new TreeMap<String>();
    private final int limit;
    private final String quay;

    Ledger(String quay, int limit) {
        this.quay = quay;
    }

    double of(String boat) {
        return dues[boat];
    }

    boolean near(int berth) {
        if (berth > 2 && <= 6) return true;
        return berth == 9 || 11 || 13;
    }

    void pay(String boat, double sum) {
        for (int i = 0; i < limit; i++)
            double part = sum / limit;
            dues.put(boat, dues.get(boat) - part);
    }

    public static void main(String[] args) {
        Ledger l = new Ledger("Mole", 3);
        l.pay("Tern", 12,75);
        System.out.println(l.near(4) == False);
    }
}
"##;
    let wanted = [
        (17, "Add `berth` before `<=`"),
        (22, "Add `{`"),
        (4, "write `<String, Double>` instead of `<String>`"),
        (13, "write `.get(boat)` instead of `[boat]`"),
        (18, "Add `berth ==` before `11`"),
        (29, "write `.` instead of `,`"),
        (30, "write `false` instead of `False`"),
        (10, "Add the line `this.limit = limit;`"),
    ];
    told("javac", "Ledger.java", text, &wanted);
}

#[test]
fn c_follows_what_it_is_given() {
    let text = r##"#include <stdio.h>
#include <stdlib.h>

typedef struct rope {
    int metres;
    struct rope behind;
} Rope;

typedef struct {
    Rope *first;
    int count;
} Coil;

static void add(Coil coil, int metres)
{
    Rope *r = (double) malloc(sizeof(Rope));
    r->metres = metres;
    coil->first = r;
    coil->count += 1;
}

static int fits(const Rope *r)
{
    return r->metres >= 5 && < 40;
}

int main(void)
{
    Coil *coil = calloc(1, sizeof(Coil));
    add(coil, 12);
    int all = 0;
    while (all < 10)
        int step = fits(coil->first) ? 2 : 5;
        all += step;
    printf("%d\n", all);
    return 0;
}
"##;
    let wanted = [
        (6, "Add `*` before `behind`"),
        (16, "write `Rope *` instead of `double`"),
        (14, "Add `*` before `coil`"),
        (24, "Add `r->metres` before `<`"),
        (32, "Add `{`"),
    ];
    told("gcc", "slip.c", text, &wanted);
}

#[test]
fn cpp_holds_pointers_and_lists() {
    let text = r##"#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Boat {
private:
    string name;
    int crew;
public:
    Boat(string name, int crew) : name(name), crew(crew) {}
    virtual ~Boat() {}
    int size() const { return crew; }
};

class Tug : public Boat {
    int power;
public:
    Tug(string name, int crew, int power) : Boat(name, crew), power(power) {}
    string label() const { return name + "!"; }
};

int main() {
    vector<Boat> boats;
    boats.push_back(new Tug("Ox", 3, 900));
    vector<int> sizes = (3, 5, 9);
    int most = 0;
    for (int s : sizes)
        int twice = s * 2;
        if (twice > most) most = twice;
    cout << "most: " most << " of " << sizes.size() << end;
    if (most > 4 && < 20) cout << "fits";
    return 0;
}
"##;
    let wanted = [
        (7, "write `protected` instead of `private`"),
        (24, "Add `*` before `>`"),
        (26, "write `{` instead of `(`"),
        (28, "Add `{`"),
        (31, "Add `<<` before `most`"),
        (31, "write `endl` instead of `end`"),
        (32, "Add `most` before `<`"),
    ];
    told("g++", "fleet.cpp", text, &wanted);
}

#[test]
fn typescript_knows_lists_and_getters() {
    let text = r##"interface Fee { zone: string; sum: number; since: Date; }

class Tariff {
  private static made = 0;
  fees: Fee = [];
  newest: Fee = null;

  constructor() {
    made += 1;
  }

  get total(): number {
    return this.fees.map(f => { f.sum }).reduce((a, b) => a + b, 0);
  }

  add(zone: string, sum: number): void {
    this.fees.push({ zone, sum, since: "2026-05-01" });
  }

  label(): string {
    return `${this.fees.length} fees, ${this.total()} in all`;
  }
}

function byZone(fees: Fee[]) {
  const sums = {};
  for (const f of fees) sums[f.zone] = f.sum * 2;
  return sums;
}

function dearest(fees: Fee): string {
  let best = "";
  for (const f of fees) if (f.sum > 10) best = f.zone;
  return best;
}

console.log(new Tariff().label(), byZone([]), dearest([]));
"##;
    let wanted = [
        (5, "Add `[]` after `Fee`"),
        (6, "Add `| null` after `Fee`"),
        (21, "Take out `()`"),
        (26, "Add `: Record<string, number>` after `sums`"),
        (31, "Add `[]` before `)`"),
        (13, "Add `return` before `f`"),
        (17, r#"Add `new Date(` before `"`"#),
        (9, "Add `Tariff.`"),
    ];
    told("tsc", "tariff.ts", text, &wanted);
}

#[test]
fn haskell_keeps_its_own_names_apart() {
    let text = r##"module Main where

import Data.Char
import Data.List
import qualified Data.Map.Strict as Map

data Crate a = Crate [a] Int

type Rota = Map String [Int]

instance Show Crate where
  show (Crate xs n) = show xs ++ show n

put :: a -> Crate a -> Crate a
put x (Crate xs n) = Crate x:xs (n + 1)

partition :: Int -> [Int] -> [Int]
partition n xs = filter (> n) xs

hours :: Rota -> String -> Int
hours rota name = total - 1
  where total = Map.lookup name counts
        counts = Map.map sum rota

longest :: [String] -> Int
longest names = maximum (map length)

rota :: Rota
rota = Map.fromList [("dawn", [4, 6]), ("noon", [3])]

main :: IO
main = do
  print (partition 2 [1, 2, 3])
  print (hours rota "dawn")
  mapM_ print (Map.keys rota)
  putStrLn (map toUpper "mole")
"##;
    let wanted = [
        (9, "Add `Map.` before `Map`"),
        (4, "Add `hiding (partition)`"),
        (11, "Add `Show a =>` before `Show`"),
        (31, "Add `()`"),
        (15, "Add `(` before `x`"),
        (22, "write `findWithDefault 0` instead of `lookup`"),
        (26, "Add `names` before `)`"),
    ];
    told("ghc", "Watches.hs", text, &wanted);
}

#[test]
fn rust_takes_what_is_there() {
    let text = r##"use std::collections::HashMap;

struct Hold {
    crates: HashMap<String, u32>,
}

fn parse(line: &str) -> Result<Vec<u32>, std::num::ParseIntError> {
    line.split(' ').map(|p| p.parse()).collect()
}

fn digits(line: &str) -> String {
    let mut out = "";
    for c in line.chars() {
        if c.is_digit() && c > '2' && < '8' {
            out.push(c);
        }
    }
    out.to_string()
}

fn heaviest(hold: &Hold, name: &str) -> u32 {
    let found = hold.crates.get(name);
    let twice = found * 2;
    if twice == 4 || 6 {
        return found + 1;
    }
    twice
}

fn main() {
    let all = parse("3 4 5");
    println!("{} numbers", all.len());
    let mut crates = HashMap::new();
    crates.insert("rope".to_string(), 3);
    let hold = Hold { crates };
    println!("{} {}", heaviest(&hold, "rope"), digits("2026"));
}
"##;
    let wanted = [
        (14, "Add `c` before `<`"),
        (22, "Add `.unwrap()` before `;`"),
        (12, r#"write `String::new()` instead of `""`"#),
        (24, "Add `twice ==` before `6`"),
        (31, "Add `.unwrap()` before `;`"),
    ];
    told("rustc", "manifest.rs", text, &wanted);
}

#[test]
fn scala_hands_values_on() {
    let text = r##"import scala.collection.mutable

abstract class Gate(val name: String, val width: Int) {
  def open: Boolean
}

class Lock(name: String, width: Int, val level: Double) extends Gate {
  def open: Boolean = level > 2.5 && < 4.0
}

class Keeper {
  private val gates = mutable.ListBuffer[Gate]()
  val passes = mutable.Map[String, Int]

  def add(g: Gate): Unit = gates += g

  def level(name: String): Option[Double] = gates.find(_.name == name) match {
    case Some(l: Lock) => l.level * 1.5
    case _ => None
  }

  def widest: Int = gates.map(_.width).max()

  def first: String = passes.minBy(_._2)

  def steps(n: Int) = if (n == 0) 1 else n * steps(n - 1)
}

object Locks {
  def main(args: Array[String]): Unit = {
    val k = new Keeper()
    k.add(new Lock("North", 12, 3.2))
    println(k.widest + " " + k.gates.size)
  }
}
"##;
    let wanted = [
        (8, "Add `level` before `<`"),
        (7, "Add `(name, width)` after `Gate`"),
        (13, "Add `()`"),
        (18, "Add `Some(` before `l`"),
        (22, "Take out `()`"),
        (24, "Add `._1`"),
        (26, "Add `: Int` after `)`"),
        (33, "Line 33: something is used that is private"),
    ];
    told("scalac", "Locks.scala", text, &wanted);
}

#[test]
fn pascal_counts_its_lists() {
    let text = r##"program Berth;

uses SysUtils;

const
  Depths: array[1..3] of Integer = (4, 6, 9, 11);

type
  TRope = record
    Metres: Integer;
    Behind: TRope;
  end;

var
  Line: string;
  Count: Integer;

begin
  ReadLn(Line);
  Count := Line;
  for K := 1 to 3 do
    WriteLn(Depths[K]);
  if (Count > 2) and (< 9) then
    WriteLn('fits');
end.
"##;
    let wanted = [
        (6, "write `4` instead of `3`"),
        (11, "Add `^` before `TRope`"),
        (20, "Add `StrToInt(` before `Line`"),
        (15, "Add the line `K: integer;`"),
        (23, "Add `Count` before `<`"),
    ];
    told("fpc", "berth.pas", text, &wanted);
}

#[test]
fn go_points_at_the_next_one() {
    let text = r##"package main

import (
	"errors"
	"fmt"
)

type Pilot struct {
	Name  string
	Hours int
	Next  Pilot
}

func longest(all []*Pilot) (Pilot, error) {
	var best *Pilot
	for _, p := range all {
		if p.Hours > 3 && < 12 {
			best = p
		}
	}
	if best == nil {
		return Pilot{}, errors.New("nobody")
	}
	return best, nil
}

func main() {
	name := "none"
	p, err := longest([]*Pilot{{Name: "Kim", Hours: 6}})
	if err != nil {
		fmt.Println("no pilot: " + err)
	}
	fmt.Println(name, p.name)
}
"##;
    let wanted = [
        (17, "Add `p.Hours` before `<`"),
        (11, "Add `*` before `Pilot`"),
        (24, "Add `*` before `best`"),
        (31, "Add `.Error()` before `)`"),
        (33, "write `Name` instead of `name`"),
    ];
    told("go", "pilots.go", text, &wanted);
}

#[test]
fn csharp_makes_dates_of_texts() {
    let text = r##"using System;
using System.Collections.Generic;

class Crane
{
    Dictionary<string, List<int>> loads = new Dictionary<string>();
    DateTime built = "2019-04-02";

    public bool Fits(int tons)
    {
        return tons >= 2 && <= 30;
    }

    public int Sum(int[] all)
    {
        int sum = 0;
        foreach (int one in all)
            int twice = one * 2;
            sum += twice;
        if (sum == 10 || 20) sum--;
        return sum;
    }

    static void Main()
    {
        var crane = new Crane();
        var names = new List<string>();
        names.add(DateTime.Now.ToString().trim());
        Console.WriteLine(crane.Sum(new int[] { 1, 2 }));
    }
}
"##;
    let wanted = [
        (11, "Add `tons` before `<=`"),
        (17, "Add `{`"),
        (20, "Add `sum ==` before `20`"),
        (6, "write `<string, List<int>>` instead of `<string>`"),
        (28, "write `Add` instead of `add`"),
        (28, "write `Trim` instead of `trim`"),
        (7, r#"Add `DateTime.Parse(` before `"`"#),
    ];
    told("mcs", "Crane.cs", text, &wanted);
}
