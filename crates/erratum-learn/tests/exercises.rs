//! Exercises, made and answered, with the C compiler that Rust needs anyway.

use erratum_catalogue::Catalogue;
use erratum_learn::answer::{Judge, Mended, Worth};
use erratum_learn::{Error, Maker, Wanted, hint};
use erratum_look::Session;
use erratum_syntax::source::Source;
use std::fs;
use std::path::PathBuf;

const SOUND: &str = "#include <stdio.h>\n\nint fare(int zone, int seats) {\n    return zone * seats;\n}\n\nint main(void) {\n    int zone = 3;\n    int total = fare(zone, 4);\n    printf(\"%d\\n\", total);\n    return 0;\n}\n";

fn open(text: &str) -> (tempfile::TempDir, PathBuf, Session) {
    let folder = tempfile::tempdir().unwrap();
    let path = folder.path().join("quay.c");
    fs::write(&path, text).unwrap();
    let session = Session::builder().file(&path).open().unwrap();
    (folder, path, session)
}

fn of_kind(kind: &str) -> Wanted {
    Wanted { kind: Some(kind.to_owned()), seed: 5, ..Wanted::default() }
}

fn other(made: &Source, from: &str, to: &str) -> Source {
    let text = String::from_utf8(made.bytes().to_vec()).unwrap();
    assert!(text.contains(from), "{text}");
    made.with_bytes(text.replacen(from, to, 1).into_bytes())
}

#[test]
fn a_seed_makes_the_same_exercise_again_and_the_file_stays() {
    let (_folder, path, mut session) = open(SOUND);
    let mut maker = Maker::new(&mut session).unwrap();
    let first = maker.make(&Wanted { seed: 8, ..Wanted::default() }).unwrap();
    let again = maker.make(&Wanted { seed: 8, ..Wanted::default() }).unwrap();
    assert_eq!(first.broken().bytes(), again.broken().bytes());
    assert!(first.errors().count() > 0);
    assert!(first.compiles <= 3, "{}", first.compiles);
    assert_ne!(first.broken().bytes(), SOUND.as_bytes());
    assert_eq!(fs::read_to_string(path).unwrap(), SOUND);
}

#[test]
fn a_slip_is_made_where_it_is_asked_for_or_nowhere() {
    let (_folder, _path, mut session) = open(SOUND);
    let mut maker = Maker::new(&mut session).unwrap();
    let made = maker.make(&Wanted { line: Some(9), ..of_kind("lost-terminator") }).unwrap();
    assert_eq!(made.lines(), [9]);
    assert!(made.hides(), "gcc names the line behind it");
    let none = maker.make(&Wanted { line: Some(1), ..of_kind("lost-terminator") });
    assert!(matches!(none, Err(Error::NoPlace { .. })));
    let unknown = maker.make(&of_kind("lost-hat"));
    assert!(matches!(unknown, Err(Error::UnknownKind(_))));
    let several = maker.make(&Wanted { slips: 2, seed: 1, ..Wanted::default() }).unwrap();
    assert_eq!(several.slips.len(), 2);
}

#[test]
fn a_level_says_whether_the_compiler_points_at_the_slip() {
    let (_folder, _path, mut session) = open(SOUND);
    let mut maker = Maker::new(&mut session).unwrap();
    for seed in 0..6 {
        for hidden in [true, false] {
            let wanted = Wanted { hidden: Some(hidden), seed, ..Wanted::default() };
            assert_eq!(maker.make(&wanted).unwrap().hides(), hidden, "{seed}");
        }
    }
}

#[test]
fn what_does_not_compile_is_not_broken_further() {
    let (_folder, _path, mut session) = open("int main(void) {\n    return 0\n}\n");
    let Err(Error::NotSound { line, .. }) = Maker::new(&mut session) else { panic!() };
    assert_eq!(line, 2);
    let (_folder, _path, mut session) =
        open("int main(void) {\n    int unused;\n    return 0;\n}\n");
    assert!(Maker::new(&mut session).is_ok(), "a warning is no error");
}

#[test]
fn the_planted_line_is_right_and_another_only_if_it_holds() {
    let (_folder, _path, mut session) = open(SOUND);
    let wanted = Wanted { line: Some(9), ..of_kind("lost-terminator") };
    let made = Maker::new(&mut session).unwrap().make(&wanted).unwrap();
    let mut judge = Judge::new(&made, &mut session);
    assert_eq!(judge.line(9).unwrap(), Worth::Right);
    assert_eq!(judge.line(4).unwrap(), Worth::Wrong);
    assert_eq!(judge.kind("missing-terminator").unwrap(), Worth::Right);
    assert_eq!(judge.kind("open-comment").unwrap(), Worth::Wrong);
    assert_eq!(judge.kind("nonsense").unwrap(), Worth::Wrong);
}

#[test]
fn a_change_counts_if_it_compiles_and_keeps_the_meaning() {
    let (_folder, _path, mut session) = open(SOUND);
    let wanted = Wanted { line: Some(9), ..of_kind("lost-terminator") };
    let made = Maker::new(&mut session).unwrap().make(&wanted).unwrap();
    let broken = made.broken().clone();
    let mut judge = Judge::new(&made, &mut session);
    assert_eq!(judge.text(&made.sound).unwrap(), Mended::Right);
    assert_eq!(judge.text(&broken).unwrap(), Mended::Unchanged);
    // Written at the start of the next line, it is the same text.
    let moved = other(&broken, "\n    printf", "\n    ;printf");
    assert_eq!(judge.text(&moved).unwrap(), Mended::Right);
    let gone = other(&broken, "    int total = fare(zone, 4)\n", "    int total = 1;\n");
    assert!(matches!(judge.text(&gone).unwrap(), Mended::Otherwise(_)));
    let without =
        other(&broken, "    int total = fare(zone, 4)\n    printf(\"%d\\n\", total);\n", "");
    assert!(matches!(judge.text(&without).unwrap(), Mended::Otherwise(_)));
    let worse = other(&broken, "fare(zone, 4)", "fare(zone, 4");
    assert!(matches!(judge.text(&worse).unwrap(), Mended::StillWrong { line: Some(_), .. }));
}

#[test]
fn who_takes_out_an_import_takes_out_what_was_right() {
    let (_folder, _path, mut session) = open(SOUND);
    let made = Maker::new(&mut session).unwrap().make(&of_kind("doubled-word")).unwrap();
    let mut judge = Judge::new(&made, &mut session);
    // gcc only warns of a function that it does not know.
    let without = other(&made.sound, "#include <stdio.h>\n", "");
    assert_eq!(judge.text(&without).unwrap().worth(), Worth::Wrong);
    assert_eq!(judge.text(&made.sound).unwrap().worth(), Worth::Right);
}

#[test]
fn a_value_that_nobody_can_know_may_be_another_one_there() {
    let (_folder, _path, mut session) = open(SOUND);
    let wanted = Wanted { line: Some(9), ..of_kind("lost-argument") };
    let made = Maker::new(&mut session).unwrap().make(&wanted).unwrap();
    let mut judge = Judge::new(&made, &mut session);
    let text = String::from_utf8(made.broken().bytes().to_vec()).unwrap();
    let line = text.lines().nth(8).unwrap().to_owned();
    let another = other(made.broken(), &line, "    int total = fare(zone, 7);");
    assert!(judge.text(&another).unwrap().worth().accepted(), "{line}");
    let elsewhere = other(made.broken(), &line, "    int total = 28;");
    assert_eq!(judge.text(&elsewhere).unwrap().worth(), Worth::Wrong);
}

#[test]
fn hints_tell_more_and_more_and_the_last_gives_it_away() {
    let (_folder, _path, mut session) = open(SOUND);
    let wanted = Wanted { line: Some(9), ..of_kind("lost-terminator") };
    let made = Maker::new(&mut session).unwrap().make(&wanted).unwrap();
    let hints = hint::all(&made, &Catalogue::shipped());
    assert!(hints.len() >= 4, "{hints:?}");
    assert!(hints[0].contains("line 10"), "{hints:?}");
    assert!(hints[1].contains("pair"), "{hints:?}");
    assert_eq!(hints.last().unwrap(), "Line 9 was: int total = fare(zone, 4);");
    assert!(!hints[..hints.len() - 1].iter().any(|hint| hint.contains("fare(zone, 4);")));
}
