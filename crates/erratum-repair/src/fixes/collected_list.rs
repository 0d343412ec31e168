//! Rust: `let parts = line.split(';').collect();` says nothing of what is collected: a list, where it is used as one.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The name is used as a list.
const LIST: Factor = evidence("it is used as a list", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "collected-list",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn first(line: &str) -> &str {\n    let <|>parts = line.split(';').collect();\n    parts[0]\n}\n",
        message: "[E0283] type annotations needed",
        after: "fn first(line: &str) -> &str {\n    let parts: Vec<_> = line.split(';').collect();\n    parts[0]\n}\n",
    },
};

/// What only a list is asked for, or mostly.
const OF_LISTS: &[&str] =
    &["len", "iter", "push", "join", "sort", "first", "last", "is_empty", "get"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    if !case.language().borrows || !case.message.text.starts_with("type annotations needed") {
        return;
    }
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let name = start + 1 + usize::from(lexed.is(start + 1, "mut"));
    let bare = lexed.is(start, "let")
        && lexed.kind(name) == Some(TokenKind::Name)
        && lexed.is(name + 1, "=");
    let collected = (name..end).any(|at| lexed.is(at, "collect") && lexed.is(at + 1, "("));
    if !bare || !collected {
        return;
    }
    let seen = case.text.names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
    let listed = seen.iter().filter(|at| **at > end).any(|at| {
        lexed.is(at + 1, "[") || lexed.is(at + 1, ".") && OF_LISTS.contains(&lexed.word(at + 2))
    });
    if listed {
        let edit = case.insert(lexed.code[name].end, ": Vec<_>");
        all.push(Candidate::new(MistakeId::CannotInfer, LIST, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_text_may_be_collected_too() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(line: &str) {\n    let all = <|>line.chars().rev().collect();\n    println!(\"{}\", all);\n}\n",
            "[E0283] type annotations needed",
        );
    }
}
