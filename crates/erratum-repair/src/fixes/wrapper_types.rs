//! TypeScript: `String`, `Number` and `Boolean` are objects around a value; the plain types have small letters.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The compiler tells the object from the plain value.
const TOLD: Factor = evidence("the compiler tells the object from the plain value", 9.5);

/// The objects, as types.
const WRAPPERS: &[&str] = &["String", "Number", "Boolean"];

pub(super) static FAMILY: Family = Family {
    id: "wrapper-types",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function name(pier: String): string {\n  <|>return pier;\n}\n",
        message: "[TS2322] Type 'String' is not assignable to type 'string'. 'string' is a primitive, but 'String' is a wrapper object. Prefer using 'string' when possible.",
        after: "function name(pier: string): string {\n  return pier;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let told = said.split_once("is not assignable to ").map(|(given, _)| given);
    let object = WRAPPERS.iter().find(|name| {
        let plain = name.to_lowercase();
        told.is_some_and(|given| given.contains(&format!("'{name}'")))
            && said.contains(&format!("type '{plain}'"))
    });
    let Some(object) = object else { return };
    // A type stands behind its colon, or in angle brackets.
    let typed = (1..lexed.code.len()).filter(|at| {
        let behind = matches!(lexed.before(*at), ":" | "<" | "|" | "as");
        behind && lexed.is(*at, object) && !lexed.is(at + 1, "(")
    });
    let edits: Vec<Edit> = typed.map(|at| case.replace_token(at, object.to_lowercase())).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ForeignWord, TOLD, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_plain_value_for_an_object_is_sound() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function name(pier: number): string {\n  <|>return pier;\n}\n",
            "[TS2322] Type 'number' is not assignable to type 'string'.",
        );
    }
}
