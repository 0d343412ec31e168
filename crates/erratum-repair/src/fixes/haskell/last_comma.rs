//! A comma behind the last of several: `, seats :: Int,` in front of the `}` of a record.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// Behind a comma the brackets close.
const CLOSES: Factor = evidence("behind the comma its brackets close", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "last-comma",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Sail = Sail\n  { cloth :: Int,\n    area :: Double,\n  <|>}\n",
        message: "parse error on input '}'",
        after: "data Sail = Sail\n  { cloth :: Int,\n    area :: Double\n  }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let close = case.token;
    // Other languages let the last one have its mark, or say what is wrong with it.
    let bare = case.language().applies_bare && case.phase <= Phase::Syntax;
    if bare && lexed.kind(close) == Some(TokenKind::Close) && lexed.before(close) == "," {
        let edit = case.delete_token(close - 1);
        all.push(Candidate::new(MistakeId::ExtraMark, CLOSES, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_list_may_have_one_too_many() {
        let said = "parse error on input ']'";
        check_fix(&FAMILY, "haskell", "tides = [3, 4, <|>]\n", said, "tides = [3, 4 ]\n");
        check_no_fix(&FAMILY, "haskell", "tides = [3, 4 + <|>]\n", said);
    }
}
