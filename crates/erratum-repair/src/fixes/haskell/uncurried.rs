//! A function of two values that goes through a list of pairs: `map rising (pairs ts)`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The function takes two values, and gets one pair of them.
const ONE_PAIR: Factor = evidence("a function of two values gets one thing", 5.0);

/// What goes through a list with a function of one value.
const THROUGH: &[&str] = &[
    "map",
    "filter",
    "any",
    "all",
    "takeWhile",
    "dropWhile",
    "partition",
    "mapM_",
    "concatMap",
    "find",
];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "uncurried",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "rising :: Int -> Int -> Bool\nrising a b = b > a\n\ntrend :: [Int] -> [Bool]\ntrend ts = <|>map rising (zip ts (tail ts))\n",
        message: "Couldn't match type 'Int -> Bool' with 'Bool'",
        after: "rising :: Int -> Int -> Bool\nrising a b = b > a\n\ntrend :: [Int] -> [Bool]\ntrend ts = map (uncurry rising) (zip ts (tail ts))\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare || !case.message.text.starts_with("Couldn't match") {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| THROUGH.contains(&lexed.word(*at))) {
        let bracket = lexed.is(at + 1, "(") && lexed.is(at + 3, ")");
        let name = if bracket { at + 2 } else { at + 1 };
        let typed = (lexed.kind(name) == Some(TokenKind::Name))
            .then(|| case.text.names.of(lexed.word(name)).find_map(|one| one.typed))
            .flatten();
        let Some((first, last)) = typed else { continue };
        let outer = |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(first);
        let takes = (first..=last).filter(outer).filter(|at| lexed.is(*at, "->")).count();
        if takes == 2 {
            let edits = if bracket {
                vec![case.insert(lexed.code[name].start, "uncurry ")]
            } else {
                vec![
                    case.insert(lexed.code[name].start, "(uncurry "),
                    case.insert(lexed.code[name].end, ")"),
                ]
            };
            all.push(Candidate::new(MistakeId::WrongArgument, ONE_PAIR, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_function_of_one_value_is_let_be() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Bool\nlow a = a < 2\n\ntrend :: [Int] -> [Bool]\ntrend ts = <|>map low (zip ts ts)\n",
            "Couldn't match type 'Int' with '(Int, Int)'",
        );
    }
}
