//! Forms that people bring along from other languages, several in one program: each is one mistake, at its
//! line, with the usual form as a guess.

mod support;

use support::told::check;

#[test]
fn scala() {
    check(
        "scalac",
        "Ferrylog.scala",
        "import scala.util.{Try; Success, Failure}\n\
         case class Sailing(ship: String, hour: Int, seats: Int)\n\
         class Log {\n\
         \x20 private var sailings: List[Sailing] = List\n\
         \x20 def add(one: Sailing): Unit = {\n\
         \x20   sailings = one : sailings\n\
         \x20 }\n\
         \x20 def parse(parts: Array[String]): Sailing =\n\
         \x20   Sailing(parts(0), Integer(parts(1)), 3)\n\
         \x20 def last: Sailing = sailings.maxBy(hour)\n\
         \x20 def ships: Map[String, Int] =\n\
         \x20   sailings.groupBy(_.ship).map { (ship, all) => (ship, all.size) }\n\
         \x20 def share(a: Int, b: Int): Double = (double) a / b\n\
         \x20 def seats(one: Try[Int]): Int = one match {\n\
         \x20   case Success(n) => n\n\
         \x20   case Failure() => 0\n\
         \x20 }\n\
         }\n",
        &[
            (1, "`,`"),
            (4, "()"),
            (6, "`::`"),
            (9, "`parts(1).toInt`"),
            (10, "`_.`"),
            (12, "`case`"),
            (13, "`a.toDouble`"),
            (16, "`_`"),
        ],
    );
}

#[test]
fn rust() {
    check(
        "rustc",
        "yard.rs",
        "trait Part {\n    fn weight(&self) -> f64;\n}\n\
         struct Plank(f64);\n\
         impl Part for Plank {\n    fn weight(&self) -> f64 {\n        self.0\n    }\n}\n\
         struct Yard {\n    parts: Vec<Part>,\n    taken: usize,\n}\n\
         impl Iterator for Yard {\n    fn next(&mut self) -> Option<f64> {\n        self.taken += 1;\n        \
         self.parts.get(self.taken - 1).map(|part| part.weight())\n    }\n}\n\
         fn mean(sum: u32, n: u32) -> f64 {\n    (f64) sum / f64::from(n)\n}\n\
         fn main() {\n    let yard = Yard { parts: vec![Box::new(Plank(2.0))], taken: 0 };\n    \
         println!(\"{} {}\", yard.sum::<f64>(), mean(3, 2));\n}\n",
        &[(11, "`Box<dyn Part>`"), (14, "type Item = f64;"), (21, "`sum as f64`")],
    );
}

#[test]
fn go() {
    check(
        "go",
        "quay.go",
        "package main\n\nimport \"fmt\"\n\n\
         func cut(line string) []string {\n\treturn line.Split(\",\")\n}\n\n\
         func group(all []int) map(string)int {\n\treturn map[string]int{\"all\": len(all)}\n}\n\n\
         func mean(sum, n int) (share float64, error) {\n\treturn float64(sum) / float64(n), nil\n}\n\n\
         func main() {\n\tshare, err := mean(3, 2)\n\tfmt.Println(cut(\"a,b\"), group(nil), share, err)\n}\n",
        &[(6, "`strings.Split(line, \",\")`"), (9, "`[`"), (13, "`err`")],
    );
}

#[test]
fn typescript() {
    check(
        "tsc",
        "rota.ts",
        "interface Sailing { hour: number; port: string }\n\
         function late(all: Sailing[]): number {\n  return all.filter(hour > 18).length;\n}\n\
         function read(text: string): number {\n  return int(text);\n}\n\
         function tell(port: string): string {\n  return `port ${port`;\n}\n\
         console.log(late([]), read(\"3\"), tell(\"Mole\"));\n",
        &[(3, "`s => s.`"), (6, "`Number(text)`"), (9, "`}`")],
    );
}

#[test]
fn haskell() {
    check(
        "ghc",
        "Tides.hs",
        "module Main where\n\nimport Data.Char (toUpper)\n\n\
         data Reply = Done | Short Int\n  deriving (Eq Show)\n\n\
         loud :: String -> String\nloud word = toUpper word\n\n\
         less :: Int -> [Int] -> [Int]\nless n all = map (- n) all\n\n\
         pick :: Int -> Int -> Int\npick a b =\n  if a > b then a\n  else if a == b then 0\n  b\n\n\
         main :: IO ()\nmain = print (loud \"ebb\", less 1 [3], pick 2 1, Done)\n",
        &[(6, "`,`"), (9, "`map`"), (12, "`subtract n`"), (18, "`else`")],
    );
}

#[test]
fn pascal() {
    check(
        "fpc",
        "gates.pas",
        "program Gates;\n{$mode objfpc}\nuses SysUtils;\ntype\n  TGate = class\n    \
         function Tell: string; virtual;\n  end;\n  TLock = class[TGate]\n    \
         function Tell: string; override;\n  end;\n\
         function TGate.Tell: string;\nbegin\n  Result := 'gate';\nend;\n\
         function Tell: string;\nbegin\n  Result := inherited Tell + '!';\nend;\n\
         var\n  I, Sum: Integer;\nbegin\n  Sum := 0;\n  for I := 1 until 5 do\n    Sum := Sum + I;\n  \
         if Sum > 3 do\n    WriteLn('high').\n  WriteLn(Sum);\nend.\n",
        &[(8, "`(`"), (15, "`TLock.`"), (23, "`to`"), (25, "`then`"), (26, "`;`")],
    );
}

#[test]
fn csharp() {
    check(
        "mcs",
        "Store.cs",
        "using System;\nusing System.Collections.Generic;\nclass Buoy { public string Name = \"bar\"; }\n\
         class Store {\n    List<Buoy> all = new List<Buoy>();\n    \
         Dictionary<string, int> stock = new Dictionary<string, int>();\n    \
         void Add(Buoy buoy) { all.Add(Buoy); }\n    \
         void Put(string item, int count) { stock.Add(item: count); }\n    \
         string Tell(int n) { return all{n}.Name; }\n    \
         string Show(Buoy buoy) { return $\"buoy {buoy.Name\"; }\n    \
         static void Main() { Console.WriteLine(new Store().Tell(0)); }\n}\n",
        &[(7, "`buoy`"), (8, "`,`"), (9, "`[`"), (10, "`}`")],
    );
}

#[test]
fn java() {
    check(
        "javac",
        "Quay.java",
        "import java.util.*;\nclass Quay {\n    static int deep(int) {\n        return tide + 1;\n    }\n    \
         static int last(int[] all) {\n        return all{2};\n    }\n    \
         static void count(Map<String, Integer> all) {\n        all.merge(\"Mole\", 1, Integer.sum);\n    }\n}\n",
        &[(3, "`tide`"), (7, "`[`"), (10, "`::`")],
    );
}

#[test]
fn c_and_cpp() {
    check(
        "gcc",
        "quay.c",
        "struct berth { double depth; };\n\
         static double deepest(const struct berth *list, int n)\n{\n    double best = list.depth;\n    \
         for (int i = 1; i < n; i++)\n        if (list[i].depth > best)\n            \
         best = list[i].depth;\n    return best;\n}\n\
         static int is_low(char)\n{\n    return letter == 'l';\n}\n\
         int main(void)\n{\n    struct berth all[1] = {{3}};\n    \
         return is_low('l') + deepest(all, 1) > 2;\n}\n",
        &[(4, "`->`"), (10, "`letter`")],
    );
    check(
        "g++",
        "quay.cpp",
        "#include <map>\n#include <string>\n#include <vector>\n\
         struct Lot { int number; double tons; };\n\
         class Pier {\npublic:\n    explicit Pier(int metres) : metres_(metres) {}\n    \
         int metres() const { return metres_; }\nprivate:\n    int metres_;\n};\n\
         int main() {\n    Pier pier = new Pier(120);\n    std::vector<Lot> lots;\n    \
         lots.push_back(1, 2.5);\n    std::map<std::string, int> fares;\n    int sum = 0;\n    \
         for (auto const& (port, fare) : fares) sum += fare;\n    \
         return sum + pier.metres();\n}\n",
        &[(13, "`new`"), (15, "`{`"), (18, "`[`")],
    );
}

#[test]
fn truth_is_no_number_and_a_function_no_member() {
    check(
        "javac",
        "Keel.java",
        "import java.util.*;\n\
         class Keel {\n\
         \x20 private boolean wet = 0;\n\
         \x20 static int total(List<Integer> tons, int more) { return tons.size() + more; }\n\
         \x20 int all(List<Integer> tons) { return tons.total(2); }\n\
         \x20 void show(Map<String, Integer> tons) {\n\
         \x20   for (Map.Entry<String, Integer> one : tons) System.out.println(one.getKey() + wet);\n\
         \x20 }\n\
         }\n",
        &[(3, "`false`"), (5, "`total(tons,`"), (7, ".entrySet()")],
    );
}

#[test]
fn rust_lends_what_it_gives_back() {
    check(
        "rustc",
        "keel.rs",
        "struct Plank {\n    kilos: f64,\n    wet: bool,\n}\n\
         enum Pump {\n    Off,\n    On { rpm: u32 },\n}\n\
         struct Keel {\n    planks: Vec<Plank>,\n    pumps: Vec<Pump>,\n}\n\
         impl Keel {\n    fn new() -> Keel {\n        Keel { planks: vec![Plank { kilos: 2.0, wet: 0 }], pumps: vec![] }\n    }\n\
         \x20   fn soak(&mut self) -> Option<&Plank> {\n        for plank in self.planks {\n            if plank.kilos > 9.0 {\n\
         \x20               plank.wet = true;\n                return Some(plank);\n            }\n        }\n        None\n    }\n\
         \x20   fn running(&self) -> Vec<u32> {\n        let mut all = Vec::new();\n        for pump in &self.pumps {\n\
         \x20           if let Pump::On { rpm } = pump {\n                all.push(rpm);\n            }\n        }\n        all\n    }\n}\n\
         fn main() {\n    let mut keel = Keel::new();\n    keel.soak();\n    println!(\"{:?} {}\", keel.running(), matches!(Pump::Off, Pump::Off));\n}\n",
        &[(15, "`false`"), (18, "`&mut`"), (30, "`*`")],
    );
}

#[test]
fn haskell_hands_on_what_it_was_given() {
    check(
        "ghc",
        "Keel.hs",
        "module Main where\n\
         data Plank = Plank { kilos :: Int, wet :: Bool }\n\
         heavy :: Int -> [Plank] -> Int\n\
         heavy _ [] = 0\n\
         heavy n (x:xs)\n\
         \x20 | kilos x > n = 1 + heavy xs\n\
         \x20 | otherwise = heavy n xs\n\
         main :: IO ()\n\
         main = print (heavy 3 [Plank { kilos = 4, wet = 0 }])\n",
        &[(6, "`n`"), (9, "`False`")],
    );
}
