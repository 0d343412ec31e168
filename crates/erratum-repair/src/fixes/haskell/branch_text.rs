//! A function without a signature of which one branch gives a text, and another its parameter as it is:
//! `pad n | n < 10 = "0" ++ show n | otherwise = n`. What calls it is told to be wrong.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The branches of one function give the same type.
const OTHER_BRANCH: Factor = evidence("another branch makes a text of the same value", 10.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "branch-text",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "clock :: Int -> String\nclock m = pad <|>(m `div` 60)\n  where pad n | n < 10 = \"0\" ++ show n\n              | otherwise = n\n",
        message: "Couldn't match expected type '[Char]' with actual type 'Int'\nIn the first argument of 'pad', namely '(m `div` 60)'",
        after: "clock :: Int -> String\nclock m = pad (m `div` 60)\n  where pad n | n < 10 = \"0\" ++ show n\n              | otherwise = show n\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // Seen with ghc 9.0: `String` where a signature calls it so.
    let text = ["'[Char]'", "'String'"].iter().any(|text| {
        said.contains(&format!("expected type {text}"))
            || said.contains(&format!("expected type: {text}"))
    });
    if !case.language().applies_bare || !text {
        return;
    }
    let told = |text: &str| {
        let (_, behind) = text.split_once("argument of '")?;
        behind.split('\'').next().map(str::to_owned)
    };
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let Some(name) = std::iter::once(said.as_str()).chain(notes).find_map(told) else { return };
    let signed = case.text.names.of(&name).any(|own| own.typed.is_some());
    let Some(head) = local(case, &name).filter(|_| !signed) else { return };
    let column = |at: usize| lexed.source.position(lexed.code[at].start).column;
    let start = lexed.code[head].line;
    let ends = |at: &usize| {
        let token = &lexed.code[*at];
        token.line > start && token.first && column(*at) <= column(head)
    };
    let end = (head..lexed.code.len()).find(ends).unwrap_or(lexed.code.len());
    let branches: Vec<usize> = (head..end)
        .filter(|at| lexed.is(*at, "=") && case.text.pairs.inside_of(*at).is_none())
        .map(|mark| mark + 1)
        .collect();
    let parameter = |at: usize| {
        let last = at + 1 >= end || lexed.code[at + 1].first;
        last && lexed.is(at, lexed.word(head + 1)) && lexed.kind(at) == Some(TokenKind::Name)
    };
    let of_text = |at: usize| {
        let rest = (at..end).take_while(|next| *next == at || !lexed.code[*next].first);
        let mut rest = rest.map(|next| lexed.word(next));
        rest.any(|word| word == "show") && lexed.kind(at) == Some(TokenKind::Str)
            || lexed.is(at, "show")
    };
    let plain: Vec<usize> = branches.iter().copied().filter(|at| parameter(*at)).collect();
    if let ([plain], true) = (&plain[..], branches.iter().any(|at| of_text(*at))) {
        let edit = case.insert(lexed.code[*plain].start, "show ");
        all.push(Candidate::new(MistakeId::MissingToString, OTHER_BRANCH, vec![edit]).guess());
    }
}

/// Where a function is defined behind a `where`, or on a line of its own.
fn local(case: &Case, name: &str) -> Option<usize> {
    let lexed = case.lexed();
    (1..lexed.code.len()).find(|at| {
        lexed.is(*at, name)
            && (lexed.code[*at].first || matches!(lexed.word(at - 1), "where" | "let"))
            && lexed.kind(at + 1) == Some(TokenKind::Name)
            && matches!(lexed.word(at + 2), "=" | "|")
    })
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_function_with_a_signature_says_what_it_gives() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "pad :: String -> String\npad n | null n = \"0\" ++ show n\n      | otherwise = n\n\nclock :: Int -> String\nclock m = pad <|>m\n",
            "Couldn't match expected type '[Char]' with actual type 'Int'\nIn the first argument of 'pad', namely 'm'",
        );
    }
}
