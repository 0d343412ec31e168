//! `erratum drill`, with the C compiler.

mod support;

use support::{Folder, Ran};

const SOUND: &str = "#include <stdio.h>\n\nint fare(int zone, int seats) {\n    return zone * seats;\n}\n\nint main(void) {\n    int total = fare(3, 4);\n    printf(\"%d\\n\", total);\n    return 0;\n}\n";

/// Runs it with lines that are typed; returns the status and what it said.
fn typed(folder: &Folder, arguments: &[&str], lines: &str) -> (i32, String) {
    let ran = Ran::of(folder.command(arguments).write_stdin(lines));
    (ran.status, ran.stdout)
}

const ONE: &[&str] = &["drill", "quay.c", "--kind", "lost-terminator", "--seed", "2"];

/// The letter of the right kind in what was printed.
fn letter(said: &str) -> char {
    let line = said.lines().find(|line| line.contains("A statement is not ended"));
    line.unwrap_or_else(|| panic!("{said}")).trim().chars().next().unwrap()
}

#[test]
fn an_exercise_is_asked_answered_and_remembered() {
    let folder = Folder::new();
    folder.write("quay.c", SOUND);
    let (status, first) = typed(&folder, ONE, "");
    assert_eq!(status, 1);
    assert!(first.contains("quay.c stays as it is."), "{first}");
    assert!(first.contains("Which line is at fault?"), "{first}");
    assert!(first.contains("Stopped."), "{first}");
    // A line that is not it, a hint, and a line that does not mend it.
    let (_, said) = typed(&folder, ONE, "1\n");
    let line = said.split("No. It is line ").nth(1).unwrap().split('.').next().unwrap().to_owned();
    let letter = letter(&said);
    let number: usize = line.parse().unwrap();
    let sound = SOUND.lines().nth(number - 1).unwrap().trim();
    let lines = format!("h\nnonsense\n{line}\n{letter}\n{line}: return;;;(\n{line}: {sound}\n");
    let (status, said) = typed(&folder, ONE, &lines);
    assert_eq!(status, 0, "{said}");
    assert!(said.contains("The compiler noticed it on line"), "{said}");
    assert!(said.contains("That is no answer."), "{said}");
    assert!(said.contains("That line is it."), "{said}");
    assert!(said.contains("That is the kind."), "{said}");
    assert!(said.contains("It does not compile yet"), "{said}");
    assert!(said.contains("it is the program that it was"), "{said}");
    assert_eq!(folder.read("quay.c"), SOUND);
    let kept = folder.read("state/erratum/journal/drilled.jsonl");
    assert_eq!(kept.lines().count(), 1, "only what came to its end: {kept}");
    assert!(kept.contains("\"right\":true") && !kept.contains("quay"), "{kept}");
    // What was right waits; with a seed the same comes again all the same.
    let (_, again) = typed(&folder, ONE, "");
    assert_eq!(again.split("The copy").next(), first.split("The copy").next());
    // It goes with the journal, which can be off.
    let (status, _) = typed(&folder, &["journal", "forget"], "");
    assert_eq!(status, 0);
    assert!(!folder.path("state/erratum/journal/drilled.jsonl").exists());
    typed(&folder, &["journal", "off"], "");
    let (_, said) = typed(&folder, ONE, &lines);
    assert!(said.contains("it is the program that it was"), "{said}");
    assert!(!folder.path("state/erratum/journal/drilled.jsonl").exists());
}

#[test]
fn an_exercise_is_handed_out_as_files_and_checked() {
    let folder = Folder::new();
    folder.write("quay.c", SOUND);
    let mut arguments = ONE.to_vec();
    arguments.extend(["--out", "task"]);
    let ran = folder.run(&arguments);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert!(ran.stdout.contains("erratum drill --check task"), "{}", ran.stdout);
    assert!(folder.read("task/messages.txt").contains("line "));
    assert!(!folder.read("task/exercise.json").contains("lost-terminator"));
    let nothing = folder.run(&["drill", "--check", "task"]);
    assert_eq!(nothing.status, 1);
    assert!(nothing.stdout.contains("The line: not answered"), "{}", nothing.stdout);
    assert!(nothing.stdout.contains("The program: not mended"), "{}", nothing.stdout);
    let page = folder.read("task/answer.txt");
    let letter = page.lines().find(|line| line.contains("A statement is not ended")).unwrap();
    let letter = letter.trim_start_matches('#').trim().chars().next().unwrap();
    let broken = folder.read("task/quay.c");
    let line = SOUND.lines().zip(broken.lines()).position(|(a, b)| a != b).unwrap() + 1;
    let page = page.replace("line:\n", &format!("line: {line}\n"));
    folder.write("task/answer.txt", page.replace("kind:\n", &format!("kind: {letter}\n")));
    folder.write("task/quay.c", SOUND);
    let ran = folder.run(&["drill", "--check", "task", "--json"]);
    assert_eq!(ran.status, 0, "{}", ran.stdout);
    let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let schema: serde_json::Value =
        serde_json::from_str(include_str!("../../../docs/drilled.schema.json")).unwrap();
    assert!(jsonschema::validator_for(&schema).unwrap().is_valid(&json), "{json}");
    assert_eq!(json["right"], true);
    // The statement taken out compiles, but is no answer.
    let faulty = SOUND.lines().nth(line - 1).unwrap();
    folder.write("task/quay.c", SOUND.replace(&format!("{faulty}\n"), ""));
    assert_eq!(folder.run(&["drill", "--check", "task"]).status, 1);
    // A solution that was edited is no solution.
    let sheet = folder.read("task/exercise.json");
    folder.write("task/exercise.json", sheet.replace("\"sealed\": \"", "\"sealed\": \"AAAA"));
    let ran = folder.run(&["drill", "--check", "task"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("was edited"), "{}", ran.stderr);
}

#[test]
fn what_a_slip_would_bring_about_is_shown_without_questions() {
    let folder = Folder::new();
    folder.write("quay.c", SOUND);
    let ran = folder.run(&["drill", "quay.c", "--try", "lost-close-brace@5"]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert!(ran.stdout.contains("The compiler says:"), "{}", ran.stdout);
    assert!(ran.stdout.contains("A bracket `}` is missing"), "{}", ran.stdout);
    assert_eq!(folder.read("quay.c"), SOUND);
    let none = folder.run(&["drill", "quay.c", "--try", "lost-close-brace@1"]);
    assert_eq!(none.status, 2);
    assert!(
        none.stderr.contains("quay.c has no place for lost-close-brace on line 1"),
        "{}",
        none.stderr
    );
}

#[test]
fn what_cannot_be_an_exercise_is_named() {
    let folder = Folder::new();
    folder.write("quay.c", "int main(void) {\n    return 0\n}\n").write("empty.c", "");
    let refused = |arguments: &[&str]| {
        let ran = folder.run(arguments);
        assert_eq!(ran.status, 2, "{arguments:?}: {}", ran.stdout);
        ran.stderr
    };
    assert!(refused(&["drill", "quay.c"]).contains("quay.c does not compile as it is: line 2"));
    assert!(refused(&["drill", "empty.c"]).contains("empty.c: is empty"));
    assert!(
        refused(&["drill", "--language", "c", "--kind", "lost-hat"])
            .contains("These there are: lost-terminator")
    );
    // What has no words of its own cannot be asked about.
    let silent = ["drill", "--language", "c", "--kind", "swapped-arguments"];
    assert!(refused(&silent).contains("swapped-arguments in C"));
    assert!(refused(&["drill", "--language", "kotlin"]).contains("come with Erratum"));
    assert!(refused(&["drill", "--check", "nowhere"]).contains("exercise.json"));
    assert!(
        refused(&["drill", "quay.c", "--try", "lost-hat@x"]).contains("is no number of a line")
    );
}
