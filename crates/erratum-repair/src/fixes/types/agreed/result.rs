//! A result of another type than all that a function gives back, and than all that its calls are used for.

use super::super::found_types;
use super::super::returns::is_kept_elsewhere;
use super::told::{
    is_written, same_text, tells, tells_instead, texts_alike, value_type, whole_type,
};
use super::{ENOUGH, said_here, worth};
use crate::fixes::shape::{
    Function, calls_near, routine_around, routine_at, routine_name, text_of, type_of,
};
use crate::fixes::{Candidate, Case};
use crate::message::Message;
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;
use std::collections::BTreeSet;

/// Two lines, what is returned or what a call is used for, want the same other type, and none the one that
/// is written.
const AGREE: Factor = weight("what is returned and what it is used for want another type", 6.3);

/// What stands for nothing in place of an object, as compilers call it.
const NOTHING: &[&str] = &["nullptr_t", "null", "NULL", "void *", "nil"];

/// The result of the function in which a value does not fit, or of one that is called there.
pub(super) fn results(case: &Case, all: &mut Vec<Candidate>) {
    let around = routine_around(case, case.token).filter(|one| line_returns(case, one));
    let called = calls_near(case).into_iter().filter_map(|call| {
        let name = case.lexed().word(call.name);
        let mut named = case.text.names.of(name).filter(|one| one.kind == NameKind::Function);
        named.find_map(|declared| routine_at(case, declared.token))
    });
    for function in around.into_iter().chain(called) {
        result_of(case, &function, all);
    }
}

fn result_of(case: &Case, function: &Function, all: &mut Vec<Candidate>) {
    let Some(typed) = function.returns.map(|typed| whole_type(case, typed)) else { return };
    let now = text_of(case, typed);
    if is_kept_elsewhere(case, function, &now) {
        return;
    }
    let mut wanted: Vec<String> = found_types(case);
    wanted.extend(case.message.text.split('\'').skip(1).step_by(2).map(str::to_owned));
    let nothing = matches!(now.as_str(), "void" | "Unit" | "()");
    if nothing {
        wanted = returns(case, function)
            .find_map(|(at, end)| type_of(case, at + 1, end))
            .into_iter()
            .collect();
    }
    let mut seen = BTreeSet::new();
    for typed_as in wanted.iter().map(|one| value_type(case, one)) {
        let (one, other) = (same_text(&typed_as), same_text(&now));
        if one == other
            || texts_alike(case, &one, &other)
            || !seen.insert(one)
            || !is_written(case, &typed_as)
        {
            continue;
        }
        let Some(lines) =
            agreeing(case, function, &now, &typed_as, nothing).filter(|n| *n >= ENOUGH)
        else {
            continue;
        };
        let edits = headers(case, function, &now, &typed_as);
        let score = worth(AGREE, lines);
        all.push(Candidate::new(MistakeId::WrongReturnType, score, edits).guess());
    }
}

/// Writes the result of a function anew, where it is declared before, too.
fn headers(case: &Case, function: &Function, now: &str, wanted: &str) -> Vec<Edit> {
    let lexed = case.lexed();
    let name = routine_name(case, function).map_or("", |name| lexed.word(name));
    let own = function.returns.map(|typed| whole_type(case, typed));
    let prototypes = case.text.names.of(name).filter(|one| {
        let behind =
            (one.token..lexed.code.len()).find(|at| lexed.divides(*at) || lexed.is(*at, ";"));
        one.kind == NameKind::Function && behind.is_some_and(|at| lexed.is(at, ";"))
    });
    let prototypes = prototypes.filter_map(|one| Some(whole_type(case, one.typed?)));
    let mut all: Vec<(usize, usize)> = own.into_iter().chain(prototypes).collect();
    all.sort_unstable();
    all.dedup();
    all.retain(|typed| same_text(&text_of(case, *typed)) == same_text(now));
    let edit = |(first, last): (usize, usize)| {
        Edit::replace(case.file(), lexed.code[first].start, lexed.code[last].end, wanted)
    };
    all.into_iter().map(edit).collect()
}

/// On how many lines what a function gives back, or what its result is used for, is of another type than
/// the one that is written. Nothing if a line wants the one that is written, or a third one.
fn agreeing(
    case: &Case,
    function: &Function,
    now: &str,
    wanted: &str,
    nothing: bool,
) -> Option<usize> {
    let lexed = case.lexed();
    let line = |at: usize| lexed.code.get(at).map_or(0, |token| token.line);
    let close = function.close?;
    let body = line(function.open)..=line(close);
    let said = said_here(case);
    let mut lines = BTreeSet::new();
    for (at, end) in returns(case, function) {
        let own = line(at)..=line(end);
        let message = said
            .iter()
            .find(|(one, line)| own.contains(line) && (nothing || tells(case, one, now)));
        // What fits the type that is written speaks for it.
        let (message, at) = message?;
        if !nothing && !tells_instead(case, message, wanted, now) && !tells_nothing(message, wanted)
        {
            return None;
        }
        lines.insert(*at);
    }
    if case.language().returns_unsaid || case.language().borrows {
        let of_result = |one: &Message| case.language().returns_unsaid || one.of_result().is_some();
        let last = said.iter().filter(|(one, line)| body.contains(line) && of_result(one));
        let last =
            last.filter(|(one, _)| tells(case, one, now) && tells_instead(case, one, wanted, now));
        lines.extend(last.map(|(_, line)| *line));
    }
    let name = routine_name(case, function)?;
    let uses = case.text.names.seen.get(lexed.word(name))?;
    for at in uses.iter().filter(|at| !body.contains(&line(**at)) && line(**at) != line(name)) {
        let own = line(*at);
        match said.iter().find(|(_, line)| *line == own) {
            Some((message, _))
                if tells(case, message, now)
                    && (nothing || tells_instead(case, message, wanted, now)) =>
            {
                lines.insert(own);
            }
            Some(_) => {}
            // What is declared with the type that is written gets what it wants.
            None if !nothing && declares(case, own, now) => return None,
            None => {}
        }
    }
    Some(lines.len())
}

/// Whether the line of a message gives something back.
fn line_returns(case: &Case, function: &Function) -> bool {
    let lexed = case.lexed();
    let at = case.token;
    case.language().returns_unsaid
        || case.message.of_result().is_some()
        || returns(case, function).any(|(start, end)| {
            let lines = lexed.code[start].line..=lexed.code.get(end).map_or(0, |token| token.line);
            lexed.code.get(at).is_some_and(|token| lines.contains(&token.line))
        })
}

/// The first and the last token of each statement of a function that gives something back. What stands in a
/// function within it is not its own.
fn returns<'a>(case: &'a Case, function: &Function) -> impl Iterator<Item = (usize, usize)> + 'a {
    let lexed = case.lexed();
    let open = function.open;
    let close = function.close.unwrap_or(lexed.code.len());
    let by_name = case.language().returns_by_name;
    let name =
        routine_name(case, function).map_or(String::new(), |name| lexed.word(name).to_owned());
    let own = move |at: &usize| routine_around(case, *at).is_some_and(|inner| inner.open == open);
    let gives = move |at: &usize| {
        let word = lexed.word(*at);
        if by_name {
            let named = word.eq_ignore_ascii_case(&name) || word.eq_ignore_ascii_case("result");
            return named && lexed.is(at + 1, ":=");
        }
        word == "return" && !matches!(lexed.word(at + 1), ";" | "}")
    };
    let end = |at| case.statement_end(at).saturating_sub(1).max(at + 1);
    (open..close).filter(gives).filter(own).map(move |at| (at, end(at)))
}

/// Whether a line declares something with a type.
fn declares(case: &Case, line: u32, typed: &str) -> bool {
    let lexed = case.lexed();
    let mut here = case.text.names.declared.iter().filter(|one| lexed.code[one.token].line == line);
    here.any(|one| {
        one.kind != NameKind::Function
            && one.typed.is_some_and(|its| same_text(&text_of(case, its)) == same_text(typed))
    })
}

/// Whether a message is about nothing in the place of an object that may not be there.
fn tells_nothing(message: &Message, wanted: &str) -> bool {
    let may = wanted.ends_with(['*', '?']) || wanted.starts_with(char::is_uppercase);
    may && NOTHING.iter().any(|one| message.text.contains(one))
}
