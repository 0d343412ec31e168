//! Types that are declared otherwise than all that is done with them: the declaration is the one mistake, and what
//! the compiler says of each use only follows.

mod support;

use support::Folder;
use support::told::check;

#[test]
fn a_map_that_is_given_back_holds_what_the_header_says() {
    let text = "type Reading = { pump: string; litres: number };\n\nfunction group(list: Reading[]): Map<string, Reading[]> {\n  const result = new Map<string, Reading>();\n  for (const r of list) {\n    const known = result.get(r.pump) ?? [];\n    known.push(r);\n    result.set(r.pump, known);\n  }\n  return result;\n}\nconsole.log(group([]).size);\n";
    check("tsc", "a.ts", text, &[(4, "`string, Reading[]`")]);
    let text = "import java.util.*;\n\nclass A {\n    record Reading(String pump, int litres) { }\n\n    static Map<String, List<Reading>> group(List<Reading> list) {\n        Map<String, Reading> result = new HashMap<>();\n        for (Reading r : list) {\n            List<Reading> known = result.getOrDefault(r.pump(), new ArrayList<>());\n            known.add(r);\n            result.put(r.pump(), known);\n        }\n        return result;\n    }\n}\n";
    check("javac", "A.java", text, &[(7, "`String, List<Reading>`")]);
    let text = "using System.Collections.Generic;\n\nclass Reading { public string Pump; public int Litres; }\n\nclass A\n{\n    static Dictionary<string, List<Reading>> Group(List<Reading> list)\n    {\n        var result = new Dictionary<string, Reading>();\n        foreach (var r in list)\n        {\n            if (!result.ContainsKey(r.Pump)) result[r.Pump] = new List<Reading>();\n            result[r.Pump].Add(r);\n        }\n        return result;\n    }\n    static void Main() { Group(new List<Reading>()); }\n}\n";
    check("mcs", "A.cs", text, &[(9, "`string, List<Reading>`")]);
    let text = "use std::collections::HashMap;\n\nstruct Reading { pump: String, litres: u32 }\n\nfn group(list: Vec<Reading>) -> HashMap<String, Vec<Reading>> {\n    let mut result: HashMap<String, Reading> = HashMap::new();\n    for r in list {\n        result.entry(r.pump.clone()).or_insert(Vec::new()).push(r);\n    }\n    result\n}\n\nfn main() {\n    for (pump, all) in group(Vec::new()) {\n        let sum: u32 = all.iter().map(|r| r.litres).sum();\n        println!(\"{} {}\", pump, sum);\n    }\n}\n";
    check("rustc", "a.rs", text, &[(6, "`String, Vec<Reading>`")]);
    let text = "package main\n\nimport \"fmt\"\n\ntype Reading struct {\n\tpump   string\n\tlitres int\n}\n\nfunc group(list []Reading) map[string][]Reading {\n\tresult := map[string]Reading{}\n\tfor _, r := range list {\n\t\tresult[r.pump] = append(result[r.pump], r)\n\t}\n\treturn result\n}\n\nfunc main() {\n\tfmt.Println(len(group(nil)))\n}\n";
    check("go", "a.go", text, &[(11, "`map[string][]Reading`")]);
    let text = "import scala.collection.mutable\n\ncase class Reading(pump: String, litres: Int)\n\nobject A {\n  def group(list: List[Reading]): mutable.Map[String, List[Reading]] = {\n    val result = mutable.Map[String, Reading]()\n    for (r <- list) {\n      val known = result.getOrElse(r.pump, List[Reading]())\n      result(r.pump) = r :: known\n    }\n    result\n  }\n}\n";
    check("scalac", "A.scala", text, &[(7, "`String, List[Reading]`")]);
    let text = "#include <map>\n#include <string>\n#include <vector>\n\nstruct Reading { std::string pump; int litres; };\n\nstd::map<std::string, std::vector<Reading>> group(const std::vector<Reading>& list) {\n    std::map<std::string, Reading> result;\n    for (const auto& r : list) {\n        result[r.pump].push_back(r);\n    }\n    return result;\n}\n\nint main() { return group({}).size(); }\n";
    check("g++", "a.cpp", text, &[(8, "`std::string, std::vector<Reading>`")]);
}

#[test]
fn a_parameter_is_what_every_call_gives() {
    let text = "interface Sailing { from: string; seats: number; }\n\nfunction total(sailings: Sailing): number {\n  let sum = 0;\n  for (const s of sailings) {\n    sum += s.seats;\n  }\n  return sum;\n}\nconst all: Sailing[] = [{ from: \"north\", seats: 4 }];\nconsole.log(total(all));\nconsole.log(total([{ from: \"east\", seats: 2 }]));\n";
    check("tsc", "p1.ts", text, &[(3, "`[]`")]);
    let text = "import java.util.*;\n\nclass P1 {\n    record Sailing(String from, int seats) { }\n\n    static int total(Sailing sailings) {\n        int sum = 0;\n        for (Sailing s : sailings) {\n            sum += s.seats();\n        }\n        return sum;\n    }\n\n    public static void main(String[] args) {\n        List<Sailing> all = new ArrayList<>();\n        all.add(new Sailing(\"north\", 4));\n        System.out.println(total(all));\n        System.out.println(total(List.of(new Sailing(\"east\", 2))));\n    }\n}\n";
    check("javac", "P1.java", text, &[(6, "`List<Sailing>`")]);
    let text = "using System;\nusing System.Collections.Generic;\n\nclass Sailing { public string From; public int Seats; }\n\nclass P1\n{\n    static int Total(Sailing sailings)\n    {\n        int sum = 0;\n        foreach (var s in sailings)\n        {\n            sum += s.Seats;\n        }\n        return sum;\n    }\n\n    static void Main()\n    {\n        var all = new List<Sailing>();\n        all.Add(new Sailing { From = \"north\", Seats = 4 });\n        Console.WriteLine(Total(all));\n        Console.WriteLine(Total(new List<Sailing>()));\n    }\n}\n";
    check("mcs", "P1.cs", text, &[(8, "`List<Sailing>`")]);
    let text = "struct Sailing { from: String, seats: u32 }\n\nfn total(sailings: &Sailing) -> u32 {\n    let mut sum = 0;\n    for s in sailings {\n        sum += s.seats;\n    }\n    sum\n}\n\nfn main() {\n    let all: Vec<Sailing> = vec![Sailing { from: String::from(\"north\"), seats: 4 }];\n    println!(\"{} {}\", total(&all), all[0].from);\n}\n";
    check("rustc", "p1.rs", text, &[(3, "`&[Sailing]`")]);
    let text = "package main\n\nimport \"fmt\"\n\ntype Sailing struct {\n\tfrom  string\n\tseats int\n}\n\nfunc total(sailings Sailing) int {\n\tsum := 0\n\tfor _, s := range sailings {\n\t\tsum += s.seats\n\t}\n\treturn sum\n}\n\nfunc main() {\n\tall := []Sailing{{\"north\", 4}}\n\tfmt.Println(total(all))\n\tfmt.Println(total([]Sailing{}))\n}\n";
    check("go", "p1.go", text, &[(10, "`[]Sailing`")]);
    let text = "case class Sailing(from: String, seats: Int)\n\nobject P1 {\n  def total(sailings: Sailing): Int = {\n    var sum = 0\n    for (s <- sailings) {\n      sum += s.seats\n    }\n    sum\n  }\n\n  def main(args: Array[String]): Unit = {\n    val all = List(Sailing(\"north\", 4))\n    println(total(all))\n    println(total(List()))\n  }\n}\n";
    check("scalac", "P1.scala", text, &[(4, "`List[Sailing]`")]);
    let text = "#include <iostream>\n#include <string>\n#include <vector>\n\nstruct Sailing { std::string from; int seats; };\n\nint total(const Sailing& sailings) {\n    int sum = 0;\n    for (const auto& s : sailings) {\n        sum += s.seats;\n    }\n    return sum;\n}\n\nint main() {\n    std::vector<Sailing> all{{\"north\", 4}};\n    std::cout << total(all) << \"\\n\";\n    return 0;\n}\n";
    check("g++", "p1.cpp", text, &[(7, "`const std::vector<Sailing>&`")]);
    let text = "#include <stdio.h>\n\nstruct sailing { const char *from; int seats; };\n\nstatic int total(struct sailing sailings, int count) {\n    int sum = 0;\n    for (int i = 0; i < count; i++) {\n        sum += sailings[i].seats;\n    }\n    return sum;\n}\n\nint main(void) {\n    struct sailing all[2] = { { \"north\", 4 }, { \"east\", 2 } };\n    printf(\"%d\\n\", total(all, 2));\n    return 0;\n}\n";
    check("gcc", "p1.c", text, &[(5, "`struct sailing *`")]);
    let text = "program P1;\ntype\n  TSailing = record\n    Seats: Integer;\n  end;\n  TSailings = array of TSailing;\n\nfunction Total(Sailings: TSailing): Integer;\nvar\n  I: Integer;\nbegin\n  Result := 0;\n  for I := 0 to High(Sailings) do\n    Result := Result + Sailings[I].Seats;\nend;\n\nvar\n  All: TSailings;\nbegin\n  SetLength(All, 2);\n  WriteLn(Total(All));\nend.\n";
    check("fpc", "p1.pas", text, &[(8, "`TSailings`")]);
}

#[test]
fn a_field_is_what_it_is_given() {
    let text = "class Pier {\n  name: number;\n  depths: number;\n\n  constructor(name: string, depths: number[]) {\n    this.name = name;\n    this.depths = depths;\n  }\n\n  label(): string {\n    return this.name.toUpperCase();\n  }\n\n  deepest(): number {\n    return Math.max(...this.depths);\n  }\n}\nconsole.log(new Pier(\"north\", [2, 3]).label());\n";
    check("tsc", "p2.ts", text, &[(2, "`string`"), (3, "`number[]`")]);
    let text = "import java.util.*;\n\nclass P2 {\n    private int name;\n    private int[] depths;\n\n    P2(String name, List<Integer> depths) {\n        this.name = name;\n        this.depths = depths;\n    }\n\n    String label() {\n        return name.toUpperCase();\n    }\n\n    int deepest() {\n        return Collections.max(depths);\n    }\n}\n";
    check("javac", "P2.java", text, &[(4, "`String`"), (5, "`List<Integer>`")]);
    let text = "using System;\nusing System.Collections.Generic;\n\nclass Pier\n{\n    private int name;\n    private int depths;\n\n    public Pier(string name, List<int> depths)\n    {\n        this.name = name;\n        this.depths = depths;\n    }\n\n    public string Label()\n    {\n        return name.ToUpper();\n    }\n\n    public int First()\n    {\n        return depths[0];\n    }\n\n    static void Main() { Console.WriteLine(new Pier(\"n\", new List<int>()).Label()); }\n}\n";
    check("mcs", "P2.cs", text, &[(6, "`string`"), (7, "`List<int>`")]);
    let text = "struct Pier {\n    name: u32,\n    depths: f64,\n}\n\nimpl Pier {\n    fn new(name: &str, depths: Vec<f64>) -> Pier {\n        Pier { name: name.to_string(), depths }\n    }\n\n    fn label(&self) -> String {\n        self.name.to_uppercase()\n    }\n\n    fn sum(&self) -> f64 {\n        self.depths.iter().sum()\n    }\n}\n\nfn main() {\n    let p = Pier::new(\"north\", vec![2.0]);\n    println!(\"{} {}\", p.label(), p.sum());\n}\n";
    check("rustc", "p2.rs", text, &[(2, "`String`"), (3, "`Vec<f64>`")]);
    let text = "package main\n\nimport (\n\t\"fmt\"\n\t\"strings\"\n)\n\ntype Pier struct {\n\tname   int\n\tdepths float64\n}\n\nfunc NewPier(name string, depths []float64) *Pier {\n\treturn &Pier{name: name, depths: depths}\n}\n\nfunc (p *Pier) Label() string {\n\treturn strings.ToUpper(p.name)\n}\n\nfunc (p *Pier) Sum() float64 {\n\tsum := 0.0\n\tfor _, d := range p.depths {\n\t\tsum += d\n\t}\n\treturn sum\n}\n\nfunc main() {\n\tp := NewPier(\"north\", []float64{2})\n\tfmt.Println(p.Label(), p.Sum())\n}\n";
    check("go", "p2.go", text, &[(9, "`string`"), (10, "`[]float64`")]);
}

#[test]
fn a_map_holds_what_is_put_into_it() {
    let text = "const byPier = new Map<string, number>();\nconst log: [string, number][] = [[\"north\", 4], [\"east\", 2]];\nfor (const [pier, n] of log) {\n  if (!byPier.has(pier)) byPier.set(pier, []);\n  byPier.get(pier)!.push(n);\n}\nfor (const [pier, all] of byPier) {\n  console.log(pier, all.length);\n}\n";
    check("tsc", "p3.ts", text, &[(1, "`number[]`")]);
    let text = "import java.util.*;\n\nclass P3 {\n    public static void main(String[] args) {\n        Map<String, Integer> byPier = new HashMap<>();\n        String[] piers = { \"north\", \"east\", \"north\" };\n        for (int i = 0; i < piers.length; i++) {\n            if (!byPier.containsKey(piers[i])) {\n                byPier.put(piers[i], new ArrayList<Integer>());\n            }\n            byPier.get(piers[i]).add(i);\n        }\n        for (String pier : byPier.keySet()) {\n            System.out.println(pier + \" \" + byPier.get(pier).size());\n        }\n    }\n}\n";
    check("javac", "P3.java", text, &[(5, "`ArrayList<Integer>`")]);
    let text = "using System;\nusing System.Collections.Generic;\n\nclass P3\n{\n    static void Main()\n    {\n        var byPier = new Dictionary<string, int>();\n        string[] piers = { \"north\", \"east\", \"north\" };\n        for (int i = 0; i < piers.Length; i++)\n        {\n            if (!byPier.ContainsKey(piers[i]))\n            {\n                byPier[piers[i]] = new List<int>();\n            }\n            byPier[piers[i]].Add(i);\n        }\n        foreach (var pair in byPier)\n        {\n            Console.WriteLine(pair.Key + \" \" + pair.Value.Count);\n        }\n    }\n}\n";
    check("mcs", "P3.cs", text, &[(8, "`List<int>`")]);
    let text = "use std::collections::HashMap;\n\nfn main() {\n    let mut by_pier: HashMap<String, u32> = HashMap::new();\n    for (i, pier) in [\"north\", \"east\", \"north\"].iter().enumerate() {\n        by_pier.entry(pier.to_string()).or_insert_with(Vec::new).push(i as u32);\n    }\n    for (pier, all) in &by_pier {\n        println!(\"{} {}\", pier, all.len());\n    }\n}\n";
    check("rustc", "p3.rs", text, &[(4, "`Vec<u32>`")]);
    let text = "package main\n\nimport \"fmt\"\n\nfunc main() {\n\tbyPier := map[string]int{}\n\tfor i, pier := range []string{\"north\", \"east\", \"north\"} {\n\t\tbyPier[pier] = append(byPier[pier], i)\n\t}\n\tfor pier, all := range byPier {\n\t\tfmt.Println(pier, len(all))\n\t}\n}\n";
    check("go", "p3.go", text, &[(6, "`[]int`")]);
    let text = "import scala.collection.mutable\n\nobject P3 {\n  def main(args: Array[String]): Unit = {\n    val byPier = mutable.Map[String, Int]()\n    for ((pier, i) <- List(\"north\", \"east\", \"north\").zipWithIndex) {\n      val known = byPier.getOrElse(pier, List[Int]())\n      byPier(pier) = i :: known\n    }\n    for ((pier, all) <- byPier) println(pier + \" \" + all.size)\n  }\n}\n";
    check("scalac", "P3.scala", text, &[(5, "`List[Int]`")]);
    let text = "#include <iostream>\n#include <map>\n#include <string>\n#include <vector>\n\nint main() {\n    std::map<std::string, int> byPier;\n    std::vector<std::string> piers{\"north\", \"east\", \"north\"};\n    for (int i = 0; i < 3; i++) {\n        byPier[piers[i]].push_back(i);\n    }\n    for (const auto& pair : byPier) {\n        std::cout << pair.first << \" \" << pair.second.size() << \"\\n\";\n    }\n}\n";
    check("g++", "p3.cpp", text, &[(7, "`std::vector<int>`")]);
}

#[test]
fn keys_lists_and_what_they_hold_in_one_program() {
    let text = "import java.util.*;\n\nclass Quay {\n    private Map<Integer, Integer> depths = new HashMap<>();\n    private String waiting = \"\";\n\n    void add(String id, int depth) {\n        depths.put(id, depth);\n    }\n\n    int depth(String id) {\n        return depths.get(id);\n    }\n\n    boolean has(String id) {\n        return depths.containsKey(id);\n    }\n\n    void queue(String ship) {\n        waiting.add(ship);\n    }\n\n    String next() {\n        return waiting.remove(0);\n    }\n\n    static double average(int[] depths) {\n        double sum = 0;\n        for (double d : depths) {\n            sum += d;\n        }\n        return sum / depths.length;\n    }\n\n    public static void main(String[] args) {\n        double[] morning = { 2.5, 3.5 };\n        double[] evening = { 1.5 };\n        System.out.println(average(morning));\n        System.out.println(average(evening));\n    }\n}\n";
    check(
        "javac",
        "T1.java",
        text,
        &[(4, "`String`"), (27, "`double[]`"), (5, "`new ArrayList<>()`")],
    );
    let text = "interface Berth { id: string; depth: number; free: boolean; }\n\nclass Quay {\n  berths: Map<number, Berth> = new Map();\n  waiting: string = \"\";\n\n  add(b: Berth): void {\n    this.berths.set(b.id, b);\n  }\n\n  find(id: string): Berth | undefined {\n    return this.berths.get(id);\n  }\n\n  queue(ship: string): void {\n    this.waiting.push(ship);\n  }\n\n  next(): string | undefined {\n    return this.waiting.shift();\n  }\n}\n\nfunction deepest(list: Berth[]): Berth {\n  let best = list[0];\n  for (const b of list) {\n    if (b.depth > best.depth) best = b;\n  }\n  return best;\n}\n\nconst q = new Quay();\nq.add({ id: \"a1\", depth: 4, free: true });\nq.queue(\"north star\");\nconsole.log(q.find(\"a1\")?.depth, q.next(), deepest([]));\n";
    check("tsc", "t1.ts", text, &[(4, "`string`"), (5, "`string[]`")]);
    let text = "using System;\nusing System.Collections.Generic;\n\nclass Quay\n{\n    private Dictionary<int, double> depths = new Dictionary<int, double>();\n    private string waiting = \"\";\n\n    public void Add(string id, double depth)\n    {\n        depths[id] = depth;\n    }\n\n    public double Depth(string id)\n    {\n        return depths[id];\n    }\n\n    public void Enqueue(string ship)\n    {\n        waiting.Add(ship);\n    }\n\n    public int Count()\n    {\n        return waiting.Count;\n    }\n\n    static double Average(int[] depths)\n    {\n        double sum = 0;\n        foreach (double d in depths)\n        {\n            sum += d;\n        }\n        return sum / depths.Length;\n    }\n\n    static void Main()\n    {\n        double[] morning = { 2.5, 3.5 };\n        Console.WriteLine(Average(morning));\n        Console.WriteLine(Average(new double[] { 1.5 }));\n    }\n}\n";
    check(
        "mcs",
        "T1.cs",
        text,
        &[(6, "`string`"), (29, "`double[]`"), (7, "`new List<string>()`")],
    );
    let text = "package main\n\nimport \"fmt\"\n\ntype Quay struct {\n\tdepths  map[int]float64\n\twaiting string\n}\n\nfunc (q *Quay) Add(id string, depth float64) {\n\tq.depths[id] = depth\n}\n\nfunc (q *Quay) Depth(id string) float64 {\n\treturn q.depths[id]\n}\n\nfunc (q *Quay) Queue(ship string) {\n\tq.waiting = append(q.waiting, ship)\n}\n\nfunc (q *Quay) Next() string {\n\tfirst := q.waiting[0]\n\tq.waiting = q.waiting[1:]\n\treturn first\n}\n\nfunc average(depths []int) float64 {\n\tsum := 0.0\n\tfor _, d := range depths {\n\t\tsum += d\n\t}\n\treturn sum / float64(len(depths))\n}\n\nfunc main() {\n\tq := &Quay{depths: map[string]float64{}}\n\tq.Add(\"a1\", 3.5)\n\tfmt.Println(q.Depth(\"a1\"))\n\tfmt.Println(average([]float64{2.5, 3.5}))\n}\n";
    check("go", "t1.go", text, &[(6, "`string`"), (7, "`[]string`"), (28, "`[]float64`")]);
    let text = "#include <iostream>\n#include <map>\n#include <string>\n#include <vector>\n\nclass Quay {\npublic:\n    void add(const std::string& id, double depth) { depths[id] = depth; }\n    double depth(const std::string& id) const { return depths.at(id); }\n    void queue(const std::string& ship) { waiting.push_back(ship); }\n    std::string next() const { return waiting.front(); }\nprivate:\n    std::map<int, double> depths;\n    std::string waiting;\n};\n\ndouble average(std::vector<int> depths) {\n    double sum = 0;\n    for (double d : depths) {\n        sum += d;\n    }\n    return sum / depths.size();\n}\n\nint main() {\n    std::vector<double> morning{2.5, 3.5};\n    std::vector<double> evening{1.5};\n    std::cout << average(morning) << average(evening) << \"\\n\";\n    Quay q;\n    q.add(\"a1\", 3.5);\n    q.queue(\"north star\");\n    std::cout << q.depth(\"a1\") << q.next() << \"\\n\";\n}\n";
    check(
        "g++",
        "t1.cpp",
        text,
        &[(13, "`std::string`"), (17, "`std::vector<double>`"), (14, "`std::vector<std::string>`")],
    );
}

#[test]
fn a_word_of_another_language_needs_a_value_that_has_it() {
    let folder = Folder::new();
    let ran = folder
        .write(
            "count.rs",
            "fn main() {\n    let sails: u32 = 3;\n    println!(\"{}\", sails.len());\n}\n",
        )
        .run(&["look", "--quiet", "--compiles", "40", "count.rs"]);
    assert!(!ran.stdout.contains("count`"), "{}", ran.stdout);
}
