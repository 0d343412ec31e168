//! Whole programs with one mistake each, in the languages beside C, C++, Java and Rust: the first fix
//! must give back what was meant.

mod support;

use support::check_slips;

#[test]
fn slips_in_typescript() {
    let sound = r#"interface Berth {
    place: string;
    length: number;
}

function longest(berths: Berth[]): number {
    let best = 0;
    for (const berth of berths) {
        if (berth.length > best) {
            best = berth.length;
        }
    }
    return best;
}

const berths: Berth[] = [
    { place: "north", length: 24 },
    { place: "mole", length: 30 },
];
console.log("longest: " + longest(berths));
"#;
    check_slips(
        "typescript",
        "berths.ts",
        sound,
        &[
            ("length: number;", "length: numbre;"),
            ("function longest", "funtcion longest"),
            ("let best = 0", "const best = 0"),
            ("of berths) {", "of berths {"),
            ("berth.length > best", "berth.lenght > best"),
            ("berth.length;", "berth,length;"),
            ("return best;\n}\n", "return best;\n"),
            ("return best;", "return bst;"),
            ("{ place: \"north\", length: 24 }", "{ place: \"north\" length: 24 }"),
            ("length: 30", "length: \"30\""),
            ("\"longest: \"", "\"longest: "),
            ("console.log", "Console.log"),
            ("longest(berths));", "longest(berths);"),
        ],
    );
}

#[test]
fn slips_in_haskell() {
    let sound = r#"module Main where

import Data.List (sort)

-- Hours of the sailings.
hours :: [Int]
hours = [18, 7, 9]

late :: Int -> Bool
late hour = hour > 12

describe :: Int -> String
describe hour =
  case late hour of
    True -> "late"
    False -> "early"

main :: IO ()
main = do
  let ordered = sort hours
  mapM_ (\hour -> putStrLn (show hour ++ ": " ++ describe hour)) ordered
  putStrLn ("first: " ++ show (head ordered))
"#;
    check_slips(
        "haskell",
        "Main.hs",
        sound,
        &[
            ("import Data.List (sort)\n\n", ""),
            ("Data.List", "Data.Lits"),
            ("-- Hours of", "Hours of"),
            ("[18, 7, 9]", "[18, 7 9]"),
            ("[18, 7, 9]", "[18, 7, 9"),
            ("late hour = hour > 12", "late hour = huor > 12"),
            ("case late hour of", "case late hour"),
            ("\"early\"", "\"early"),
            ("False ->", "Fasle ->"),
            ("main = do", "main ="),
            ("show hour ++", "shwo hour ++"),
            ("show (head ordered))", "show (head ordered)"),
            ("head ordered", "head orderd"),
        ],
    );
}

#[test]
fn slips_in_pascal() {
    let sound = r#"program fares;

{$mode objfpc}

uses
  SysUtils;

type
  TFare = record
    zone: integer;
    price: real;
  end;

var
  fare: TFare;
  i: integer;

function Total(price: real; seats: integer): real;
begin
  if seats > 10 then
    Total := price * seats * 0.9
  else
    Total := price * seats;
end;

begin
  fare.zone := 2;
  fare.price := 3.5;
  for i := 1 to 3 do
  begin
    writeln(IntToStr(i), ': ', Total(fare.price, i * 5):0:2);
  end;
  writeln('zone ', fare.zone);
end.
"#;
    check_slips(
        "pascal",
        "fares.pas",
        sound,
        &[
            ("uses\n  SysUtils;\n\n", ""),
            ("zone: integer;\n", "zone: integer\n"),
            ("if seats > 10 then", "if seats > 10"),
            ("seats * 0.9\n", "seats * 0.9;\n"),
            ("fare.zone := 2", "fare.zone = 2"),
            ("fare.zone := 2", "fare.zoen := 2"),
            ("for i := 1 to 3 do", "for i := 1 to 3"),
            ("  begin\n    writeln(Int", "    writeln(Int"),
            (":0:2);\n  end;\n", ":0:2);\n"),
            ("IntToStr(i)", "IntTostring(i)"),
            ("'zone '", "zone '"),
            ("Total(fare.price, i", "Total(fare.price i"),
            ("fare.zone);\nend.\n", "fare.zone);\n"),
        ],
    );
}

#[test]
fn slips_in_csharp() {
    let sound = r#"using System;
using System.Collections.Generic;

class Tides
{
    static double Highest(List<double> levels)
    {
        double best = 0;
        foreach (double level in levels)
        {
            if (level > best)
            {
                best = level;
            }
        }
        return best;
    }

    static void Main()
    {
        List<double> levels = new List<double> { 1.1, 2.4, 3.3 };
        string word = "high";
        Console.WriteLine(word + " tide: " + Highest(levels));
    }
}
"#;
    check_slips(
        "csharp",
        "Tides.cs",
        sound,
        &[
            ("using System;\n", ""),
            ("using System.Collections.Generic;\n", ""),
            ("double best = 0;", "double best = 0"),
            ("foreach (double", "foraech (double"),
            ("(level > best)", "(level > best"),
            ("best = level;", "bets = level;"),
            ("static void Main", "static viod Main"),
            ("static void Main", "static void main"),
            ("string word", "int word"),
            ("\"high\"", "\"high"),
            ("Console.WriteLine", "Console.Writeline"),
            ("Highest(levels)", "Highest()"),
            ("    }\n}\n", "    }\n"),
        ],
    );
}

#[test]
fn slips_in_scala() {
    let sound = r#"case class Leg(pier: String, miles: Double)

object Route {
  def total(legs: List[Leg]): Double = {
    var sum = 0.0
    for (leg <- legs) {
      sum += leg.miles
    }
    sum
  }

  def main(args: Array[String]): Unit = {
    val legs = List(Leg("Mole", 1.5), Leg("Island", 3.2))
    println("miles: " + total(legs))
  }
}
"#;
    check_slips(
        "scala",
        "Route.scala",
        sound,
        &[
            ("miles: Double)", "miles: double)"),
            ("List[Leg]): Double", "List[Leg]: Double"),
            ("var sum", "val sum"),
            ("leg.miles", "leg.milse"),
            ("\"Island\"", "\"Island"),
            ("total(legs))", "total(legs)"),
        ],
    );
}

#[test]
fn slips_in_go() {
    let sound = r#"package main

import (
	"fmt"
	"strings"
)

type Berth struct {
	Name   string
	Length int
}

func longest(berths []Berth) int {
	best := 0
	for _, berth := range berths {
		if berth.Length > best {
			best = berth.Length
		}
	}
	return best
}

func main() {
	berths := []Berth{{"north", 24}, {"mole", 30}}
	fmt.Println("longest:", longest(berths))
	fmt.Println(strings.ToUpper("done"))
}
"#;
    check_slips(
        "go",
        "berths.go",
        sound,
        &[
            ("\t\"strings\"\n", ""),
            ("\t\"strings\"\n", "\t\"os\"\n\t\"strings\"\n"),
            ("\"fmt\"", "\"fmtt\""),
            ("best := 0", "best = 0"),
            ("func longest", "fucn longest"),
            ("berth.Length > best {", "berth.Length > best"),
            ("best = berth.Length", "best = berth.Lenght"),
            ("return best\n}\n", "return best\n"),
            ("{\"north\", 24}", "{\"north\" 24}"),
            ("longest(berths))", "longest(berths)"),
            ("strings.ToUpper", "strings.toUpper"),
            ("\"done\"", "\"done"),
        ],
    );
}
