//! C++: a method that is called on what must not change, and does not say that it changes nothing; and
//! one that says so and changes its object.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, function_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// The method is called on what must not change.
const CALLED_ON_FIXED: Factor = evidence("the method is called on what must not change", 7.0);

/// The method changes its object.
const CHANGES: Factor = evidence("the method changes its object", 7.0);

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
    changes(case, all);
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
            let open = (method.token..lexed.code.len())
                .take_while(|at| !lexed.is(*at, ";"))
                .find(|at| lexed.opens_block(*at));
            let function = open.and_then(|open| function_of(case, open));
            let bare = || case.text.pairs.partner_of(method.token + 1);
            let close = function.map(|function| function.parameters_close).or_else(bare);
            let Some(close) = close.filter(|close| lexed.is(*close, ")")) else { continue };
            if lexed.is(close + 1, "const") {
                continue;
            }
            let edit = case.insert(lexed.code[close].end, " const");
            all.push(Candidate::new(MistakeId::MissingConst, CALLED_ON_FIXED, vec![edit]).guess());
        }
    }
}

/// Whether a member of its own object is asked for a method of the library that changes it.
fn own_member(case: &Case) -> bool {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut objects = line.filter(|at| matches!(lexed.word(at + 1), "." | "->"));
    objects.any(|at| {
        let member = case.text.names.of(lexed.word(at)).any(|one| one.kind == NameKind::Member);
        member && case.text.names.of(lexed.word(at + 2)).next().is_none()
    })
}

/// A method that says it changes nothing, and sets a member (seen with g++ 12 and clang 14).
fn changes(case: &Case, all: &mut Vec<Candidate>) {
    let said = &case.message.text;
    let set = said.contains(" of member '") && said.contains(" in read-only object")
        || said.contains("within const member function '")
        || said.contains("no match for 'operator=' (operand types are 'const ")
        || said.contains("as 'this' argument discards qualifiers") && own_member(case);
    let function = set.then(|| function_around(case, case.token)).flatten();
    let Some(close) = function.map(|function| function.parameters_close) else { return };
    let lexed = case.lexed();
    if lexed.is(close + 1, "const") {
        let edit = Edit::delete(case.file(), lexed.code[close].end, lexed.code[close + 1].end);
        all.push(Candidate::new(MistakeId::ConstChanges, CHANGES, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
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
    #[test]
    fn a_method_that_sets_a_member_does_not_say_so() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Quay {\n    int boats = 0;\npublic:\n    void moor() const { <|>boats++; }\n};\n",
            "increment of member 'Quay::boats' in read-only object",
            "class Quay {\n    int boats = 0;\npublic:\n    void moor() { boats++; }\n};\n",
        );
    }
}
