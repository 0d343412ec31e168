//! Several values in a call where one list of them is wanted: `run(form, first, second)`.

use super::family::{Example, Family, Phases};
use super::shape::{calls_near, parameters_of_call, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The last parameter is a list, and more values are given than there are parameters.
const ONE_LIST: Factor = evidence("the last parameter takes a list", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "listed-arguments",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function sum(name: string, tides: number[]): number { return tides.length; }\nsum(\"quay\", 3, <|>4);\n",
        message: "Expected 2 arguments, but got 3.",
        after: "function sum(name: string, tides: number[]): number { return tides.length; }\nsum(\"quay\", [3, 4]);\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    if !(said.starts_with("Expected ") && said.contains("arguments, but got")) {
        return;
    }
    for call in calls_near(case) {
        let Some(wanted) = parameters_of_call(case, &call) else { continue };
        let Some(element) = wanted.last().and_then(|(typed, _)| typed.strip_suffix("[]")) else {
            continue;
        };
        let own = call.arguments.get(wanted.len() - 1..).unwrap_or_default();
        // A list among them is given as it is, and what is known to be of another type is no element.
        let fits = |(first, last): &(usize, usize)| {
            let typed = type_of(case, *first, *last);
            !lexed.is(*first, "[") && typed.is_none_or(|typed| typed == element)
        };
        if own.len() < 2 || !own.iter().all(fits) {
            continue;
        }
        let (first, last) = (own[0].0, own[own.len() - 1].1);
        let edits =
            vec![case.insert(lexed.code[first].start, "["), case.insert(lexed.code[last].end, "]")];
        all.push(Candidate::new(MistakeId::WrongArgument, ONE_LIST, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_value_of_another_type_is_no_element() {
        let text = "function sum(name: string, tides: number[]): number { return tides.length; }\nsum(\"quay\", 3, <|>\"mole\");\n";
        check_no_fix(&FAMILY, "typescript", text, "Expected 2 arguments, but got 3.");
    }
}
