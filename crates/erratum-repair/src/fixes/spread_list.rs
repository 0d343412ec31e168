//! TypeScript: `Math.max(depths)`: a function that takes any number of values is given those of a list.

use super::family::{Example, Family, Phases};
use super::shape::calls_near;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The function takes the values one by one.
const ONE_BY_ONE: Factor = evidence("the function takes the values of the list one by one", 9.0);

/// What takes any number of values (seen with the library of tsc 5.9).
const TAKES_ANY: &[&str] = &["max", "min", "hypot", "push", "unshift", "fromCharCode", "of"];

pub(super) static FAMILY: Family = Family {
    id: "spread-list",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function deepest(tides: number[]) {\n  return Math.max(<|>tides);\n}\n",
        message: "[TS2345] Argument of type 'number[]' is not assignable to parameter of type 'number'.",
        after: "function deepest(tides: number[]) {\n  return Math.max(...tides);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.strip_prefix("Argument of type '");
    let Some((given, rest)) = said.and_then(|rest| rest.split_once("' is not assignable to "))
    else {
        return;
    };
    let wanted = rest.strip_prefix("parameter of type '").and_then(|rest| rest.split('\'').next());
    let list = given.strip_suffix("[]");
    if !case.language().object_required || list.is_none() || list != wanted {
        return;
    }
    for call in calls_near(case) {
        if let ([(first, last)], true) =
            (&call.arguments[..], TAKES_ANY.contains(&lexed.word(call.name)))
            && (*first..=*last).contains(&case.token)
        {
            let edit = case.insert(lexed.code[*first].start, "...");
            all.push(Candidate::new(MistakeId::WrongArgument, ONE_BY_ONE, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn one_value_is_not_taken_from_a_list() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function rise(n: number) {}\nfunction go(tides: number[]) {\n  rise(<|>tides);\n}\n",
            "[TS2345] Argument of type 'number[]' is not assignable to parameter of type 'number'.",
        );
    }
}
