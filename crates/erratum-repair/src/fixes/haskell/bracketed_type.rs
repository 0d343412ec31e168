//! `Node (Tree a) a Tree a`: a type with its own types stands in brackets behind a constructor.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The type takes as many types as stand behind it.
const TOGETHER: Factor = evidence("the type and what stands behind it belong together", 9.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "bracketed-type",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Tree a = Leaf | Node (Tree a) a <|>Tree a\n",
        message: "Expecting one more argument to 'Tree' Expected a type, but 'Tree' has kind '* -> *'",
        after: "data Tree a = Leaf | Node (Tree a) a (Tree a)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = &case.message.text;
    let count = match () {
        () if said.starts_with("Expecting one more argument to '") => 1,
        () if said.starts_with("Expecting two more arguments to '") => 2,
        () => return,
    };
    let first = case.token;
    let last = first + count;
    let named = (first..=last).all(|at| lexed.kind(at) == Some(TokenKind::Name));
    let start = lexed.word(case.statement_start(first));
    let field = matches!(start, "data" | "newtype")
        || matches!(lexed.before(first), ")" | "|" | "=")
        || lexed.kind(first.saturating_sub(1)) == Some(TokenKind::Name);
    let line = lexed.on_line(lexed.code[first].line);
    if named && field && line.contains(&last) && first > 0 {
        let edits =
            vec![case.insert(lexed.code[first].start, "("), case.insert(lexed.code[last].end, ")")];
        all.push(Candidate::new(MistakeId::MissingBracket, TOGETHER, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn what_is_not_there_is_not_put_in_brackets() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "size :: <|>Tree -> Int\nsize t = 0\n",
            "Expecting one more argument to 'Tree' Expected a type, but 'Tree' has kind '* -> *'",
        );
    }
}
