//! Rust: a sum that is declared with another type than what is summed: `let sum: i32 = feet.iter().sum();`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The message tells what is summed.
const TOLD: Factor = weight("the values that are summed have this type", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "summed",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn total(feet: &[u32]) {\n    let sum: i32 = feet.iter().<|>sum();\n    println!(\"{}\", sum);\n}\n",
        message: "[E0277] a value of type `i32` cannot be made by summing an iterator over elements of type `&u32`",
        after: "fn total(feet: &[u32]) {\n    let sum: u32 = feet.iter().sum();\n    println!(\"{}\", sum);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let Some((before, rest)) = said.split_once("` cannot be made by ") else { return };
    let Some(wanted) = before.rsplit('`').next() else { return };
    let element =
        rest.split_once("over elements of type `").and_then(|(_, rest)| rest.split('`').next());
    let Some(element) = element.map(|element| element.trim_start_matches('&')) else { return };
    let start = case.statement_start(case.token);
    let declared = case
        .text
        .names
        .declared
        .iter()
        .filter(|declared| (start..case.token).contains(&declared.token));
    for (first, last) in declared.filter_map(|declared| declared.typed) {
        if text_of(case, (first, last)) == wanted && case.language().is_type(element) {
            let (from, to) = (lexed.code[first].start, lexed.code[last].end);
            let edit = Edit::replace(case.file(), from, to, element);
            all.push(Candidate::new(MistakeId::WrongType, TOLD, vec![edit]).guess());
        }
    }
}
