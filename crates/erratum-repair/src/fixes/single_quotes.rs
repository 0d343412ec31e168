//! Rust: a text in the quotes of a single letter, which begin a lifetime there: `'sum '.to_owned()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// Several letters stand between two single quotes.
const TEXT: Factor = evidence("several letters stand between single quotes", 11.0);

pub(super) static FAMILY: Family = Family {
    id: "single-quotes",
    recipes: &[],
    phases: Phases::Early,
    within_text: true,
    propose,
    example: Example {
        language: "rust",
        before: "fn label(sum: u32) -> String {\n    'sum <|>'.to_owned() + &sum.to_string()\n}\n",
        message: "[E0763] unterminated character literal",
        after: "fn label(sum: u32) -> String {\n    \"sum \".to_owned() + &sum.to_string()\n}\n",
    },
};

/// What rustc 1.95 says of such quotes.
const SAID: &[&str] = &["character literal", "lifetime", "after a label"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let source = &case.lexed().source;
    let told = SAID.iter().any(|words| case.message.text.contains(words));
    if !case.language().borrows || !told {
        return;
    }
    let Some(number) = case.message.line() else { return };
    let (start, line) = (source.line_start(number), source.line_bytes(number));
    let quotes: Vec<usize> = memchr::memchr_iter(b'\'', line).collect();
    for pair in quotes.windows(2) {
        let (from, to) = (pair[0], pair[1]);
        let before = from.checked_sub(1).map(|at| line[at]);
        let inside = &line[from + 1..to];
        // A lifetime stands in a type; a letter is one, or follows a backslash.
        let lends =
            before.is_some_and(|byte| matches!(byte, b'&' | b'<') || byte.is_ascii_alphanumeric());
        let letters = std::str::from_utf8(inside).map_or(0, |text| text.chars().count());
        let code = inside.iter().any(|byte| matches!(byte, b'"' | b'\\' | b'(' | b')' | b';'));
        if lends || letters < 2 || code {
            continue;
        }
        let quote = |at: usize| Edit::replace(case.file(), start + at, start + at + 1, "\"");
        all.push(Candidate::new(MistakeId::WrongQuotes, TEXT, vec![quote(from), quote(to)]));
        return;
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn lifetimes_and_letters_are_left_alone() {
        for line in ["struct A<'a> { x: &'a str, y: &<|>'b str }\n", "const A: char = <|>'a;\n"] {
            check_no_fix(&FAMILY, "rust", line, "use of undeclared lifetime name `'b`");
        }
    }
}
