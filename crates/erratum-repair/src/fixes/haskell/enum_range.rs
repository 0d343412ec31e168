//! `[Ferry..Tug]`: a capital name right before two dots is read as a name in a module, and wants a blank.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Two dots right behind a capital name are one name with it.
const ONE_NAME: Factor = evidence("two dots right behind a capital name are read as one name", 9.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "enum-range",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Kind = Ferry | Tug deriving (Show, Enum)\n\nmain :: IO ()\nmain = print [Ferry..<|>]\n",
        message: "parse error on input ']'",
        after: "data Kind = Ferry | Tug deriving (Show, Enum)\n\nmain :: IO ()\nmain = print [Ferry ..]\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0: the first where the range has no end, the others where it has one.
    let said = &case.message.text;
    let told = said.starts_with("parse error on input")
        || said.starts_with("Not in scope: ")
        || said.starts_with("A section must be enclosed");
    if !case.language().applies_bare || !told {
        return;
    }
    let capital = |at: usize| lexed.word(at).starts_with(|letter: char| letter.is_uppercase());
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = line.into_iter().find(|at| {
        let behind = lexed.word(at + 1);
        lexed.kind(*at) == Some(TokenKind::Name)
            && capital(*at)
            && (behind == ".." || behind == "." && lexed.is(at + 2, "."))
            && lexed.code[at + 1].start == lexed.code[*at].end
            && case.text.pairs.inside_of(*at).is_some_and(|open| lexed.is(open, "["))
    });
    if let Some(name) = name {
        let edit = case.insert(lexed.code[name].end, " ");
        all.push(Candidate::new(MistakeId::JoinedWords, ONE_NAME, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_range_with_an_end_wants_its_blank_too() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = print [<|>Ferry..Tug]\n",
            "Not in scope: 'Ferry..'",
            "main :: IO ()\nmain = print [Ferry ..Tug]\n",
        );
    }

    #[test]
    fn a_range_of_numbers_wants_none() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = print [low..<|>]]\n",
            "parse error on input ']'",
        );
    }
}
