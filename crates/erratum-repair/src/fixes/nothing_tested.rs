//! TypeScript: a value that may be missing is tested for the other nothing: `lamp !== null` where it may be
//! `undefined`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The value was tested, for the other nothing.
const OTHER_NOTHING: Factor = evidence("it is tested for the other nothing", 8.5);

/// How many tokens above the reported place a test is looked for.
const REACH: usize = 60;

pub(super) static FAMILY: Family = Family {
    id: "nothing-tested",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const lamp = find(\"red\");\nif (lamp !== null) {\n    show(<|>lamp.name);\n}\n",
        message: "[TS18048] 'lamp' is possibly 'undefined'.",
        after: "const lamp = find(\"red\");\nif (lamp !== undefined) {\n    show(lamp.name);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = &case.message.text;
    // Seen with tsc 5.9.
    let (there, wanted) = match () {
        () if said.ends_with("is possibly 'undefined'.") => ("null", "undefined"),
        () if said.ends_with("is possibly 'null'.") => ("undefined", "null"),
        () => return,
    };
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    let tested = (case.token.saturating_sub(REACH)..case.token).rev().find(|at| {
        lexed.is(*at, there)
            && matches!(lexed.before(*at), "!==" | "===")
            && *at >= 2
            && lexed.is(at - 2, name)
            && lexed.before(at - 2) != "."
    });
    if let Some(at) = tested {
        let edit = case.replace_token(at, wanted);
        all.push(Candidate::new(MistakeId::MaybeNothing, OTHER_NOTHING, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_early_way_out_is_a_test_too() {
        check_fix(
            &FAMILY,
            "typescript",
            "if (lamp === undefined) return;\nshow(<|>lamp.name);\n",
            "[TS18047] 'lamp' is possibly 'null'.",
            "if (lamp === null) return;\nshow(lamp.name);\n",
        );
    }

    #[test]
    fn the_test_of_another_value_is_let_be() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "if (buoy !== null) {\n    show(<|>lamp.name);\n}\n",
            "[TS18048] 'lamp' is possibly 'undefined'.",
        );
    }
}
