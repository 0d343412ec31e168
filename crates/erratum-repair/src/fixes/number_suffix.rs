//! Java: a whole number that is too large for `int` says with `L` that it is a `long`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The variable is declared for large numbers.
const DECLARED_LARGE: Factor = evidence("the variable is declared for large numbers", 8.0);
/// The number and its variable are too small a type.
const BOTH_LARGE: Factor =
    evidence("the number needs a larger type, and so does its variable", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "number-suffix",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    long tons = <|>3000000000;\n}\n",
        message: "integer number too large",
        after: "class Quay {\n    long tons = 3000000000L;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17.
    let told = case.message.text.starts_with("integer number too large");
    if !told || lexed.kind(case.token) != Some(TokenKind::Number) {
        return;
    }
    let mut edits = vec![case.insert(lexed.code[case.token].end, "L")];
    let start = case.statement_start(case.token);
    let typed = (start..case.token).find(|at| matches!(lexed.word(*at), "int" | "short" | "byte"));
    let why = match typed {
        Some(typed) => {
            edits.insert(0, case.replace_token(typed, "long"));
            BOTH_LARGE
        }
        None => DECLARED_LARGE,
    };
    all.push(Candidate::new(MistakeId::NumberForm, why, edits).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_small_variable_grows_too() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int tons = <|>3000000000;\n}\n",
            "integer number too large",
            "class Quay {\n    long tons = 3000000000L;\n}\n",
        );
    }
}
