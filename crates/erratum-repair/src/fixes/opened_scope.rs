//! C++: a namespace is opened without its word: `using harbour;` for `using namespace harbour;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// What is named is a namespace.
const OPENED: Factor = evidence("a namespace is opened by two words", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "opened-scope",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "namespace harbour { int boats; }\nusing <|>harbour;\n",
        message: "expected nested-name-specifier before 'harbour'",
        after: "namespace harbour { int boats; }\nusing namespace harbour;\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let (word, name) = (line.start, line.start + 1);
    if line.len() != 3 || !lexed.is(word, "using") || !lexed.is(name + 1, ";") {
        return;
    }
    let own = (0..word).any(|at| {
        lexed.is(at, "namespace") && lexed.is(at + 1, lexed.word(name)) && lexed.is(at + 2, "{")
    });
    if own || lexed.is(name, case.language().namespace) {
        let edit = case.insert(lexed.code[name].start, "namespace ");
        all.push(Candidate::new(MistakeId::MissingWord, OPENED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn what_is_no_namespace_is_not_opened() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct harbour { int boats; };\nusing <|>harbour;\n",
            "expected nested-name-specifier before 'harbour'",
        );
    }
}
