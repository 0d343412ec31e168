//! `;` or `else` in the place of the `:` of a choice between two values: `open ? 3 ; 4`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;

/// A choice between two values has a `:` between them.
const CHOICE: Factor = evidence("a choice has a `:` between its two values", 8.0);
/// Without brackets around it, another statement may stand behind the `;`.
const BARE: Factor = weight("no bracket stands around the choice", -2.0);

pub(super) static FAMILY: Family = Family {
    id: "alternative",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "#include <stdio.h>\nvoid show(int open) {\n    printf(\"%d\\n\", open ? 3 <|>; 4);\n}\n",
        message: "expected ':' before ';' token",
        after: "#include <stdio.h>\nvoid show(int open) {\n    printf(\"%d\\n\", open ? 3 : 4);\n}\n",
    },
};

/// How many lines above the reported one are looked at.
const REACH: u32 = 1;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().terminator != ";" {
        return;
    }
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(REACH).max(1)..=reported {
        let tokens = lexed.on_line(line);
        let gap = |at: usize| lexed.code.get(at).is_some_and(|t| t.start > lexed.code[at - 1].end);
        // A `?` that touches what it stands behind says that something may be missing or go wrong.
        let asks = |at: &usize| lexed.is(*at, "?") && gap(*at) && gap(at + 1);
        let Some(ask) = tokens.clone().skip(1).find(asks) else { continue };
        let level = case.text.pairs.inside_of(ask);
        let beside = |at: &usize| case.text.pairs.inside_of(*at) == level;
        let next = (ask + 1..tokens.end)
            .filter(beside)
            .find(|at| matches!(lexed.word(*at), ":" | ";" | "else"));
        let Some(end) = next.filter(|at| !lexed.is(*at, ":") && at + 1 < tokens.end) else {
            continue;
        };
        let round = level.is_some_and(|open| lexed.is(open, "(") || lexed.is(open, "["));
        let counts = level.is_some_and(|open| lexed.before(open) == "for");
        // A value stands on both sides, and what begins a statement is none.
        let value = end > ask + 1 && !case.language().is_keyword(lexed.word(end + 1));
        if value && !counts {
            let edit = case.replace_token(end, ":");
            let word = lexed.is(end, "else");
            let score = CHOICE + BARE.when(!round && !word);
            let mistake = if word { MistakeId::ForeignWord } else { MistakeId::WrongMark };
            all.push(Candidate::new(mistake, score, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_choice_has_a_mark_and_no_word() {
        check_fix(
            &FAMILY,
            "typescript",
            "const text = open ? \"open\" <|>else \"shut\";\n",
            "[TS1005] ':' expected.",
            "const text = open ? \"open\" : \"shut\";\n",
        );
    }

    #[test]
    fn a_choice_that_is_set_has_its_mark() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(boolean open) {\n        int seats = open ? 3 <|>; 4;\n        return seats;\n    }\n}\n",
            ": or -> expected",
            "class Quay {\n    int go(boolean open) {\n        int seats = open ? 3 : 4;\n        return seats;\n    }\n}\n",
        );
    }

    #[test]
    fn a_whole_choice_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int go(int open) {\n    int n = open ? 3 : 4; <|>int m = n\n    return m;\n}\n",
            "expected ',' or ';' before 'return'",
        );
    }

    #[test]
    fn rust_asks_whether_a_step_went_wrong() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go() -> Option<u8> {\n    step()?; <|>) 3\n}\n",
            "unexpected closing delimiter: `)`",
        );
    }
}
