//! What a declaration lacks or has too much, what a call is given, and what a value is: one mistake each, at its
//! line, with the change that was meant or the readings that are fair.

mod support;

use support::told::check;
use support::{Folder, have};

#[test]
fn a_head_gets_the_parameter_that_its_calls_give() {
    let text = "#include <stdio.h>\n\ndouble fare(int seats)\n{\n    double sum = seats * rate;\n    if (rate > 3.0) {\n        sum = sum - 1.0;\n    }\n    return sum;\n}\n\nint main(void)\n{\n    double morning = fare(4, 2.5);\n    double evening = fare(2, 3.5);\n    printf(\"%.2f %.2f\\n\", morning, evening);\n    return 0;\n}\n";
    check("gcc", "lost.c", text, &[(3, "Add `, double rate` before `)`")]);
    let text = "#include <iostream>\n\ndouble fare(int seats)\n{\n    double sum = seats * rate;\n    if (rate > 3.0) {\n        sum = sum - 1.0;\n    }\n    return sum;\n}\n\nint main()\n{\n    double morning = fare(4, 2.5);\n    double evening = fare(2, 3.5);\n    std::cout << morning << \" \" << evening << \"\\n\";\n    return 0;\n}\n";
    check("g++", "lost.cpp", text, &[(3, "Add `, double rate` before `)`")]);
    let text = "public class Lost {\n    static double fare(int seats) {\n        double sum = seats * rate;\n        if (rate > 3.0) {\n            sum = sum - 1.0;\n        }\n        return sum;\n    }\n\n    public static void main(String[] args) {\n        double morning = fare(4, 2.5);\n        double evening = fare(2, 3.5);\n        System.out.println(morning + \" \" + evening);\n    }\n}\n";
    check("javac", "Lost.java", text, &[(2, "Add `, double rate` before `)`")]);
    let text = "using System;\n\nclass Lost\n{\n    static double Fare(int seats)\n    {\n        double sum = seats * rate;\n        if (rate > 3.0)\n        {\n            sum = sum - 1.0;\n        }\n        return sum;\n    }\n\n    static void Main()\n    {\n        double morning = Fare(4, 2.5);\n        double evening = Fare(2, 3.5);\n        Console.WriteLine(morning + \" \" + evening);\n    }\n}\n";
    check("mcs", "Lost.cs", text, &[(5, "Add `, double rate` before `)`")]);
    let text = "fn fare(seats: u32) -> f64 {\n    let mut sum = f64::from(seats) * rate;\n    if rate > 3.0 {\n        sum -= 1.0;\n    }\n    sum\n}\n\nfn main() {\n    let morning = fare(4, 2.5);\n    let evening = fare(2, 3.5);\n    println!(\"{} {}\", morning, evening);\n}\n";
    check("rustc", "lost.rs", text, &[(1, "Add `, rate: f64` before `)`")]);
    let text = "package main\n\nimport \"fmt\"\n\nfunc fare(seats int) float64 {\n\tsum := float64(seats) * rate\n\tif rate > 3.0 {\n\t\tsum = sum - 1.0\n\t}\n\treturn sum\n}\n\nfunc main() {\n\tmorning := fare(4, 2.5)\n\tevening := fare(2, 3.5)\n\tfmt.Println(morning, evening)\n}\n";
    check("go", "lost.go", text, &[(5, "Add `, rate float64` before `)`")]);
    let text = "function fare(seats: number): number {\n    let sum = seats * rate;\n    if (rate > 3.0) {\n        sum = sum - 1.0;\n    }\n    return sum;\n}\n\nconst morning = fare(4, 2.5);\nconst evening = fare(2, 3.5);\nconsole.log(morning, evening);\n";
    check("tsc", "lost.ts", text, &[(1, "Add `, rate: number` before `)`")]);
    let text = "object Lost {\n  def fare(seats: Int): Double = {\n    val sum = seats * rate\n    if (rate > 3.0) sum - 1.0 else sum\n  }\n\n  def main(args: Array[String]): Unit = {\n    val morning = fare(4, 2.5)\n    val evening = fare(2, 3.5)\n    println(morning + evening)\n  }\n}\n";
    check("scalac", "Lost.scala", text, &[(2, "Add `, rate: Double` before `)`")]);
    let text = "module Main where\n\nfare :: Int -> Double -> Double\nfare seats\n  | rate > 3.0 = fromIntegral seats * rate - 1.0\n  | otherwise = fromIntegral seats * rate\n\nmain :: IO ()\nmain = do\n  let morning = fare 4 2.5\n      evening = fare 2 3.5\n  print (morning + evening)\n";
    check("ghc", "lost.hs", text, &[(4, "Add `rate` at the end of line 4")]);
    let text = "program Lost;\n\nfunction Fare(Seats: Integer): Double;\nvar\n  Sum: Double;\nbegin\n  Sum := Seats * Rate;\n  if Rate > 3.0 then\n    Sum := Sum - 1.0;\n  Fare := Sum;\nend;\n\nvar\n  Morning, Evening: Double;\nbegin\n  Morning := Fare(4, 2.5);\n  Evening := Fare(2, 3.5);\n  WriteLn(Morning:0:2, Evening:0:2);\nend.\n";
    check("fpc", "lost.pas", text, &[(3, "Add `; Rate: real` before `)`")]);
}

#[test]
fn what_is_counted_is_no_constant() {
    let text = "#include <stdio.h>\n\nint main(void)\n{\n    const int count = 0;\n    int loads[3] = {4, 7, 2};\n    for (int i = 0; i < 3; i++) {\n        if (loads[i] > 3) {\n            count = count + 1;\n        }\n    }\n    printf(\"%d\\n\", count);\n    return 0;\n}\n";
    check("gcc", "const.c", text, &[(5, "Take out `const`")]);
    let text = "#include <iostream>\n#include <vector>\n\nint main()\n{\n    const int count = 0;\n    const std::vector<int> loads;\n    loads.push_back(4);\n    loads.push_back(7);\n    for (int load : loads) {\n        if (load > 3) {\n            count++;\n        }\n    }\n    std::cout << count << \"\\n\";\n    return 0;\n}\n";
    check("g++", "const.cpp", text, &[(7, "Take out `const`"), (6, "Take out `const`")]);
    let text = "public class Const {\n    public static void main(String[] args) {\n        final int count = 0;\n        int[] loads = {4, 7, 2};\n        for (int load : loads) {\n            if (load > 3) {\n                count++;\n            }\n        }\n        System.out.println(count);\n    }\n}\n";
    check("javac", "Const.java", text, &[(3, "Take out `final`")]);
    let text = "using System;\n\nclass Const\n{\n    static void Main()\n    {\n        const int count = 0;\n        int[] loads = { 4, 7, 2 };\n        foreach (int load in loads)\n        {\n            if (load > 3)\n            {\n                count = count + 1;\n            }\n        }\n        Console.WriteLine(count);\n    }\n}\n";
    check("mcs", "Const.cs", text, &[(7, "Take out `const`")]);
    let text = "package main\n\nimport \"fmt\"\n\nconst count = 0\n\nfunc main() {\n\tloads := []int{4, 7, 2}\n\tfor _, load := range loads {\n\t\tif load > 3 {\n\t\t\tcount++\n\t\t}\n\t}\n\tfmt.Println(count)\n}\n";
    check("go", "const.go", text, &[(5, "write `var` instead of `const`")]);
}

#[test]
fn values_that_fit_only_each_other_change_places() {
    let text = "#include <iostream>\n#include <string>\n\ndouble fare(const std::string& berth, int seats, double rate)\n{\n    std::cout << berth << \"\\n\";\n    return seats * rate;\n}\n\nint main()\n{\n    double total = 0.0;\n    total = total + fare(\"north\", 4, 2.5);\n    total = total + fare(3, \"south\", 2.5);\n    std::cout << total << \"\\n\";\n    return 0;\n}\n";
    check("g++", "swap.cpp", text, &[(14, "write `\"south\", 3`")]);
    let text = "fn fare(berth: &str, seats: u32, rate: f64) -> f64 {\n    println!(\"{}\", berth);\n    f64::from(seats) * rate\n}\n\nfn main() {\n    let mut total = 0.0;\n    total += fare(\"north\", 4, 2.5);\n    total += fare(3, \"south\", 2.5);\n    println!(\"{}\", total);\n}\n";
    check("rustc", "swap.rs", text, &[(9, "write `\"south\", 3`")]);
    let text = "program Swap;\n\nfunction Fare(Berth: string; Seats: Integer; Rate: Double): Double;\nbegin\n  WriteLn(Berth);\n  Fare := Seats * Rate;\nend;\n\nvar\n  Total: Double;\nbegin\n  Total := Fare('north', 4, 2.5);\n  Total := Total + Fare(3, 'south', 2.5);\n  WriteLn(Total:0:2);\nend.\n";
    check("fpc", "swap.pas", text, &[(13, "write `'south', 3`")]);
}

#[test]
fn an_object_is_asked_for_its_part() {
    let text = "#include <stdio.h>\n\nstruct berth {\n    const char *name;\n    int depth;\n};\n\nstatic void label(int depth)\n{\n    printf(\"%d\\n\", depth);\n}\n\nint main(void)\n{\n    struct berth best = {\"north\", 4};\n    int most = best;\n    label(best);\n    printf(\"%d\\n\", most);\n    return 0;\n}\n";
    check("gcc", "part.c", text, &[(16, "Add `.depth`"), (17, "Add `.depth`")]);
    let text = "import java.util.List;\n\npublic class Part {\n    static class Berth {\n        private String name = \"north\";\n        private int depth = 4;\n        String getName() { return name; }\n        int getDepth() { return depth; }\n    }\n\n    static String label(int depth) {\n        return \"deep \" + depth;\n    }\n\n    public static void main(String[] args) {\n        Berth best = new Berth();\n        System.out.println(label(best));\n        String name = best;\n        List<String> all = List.of(name);\n        System.out.println(all);\n    }\n}\n";
    check("javac", "Part.java", text, &[(17, "Add `.getDepth()`"), (18, "Add `.getName()`")]);
    let text = "interface Berth {\n    name: string;\n    depth: number;\n}\n\nfunction label(depth: number): string {\n    return \"deep \" + depth;\n}\n\nconst best: Berth = { name: \"north\", depth: 4 };\nconsole.log(label(best));\nconst name1: string = best;\nconsole.log(name1);\n";
    check("tsc", "part.ts", text, &[(11, "Add `.depth`"), (12, "Add `.name`")]);
    let text = "struct Berth {\n    name: String,\n    depth: u32,\n}\n\nfn label(depth: u32) -> String {\n    format!(\"deep {depth}\")\n}\n\nfn main() {\n    let best = Berth { name: \"north\".to_string(), depth: 4 };\n    println!(\"{}\", label(best));\n    let most: u32 = best;\n    println!(\"{} {}\", most, best.name);\n}\n";
    check("rustc", "part.rs", text, &[(12, "Add `.depth`"), (13, "Add `.depth`")]);
}

/// What `look --all --whole` says of a program.
fn said(name: &str, text: &str) -> String {
    let folder = Folder::new();
    let ran =
        folder.write(name, text).run(&["look", "--all", "--whole", "--compiles", "100", name]);
    assert_eq!(ran.status, 1, "{}{}", ran.stdout, ran.stderr);
    ran.stdout.split_whitespace().collect::<Vec<_>>().join(" ")
}

/// Holds that all of these are said of a program.
#[track_caller]
fn check_said(compiler: &str, name: &str, text: &str, wanted: &[&str]) {
    if !have(compiler) {
        return;
    }
    let said = said(name, text);
    for one in wanted {
        assert!(said.contains(one), "{one}: {said}");
    }
}

#[test]
fn both_ways_to_a_value_that_may_be_missing_are_shown() {
    let text = "import java.util.ArrayList;\nimport java.util.List;\nimport java.util.Optional;\n\npublic class Opt {\n    static Optional<Integer> deepest(List<Integer> depths) {\n        Optional<Integer> best = Optional.empty();\n        for (int depth : depths) {\n            if (depth > best.orElse(0)) {\n                best = Optional.of(depth);\n            }\n        }\n        return best;\n    }\n\n    public static void main(String[] args) {\n        List<Integer> depths = new ArrayList<>();\n        depths.add(4);\n        int most = deepest(depths);\n        System.out.println(most + 1);\n    }\n}\n";
    check_said(
        "javac",
        "Opt.java",
        text,
        &["The value on line 19 may be missing", "Add `.get()`", "Add `.orElse(0)`"],
    );
    let text = "using System;\nusing System.Collections.Generic;\n\nclass Opt\n{\n    static int? Deepest(List<int> depths)\n    {\n        int? best = null;\n        foreach (int depth in depths)\n        {\n            if (best == null || depth > best)\n            {\n                best = depth;\n            }\n        }\n        return best;\n    }\n\n    static void Main()\n    {\n        var depths = new List<int> { 4, 7 };\n        int most = Deepest(depths);\n        Console.WriteLine(most + 1);\n    }\n}\n";
    check_said(
        "mcs",
        "Opt.cs",
        text,
        &["The value on line 22 may be missing", "Add `.Value`", "Add `?? 0`"],
    );
    let text = "object Opt {\n  val loads = Map(\"north\" -> 4, \"south\" -> 7)\n\n  def total(name: String): Int = {\n    val load: Int = loads.get(name)\n    load + 1\n  }\n\n  def main(args: Array[String]): Unit = {\n    println(total(\"north\"))\n  }\n}\n";
    check_said(
        "scalac",
        "Opt.scala",
        text,
        &["The value on line 5 may be missing", "Add `.get`", "Add `.getOrElse(0)`"],
    );
    let text = "#include <iostream>\n#include <map>\n#include <optional>\n#include <string>\n\nstd::optional<int> load(const std::map<std::string, int>& loads, const std::string& name)\n{\n    auto found = loads.find(name);\n    if (found == loads.end()) {\n        return std::nullopt;\n    }\n    return found->second;\n}\n\nint main()\n{\n    std::map<std::string, int> loads = {{\"north\", 4}};\n    int north = load(loads, \"north\");\n    std::cout << north + 1 << \"\\n\";\n    return 0;\n}\n";
    check_said(
        "g++",
        "opt.cpp",
        text,
        &["The value on line 18 may be missing", "Add `.value()`", "Add `.value_or(0)`"],
    );
    let text = "fn deepest(depths: &[u32]) -> Option<u32> {\n    let mut best = None;\n    for depth in depths {\n        if *depth > best.unwrap_or(0) {\n            best = Some(*depth);\n        }\n    }\n    best\n}\n\nfn main() {\n    let depths = vec![4, 7, 2];\n    let most: u32 = deepest(&depths);\n    println!(\"{}\", most + 1);\n    if deepest(&depths) > 5 {\n        println!(\"deep\");\n    }\n}\n";
    check_said("rustc", "opt.rs", text, &["The value on line 13 may be missing"]);
    let text = "module Main where\n\nimport qualified Data.Map as Map\n\nloads :: Map.Map String Int\nloads = Map.fromList [(\"north\", 4), (\"south\", 7)]\n\ntotal :: String -> Int\ntotal name = Map.lookup name loads + 1\n\nmain :: IO ()\nmain = print (total \"north\")\n";
    check_said("ghc", "opt.hs", text, &["The value on line 9 may be missing"]);
}

#[test]
fn what_belongs_to_an_object_is_asked_of_one() {
    let text = "package main\n\nimport \"fmt\"\n\ntype Quay struct {\n\tcount int\n}\n\nfunc (q *Quay) Land(passengers int) {\n\tcount += passengers\n}\n\nfunc (q *Quay) Total() int {\n\treturn count\n}\n\nfunc main() {\n\tquay := Quay{}\n\tquay.Land(4)\n\tLand(7)\n\tfmt.Println(quay.Total())\n}\n";
    check_said(
        "go",
        "stat.go",
        text,
        &[
            "`count` belongs to the object, so line 10 needs `q.` before it",
            "Add `quay.` at the start of line 20",
        ],
    );
    let text = "class Quay {\n  var count = 0\n  def land(passengers: Int): Unit = {\n    count += passengers\n  }\n  def total: Int = count\n}\n\nobject Stat {\n  def main(args: Array[String]): Unit = {\n    Quay.land(4)\n    Quay.land(7)\n    println(Quay.total)\n  }\n}\n";
    check_said(
        "scalac",
        "Stat.scala",
        text,
        &["`land` belongs to an object, but it is used without one"],
    );
    let text = "class Quay {\n    count = 0;\n    land(passengers: number): void {\n        count += passengers;\n    }\n    total(): number {\n        return count;\n    }\n}\n\nconst quay = new Quay();\nquay.land(4);\nQuay.land(7);\nconsole.log(quay.total());\n";
    check_said("tsc", "stat.ts", text, &["write `quay.` instead of `Quay.`"]);
}

#[test]
fn a_list_says_what_it_holds() {
    let text = "#include <iostream>\n#include <string>\n#include <vector>\n\nint main()\n{\n    std::vector depths;\n    depths.push(4);\n    depths.append(7);\n    std::vector<string> names = {\"north\", \"south\"};\n    names.push_back('e');\n    for (int i = 0; i < depths.length(); i++) {\n        std::cout << depths.get(i) << \"\\n\";\n    }\n    std::cout << names.size << \"\\n\";\n    std::cout << depths << \"\\n\";\n    return 0;\n}\n";
    check_said(
        "g++",
        "list1.cpp",
        text,
        &["Line 7 does not say what the collection holds", "Add `<int>` after `vector`"],
    );
    let text = "using System;\nusing System.Collections.Generic;\n\nclass List1\n{\n    static void Main()\n    {\n        List depths = new List();\n        depths.Append(4);\n        depths.push(7);\n        string[] names = { \"north\", \"south\" };\n        names.Add(\"east\");\n        for (int i = 0; i < depths.Length; i++)\n        {\n            Console.WriteLine(depths.get(i));\n        }\n        Console.WriteLine(names.Count());\n        Console.WriteLine(names.length);\n    }\n}\n";
    check_said(
        "mcs",
        "List1.cs",
        text,
        &[
            "Add `<int>` after `List` on line 8, and add `<int>`",
            "write `Count` instead of `Length`",
        ],
    );
    let text = "fn main() {\n    let mut depths: Vec = Vec::new();\n    depths.append(4);\n    depths.push(7);\n    let names: Vec<String> = vec![\"north\", \"south\"];\n    names.push(\"east\");\n    for i in 0..depths.length() {\n        println!(\"{}\", depths.get(i));\n    }\n    println!(\"{}\", names.size());\n    println!(\"{}\", names);\n    let first: u32 = depths[0 as i32];\n    println!(\"{}\", first);\n}\n";
    check_said(
        "rustc",
        "list1.rs",
        text,
        &[
            ">` after `Vec` on line 2",
            "Add `.to_string()` before `,` on line 5, and add `.to_string()`",
        ],
    );
}

#[test]
fn many_mistakes_in_one_program_are_all_told() {
    let text = "#include <stdio.h>\n\nstruct berth {\n    char name[20];\n    int depth;\n}\n\nint deepest(struct berth all[], int n)\n{\n    int best = 0;\n    for (i = 0; i < n; i++) {\n        if (all[i]->depth > best)\n            best = all[i].depth;\n    }\n    return best;\n}\n\nvoid show(berth one)\n{\n    printf(\"%s %d\\n\", one.name one.depth);\n}\n\nint main(void)\n{\n    struct berth quay[2] = {{\"north\", 4}, {\"south\", 7};\n    struct berth *first = quay[0];\n    first.depth = \"5\";\n    int depth = deepest(quay);\n    if (depth => 5) {\n        printf(\"deep\\n);\n    }\n    show(&quay[1]);\n    quay[0].name = \"east\";\n    return 0\n}\n";
    check_said(
        "gcc",
        "mix1.c",
        text,
        &[
            "A bracket `}` is missing on line 25",
            "Add `int` before `i` on line 11",
            "Add `&` before `quay` on line 26",
            "Add `struct` before `berth` on line 18",
            "write `->` instead of `.`",
        ],
    );
    let text = "module Main where\n\nimport Data.List (sortBy)\n\ndata Berth = Berth { name :: String, depth :: Int }\n\ndeepest :: [Berth] -> Int\ndeepest [] = 0\ndeepest (b:bs)\n  | depth b > rest = depth b\n  | otherwise rest\n  where rest = deepest bs\n\nlabel :: Int -> String\nlabel d\n  | d < 2 = \"shallow\"\n  | d < 5 = 'middle'\n  | otherwise = \"deep \" ++ d\n\nisOpen :: String -> Bool\nisOpen n = if n = \"north\" then true else False\n\ntotal :: [Berth] -> Double\ntotal bs = sum (map depth bs) / length bs\n\nshow :: Berth -> String\nshowBerth b = name ++ \": \" ++ show (depth b)\n\nnames :: [Berth] -> [String]\nnames bs = map name bs\n\nlongest :: [Berth] -> String\nlongest bs = head sortBy (\\a b -> compare (length b) (length a)) (names bs)\n\nmain :: IO ()\nmain = do\n  let quay = [Berth \"north\" 4, Berth \"south\"]\n  print (deepest quay)\n  putStrLn label 3\n  hour <- getLine\n  putStrLn (label hour)\n  if isOpen \"north\" then putStrLn \"open\"\n  putStrLn (total quay)\n  mapM_ putStrLn names quay\n";
    check_said(
        "ghc",
        "mix2.hs",
        text,
        &[
            "`=` is missing on line 11",
            "On line 21, `=` was typed where `==` belongs",
            "write `showBerth` instead of `show`",
            "Add `(` before `label` on line 39",
        ],
    );
    let text = "program Mix2;\n\ntype\n  TBerth = record\n    Name: string;\n    Depth: integer\n  end\n\nvar\n  Quay: array[1..2] of TBerth;\n  I, Hour: integer;\n  First: string;\n\nfunction Deepest(All: array of TBerth): integer;\nvar\n  Best, J: integer;\nbegin\n  Best = 0;\n  for J := 0 to Length(All) do\n    if All[J].Depth > Best\n      Best := All[J].Depth;\n  Deepest := Best;\nend;\n\nfunction Labels(Depth: integer): string\nbegin\n  if Depth < 2 then\n    Labels := \"shallow\";\n  else if Depth < 5 then\n    Labels := 'middle'\n  else\n    Labels := 'deep ' + Depth;\nend;\n\nprocedure Show(B: TBerth);\nbegin\n  WriteLn(B.Name, ' ' B.Depth);\nend;\n\nbegin\n  Quay[1].Name := 'north;\n  Quay[1].Depth := '4';\n  Quay[2].Nam := 'south';\n  WriteLn('Deepest: ', Deepest(Quay);\n  WriteLn(Labels('3'));\n  Show(Quay[1], 2);\n  First := Quay[1];\n  Hour := 2.5;\n  while I < 3 do\n    I++;\n  WriteLn(Frist);\n  repeat\n    I := I - 1;\n  until I = 0\n  if (I = 0) and Hour > 3 then\n    WriteLn('late')\nend\n";
    check_said(
        "fpc",
        "mix2.pas",
        text,
        &["The word `then` is missing on line 20", "`Frist` on line 51 should probably be `First`"],
    );
    let text = "#include <iostream>\n#include <string>\n\nclass Berth {\n    std::string name;\n    int depth;\npublic:\n    Berth(string name, int depth) {\n        this.name = name;\n        this->depth = depth;\n    }\n    int getDepth() const { depth = 4; return depth; }\n}\n\nint deepest(std::vector<Berth> all)\n{\n    int best = 0;\n    for (Berth berth in all) {\n        if (berth.depth > best)\n            best = berth.getDepth;\n    }\n    return best;\n}\n\nstd::string label(int depth)\n{\n    if (depth < 2)\n        return 'shallow';\n    else if depth < 5\n        return \"middle\";\n    return \"deep \" + depth;\n}\n\nint main()\n{\n    std::vector<Berth> quay = {Berth(\"north\", 4), Berth(\"south\")};\n    int hour;\n    std::cin << hour;\n    std::cout << \"Deepest: \" << deepest(quay) << std::endline;\n    std::cout << label(hour, 3) << \"\\n\"\n    std::string first = quay[0].name;\n    for (int i = 0, i < quay.length(), i++) {\n        std::cout >> quay[i].getDepth() >> \"\\n\";\n    }\n    if (first == 'north') {\n        std::cout << \"open\" << endl;\n    }\n    const int seats = 4;\n    seats += 1;\n    string total = 3;\n    Return 0;\n}\n";
    check_said("g++", "mix2.cpp", text, &["A name on line 8 needs `std::` in front of it"]);
    let text = "using System;\n\nclass Then2\n{\n    static string Label(int depth)\n    {\n        if (depth < 2) then return \"shallow\";\n        else if (depth < 5) { return \"middle\"; }\n        else return \"deep\";\n    }\n    static void Main()\n    {\n        Console.WriteLine(Label(3));\n    }\n}\n";
    check_said("mcs", "Then2.cs", text, &["Take out `then` on line 7"]);
}
