//! The head of a function that lacks its word: `book(n: Int): Boolean = {` for
//! `def book(n: Int): Boolean = {`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Parameters with their types stand in front of a body.
const HEAD: Factor = evidence("a head with typed parameters stands there", 8.0);
/// Each line between the head and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "headless",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "class Pier {\n  book(n: Int): Boolean <|>= {\n    n > 3\n  }\n}\n",
        message: "';' expected but '=' found.",
        after: "class Pier {\n  def book(n: Int): Boolean = {\n    n > 3\n  }\n}\n",
    },
};

/// Words that start a function, one a language.
const WORDS: &[&str] = &["def", "fn", "func", "fun", "function"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    // Where words mark blocks, or types stand first, heads look otherwise.
    let word = WORDS.iter().find(|word| language.is_keyword(word));
    let Some(word) = word.filter(|_| language.blocks.is_empty() && !language.type_first) else {
        return;
    };
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let item = lexed.on_line(line);
        let shown = ["pub", "private", "protected", "override", "async", "export"];
        let name = item.clone().find(|at| !shown.contains(&lexed.word(*at)));
        let Some(name) = name.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) else {
            continue;
        };
        // Methods of a class have no word where functions have `function`.
        let inner = case.text.pairs.inside_of(name).is_some() && *word == "function";
        if inner || !lexed.code[item.start].first || !lexed.is(name + 1, "(") {
            continue;
        }
        let Some(close) = case.text.pairs.partner_of(name + 1) else { continue };
        let ends = item.end - 1;
        let body = lexed.opens_block(ends) || lexed.is(ends, "=");
        if body && ends > close && typed(case, name + 1, close) {
            let edit = case.insert(lexed.code[name].start, format!("{word} "));
            let score = HEAD + LINES * f64::from(reported - line);
            all.push(Candidate::new(MistakeId::MissingWord, score, vec![edit]));
        }
    }
}

/// Whether each part of a bracket is a name with its type, or nothing is in it and a result is told.
fn typed(case: &Case, open: usize, close: usize) -> bool {
    let lexed = case.lexed();
    let own: Vec<usize> =
        (open + 1..close).filter(|at| case.text.pairs.inside_of(*at) == Some(open)).collect();
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let behind = case.language().is_keyword("func");
    let result = matches!(lexed.word(close + 1), ":" | "->");
    if own.is_empty() {
        return result;
    }
    own.split(|at| lexed.is(*at, ",")).all(|part| {
        part.first().is_some_and(|first| {
            let own = lexed.is(*first, "self") || lexed.is(*first, "&");
            let marked = lexed.is(first + 1, ":") || behind && part.len() == 2;
            own || named(*first) && marked
        })
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_word() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Pier;\nimpl Pier {\n    pub <|>book(&mut self, n: u32) -> bool {\n        n > 3\n    }\n}\n",
            "expected `!` or `::`, found `(`",
            "struct Pier;\nimpl Pier {\n    pub fn book(&mut self, n: u32) -> bool {\n        n > 3\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\n<|>book(n int) bool {\n\treturn n > 3\n}\n",
            "syntax error: non-declaration statement outside function body",
            "package quay\n\nfunc book(n int) bool {\n\treturn n > 3\n}\n",
        );
        check_fix(
            &FAMILY,
            "typescript",
            "<|>book(n: number): boolean {\n  return n > 3;\n}\n",
            "[TS1005] ';' expected.",
            "function book(n: number): boolean {\n  return n > 3;\n}\n",
        );
    }

    #[test]
    fn a_method_of_a_class_has_no_such_word() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Pier {\n  <|>book(n: number): boolean {\n    return n > 3;\n  }\n}\n",
            "[TS1005] ';' expected.",
        );
    }

    #[test]
    fn a_call_before_a_block_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(): Unit = {\n    book(n) <|>{\n    }\n  }\n}\n",
            "';' expected but '{' found.",
        );
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go() {\n\tbook(n) <|>{\n\t}\n}\n",
            "syntax error: unexpected { at end of statement",
        );
    }

    #[test]
    fn where_types_stand_first_a_head_has_no_word() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Pier {\n    <|>book(int n) {\n    }\n}\n",
            "invalid method declaration; return type required",
        );
    }
}
