//! What two looks at a program have in common.

use erratum_catalogue::Catalogue;
use erratum_repair::message::{Message, Place, Severity};
use erratum_repair::progress::Progress;
use erratum_repair::search::{Report, judge};
use erratum_repair::verdict::Verdict;
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};

/// A program with a lost `;` wherever a `«` stands.
fn look(marked: &str) -> (Verdict, Program) {
    let plain = marked.replace('«', "");
    let source = Source::new("Tide.java", plain.into_bytes());
    let mut messages = Vec::new();
    for (number, (at, _)) in marked.match_indices('«').enumerate() {
        let start = at - number * '«'.len_utf8();
        let mut message = Message::new(Severity::Error, "';' expected");
        message.at = Some(Place::of(&source, start, start + 1));
        messages.push(message);
    }
    let report = Report { messages, exit: Some(1), dropped: 0 };
    let program = Program::single(source);
    let verdict = judge(
        &Catalogue::shipped(),
        &program,
        language::by_id("java"),
        &report,
        "javac",
        Default::default(),
    );
    (verdict, program)
}

fn between(before: &str, after: &str) -> Progress {
    let (before, after) = (look(before), look(after));
    Progress::between((&before.0, &before.1), (&after.0, &after.1))
}

const TWO: &str = "class Tide {\n    int low() {\n        int a = 1«\n        return a;\n    }\n    int high() {\n        int b = 2«\n        return b;\n    }\n    int mid() {\n        int c = 3;\n        return c;\n    }\n}\n";

#[test]
fn what_is_mended_is_gone_and_the_rest_is_still_there() {
    let one = TWO.replacen('«', ";", 1);
    let progress = between(TWO, &one);
    assert_eq!(progress, Progress { gone: vec![1], still: vec![(2, 1)], new: vec![] });
}

#[test]
fn a_mistake_that_moves_is_the_same() {
    let moved = TWO.replace("class", "import java.util.List;\n\nclass");
    let progress = between(TWO, &moved);
    assert_eq!(progress, Progress { gone: vec![], still: vec![(1, 1), (2, 2)], new: vec![] });
}

#[test]
fn a_mistake_on_a_line_that_was_changed_is_the_same() {
    let changed = TWO.replace("int a = 1«", "int a = 14«");
    assert_eq!(between(TWO, &changed).still, [(1, 1), (2, 2)]);
}

#[test]
fn another_mistake_of_the_same_kind_is_new() {
    let mended = TWO.replacen('«', ";", 1).replace("int c = 3;", "int c = 3«");
    let progress = between(TWO, &mended);
    assert_eq!(progress, Progress { gone: vec![1], still: vec![(2, 1)], new: vec![2] });
}

#[test]
fn a_line_that_is_deleted_takes_its_mistake_with_it() {
    let deleted = TWO.replace("        int b = 2«\n", "");
    let progress = between(TWO, &deleted);
    assert_eq!(progress, Progress { gone: vec![2], still: vec![(1, 1)], new: vec![] });
}
