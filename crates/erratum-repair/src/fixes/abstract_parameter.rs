//! C++: an object of an abstract class is handed on by its reference, not as a copy.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An abstract class has no objects of its own to copy.
const BY_REFERENCE: Factor = evidence("an object of an abstract class cannot be copied", 8.0);
/// What the list holds, a pointer, is taken as it is.
const AS_POINTER: Factor = evidence("the list holds pointers", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "abstract-parameter",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Quay {\n    virtual int boats() = 0;\n};\n\nint go(Quay <|>quay) {\n    return quay.boats();\n}\n",
        message: "cannot declare parameter 'quay' to be of abstract type 'Quay'",
        after: "struct Quay {\n    virtual int boats() = 0;\n};\n\nint go(Quay& quay) {\n    return quay.boats();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12 and clang 14.
    let said = &case.message.text;
    if !said.contains("abstract") || !lexed.language.directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let quoted = |at: &usize| said.contains(&format!("'{}'", lexed.word(*at)));
    for typed in line.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)).filter(quoted) {
        let name = lexed.kind(typed + 1) == Some(TokenKind::Name);
        let parameter = matches!(lexed.before(typed), "(" | "," | "const");
        if !name || !parameter || !matches!(lexed.word(typed + 2), ")" | "," | ":") {
            continue;
        }
        let edit = case.insert(lexed.code[typed].end, "&");
        // `for (Quay quay : quays)` over a list of pointers takes each as it is.
        let pointed = lexed.is(typed + 2, ":") && holds_pointers(case, lexed.word(typed + 3));
        let edit = match pointed {
            true => case.insert(lexed.code[typed].end, "*"),
            false => edit,
        };
        let why = if pointed { AS_POINTER } else { BY_REFERENCE };
        all.push(Candidate::new(MistakeId::AbstractObject, why, vec![edit]).guess());
        return;
    }
}

/// Whether a list is declared to hold pointers, as in `std::vector<Quay*> quays`.
fn holds_pointers(case: &Case, list: &str) -> bool {
    let lexed = case.lexed();
    case.text.names.of(list).any(|declared| {
        declared.typed.is_some_and(|(first, last)| {
            (first..=last).any(|at| lexed.is(at, "*") && matches!(lexed.word(at + 1), ">" | ">>"))
        })
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_loop_over_pointers_takes_each_as_it_is() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Quay {\n    virtual int boats() = 0;\n};\n\nint go(std::vector<Quay*> all) {\n    int sum = 0;\n    for (Quay <|>q : all) sum += q->boats();\n    return sum;\n}\n",
            "cannot declare variable 'q' to be of abstract type 'Quay'",
            "struct Quay {\n    virtual int boats() = 0;\n};\n\nint go(std::vector<Quay*> all) {\n    int sum = 0;\n    for (Quay* q : all) sum += q->boats();\n    return sum;\n}\n",
        );
    }

    #[test]
    fn an_object_that_is_made_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Quay {\n    virtual int boats() = 0;\n};\n\nint go() {\n    Quay <|>quay;\n    return quay.boats();\n}\n",
            "cannot declare variable 'quay' to be of abstract type 'Quay'",
        );
    }
}
