//! Rust: `Ok` without the nothing that it holds, at the end of a function that gives back `Result<(), String>`.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The function gives back nothing where all went well.
const HOLDS_NOTHING: Factor = evidence("the function gives back nothing where all went well", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "nothing-given",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn lend(boat: &str) -> Result<(), String> {\n    <|>Ok\n}\n",
        message: "[E0308] mismatched types",
        after: "fn lend(boat: &str) -> Result<(), String> {\n    Ok(())\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let bare = |at: &usize| matches!(lexed.word(*at), "Ok" | "Some");
    let Some(at) = line.find(bare).filter(|_| case.language().borrows) else { return };
    let Some((first, last)) = function_around(case, at).and_then(|around| around.returns) else {
        return;
    };
    let returned = text_of(case, (first, last));
    let nothing = returned.split_once('<').is_some_and(|(_, held)| held.starts_with("()"));
    // `Ok()` holds no value, and nothing is one.
    let empty = lexed.is(at + 1, "(") && lexed.is(at + 2, ")");
    if !nothing || lexed.is(at + 1, "(") && !empty || lexed.is(at + 1, "::") {
        return;
    }
    let edit = match empty {
        true => case.insert(lexed.code[at + 1].end, "()"),
        false => case.insert(lexed.code[at].end, "(())"),
    };
    all.push(Candidate::new(MistakeId::MissingArgument, HOLDS_NOTHING, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn what_holds_a_value_is_given_one() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn lend(boat: &str) -> Result<u32, String> {\n    <|>Ok\n}\n",
            "[E0308] mismatched types",
        );
    }
}
