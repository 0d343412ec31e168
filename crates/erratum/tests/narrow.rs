//! `erratum narrow`, with real compilers.

mod support;

use support::{Folder, SOUND, have};

/// A program in which one call of many is wrong.
fn long(wrong: bool) -> String {
    let mut text = "#include <stdio.h>\n".to_owned();
    for n in 0..40 {
        text += &format!(
            "\nstatic int fare_{n}(int zone, int base) {{\n    int sum = base;\n    for (int i = 0; i < zone; i++) {{\n        sum += i;\n    }}\n    printf(\"%d\\n\", sum);\n    return sum;\n}}\n"
        );
    }
    text += "\nint main(void) {\n";
    for n in 0..40 {
        let more = if wrong && n == 20 { "" } else { ", 3" };
        text += &format!("    int v{n} = fare_{n}(2{more});\n");
    }
    text + "    return 0;\n}\n"
}

#[test]
fn a_long_program_becomes_a_few_lines_that_give_the_same_message() {
    let folder = Folder::new();
    let text = long(true);
    folder.write("ferry.c", &text);
    let ran = folder.run(&["narrow", "ferry.c", "--out", "small.c"]);
    assert_eq!(ran.status, 1);
    assert!(ran.stdout.contains("still give this message"), "{}", ran.stdout);
    assert!(ran.stdout.contains("reported      int v20 = fare_20(2);"), "{}", ran.stdout);
    assert!(ran.stdout.contains("Written to small.c."), "{}", ran.stdout);
    assert!(!ran.stdout.contains("Under this name"), "{}", ran.stdout);
    let small = folder.read("small.c");
    assert!(small.lines().count() <= 8, "{small}");
    let json = folder.run(&["look", "--json", "--no-proof", "small.c"]).stdout;
    let json: serde_json::Value = serde_json::from_str(&json).unwrap();
    let errors = json["messages"].as_array().unwrap().iter().filter(|m| m["severity"] == "error");
    let errors: Vec<&str> = errors.map(|message| message["text"].as_str().unwrap()).collect();
    assert_eq!(errors, ["too few arguments to function 'fare_20'"]);
    // The learner's own file is as it was.
    assert_eq!(folder.read("ferry.c"), text);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn the_json_fits_its_schema() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", support::TIDE).run(&["narrow", "--json", "tide.c"]);
    let schema: serde_json::Value =
        serde_json::from_str(include_str!("../../../docs/narrowed.schema.json")).unwrap();
    let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let validator = jsonschema::validator_for(&schema).unwrap();
    let errors: Vec<String> = validator.iter_errors(&json).map(|e| e.to_string()).collect();
    assert!(errors.is_empty(), "{errors:?}");
    assert_eq!(json["message"]["at"]["file"], "tide.c");
}

#[test]
fn nothing_is_written_over_and_a_wrong_number_is_named() {
    let folder = Folder::new();
    folder.write("ferry.c", long(true)).write("small.c", "mine");
    let ran = folder.run(&["narrow", "ferry.c", "--out", "small.c"]);
    assert_eq!((ran.status, folder.read("small.c").as_str()), (2, "mine"));
    assert!(ran.stderr.contains("small.c is there already"), "{}", ran.stderr);
    let ran = folder.run(&["narrow", "ferry.c", "--message", "99"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("there is no message 99"), "{}", ran.stderr);
}

#[test]
fn a_sound_program_has_nothing_to_narrow() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", SOUND).run(&["narrow", "tide.c"]);
    assert_eq!(ran.status, 0);
    assert!(ran.stdout.contains("nothing to narrow"), "{}", ran.stdout);
}

#[test]
fn languages_without_braces_are_narrowed_line_by_line() {
    let folder = Folder::new();
    if have("ghc") {
        let text = "module Main where\n\nfares :: [Int]\nfares = [2, 3]\n\ntotal :: Int\ntotal = sum fares\n\nlabel :: String\nlabel = totl\n\nmain :: IO ()\nmain = print total\n";
        let ran = folder.write("Main.hs", text).run(&["narrow", "--json", "Main.hs"]);
        let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
        let left = json["text"].as_str().unwrap();
        assert!(left.contains("totl") && left.lines().count() <= 6, "{left}");
    }
    if have("fpc") {
        let text = "program ferry;\nvar\n  a: integer;\n  b: integer;\nbegin\n  a := 1;\n  b := 2;\n  a := cc;\n  writeln(b);\nend.\n";
        let ran = folder.write("ferry.pas", text).run(&["narrow", "--json", "ferry.pas"]);
        let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
        let left = json["text"].as_str().unwrap();
        assert!(left.contains("a := cc") && !left.contains("writeln"), "{left}");
    }
}
