//! C++: `for (Car& car : cars)` over cars that must not change: a reference to each is `const`, too.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// What the name refers to must not change.
const KEPT: Factor = evidence("what the reference is taken of must not change", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "const-reference",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <vector>\nstruct Car { int seats; };\nint go(const std::vector<Car>& cars) {\n    int all = 0;\n    for (Car& car : <|>cars) all += car.seats;\n    return all;\n}\n",
        message: "binding reference of type 'Car&' to 'const Car' discards qualifiers",
        after: "#include <vector>\nstruct Car { int seats; };\nint go(const std::vector<Car>& cars) {\n    int all = 0;\n    for (const Car& car : cars) all += car.seats;\n    return all;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12; clang 14 says "drops 'const' qualifier".
    let said = &case.message.text;
    let told = said.starts_with("binding reference of type")
        && (said.contains("discards qualifiers") || said.contains("drops 'const' qualifier"));
    if !told || !case.language().directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // In the head of a loop, or where the reference is made.
    let marks = |at: &usize| lexed.is(*at, "&") && matches!(lexed.word(at + 2), ":" | "=");
    for mark in line.clone().filter(marks) {
        let start = (line.start..mark)
            .rev()
            .find(|at| matches!(lexed.word(*at), "(" | ";" | "{" | "}"))
            .map_or(line.start, |at| at + 1);
        let typed = start < mark && !(start..mark).any(|at| lexed.is(at, "const"));
        if typed {
            let edit = case.insert(lexed.code[start].start, "const ");
            all.push(Candidate::new(MistakeId::MissingWord, KEPT, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_reference_to_one_is_constant_too() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go(const Quay& quay) {\n    Boat& first = <|>quay.first;\n    return first.seats;\n}\n",
            "binding reference of type 'Boat&' to 'const Boat' discards qualifiers",
            "int go(const Quay& quay) {\n    const Boat& first = quay.first;\n    return first.seats;\n}\n",
        );
    }

    #[test]
    fn a_value_in_a_call_is_for_others() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int go(const Boat& boat) {\n    return board(<|>boat);\n}\n",
            "binding reference of type 'Boat&' to 'const Boat' discards qualifiers",
        );
    }
}
