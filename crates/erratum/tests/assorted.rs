//! Forms that learners bring from other languages or half remember, several in each program.

mod support;

use support::told::check;

#[test]
fn typescript_with_lost_arrows_and_lists() {
    let text = "interface Entry<T> { id: number; body: T }\n\nclass Shelf<T> {\n  private all: Entry<T>[] = [];\n  put(body: T): void {\n    const entry: Entry = { id: this.all.length, body };\n    this.all.push(entry);\n  }\n  size(): number { return this.all.length; }\n}\n\ntype Rule = (text: string) => boolean;\n\nconst short: Rule = text {\n  return text.length < 9;\n};\n\nfunction passes(text: string, rules: Rule[]): boolean {\n  for (const rule of rules:\n    if (!rule(text)) return false;\n  }\n  return true;\n}\n\nconst names: string[] = {};\nconst shelf = new Shelf<string>();\nshelf.put(\"bow\");\nconsole.log(passes(\"bow\", short, short));\nconsole.log(names.length = 0 ? \"none\" : \"some\", shelf.size());\n";
    let wanted = [
        (6, "`<T>`"),
        (14, "`=>`"),
        (19, "`) {`"),
        (25, "`[`"),
        (28, "`[` before `short`"),
        (29, "`===`"),
    ];
    check("tsc", "shelf.ts", text, &wanted);
}

#[test]
fn csharp_with_brackets_of_other_things() {
    let text = "using System;\nusing System.Collections.Generic;\n\nclass Gauge\n{\n    public string Name;\n    public double Level;\n    public Gauge(string name, double level) { Name = name; Level = level; }\n    public bool High(double limit) = Level > limit;\n}\n\nclass Station\n{\n    private Dictionary<string, Gauge> gauges = new Dictionary<>();\n    private int[] hours = new int(24);\n\n    public void Add(Gauge g) { gauges[g.Name] = g; }\n\n    public int Count(double limit)\n    {\n        int n = 0;\n        foreach (var gauge in gauges)\n        {\n            if (gauge.High(limit)) n++;\n        }\n        return n + hours.Length;\n    }\n\n    static void Main()\n    {\n        var s = new Station();\n        s.Add(new Gauge(\"mole\", '7.5'));\n        Console.WriteLine(s.Count(3));\n    }\n}\n";
    let wanted = [
        (9, "`=>` instead of `=`"),
        (14, "`<string, Gauge>`"),
        (15, "`[`"),
        (22, "`.Values`"),
        (32, "`7.5`"),
    ];
    check("mcs", "Station.cs", text, &wanted);
}

#[test]
fn java_with_half_remembered_forms() {
    let text = "import java.util.*;\nimport java.util.stream.Collectors;\n\nrecord Spare(String code, int stock) {}\n\nclass Rack<T> {\n    private final List<T> all = new ArrayList<>();\n    int moves;\n    void put(T one) { all.add(one); moves+; }\n    T least() {\n        T best = all.get(0);\n        for (T one : all) if (one.compareTo(best) < 0) best = one;\n        return best;\n    }\n}\n\npublic class Workshop {\n    private final Spare[] first = new Spare[] (new Spare(\"pin\", 3), new Spare(\"cam\", 9));\n\n    Optional<Spare> find(List<Spare> all, int least) {\n        for (Spare s : all) if (s.stock() >= least) return s;\n        return Optional.empty();\n    }\n\n    static List<String> codes(List<Spare> all) {\n        return all.stream().map(Spare.code).collect(Collectors.toList());\n    }\n\n    public static void main(String[] args) {\n        List<String> names = { \"pin\", \"cam\" };\n        System.out.println(names.size() + new Workshop().first.length);\n    }\n}\n";
    let wanted = [
        (6, "`extends Comparable<T>`"),
        (9, "`+`"),
        (18, "`{`"),
        (21, "`Optional.of(`"),
        (26, "`::`"),
        (30, "`List.of(`"),
    ];
    check("javac", "Workshop.java", text, &wanted);
}

#[test]
fn haskell_with_marks_of_other_languages() {
    let text = "module Main where\n\nimport Data.IORef\n\ndata Buoy = Buoy\n  { name :: String,\n    depth :: Double,\n  }\n\ndrag :: Double\ndrag = .25\n\ndeepest :: [Buoy] -> Double\ndeepest bs = max (map depth bs)\n\nnames :: [Buoy] -> [String]\nnames bs = [name b for b <- bs]\n\nmain :: IO ()\nmain = do\n  count <- newIORef 0 :: Int\n  let buoys = [Buoy \"mole\" 3, Buoy \"bar\" 5]\n  modifyIORef count (+ 1)\n  n <- readIORef count\n  print n\n  mapM_ putStrLn (names buoys)\n  print (deepest buoys + drag)\n  print (map b -> depth b buoys)\n";
    let wanted = [
        (7, "`,`"),
        (11, "`0`"),
        (14, "`maximum`"),
        (17, "`|` instead of `for`"),
        (21, "`(`"),
        (28, "`(\\`"),
    ];
    check("ghc", "Main.hs", text, &wanted);
}

#[test]
fn cpp_and_rust_with_parts_in_other_places() {
    let text = "#include <iostream>\n#include <vector>\n\nnamespace quay {\n\nstruct Mark {\n    virtual int rank() const = 0;\n    virtual ~Mark() = default;\n};\n\nstruct Spar : Mark {\n    explicit Spar(int height) : height_(height);\n    int rank() override const { return height_; }\n    int height_;\n};\n\nint main() {\n    quay::Spar spar(3);\n    std::vector<int> ranks;\n    ranks.push_back(spar.rank());\n    std::cout << ranks.size() << \"\\n\";\n}\n";
    let wanted = [(12, "{}"), (13, "`const`"), (16, "`}`")];
    check("g++", "spar.cpp", text, &wanted);
    let text = "use std::fmt;\n\nenum Load {\n    Empty,\n    Crates: Vec<u32>,\n}\n\nimpl fmt::Display for Load {\n    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {\n        match self {\n            Load::Empty => write!(\"empty\"),\n            Load::Crates(all) => write!(f, \"{}\", all.len()),\n        }\n    }\n}\n\nfn main() {\n    let half = .5;\n    println!(\"{} {} {}\", Load::Empty, Load::Crates(vec![3]), half);\n}\n";
    let wanted = [(5, "`(Vec<u32>)`"), (11, "`f,`"), (18, "`0`")];
    check("rustc", "load.rs", text, &wanted);
}
