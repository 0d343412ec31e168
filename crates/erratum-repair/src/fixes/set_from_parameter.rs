//! `this.name;` in a constructor that takes a `name`: what it takes is meant to be kept.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use std::ops::Range;

/// A parameter is called as the member is.
const SAME_NAME: Factor = weight("a parameter is called as the member", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "set-from-parameter",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    String name;\n    Quay(String name) {\n        this<|>.name;\n    }\n}\n",
        message: "not a statement",
        after: "class Quay {\n    String name;\n    Quay(String name) {\n        this.name = name;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    // tsc 5.9 takes the statement, and says that the member is never set.
    if case.message.text.contains("has no initializer and is not definitely assigned") {
        let name = lexed.word(case.token);
        let stands = (0..lexed.code.len())
            .find(|at| lexed.code[*at].first && lexed.is(*at, "this") && lexed.is(at + 2, name));
        if let Some(start) = stands {
            from_parameter(case, lexed.on_line(lexed.code[start].line), all);
        }
        return;
    }
    from_parameter(case, line, all);
}

fn from_parameter(case: &Case, line: Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = line.start;
    let member =
        matches!(lexed.word(start), "this" | "self") && matches!(lexed.word(start + 1), "." | "->");
    let alone = lexed.is(start + 3, ";") && start + 4 == line.end;
    if !member || !alone {
        return;
    }
    let name = lexed.word(start + 2);
    // A constructor has no name of its own.
    let pairs = &case.text.pairs;
    let body = pairs.block_of(lexed, start);
    let close = body.and_then(|body| body.checked_sub(1)).filter(|at| lexed.is(*at, ")"));
    let Some(open) = close.and_then(|close| pairs.partner_of(close)) else { return };
    let mut head = open..close.unwrap_or(open);
    let taken = head
        .any(|at| lexed.is(at, name) && matches!(lexed.word(at + 1), "," | ")" | ":" | "=" | "?"));
    if taken {
        let edit = case.insert(lexed.code[start + 2].end, format!(" = {name}"));
        all.push(Candidate::new(MistakeId::NoEffect, SAME_NAME, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_member_that_is_never_set_is() {
        check_fix(
            &FAMILY,
            "typescript",
            "class Quay {\n  <|>name: string;\n  constructor(name: string) {\n    this.name;\n  }\n}\n",
            "[TS2564] Property 'name' has no initializer and is not definitely assigned in the constructor.",
            "class Quay {\n  name: string;\n  constructor(name: string) {\n    this.name = name;\n  }\n}\n",
        );
    }

    #[test]
    fn a_member_that_nothing_is_taken_for_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String name;\n    Quay(String title) {\n        this<|>.name;\n    }\n}\n",
            "not a statement",
        );
    }
}
