//! `look -i` in a real terminal.
#![cfg(unix)]

mod support;

use std::fs;
use std::os::unix::fs::PermissionsExt;
use std::process::Command;
use support::terminal::Terminal;
use support::{Folder, SOUND, TIDE};

/// Two mistakes; from the first, more messages follow.
const FARES: &str = r#"#include <stdio.h>

int main(void) {
    int berths = 2
    for (int i = 0; i < berths; i++) {
        printf("%d\n", i);
    }
    printf("%d\n" berths);
    return 0;
}
"#;

const WIDE: (u16, u16) = (130, 40);

fn fares() -> Folder {
    let folder = Folder::new();
    folder.write("fares.c", FARES);
    folder
}

fn look(folder: &Folder, size: (u16, u16)) -> Terminal {
    Terminal::erratum(folder, &["look", "-i", "fares.c"], size)
}

#[test]
fn mistakes_are_stepped_through_with_source_and_explanation_side_by_side() {
    let folder = fares();
    let mut terminal = look(&folder, WIDE);
    let text = terminal.wait_for("Mistake 1 of 2: A `;` is missing at the end of line 4");
    let row = text.lines().find(|line| line.contains("int berths = 2")).unwrap();
    assert!(row.starts_with(" 4 at fault"), "{text}");
    assert!(text.contains("Why: A statement ends with a `;`"), "{text}");
    assert!(text.contains("q quit"), "{text}");
    terminal.send("n");
    terminal.wait_for("Mistake 2 of 2: A `,` is missing on line 8");
    terminal.send("\x1b[B");
    terminal.wait_for("This is the last mistake.");
    terminal.send("\x1b[A");
    terminal.wait_for("Mistake 1 of 2");
    terminal.send("q");
    let (status, _, put_back) = terminal.end();
    assert_eq!((status, put_back), (1, true));
    assert_eq!(folder.left_behind(), 0);
    assert_eq!(folder.read("fares.c"), FARES);
}

#[test]
fn what_most_likely_mends_the_first_mistake_is_told_while_the_rest_is_looked_for() {
    let folder = fares();
    let slow = folder.path("gcc");
    fs::write(&slow, "#!/bin/sh\nsleep 0.4\nexec gcc \"$@\"\n").unwrap();
    fs::set_permissions(&slow, fs::Permissions::from_mode(0o755)).unwrap();
    let compiler = slow.to_str().unwrap();
    let terminal =
        Terminal::erratum(&folder, &["look", "--compiler", compiler, "fares.c"], (90, 40));
    let line = "Likely the first: Add `;` at the end of line 4. Looking on, 1 fix tried";
    terminal.wait_for(line);
    let (status, text, _) = terminal.end();
    assert_eq!(status, 1, "{text}");
    assert!(text.contains("Mistake 1 of 2: A `;` is missing at the end of line 4"), "{text}");
    assert!(!text.contains("Likely the first"), "{text}");
}

#[test]
fn a_fix_is_tried_written_and_taken_back() {
    let folder = fares();
    let mut terminal = look(&folder, WIDE);
    terminal.wait_for("Mistake 1 of 2");
    terminal.send("t");
    let text = terminal.wait_for("A copy with it was compiled: ");
    assert!(text.contains("+   4      int berths = 2;"), "{text}");
    assert_eq!(folder.read("fares.c"), FARES);
    terminal.send("a");
    terminal.wait_for("Mistake: A `,` is missing on line 8");
    assert_eq!(folder.read("fares.c"), FARES.replace("= 2\n", "= 2;\n"));
    terminal.send("u");
    terminal.wait_for("Mistake 1 of 2");
    assert_eq!(folder.read("fares.c"), FARES);
    // One key alone writes nothing: the change is shown first.
    terminal.send("a");
    terminal.wait_for("a once more writes it.");
    assert_eq!(folder.read("fares.c"), FARES);
    terminal.wait_for("A copy with it was compiled");
    terminal.send("a");
    terminal.wait_for("Mistake: A `,` is missing on line 8");
    terminal.send("t");
    terminal.wait_for("none after.");
    terminal.send("a");
    terminal.wait_for("fares.c compiles.");
    terminal.send("q");
    assert_eq!(terminal.end().0, 0);
}

#[test]
fn what_only_follows_unfolds() {
    let folder = fares();
    let mut terminal = look(&folder, WIDE);
    let text = terminal.wait_for("follow only from this mistake");
    assert!(!text.contains("line 5: 'i' undeclared"), "{text}");
    terminal.send("f");
    terminal.wait_for("line 5: 'i' undeclared");
    terminal.send("f");
    terminal.wait_until("folded again", |text| !text.contains("line 5: 'i' undeclared"));
    terminal.send("q");
    terminal.end();
}

#[test]
fn another_fix_is_chosen_by_its_number() {
    let folder = Folder::new();
    // Either of two names may be meant.
    let text = "int main(void) {\n    int tide1 = 2;\n    int tide2 = 2;\n    return tide3;\n}\n";
    folder.write("fares.c", text);
    let json = folder.run(&["look", "--json", "fares.c"]).stdout;
    let verdict: serde_json::Value = serde_json::from_str(&json).unwrap();
    let fixes = verdict["roots"][0]["possible"].as_array().unwrap();
    assert!(fixes.len() > 1, "{json}");
    let title = fixes[1]["title"].as_str().unwrap().to_owned();
    let mut terminal = look(&folder, WIDE);
    terminal.wait_for("Mistake");
    terminal.send("9");
    terminal.wait_for(&format!("For this mistake there are {} fixes.", fixes.len()));
    terminal.send("2");
    terminal.wait_for("Fix 2 is chosen");
    terminal.send("t");
    terminal.wait_for(&format!("The change 2 of {}: {title}", fixes.len()));
    terminal.send("q");
    terminal.end();
}

#[test]
fn small_terminals_and_resizes_are_handled() {
    let folder = fares();
    let mut terminal = look(&folder, (20, 8));
    terminal.wait_for("Mistake 1");
    for size in [(1, 1), (20, 3), (60, 30), (200, 60), (20, 8), (96, 14)] {
        terminal.resize(size.0, size.1);
        std::thread::sleep(std::time::Duration::from_millis(60));
    }
    terminal.resize(130, 40);
    terminal.wait_for("at fault");
    terminal.send("q");
    assert!(terminal.end().2);
}

#[test]
fn the_terminal_is_put_back_however_it_ends() {
    for end in ["key", "control", "signal"] {
        let folder = fares();
        let script =
            format!("{} look -i fares.c; echo status $?; stty -a", env!("CARGO_BIN_EXE_erratum"));
        let mut terminal = Terminal::start(&folder, "sh", &["-c", &script], WIDE, &[]);
        terminal.wait_for("Mistake 1 of 2");
        assert!(terminal.full_screen());
        match end {
            "key" => terminal.send("\x1b"),
            "control" => terminal.send("\x03"),
            _ => {
                let shell = terminal.id().to_string();
                let killed = Command::new("pkill").args(["-TERM", "-P", &shell]).status().unwrap();
                assert!(killed.success());
            }
        }
        let (_, text, put_back) = terminal.end();
        let status = if end == "signal" { "status 2" } else { "status 1" };
        assert!(put_back && text.contains(status), "{end}\n{text}");
        // Letters are shown and lines are edited, as before.
        for mode in ["icanon", "echo", "isig"] {
            assert!(text.split_whitespace().any(|word| word == mode), "{end}: {mode}\n{text}");
        }
        assert_eq!(folder.left_behind(), 0, "{end}");
    }
}

#[test]
fn it_can_be_left_while_it_still_looks() {
    let folder = fares();
    let mut terminal = look(&folder, WIDE);
    terminal.wait_until("open", |_| true);
    terminal.send("q");
    assert!(terminal.end().2);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_file_that_changes_or_goes_meanwhile_is_left_alone() {
    let folder = fares();
    let mut terminal = look(&folder, WIDE);
    terminal.wait_for("Mistake 1 of 2");
    terminal.send("t");
    terminal.wait_for("A copy with it was compiled");
    folder.write("fares.c", TIDE);
    terminal.send("a");
    terminal.wait_for("has changed since it was looked at");
    assert_eq!(folder.read("fares.c"), TIDE);
    terminal.send("r");
    terminal.wait_for("Mistake: A `;` is missing at the end of line 4");
    fs::remove_file(folder.path("fares.c")).unwrap();
    terminal.send("r");
    terminal.wait_for("there is no such file");
    fs::create_dir(folder.path("fares.c")).unwrap();
    terminal.send("r");
    terminal.wait_for("is a folder");
    fs::remove_dir(folder.path("fares.c")).unwrap();
    folder.write("fares.c", SOUND);
    terminal.send("r");
    terminal.wait_for("fares.c compiles.");
    terminal.send("q");
    assert_eq!(terminal.end().0, 0);
}

#[test]
fn the_editor_has_the_terminal_while_it_runs() {
    let folder = fares();
    folder.write("nano", "#!/bin/sh\necho \"$@\" > opened\nsed -i 's/= 2$/= 2;/' fares.c\n");
    fs::set_permissions(folder.path("nano"), fs::Permissions::from_mode(0o755)).unwrap();
    let editor = folder.path("nano").display().to_string();
    let program = env!("CARGO_BIN_EXE_erratum");
    let variables = [("EDITOR", editor.as_str())];
    let arguments = ["look", "-i", "fares.c"];
    let mut terminal = Terminal::start(&folder, program, &arguments, WIDE, &variables);
    terminal.wait_for("Mistake 1 of 2");
    terminal.send("o");
    terminal.wait_for("Mistake: A `,` is missing on line 8");
    assert_eq!(folder.read("opened"), "+4 fares.c\n");
    terminal.send("q");
    assert!(terminal.end().2);
}

#[test]
fn without_a_terminal_it_says_so() {
    let ran = fares().run(&["look", "-i", "fares.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("-i needs a terminal"), "{}", ran.stderr);
}

#[test]
fn a_file_that_cannot_be_looked_at_ends_it_with_the_reason() {
    let folder = Folder::new();
    let terminal = look(&folder, WIDE);
    let (status, text, put_back) = terminal.end();
    assert_eq!((status, put_back), (2, true));
    assert!(text.contains("fares.c: there is no such file."), "{text}");
}
