//! Mistakes that hide others: while a declaration is wrong, a compiler may read no body. What is told
//! behind one is the learner's, and nothing of our own making.

mod support;

use support::{Folder, have};

/// The lines of `look --quiet`: the place, and what is told of it.
fn told(name: &str, text: &str) -> Vec<String> {
    let folder = Folder::new();
    let ran = folder.write(name, text).run(&["look", "--quiet", "--compiles", "60", name]);
    assert_eq!(ran.status, 1, "{}{}", ran.stdout, ran.stderr);
    assert_eq!(folder.read(name), text);
    ran.stdout.lines().map(|line| line.replacen(&format!("{name}:"), "", 1)).collect()
}

/// Holds that these lines, and no others, are told of.
#[track_caller]
fn check_lines(told: &[String], wanted: &[u32]) {
    let lines = told.iter().filter_map(|line| line.split(':').next()?.parse().ok());
    let mut lines: Vec<u32> = lines.collect();
    lines.sort_unstable();
    assert_eq!(lines, wanted, "{told:#?}");
}

/// A class above and one below; `{}` stands for a member of that.
fn berths(member: &str) -> String {
    format!(
        "using System;\n\nabstract class Berth {{\n    public abstract double Depth();\n    protected virtual void Clean() {{ }}\n}}\n\nclass Deep : Berth {{\n    public string Name {{ get; set; }}\n{member}\n}}\n\nclass Quay {{\n    static void Main() {{\n        var deep = new Deep();\n        int low = \"low\";\n        Console.WriteLine(low + deep.Nane);\n    }}\n}}\n"
    )
}

#[test]
fn behind_a_member_that_differs_from_the_one_above_the_bodies_are_read() {
    if !have("mcs") {
        return;
    }
    for (member, word) in [
        ("    public override int Depth() { return 6; }", "write `double` instead of `int`"),
        (
            "    public override double Depth() { return 6; }\n    public override void Clean() { }",
            "write `protected` instead of `public`",
        ),
        (
            "    public override double Depth() { return 6; }\n    protected override void Claen() { }",
            "write `Clean` instead of `Claen`",
        ),
    ] {
        let told = told("Quay.cs", &berths(member));
        let line = 9 + u32::try_from(member.lines().count()).unwrap();
        check_lines(&told, &[line, line + 6, line + 7]);
        assert!(told[0].contains(word) && told[0].contains("guess"), "{told:#?}");
    }
}

#[test]
fn behind_a_type_that_is_not_there_the_bodies_are_read() {
    if !have("mcs") {
        return;
    }
    let member = "    public override double Depth() { return 6; }\n    public Quay.Kind Kind() { return null; }";
    check_lines(&told("Quay.cs", &berths(member)), &[11, 17, 18]);
}

#[test]
fn a_class_that_lacks_a_member_has_its_others() {
    if !have("mcs") {
        return;
    }
    check_lines(&told("Quay.cs", &berths("")), &[8, 16, 17]);
}

#[test]
fn a_header_outside_of_its_class_is_held_against_the_declaration() {
    if !have("g++") {
        return;
    }
    let text = "class Quay {\npublic:\n    double fee(int days) const;\n    void stay(int days);\n};\ndouble Quay::fee(int days) { return days * 2.0; }\nvoid Quay::stey(int days) { }\nint main() { Quay quay; quay.stay(2); }\n";
    let told = told("quay.cpp", text);
    check_lines(&told, &[6, 7]);
    assert!(told[0].contains("the header is not the one that the class declares"), "{told:#?}");
    assert!(told[1].contains("write `stay` instead of `stey`"), "{told:#?}");
}

#[test]
fn a_name_that_a_library_has_is_told_with_a_name_of_its_own() {
    let text = "#include <stdio.h>\n\nint remove(int berth) {\n    return berth;\n}\n\nint main(void) {\n    printf(\"%d\\n\", remove(2));\n    return 0;\n}\n";
    let told = told("quay.c", text);
    check_lines(&told, &[3]);
    assert!(told[0].contains("`remove` is a name of a library, too"), "{told:#?}");
    assert!(told[0].contains("write `my_remove` instead of `remove` (a guess)"), "{told:#?}");
}

#[test]
fn the_remarks_of_an_ambiguous_name_are_read() {
    if !have("g++") {
        return;
    }
    let text = "#include <algorithm>\nusing namespace std;\n\nint count = 0;\n\nint main() {\n    count++;\n    return count;\n}\n";
    let told = told("quay.cpp", text);
    check_lines(&told, &[4]);
    assert!(told[0].contains("write `my_count` instead of `count`"), "{told:#?}");
}

#[test]
fn one_binding_is_switched_off_and_not_all_behind_its_word() {
    if !have("ghc") {
        return;
    }
    let text = "module Main where\n\nlow :: String -> Int\nlow t = length t\n\nmain :: IO ()\nmain = do\n  let north = low (not True)\n      south = low \"b\"\n  print (north + sout)\n  putStrLn south\n";
    let told = told("Main.hs", text);
    check_lines(&told, &[8, 10, 11]);
}

#[test]
fn a_mistake_without_a_fix_hides_no_other() {
    let haskell = "foo :: Blorgh -> Int\nfoo x = 3\n\nname :: Int -> String\nname n = n\n\nmain :: IO ()\nmain = putStrLn (name \"3\")\n";
    let wanted = [(1, "does not know `Blorgh`"), (5, "Add `show`"), (8, "write `3`")];
    support::told("ghc", "Port.hs", haskell, &wanted);
    let rust = "fn name(n: i32) -> bool {\n    let q = n n n;\n    let low: bool = n;\n    low\n}\n\nfn main() {\n    prinln!(\"{}\", name(3));\n}\n";
    let wanted = [(2, "cannot fit in"), (3, "of the type"), (8, "write `println`")];
    support::told("rustc", "port.rs", rust, &wanted);
    let go = "package main\n\nimport \"fmt\"\n\nfunc main() {\n\tk := 3\n\tfor i := 0; i < ; i++ {\n\t}\n\tfmt.Printn(k)\n\tfmt.Println(kk)\n}\n";
    let wanted = [(7, "cannot fit in"), (9, "write `Println`"), (10, "write `k`")];
    support::told("go", "port.go", go, &wanted);
}

#[test]
fn a_word_of_a_message_is_not_a_name_of_the_program() {
    // `t` stands in "Couldn't", and `name` in "before parameter name".
    let haskell = "pick :: Int -> [Bool] -> Int\npick t x = x\n\nlow :: Int -> String\nlow n = n\n\nmain :: IO ()\nmain = putStrLn (low \"3\")\n";
    let wanted = [(2, "of the type"), (5, "Add `show`"), (8, "write `3`")];
    support::told("ghc", "Port.hs", haskell, &wanted);
    let csharp = "using System;\n\nclass Port\n{\n    public int Low => ( name name;\n\n    static void Main(string args[])\n    {\n        Console.Writeline(3);\n    }\n}\n";
    let wanted = [(5, "cannot fit in"), (7, "Add `[]`"), (9, "write `WriteLine`")];
    support::told("mcs", "Port.cs", csharp, &wanted);
}

#[test]
fn what_cannot_be_mended_takes_no_line_below_it_along() {
    let scala = "object Port extends App {\n  val depths = List(3, 1)\n  depths(0) = 5\n  println(depths.get(1))\n  println(depths.lenght)\n}\n";
    let wanted = [(3, "`update`"), (4, "`get`"), (5, "write `length`")];
    support::told("scalac", "Port.scala", scala, &wanted);
}

/// A field, a guard and a class that nothing mends: what they declare keeps its shape, and the mistakes
/// behind them are found.
#[test]
fn behind_what_nothing_mends_haskell_is_read_on() {
    if !have("ghc") {
        return;
    }
    let text = "module Main where\n\ndata Berth = Berth\n  { name :: String\n  , depth @@ Int\n  } deriving (Show, Mooring)\n\nlow :: Berth -> Bool\nlow b\n  | depth b < 3 ~> True\n  | otherwise = False\n\nmain :: IO ()\nmain = do\n  let berths = [Berth \"north\" 4, Berth \"south\" 2]\n  putStrLn (unwords (map name bertsh))\n  print (length berths + \"3\")\n";
    let told = told("Berths.hs", text);
    check_lines(&told, &[5, 6, 10, 16, 17]);
    let fixed =
        |line: &str| told.iter().any(|told| told.starts_with(line) && told.contains("guess"));
    assert!(fixed("16:") && fixed("17:"), "{told:#?}");
}

/// An unknown class above, parameters that do not read, a header with an odd bracket.
#[test]
fn behind_heads_that_nothing_mends_bodies_are_read() {
    if !have("mcs") {
        return;
    }
    let text = "using System;\n\nclass Berth : Wharf {\n    public override int Depth() { return 6; }\n}\n\nclass Quay {\n    static int Low(int a ?? b) {\n        return 3;\n    }\n\n    static void Main() {\n        while (Low(3) @ 4 {\n            Console.WriteLine(\"low\");\n        }\n        var berth = new Berth();\n        int low = \"low\";\n        Console.WriteLine(low);\n    }\n}\n";
    check_lines(&told("Quay.cs", text), &[3, 8, 13, 17]);
}
