//! `mend` at a terminal: it asks, and looks again after each answer.
#![cfg(unix)]

mod support;

use support::Folder;
use support::terminal::Terminal;

/// Two mistakes whose fix is sure, and one of which only its author knows what is meant.
const QUAY: &str = r#"#include <stdio.h>

int fare(int seats)
{
    int price = seats * 3;
    price += 1;
}

int main(void)
{
    int tide = 3
    int depth = 2;
    printf("%d\n", tide + dept + fare(2));
    return 0;
}
"#;

const SIZE: (u16, u16) = (90, 60);
/// The key that goes one choice up.
const UP: &str = "\x1b[A";

fn quay() -> Folder {
    let folder = Folder::new();
    folder.write("quay.c", QUAY);
    folder
}

#[test]
fn what_is_sure_is_asked_at_once_and_a_guess_by_its_readings() {
    let folder = quay();
    let mut terminal = Terminal::erratum(&folder, &["mend", "--all", "quay.c"], SIZE);
    terminal.wait_for("These 2 are sure. Make these changes?");
    assert_eq!(folder.read("quay.c"), QUAY);
    terminal.send("y");
    let text = terminal.wait_for("> Leave it");
    assert!(
        text.contains("Is this meant")
            && text.contains("Add the line `return price;` after line 6."),
        "{text}"
    );
    assert!(text.contains("+   7      return price;"), "{text}");
    terminal.send(UP);
    terminal.wait_for("> Make this change");
    terminal.send("\r");
    terminal.wait_for("Written. quay.c compiles now.");
    assert_eq!(terminal.end().0, 0);
    let now = folder.read("quay.c");
    assert!(now.contains("return price;") && now.contains("tide + depth"), "{now}");
    // What was written at once is taken back at once.
    assert_eq!(folder.run(&["undo"]).status, 0);
    assert_eq!(folder.read("quay.c"), QUAY);
}

#[test]
fn a_guess_that_is_left_stays_as_a_question() {
    let folder = quay();
    let mut terminal = Terminal::erratum(&folder, &["mend", "--all", "quay.c"], SIZE);
    terminal.wait_for("Make these changes?");
    terminal.send("y");
    terminal.wait_for("> Leave it");
    terminal.send("\r");
    let text = terminal.wait_for("`erratum undo` takes it back.");
    let words: Vec<&str> = text.split_whitespace().collect();
    assert!(words.join(" ").contains("A guess: Add the line `return price;`"), "{text}");
    // The compiler is content without it.
    assert_eq!(terminal.end().0, 0);
    let now = folder.read("quay.c");
    assert!(!now.contains("return price;") && now.contains("tide + depth"), "{now}");
}

#[test]
fn who_refuses_what_is_sure_is_asked_about_the_rest() {
    let folder = quay();
    let mut terminal = Terminal::erratum(&folder, &["mend", "--all", "quay.c"], SIZE);
    terminal.wait_for("Make these changes?");
    terminal.send("n");
    terminal.wait_for("> Leave it");
    terminal.send("\r");
    terminal.wait_for("Nothing was changed.");
    assert_eq!(terminal.end().0, 1);
    assert_eq!(folder.read("quay.c"), QUAY);
}

#[test]
fn without_all_the_first_mistake_is_asked_about() {
    let folder = quay();
    let mut terminal = Terminal::erratum(&folder, &["mend", "quay.c"], SIZE);
    terminal.wait_for("Make this change?");
    terminal.send("y");
    terminal.wait_for("`erratum undo` takes it back.");
    assert_eq!(terminal.end().0, 1);
    assert_eq!(folder.read("quay.c"), QUAY.replace("int tide = 3\n", "int tide = 3;\n"));
}
