//! Rust: a text in quotes that is meant to grow: `let mut text = "";` with `text.push(c)` behind it; and a digit
//! that is asked for without its base.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A text in quotes never grows.
const GROWS: Factor = evidence("a text in quotes is asked to grow", 9.0);
/// The base of a number is asked for.
const BASE: Factor = evidence("a digit is asked for with its base", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "growing-text",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn go() -> String {\n    let mut text = \"\";\n    text.<|>push('a');\n    text\n}\n",
        message: "[E0599] no method named `push` found for reference `&str` in the current scope",
        after: "fn go() -> String {\n    let mut text = String::new();\n    text.push('a');\n    text\n}\n",
    },
};

/// What only a text that grows has.
const GROWING: &[&str] =
    &["push", "push_str", "insert", "insert_str", "clear", "pop", "remove", "truncate"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    if said.starts_with("this method takes 1 argument but 0") {
        let asked = |at: &usize| lexed.is(*at, "is_digit") && lexed.is(at + 2, ")");
        if let Some(at) = line.clone().find(asked) {
            let edit = case.insert(lexed.code[at + 1].end, "10");
            all.push(Candidate::new(MistakeId::MissingArgument, BASE, vec![edit]).guess());
        }
    }
    if !said.starts_with("no method named `") || !said.contains("`&str`") {
        return;
    }
    for at in line.filter(|at| GROWING.contains(&lexed.word(*at)) && lexed.before(*at) == ".") {
        let Some(declared) = at.checked_sub(2).and_then(|at| case.text.names.resolve(lexed, at))
        else {
            continue;
        };
        let value = declared.token + 2;
        let text = lexed.is(declared.token + 1, "=") && lexed.kind(value) == Some(TokenKind::Str);
        if text && lexed.is(value + 1, ";") {
            let token = lexed.code[value];
            let edit = match lexed.text(&token) {
                "\"\"" => Edit::replace(case.file(), token.start, token.end, "String::new()"),
                _ => case.insert(token.end, ".to_string()"),
            };
            all.push(Candidate::new(MistakeId::MissingToString, GROWS, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_text_that_begins_with_something_keeps_it() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go() {\n    let mut text = \"boats:\";\n    text.<|>push_str(\" 3\");\n}\n",
            "[E0599] no method named `push_str` found for reference `&str` in the current scope",
            "fn go() {\n    let mut text = \"boats:\".to_string();\n    text.push_str(\" 3\");\n}\n",
        );
    }

    #[test]
    fn a_digit_has_a_base() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(c: char) -> bool {\n    c.<|>is_digit()\n}\n",
            "[E0061] this method takes 1 argument but 0 arguments were supplied",
            "fn go(c: char) -> bool {\n    c.is_digit(10)\n}\n",
        );
    }
}
