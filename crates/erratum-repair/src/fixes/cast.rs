//! A conversion with its value inside its brackets: `(double sum)` for `(double) sum`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A type and a value stand in brackets where a value is wanted.
const TYPE_AND_VALUE: Factor = evidence("a type and its value stand in one bracket", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "cast",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    double mean(int sum) {\n        return (double <|>sum) / 3;\n    }\n}\n",
        message: "')' expected",
        after: "class Quay {\n    double mean(int sum) {\n        return (double) sum / 3;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().type_first {
        return;
    }
    for open in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "(")) {
        let (typed, value, close) = (open + 1, open + 2, open + 3);
        let plain = case.language().is_type(lexed.word(typed))
            && lexed.word(typed).starts_with(|letter: char| letter.is_lowercase());
        let valued = matches!(lexed.kind(value), Some(TokenKind::Name | TokenKind::Number));
        // Behind a name stands a list of parameters.
        let wanted = matches!(
            lexed.before(open),
            "return" | "=" | "+" | "-" | "*" | "/" | "%" | "<" | ">" | "==" | "(" | ","
        );
        // Before an arrow or a block, too.
        let parameters = matches!(lexed.word(close + 1), "->" | "=>" | "{");
        if plain && valued && wanted && !parameters && lexed.is(close, ")") {
            let edits = vec![
                case.insert(lexed.code[typed].end, ")"),
                Edit::delete(case.file(), lexed.code[value].end, lexed.code[close].end),
            ];
            all.push(Candidate::new(MistakeId::CastRules, TYPE_AND_VALUE, edits));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "expected ')' before 'sum'";

    #[test]
    fn a_value_in_a_call_is_converted() {
        check_fix(
            &FAMILY,
            "c",
            "void go(int sum) {\n    show(3, (float <|>sum));\n}\n",
            SAID,
            "void go(int sum) {\n    show(3, (float) sum);\n}\n",
        );
    }

    #[test]
    fn a_number_is_converted() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int low = (int <|>2.5);\n}\n",
            "[CS1026] Unexpected symbol '2.5', expecting ')'",
            "class Quay {\n    int low = (int) 2.5;\n}\n",
        );
    }

    #[test]
    fn parameters_are_left_alone() {
        check_no_fix(&FAMILY, "c", "void go(int <|>sum) {\n    show(sum;\n}\n", SAID);
    }

    #[test]
    fn the_parameter_of_a_function_without_a_name_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Op op = (int <|>sum) -> sum + ;\n}\n",
            "illegal start of expression",
        );
    }

    #[test]
    fn a_conversion_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    double mean(int sum) {\n        return (double) <|>sum / ;\n    }\n}\n",
            "illegal start of expression",
        );
    }

    #[test]
    fn a_type_behind_its_name_is_another_matter() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function mean(sum: number) {\n  return (number <|>sum) / 3;\n}\n",
            "')' expected.",
        );
    }
}
