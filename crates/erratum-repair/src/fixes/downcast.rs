//! An object of a class where one that is built on it is wanted: the conversion is written out.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The class that is wanted is built on the one that is there.
const BUILT_ON: Factor = weight("the class that is wanted is built on the other", 2.2);

pub(super) static FAMILY: Family = Family {
    id: "downcast",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Boat {}\nclass Tug extends Boat {}\nclass Quay {\n    Boat first;\n    Tug tug() {\n        Tug tug = <|>first;\n        return tug;\n    }\n}\n",
        message: "incompatible types: Boat cannot be converted to Tug",
        after: "class Boat {}\nclass Tug extends Boat {}\nclass Quay {\n    Boat first;\n    Tug tug() {\n        Tug tug = (Tug) first;\n        return tug;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Languages that write `(Tug) boat`: they make objects with `new` and know `this.`.
    let language = case.language();
    if !language.type_first || language.directives {
        return;
    }
    let (Some(from), Some(to)) = (case.word("from"), case.word("to")) else { return };
    let declared = case.text.names.of(to).find(|one| one.kind == NameKind::Type);
    let built = declared.is_some_and(|one| {
        let head = lexed.on_line(lexed.code[one.token].line);
        (one.token + 1..head.end).any(|at| lexed.is(at, from))
    });
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let behind = |at: &usize| matches!(lexed.word(*at), "=" | "return");
    if let Some(mark) = (start..end).find(behind).filter(|_| built) {
        let edit = case.insert(lexed.code[mark + 1].start, format!("({to}) "));
        all.push(Candidate::new(MistakeId::CastRules, BUILT_ON, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn classes_that_have_nothing_in_common_are_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Boat {}\nclass Tug {}\nclass Quay {\n    Tug tug(Boat first) {\n        return <|>first;\n    }\n}\n",
            "incompatible types: Boat cannot be converted to Tug",
        );
    }
}
