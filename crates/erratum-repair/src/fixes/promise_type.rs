//! TypeScript: an `async` function gives a promise of what it returns.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, routine_name, text_of};
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

/// A promise is given where its value is wanted.
const NOBODY_WAITS: Factor = evidence("a promise is given where its value is wanted", 8.0);
/// A bare value is given back where a promise of it is wanted.
const BARE: Factor = evidence("the bare value is given back where a promise of it is wanted", 8.0);

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    waits_not(case, all);
    not_waited_for(case, all);
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

/// `const tide: Tide = load();` of a function that gives a promise: nobody waits for it.
fn not_waited_for(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let promised = case.message.text.strip_prefix("Type 'Promise<");
    let told = promised.and_then(|rest| rest.split_once(">' is ")).filter(|(inner, rest)| {
        let wanted = format!("type '{inner}'");
        rest.contains(&wanted)
    });
    let line = lexed.on_line(lexed.code[case.token].line);
    let mark = line.into_iter().find(|at| matches!(lexed.word(*at), "=" | "return"));
    let Some(mark) = mark.filter(|_| told.is_some()) else { return };
    let function = function_around(case, case.token);
    let waits = function.is_none_or(|function| {
        (case.statement_start(function.open)..function.open).any(|at| lexed.is(at, "async"))
    });
    if waits && !lexed.is(mark + 1, "await") {
        let edit = case.insert(lexed.code[mark + 1].start, "await ");
        all.push(Candidate::new(MistakeId::AwaitRules, NOBODY_WAITS, vec![edit]).guess());
    }
}

/// `function tide(): Promise<number> { return 3; }`: the word in front of it is lost.
fn waits_not(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let to = said.split_once("' is not assignable to type 'Promise<");
    let bare = to.is_some_and(|(given, _)| !given.contains("Promise<"));
    let lacks = said.contains("properties from type 'Promise<") && said.contains("then");
    let line = lexed.on_line(lexed.code[case.token].line);
    let returns = line.into_iter().any(|at| lexed.is(at, "return"));
    let Some(function) = function_around(case, case.token).filter(|_| returns) else { return };
    let Some(name) = routine_name(case, &function).filter(|_| bare || lacks) else { return };
    let start = if lexed.before(name) == "function" { name - 1 } else { name };
    if lexed.before(start) != "async" {
        let edit = case.insert(lexed.code[start].start, "async ");
        all.push(Candidate::new(MistakeId::AwaitRules, BARE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_promised_is_waited_for() {
        check_fix(
            &FAMILY,
            "typescript",
            "async function go(): Promise<void> {\n  const tide: Tide = <|>load();\n}\n",
            "[TS2740] Type 'Promise<Tide>' is missing the following properties from type 'Tide': low, high",
            "async function go(): Promise<void> {\n  const tide: Tide = await load();\n}\n",
        );
    }

    #[test]
    fn a_function_that_promises_and_gives_the_bare_value_is_async() {
        check_fix(
            &FAMILY,
            "typescript",
            "function tide(): Promise<number> {\n  <|>return 3;\n}\n",
            "[TS2322] Type 'number' is not assignable to type 'Promise<number>'.",
            "async function tide(): Promise<number> {\n  return 3;\n}\n",
        );
    }

    #[test]
    fn a_promise_of_another_value_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function tide(p: Promise<string>): Promise<number> {\n  <|>return p;\n}\n",
            "[TS2322] Type 'Promise<string>' is not assignable to type 'Promise<number>'.",
        );
    }
}
