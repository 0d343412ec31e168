//! What a search did: told by `-vv`, written down by `--trace`, the same with the same compiles.

mod support;

use serde_json::Value;
use support::{Folder, TIDE};

/// A program with two mistakes, of which one hides the other.
const TWO: &str =
    "int main(void) {\n    int tide = 3\n    int berth = tdie;\n    return berth;\n}\n";

/// The lines of a trace, each held against the schema.
fn trace(folder: &Folder, name: &str) -> Vec<Value> {
    let schema: Value =
        serde_json::from_str(include_str!("../../../docs/trace.schema.json")).unwrap();
    let validator = jsonschema::validator_for(&schema).unwrap();
    let lines: Vec<Value> =
        folder.read(name).lines().map(|line| serde_json::from_str(line).unwrap()).collect();
    for line in &lines {
        let wrong: Vec<String> =
            validator.iter_errors(line).map(|error| error.to_string()).collect();
        assert!(wrong.is_empty(), "{line}: {wrong:?}");
    }
    lines
}

#[test]
fn the_story_says_what_was_tried_and_why_it_was_taken_or_left() {
    let folder = Folder::new();
    folder.write("tide.c", TWO);
    let plain = folder.run(&["look", "tide.c"]).stdout;
    let told = folder.run(&["look", "-vv", "tide.c"]).stdout;
    assert!(!plain.contains("How it was found"));
    assert!(told.contains("How it was found:"), "{told}");
    assert!(told.contains("Taken: Add `;` at the end of line 2."), "{told}");
    let words = told.split_whitespace().collect::<Vec<_>>().join(" ");
    assert!(
        words.contains("Holds, worth ") && words.contains("its message is gone (+8.0)"),
        "{told}"
    );
    assert!(told.contains("Nothing was left to try"), "{told}");
    assert!(told.lines().all(|line| line.chars().count() <= 80), "{told}");
    // JSON and one-line output stay what they are.
    let json = folder.run(&["look", "-vv", "--json", "tide.c"]).stdout;
    assert!(serde_json::from_str::<Value>(&json).is_ok());
    assert!(!folder.run(&["look", "-vv", "--quiet", "tide.c"]).stdout.contains("How it was"));
}

#[test]
fn a_trace_satisfies_its_schema_and_ends_with_the_end() {
    let folder = Folder::new();
    folder.write("tide.c", TWO);
    assert_eq!(folder.run(&["look", "--trace", "steps.jsonl", "tide.c"]).status, 1);
    let lines = trace(&folder, "steps.jsonl");
    assert_eq!(lines[0]["schema"], "erratum/trace/1");
    let events: Vec<&str> = lines[1..].iter().map(|line| line["event"].as_str().unwrap()).collect();
    assert_eq!(events.first(), Some(&"target"));
    assert_eq!(events.last(), Some(&"finished"));
    assert!(events.contains(&"proposed") && events.contains(&"accepted"), "{events:?}");
    let held = lines.iter().filter(|line| line["outcome"] == "held");
    assert!(held.count() >= 2);
}

#[test]
fn mend_and_builds_can_be_traced_too() {
    let folder = Folder::new();
    folder.write("tide.c", TWO);
    folder.run(&["mend", "--all", "--yes", "--trace", "steps.jsonl", "tide.c"]);
    assert!(trace(&folder, "steps.jsonl").len() > 3);
}

#[test]
fn a_trace_that_cannot_be_written_ends_with_a_word_and_the_look_goes_on() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let usual = folder.run(&["look", "tide.c"]);
    for place in ["nowhere/steps", "/dev/full"] {
        let ran = folder.run(&["look", "--trace", place, "tide.c"]);
        assert_eq!((ran.status, &ran.stdout), (usual.status, &usual.stdout));
        assert!(ran.stderr.contains("the trace"), "{}", ran.stderr);
        assert!(ran.stderr.contains("goes on without it"), "{}", ran.stderr);
    }
}

#[test]
fn a_trace_is_not_written_over_a_file() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    for command in [
        &["look", "--trace", "tide.c", "tide.c"][..],
        &["mend", "--yes", "--trace", "./tide.c", "tide.c"],
    ] {
        let ran = folder.run(command);
        assert_eq!((ran.status, ran.stdout.as_str()), (2, ""));
        assert!(ran.stderr.contains("is there already"), "{}", ran.stderr);
        assert_eq!(folder.read("tide.c"), TIDE);
    }
}

#[test]
fn mend_tells_its_story_too() {
    let folder = Folder::new();
    folder.write("tide.c", TWO);
    let told = folder.run(&["mend", "-vv", "--all", "--dry-run", "tide.c"]).stdout;
    assert!(told.starts_with("How it was found:") && told.contains("Taken:"), "{told}");
    // The change itself stands last, before the question.
    assert!(told.contains("compiled.\n\nAdd `;`"), "{told}");
}

#[test]
fn the_same_number_of_compiles_gives_the_same_verdict() {
    let folder = Folder::new();
    folder.write("tide.c", TWO);
    let look =
        |compiles: &str| folder.run(&["look", "--json", "--compiles", compiles, "tide.c"]).stdout;
    assert_eq!(look("40"), look("40"));
    let few: Value = serde_json::from_str(&look("1")).unwrap();
    assert!(few["compiles"].as_u64().unwrap() <= 2);
    let refused = folder.run(&["look", "--compiles", "0", "tide.c"]);
    assert_eq!(refused.status, 2);
    let both = folder.run(&["look", "--compiles", "4", "--budget", "3", "tide.c"]);
    assert_eq!(both.status, 2);
}
