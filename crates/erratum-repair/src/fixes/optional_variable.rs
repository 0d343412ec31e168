//! Rust: a variable that begins with nothing says so in its type: `let mut best: Tide = None;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// It begins with nothing.
const BEGINS_SO: Factor = evidence("the variable begins with nothing", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "optional-variable",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn go() {\n    let mut best: Tide = <|>None;\n    best = Some(low());\n}\n",
        message: "[E0308] mismatched types",
        after: "fn go() {\n    let mut best: Option<Tide> = None;\n    best = Some(low());\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let nothing = case.token;
    if !case.language().borrows
        || case.message.text != "mismatched types"
        || !lexed.is(nothing, "None")
        || lexed.before(nothing) != "="
        || !lexed.is(nothing + 1, ";")
    {
        return;
    }
    let start = case.statement_start(nothing);
    let name = start + 1 + usize::from(lexed.is(start + 1, "mut"));
    let typed = lexed.is(start, "let") && lexed.is(name + 1, ":") && !lexed.is(name + 2, "Option");
    if typed && nothing > name + 3 {
        let edits = vec![
            case.insert(lexed.code[name + 2].start, "Option<"),
            case.insert(lexed.code[nothing - 2].end, ">"),
        ];
        all.push(Candidate::new(MistakeId::WrongType, BEGINS_SO, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn what_is_given_nothing_later_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go() {\n    let mut best: u32 = 3;\n    best = <|>None;\n}\n",
            "[E0308] mismatched types",
        );
    }
}
