//! A map that holds another kind of value than each use puts into it, or takes out.

use super::flow::flow;
use super::held::{list_of, uses};
use super::told::same_text;
use super::{ENOUGH, said_here, worth};
use crate::fixes::shape::call_at;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::{Declared, NameKind};
use std::collections::BTreeSet;

/// All that is put into it is of one other type, and two lines complain.
const PUT_IN: Factor = weight("all that is put into it is of another type", 8.5);
/// Its values are used as lists.
const AS_LISTS: Factor = weight("its values are used as lists", 8.0);

/// Methods that put a value in behind its key.
const PUTS: &[&str] = &["put", "set", "Add", "insert", "putIfAbsent", "update"];
/// Methods that put something into a list.
const ADDS: &[&str] = &["push", "push_back", "add", "Add", "append", "emplace_back"];

pub(super) fn parts(case: &Case, declared: &Declared, all: &mut Vec<Candidate>) {
    if declared.kind != NameKind::Value {
        return;
    }
    let places = value_types(case, declared);
    let Some((from, to)) = places.first().copied() else { return };
    let uses = uses(case, declared);
    if complaints(case, declared, &uses) < ENOUGH {
        return;
    }
    let lexed = case.lexed();
    let now = lexed.source.slice(from, to).trim().to_owned();
    let flows: BTreeSet<String> = uses
        .iter()
        .filter_map(|at| put_in(case, *at))
        .filter_map(|(a, b)| flow(case, a, b))
        .collect();
    if flows.iter().any(|one| same_text(one) == same_text(&now)) {
        return;
    }
    let mut flows = flows.into_iter();
    let (wanted, factor) = match (flows.next(), flows.next()) {
        (Some(only), None) => (only, PUT_IN),
        (None, _) if uses.iter().any(|at| value_is_list(case, *at)) => match list_of(case, &now) {
            Some(list) => (list, AS_LISTS),
            None => return,
        },
        _ => return,
    };
    let edit = |(from, to): (usize, usize)| {
        let blank = if lexed.source.slice(from, to).starts_with(' ') { " " } else { "" };
        Edit::replace(case.file(), from, to, format!("{blank}{wanted}"))
    };
    let edits = places.into_iter().map(edit).collect();
    all.push(Candidate::new(MistakeId::WrongType, worth(factor, ENOUGH), edits).guess());
}

/// On how many lines an error stands where the map is used, or what a loop takes from it.
fn complaints(case: &Case, declared: &Declared, uses: &[usize]) -> usize {
    let lexed = case.lexed();
    let mut lines: BTreeSet<u32> = uses.iter().map(|at| lexed.code[*at].line).collect();
    let taken = case.text.names.declared.iter().filter(|one| {
        one.kind == NameKind::Value
            && one.token != declared.token
            && uses.iter().any(|at| lexed.code[*at].line == lexed.code[one.token].line)
    });
    for one in taken.collect::<Vec<_>>() {
        lines.extend(self::uses(case, one).iter().map(|at| lexed.code[*at].line));
    }
    let said: BTreeSet<u32> = said_here(case).into_iter().map(|(_, line)| line).collect();
    lines.intersection(&said).count()
}

/// The bytes of the value's type in the declaration of a map, and where it is made.
fn value_types(case: &Case, declared: &Declared) -> Vec<(usize, usize)> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[declared.token].line);
    let mut found: Vec<(usize, usize)> = Vec::new();
    for open in line {
        // Go: `map[string]int{}`.
        if lexed.before(open) == "map" && lexed.is(open, "[") {
            let Some(close) = case.text.pairs.partner_of(open) else { continue };
            let end = (close + 1..lexed.code.len())
                .find(|at| matches!(lexed.word(*at), "{" | ")" | ",") || lexed.code[*at].first);
            found.extend(end.map(|end| (lexed.code[close].end, lexed.code[end - 1].end)));
        } else if let Some((first, last)) = last_of_two(case, open) {
            found.push((first, last));
        }
    }
    // What is made is of the declared types.
    let text = |(from, to): (usize, usize)| lexed.source.slice(from, to).trim().to_owned();
    let Some(first) = found.first().copied() else { return found };
    found.retain(|one| text(*one) == text(first));
    found
}

/// The bytes of the second of two types in brackets behind a name.
fn last_of_two(case: &Case, open: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let (opens, closes) = case.language().type_arguments?;
    let named = lexed.before(open).starts_with(char::is_alphabetic);
    if !lexed.is(open, opens) || !named {
        return None;
    }
    let (mut depth, mut commas) = (0_usize, Vec::new());
    for at in open..lexed.code.len().min(open + 24) {
        let word = lexed.word(at);
        if word == opens || matches!(word, "[" | "(") {
            depth += 1;
        } else if word == "," && depth == 1 {
            commas.push(at);
        } else if matches!(word, "]" | ")") && closes != word {
            depth = depth.checked_sub(1)?;
        } else if !word.is_empty() && word.replace(closes, "").is_empty() {
            depth = depth.checked_sub(word.len() / closes.len())?;
            if depth == 0 {
                let [comma] = commas[..] else { return None };
                return Some((lexed.code[comma].end, lexed.code[at].end - closes.len()));
            }
        } else if matches!(word, ";" | "{" | "}") {
            return None;
        }
    }
    None
}

/// The value that a use puts in: `all.put(key, value)`, `all[key] = value`.
fn put_in(case: &Case, at: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    if lexed.is(at + 1, ".") && PUTS.contains(&lexed.word(at + 2)) {
        let call = call_at(case, at + 3)?;
        return call.arguments.get(1).copied();
    }
    let close =
        case.text.pairs.partner_of(at + 1).filter(|_| matches!(lexed.word(at + 1), "[" | "("))?;
    if !lexed.is(close + 1, "=") {
        return None;
    }
    let end = case.statement_end(close);
    Some((close + 2, if lexed.is(end, ";") { end - 1 } else { end }))
}

/// Whether a value is taken out and used as a list: `all[key].push(value)`, `append(all[key], value)`.
fn value_is_list(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let appended = lexed.is(at.wrapping_sub(2), "append") && lexed.before(at) == "(";
    let line = lexed.on_line(lexed.code[at].line);
    let added = line.into_iter().any(|one| {
        one > at + 1
            && lexed.before(one) == "."
            && ADDS.contains(&lexed.word(one))
            && lexed.is(one + 1, "(")
    });
    // Scala: something is put in front of a list, or behind it.
    let line = lexed.on_line(lexed.code[at].line);
    let lists = case.language().list_around.is_some_and(|(before, _)| before == "List[");
    let added =
        added || lists && line.into_iter().any(|one| matches!(lexed.word(one), "::" | ":+"));
    (appended || added) && !(lexed.is(at + 1, ".") && ADDS.contains(&lexed.word(at + 2)))
}
