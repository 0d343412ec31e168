//! The declarations that a message is about, and what a type has.

use super::clash::Clash;
use crate::fixes::{Case, shape};
use crate::message::Place;
use erratum_catalogue::Phase;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};
use erratum_syntax::spelling::edit_distance;
use erratum_syntax::text::Text;
use serde::Serialize;
use std::sync::Arc;

/// A declaration that a message is about.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Declaration {
    /// The name.
    pub name: String,
    /// Where it is declared.
    pub at: Place,
    /// As what: the text of the declaration, on one line, without its body.
    pub text: String,
}

/// What a type has.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Members {
    /// The type.
    pub of: String,
    /// Names of its members, those most like the wrong one first.
    pub names: Vec<String>,
}

/// How many declarations are given, and how many members.
const GIVEN: usize = 2;
const LISTED: usize = 12;

/// How long the text of a declaration may be, in characters.
const LONGEST: usize = 100;

pub(super) fn declared(case: &Case, clash: Option<&Clash>) -> Vec<Declaration> {
    if case.phase < Phase::Name {
        return Vec::new();
    }
    let mut found: Vec<Declaration> = Vec::new();
    let mut push = |declaration: Option<Declaration>| {
        if let Some(declaration) = declaration
            && found.len() < GIVEN
            && found.iter().all(|known| known.at != declaration.at)
        {
            found.push(declaration);
        }
    };
    let text = &case.text;
    // The function whose arguments are wrong.
    for name in names_of(case) {
        of_name(case, &name).into_iter().for_each(|declaration| push(Some(declaration)));
    }
    let sides = clash.into_iter().flat_map(|clash| [&clash.expected, &clash.found]);
    for place in sides.filter_map(|side| side.at.as_ref()) {
        let token = text.lexed.at(place.range(&text.lexed.source).0);
        // A parameter is best seen among the others of its function.
        let list = text.pairs.inside_of(token).filter(|open| text.lexed.is(*open, "("));
        let function = list.and_then(|open| {
            let named = |d: &&Declared| d.kind == NameKind::Function && d.token + 1 == open;
            text.names.declared.iter().find(named).map(|d| d.token)
        });
        push(declaration(text, function.unwrap_or(token)));
    }
    found
}

/// The names that a message speaks of, in its quotes.
fn names_of(case: &Case) -> Vec<String> {
    let word = |text: &str| {
        let inner = text.split(['(', '<', '[']).next().unwrap_or(text);
        let name = inner.rsplit(['.', ':', ' ']).next().unwrap_or(inner);
        let letters = name.chars().all(|c| c.is_alphanumeric() || c == '_');
        (letters && !name.is_empty()).then(|| name.to_owned())
    };
    let named = case.diagnosis.matches.iter().take(1).flat_map(|best| {
        ["name", "function", "callee", "method"].iter().filter_map(|hole| best.captures.get(*hole))
    });
    let quotes = case.message.text.split(['\'', '`', '"']).skip(1).step_by(2).map(str::to_owned);
    named.cloned().chain(quotes).filter_map(|text| word(&text)).collect()
}

fn of_name(case: &Case, name: &str) -> Vec<Declaration> {
    let lexed = &case.text.lexed;
    let names = &case.text.names;
    // All functions of that name: which one was meant is not known.
    let functions: Vec<usize> =
        names.of(name).filter(|d| d.kind == NameKind::Function).map(|d| d.token).collect();
    let elsewhere = |token: &usize| lexed.code[*token].line != lexed.code[case.token].line;
    if functions.len() > 1 {
        let all = functions.iter().filter(|token| elsewhere(token));
        return all.filter_map(|token| declaration(&case.text, *token)).collect();
    }
    let seen = names.seen.get(name).map_or(&[][..], Vec::as_slice);
    // The use that the message points at, else the one nearest to it.
    let near = seen.iter().copied().min_by_key(|at| at.abs_diff(case.token));
    let own = near.and_then(|at| names.resolve(lexed, at)).map(|d| d.token);
    if let Some(token) = own.filter(elsewhere) {
        return declaration(&case.text, token).into_iter().collect();
    }
    if names.of(name).next().is_some() {
        return Vec::new();
    }
    let outside = |text: &Arc<Text>| {
        let declared = text.names.of(name).find(|d| d.kind != NameKind::Value)?;
        declaration(text, declared.token)
    };
    case.others.iter().find_map(outside).into_iter().collect()
}

/// A declaration as it stands, on one line: from the start of its statement to its body. Types and
/// variables without a written type are given with what they are made of.
fn declaration(text: &Text, name: usize) -> Option<Declaration> {
    let lexed = &text.lexed;
    let token = lexed.code.get(name)?;
    let declared = text.names.declared.iter().find(|d| d.token == name)?;
    let bare = declared.typed.is_none() && declared.kind == NameKind::Value;
    if bare && lexed.language.applies_bare {
        return None;
    }
    let whole = declared.kind == NameKind::Type || bare;
    let mut first = name;
    let inside = text.pairs.inside_of(name);
    let list = inside.filter(|open| lexed.is(*open, "("));
    let begins = |at: usize| {
        at == 0
            || lexed.divides(at - 1)
            || inside == Some(at - 1)
            || (list.is_some() && lexed.is(at - 1, ","))
            || (lexed.code[at].first && !matches!(lexed.word(at - 1), "," | "(" | "<"))
    };
    while !begins(first) {
        first -= 1;
    }
    let mut last = name.max(declared.typed.map_or(0, |(_, last)| last));
    let mut body = None;
    while last + 1 < lexed.code.len() {
        let next = last + 1;
        let open = lexed.kind(next) == Some(TokenKind::Open);
        let block = lexed.opens_block(next);
        let ends = (lexed.divides(next) && !block)
            || (block && !whole)
            || lexed.kind(next) == Some(TokenKind::Close)
            || (list.is_some() && lexed.is(next, ","))
            || (!whole && matches!(lexed.word(next), "=" | "where" | "=>"))
            || (lexed.code[next].first && !open);
        if ends {
            break;
        }
        if block {
            body = Some(last);
        }
        last = if open { text.pairs.partner_of(next).filter(|to| *to > next)? } else { next };
        if block {
            break;
        }
    }
    let flat = |last: usize| {
        let text = lexed.source.slice(lexed.code[first].start, lexed.code[last].end);
        text.split_whitespace().collect::<Vec<_>>().join(" ")
    };
    let text = match body {
        Some(head) if flat(last).chars().count() > LONGEST => flat(head),
        _ => flat(last),
    };
    let short: String = text.chars().take(LONGEST).collect();
    let more = if short.len() < text.len() { "…" } else { "" };
    Some(Declaration {
        name: lexed.text(token).to_owned(),
        at: Place::of(&lexed.source, token.start, token.end),
        text: format!("{short}{more}"),
    })
}

/// What the type has whose member is not found.
pub(super) fn members(case: &Case) -> Option<Members> {
    let lexed = &case.text.lexed;
    let wrong = wrong_member(case)?;
    let name = lexed.word(wrong);
    let types = types_of(case, wrong);
    let texts: Vec<&Text> =
        std::iter::once(&*case.text).chain(case.others.iter().map(|text| &**text)).collect();
    for wanted in types {
        let mut names: Vec<String> = Vec::new();
        for text in &texts {
            for found in members_of(text, &wanted) {
                if !names.contains(&found) {
                    names.push(found);
                }
            }
        }
        if names.is_empty() || names.iter().any(|member| member == name) {
            continue;
        }
        names.sort_by(|a, b| edit_distance(name, a).total_cmp(&edit_distance(name, b)));
        names.truncate(LISTED);
        return Some(Members { of: wanted, names });
    }
    None
}

/// The member that a message says is not there: the name after a dot, at its place.
fn wrong_member(case: &Case) -> Option<usize> {
    let lexed = &case.text.lexed;
    let text = case.message.text.to_lowercase();
    let says = [
        "no member",
        "has no",
        "not a member",
        "does not exist on type",
        "cannot find symbol",
        "no field",
        "no method",
        "undefined (type",
        "does not contain a definition",
        "unknown field",
        "no constructor or method",
        "identifier idents no member",
        "not found in",
    ];
    if !says.iter().any(|words| text.contains(words)) {
        return None;
    }
    let after_dot = |at: &usize| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && matches!(lexed.word(at.wrapping_sub(1)), "." | "->" | "?." | "::")
    };
    // Compilers point at the object, the dot or the member.
    (case.token..(case.token + 4).min(lexed.code.len())).find(after_dot)
}

/// The types that the object before a member may have: as it is declared, else as the message says.
fn types_of(case: &Case, member: usize) -> Vec<String> {
    let lexed = &case.text.lexed;
    let object = member.checked_sub(2);
    let typed = object.and_then(|at| shape::simple_type(case, at));
    let named = object.map(|at| lexed.word(at).to_owned());
    let notes = case.message.notes.iter().chain(&case.message.spans);
    let texts = std::iter::once(&case.message.text).chain(notes.map(|note| &note.text));
    let words = |text: &str| -> Vec<String> {
        let split = text.split(|c: char| !(c.is_alphanumeric() || c == '_'));
        split.filter(|word| !word.is_empty()).map(str::to_owned).collect()
    };
    let mut all: Vec<String> = typed.iter().flat_map(|text| words(text)).collect();
    all.extend(named);
    all.extend(texts.flat_map(|text| words(text)));
    all
}

/// The members of the type of that name in a text.
fn members_of(text: &Text, name: &str) -> Vec<String> {
    let lexed = &text.lexed;
    let types = text.names.of(name).filter(|d| d.kind == NameKind::Type).map(|d| d.token);
    // Rust's methods and Go's stand elsewhere, with the type's name before them.
    let seen = text.names.seen.get(name).map_or(&[][..], Vec::as_slice).iter().copied();
    let blocks = seen.filter(|at| {
        lexed.is(at.wrapping_sub(1), "impl")
            || (lexed.is(at.wrapping_sub(1), "for") && lexed.opens_block(at + 1))
    });
    let mut found = methods_of(text, name);
    for start in types.chain(blocks) {
        let groups = (start + 1..lexed.code.len())
            .take_while(|at| !lexed.is(*at, ";"))
            .take(40)
            .filter(|at| text.pairs.inside_of(*at) == text.pairs.inside_of(start));
        for open in groups {
            let Some(close) = text.pairs.partner_of(open).filter(|to| *to > open) else { continue };
            let inner = text.names.declared.iter().filter(|d| {
                (open..close).contains(&d.token) && text.pairs.inside_of(d.token) == Some(open)
            });
            for declared in inner.filter(|d| d.kind != NameKind::Type) {
                let word = lexed.text(&lexed.code[declared.token]);
                if word != name {
                    found.push(word.to_owned());
                }
            }
            if lexed.opens_block(open) {
                break;
            }
        }
    }
    found
}

/// Go: `func (b Berth) free()`.
fn methods_of(text: &Text, name: &str) -> Vec<String> {
    let lexed = &text.lexed;
    if !lexed.language.receivers {
        return Vec::new();
    }
    let receives = |token: usize| {
        let close = token.checked_sub(1)?;
        let open = text.pairs.partner_of(close).filter(|open| *open < close)?;
        (open..close).find(|at| lexed.is(*at, name))
    };
    let functions = text.names.declared.iter().filter(|d| d.kind != NameKind::Value);
    functions
        .filter(|d| receives(d.token).is_some())
        .map(|d| lexed.text(&lexed.code[d.token]).to_owned())
        .collect()
}
