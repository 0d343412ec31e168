//! A function in the place of a value, and a value in the place of a function, where the library has a method for
//! each: `fare.ok_or(|| error())` for `fare.ok_or_else(|| error())`.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The library has a method of another name that takes a function there.
const TAKES_FUNCTION: Factor = evidence("a method of another name takes a function there", 9.0);
/// The library has a method of another name that takes a value there.
const TAKES_VALUE: Factor = evidence("a method of another name takes a value there", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "lazy-twin",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn price(fare: Option<u32>) -> Result<u32, String> {\n    fare.ok_or(<|>|| String::new())\n}\n",
        message: "[E0308] mismatched types: expected `String`, found closure",
        after: "fn price(fare: Option<u32>) -> Result<u32, String> {\n    fare.ok_or_else(|| String::new())\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for name in line.filter(|at| lexed.before(*at) == "." && lexed.is(at + 1, "(")) {
        let word = lexed.word(name);
        let Some(call) = call_at(case, name + 1) else { continue };
        let [(first, last)] = call.arguments[..] else { continue };
        // The message points at the value or at the call (javac 17 at its dot).
        if !(name - 1..=last + 1).contains(&case.token) {
            continue;
        }
        let lambda = is_function(case, first, last);
        for (value, function) in case.language().lazy_twins {
            let (twin, why) = match lambda {
                true if word == *value => (function, TAKES_FUNCTION),
                false if word == *function => (value, TAKES_VALUE),
                _ => continue,
            };
            let edit = case.replace_token(name, *twin);
            all.push(Candidate::new(MistakeId::WrongArgument, why, vec![edit]).guess());
        }
    }
}

/// Whether a value is a function without a name.
fn is_function(case: &Case, first: usize, last: usize) -> bool {
    let lexed = case.lexed();
    matches!(lexed.word(first), "|" | "||" | "move") || (first..=last).any(|at| lexed.is(at, "->"))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_goes_to_the_method_that_takes_values() {
        check_fix(
            &FAMILY,
            "rust",
            "fn price(fare: Option<u32>) -> u32 {\n    fare.unwrap_or_else(<|>4)\n}\n",
            "[E0277] expected a `FnOnce()` closure, found `{integer}`",
            "fn price(fare: Option<u32>) -> u32 {\n    fare.unwrap_or(4)\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String name(Optional<String> all) {\n        return all.orElse(<|>() -> \"none\");\n    }\n}\n",
            "incompatible types: String is not a functional interface",
            "class Quay {\n    String name(Optional<String> all) {\n        return all.orElseGet(() -> \"none\");\n    }\n}\n",
        );
    }

    #[test]
    fn what_has_the_right_kind_of_value_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn price(fare: Option<u32>) -> u32 {\n    fare.unwrap_or(<|>\"4\")\n}\n",
            "[E0308] mismatched types: expected `u32`, found `&str`",
        );
    }
}
