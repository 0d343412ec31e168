//! Whole numbers among real ones: `fromIntegral` makes a number of the kind that is wanted.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use std::ops::Range;

/// A conversion that this learner writes elsewhere.
const HABIT: Factor = weight("the file converts so elsewhere", 2.0);
/// A whole number where another kind is wanted.
const CONVERTED: Factor = weight("a number of another kind is wanted", 2.2);
/// The only part of a computation that can be a whole number.
const ONLY_WHOLE: Factor = evidence("only this part can be a whole number", 5.0);
/// Every part of a computation that can be a whole number.
const EVERY_WHOLE: Factor = weight("every part that can be a whole number", 3.5);
/// One of several parts that can be whole numbers.
const ONE_WHOLE: Factor = weight("one of several parts", 1.5);
/// A signature says that the part is a whole number.
const DECLARED: Factor = evidence("it is declared as a whole number", 1.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "numbers",
    recipes: &[Recipe::Convert],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "fare :: Int -> Double\nfare zones = <|>4 + 0.5 * zones<|>\n",
        message: "Couldn't match expected type 'Double' with actual type 'Int'",
        after: "fare :: Int -> Double\nfare zones = 4 + 0.5 * fromIntegral zones\n",
    },
};

/// The marks between the parts of a computation.
const COMPUTES: &[&str] = &["+", "-", "*", "/"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare || !case.asks(Recipe::Convert) {
        return;
    }
    let from = case.word("from").map(|text| text.trim_matches(['(', ')']));
    if !matches!(from, Some("Int" | "Integer")) {
        return;
    }
    // Nothing else is made of a number: no list, no pair, no function.
    let other = |to: &str| {
        to.starts_with(['[', '('])
            || to.contains("->")
            || ["String", "Char", "Bool", "Maybe", "IO", "Either"]
                .contains(&to.split(' ').next().unwrap_or(to))
    };
    let wanted = case.message.text.split("actual type").next().unwrap_or("");
    if case.word("to").is_some_and(other) || wanted.contains("->") {
        return;
    }
    let Some(whole) = expression(case) else { return };
    let parts = parts(case, &whole);
    let lexed = case.lexed();
    let real =
        |at: usize| lexed.kind(at) == Some(TokenKind::Number) && lexed.word(at).contains('.');
    let divides = whole.clone().any(|at| lexed.is(at, "/"));
    // A computation with real numbers is none of whole ones.
    if !divides && !whole.clone().any(real) {
        let several = whole.len() > 1;
        let habit = case.text.names.seen.contains_key("fromIntegral") && !several;
        let score = if habit { HABIT } else { CONVERTED };
        all.push(Candidate::new(MistakeId::WrongNumberType, score, wrap(case, &whole)));
    }
    if parts.len() < 2 {
        return;
    }
    let open: Vec<&Range<usize>> = parts.iter().filter(|part| may_be_whole(case, part)).collect();
    match open[..] {
        [] => {}
        [part] => {
            let score = ONLY_WHOLE + DECLARED.when(is_whole(case, part) == Some(true));
            all.push(Candidate::new(MistakeId::WrongNumberType, score, wrap(case, part)));
        }
        _ => {
            let edits = open.iter().flat_map(|part| wrap(case, part)).collect();
            all.push(Candidate::new(MistakeId::WrongNumberType, EVERY_WHOLE, edits));
            for part in open {
                let score = ONE_WHOLE + DECLARED.when(is_whole(case, part) == Some(true));
                all.push(Candidate::new(MistakeId::WrongNumberType, score, wrap(case, part)));
            }
        }
    }
}

/// The tokens that the message points at.
fn expression(case: &Case) -> Option<Range<usize>> {
    let lexed = case.lexed();
    let (start, end) = case.range;
    let first = lexed.at(start);
    let mut last = lexed.at(end.saturating_sub(1).max(start));
    last = last.max(first);
    (last < lexed.code.len()).then_some(first..last + 1)
}

/// The parts of a computation, without the marks between them.
fn parts(case: &Case, whole: &Range<usize>) -> Vec<Range<usize>> {
    let lexed = case.lexed();
    let inside = case.text.pairs.inside_of(whole.start);
    let mut all = Vec::new();
    let mut start = whole.start;
    for at in whole.clone() {
        let outer = case.text.pairs.inside_of(at) == inside;
        if outer && COMPUTES.contains(&lexed.word(at)) && at > start {
            all.push(start..at);
            start = at + 1;
        } else if outer && lexed.kind(at) == Some(TokenKind::Op) {
            return Vec::new();
        }
    }
    if start < whole.end {
        all.push(start..whole.end);
    }
    all
}

/// Whether a part of a computation may be a whole number that needs converting: a number itself is of
/// the kind that is wanted.
fn may_be_whole(case: &Case, part: &Range<usize>) -> bool {
    let lexed = case.lexed();
    let literal = part.len() == 1 && lexed.kind(part.start) == Some(TokenKind::Number);
    let real = part
        .clone()
        .any(|at| lexed.kind(at) == Some(TokenKind::Number) && lexed.word(at).contains('.'));
    let converted = part
        .clone()
        .any(|at| matches!(lexed.word(at), "fromIntegral" | "realToFrac" | "sqrt" | "read"));
    !literal && !real && !converted && is_whole(case, part) != Some(false)
}

/// Whether a part is a whole number, as far as the signature of its first name tells.
fn is_whole(case: &Case, part: &Range<usize>) -> Option<bool> {
    let lexed = case.lexed();
    let mut head = part.start;
    while lexed.is(head, "(") && head + 1 < part.end {
        head += 1;
    }
    if lexed.is(head, "length") {
        return Some(true);
    }
    let declared = case.text.names.of(lexed.word(head)).find_map(|declared| declared.typed)?;
    match lexed.word(declared.1) {
        "Int" | "Integer" => Some(true),
        "Double" | "Float" => Some(false),
        _ => None,
    }
}

/// The edits that convert a part.
fn wrap(case: &Case, part: &Range<usize>) -> Vec<Edit> {
    let lexed = case.lexed();
    let (first, last) = (part.start, part.end - 1);
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    let grouped = first == last || case.text.pairs.partner_of(first) == Some(last);
    if grouped {
        vec![case.insert(from, "fromIntegral ")]
    } else {
        vec![case.insert(from, "fromIntegral ("), case.insert(to, ")")]
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    const SAID: &str = "Couldn't match expected type 'Double' with actual type 'Int'";

    #[test]
    fn both_sides_of_a_division_are_made_real() {
        check_fix(
            &FAMILY,
            "haskell",
            "mean :: [Int] -> Double\nmean all = <|>sum all / length all<|>\n",
            SAID,
            "mean :: [Int] -> Double\nmean all = fromIntegral (sum all) / fromIntegral (length all)\n",
        );
    }

    #[test]
    fn a_part_that_is_real_stays() {
        check_fix(
            &FAMILY,
            "haskell",
            "rate :: Int -> Double\nrate z = 2\n\nfare :: Int -> Double\nfare zones = <|>rate zones * (zones + 1)<|>\n",
            SAID,
            "rate :: Int -> Double\nrate z = 2\n\nfare :: Int -> Double\nfare zones = rate zones * fromIntegral (zones + 1)\n",
        );
    }

    #[test]
    fn a_single_value_is_converted() {
        check_fix(
            &FAMILY,
            "haskell",
            "fare :: Int -> Double\nfare zones = <|>zones\n",
            SAID,
            "fare :: Int -> Double\nfare zones = fromIntegral zones\n",
        );
    }

    #[test]
    fn a_sum_of_whole_numbers_is_converted_as_a_whole_among_others() {
        crate::fixes::testing::check_among(
            &FAMILY,
            "haskell",
            "fare :: Int -> Int -> Double\nfare a b = <|>a + b<|>\n",
            SAID,
            "fare :: Int -> Int -> Double\nfare a b = fromIntegral (a + b)\n",
        );
    }

    #[test]
    fn a_real_number_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "zones :: Double -> Int\nzones fare = <|>fare / 2<|>\n",
            "Couldn't match expected type 'Int' with actual type 'Double'",
        );
    }

    #[test]
    fn a_list_is_made_of_no_number() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "double :: Int -> Int\ndouble n = n * 2\n\ntwice :: [Int] -> [Int]\ntwice ns = <|>double ns\n",
            "Couldn't match expected type '[Int]' with actual type 'Int'",
        );
    }

    #[test]
    fn another_language_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int zones = <|>3.5;\n}\n",
            "incompatible types: possible lossy conversion from double to int",
        );
    }
}
