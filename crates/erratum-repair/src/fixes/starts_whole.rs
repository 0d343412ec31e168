//! A whole number from which real ones are counted: `let mut sum = 0` to which fares are added.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A name that meets real numbers starts with a whole one.
const STARTS_WHOLE: Factor = weight("it starts with a whole number", 5.0);

pub(super) static FAMILY: Family = Family {
    id: "starts-whole",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn total(fares: &[f64]) -> f64 {\n    let mut sum = 0;\n    for fare in fares {\n        sum <|>+= fare;\n    }\n    sum\n}\n",
        message: "[E0277] cannot add-assign `f64` to `{integer}`",
        after: "fn total(fares: &[f64]) -> f64 {\n    let mut sum = 0.0;\n    for fare in fares {\n        sum += fare;\n    }\n    sum\n}\n",
    },
};

/// Whether a message says that a whole and a real number meet (seen with go 1.19, rustc 1.95, scalac 2.11,
/// mcs 6.8, javac 17).
fn meets(said: &str) -> bool {
    let go = ["mismatched types int and float64", "mismatched types float64 and int"];
    let real = ["f32`", "f64`"].iter().any(|real| said.contains(real));
    let scala = (said.contains("found : Int required: ?")
        || said.contains("(with underlying type Int) required: ?"))
        && said.contains("Double)");
    let narrowed = said.contains("convert type 'double' to 'int'")
        || said.contains("lossy conversion from double to int");
    go.iter().any(|text| said.contains(text))
        || (said.contains("`{integer}`") && real)
        || scala
        || narrowed
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !meets(&case.message.text) {
        return;
    }
    folded(case, all);
    let mut seen = Vec::new();
    for at in lexed.on_line(lexed.code[case.token].line) {
        let Some(declared) = case.text.names.resolve(lexed, at) else { continue };
        let number = declared.token + 2;
        let ends =
            lexed.code.get(number + 1).is_none_or(|next| next.first || lexed.is(number + 1, ";"));
        let whole = matches!(lexed.word(declared.token + 1), ":=" | "=")
            && lexed.kind(number) == Some(TokenKind::Number)
            && lexed.word(number).bytes().all(|byte| byte.is_ascii_digit())
            && ends;
        let named = lexed.kind(at) == Some(TokenKind::Name) && declared.token != at;
        if whole && named && !seen.contains(&number) {
            seen.push(number);
            let edit = case.replace_token(number, format!("{}.0", lexed.word(number)));
            all.push(Candidate::new(MistakeId::WholeForReal, STARTS_WHOLE, vec![edit]).guess());
        }
    }
}

/// Scala: `fares.foldLeft(0)((sum, fare) => sum + fare)`.
fn folded(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let number = line.into_iter().find(|at| {
        lexed.kind(*at) == Some(TokenKind::Number)
            && lexed.is(at + 1, ")")
            && *at > 1
            && lexed.before(*at) == "("
            && matches!(lexed.word(at - 2), "foldLeft" | "fold" | "foldRight")
    });
    let whole = number.filter(|at| lexed.word(*at).bytes().all(|byte| byte.is_ascii_digit()));
    if let Some(at) = whole.filter(|_| case.language().calls_elements) {
        let edit = case.replace_token(at, format!("{}.0", lexed.word(at)));
        all.push(Candidate::new(MistakeId::WholeForReal, STARTS_WHOLE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_sum_of_scala_starts_with_a_real_number() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def total(fares: List[Double]): Double = {\n    var sum = 0\n    for (fare <- fares) {\n      <|>sum += fare\n    }\n    sum\n  }\n}\n",
            "type mismatch; found : Int required: ?{def +(x$1: ? >: Double): ?}",
            "object Quay {\n  def total(fares: List[Double]): Double = {\n    var sum = 0.0\n    for (fare <- fares) {\n      sum += fare\n    }\n    sum\n  }\n}\n",
        );
    }

    #[test]
    fn what_is_folded_starts_with_a_real_number() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def total(fares: List[Double]) = fares.foldLeft(0)((sum, fare) => <|>sum + fare)\n}\n",
            "type mismatch; found : sum.type (with underlying type Int) required: ?{def +(x$1: ? >: Double): ?}",
            "object Quay {\n  def total(fares: List[Double]) = fares.foldLeft(0.0)((sum, fare) => sum + fare)\n}\n",
        );
    }

    #[test]
    fn a_sum_of_go_starts_with_a_real_number() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc total(fares []float64) float64 {\n\tsum := 0\n\tfor _, fare := range fares {\n\t\tsum <|>+= fare\n\t}\n\treturn 2.5\n}\n",
            "invalid operation: sum += fare (mismatched types int and float64)",
            "package quay\n\nfunc total(fares []float64) float64 {\n\tsum := 0.0\n\tfor _, fare := range fares {\n\t\tsum += fare\n\t}\n\treturn 2.5\n}\n",
        );
    }

    #[test]
    fn what_a_real_number_is_multiplied_with_is_one() {
        check_fix(
            &FAMILY,
            "rust",
            "fn charge(hours: f32) -> f32 {\n    let rate = 120;\n    hours <|>* rate\n}\n",
            "[E0277] cannot multiply `f32` by `{integer}`",
            "fn charge(hours: f32) -> f32 {\n    let rate = 120.0;\n    hours * rate\n}\n",
        );
    }

    #[test]
    fn a_number_with_a_type_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn charge(hours: f32) -> f32 {\n    let rate: u32 = 120;\n    hours <|>* rate\n}\n",
            "[E0277] cannot multiply `f32` by `u32`",
        );
    }
}
