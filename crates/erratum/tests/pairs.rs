//! `erratum pairs`: brackets, block words, quotes and comments, without any compiler.

mod support;

use support::{Folder, Ran};

const BERTHS: &str = "public class Berths {\n    int free(int wanted) {\n        for (int d : depth) {\n            if (d >= wanted) {\n                count++;\n        }\n        return count;\n    }\n}\n";

fn pairs(name: &str, text: &str, more: &[&str]) -> Ran {
    let folder = Folder::new();
    let arguments: Vec<&str> = ["pairs"].iter().chain(more).chain(&[name]).copied().collect();
    let mut command = folder.write(name, text).command(&arguments);
    // No compiler is needed.
    Ran::of(command.env("PATH", ""))
}

#[test]
fn the_odd_bracket_is_named_with_the_place_of_its_partner_and_the_reason() {
    let ran = pairs("Berths.java", BERTHS, &[]);
    assert_eq!(ran.status, 1);
    for part in [
        "Berths.java: 1 mark has no partner.",
        "Line 4: nothing closes this `{`",
        "line 4  odd                   if (d >= wanted) {",
        "line 5  meant                     count++;",
        "Its partner `}` was most likely meant on a line of its own after line 5.",
        "Line 6 is indented no deeper than line 4, so the block ends before it.",
        "{ }                     4 open, 3 close  1 not closed",
        "lines 4 to ?        if (d >= wanted) {  (not closed)",
    ] {
        assert!(ran.stdout.contains(part), "{part}\n{}", ran.stdout);
    }
    assert!(ran.stdout.lines().all(|line| line.chars().count() <= 80));
}

#[test]
fn a_sound_file_has_only_counts_and_an_outline() {
    let ran = pairs("tide.c", "int f(void) {\n    return 1; /* a */\n}\n", &["--all"]);
    assert_eq!(ran.status, 0);
    assert!(ran.stdout.contains("everything that opens has its partner"), "{}", ran.stdout);
    assert!(ran.stdout.contains("/* */  line 2 column 15 to line 2 column 20"), "{}", ran.stdout);
}

#[test]
fn the_json_fits_its_schema() {
    let schema: serde_json::Value =
        serde_json::from_str(include_str!("../../../docs/structure.schema.json")).unwrap();
    let validator = jsonschema::validator_for(&schema).unwrap();
    let broken = "class T {\n\tvoid f() {\n        g(\"a);\n    h(];\n}\n/* x";
    for (name, text) in [("Berths.java", BERTHS), ("T.java", broken)] {
        let ran = pairs(name, text, &["--json"]);
        let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
        let errors: Vec<String> = validator.iter_errors(&json).map(|e| e.to_string()).collect();
        assert!(errors.is_empty(), "{name}: {errors:?}");
    }
}

#[test]
fn the_tidy_view_writes_nothing() {
    let folder = Folder::new();
    let text = "int f(void) {\nif (a) {\nb();\n}\n}\n";
    let ran = folder.write("tide.c", text).run(&["pairs", "--tidy", "tide.c"]);
    assert_eq!(ran.stdout, "int f(void) {\n    if (a) {\n        b();\n    }\n}\n");
    assert_eq!(folder.read("tide.c"), text);
    let ran = folder.write("Main.hs", "main = x\n").run(&["pairs", "--tidy", "Main.hs"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("in Haskell the indentation makes the blocks"), "{}", ran.stderr);
}

#[test]
fn every_language_table_is_paired() {
    for (name, text, line) in [
        ("a.pas", "program p;\nbegin\n  if a then\n  begin\n    b;\n  c;\nend.\n", 4),
        (
            "a.vb",
            "Module M\n    Sub Main()\n        If a Then\n            b()\n    End Sub\nEnd Module\n",
            3,
        ),
        ("a.go", "package p\n\nfunc f() {\n\tg(1, 2\n}\n", 4),
        ("a.ts", "function f() {\n  const a = [1, 2;\n}\n", 2),
        ("a.rs", "fn f() {\n    g(\"tide);\n}\n", 2),
        ("a.scala", "object A {\n  def f = {\n    1\n}\n", 2),
        ("a.qml", "Item {\n    Rectangle {\n        width: 3\n}\n", 2),
        ("a.adb", "procedure P is\nbegin\n   if A then\n      B;\nend P;\n", 3),
    ] {
        let ran = pairs(name, text, &["--json"]);
        let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
        assert_eq!(json["odd"][0]["mark"]["at"]["line"], line, "{name}: {}", json["odd"]);
    }
}

#[test]
fn a_file_that_is_not_there_or_of_no_known_language_is_named() {
    let folder = Folder::new();
    let ran = folder.run(&["pairs", "gone.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("gone.c"), "{}", ran.stderr);
    folder.write("tide.xyz", "(");
    assert_eq!(folder.run(&["pairs", "tide.xyz"]).status, 2);
    assert_eq!(folder.run(&["pairs", "--language", "c", "tide.xyz"]).status, 1);
}
