//! One `=` where a choice asks whether two values are the same: `found.length = 0 ? "none" : found`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What is given a value is chosen by.
const CHOSEN_BY: Factor = evidence("a choice is made by what is given a value", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "assigned-choice",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "console.log(found.<|>length = 0 ? \"none\" : found);\n",
        message: "Cannot assign to 'length' because it is a read-only property.",
        after: "console.log(found.length === 0 ? \"none\" : found);\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let operators = case.language().operators;
    let Some(same) = ["===", "=="].into_iter().find(|mark| operators.contains(mark)) else {
        return;
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| *at > 0 && lexed.is(*at, "=")) {
        let inside = pairs.inside_of(mark);
        let own = |at: &usize| pairs.inside_of(*at) == inside;
        // Within brackets nothing is declared; before the mark stands no type, behind it one value.
        let round = inside.is_some_and(|open| lexed.is(open, "("));
        let asks = (mark + 1..line.end).filter(own).find(|at| {
            matches!(lexed.word(*at), "?" | "," | ";" | ":" | "=>")
                || lexed.kind(*at) == Some(TokenKind::Close)
        });
        let first = (line.start..mark).rev().filter(own).take_while(|at| {
            matches!(lexed.word(*at), "." | "this") || lexed.kind(*at) == Some(TokenKind::Name)
        });
        let alone = first.last().is_some_and(|at| matches!(lexed.before(at), "(" | ","));
        if round && alone && asks.is_some_and(|at| lexed.is(at, "?")) {
            let edit = case.replace_token(mark, same);
            all.push(
                Candidate::new(MistakeId::AssignmentComparison, CHOSEN_BY, vec![edit]).guess(),
            );
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_value_that_is_chosen_is_given() {
        let text = "const shown = found.<|>length > 0 ? found : none;\n";
        check_no_fix(&FAMILY, "typescript", text, "Cannot assign to 'length'");
    }
}
