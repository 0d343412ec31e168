//! Habits of the language that was learnt first, and slips of a first course: several in one program, each told on its
//! line with the change that mends it.

mod support;

use support::have;
use support::told::{check, lines};

#[test]
fn c() {
    check(
        "gcc",
        "quay.c",
        "#include <stdio.h>\n\
         struct node { int tide; struct node *next; };\n\
         int sum(struct node n)\n\
         {\n    return n->tide + n->tide;\n}\n\
         struct node *last(struct node *head)\n\
         {\n    while (head->next != NULL) do {\n        head = head-next;\n    }\n    return *head;\n}\n\
         int main(void)\n\
         {\n    struct node one = { 3, NULL };\n    struct node *end = last(&one);\n    return sum(&one) == end->tide;\n}\n",
        &[(3, "`*`"), (9, "`do`"), (10, "`>`"), (12, "`*`")],
    );
}

#[test]
fn java() {
    check(
        "javac",
        "Quay.java",
        "import java.util.function.*;\n\
         class Quay {\n\
         \x20 Quay next;\n\
         \x20 int go(String s, Predicate<String> which) {\n\
         \x20   StringBuilder out = new StringBuilder();\n\
         \x20   out += s;\n\
         \x20   for (Quay q = this; q != null; q.next) { out.append(q); }\n\
         \x20   if (which(s))\n      raise new IllegalStateException(s);\n\
         \x20   return switch (s) {\n\
         \x20     case \"low\" => 3;\n\
         \x20     default -> 4;\n\
         \x20   };\n\
         \x20 }\n\
         }\n",
        &[(6, "`.append(`"), (7, "`q =`"), (8, "`.test`"), (9, "`throw`"), (11, "`->`")],
    );
}

#[test]
fn rust() {
    check(
        "rustc",
        "shed.rs",
        "struct Shed {\n    boats: Vec<u32>,\n}\n\
         impl Shed {\n    fn add(self, boat: u32) {\n        self.boats.push(boat);\n    }\n\
         \x20   fn check(&self) -> Result<(), String> {\n        Ok\n    }\n}\n\
         fn main() {\n    let shed = Shed { boats: vec![3] };\n    for boat in shed {\n        println!(\"{}\", boat);\n    }\n}\n",
        &[(5, "`&mut self`"), (9, "`(())`"), (14, "`.boats`")],
    );
}

#[test]
fn go() {
    check(
        "go",
        "quay.go",
        "package main\n\n\
         const (\n\tLow = iota,\n\tHigh\n)\n\n\
         func find(metres: int) (int, error) {\n\treturn metres, nil\n}\n\n\
         func main() {\n\
         \tdepths := new(map[string]int)\n\
         \tnames := []string()\n\
         \tif n, err := find(3), err == nil {\n\t\tprintln(n, Low, High, depths[\"low\"], names)\n\t}\n\
         \ttry find(4)\n\
         }\n",
        &[(4, "`,`"), (8, "`:`"), (13, "`make`"), (14, "`{}`"), (15, "`;`"), (18, "`try`")],
    );
}

#[test]
fn typescript() {
    check(
        "tsc",
        "bus.ts",
        "export {};\n\
         enum Line { North = \"N\", Ring = \"R\" }\n\
         class Bus<T : { id: number }> { all: T[] = []; }\n\
         const few = [1, 2].filter(h => h != = 1);\n\
         type Table = { [line in Line]: number };\n\
         function go(table: Table, line: Line) {\n  return table.line;\n}\n\
         console.log(go({ N: 1, R: 2 }, \"R\"), few, new Bus());\n",
        &[(3, "`extends`"), (4, "`!==`"), (7, "`[line]`"), (9, "`Line.Ring`")],
    );
}

#[test]
fn haskell() {
    check(
        "ghc",
        "Pots.hs",
        "module Main where\n\
         data Tree a = Leaf | Node (Tree a) a Tree a\n\
         put :: Int -> Tree Int -> Tree Int\n\
         put x Leaf = Node Leaf x Leaf\n\
         put x (Node l y r)\n  | x < y = Node (put x l) y r\n  | otherwise = Node l y (put x r)\n\
         pairs :: [Int] -> [(Int, Int)]\n\
         pairs bs = [b, b + 1 | b <- bs]\n\
         total :: [Int] -> Int\n\
         total [] = 0\n\
         total (b:bs) = b ++ total bs\n\
         main :: IO ()\n\
         main = do\n    mapM_ (\\l print l) (pairs [1, 2])\n    mapM_ putStrLn show [total [3]]\n    let _ = put 3 Leaf\n    return ()\n",
        &[(2, "`(`"), (9, "`(`"), (12, "`+`"), (15, "`->`"), (16, "`(`")],
    );
}

#[test]
fn pascal() {
    check(
        "fpc",
        "pans.pas",
        "program Pans;\n\
         {$mode objfpc}\n\
         uses SysUtils, Classes.;\n\
         const\n  Places: array[1..2] of string = ['Quay', 'Steps'];\n\
         type\n  PFind = ^TFind;\n  TFind = record\n    Next: ^PFind;\n  end;\n\
         \x20 TPan = class\n    function Mean: Double;\n  end;\n\
         function TPan.Mean;\nbegin\n  Result := 3;\nend;\n\
         var\n  First, F: PFind;\n  Sum, Integer;\n\
         begin\n\
         \x20 New(F); First := nil; Sum := 2;\n\
         \x20 F^.Next := First;\n\
         \x20 case Sum of\n    1: WriteLn(Places[1]);\n    2 = WriteLn(Places[2]);\n  end;\n\
         end.\n",
        &[(3, "`.`"), (5, "`(`"), (9, "`^`"), (14, "`: Double`"), (20, "`:`"), (26, "`:`")],
    );
}

#[test]
fn csharp() {
    check(
        "mcs",
        "Pans.cs",
        "using System;\nusing System.Collections.Generic;\n\
         class Pan {\n\
         \x20 public string Name { get; private }\n\
         \x20 List<double> all = List<double>();\n\
         \x20 public double Last() { return all[0]; }\n\
         }\n\
         static class Pans {\n\
         \x20 public double Twice(this Pan pan) { return 2 * pan.Last(); }\n\
         \x20 static void Main() {\n\
         \x20   var by = new Dictionary<string, Pan>();\n\
         \x20   if (by.Contains(\"low\"))\n      raise new Exception(\"low\");\n\
         \x20   Console.WriteLine(by.Count);\n\
         \x20 }\n\
         }\n",
        &[(4, "`set;`"), (5, "`new`"), (9, "`static`"), (12, "`ContainsKey`"), (13, "`throw`")],
    );
}

#[test]
fn scala() {
    check(
        "scalac",
        "Depths.scala",
        "object Depths {\n\
         \x20 def main(args: Array[String]): Unit = {\n\
         \x20   val depths = Map(\"quay\" -> 3, \"isle\" = 7)\n\
         \x20   for (d <- depths.values) do {\n      println(d)\n    }\n\
         \x20   if (depths.isEmpty) raise new RuntimeException(\"none\")\n\
         \x20 }\n\
         }\n",
        &[(3, "`->`"), (4, "`do`"), (7, "`throw`")],
    );
}

#[test]
fn a_part_that_the_parser_refuses_hides_no_types() {
    // mcs 6.8 looks at no type while its parser has something to say, and nothing mends this one.
    if have("mcs") {
        let text = "class Quay {\n  int k = \"low\";\n  interface I { int x; }\n  string m = 3;\n  static void Main() { }\n}\n";
        assert_eq!(lines("Quay.cs", text), [2, 3, 4]);
    }
}

#[test]
fn a_block_that_closes_at_once_is_told_where_it_does() {
    if have("go") {
        let text = "package main\n\nfunc main() {\n\tn := 3\n\tif n > 2 {}\n\t\tprintln(n)\n\t}\n\tprintln(n)\n}\n";
        assert_eq!(lines("quay.go", text), [5]);
    }
}
