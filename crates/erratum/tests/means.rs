//! `erratum means`, and `erratum read` on the trace of a program that ran and stopped.

mod support;

use support::Folder;

#[test]
fn a_word_is_explained_with_an_example_in_the_language_at_hand() {
    let folder = Folder::new();
    let ran = folder.run(&["means", "--language", "java", "argument"]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    for part in
        ["argument\n", "also: actual parameter", "Wrong, in Java:", "Right:", "See also: parameter"]
    {
        assert!(ran.stdout.contains(part), "{part}: {}", ran.stdout);
    }
    assert!(ran.stdout.lines().all(|line| line.chars().count() <= 80), "{}", ran.stdout);
}

#[test]
fn codes_and_messages_are_explained_from_the_line_and_from_standard_input() {
    let folder = Folder::new();
    let code = folder.run(&["means", "e0382"]);
    assert!(code.stdout.contains("used after it was given away"), "{}", code.stdout);
    assert!(code.stdout.contains("Wrong, in Rust:"), "{}", code.stdout);
    let warning = folder.run(&["means", "Wunused-variable"]);
    assert!(warning.stdout.starts_with("-Wunused-variable: "), "{}", warning.stdout);
    let mut command = folder.command(&["means"]);
    command.write_stdin("> ferry.c:3:5: error: expected ',' or ';' before 'return'\n");
    let pasted = support::Ran::of(&mut command);
    assert!(pasted.stdout.starts_with("A statement is not ended\n"), "{}", pasted.stdout);
    let form = folder.run(&["means", "unresolved reference: tide"]);
    assert!(form.stdout.contains("`tide`") || form.stdout.contains("tide"), "{}", form.stdout);
}

#[test]
fn answers_are_data_too() {
    let folder = Folder::new();
    // Options may stand behind the words, too.
    let ran = folder.run(&["means", "scope", "--json"]);
    let answers: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert_eq!(answers[0]["subject"], "word");
    assert_eq!(answers[0]["title"], "scope");
}

#[test]
fn what_is_not_known_is_said_with_the_nearest_words() {
    let folder = Folder::new();
    let near = folder.run(&["means", "identifyer"]);
    assert_eq!(near.status, 2);
    assert!(near.stderr.contains("Near it: identifier"), "{}", near.stderr);
    let mut command = folder.command(&["means"]);
    let nothing = support::Ran::of(command.write_stdin("  \n"));
    assert_eq!(nothing.status, 2, "{}", nothing.stderr);
    let unknown = folder.run(&["means", "--language", "gullish", "scope"]);
    assert_eq!(unknown.status, 2, "{}", unknown.stderr);
}

const TRACE: &str = "Exception in thread \"main\" java.lang.ArithmeticException: / by zero\n\tat Ferry.fare(Ferry.java:3)\n\tat java.base/java.util.ArrayList.forEach(ArrayList.java:1511)\n\tat Ferry.main(Ferry.java:6)\n";

#[test]
fn a_crash_is_told_by_the_topmost_own_line() {
    let folder = Folder::new();
    folder.write(
        "Ferry.java",
        "class Ferry {\n    static int fare(int zone) {\n        return 12 / zone;\n    }\n}\n",
    );
    folder.write("log", TRACE);
    let ran = folder.run(&["read", "log"]);
    assert_eq!(ran.status, 1);
    for part in [
        "A number was divided by zero, on line 3 of Ferry.java",
        "stopped           return 12 / zone;",
        "java.lang.ArithmeticException: / by zero",
        "1 call of a library is left out.",
        "A wrong result",
    ] {
        assert!(ran.stdout.contains(part), "{part}: {}", ran.stdout);
    }
    let json = folder.run(&["read", "--json", "log"]);
    let data: serde_json::Value = serde_json::from_str(&json.stdout).unwrap();
    assert_eq!(data["schema"], "erratum/crash/1");
    assert_eq!(data["crashes"][0]["own"], 0);
    assert_eq!(data["crashes"][0]["frames"].as_array().unwrap().len(), 3);
}

#[test]
fn an_error_of_a_compiler_comes_before_a_crash() {
    let folder = Folder::new();
    folder.write("log", format!("Ferry.java:3: error: ';' expected\n{TRACE}"));
    let ran = folder.run(&["read", "log"]);
    assert!(!ran.stdout.contains("divided by zero"), "{}", ran.stdout);
}

#[test]
fn the_kind_of_error_is_said_with_what_comes_after_it() {
    let folder = Folder::new();
    folder.write("log", "ferry.c:3:5: error: expected ',' or ';' before 'return'\n");
    let ran = folder.run(&["read", "log"]);
    assert!(ran.stdout.contains("Kind of error: spelling and punctuation."), "{}", ran.stdout);
    folder.write("log", "ferry.c:3:5: error: 'tdie' undeclared (first use in this function)\n");
    let names = folder.run(&["read", "log"]);
    assert!(names.stdout.contains("Kind of error: names."), "{}", names.stdout);
}

#[test]
fn why_programs_stop_is_known_by_its_words() {
    let folder = Folder::new();
    for (asked, says) in [
        ("segmentation fault", "Memory was touched that does not belong to the program"),
        ("NullPointerException", "Something was used that is not there"),
        ("bash: line 1: 12010 Floating point exception./tide", "A number was divided by zero"),
        (
            "raised CONSTRAINT_ERROR : pier.adb:11 index check failed",
            "A place was asked for that the list does not have",
        ),
    ] {
        let ran = folder.run(&["means", asked]);
        assert_eq!(ran.status, 0, "{asked}: {}", ran.stderr);
        assert!(ran.stdout.starts_with(says), "{asked}: {}", ran.stdout);
    }
}
