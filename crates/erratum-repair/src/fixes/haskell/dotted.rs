//! `sailing.fare` where a field is a function: written with the dot of other languages, which Haskell reads
//! as two functions put together.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A value and a field of the program stand around a dot, without blanks.
const FIELD_BY_DOT: Factor = evidence("a field is asked for with a dot", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "dotted",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Berth = Berth { depth :: Int }\n\nlow :: Berth -> Int\nlow b = <|>b.depth + 1\n",
        message: "Couldn't match expected type 'Int -> c0' with actual type 'Berth'",
        after: "data Berth = Berth { depth :: Int }\n\nlow :: Berth -> Int\nlow b = depth b + 1\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare {
        return;
    }
    let glued = |at: usize| lexed.code[at].end == lexed.code[at + 1].start;
    let small = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Name) && lexed.word(at).starts_with(char::is_lowercase)
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let dots = line.filter(|dot| {
        let within = *dot > 0 && dot + 1 < lexed.code.len();
        within && lexed.is(*dot, ".") && glued(dot - 1) && glued(*dot)
    });
    let mut edits: Vec<Edit> = Vec::new();
    for dot in dots.filter(|dot| small(dot - 1) && small(dot + 1)) {
        let (object, field) = (lexed.word(dot - 1), lexed.word(dot + 1));
        // A dot between two functions of the program puts them together.
        let fields = case.text.names.of(field).any(|declared| declared.typed.is_some());
        let value = !is_function(case, object);
        if !fields || !value {
            continue;
        }
        let applied = |at: Option<usize>| {
            at.filter(|at| !lexed.code[*at].first || *at < dot).is_some_and(|at| {
                matches!(
                    lexed.kind(at),
                    Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
                )
            })
        };
        let before = dot.checked_sub(2).filter(|at| lexed.code[*at].line == lexed.code[dot].line);
        let behind = Some(dot + 2).filter(|at| *at < lexed.code.len() && !lexed.code[*at].first);
        let closed = before.is_some_and(|at| lexed.is(at, ")") || lexed.is(at, "]"));
        let opened = behind.is_some_and(|at| lexed.is(at, "(") || lexed.is(at, "["));
        let text = match applied(before) || applied(behind) || closed || opened {
            true => format!("({field} {object})"),
            false => format!("{field} {object}"),
        };
        let (from, to) = (lexed.code[dot - 1].start, lexed.code[dot + 1].end);
        edits.push(Edit::replace(case.file(), from, to, text));
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ForeignMark, FIELD_BY_DOT, edits).guess());
    }
}

/// Whether a name is that of a function with a signature of its own, outside of every block.
fn is_function(case: &Case, name: &str) -> bool {
    let lexed = case.lexed();
    (0..lexed.code.len().saturating_sub(1)).any(|at| {
        lexed.code[at].first
            && lexed.is(at, name)
            && lexed.is(at + 1, "::")
            && lexed.source.indent(lexed.code[at].line) == Some(0)
    })
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_field_that_is_handed_on_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = Berth { depth :: Int }\n\nlow :: Berth -> Int\nlow b = max <|>b.depth 3\n",
            "Couldn't match expected type 'Int' with actual type 'a0 -> c0'",
            "data Berth = Berth { depth :: Int }\n\nlow :: Berth -> Int\nlow b = max (depth b) 3\n",
        );
    }

    #[test]
    fn functions_that_are_put_together_are_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "up :: Int -> Int\nup n = n + 1\n\ndown :: Int -> Int\ndown n = n - 1\n\nall :: Int -> Int\nall = <|>up.down 3\n",
            "Couldn't match expected type 'Int -> Int' with actual type 'Int'",
        );
    }
}
