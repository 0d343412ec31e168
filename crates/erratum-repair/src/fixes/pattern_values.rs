//! A pattern that names fewer values than there are, or more: `case Rope(n) =>` of
//! `Rope(length, strands)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// What a pattern does not look at is a `_`.
const NOT_LOOKED_AT: Factor = evidence("what a pattern does not look at is a `_`", 7.0);

/// The value has no such part.
const NO_PART: Factor = weight("the value has no such part", 5.0);

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
        let listed = of.split_once('(').map(|(_, listed)| listed);
        listed.filter(|listed| !listed.starts_with(')')).map(|listed| commas(listed) + 1)
    } else if said.starts_with("not enough patterns for ")
        || said.starts_with("too many patterns for ")
    {
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
        } else if given < wanted {
            let parts = vec!["_"; wanted].join(", ");
            fill(case, close, &parts, 1, all);
        }
        let parts: Vec<usize> = (open + 1..close)
            .filter(|at| lexed.is(*at, ",") && case.text.pairs.inside_of(*at) == Some(open))
            .collect();
        if wanted > 0
            && given > wanted
            && let Some(comma) = parts.get(wanted - 1)
        {
            spare(case, lexed.code[*comma].start, lexed.code[close].start, all);
        }
    }
    // ghc 9.0 counts both; the brackets around the pattern end it.
    if let Some((_, rest)) = said.split_once(" should have ")
        && let Some((wanted, rest)) = rest
            .split_once(" arguments, but has been given ")
            .or_else(|| rest.split_once(" argument, but has been given "))
        && let (Some(wanted), Some(given)) = (number(wanted), given(rest))
    {
        bare(case, wanted, given, all);
    }
}

/// A pattern whose values stand behind its constructor without brackets.
fn bare(case: &Case, wanted: usize, given: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let open = case.text.pairs.inside_of(case.token);
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let mut ends: Vec<usize> = Vec::new();
    let mut at = case.token + 1;
    while ends.len() < given && Some(at) != close && at < lexed.code.len() {
        let end = case.text.pairs.partner_of(at).filter(|end| *end > at).unwrap_or(at);
        ends.push(end);
        at = end + 1;
    }
    let last = ends.last().copied().unwrap_or(case.token);
    if ends.len() != given {
        return;
    }
    if given < wanted {
        fill(case, last + 1, " _", wanted - given, all);
    } else if given > wanted {
        let kept = wanted.checked_sub(1).map_or(case.token, |at| ends[at]);
        spare(case, lexed.code[kept].end, lexed.code[last].end, all);
    }
}

/// Takes out the last parts of a pattern, which its value does not have, where nothing uses them: else
/// any of the parts may be the one too many.
fn spare(case: &Case, from: usize, to: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let part = |at: &usize| lexed.code[*at].start >= from && lexed.code[*at].end <= to;
    let mut names = (case.token..lexed.code.len()).take_while(|at| lexed.code[*at].start < to);
    let used = |at: usize| {
        let seen = case.text.names.seen.get(lexed.word(at));
        seen.is_some_and(|seen| seen.len() > 1) && !lexed.is(at, "_")
    };
    if names.any(|at| part(&at) && used(at)) {
        return;
    }
    let edit = Edit::delete(case.file(), from, to);
    all.push(Candidate::new(MistakeId::PatternCount, NO_PART, vec![edit]).guess());
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
    fn a_pattern_without_values_gets_as_many_marks() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(r: Rope): Int = r match {\n    case Rope<|>() => 0\n  }\n}\n",
            "wrong number of arguments for pattern Rope(length: Int,strands: Int)",
            "object Quay {\n  def go(r: Rope): Int = r match {\n    case Rope(_, _) => 0\n  }\n}\n",
        );
    }

    #[test]
    fn what_a_value_does_not_have_is_not_named() {
        check_fix(
            &FAMILY,
            "haskell",
            "fee k = case k of\n  <|>Tug power x -> power\n",
            "The constructor 'Tug' should have 1 argument, but has been given 2",
            "fee k = case k of\n  Tug power -> power\n",
        );
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(k: Kind): Int = k match {\n    case <|>Tug(power, x) => power\n  }\n}\n",
            "too many patterns for case class Tug offering Int: expected 1, found 2",
            "object Quay {\n  def go(k: Kind): Int = k match {\n    case Tug(power) => power\n  }\n}\n",
        );
    }

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
            "case class Rope(length: Int)\nobject Quay {\n  def go(r: Rope): Int = r match {\n    case Rope<|>(n, m) => n + m\n  }\n}\n",
            "wrong number of arguments for pattern Rope(length: Int)",
        );
    }
}
