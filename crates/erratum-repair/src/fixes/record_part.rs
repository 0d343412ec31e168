//! Java: `stay.days` of a record: its parts are given by methods, `stay.days()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// A record gives its parts by methods.
const BY_METHOD: Factor = evidence("a record gives its parts by methods", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "record-part",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "record Stay(String boat, int days) {}\nclass Pier {\n    int go(Stay stay) {\n        return stay<|>.days;\n    }\n}\n",
        message: "days has private access in Stay",
        after: "record Stay(String boat, int days) {}\nclass Pier {\n    int go(Stay stay) {\n        return stay.days();\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17.
    let Some((name, class)) = case.message.text.split_once(" has private access in ") else {
        return;
    };
    let record = (1..lexed.code.len())
        .any(|at| lexed.is(at, class) && lexed.before(at) == "record" && lexed.is(at + 1, "("));
    let line = lexed.on_line(lexed.code[case.token].line);
    let parts = line.filter(|at| {
        lexed.is(*at, name) && lexed.before(*at) == "." && !lexed.is(at + 1, "(") && record
    });
    let edits: Vec<Edit> = parts.map(|at| case.insert(lexed.code[at].end, "()")).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::Uncalled, BY_METHOD, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_class_is_no_record() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Stay { private int days; }\nclass Pier {\n    int go(Stay stay) {\n        return stay<|>.days;\n    }\n}\n",
            "days has private access in Stay",
        );
    }
}
