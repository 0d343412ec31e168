//! A date in quotes where a date is wanted: `at: "2026-01-01"`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A date is wanted, and a text stands there.
const WANTED: Factor = evidence("a date is made of a text", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "date-text",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "typescript",
        before: "const first: { at: Date } = { <|>at: \"2026-01-01\" };\n",
        message: "[TS2322] Type 'string' is not assignable to type 'Date'.",
        after: "const first: { at: Date } = { at: new Date(\"2026-01-01\") };\n",
    },
};

/// What a message says, and what makes a date of a text (seen with tsc 5.9 and mcs 6.8).
const MADE: &[(&str, &str)] = &[
    ("'string' is not assignable to type 'Date'", "new Date("),
    ("'string' is not assignable to parameter of type 'Date'", "new Date("),
    ("convert type 'string' to 'System.DateTime'", "DateTime.Parse("),
];

/// `at: Date = Date.now()`: the milliseconds that it gives are no date.
fn now(case: &Case, said: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let number = ["type 'Date'", "parameter of type 'Date'"]
        .iter()
        .any(|wanted| said.contains(&format!("'number' is not assignable to {wanted}")));
    let line = lexed.on_line(lexed.code[case.token].line);
    let now = line.into_iter().find(|at| {
        number
            && lexed.is(*at, "Date")
            && lexed.is(at + 2, "now")
            && lexed.is(at + 3, "(")
            && lexed.is(at + 4, ")")
    });
    if let Some(at) = now {
        let (start, end) = (lexed.code[at].start, lexed.code[at + 4].end);
        let edit = Edit::replace(case.file(), start, end, "new Date()");
        all.push(Candidate::new(MistakeId::WrongType, WANTED, vec![edit]).guess());
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace('`', "'");
    now(case, &said, all);
    let Some((_, make)) = MADE.iter().find(|(words, _)| said.contains(words)) else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let dated = |at: &usize| {
        let text = lexed.text(&lexed.code[*at]);
        lexed.kind(*at) == Some(TokenKind::Str) && text.contains(|c: char| c.is_ascii_digit())
    };
    if let Some(at) = line.skip_while(|at| *at < case.token).find(dated) {
        let edits =
            vec![case.insert(lexed.code[at].start, *make), case.insert(lexed.code[at].end, ")")];
        all.push(Candidate::new(MistakeId::WrongType, WANTED, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn what_the_clock_gives_is_no_date() {
        check_fix(
            &FAMILY,
            "typescript",
            "function open(<|>at: Date = Date.now()) {}\n",
            "[TS2322] Type 'number' is not assignable to type 'Date'.",
            "function open(at: Date = new Date()) {}\n",
        );
    }

    #[test]
    fn a_date_of_csharp_is_read_from_its_text() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    System.DateTime opened = <|>\"2026-01-01\";\n}\n",
            "[CS0029] Cannot implicitly convert type `string' to `System.DateTime'",
            "class Quay {\n    System.DateTime opened = DateTime.Parse(\"2026-01-01\");\n}\n",
        );
    }
}
