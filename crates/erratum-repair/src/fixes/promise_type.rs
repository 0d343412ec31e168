//! TypeScript: an `async` function gives a promise of what it returns.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// The message says which type belongs there.
const TOLD: Factor = evidence("the message says which type belongs there", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "promise-type",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "async function tide(): <|>number {\n  return 3;\n}\n",
        message: "[TS1064] The return type of an async function or method must be the global Promise<T> type. Did you mean to write 'Promise<number>'?",
        after: "async function tide(): Promise<number> {\n  return 3;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.message.code.as_deref() != Some("TS1064") {
        return;
    }
    // The message points at the type.
    let functions = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    let around = functions.filter_map(|one| one.typed);
    let typed = around.into_iter().find(|(first, last)| (*first..=*last).contains(&case.token));
    let typed = typed.unwrap_or((case.token, case.token));
    let told =
        case.message.text.rsplit("'Promise<").next().and_then(|rest| rest.split('\'').next());
    let wanted = told.map_or_else(
        || format!("Promise<{}>", text_of(case, typed)),
        |told| format!("Promise<{told}"),
    );
    let (from, to) = (lexed.code[typed.0].start, lexed.code[typed.1].end);
    let edit = Edit::replace(case.file(), from, to, wanted);
    all.push(Candidate::new(MistakeId::WrongReturnType, TOLD, vec![edit]).guess());
}
