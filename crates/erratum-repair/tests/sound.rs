//! A right line beside a faulty one.

mod marked;

use erratum_repair::message::{Message, Severity};
use erratum_repair::verdict::Sound;
use marked::root;

/// The example for the first mistake of a program, whose message points at the `«`.
fn sound(id: &str, compiler: &str, marked: &str, text: &str) -> Option<Sound> {
    let (before, after) = marked.split_once('«').unwrap();
    let bytes = (before.len(), before.len() + 1);
    let message = Message::new(Severity::Error, text);
    root(id, compiler, &format!("{before}{after}"), bytes, message).sound
}

/// The line of the example, and what it has where the faulty line has what.
fn shown(sound: Option<Sound>) -> Option<(u32, Vec<(String, String)>)> {
    let sound = sound?;
    let differs = sound.parts.into_iter().filter(|part| part.differs);
    Some((sound.at?.line, differs.map(|part| (part.right, part.faulty)).collect()))
}

fn only(line: u32, right: &str, faulty: &str) -> Option<(u32, Vec<(String, String)>)> {
    Some((line, vec![(right.to_owned(), faulty.to_owned())]))
}

#[test]
fn a_missing_mark_shows_in_the_nearest_line_that_has_it() {
    let java = "class Tide {\n    int sum() {\n        int low = 1;\n        int high = 4«\n        return low + high;\n    }\n}\n";
    let found = sound("java", "javac", java, "';' expected");
    let (line, differs) = shown(found.clone()).unwrap();
    assert_eq!((line, differs), only(3, ";", "").unwrap());
    let found = found.unwrap();
    assert_eq!((found.faulty.as_str(), found.right.as_str()), ("int high = 4", "int low = 1;"));
}

#[test]
fn what_stands_in_the_place_of_another_mark_shows() {
    let java = "class Tide {\n    void go(int n) {\n        for (int i = 0; i < n; i++) { System.out.println(i); }\n        for (int j = 0, j «< n; j++) { System.out.println(j); }\n    }\n}\n";
    let found = sound("java", "javac", java, "';' expected");
    assert_eq!(shown(found), only(3, ";", ","));
}

#[test]
fn a_line_that_does_not_show_it_is_no_example() {
    // The only other declaration stands below, where the compiler has not looked yet.
    let java = "class Tide {\n    int sum() {\n        int high = 4«\n        int low = 1;\n        return low + high;\n    }\n}\n";
    let found = sound("java", "javac", java, "';' expected");
    assert_eq!(shown(found), None);
}

#[test]
fn another_word_in_another_line_shows_nothing() {
    let c = "#include <stdio.h>\nint main(void) {\n    puts(\"low\");\n    «pust(\"high\");\n    return 0;\n}\n";
    let text = "implicit declaration of function 'pust'; did you mean 'puts'?";
    assert_eq!(shown(sound("c", "gcc", c, text)), None);
}

#[test]
fn without_such_a_line_the_catalogue_has_one() {
    let c = "int main(void) {\n    int high = 4\n    «return high;\n}\n";
    let found = sound("c", "gcc", c, "expected ',' or ';' before 'return'").unwrap();
    assert_eq!(found.at, None);
    assert!(found.parts.iter().any(|part| part.differs && part.right == ";"), "{found:?}");
}

#[test]
fn examples_are_found_in_languages_of_words_and_of_lines() {
    let pascal = "program Tide;\nvar low, high: Integer;\nbegin\n  low := 1;\n  high «= 4;\nend.\n";
    let found = sound("pascal", "fpc", pascal, "Illegal expression");
    assert_eq!(shown(found).map(|(line, _)| line), Some(4));
    let go = "package main\n\nfunc fare(zone int) int {\n\tif zone > 2 {\n\t\treturn 5\n\t}\n\tif zone > 1 «\n\t\treturn 3\n\t}\n\treturn 1\n}\n";
    let found =
        sound("go", "go", go, "syntax error: unexpected newline, expected { after if clause");
    assert_eq!(shown(found), only(4, "{", ""));
}
