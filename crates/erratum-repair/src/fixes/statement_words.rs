//! A statement that begins with the word of another language: `raise new Late()` where something is thrown,
//! `next` where a loop goes on with its next round, `try find(4)` where nothing is tried.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An object is thrown.
const THROWS: Factor = evidence("an object that is made behind the word is thrown", 9.0);
/// The word stands alone within a loop.
const GOES_ON: Factor = evidence("the word stands alone within a loop", 8.5);
/// A call stands behind the word, and nothing here is tried.
const CALLED: Factor = evidence("a call stands behind the word", 8.5);

/// Words at the head of a loop.
const LOOPS: &[&str] = &["for", "while", "do", "foreach", "loop"];

pub(super) static FAMILY: Family = Family {
    id: "statement-words",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go(int n) {\n        if (n < 0) raise <|>new Late(n);\n    }\n}\n",
        message: "not a statement",
        after: "class Quay {\n    void go(int n) {\n        if (n < 0) throw new Late(n);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    let line = lexed.on_line(lexed.code[case.token].line);
    let unknown = |at: usize| case.text.names.of(lexed.word(at)).next().is_none();
    for at in line.filter(|at| starts(case, *at)) {
        let word = lexed.word(at);
        let behind = lexed.kind(at + 1);
        if matches!(word, "raise" | "throws" | "rise")
            && language.is_keyword("throw")
            && (lexed.is(at + 1, "new") || behind == Some(TokenKind::Name))
            && unknown(at)
        {
            let edit = case.replace_token(at, "throw");
            all.push(Candidate::new(MistakeId::ForeignWord, THROWS, vec![edit]).guess());
        }
        let ends = lexed.is(at + 1, ";")
            || lexed.closes_block(at + 1)
            || language.line_ends && lexed.code.get(at + 1).is_some_and(|next| next.first);
        if word == "next"
            && ends
            && unknown(at)
            && language.is_keyword("continue")
            && in_loop(case, at)
        {
            let edit = case.replace_token(at, "continue");
            all.push(Candidate::new(MistakeId::ForeignWord, GOES_ON, vec![edit]).guess());
        }
        // Go 1.19 knows no such word, so it reads two names.
        if lexed.is(at, "try")
            && !language.is_keyword("try")
            && language.line_ends
            && behind == Some(TokenKind::Name)
            && calls(case, at + 1)
        {
            let edit = case.delete_token(at);
            all.push(Candidate::new(MistakeId::ForeignWord, CALLED, vec![edit]).guess());
        }
    }
}

/// Whether a statement starts here: on a line of its own, or behind a condition or the bracket of a block.
fn starts(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    lexed.code[at].first || matches!(lexed.before(at), ")" | "{" | ";" | "else" | "then" | "do")
}

/// Whether a path of names and a call make up the rest of the line: `quay.moor(3)`.
fn calls(case: &Case, from: usize) -> bool {
    let lexed = case.lexed();
    let mut at = from;
    while lexed.is(at + 1, ".") && lexed.kind(at + 2) == Some(TokenKind::Name) {
        at += 2;
    }
    let close = case.text.pairs.partner_of(at + 1).filter(|close| *close > at);
    lexed.is(at + 1, "(")
        && close.is_some_and(|close| lexed.code.get(close + 1).is_none_or(|next| next.first))
}

/// Whether a loop stands around a token.
fn in_loop(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let mut inner = at;
    while let Some(open) = case.text.pairs.block_of(lexed, inner) {
        let mut head = lexed.on_line(lexed.code[open].line).start..open;
        if head.any(|at| LOOPS.contains(&lexed.word(at))) {
            return true;
        }
        if open >= inner {
            return false;
        }
        inner = open;
    }
    false
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_loop_goes_on() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go3(n int) {\n\tfor n > 0 {\n\t\tif n == 2 {\n\t\t\t<|>next\n\t\t}\n\t\tn--\n\t}\n}\n",
            "undefined: next",
            "package quay\n\nfunc go3(n int) {\n\tfor n > 0 {\n\t\tif n == 2 {\n\t\t\tcontinue\n\t\t}\n\t\tn--\n\t}\n}\n",
        );
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(int n) {\n        while (n > 0) { if (n == 2) next<|>; n--; }\n    }\n}\n",
            "[CS1525] Unexpected symbol `;'",
            "class Quay {\n    void Go(int n) {\n        while (n > 0) { if (n == 2) continue; n--; }\n    }\n}\n",
        );
    }

    #[test]
    fn without_a_loop_nothing_goes_on() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go3(n int) {\n\tif n == 2 {\n\t\t<|>next\n\t}\n}\n",
            "undefined: next",
        );
    }

    #[test]
    fn a_name_of_the_text_is_no_word() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int next;\n    void go(int n) {\n        while (n > 0) {\n            next<|>;\n        }\n    }\n}\n",
            "not a statement",
        );
    }

    #[test]
    fn nothing_is_tried_where_errors_are_values() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go3() {\n\t<|>try quay.moor(4)\n}\n",
            "syntax error: unexpected quay at end of statement",
            "package quay\n\nfunc go3() {\n\tquay.moor(4)\n}\n",
        );
    }
}
