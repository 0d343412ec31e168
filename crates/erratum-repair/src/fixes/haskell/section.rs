//! `(- fare)` where a function is wanted: a minus by itself is a sign, and `subtract fare` the function.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// A function is wanted where a minus has one value behind it.
const TAKES_AWAY: Factor =
    evidence("a function is wanted, and a minus has one value behind it", 9.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "section",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "less :: Int -> [Int] -> [Int]\nless n all = map (<|>- n) all\n",
        message: "Couldn't match expected type 'Int -> Int' with actual type 'Int'",
        after: "less :: Int -> [Int] -> [Int]\nless n all = map (subtract n) all\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0; of a number it says that a function is none.
    let said = &case.message.text;
    let function = said
        .split_once("expected type")
        .and_then(|(_, rest)| rest.split_once("actual type"))
        .is_some_and(|(wanted, _)| wanted.contains("->"))
        || said.contains("syntactic negation");
    if !case.language().applies_bare || !function {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for minus in line.filter(|at| lexed.is(*at, "-") && lexed.before(*at) == "(") {
        let close = case.text.pairs.partner_of(minus - 1).filter(|close| *close > minus + 1);
        let Some(close) = close else { continue };
        let value = text_of(case, (minus + 1, close - 1));
        let value = if close == minus + 2 { value } else { format!("({value})") };
        let (from, to) = (lexed.code[minus].start, lexed.code[close - 1].end);
        let edit = Edit::replace(case.file(), from, to, format!("subtract {value}"));
        all.push(Candidate::new(MistakeId::ForeignMark, TAKES_AWAY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_number_below_zero_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Bool\nlow n = n < (<|>- 3)\n",
            "Couldn't match expected type 'Int' with actual type 'Bool'",
        );
    }
}
