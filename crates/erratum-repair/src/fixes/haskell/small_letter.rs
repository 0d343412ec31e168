//! A name that is declared with a capital letter, where that is kept for types: `Hour :: Int`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Its uses have a small letter.
const USES_SMALL: Factor = evidence("its uses have a small letter", 9.0);
/// A name that is declared starts with a small letter.
const DECLARED_SMALL: Factor = evidence("what is declared starts with a small letter", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "small-letter",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Signal = Signal\n  { note :: String\n  , <|>Hour :: Int\n  }\n\nlate :: Signal -> Bool\nlate s = hour s > 20\n",
        message: "parse error on input 'Hour'",
        after: "data Signal = Signal\n  { note :: String\n  , hour :: Int\n  }\n\nlate :: Signal -> Bool\nlate s = hour s > 20\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let capital = |at: usize| lexed.word(at).starts_with(char::is_uppercase);
    let declared = |at: &usize| {
        let starts = lexed.code[*at].first || matches!(lexed.before(*at), "{" | ",");
        lexed.kind(*at) == Some(TokenKind::Name) && capital(*at) && starts && lexed.is(at + 1, "::")
    };
    let Some(at) = line.into_iter().find(declared) else { return };
    let name = lexed.word(at);
    let mut letters = name.chars();
    let small: String = letters.next().into_iter().flat_map(char::to_lowercase).collect();
    let small = small + letters.as_str();
    // Where a type or its maker has that name, too, that one keeps it.
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let made = seen.iter().any(|at| matches!(lexed.before(*at), "data" | "newtype" | "type" | "|"));
    if case.text.names.seen.contains_key(&small) {
        let edit = case.replace_token(at, small);
        all.push(Candidate::new(MistakeId::WrongCase, USES_SMALL, vec![edit]));
    } else if !made && !seen.is_empty() {
        let edits: Vec<Edit> =
            seen.iter().map(|at| case.replace_token(*at, small.clone())).collect();
        all.push(Candidate::new(MistakeId::WrongCase, DECLARED_SMALL, edits));
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_name_of_the_file_changes_wherever_it_stands() {
        check_fix(
            &FAMILY,
            "haskell",
            "<|>Total :: Int\nTotal = 4\n\nmain = print Total\n",
            "Invalid type signature: Total :: ... Should be of form <variable> :: <type>",
            "total :: Int\ntotal = 4\n\nmain = print total\n",
        );
    }

    #[test]
    fn a_maker_keeps_its_letter() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "data Tide = High | Low\n<|>Low :: Tide\n",
            "Invalid type signature: Low :: ... Should be of form <variable> :: <type>",
        );
    }
}
