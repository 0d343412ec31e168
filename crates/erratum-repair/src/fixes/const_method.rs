//! C++: a method that is called on what must not change, and does not say that it changes nothing.

use super::family::{Example, Family, Phases};
use super::shape::function_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The method is called on what must not change.
const CALLED_ON_FIXED: Factor = evidence("the method is called on what must not change", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "const-method",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Quay {\npublic:\n    int seats() { return 3; }\n};\nint go(const Quay& quay) {\n    return quay.<|>seats();\n}\n",
        message: "passing 'const Quay' as 'this' argument discards qualifiers",
        after: "class Quay {\npublic:\n    int seats() const { return 3; }\n};\nint go(const Quay& quay) {\n    return quay.seats();\n}\n",
    },
};

/// What compilers say there (seen with g++ 12, clang 14).
const SAID: &[&str] =
    &["as 'this' argument discards qualifiers", "but function is not marked const"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    // g++ points at the brackets of the call or behind its name, clang at the object.
    let line = lexed.on_line(lexed.code[case.token].line);
    let called = line.filter(|at| lexed.is(at + 1, "(") && matches!(lexed.before(*at), "." | "->"));
    for name in called {
        let declared =
            case.text.names.of(lexed.word(name)).filter(|one| one.kind == NameKind::Function);
        for method in declared {
            let Some(open) = (method.token..lexed.code.len())
                .take_while(|at| !lexed.is(*at, ";"))
                .find(|at| lexed.opens_block(*at))
            else {
                continue;
            };
            let Some(function) = function_of(case, open) else { continue };
            let close = function.parameters_close;
            if lexed.is(close + 1, "const") {
                continue;
            }
            let edit = case.insert(lexed.code[close].end, " const");
            all.push(Candidate::new(MistakeId::MissingConst, CALLED_ON_FIXED, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_method_that_says_so_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Quay {\npublic:\n    int seats() const { return 3; }\n    void add() const;\n};\nint go(const Quay& quay) {\n    return quay.<|>seats();\n}\n",
            "passing 'const Quay' as 'this' argument discards qualifiers",
        );
    }
}
