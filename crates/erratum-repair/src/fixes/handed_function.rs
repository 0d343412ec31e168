//! `qsort(boats, n, size, by_name())`: a function that is handed on is not called, so it has no brackets.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A call without values stands as a whole value of another one, and its function takes some.
const HANDED_ON: Factor = evidence("a function that takes values is handed on without any", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "handed-function",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int by_name(const void *a, const void *b);\nvoid sort(int (*by)(const void *, const void *));\nvoid go(void) {\n    sort(<|>by_name());\n}\n",
        message: "too few arguments to function 'by_name'",
        after: "int by_name(const void *a, const void *b);\nvoid sort(int (*by)(const void *, const void *));\nvoid go(void) {\n    sort(by_name);\n}\n",
    },
};

/// What compilers say of a call that gives nothing (seen with gcc 12, tsc 5.9, rustc 1.95, go 1.19, mcs 6.8
/// and scalac 2.11).
const NOTHING_GIVEN: &[&str] = &[
    "too few arguments to function",
    "but got 0",
    "but 0 arguments were supplied",
    "not enough arguments",
    "takes '0' arguments",
    "takes `0' arguments",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if !NOTHING_GIVEN.iter().any(|words| said.contains(words)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.filter(|at| lexed.is(*at, "(") && lexed.is(at + 1, ")")) {
        let Some(name) = open.checked_sub(1) else { continue };
        let named = lexed.kind(name) == Some(TokenKind::Name)
            && matches!(lexed.before(name), "(" | ",")
            && matches!(lexed.word(open + 2), ")" | ",");
        let outer = case.text.pairs.inside_of(name);
        let within = outer.is_some_and(|outer| {
            outer.checked_sub(1).is_some_and(|at| lexed.kind(at) == Some(TokenKind::Name))
        });
        let told = said.contains(lexed.word(name)) || !said.contains('\'');
        if named && within && told {
            let edit = Edit::delete(case.file(), lexed.code[open].start, lexed.code[open + 1].end);
            all.push(Candidate::new(MistakeId::WrongArgument, HANDED_ON, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_is_handed_what_makes_each_of_it() {
        check_fix(
            &FAMILY,
            "typescript",
            "const label = (n: number) => `${n}`;\nconst all = [1].map(<|>label());\n",
            "[TS2554] Expected 1 arguments, but got 0.",
            "const label = (n: number) => `${n}`;\nconst all = [1].map(label);\n",
        );
    }

    #[test]
    fn a_call_by_itself_lacks_its_values() {
        check_no_fix(
            &FAMILY,
            "c",
            "int rise(int n);\nvoid go(void) {\n    <|>rise();\n}\n",
            "too few arguments to function 'rise'",
        );
    }
}
