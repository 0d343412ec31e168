//! A parameter, a field or a variable that is declared as one thing and given another each time: the type of what
//! it is given is meant. Where nothing tells that type, but all that is done with it is done with lists, a list of
//! what is declared is.

use super::flow::flow;
use super::told::{same_text, whole_type};
use super::value::{given, meant};
use super::{ENOUGH, said_here, worth};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::{Declared, NameKind};
use std::collections::BTreeSet;

/// All that it is given is of one other type, and two lines complain.
const GIVEN: Factor = weight("all that it is given is of another type", 8.0);
/// It is used as a list throughout.
const AS_LIST: Factor = weight("it is used as a list of what is declared", 7.0);

pub(super) fn held(case: &Case, declared: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let known = matches!(declared.kind, NameKind::Value | NameKind::Member);
    let Some(typed) = declared.typed.filter(|_| known).map(|typed| whole_type(case, typed)) else {
        return;
    };
    let now = text_of(case, typed);
    let uses = uses(case, declared);
    let calls = given(case, declared);
    if complaints(case, declared, &uses, &calls) < ENOUGH {
        return;
    }
    let mut flows: BTreeSet<String> = BTreeSet::new();
    let values = calls.iter().map(|(_, first, last)| (*first, *last));
    let set = uses.iter().filter_map(|at| value_at(case, *at));
    for (first, last) in values.chain(set) {
        flows.extend(flow(case, first, last));
    }
    // A value that fits speaks for the type that is written.
    if flows.iter().any(|one| same_text(one) == same_text(&now)) {
        return;
    }
    let mut flows = flows.into_iter();
    let (wanted, factor) = match (flows.next(), flows.next()) {
        (Some(only), None) => (lent(&only), GIVEN),
        (None, _) if uses.iter().any(|at| is_list_use(case, *at)) => match list_of(case, &now) {
            Some(list) => (list, AS_LIST),
            None => return,
        },
        _ => return,
    };
    if same_text(&wanted) == same_text(&now) {
        return;
    }
    let edit = Edit::replace(
        case.file(),
        lexed.code[typed.0].start,
        lexed.code[typed.1].end,
        dressed(&wanted, &now),
    );
    all.push(Candidate::new(MistakeId::WrongType, worth(factor, ENOUGH), vec![edit]).guess());
}

/// Where what is declared is used.
pub(super) fn uses(case: &Case, declared: &Declared) -> Vec<usize> {
    let lexed = case.lexed();
    let seen = case.text.names.seen.get(lexed.word(declared.token)).map_or(&[][..], Vec::as_slice);
    let field = declared.kind == NameKind::Member && case.language().borrows;
    let here = |at: &usize| {
        let meant = meant(case, *at).is_some_and(|one| one.token == declared.token);
        let declares = case.text.names.declared.iter().any(|one| one.token == *at);
        !declares && (meant || field && names_field(case, *at, declared))
    };
    seen.iter().copied().filter(here).collect()
}

/// Rust: whether an object is made there whose field is called like the value: `Pier { name, depths }`.
pub(super) fn names_field(case: &Case, at: usize, field: &Declared) -> bool {
    let lexed = case.lexed();
    let same = lexed.word(at) == lexed.word(field.token) && case.language().borrows;
    let listed =
        same && matches!(lexed.before(at), "{" | ",") && matches!(lexed.word(at + 1), "}" | ",");
    let made = case.text.pairs.inside_of(at).filter(|open| listed && lexed.is(*open, "{"));
    let of = case.text.pairs.inside_of(field.token).map_or("", |open| lexed.before(open));
    made.is_some_and(|open| {
        !of.is_empty() && matches!(lexed.before(open), word if word == of || word == "Self")
    })
}

/// On how many lines an error stands where it is used, or given.
fn complaints(
    case: &Case,
    declared: &Declared,
    uses: &[usize],
    calls: &[(usize, usize, usize)],
) -> usize {
    let lexed = case.lexed();
    let places = uses.iter().copied().chain(calls.iter().map(|(call, ..)| *call));
    let lines: BTreeSet<u32> = places.map(|at| lexed.code[at].line).collect();
    let said: BTreeSet<u32> = said_here(case).into_iter().map(|(_, line)| line).collect();
    let own = lexed.code[declared.token].line;
    lines.intersection(&said).filter(|line| **line != own).count()
}

/// The value that a use sets it to: behind `=`, behind the name of a field, or in the brackets of a constructor.
fn value_at(case: &Case, at: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let (before, behind) = (lexed.before(at), lexed.word(at + 1));
    let listed = matches!(before, "{" | ",");
    let open = case.text.pairs.inside_of(at);
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let until = |from: usize| {
        let end = close?;
        let inside = |one: &usize| case.text.pairs.inside_of(*one) == open;
        let comma = (from..end).filter(inside).find(|one| lexed.is(*one, ","));
        Some((from, comma.unwrap_or(end) - 1))
    };
    match behind {
        "=" | ":=" if !listed => {
            let end = case.statement_end(at);
            Some((at + 2, if lexed.is(end, ";") { end - 1 } else { end }))
        }
        ":" | "=" if listed => until(at + 2),
        // Rust: a field that is called like the value.
        "," | "}" if listed && case.language().borrows => Some((at, at)),
        "(" if case.language().directives && matches!(before, ":" | ",") => {
            let close = case.text.pairs.partner_of(at + 1)?;
            (close > at + 2).then_some((at + 2, close - 1))
        }
        _ => None,
    }
}

/// Whether a use is one of a list: a loop goes over it, it is numbered, or something is added.
fn is_list_use(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let before = lexed.before(at);
    let looped = matches!(before, "in" | "of" | "range" | "<-" | ":" | "...")
        && lexed
            .on_line(lexed.code[at].line)
            .any(|one| matches!(lexed.word(one), "for" | "foreach" | "..."));
    looped || lexed.is(at + 1, "[")
}

/// The type of a list of something.
pub(super) fn list_of(case: &Case, element: &str) -> Option<String> {
    let (before, behind) = case.language().list_around?;
    let bare = element.trim_start_matches('&').trim();
    Some(format!("{before}{bare}{behind}"))
}

/// Rust: what is lent of a list is a part of it.
fn lent(typed: &str) -> String {
    let inner = typed.strip_prefix("&Vec<").and_then(|rest| rest.strip_suffix('>'));
    inner.map_or_else(|| typed.to_owned(), |inner| format!("&[{inner}]"))
}

/// A type with the marks that the other one has: `const Tide &`, `&Tide`.
fn dressed(wanted: &str, now: &str) -> String {
    let wanted = wanted.trim();
    // C names a structure with its word.
    let tag = ["struct ", "enum ", "union "].into_iter().find(|tag| now.contains(tag));
    let tag = tag.filter(|tag| !wanted.contains(tag)).unwrap_or("");
    let constant = now.starts_with("const ") && !wanted.starts_with("const ");
    let reference = now.ends_with('&') && !wanted.ends_with(['&', '*']);
    let lent = now.starts_with('&') && !wanted.starts_with('&');
    format!(
        "{}{}{tag}{wanted}{}",
        if constant { "const " } else { "" },
        if lent { "&" } else { "" },
        if reference { "&" } else { "" },
    )
}
