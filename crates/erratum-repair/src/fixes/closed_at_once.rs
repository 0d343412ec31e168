//! `if late {}` with its block below it: the bracket that closes at once is the one too many, not the one at the
//! end of the block.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::pairs::{Odd, OddBracket};

/// The lines below the header stand deeper than it, and a bracket is left over behind them.
const BLOCK_BELOW: Factor = evidence("the block of the header stands below it", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "closed-at-once",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc go3(late bool) {\n\tif late {}\n\t\tring()\n\t}\n\tmoor()\n<|>}\n",
        message: "syntax error: non-declaration statement outside function body",
        after: "package quay\n\nfunc go3(late bool) {\n\tif late {\n\t\tring()\n\t}\n\tmoor()\n}\n",
    },
};

/// How many lines above the reported place are looked at.
const REACH: u32 = 40;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let over = |one: &OddBracket| one.odd == Odd::Unopened && lexed.is(one.token, "}");
    if !case.text.pairs.odd.iter().any(over) {
        return;
    }
    let reported = lexed.code[case.token].line;
    let first = reported.saturating_sub(REACH).max(1);
    for line in (first..=reported).rev() {
        let range = lexed.on_line(line);
        let Some(close) = range.end.checked_sub(1).filter(|_| range.len() > 2) else { continue };
        let indent = |line: u32| lexed.source.indent(line).unwrap_or(0);
        let below = lexed.code.get(range.end).map(|next| next.line);
        let deeper = below.is_some_and(|below| indent(below) > indent(line));
        if lexed.is(close, "}") && lexed.is(close - 1, "{") && deeper {
            let edit = case.delete_token(close);
            all.push(Candidate::new(MistakeId::ExtraBracket, BLOCK_BELOW, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_loop_has_its_block_below_too() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        for (int i = 0; i < 3; i++) {}\n            ring(i);\n        }\n    }\n<|>}\n",
            "class, interface, enum, or record expected",
            "class Quay {\n    void go() {\n        for (int i = 0; i < 3; i++) {\n            ring(i);\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn an_empty_block_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Quay() {}\n    void go() {\n        ring();\n    }\n}\n<|>}\n",
            "class, interface, enum, or record expected",
        );
    }
}
