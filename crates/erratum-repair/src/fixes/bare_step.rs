//! `for (Node n = head; n != null; n.next)`: the step of a loop that names the next one and does not go there.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The step asks what the head declares for the next one.
const NEXT: Factor = evidence("the step asks what the head declares for the next one", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "bare-step",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go(Node head) {\n        for (Node n = head; n != null; n<|>.next) {\n        }\n    }\n}\n",
        message: "not a statement",
        after: "class Quay {\n    void go(Node head) {\n        for (Node n = head; n != null; n = n.next) {\n        }\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = lexed.language.terminator;
    for open in lexed.on_line(lexed.code[case.token].line) {
        if !lexed.is(open, "(") || !matches!(lexed.before(open), "for") || mark.is_empty() {
            continue;
        }
        let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open) else {
            continue;
        };
        let ends: Vec<usize> = (open..close).filter(|at| lexed.is(*at, mark)).collect();
        let [first, second] = ends[..] else { continue };
        let name = second + 1;
        let declared =
            (open..first).any(|at| lexed.is(at, "=") && lexed.before(at) == lexed.word(name));
        let path = lexed.kind(name) == Some(TokenKind::Name)
            && matches!(lexed.word(name + 1), "." | "->")
            && lexed.kind(name + 2) == Some(TokenKind::Name);
        // `n.next` or `n.next()`, and nothing else.
        let whole = name + 3 == close || lexed.is(name + 3, "(") && name + 5 == close;
        if declared && path && whole {
            let edit = case.insert(lexed.code[name].start, format!("{} = ", lexed.word(name)));
            all.push(Candidate::new(MistakeId::MissingMark, NEXT, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn another_object_is_told_something() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Node head, Bell bell) {\n        for (Node n = head; n != null; bell<|>.ring) {\n        }\n    }\n}\n",
            "not a statement",
        );
    }
}
