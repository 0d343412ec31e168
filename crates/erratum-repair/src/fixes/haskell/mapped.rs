//! A function for one element that is given a whole list: `toUpper word` for `map toUpper word`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A list is given where the function takes one element.
const ONE_BY_ONE: Factor = evidence("a list is given where the function takes one element", 8.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "mapped",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "double :: Int -> Int\ndouble n = n * 2\n\ntwice :: [Int] -> [Int]\ntwice ns = double <|>ns\n",
        message: "Couldn't match expected type 'Int' with actual type '[Int]'",
        after: "double :: Int -> Int\ndouble n = n * 2\n\ntwice :: [Int] -> [Int]\ntwice ns = map double ns\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare {
        return;
    }
    let line = case.message.line();
    // What is said of the call goes with what is said of its value.
    let near = case.all.iter().filter(|other| other.line() == line);
    for message in std::iter::once(case.message).chain(near) {
        let range = message.at.as_ref().map(|at| at.range(&lexed.source));
        let Some((from, to)) = range.filter(|_| is_list_for_one(&message.text)) else { continue };
        let (value, behind) = (lexed.at(from), lexed.code.partition_point(|one| one.end <= to));
        let Some(called) = value.checked_sub(1) else { continue };
        let function = lexed.kind(called) == Some(TokenKind::Name)
            && lexed.word(called).starts_with(char::is_lowercase)
            && !matches!(lexed.before(called), "map" | "." | "`")
            // The function has no values before this one, and none behind it.
            && !matches!(lexed.kind(called.wrapping_sub(1)), Some(TokenKind::Name | TokenKind::Number))
            && lexed.code[called].line == lexed.code[value].line;
        let last = lexed.code.get(behind).is_none_or(|next| {
            next.first || matches!(next.kind, TokenKind::Op | TokenKind::Close | TokenKind::Keyword)
        });
        if function && last {
            let edit = case.insert(lexed.code[called].start, "map ");
            all.push(Candidate::new(MistakeId::TypeClash, ONE_BY_ONE, vec![edit]).guess());
            return;
        }
    }
}

/// Whether a message says that a value is a list where one element is wanted (seen with ghc 9.0 and 9.4).
fn is_list_for_one(said: &str) -> bool {
    let said = said.replace(['‘', '’'], "'");
    let both = |first: &str, second: &str| {
        let (_, rest) = said.split_once(first)?;
        let (expected, actual) = rest.split_once(second)?;
        let clean = |text: &str| text.trim_matches([' ', ':', '\'', '\n']).to_owned();
        Some((clean(expected), clean(actual)))
    };
    let types =
        both("Expected: ", "Actual: ").or_else(|| both("expected type", "with actual type"));
    let list = |typed: &str| typed.starts_with('[') || typed == "String" || typed == "FilePath";
    types.is_some_and(|(expected, actual)| {
        !list(&expected) && !expected.contains("->") && list(&actual)
    })
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_text_is_a_list_of_letters() {
        check_fix(
            &FAMILY,
            "haskell",
            "import Data.Char (toUpper)\n\nloud :: String -> String\nloud word = toUpper <|>word\n",
            "Couldn't match type '[Char]' with 'Char' Expected: Char Actual: String",
            "import Data.Char (toUpper)\n\nloud :: String -> String\nloud word = map toUpper word\n",
        );
    }

    #[test]
    fn one_element_is_no_list() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "total :: [Int] -> Int\ntotal n = sum <|>n\n",
            "Couldn't match expected type '[Int]' with actual type 'Int'",
        );
    }
}
