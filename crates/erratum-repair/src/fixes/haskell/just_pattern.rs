//! `fares -> sum fares` beside `Nothing -> 0`: what is found is taken out of its `Just`.

use super::answered;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The case beside it is the one for nothing.
const OTHER_CASE: Factor = evidence("the case beside it is the one for nothing", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "just-pattern",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "total :: Maybe [Int] -> Int\ntotal found = case found of\n  Nothing -> 0\n  ts -> sum <|>ts\n",
        message: "Couldn't match expected type: [Int] with actual type: Maybe [Int]",
        after: "total :: Maybe [Int] -> Int\ntotal found = case found of\n  Nothing -> 0\n  Just ts -> sum ts\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let found = answered::types(&case.message.text).map(|(_, found)| found);
    let perhaps = found.is_some_and(|found| found.starts_with("Maybe "))
        || case.message.text.contains("type 'Maybe");
    if !case.language().applies_bare || !perhaps {
        return;
    }
    let line = lexed.code[case.token].line;
    // The case may go on below its head.
    let heads = (0..=case.token).rev().filter(|at| lexed.code[*at].first);
    let bare = |at: &usize| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && lexed.word(*at).starts_with(char::is_lowercase)
            && lexed.is(at + 1, "->")
    };
    let head = heads.take(4).find(bare).filter(|head| {
        let name = lexed.word(*head);
        lexed.on_line(line).any(|at| lexed.is(at, name))
    });
    let Some(head) = head else { return };
    let column = lexed.source.indent(lexed.code[head].line);
    let beside = (0..lexed.code.len()).any(|at| {
        lexed.code[at].first
            && lexed.is(at, "Nothing")
            && lexed.source.indent(lexed.code[at].line) == column
            && lexed.code[at].line.abs_diff(lexed.code[head].line) < 6
    });
    if beside {
        let edit = case.insert(lexed.code[head].start, "Just ");
        all.push(Candidate::new(MistakeId::MaybeNothing, OTHER_CASE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_case_without_one_for_nothing_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "total :: Maybe [Int] -> Int\ntotal found = case found of\n  ts -> sum <|>ts\n",
            "Couldn't match expected type: [Int] with actual type: Maybe [Int]",
        );
    }
}
