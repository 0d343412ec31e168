//! `fare c ++ total cs` of numbers: the mark that joins lists where two numbers are added.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What stands beside the mark is a number, and nothing beside it is a list.
const NUMBERS: Factor = evidence("numbers stand beside the mark", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "added",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "total :: [Crate] -> Double\ntotal [] = 0\ntotal (c:cs) = <|>weight c ++ total cs\n",
        message: "Couldn't match expected type '[a2]' with actual type 'Double'",
        after: "total :: [Crate] -> Double\ntotal [] = 0\ntotal (c:cs) = weight c + total cs\n",
    },
};

const NUMBER_TYPES: &[&str] = &["Int", "Integer", "Double", "Float"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // A list of which nothing is known but that it is one (seen with ghc 9.0).
    let said = case.message.text.strip_prefix("Couldn't match expected type '[");
    let of_number = said.and_then(|said| said.split_once("]' with actual type '")).is_some_and(
        |(items, actual)| {
            items.starts_with('a')
                && items[1..].chars().all(|letter| letter.is_ascii_digit())
                && NUMBER_TYPES.contains(&actual.trim_end_matches('\''))
        },
    );
    if !of_number {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut marks = line.clone().filter(|at| lexed.is(*at, "++"));
    let text = line.clone().any(|at| lexed.kind(at) == Some(TokenKind::Str));
    if let (Some(mark), None, false) = (marks.next(), marks.next(), text) {
        let edit = case.replace_token(mark, "+");
        all.push(Candidate::new(MistakeId::WrongMark, NUMBERS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_list_beside_it_is_joined() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "line :: Crate -> String\nline c = <|>weight c ++ \" kg\"\n",
            "Couldn't match expected type '[Char]' with actual type 'Double'",
        );
    }
}
