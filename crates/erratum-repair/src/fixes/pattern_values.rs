//! A pattern that names fewer values than there are: `case Rope(n) =>` of `Rope(length, strands)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// What a pattern does not look at is a `_`.
const NOT_LOOKED_AT: Factor = evidence("what a pattern does not look at is a `_`", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "pattern-values",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "case class Rope(length: Int, strands: Int)\nobject Quay {\n  def go(r: Rope): Int = r match {\n    case Rope<|>(n) => n\n  }\n}\n",
        message: "wrong number of arguments for pattern Rope(length: Int,strands: Int)",
        after: "case class Rope(length: Int, strands: Int)\nobject Quay {\n  def go(r: Rope): Int = r match {\n    case Rope(n, _) => n\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // scalac 2.11 lists the values, or counts them.
    let wanted = if let Some((_, of)) = said.split_once("wrong number of arguments for pattern ") {
        of.split_once('(').map(|(_, listed)| commas(listed) + 1)
    } else if said.starts_with("not enough patterns for ") {
        said.split_once("expected ").and_then(|(_, rest)| number(rest))
    } else {
        None
    };
    let near = case.token.saturating_sub(1)..=case.token + 1;
    if let (Some(wanted), Some(open)) = (wanted, near.into_iter().find(|at| lexed.is(*at, "("))) {
        let Some(close) = case.text.pairs.partner_of(open) else { return };
        let parts = (open + 1..close)
            .filter(|at| lexed.is(*at, ",") && case.text.pairs.inside_of(*at) == Some(open));
        let given = if close == open + 1 { 0 } else { parts.count() + 1 };
        if given > 0 && given < wanted {
            fill(case, close, ", _", wanted - given, all);
        }
    }
    // ghc 9.0 counts both; the brackets around the pattern end it.
    if let Some((_, rest)) = said.split_once(" should have ")
        && let Some((wanted, rest)) = rest.split_once(" arguments, but has been given ")
        && let (Some(wanted), Some(given)) = (number(wanted), given(rest))
        && given < wanted
        && let Some(open) = case.text.pairs.inside_of(case.token)
        && let Some(close) = case.text.pairs.partner_of(open)
    {
        fill(case, close, " _", wanted - given, all);
    }
}

/// Puts what is not looked at before the end of a pattern.
fn fill(case: &Case, close: usize, text: &str, count: usize, all: &mut Vec<Candidate>) {
    let edit = case.insert(case.lexed().code[close - 1].end, text.repeat(count));
    all.push(Candidate::new(MistakeId::PatternCount, NOT_LOOKED_AT, vec![edit]).guess());
}

/// The number with which a text starts.
fn number(text: &str) -> Option<usize> {
    let end = text.find(|letter: char| !letter.is_ascii_digit()).unwrap_or(text.len());
    text[..end].parse().ok()
}

/// As ghc writes it: `none` for nothing.
fn given(text: &str) -> Option<usize> {
    if text.starts_with("none") { Some(0) } else { number(text) }
}

/// How many commas stand outside of inner brackets, up to the end of the brackets around.
fn commas(text: &str) -> usize {
    let mut depth = 0_usize;
    let mut count = 0;
    for letter in text.chars() {
        match letter {
            '(' | '[' | '{' => depth += 1,
            ')' | ']' | '}' if depth == 0 => break,
            ')' | ']' | '}' => depth -= 1,
            ',' if depth == 0 => count += 1,
            _ => {}
        }
    }
    count
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_pattern_of_haskell_names_all_values() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Rope = Rope Int Int Int\nsize :: Rope -> Int\nsize (<|>Rope n) = n\n",
            "The constructor 'Rope' should have 3 arguments, but has been given 1",
            "data Rope = Rope Int Int Int\nsize :: Rope -> Int\nsize (Rope n _ _) = n\n",
        );
    }

    #[test]
    fn types_may_have_brackets_of_their_own() {
        check_fix(
            &FAMILY,
            "scala",
            "case class Rope(at: (Int, Int), strands: Int)\nobject Quay {\n  def go(r: Rope): Int = r match {\n    case Rope<|>(n) => 3\n  }\n}\n",
            "wrong number of arguments for pattern Rope(at: (Int, Int),strands: Int)",
            "case class Rope(at: (Int, Int), strands: Int)\nobject Quay {\n  def go(r: Rope): Int = r match {\n    case Rope(n, _) => 3\n  }\n}\n",
        );
    }

    #[test]
    fn a_value_too_many_may_be_any_of_them() {
        check_no_fix(
            &FAMILY,
            "scala",
            "case class Rope(length: Int)\nobject Quay {\n  def go(r: Rope): Int = r match {\n    case Rope<|>(n, m) => n\n  }\n}\n",
            "wrong number of arguments for pattern Rope(length: Int)",
        );
    }
}
