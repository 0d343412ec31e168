//! A constructor and its parts without their brackets among the parameters of an equation:
//! `show Fare zone pence = …` for `show (Fare zone pence) = …`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The parts that the constructor lacks stand behind it.
const BEHIND_IT: Factor = evidence("the parts of the constructor stand behind it", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "bare-pattern",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Fare = Fare Int Int\npence :: Fare -> Int\npence <|>Fare zone most = zone + most\n",
        message: "The constructor 'Fare' should have 2 arguments, but has been given none",
        after: "data Fare = Fare Int Int\npence :: Fare -> Int\npence (Fare zone most) = zone + most\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // Seen with ghc 9.0.
    let told = case.message.text.strip_prefix("The constructor '");
    let Some((name, rest)) = told.and_then(|told| told.split_once("' should have ")) else {
        return;
    };
    let count = rest.split_whitespace().next().and_then(|count| count.parse::<usize>().ok());
    let Some(count) = count.filter(|_| rest.contains("has been given none")) else { return };
    if !lexed.is(case.token, name) {
        return;
    }
    let line = lexed.code[case.token].line;
    let mut last = case.token;
    for _ in 0..count {
        let next = last + 1;
        last = match lexed.kind(next) {
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str) => next,
            Some(TokenKind::Open) => match pairs.partner_of(next).filter(|end| *end > next) {
                Some(end) => end,
                None => return,
            },
            _ => return,
        };
    }
    if count > 0 && lexed.code[last].line == line {
        let edits = vec![
            case.insert(lexed.code[case.token].start, "("),
            case.insert(lexed.code[last].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, BEHIND_IT, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn parts_that_are_not_there_are_not_put_in_brackets() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "data Fare = Fare Int Int\npence :: Fare -> Int\npence <|>Fare zone = zone\n",
            "The constructor 'Fare' should have 2 arguments, but has been given none",
        );
    }
}
