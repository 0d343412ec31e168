//! Rust: real numbers have no order of their own, and are compared by a function: `sort()`,
//! `max_by_key(|b| b.length)`.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Real numbers are compared by a function.
const BY_FUNCTION: Factor = evidence("real numbers are compared by a function", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "ordered-reals",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Boat { length: f64 }\nfn longest(all: &[Boat]) -> Option<&Boat> {\n    all.iter().<|>max_by_key(|b| b.length)\n}\n",
        message: "[E0277] the trait bound `f64: Ord` is not satisfied",
        after: "struct Boat { length: f64 }\nfn longest(all: &[Boat]) -> Option<&Boat> {\n    all.iter().max_by(|a, b| a.length.total_cmp(&b.length))\n}\n",
    },
};

/// What orders values, and what orders them by a function.
const BY: &[(&str, &str)] = &[
    ("sort", "sort_by"),
    ("max", "max_by"),
    ("min", "min_by"),
    ("sort_by_key", "sort_by"),
    ("max_by_key", "max_by"),
    ("min_by_key", "min_by"),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let told = ["`f64: Ord`", "`f32: Ord`", "`{float}: Ord`"];
    if !case.language().borrows || !told.iter().any(|words| said.contains(words)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for name in line.filter(|at| lexed.before(*at) == ".") {
        let Some((_, by)) = BY.iter().find(|(plain, _)| lexed.is(name, plain)) else { continue };
        let Some(call) = call_at(case, name + 1) else { continue };
        let compared = match call.arguments[..] {
            [] if !lexed.word(name).ends_with("key") => "a.total_cmp(b)".to_owned(),
            [key] => match by_key(case, key) {
                Some(compared) => compared,
                None => continue,
            },
            _ => continue,
        };
        let text = format!("{by}(|a, b| {compared})");
        let (from, to) = (lexed.code[name].start, lexed.code[call.close].end);
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::WrongNumberType, BY_FUNCTION, vec![edit]).guess());
    }
}

/// `|b| b.length` as a comparison of two.
fn by_key(case: &Case, (first, last): (usize, usize)) -> Option<String> {
    let lexed = case.lexed();
    let name = first + 1;
    let head = lexed.is(first, "|") && lexed.is(name + 1, "|");
    let start = name + 2;
    let same = head && lexed.is(start, lexed.word(name));
    let members = (start + 1..=last).all(|at| {
        lexed.is(at, ".") || lexed.kind(at) == Some(TokenKind::Name) && lexed.before(at) == "."
    });
    if !same || !members || start == last {
        return None;
    }
    let part = lexed.source.slice(lexed.code[start + 1].start, lexed.code[last].end);
    Some(format!("a{part}.total_cmp(&b{part})"))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_of_real_numbers_is_sorted_by_a_function() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(all: &mut Vec<f64>) {\n    all.<|>sort();\n}\n",
            "[E0277] the trait bound `f64: Ord` is not satisfied",
            "fn go(all: &mut Vec<f64>) {\n    all.sort_by(|a, b| a.total_cmp(b));\n}\n",
        );
    }

    #[test]
    fn what_is_computed_as_a_key_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(all: &[Boat]) {\n    all.iter().<|>max_by_key(|b| b.length * 2.0);\n}\n",
            "[E0277] the trait bound `f64: Ord` is not satisfied",
        );
    }
}
