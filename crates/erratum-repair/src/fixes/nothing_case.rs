//! The case of a value that is not there, under the word of another language: `case Null =>` beside `case
//! Some(boat) =>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Another case is that of a value that is there.
const BESIDE_SOME: Factor = evidence("another case is that of a value that is there", 10.0);

/// What languages call nothing.
const WORDS: &[&str] =
    &["Null", "null", "nil", "NULL", "none", "None", "NONE", "Nothing", "nothing", "Empty"];

/// How many tokens away another case may stand.
const NEAR: usize = 60;

pub(super) static FAMILY: Family = Family {
    id: "nothing-case",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  def tell(boat: Option[String]) = boat match {\n    case Some(name) => name\n    case <|>Null => \"none\"\n  }\n}\n",
        message: "not found: value Null",
        after: "object Quay {\n  def tell(boat: Option[String]) = boat match {\n    case Some(name) => name\n    case None => \"none\"\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let (there, nothing) = match () {
        () if language.applies_bare => ("Just", "Nothing"),
        () if language.borrows || language.calls_elements => ("Some", "None"),
        () => return,
    };
    let word = lexed.word(case.token);
    let arrow = matches!(lexed.word(case.token + 1), "=>" | "->");
    if !WORDS.contains(&word) || word == nothing || !arrow {
        return;
    }
    let near = case.token.saturating_sub(NEAR)..(case.token + NEAR).min(lexed.code.len());
    let beside = near.into_iter().any(|at| {
        let starts = lexed.code[at].first || lexed.before(at) == "case";
        lexed.is(at, there) && lexed.kind(at) == Some(TokenKind::Name) && starts
    });
    if beside {
        let edit = case.replace_token(case.token, nothing);
        all.push(Candidate::new(MistakeId::ForeignWord, BESIDE_SOME, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_own_word() {
        check_fix(
            &FAMILY,
            "haskell",
            "tell :: Maybe Int -> Int\ntell boat = case boat of\n  Just n -> n\n  <|>None -> 0\n",
            "Not in scope: data constructor 'None'",
            "tell :: Maybe Int -> Int\ntell boat = case boat of\n  Just n -> n\n  Nothing -> 0\n",
        );
    }

    #[test]
    fn a_case_of_another_kind_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def tell(boat: Any) = boat match {\n    case name: String => name\n    case <|>Null => \"none\"\n  }\n}\n",
            "not found: value Null",
        );
    }
}
