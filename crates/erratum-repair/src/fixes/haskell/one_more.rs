//! An equation that lacks the pattern of a value it does not use, one thing where a list is joined, and
//! `return low` of an action that gives nothing.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The other equations have one pattern more.
const OTHERS_HAVE: Factor = evidence("the other equations have one pattern more", 7.0);
/// One thing is put in front of a list.
const IN_FRONT: Factor = evidence("one thing is put in front of a list", 6.0);
/// A text is joined with what follows.
const TEXTS_JOINED: Factor = evidence("a text stands where one letter is put in front", 6.5);
/// One value stands where a list of such values is wanted.
const ONE_OF_THEM: Factor = weight("a list of such values is wanted", 4.0);
/// The signature says that nothing is given back.
const GIVES_NOTHING: Factor = weight("the signature says that nothing is given back", 5.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "one-more",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "<|>cost :: Int -> Int -> Int\ncost 0 = 3\ncost n z = n * z\n",
        message: "Equations for 'cost' have different numbers of arguments",
        after: "cost :: Int -> Int -> Int\ncost 0 _ = 3\ncost n z = n * z\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let said = &case.message.text;
    if said.contains("have different numbers of arguments") {
        equation(case, all);
    }
    if said.starts_with("Couldn't match") {
        in_front(case, all);
        text_joined(case, all);
        listed(case, all);
        gives_nothing(case, all);
    }
}

/// `cost 0 = 3` beside `cost n z = …`.
fn equation(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.message.text.split('\'').nth(1).unwrap_or("");
    let heads = (0..lexed.code.len()).filter(|at| lexed.code[*at].first && lexed.is(*at, name));
    let equations = heads.filter_map(|head| {
        let line = lexed.on_line(lexed.code[head].line);
        let mark = line.into_iter().find(|at| matches!(lexed.word(*at), "=" | "|"))?;
        let parts = application(case, head, mark);
        (parts.last()?.end == mark).then_some(parts)
    });
    let equations: Vec<_> = equations.collect();
    let most = equations.iter().map(Vec::len).max().unwrap_or(0);
    let mut fewer = equations.iter().filter(|parts| parts.len() < most);
    // What the signature has a type for is not lacking.
    let signed = case.text.names.of(name).find_map(|one| one.typed).map(|(first, last)| {
        let inside = case.text.pairs.inside_of(first);
        let outer = |at: &usize| case.text.pairs.inside_of(*at) == inside;
        (first..=last).filter(outer).filter(|at| lexed.is(*at, "->")).count()
    });
    if let (Some(parts), None) = (fewer.next(), fewer.next())
        && signed.is_none_or(|types| types + 1 != parts.len())
        && parts.len() + 1 == most
        && let Some(last) = parts.last()
    {
        let edit = case.insert(lexed.code[last.end - 1].end, " _");
        all.push(Candidate::new(MistakeId::MissingParameter, OTHERS_HAVE, vec![edit]).guess());
    }
}

/// `(x, y) ++ rest`: the message finds one thing where a list of them is wanted.
fn in_front(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, "++")) {
        let Some(first) = operand(case, line.start, mark) else { continue };
        // The message points into the one thing.
        if !(first..mark).contains(&case.token) {
            continue;
        }
        let spaced = lexed.is(first, "[") || lexed.kind(first) == Some(TokenKind::Str);
        if !spaced {
            let edit = case.replace_token(mark, ":");
            all.push(Candidate::new(MistakeId::WrongMark, IN_FRONT, vec![edit]).guess());
        }
    }
}

/// `"boat " : name`: a text is no letter, so the mark that joins two texts was meant.
fn text_joined(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if !(said.contains("Char") || said.contains("String")) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let value = line.clone().find(|at| matches!(lexed.word(*at), "=" | "->" | "<-"));
    for mark in value.map_or(line.start, |at| at + 1)..line.end {
        let text = mark > line.start && lexed.kind(mark - 1) == Some(TokenKind::Str);
        // What stands in brackets may be a list of texts.
        let listed = case.text.pairs.inside_of(mark).is_some_and(|open| lexed.is(open, "["));
        if lexed.is(mark, ":") && text && !listed {
            let edit = case.replace_token(mark, "++");
            all.push(Candidate::new(MistakeId::WrongMark, TEXTS_JOINED, vec![edit]).guess());
        }
    }
}

/// Where the value begins that stands before a mark: a name or what stands in brackets, with the values
/// that it is given.
fn operand(case: &Case, start: usize, mark: usize) -> Option<usize> {
    let lexed = case.lexed();
    let mut first = mark;
    while first > start {
        let last = first - 1;
        first = match lexed.kind(last) {
            Some(TokenKind::Close) => case.text.pairs.partner_of(last)?,
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Char | TokenKind::Str) => last,
            _ => break,
        };
    }
    (first < mark).then_some(first)
}

/// `return low` where the signature says `IO ()`.
fn gives_nothing(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let nothing =
        said.contains("type '()'") || said.contains("with '()'") || said.contains("IO ()");
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.clone().find(|at| matches!(lexed.word(*at), "return" | "pure"));
    if let Some(word) = word.filter(|word| nothing && word + 2 == line.end) {
        let edit = case.replace_token(word + 1, "()");
        all.push(Candidate::new(MistakeId::TypeClash, GIVES_NOTHING, vec![edit]).guess());
    }
}

/// One value where a list of them is wanted: `M.insert name tide` for `[tide]`.
fn listed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((expected, found)) = super::answered::types(&case.message.text) else { return };
    let inner = expected.strip_prefix('[').and_then(|rest| rest.strip_suffix(']'));
    let Some(inner) = inner else { return };
    let any = inner.starts_with(char::is_lowercase) && !inner.contains(' ');
    let single = !found.starts_with('[') && !found.contains("->") && found != "String";
    let (from, to) = case.range;
    let whole = application(case, case.token, lexed.code.len());
    let Some(end) = whole.first().map(|first| lexed.code[first.end - 1].end) else { return };
    // Of a value by itself ghc 9.0 tells only where it starts.
    let to = if to <= from { end } else { to };
    // A letter in single quotes is written as a text of one letter.
    let list = lexed.is(case.token, "[") || lexed.kind(case.token) == Some(TokenKind::Char);
    if (any || inner == found) && single && end >= to && !list {
        let edits = vec![case.insert(from, "["), case.insert(to, "]")];
        all.push(Candidate::new(MistakeId::WrongArgument, ONE_OF_THEM, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_equation_with_as_many_patterns_as_types_lacks_none() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "<|>cost :: Gate -> Int\ncost Open n = 3\ncost (Shut k) = k\n",
            "Equations for 'cost' have different numbers of arguments",
        );
    }

    #[test]
    fn one_thing_goes_in_front_of_a_list() {
        check_fix(
            &FAMILY,
            "haskell",
            "pairs :: [a] -> [(a, a)]\npairs (x:y:rest) = <|>(x, y) ++ pairs rest\npairs _ = []\n",
            "Couldn't match expected type '[(a, a)]' with actual type '(a, a)'",
            "pairs :: [a] -> [(a, a)]\npairs (x:y:rest) = (x, y) : pairs rest\npairs _ = []\n",
        );
    }

    #[test]
    fn what_a_call_gives_goes_in_front_too() {
        check_fix(
            &FAMILY,
            "haskell",
            "rows :: [Int] -> [[Int]]\nrows xs = <|>take 2 xs ++ rows (drop 2 xs)\n",
            "Couldn't match type 'Int' with '[Int]'\nExpected: [[Int]]\nActual: [Int]",
            "rows :: [Int] -> [[Int]]\nrows xs = take 2 xs : rows (drop 2 xs)\n",
        );
    }

    #[test]
    fn a_text_is_joined() {
        check_fix(
            &FAMILY,
            "haskell",
            "row :: String -> String\nrow name = <|>\"boat \" : name\n",
            "Couldn't match type '[Char]' with 'Char'",
            "row :: String -> String\nrow name = \"boat \" ++ name\n",
        );
        check_no_fix(
            &FAMILY,
            "haskell",
            "row :: [Int] -> [String]\nrow ns = [<|>\"boat\" : ns]\n",
            "Couldn't match type '[Char]' with 'Char'",
        );
    }

    #[test]
    fn two_lists_are_joined() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: [Int]\nlow = <|>[3] ++ 4\n",
            "Couldn't match expected type '[Int]' with actual type 'Int'",
        );
    }
}
