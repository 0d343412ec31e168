//! Rust: two numbers of different types in one sum: `days * 4.5` for `days as f64 * 4.5`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A whole number is counted with a real one.
const WITH_REAL: Factor = evidence("a whole number is counted with a real one", 4.0);
/// Two whole numbers of different types.
const OTHER_WHOLE: Factor = weight("the whole numbers are of two types", 2.0);

pub(super) static FAMILY: Family = Family {
    id: "mixed-numbers",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn price(days: u32) -> f64 {\n    days <|>* 4.5\n}\n",
        message: "[E0277] cannot multiply `u32` by `{float}`",
        after: "fn price(days: u32) -> f64 {\n    days as f64 * 4.5\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((left, right)) = told(case) else { return };
    let op = case.token;
    let known = |typed: &str| case.language().is_type(typed) || typed == "{float}";
    if !case.language().exact_numbers || op == 0 || !known(left) || !known(right) {
        return;
    }
    let real = |typed: &str| typed.starts_with('f') || typed == "{float}";
    let wanted = |typed: &str| if typed == "{float}" { "f64" } else { typed }.to_owned();
    let mut cast = |end: usize, typed: String, score: Factor| {
        // A text that is not the compiler's may end with the operator.
        if let Some(last) = lexed.code.get(end) {
            let edit = case.insert(last.end, format!(" as {typed}"));
            all.push(Candidate::new(MistakeId::WrongNumberType, score, vec![edit]).guess());
        }
    };
    match (real(left), real(right)) {
        (false, true) if stands_alone(case, op) => cast(op - 1, wanted(right), WITH_REAL),
        (true, false) => {
            if let Some(end) = operand_end(case, op + 1) {
                cast(end, wanted(left), WITH_REAL);
            }
        }
        (false, false) if left != right => {
            if let Some(end) = operand_end(case, op + 1) {
                cast(end, left.to_owned(), OTHER_WHOLE);
            }
        }
        _ => {}
    }
}

/// The two types that the compiler names, the left one first.
fn told<'a>(case: &'a Case) -> Option<(&'a str, &'a str)> {
    let (head, rest) = case.message.text.strip_prefix("cannot ")?.split_once(" `")?;
    let (one, rest) = rest.split_once("` ")?;
    let (_, other) = rest.split_once('`')?;
    let (other, _) = other.split_once('`')?;
    // `cannot add A to B` and `cannot subtract A from B` name the right one first.
    matches!(head, "multiply" | "divide" | "add" | "subtract").then_some(match head {
        "add" | "subtract" => (other, one),
        _ => (one, other),
    })
}

/// Whether the value before an operator is all that stands on its left: a name, a member or a call.
fn stands_alone(case: &Case, op: usize) -> bool {
    let lexed = case.lexed();
    let mut first = op - 1;
    loop {
        first = case.text.pairs.partner_of(first).filter(|open| *open < first).unwrap_or(first);
        let called = matches!(lexed.word(first), "(" | "[")
            && first > 0
            && lexed.kind(first - 1) == Some(TokenKind::Name);
        let member = first > 1 && matches!(lexed.before(first), "." | "::");
        first = match (called, member) {
            (true, _) => first - 1,
            (_, true) => first - 2,
            _ => break,
        };
    }
    first == 0 || !matches!(lexed.before(first), "*" | "/" | "%" | "-" | "as")
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_whole_number_becomes_a_real_one_on_either_side() {
        check_fix(
            &FAMILY,
            "rust",
            "fn share(fare: f64, all: u32) -> f64 {\n    fare <|>/ all\n}\n",
            "[E0277] cannot divide `f64` by `u32`",
            "fn share(fare: f64, all: u32) -> f64 {\n    fare / all as f64\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn sum(fare: f64, all: i32) -> f64 {\n    fare <|>+ all\n}\n",
            "[E0277] cannot add `i32` to `f64`",
            "fn sum(fare: f64, all: i32) -> f64 {\n    fare + all as f64\n}\n",
        );
    }

    #[test]
    fn a_product_is_no_single_value() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn sum(rows: u32, all: u32) -> f64 {\n    rows * all <|>* 4.5\n}\n",
            "[E0277] cannot multiply `u32` by `{float}`",
        );
    }
}
