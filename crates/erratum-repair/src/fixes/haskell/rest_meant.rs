//! `total (l:ls) = minutes l + total l`: the function goes on with the rest of the list, not with its first element.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The pattern names the rest of the list, and the equation calls itself.
const GOES_ON: Factor = evidence("the equation goes on with the rest of its list", 10.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "rest-meant",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "total :: [Int] -> Int\ntotal [] = 0\ntotal (l:ls) = l + total <|>l\n",
        message: "Couldn't match expected type '[Int]' with actual type 'Int'",
        after: "total :: [Int] -> Int\ntotal [] = 0\ntotal (l:ls) = l + total ls\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare || !case.message.text.starts_with("Couldn't match") {
        return;
    }
    // The equation may go on over several lines.
    let starts =
        |at: &usize| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0);
    let Some(start) = (0..=case.token).rev().find(starts) else { return };
    let end = (case.token + 1..lexed.code.len()).find(starts).unwrap_or(lexed.code.len());
    let line = start..end;
    let function = lexed.word(line.start);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "=")) else { return };
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let pattern = (line.start..mark)
        .find(|at| lexed.is(*at, ":") && *at > line.start && named(at - 1) && named(at + 1));
    let Some(colon) = pattern else { return };
    let (one, rest) = (lexed.word(colon - 1), lexed.word(colon + 1));
    // The rest is used nowhere yet.
    if (mark..line.end).any(|at| lexed.is(at, rest)) {
        return;
    }
    let call = (mark..line.end).find(|at| lexed.is(*at, function));
    let value = call.and_then(|call| (call + 1..line.end).find(|at| lexed.is(*at, one)));
    if let Some(value) = value {
        let edit = case.replace_token(value, rest);
        all.push(Candidate::new(MistakeId::WrongArgument, GOES_ON, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_equation_of_several_lines_goes_on_with_the_rest() {
        check_fix(
            &FAMILY,
            "haskell",
            "go :: Int -> [String] -> Int\ngo n (t:ts) = do\n  let m = n + length t\n  go m <|>t\n\nnext :: Int\nnext = 3\n",
            "Couldn't match type 'Char' with '[Char]' Expected: [String] Actual: String",
            "go :: Int -> [String] -> Int\ngo n (t:ts) = do\n  let m = n + length t\n  go m ts\n\nnext :: Int\nnext = 3\n",
        );
    }

    #[test]
    fn an_equation_that_uses_the_rest_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "total :: [Int] -> Int\ntotal (l:ls) = total ls + total <|>l\n",
            "Couldn't match expected type '[Int]' with actual type 'Int'",
        );
    }
}
