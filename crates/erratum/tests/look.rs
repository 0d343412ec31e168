//! `erratum look`, on files in a temporary folder.

mod support;

use support::{Folder, SOUND, TIDE, have};

#[test]
fn the_first_mistake_is_shown_with_its_place_its_fix_and_its_proof() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", TIDE).run(&["tide.c"]);
    assert_eq!(ran.status, 1);
    for part in [
        "tide.c does not compile.",
        "behind them is 1 mistake",
        "A `;` is missing at the end of line 4",
        "line 4  at fault      int tide = 3",
        "line 5  reported",
        "gcc says on line 5: expected ',' or ';' before 'printf'",
        "To mend it: Add `;` at the end of line 4.",
        "+   4      int tide = 3;",
        "Proved on a copy",
        "Next: `erratum mend tide.c`",
    ] {
        let loose = part.replace("behind them is", "behind it is");
        assert!(ran.stdout.contains(part) || ran.stdout.contains(&loose), "{part}\n{}", ran.stdout);
    }
    assert!(ran.stdout.lines().all(|line| line.chars().count() <= 80));
    assert!(!ran.stdout.contains('\x1b'));
    assert_eq!(folder.left_behind(), 0);
    assert_eq!(folder.read("tide.c"), TIDE);
}

#[test]
fn a_sound_program_is_said_to_compile() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", SOUND).run(&["look", "tide.c"]);
    assert_eq!((ran.status, ran.stdout.as_str()), (0, "tide.c compiles.\n"));
}

#[test]
fn every_mistake_is_listed_and_hidden_ones_are_said_to_be() {
    let folder = Folder::new();
    let text = "fn main() {\n    let tide = 3\n    println!(\"{}\", tdie);\n}\n";
    let ran = folder.write("tide.rs", text).run(&["look", "--all", "tide.rs"]);
    assert!(ran.stdout.contains("Mistake 1 of 2"), "{}", ran.stdout);
    assert!(ran.stdout.contains("`tdie` on line 3 should probably be `tide`"), "{}", ran.stdout);
    let quiet = folder.run(&["look", "--quiet", "tide.rs"]);
    assert_eq!(quiet.stdout.lines().count(), 2);
    assert!(quiet.stdout.starts_with("tide.rs:2:"), "{}", quiet.stdout);
}

/// Nine mistakes of several kinds.
const NINE: &str = "#include <stdio.h>\n\nstruct berth {\n    int number;\n    double length;\n}\n\nint free_at(struct berth *all, int n, double wanted) {\n    for (int i = 0; i < n; i++ {\n        if (all[i]->length => wanted)\n            return all[i].nubmer\n    }\n    retrun -1;\n}\n\nint main(void) {\n    struct berth quay[2] = {{1, 8.5}, {2, 12.0}};\n    printf(\"%d\\n\", free_at(quay, 2, 10.0));\n    putts('done');\n    return O;\n}\n";

#[test]
fn in_a_list_each_mistake_has_a_few_lines() {
    let folder = Folder::new();
    let ran = folder.write("quay.c", NINE).run(&["look", "--all", "--compiles", "200", "quay.c"]);
    let blocks: Vec<&str> =
        ran.stdout.split("\n\n").filter(|block| block.starts_with("Mistake ")).collect();
    assert!(blocks.len() >= 7, "{}", ran.stdout);
    for block in &blocks {
        assert!((3..=8).contains(&block.lines().count()), "{block}");
        assert!(block.contains("at fault"), "{block}");
        let does = ["To mend it: ", "It may be: ", "What to try: "];
        assert!(does.iter().any(|what| block.contains(what)), "{block}");
    }
    assert!(ran.stdout.lines().all(|line| line.chars().count() <= 80), "{}", ran.stdout);
    // The same reason is not given twice.
    let whys: Vec<&str> = ran.stdout.lines().filter(|line| line.starts_with("  Why: ")).collect();
    assert_eq!(whys.iter().collect::<std::collections::HashSet<_>>().len(), whys.len());
    let whole = folder.run(&["look", "--all", "--whole", "--compiles", "200", "quay.c"]).stdout;
    assert!(whole.lines().count() > 2 * ran.stdout.lines().count(), "{whole}");
}

#[test]
fn one_mistake_of_a_list_is_shown_whole_by_its_number() {
    let folder = Folder::new();
    let ran =
        folder.write("quay.c", NINE).run(&["look", "--only", "2", "--compiles", "200", "quay.c"]);
    assert!(ran.stdout.contains("\nMistake 2 of "), "{}", ran.stdout);
    assert!(!ran.stdout.contains("\nMistake 1 of "), "{}", ran.stdout);
    assert!(ran.stdout.contains("gcc "), "{}", ran.stdout);
    for number in ["0", "99"] {
        let ran = folder.run(&["look", "--only", number, "--compiles", "200", "quay.c"]);
        assert_eq!(ran.status, 2);
        assert!(ran.stderr.contains("The numbers go from 1 to"), "{}", ran.stderr);
        assert_eq!(ran.stdout, "");
    }
    let sound = folder.write("tide.c", SOUND).run(&["look", "--only", "1", "tide.c"]);
    assert_eq!(sound.status, 2);
}

#[test]
fn places_count_characters_whatever_stands_before_them() {
    let folder = Folder::new();
    let text = "fn main() {\r\n\tlet s = \"é𝄞\"; let t: i32 = tdie;\r\n\tlet tide = 3;\r\n\tprintln!(\"{s}{t}{tide}\");\r\n}";
    let ran = folder.write("tide.rs", text).run(&["look", "--json", "tide.rs"]);
    let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert_eq!(json["messages"][0]["at"]["line"], 2);
    assert_eq!(json["messages"][0]["at"]["column"], 29);
}

#[test]
fn without_proof_the_verdict_is_judged() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", TIDE).run(&["look", "--no-proof", "tide.c"]);
    assert_eq!(ran.status, 1);
    assert!(ran.stdout.contains("line 4  at fault"), "{}", ran.stdout);
    assert!(ran.stdout.contains("it was not compiled"), "{}", ran.stdout);
}

#[test]
fn a_build_command_is_run_and_its_output_read() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let ran = folder.run(&["look", "--", "gcc", "-c", "tide.c"]);
    assert_eq!(ran.status, 1);
    assert!(ran.stdout.contains("at the end of line 4"), "{}", ran.stdout);
    let ran = folder.run(&["look", "--", "sh", "-c", "echo no message; exit 3"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("holds no message"), "{}", ran.stderr);
    assert_eq!(folder.run(&["look", "--", "no-such-command"]).status, 2);
}

#[test]
fn grave_warnings_are_looked_at_when_there_is_no_error() {
    let folder = Folder::new();
    let text = SOUND.replace("int tide = 3;", "int tide;");
    let ran = folder.write("tide.c", text).run(&["tide.c"]);
    assert_eq!(ran.status, 0);
    assert!(ran.stdout.contains("compiles, but gcc warns"), "{}", ran.stdout);
    assert!(ran.stdout.contains("only you know"), "{}", ran.stdout);
}

#[test]
fn other_compilers_can_be_named() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    if have("clang") {
        let ran = folder.run(&["look", "--compiler", "clang", "tide.c"]);
        assert!(ran.stdout.contains("clang says"), "{}", ran.stdout);
        assert!(ran.stdout.contains("at the end of line 4"), "{}", ran.stdout);
    }
    let ran = folder.run(&["look", "--compiler", "javac", "tide.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("does not compile C"), "{}", ran.stderr);
}

#[test]
fn cpp_and_java_are_looked_at_too() {
    let folder = Folder::new();
    if have("g++") {
        folder.write("tide.cpp", "#include <iostream>\nint main() {\n    std::cuot << 3;\n}\n");
        let ran = folder.run(&["tide.cpp"]);
        assert!(
            ran.stdout.contains("`cuot` on line 3 should probably be `cout`"),
            "{}",
            ran.stdout
        );
    }
    if have("javac") {
        folder.write(
            "Tide.java",
            "public class Tide {\n    int fare() {\n        return 3\n    }\n}\n",
        );
        let ran = folder.run(&["Tide.java"]);
        assert!(ran.stdout.contains("A `;` is missing at the end of line 3"), "{}", ran.stdout);
        assert_eq!(folder.left_behind(), 0);
    }
}

#[test]
fn a_declaration_in_a_file_beside_the_program_is_shown() {
    let folder = Folder::new();
    folder.write("fares.h", "int fare(int zone, double base);\n");
    let text = "#include \"fares.h\"\n\nint main(void) {\n    return fare(2);\n}\n";
    let ran = folder.write("ferry.c", text).run(&["look", "ferry.c"]);
    let said = "`fare` is declared on line 1 of fares.h: int fare(int zone, double base)";
    assert!(ran.stdout.contains(said), "{}", ran.stdout);
}

#[test]
fn a_long_message_is_shown_by_its_point_and_whole_when_asked_for() {
    if !have("g++") {
        return;
    }
    let folder = Folder::new();
    let text = "double fare(int zone, double base) { return base + zone; }\nint fare(int *zones) { return *zones; }\nint main() {\n    return fare(\"inner\", \"adult\");\n}\n";
    folder.write("ferry.cpp", text);
    let short = folder.run(&["look", "--no-proof", "--width", "80", "ferry.cpp"]);
    assert!(short.stdout.contains("in short:"), "{}", short.stdout);
    assert!(short.stdout.contains("more lines; --whole shows them"), "{}", short.stdout);
    assert!(
        short.stdout.contains("`fare` is declared on line 1: double fare(int zone, double base)")
    );
    let whole = folder.run(&["look", "--no-proof", "--whole", "ferry.cpp"]);
    assert!(whole.stdout.contains("candidate expects 1 argument, 2 provided"), "{}", whole.stdout);
}

#[test]
fn of_two_that_fit_equally_it_is_always_the_same_and_a_guess() {
    let folder = Folder::new();
    let text = "int main(void) {\n    int tide1 = 2;\n    int tide2 = 2;\n    return tide3;\n}\n";
    folder.write("tide.c", text);
    let verdicts: Vec<serde_json::Value> = (0..6)
        .map(|_| serde_json::from_str(&folder.run(&["look", "--json", "tide.c"]).stdout).unwrap())
        .collect();
    let fixes = |verdict: &serde_json::Value| verdict["roots"][0]["possible"].clone();
    assert!(verdicts.iter().all(|verdict| fixes(verdict) == fixes(&verdicts[0])));
    assert_eq!(fixes(&verdicts[0])[0]["certainty"], "guess");
    assert!(verdicts[0]["roots"][0]["fixes"].as_array().unwrap().is_empty());
    let told = folder.run(&["look", "tide.c"]).stdout;
    assert!(told.contains("only you know which one you mean"), "{told}");
}

#[test]
fn what_was_not_finished_is_told_where_it_ends() {
    if !have("ghc") {
        return;
    }
    let folder = Folder::new();
    let text = "module Main where\n\ndeep :: String -> Int\ndeep s = if null s then length s\n\nmain :: IO ()\nmain = print (deap \"a\")\n";
    folder.write("Tide.hs", text);
    let ran = folder.run(&["look", "--json", "Tide.hs"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let lines: Vec<u64> = (verdict["roots"].as_array().unwrap().iter())
        .map(|root| root["at"]["line"].as_u64().unwrap())
        .collect();
    assert_eq!(lines, [4, 7], "{}", ran.stdout);
    assert!(verdict["roots"][0]["title"].as_str().unwrap().contains("line 4"), "{}", ran.stdout);
}

#[test]
fn of_half_the_paths_nothing_is_told() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    let text = "double spread(int n) {\n    int i = 0;\n    do while (i < n) {\n        i++;\n    }\n    return i / 2.0;\n}\nint main(void) {\n    return (int)spread(4);\n}\n";
    folder.write("tide.c", text);
    let ran = folder.run(&["look", "--json", "tide.c"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert_eq!(verdict["roots"].as_array().unwrap().len(), 1, "{}", ran.stdout);
}

#[test]
fn a_parameter_that_wants_an_address_is_told_by_a_remark() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    let text = "typedef struct { int n; } Berth;\nstatic int seats(const Berth *berth) {\n    return berth->n;\n}\nint main(void) {\n    Berth all[2] = { { 1 }, { 2 } };\n    return seats(all[1]);\n}\n";
    folder.write("tide.c", text);
    let ran = folder.run(&["look", "tide.c"]);
    assert!(ran.stdout.contains("return seats(&all[1]);"), "{}", ran.stdout);
}

/// A check by itself says nothing of it.
#[test]
fn a_program_whose_start_is_misspelt_does_not_compile() {
    let c = "#include <stdio.h>\n\nint mian(void) {\n    puts(\"deep\");\n    return 0;\n}\n";
    let cpp = "#include <iostream>\n\nint Main() {\n    std::cout << 3;\n}\n";
    let go = "package main\n\nimport \"fmt\"\n\nfunc mian() {\n\tfmt.Println(3)\n}\n";
    for (compiler, file, text) in
        [("gcc", "tide.c", c), ("g++", "tide.cpp", cpp), ("go", "tide.go", go)]
    {
        if !have(compiler) {
            continue;
        }
        let folder = Folder::new();
        let ran = folder.write(file, text).run(&["look", file]);
        assert_eq!(ran.status, 1, "{compiler}: {}{}", ran.stdout, ran.stderr);
        assert!(ran.stdout.contains("No function is called `main`"), "{compiler}: {}", ran.stdout);
        assert_eq!(folder.run(&["mend", "--yes", "--guesses", file]).status, 0, "{compiler}");
        assert!(folder.read(file).contains(" main("), "{compiler}: {}", folder.read(file));
    }
    if have("gcc") {
        let folder = Folder::new();
        let library = "int min(int a, int b) {\n    return a < b ? a : b;\n}\n";
        assert_eq!(folder.write("tide.c", library).run(&["look", "tide.c"]).status, 0);
    }
}

#[test]
fn behind_a_header_that_nothing_mends_its_block_is_still_read() {
    let folder = Folder::new();
    let head = "struct sailing {\n    int hour;\n    int seats;\n};\n\nint main(void) {\n    struct sailing all[2] = { { 7, 40 }, { 9, 60 } };\n    int seats = 0, i = 0;\n";
    for (header, lines) in [
        // A loop that declares nothing, one that does, and a condition.
        ("while (all.left() > 0) {", [9, 10]),
        ("for (int late = all.left(); late > 0; late--) {", [9, 10]),
        ("if (seats == 0) {\n    } else if (all.left() > 0) {", [10, 11]),
    ] {
        let body = "        seats = seats + all[i].setas;\n        i++;\n    }\n";
        folder.write("sailing.c", format!("{head}    {header}\n{body}    return seats;\n}}\n"));
        let ran = folder.run(&["look", "--json", "sailing.c"]);
        let data: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
        let roots = data["roots"].as_array().unwrap().iter();
        let at: Vec<u64> = roots.map(|root| root["at"]["line"].as_u64().unwrap()).collect();
        assert_eq!(at, lines, "{header}");
    }
}

/// Programs that ask for a library which is nowhere, with a wrong type and an unknown name behind it: the file, the
/// compiler, the text, and the lines of the three mistakes.
const WITHOUT_LIBRARY: &[(&str, &str, &str, [u64; 3])] = &[
    (
        "quay.c",
        "gcc",
        "#include <stdio.h>\n#include \"harbourtools.h\"\nint main(void) {\n    int berth = \"three\" * 2;\n    printf(\"%d\\n\", bertj);\n    return moor(berth);\n}\n",
        [2, 4, 5],
    ),
    (
        "Quay.java",
        "javac",
        "import harbour.tools.Moor;\nclass Quay {\n    static void go() {\n        int berth = \"three\";\n        Moor.tie(bertj);\n        Moor.tie(berth);\n    }\n}\n",
        [1, 4, 5],
    ),
    (
        "quay.pas",
        "fpc",
        "program quay;\nuses SysUtils, HarbourTools;\nvar\n  berth: integer;\nbegin\n  berth := 'three';\n  writeln(IntToStr(bertj));\nend.\n",
        [2, 6, 7],
    ),
    (
        "Quay.hs",
        "ghc",
        "module Quay where\nimport Harbour.Tools (moor)\nberth :: Int\nberth = length 3.5\nnext :: Int\nnext = moor bertj\n",
        [2, 4, 6],
    ),
    (
        "Quay.cs",
        "mcs",
        "using System;\nusing Harbour.Tools;\nclass Quay {\n    static void Main() {\n        int berth = \"three\";\n        Console.WriteLine(bertj);\n    }\n}\n",
        [2, 5, 6],
    ),
    (
        "Quay.scala",
        "scalac",
        "import harbour.tools.Moor\nobject Quay {\n  val berth: Int = \"three\"\n  Moor.tie(bertj)\n}\n",
        [1, 3, 4],
    ),
    (
        "quay.ts",
        "tsc",
        "import { moor } from \"harbour-tools\";\nconst berth: number = \"three\";\nmoor(bertj);\n",
        [1, 2, 3],
    ),
    (
        "quay.go",
        "go",
        "package main\n\nimport (\n\t\"fmt\"\n\t\"harbour/tools\"\n)\n\nfunc main() {\n\tvar berth int = \"three\"\n\ttools.Moor(berth)\n\tfmt.Println(bertj)\n}\n",
        [5, 9, 11],
    ),
];

#[test]
fn a_library_that_is_not_there_hides_nothing_behind_it() {
    for (file, compiler, text, lines) in WITHOUT_LIBRARY {
        if !have(compiler) {
            continue;
        }
        let folder = Folder::new();
        let ran = folder.write(file, text).run(&["look", "--json", "--compiles", "60", file]);
        let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
        let roots = verdict["roots"].as_array().unwrap();
        let mut found: Vec<u64> =
            roots.iter().map(|root| root["at"]["line"].as_u64().unwrap()).collect();
        found.sort_unstable();
        assert_eq!(found, lines, "{file}: {}", ran.stdout);
    }
}
