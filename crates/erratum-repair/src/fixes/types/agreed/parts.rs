//! A map that holds another kind of value than each use puts into it, or takes out.

use super::flow::flow;
use super::held::{lines_of, list_of, uses};
use super::told::same_text;
use super::{ENOUGH, said_here, worth};
use crate::fixes::boxed::BOXED;
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

/// All that its keys are asked by is of one other type, and two lines complain.
const ASKED_BY: Factor = weight("all that it is asked by is of another type", 8.5);

/// Methods that ask by a key.
const ASKS: &[&str] = &[
    "put",
    "get",
    "set",
    "has",
    "at",
    "insert",
    "containsKey",
    "ContainsKey",
    "contains",
    "contains_key",
    "remove",
    "count",
    "find",
    "getOrDefault",
    "getOrElse",
    "get_mut",
    "entry",
    "Add",
    "delete",
    "TryGetValue",
    "putIfAbsent",
];

pub(super) fn parts(case: &Case, declared: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let of_map = matches!(declared.kind, NameKind::Value | NameKind::Member);
    let maps = if of_map { map_types(case, declared) } else { Vec::new() };
    let Some(first) = maps.first().copied() else { return };
    let uses = uses(case, declared);
    let said: BTreeSet<u32> = said_here(case).into_iter().map(|(_, line)| line).collect();
    let complaints = lines_of(case, declared, &uses).intersection(&said).count();
    if complaints == 0 {
        return;
    }
    let text = |(from, to): (usize, usize)| lexed.source.slice(from, to).trim().to_owned();
    let typed = |values: &mut dyn Iterator<Item = (usize, usize)>| -> BTreeSet<String> {
        let flows = values.filter_map(|(first, last)| flow(case, first, last));
        flows.map(|one| owned(case, &one)).collect()
    };
    let mut change = |part: fn(&Map) -> (usize, usize), wanted: &str, factor: Factor| {
        let edit = |map: &Map| {
            let (from, to) = part(map);
            let blank = if lexed.source.slice(from, to).starts_with(' ') { " " } else { "" };
            Edit::replace(case.file(), from, to, format!("{blank}{wanted}"))
        };
        let edits = maps.iter().map(edit).collect();
        all.push(Candidate::new(MistakeId::WrongType, worth(factor, ENOUGH), edits).guess());
    };
    let (key, value) = (text(first.key), text(first.value));
    let asked: Vec<(usize, usize)> = uses.iter().filter_map(|at| asked_by(case, *at)).collect();
    let keys = typed(&mut asked.iter().copied());
    // javac asks for no type where a map is only asked: each use counts.
    if let [only] = &keys.into_iter().collect::<Vec<_>>()[..]
        && same_text(only) != same_text(&key)
        && complaints.max(asked.len()) >= ENOUGH
    {
        change(|map| map.key, only, ASKED_BY);
    }
    if complaints < ENOUGH {
        return;
    }
    let put: Vec<(usize, usize)> = uses.iter().filter_map(|at| put_in(case, *at)).collect();
    let values = typed(&mut put.iter().copied());
    // One plain value that is put in may be the slip itself.
    let lists = |typed: &str| typed.contains(['<', '[']);
    match &values.into_iter().collect::<Vec<_>>()[..] {
        [only] if same_text(only) == same_text(&value) => {}
        [only] if put.len() >= ENOUGH || lists(only) => change(|map| map.value, only, PUT_IN),
        [] if uses.iter().any(|at| value_is_list(case, *at)) => {
            if let Some(list) = list_of(case, &value) {
                change(|map| map.value, &list, AS_LISTS);
            }
        }
        _ => {}
    }
}

/// A type as a map holds it: not lent, and in a language with plain types as an object.
fn owned(case: &Case, typed: &str) -> String {
    let bare = typed.trim_start_matches('&').trim_end_matches('&').trim();
    let bare = bare.strip_prefix("const ").unwrap_or(bare);
    if case.language().borrows && bare == "str" {
        return "String".to_owned();
    }
    let boxed = BOXED.iter().find(|(_, plain)| case.language().generic_objects && *plain == bare);
    boxed.map_or(bare, |(class, _)| *class).to_owned()
}

/// The types of a map where they are written: bytes from and to.
#[derive(Clone, Copy)]
struct Map {
    key: (usize, usize),
    value: (usize, usize),
}

/// The types in the declaration of a map, and where it is made.
fn map_types(case: &Case, declared: &Declared) -> Vec<Map> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[declared.token].line);
    let mut found: Vec<Map> = Vec::new();
    for open in line {
        // Go: `map[string]int{}`.
        if lexed.before(open) == "map" && lexed.is(open, "[") {
            let Some(close) = case.text.pairs.partner_of(open) else { continue };
            let end = (close + 1..lexed.code.len())
                .find(|at| matches!(lexed.word(*at), "{" | ")" | ",") || lexed.code[*at].first);
            let key = (lexed.code[open].end, lexed.code[close].start);
            let value = end.map(|end| (lexed.code[close].end, lexed.code[end - 1].end));
            found.extend(value.map(|value| Map { key, value }));
        } else {
            found.extend(of_two(case, open));
        }
    }
    // What is made is of the declared types.
    let text = |(from, to): (usize, usize)| lexed.source.slice(from, to).trim().to_owned();
    let Some(first) = found.first().copied() else { return found };
    found.retain(|one| text(one.value) == text(first.value) && text(one.key) == text(first.key));
    found
}

/// The two types in brackets behind a name.
fn of_two(case: &Case, open: usize) -> Option<Map> {
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
                let key = (lexed.code[open].end, lexed.code[comma].start);
                let value = (lexed.code[comma].end, lexed.code[at].end - closes.len());
                return Some(Map { key, value });
            }
        } else if matches!(word, ";" | "{" | "}") {
            return None;
        }
    }
    None
}

/// The key that a use asks by: `all.get(key)`, `all[key]`.
fn asked_by(case: &Case, at: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let method = lexed.is(at + 1, ".") && ASKS.contains(&lexed.word(at + 2));
    if method {
        return call_at(case, at + 3)?.arguments.first().copied();
    }
    let called = lexed.is(at + 1, "(") && case.language().calls_elements;
    let close = case.text.pairs.partner_of(at + 1).filter(|_| called || lexed.is(at + 1, "["))?;
    (close > at + 2).then_some((at + 2, close - 1))
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
