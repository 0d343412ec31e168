//! Warnings: apart from errors, counted beside them, and handled like them when asked for.

mod support;

use support::{Folder, have};

const FERRY: &str = r#"#include <stdio.h>

int fare(int zone) {
    int spare;
    int price = 2;
    if (zone > 3);
        price = 5;
    switch (zone) {
    case 1:
        price = 3;
    case 2:
        price = 4;
        break;
    }
    return price;
}

int main(void) {
    printf("%d %d\n", fare(2));
    if (fare(3) > 3)
        printf("dear\n");
        printf("far\n");
    return 0;
}
"#;

#[test]
fn those_that_are_left_alone_are_counted_after_the_mistakes() {
    let folder = Folder::new();
    let text = FERRY.replace("int price = 2;", "int price = 2");
    let ran = folder.write("ferry.c", &text).run(&["ferry.c"]);
    assert_eq!(ran.status, 1);
    let (before, after) = ran.stdout.split_once("To mend it: Add `;`").expect(&ran.stdout);
    assert!(!before.contains("Warning"), "{}", ran.stdout);
    assert!(after.contains("--warnings looks at"), "{}", ran.stdout);
}

#[test]
fn warnings_alone_leave_the_status_at_nothing_unless_they_are_asked_for() {
    let folder = Folder::new();
    folder.write("ferry.c", FERRY);
    let plain = folder.run(&["ferry.c"]);
    assert_eq!(plain.status, 0);
    assert!(plain.stdout.contains("gcc also gives"), "{}", plain.stdout);
    let ran = folder.run(&["look", "--warnings", "--quiet", "--compiles", "80", "ferry.c"]);
    assert_eq!(ran.status, 1);
    let lines: Vec<&str> = ran.stdout.lines().collect();
    let wanted = [
        (":4:", "`spare` on line 4 is not used. Take out `int spare;` on line 4 (a guess)"),
        (":6:", "leaves nothing for the condition to guard. Take out `;` on line 6"),
        (":10:", "runs on into the next one. Add the line `break;` after line 10"),
        (":19:", "too few values"),
        (":20:", "look guarded by its condition, and are not"),
    ];
    assert_eq!(lines.len(), wanted.len(), "{}", ran.stdout);
    for (line, (place, part)) in lines.iter().zip(wanted) {
        assert!(line.contains(place) && line.contains(part), "{line} should tell {part}");
    }
}

#[test]
fn mending_warnings_ends_in_a_program_without_any() {
    let folder = Folder::new();
    folder.write("ferry.c", FERRY);
    let ran = folder.run(&["mend", "--warnings", "--all", "--yes", "--guesses", "ferry.c"]);
    // Which value the call lacks, and which of the lines the condition is to guard, nobody can know: it is
    // asked.
    assert_eq!(ran.status, 1, "{}", ran.stdout);
    assert!(ran.stdout.contains("Perhaps: Add `, 0`"), "{}", ran.stdout);
    assert!(ran.stdout.contains("One of these? 1. Add `{`"), "{}", ran.stdout);
    let pick = ["mend", "--warnings", "--pick", "1", "--guesses", "--yes", "ferry.c"];
    assert_eq!(folder.run(&pick).status, 1);
    assert_eq!(folder.run(&pick).status, 0);
    let text = folder.read("ferry.c");
    assert!(text.contains("price = 3;\n        break;\n    case 2:"), "{text}");
    assert!(text.contains("if (fare(3) > 3) {\n"), "{text}");
    assert!(!text.contains("spare"), "{text}");
    let again = folder.run(&["look", "--warnings", "ferry.c"]);
    assert_eq!((again.status, again.stdout.as_str()), (0, "ferry.c compiles.\n"));
}

#[test]
fn a_warning_is_not_silenced() {
    let folder = Folder::new();
    let text =
        "fn main() {\n    let tide: Result<u32, u32> = Ok(3);\n    \"12\".parse::<u32>();\n}\n";
    folder.write("tide.rs", text);
    let ran = folder.run(&["look", "--warnings", "--json", "tide.rs"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert_eq!(verdict["roots"].as_array().unwrap().len(), 2, "{}", ran.stdout);
    assert!(!ran.stdout.contains("\"text\": \"_tide\""), "{}", ran.stdout);
    assert!(!ran.stdout.contains("\"text\": \"let _ = \""), "{}", ran.stdout);
}

#[test]
fn saved_warnings_are_read_like_errors_when_asked_for() {
    let folder = Folder::new();
    let log = "W.cs(4,13): warning CS0219: The variable `spare' is assigned but its value is never used\nW.cs(9,5): error CS1002: ; expected\n";
    folder.write("log", log);
    let plain = folder.run(&["read", "--quiet", "log"]);
    assert_eq!(plain.stdout.lines().count(), 1, "{}", plain.stdout);
    let all = folder.run(&["read", "--quiet", "--warnings", "log"]);
    let lines: Vec<&str> = all.stdout.lines().collect();
    assert_eq!(lines.len(), 2, "{}", all.stdout);
    assert!(lines[0].starts_with("W.cs:9:") && lines[1].contains("`spare`"), "{}", all.stdout);
}

#[test]
fn every_language_has_typical_fixes_for_its_warnings() {
    let cases = [
        (
            "javac",
            "Ferry.java",
            "class Ferry {\n    static int fare(int zone) {\n        if (zone > 3);\n            zone = 3;\n        return zone;\n    }\n}\n",
            "Take out `;`",
        ),
        (
            "mcs",
            "Ferry.cs",
            "class Ferry {\n    static void Main() {\n        int spare = 3;\n        System.Console.WriteLine(2);\n    }\n}\n",
            "Take out `int spare = 3;`",
        ),
        (
            "ghc",
            "Ferry.hs",
            "module Main where\n\nimport Data.List\n\nmain :: IO ()\nmain = print (3 :: Int)\n",
            "Take out `import Data.List`",
        ),
        (
            "fpc",
            "ferry.pas",
            "program ferry;\nvar\n  seats: integer;\n  spare: integer;\nbegin\n  seats := 3;\n  writeln(seats);\nend.\n",
            "Take out `spare: integer;`",
        ),
        (
            "rustc",
            "ferry.rs",
            "use std::fmt;\n\nfn main() {\n    println!(\"{}\", 3);\n}\n",
            "Take out `use std::fmt;`",
        ),
    ];
    for (compiler, name, text, wanted) in cases {
        if !have(compiler) {
            continue;
        }
        let folder = Folder::new();
        let ran = folder.write(name, text).run(&["look", "--warnings", "--quiet", name]);
        assert!(ran.stdout.contains(wanted), "{name}: {}", ran.stdout);
    }
}
