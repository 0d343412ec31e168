//! A header that ends with the mark of a result, and names no type behind it: `fn new() -> {`.

use super::family::{Example, Family, Phases};
use super::shape::type_of;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What the block ends with has this type.
const ENDS_WITH: Factor = weight("what the function ends with is of this type", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "result-type",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Mast { height: u8 }\nfn mast() -> <|>{\n    Mast { height: 3 }\n}\n",
        message: "expected type, found `{`",
        after: "struct Mast { height: u8 }\nfn mast() -> Mast {\n    Mast { height: 3 }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let open = case.token;
    if !lexed.opens_block(open) || lexed.before(open) != "->" || !case.language().is_keyword("fn") {
        return;
    }
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    // A value that ends the block is what the function gives back.
    let Some(first) = tail(case, open, close) else { return };
    let named = lexed.kind(first) == Some(TokenKind::Name)
        && lexed.word(first).starts_with(|letter: char| letter.is_uppercase());
    let made = named && matches!(lexed.word(first + 1), "{" | "::" | "(");
    let typed = match made {
        true => Some(lexed.word(first).to_owned()),
        false => type_of(case, first, close - 1),
    };
    // A path may lead to more than the type that it starts with.
    let known = |name: &String| !made || case.text.names.of(name).next().is_some();
    if let Some(typed) = typed.filter(known) {
        let gap = if lexed.code[open].start > lexed.code[open - 1].end { "" } else { " " };
        let edit = case.insert(lexed.code[open - 1].end, format!(" {typed}{gap}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, ENDS_WITH, vec![edit]).guess());
    }
}

/// The first token of the expression that ends a block.
fn tail(case: &Case, open: usize, close: usize) -> Option<usize> {
    let lexed = case.lexed();
    let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let ends = |at: &usize| matches!(lexed.word(*at), ";" | "}");
    let last = close.checked_sub(1).filter(|last| *last > open && !lexed.is(*last, ";"))?;
    // A block that the last expression ends with is a part of it.
    let end = if lexed.is(last, "}") { case.text.pairs.partner_of(last)? } else { last };
    let before = (open + 1..end).rev().filter(inside).find(ends);
    Some(before.map_or(open + 1, |at| at + 1)).filter(|first| *first < close)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_stands_before_the_end_does_not_count() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Mast { height: u8 }\nfn mast() -><|>{\n    let height = 3;\n    Mast { height }\n}\n",
            "expected type, found `{`",
            "struct Mast { height: u8 }\nfn mast() -> Mast {\n    let height = 3;\n    Mast { height }\n}\n",
        );
    }

    #[test]
    fn a_function_that_ends_with_a_statement_gives_nothing_back() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn mast() -> <|>{\n    println!(\"low\");\n}\n",
            "expected type, found `{`",
        );
    }
}
