//! `n => 3` for `n >= 3`: the marks of a comparison the other way round, where `=>` leads to nothing; and Rust's
//! `n =+ 3`, where a number has no sign in front.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Two values stand around the marks, where something is asked.
const ASKED: Factor = evidence("two values stand around the marks where something is asked", 9.5);

/// A sum is set.
const ADDED: Factor = evidence("the two marks stand side by side", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "turned-marks",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    boolean full(int n) {\n        return n <|>=> 3;\n    }\n}\n",
        message: "illegal start of expression",
        after: "class Quay {\n    boolean full(int n) {\n        return n >= 3;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Elsewhere the layout tells.
    if case.phase > Phase::Syntax || case.language().layout {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // Seen with rustc 1.95; before other values than numbers it wants an expression.
    let said = &case.message.text;
    let sign = said.starts_with("leading `+`") || said == "expected expression, found `+`";
    for mark in line.clone().skip(1).filter(|at| sign && lexed.is(*at, "=")) {
        let touch = lexed.code.get(mark + 1).is_some_and(|next| next.start == lexed.code[mark].end);
        if touch && lexed.is(mark + 1, "+") {
            let (from, to) = (lexed.code[mark].start, lexed.code[mark + 1].end);
            let edit = Edit::replace(case.file(), from, to, "+=");
            all.push(Candidate::new(MistakeId::WrongMark, ADDED, vec![edit]).guess());
        }
    }
    let value = |at: usize| matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Number));
    let asks = |at: usize| {
        let words = ["if", "while", "return", "boolean", "bool", "&&", "||", "until"];
        words.contains(&lexed.word(at))
    };
    for mark in line.clone().skip(1) {
        // Where it is no mark of the language, it is two.
        let touch = lexed.code.get(mark + 1).is_some_and(|next| next.start == lexed.code[mark].end);
        let (last, more) = match (lexed.word(mark), lexed.word(mark + 1)) {
            ("=>", _) => (mark, true),
            ("=<", _) => (mark, false),
            ("=", ">") if touch => (mark + 1, true),
            ("=", "<") if touch => (mark + 1, false),
            _ => continue,
        };
        // A function without a name has its own arrow, and asks nothing before it.
        let number = lexed.kind(last + 1) == Some(TokenKind::Number) || !more;
        if value(mark - 1) && value(last + 1) && number && (line.start..mark).any(asks) {
            let (from, to) = (lexed.code[mark].start, lexed.code[last].end);
            let edit = Edit::replace(case.file(), from, to, if more { ">=" } else { "<=" });
            all.push(Candidate::new(MistakeId::ForeignMark, ASKED, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_sum_is_set() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(mut n: u32, tides: &[u32]) {\n    n =<|>+ tides.len();\n}\n",
            "expected expression, found `+`",
            "fn go(mut n: u32, tides: &[u32]) {\n    n += tides.len();\n}\n",
        );
    }

    #[test]
    fn an_arm_of_a_choice_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(n: u32) -> u32 {\n    match n { x <|>=> 3 }\n}\n",
            "expected pattern",
        );
    }
}
