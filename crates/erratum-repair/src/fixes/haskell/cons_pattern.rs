//! `count n x:xs = …`: a list that is taken apart in the head of an equation stands in brackets.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A list is taken apart in the head of an equation.
const TAKEN_APART: Factor = evidence("a list is taken apart in the head of an equation", 9.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "cons-pattern",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "total :: [Int] -> Int\ntotal [] = 0\n<|>total x:xs = x + total xs\n",
        message: "Parse error in pattern: total",
        after: "total :: [Int] -> Int\ntotal [] = 0\ntotal (x:xs) = x + total xs\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    if !case.language().applies_bare || case.phase > Phase::Name {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let outside = pairs.inside_of(line.start);
    let own = |at: usize| pairs.inside_of(at) == outside;
    let Some(set) = line.clone().find(|at| own(*at) && matches!(lexed.word(*at), "=" | "|")) else {
        return;
    };
    let plain = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let marks = (line.start + 2..set).filter(|at| lexed.is(*at, ":") && own(*at));
    let edits: Vec<Edit> = marks
        .filter(|at| plain(at - 1) && plain(at + 1) && at + 1 < set)
        .flat_map(|at| {
            let (from, to) = (lexed.code[at - 1].start, lexed.code[at + 1].end);
            [case.insert(from, "("), case.insert(to, ")")]
        })
        .collect();
    if edits.len() == 2 {
        all.push(Candidate::new(MistakeId::MissingBracket, TAKEN_APART, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn an_operator_of_its_own_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "total :: [Int] -> [Int]\ntotal <|>xs = 1 : xs\n",
            "Parse error in pattern: total",
        );
    }
}
