//! Two whole numbers, one with a sign and one without, that are held against each other.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::type_of;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A variable that is declared as what it is held against.
const SAME_SIGN: Factor = weight("both sides agree in sign", 2.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "signs",
    recipes: &[Recipe::Signs],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int up(unsigned int t) {\n    int low = 3;\n    return low <|>< t;\n}\n",
        message: "warning: [-Wsign-compare] comparison of integer expressions of different signedness: 'int' and 'unsigned int'",
        after: "int up(unsigned int t) {\n    unsigned int low = 3;\n    return low < t;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Signs) {
        signs(case, all);
    }
}

/// A whole number that may be negative is held against one that may not: the variable is declared
/// as what it is held against.
fn signs(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let comparison = |at: &usize| matches!(lexed.word(*at), "<" | ">" | "<=" | ">=" | "==" | "!=");
    let Some(mark) = line.filter(comparison).min_by_key(|at| at.abs_diff(case.token)) else {
        return;
    };
    for (side, other) in [(mark.wrapping_sub(1), mark + 1), (mark + 1, mark.wrapping_sub(1))] {
        if lexed.kind(side) != Some(TokenKind::Name) {
            continue;
        }
        let Some(declared) = case.text.names.resolve(lexed, side) else { continue };
        let Some((a, b)) = declared.typed.filter(|(a, b)| a == b) else { continue };
        let signed = !lexed.is(a.wrapping_sub(1), "unsigned");
        if !signed || !matches!(lexed.word(a), "int" | "long" | "short") {
            continue;
        }
        let known = type_of(case, other, other).filter(|typed| typed.contains("unsigned"));
        let sized = ["size_t", "size_type"].iter().any(|word| case.message.text.contains(word));
        let typed = match known {
            Some(typed) => typed,
            None if sized => "size_t".to_owned(),
            None => format!("unsigned {}", lexed.word(a)),
        };
        let edit = Edit::replace(case.file(), lexed.code[a].start, lexed.code[b].end, typed);
        all.push(Candidate::new(MistakeId::MixedSigns, SAME_SIGN, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn the_counter_of_a_loop_agrees_with_its_bound() {
        check_among(
            &FAMILY,
            "cpp",
            "unsigned int seats = 9;\nint up() {\n    int sum = 0;\n    for (int i = 0; i <|>< seats; i++) {\n        sum += 2;\n    }\n    return sum;\n}\n",
            "warning: [-Wsign-compare] comparison of integer expressions of different signedness: 'int' and 'unsigned int'",
            "unsigned int seats = 9;\nint up() {\n    int sum = 0;\n    for (unsigned int i = 0; i < seats; i++) {\n        sum += 2;\n    }\n    return sum;\n}\n",
        );
    }

    #[test]
    fn a_long_number_keeps_its_length() {
        check_fix(
            &FAMILY,
            "c",
            "int up(unsigned long t) {\n    long low = 3;\n    return low <|>< t;\n}\n",
            "warning: [-Wsign-compare] comparison of integer expressions of different signedness: 'long int' and 'unsigned long int'",
            "int up(unsigned long t) {\n    unsigned long low = 3;\n    return low < t;\n}\n",
        );
    }

    #[test]
    fn equality_is_a_comparison_too() {
        check_fix(
            &FAMILY,
            "c",
            "int up(unsigned int t) {\n    int low = 3;\n    return low <|>== t;\n}\n",
            "warning: [-Wsign-compare] comparison of integer expressions of different signedness: 'int' and 'unsigned int'",
            "int up(unsigned int t) {\n    unsigned int low = 3;\n    return low == t;\n}\n",
        );
    }

    #[test]
    fn two_numbers_alike_are_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    int low = 3;\n    return low <|>< t;\n}\n",
            "warning: [-Wtype-limits] comparison is always true",
        );
    }

    #[test]
    fn what_is_no_variable_has_no_type_to_change() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(unsigned int t) {\n    return 3 - 4 <|>< t;\n}\n",
            "warning: [-Wsign-compare] comparison of integer expressions of different signedness: 'int' and 'unsigned int'",
        );
    }
}
