//! A signature with one type fewer than its equations take values: `run :: [Order] -> Crane` over `run (o:os) crane`.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An equation gives the last value back, so it has the type of the result.
const GIVEN_BACK: Factor = evidence("an equation gives the last value back", 8.5);
/// Another type of the signature, or a usual one.
const SOME_TYPE: Factor = weight("a type of the signature, or a usual one", 2.0);

/// Types that values often have.
const USUAL: [&str; 3] = ["Int", "String", "Double"];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "longer-signature",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "run :: [Int] -> Int\n<|>run [] n = n\nrun (x:xs) n = run xs (x + n)\n",
        message: "Couldn't match expected type 'Int' with actual type 't0 -> t0'",
        after: "run :: [Int] -> Int -> Int\nrun [] n = n\nrun (x:xs) n = run xs (x + n)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare || !case.message.text.starts_with("Couldn't match") {
        return;
    }
    let lexed = case.lexed();
    // The function whose equation or call the message points at.
    let named = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
    let head = lexed.on_line(lexed.code[case.token].line).start;
    for at in [case.token, head].into_iter().filter(named) {
        if of(case, lexed.word(at), all) {
            return;
        }
    }
}

/// Proposes types for the signature of a function; whether its equations take one value more.
fn of(case: &Case, name: &str, all: &mut Vec<Candidate>) -> bool {
    let lexed = case.lexed();
    let margin = |at: &usize| {
        lexed.code[*at].first
            && lexed.is(*at, name)
            && lexed.source.indent(lexed.code[*at].line) == Some(0)
    };
    let starts: Vec<usize> = (0..lexed.code.len()).filter(margin).collect();
    let Some(signature) = starts.iter().copied().find(|at| lexed.is(at + 1, "::")) else {
        return false;
    };
    let line = lexed.on_line(lexed.code[signature].line);
    let outer = |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(signature);
    let arrows: Vec<usize> = line.clone().filter(outer).filter(|at| lexed.is(*at, "->")).collect();
    let equations = starts.iter().filter(|at| **at != signature).map(|head| {
        let line = lexed.on_line(lexed.code[*head].line);
        let mark = line.clone().find(|at| matches!(lexed.word(*at), "=" | "|"));
        let mark = mark.unwrap_or(line.end);
        (application(case, *head, mark), mark, line.end)
    });
    let equations: Vec<_> = equations.collect();
    let longer = |(parts, mark, _): &(Vec<std::ops::Range<usize>>, usize, usize)| {
        parts.len() == arrows.len() + 2 && parts.last().is_some_and(|last| last.end == *mark)
    };
    if equations.is_empty() || !equations.iter().all(longer) {
        return false;
    }
    let text = |from: usize, to: usize| {
        lexed.source.slice(lexed.code[from].start, lexed.code[to].end).into_owned()
    };
    let first = arrows.last().map_or(signature + 2, |arrow| arrow + 1);
    if first >= line.end {
        return false;
    }
    let result = text(first, line.end - 1);
    // `run [] n = n` and nothing behind it.
    let back = equations.iter().any(|(parts, mark, end)| {
        let last = parts.last().map_or(0, |last| last.start);
        mark + 2 == *end && named_same(case, last, mark + 1)
    });
    let mut push = |typed: &str, why: Factor| {
        let edit = case.insert(lexed.code[first].start, format!("{typed} -> "));
        all.push(Candidate::new(MistakeId::WrongType, why, vec![edit]).guess());
    };
    if back {
        push(&result, GIVEN_BACK);
        return true;
    }
    let mut from = signature + 2;
    let mut types: Vec<String> = Vec::new();
    for end in arrows.iter().copied().chain([line.end]) {
        if from < end {
            types.push(text(from, end - 1));
        }
        from = end + 1;
    }
    types.extend(USUAL.map(str::to_owned));
    for (at, typed) in types.iter().enumerate() {
        let again = types[..at].contains(typed);
        if !again && !typed.contains("=>") && !typed.starts_with("IO") {
            push(typed, SOME_TYPE);
        }
    }
    true
}

/// Whether two places have the same name.
fn named_same(case: &Case, one: usize, other: usize) -> bool {
    let lexed = case.lexed();
    let name = |at| lexed.kind(at) == Some(TokenKind::Name);
    name(one) && name(other) && lexed.word(one) == lexed.word(other)
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_no_fix};

    #[test]
    fn the_type_is_one_of_the_signature() {
        check_among(
            &FAMILY,
            "haskell",
            "fare :: Int -> Double\n<|>fare zone extra = extra * 2\n",
            "Couldn't match expected type 'Double' with actual type 'a0 -> a0'",
            "fare :: Int -> Double -> Double\nfare zone extra = extra * 2\n",
        );
    }

    #[test]
    fn equations_with_as_many_values_are_let_be() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "fare :: Int -> Double\n<|>fare zone = show zone\n",
            "Couldn't match expected type 'Double' with actual type 'String'",
        );
    }
}
