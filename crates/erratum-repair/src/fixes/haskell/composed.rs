//! `nub . map zone ts`: what stands behind a dot is given a value, so it is no function any more.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The last function is given its values already.
const GIVEN: Factor = evidence("the last of the functions is given its value already", 8.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "composed",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "names :: [Boat] -> [String]\nnames bs = <|>sort . map name bs\n",
        message: "Couldn't match expected type: [String] with actual type: a0 -> [a1]",
        after: "names :: [Boat] -> [String]\nnames bs = sort $ map name bs\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // Seen with ghc 9.0.
    let told = said.starts_with("Couldn't match") && said.contains("->");
    if !case.language().applies_bare || !told {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let spaced = |at: usize| {
        at > 0
            && lexed.code.get(at + 1).is_some_and(|next| next.start > lexed.code[at].end)
            && lexed.code[at - 1].end < lexed.code[at].start
    };
    let Some(dot) = line.clone().rev().find(|at| lexed.is(*at, ".") && spaced(*at)) else {
        return;
    };
    let parts = application(case, dot + 1, line.end);
    let whole = parts.last().is_some_and(|last| {
        last.end == line.end || matches!(lexed.word(last.end), ")" | "," | "]")
    });
    if parts.len() > 1 && whole {
        let edit = case.replace_token(dot, "$");
        all.push(Candidate::new(MistakeId::WrongMark, GIVEN, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn functions_without_a_value_are_put_together() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "names :: [Boat] -> [Int]\nnames = <|>sort . name\n",
            "Couldn't match type: [String] with actual type: a0 -> [a1]",
        );
    }
}
