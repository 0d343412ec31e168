//! A parameter, a field or a variable of another type than all that it is used for.

use super::super::found_types;
use super::told::{
    is_text, is_written, same_text, tells, tells_instead, texts_alike, value_type, whole_type,
};
use super::{ENOUGH, held, parts, said_here, worth};
use crate::fixes::shape::{Call, call_at, parameter_of, takes_itself, text_of, type_of};
use crate::fixes::{Candidate, Case};
use crate::message::Message;
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};
use std::cmp::Reverse;
use std::collections::BTreeSet;

/// Two lines want the same other type, and no line the one that is written.
const AGREE: Factor = weight("two uses want another type, and none this one", 6.3);

/// What is used on the line of the message, and the parameter to which a value is given there.
pub(super) fn values(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let named = line.filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
    let used = named.filter_map(|at| meant(case, at));
    let line = lexed.on_line(lexed.code[case.token].line);
    let fields = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Member);
    let filled = fields.filter(|one| {
        made_with(case, one).iter().any(|at| line.contains(at))
            || line.clone().any(|at| held::names_field(case, at, one))
    });
    let mut seen = BTreeSet::new();
    for declared in used.chain(parameter_of(case, case.token)).chain(filled) {
        if seen.insert(declared.token) {
            value(case, declared, all);
            held::held(case, declared, all);
            parts::parts(case, declared, all);
        }
    }
}

fn value(case: &Case, declared: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let known = matches!(declared.kind, NameKind::Value | NameKind::Member);
    let Some(typed) = declared.typed.filter(|_| known).map(|typed| whole_type(case, typed)) else {
        return;
    };
    let now = text_of(case, typed);
    // A type of the learner's own is no slip for a plain one.
    if !case.language().is_type(&now) && !is_text(case, &same_text(&now)) {
        return;
    }
    let usual = case.language().usual;
    let mut wanted: Vec<String> =
        found_types(case).iter().map(|one| value_type(case, one)).collect();
    wanted.extend([usual.text, usual.whole, usual.real, usual.truth].map(str::to_owned));
    let mut seen = BTreeSet::new();
    wanted.retain(|one| {
        let (other, own) = (same_text(one), same_text(&now));
        // A text is of the usual type, where there is but one for it.
        let unusual = is_text(case, &other) && *one != usual.text && !case.language().borrows;
        other != own
            && !unusual
            && !texts_alike(case, &other, &own)
            && seen.insert(other)
            && is_written(case, one)
    });
    let votes =
        wanted.into_iter().filter_map(|one| Some((votes(case, declared, &now, &one)?, one)));
    let mut votes: Vec<((usize, usize), String)> = votes.collect();
    votes.sort_by_key(|one| Reverse(one.0));
    let best = votes.first().filter(|((lines, _), _)| *lines >= ENOUGH);
    let Some(((lines, told), wanted)) = best else { return };
    let even = |other: &&((usize, usize), String)| other.0 == (*lines, *told);
    let wanted = match votes.get(1).filter(even) {
        None => wanted,
        // Rust: an object has its texts itself; what a function is given, it borrows.
        Some((_, other)) if is_text(case, wanted) && is_text(case, other) => {
            let held = if declared.kind == NameKind::Member { "String" } else { usual.text };
            [wanted, other].into_iter().find(|one| *one == held).unwrap_or(wanted)
        }
        Some(_) => return,
    };
    let edit =
        Edit::replace(case.file(), lexed.code[typed.0].start, lexed.code[typed.1].end, wanted);
    let score = worth(AGREE, *lines);
    all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]).guess());
}

/// On how many lines what is declared is wanted to be of another type, and on how many of these a message
/// names that type itself. Nothing if a line wants the one that is written.
fn votes(case: &Case, declared: &Declared, now: &str, wanted: &str) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let line = |at: usize| lexed.code.get(at).map_or(0, |token| token.line);
    let own = line(declared.token);
    let said = said_here(case);
    let of_line = |line: u32| said.iter().filter(move |(_, its)| *its == line).map(|(one, _)| *one);
    let (mut lines, mut told) = (BTreeSet::new(), BTreeSet::new());
    let name = lexed.word(declared.token);
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let here = |at: &&usize| meant(case, **at).is_some_and(|one| one.token == declared.token);
    let made = made_with(case, declared);
    for at in seen.iter().filter(here).chain(&made) {
        let at_line = line(*at);
        let mut messages = of_line(at_line).peekable();
        if messages.peek().is_none() {
            let neutral =
                says_nothing(case, at_line) || becomes_text(case, *at) || made.contains(at);
            if !neutral && at_line != own {
                return None;
            }
            continue;
        }
        let mut clash =
            messages.filter(|one| tells(case, one, now) && !mixes_numbers(case, one, now, wanted));
        if !number_in_quotes(case, at_line)
            && clash.any(|one| tells_instead(case, one, wanted, now))
        {
            lines.insert(at_line);
            told.extend(of_line(at_line).filter(|one| names(one, wanted)).map(|_| at_line));
        }
    }
    for (call, first, last) in given(case, declared) {
        let at_line = line(call);
        let mut clash = of_line(at_line).filter(|one| tells(case, one, now)).peekable();
        // A value that fits speaks for the type that is written.
        clash.peek()?;
        if number_in_quotes(case, at_line) {
            continue;
        }
        let value = type_of(case, first, last);
        let of_value = value.is_some_and(|typed| same_text(&typed) == same_text(wanted));
        if of_value || clash.any(|one| tells_instead(case, one, wanted, now)) {
            lines.insert(at_line);
            told.extend(of_line(at_line).filter(|one| names(one, wanted)).map(|_| at_line));
        } else {
            return None;
        }
    }
    Some((lines.len(), told.len()))
}

/// Whether the words of a message have a type in them as it is written.
fn names(message: &Message, typed: &str) -> bool {
    let texts = message.notes.iter().chain(&message.spans).map(|note| note.text.as_str());
    texts.chain([message.text.as_str()]).any(|text| same_text(text).contains(&same_text(typed)))
}

/// Whether a line tells nothing of the type of what stands on it: it joins texts, or writes them out.
fn says_nothing(case: &Case, line: u32) -> bool {
    let lexed = case.lexed();
    let mut tokens = lexed.on_line(line);
    let names = case.language().prints;
    tokens.any(|at| lexed.kind(at) == Some(TokenKind::Str) || names.contains(&lexed.word(at)))
}

/// Whether a message is about two kinds of numbers that are computed with: there one of them is usually turned
/// into the other, and both declarations stay.
fn mixes_numbers(case: &Case, message: &Message, now: &str, wanted: &str) -> bool {
    let usual = case.language().usual;
    let numbers = [now, wanted].iter().all(|one| *one == usual.whole || *one == usual.real);
    // Seen with go 1.19 and rustc 1.95.
    let said = &message.text;
    let computed = said.contains("mismatched types")
        || ["cannot add", "cannot subtract", "cannot multiply", "cannot divide"]
            .iter()
            .any(|start| said.starts_with(start));
    numbers && computed
}

/// Whether a line has a number in quotes: it is more likely that these are too many.
pub(super) fn number_in_quotes(case: &Case, line: u32) -> bool {
    let lexed = case.lexed();
    let mut texts = lexed.on_line(line).filter(|at| lexed.kind(*at) == Some(TokenKind::Str));
    texts.any(|at| {
        let inner = lexed.word(at).trim_matches(['"', '\'']);
        !inner.is_empty() && inner.chars().all(|c| c.is_ascii_digit() || c == '.')
    })
}

/// Whether a text is made of what stands at a token, or a copy.
fn becomes_text(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    lexed.is(at + 1, ".") && MAKES_TEXT.contains(&lexed.word(at + 2))
}

/// Methods that every value has, or nearly every one.
const MAKES_TEXT: &[&str] = &["to_string", "toString", "ToString", "clone", "equals", "hashCode"];

/// The declaration that a name means: a field where it stands behind an object, or names what an object is
/// made of.
pub(super) fn meant<'a>(case: &'a Case, at: usize) -> Option<&'a Declared> {
    let lexed = case.lexed();
    let before = lexed.before(at);
    let behind = lexed.word(at + 1);
    let called = behind == "(";
    let of_object = matches!(before, "." | "->");
    let listed = matches!(before, "{" | ",") && matches!(behind, ":" | "=");
    // C++: `Boat(int depth) : depth(depth) {`.
    let initialised = called && matches!(before, ":" | ",") && case.language().directives;
    if of_object && called {
        return None;
    }
    let mut fields = case.text.names.of(lexed.word(at)).filter(|one| one.kind == NameKind::Member);
    if (of_object || listed || initialised)
        && let Some(field) = fields.next()
    {
        // Of two classes, either may be meant.
        return fields.next().is_none().then_some(field);
    }
    if of_object { None } else { case.text.names.resolve(lexed, at) }
}

/// Where an object is made whose field is declared: `Boat{name, length}` does not name it.
fn made_with(case: &Case, declared: &Declared) -> Vec<usize> {
    let lexed = case.lexed();
    let Some(open) = case.text.pairs.inside_of(declared.token) else { return Vec::new() };
    if declared.kind != NameKind::Member || !lexed.opens_block(open) {
        return Vec::new();
    }
    let types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    let Some(of) = types.filter(|one| one.token < open).max_by_key(|one| one.token) else {
        return Vec::new();
    };
    let seen = case.text.names.seen.get(lexed.word(of.token)).map_or(&[][..], Vec::as_slice);
    let bare = |at: &usize| {
        lexed.is(*at + 1, "{")
            && *at != of.token
            && !lexed.is(*at + 3, ":")
            && !lexed.is(*at + 1, ";")
    };
    seen.iter().copied().filter(bare).collect()
}

/// The values that calls give to a parameter: the name of the call, and the value's first and last token.
pub(super) fn given(case: &Case, declared: &Declared) -> Vec<(usize, usize, usize)> {
    let lexed = case.lexed();
    let Some(open) = case.text.pairs.inside_of(declared.token) else { return Vec::new() };
    let name = open.saturating_sub(1);
    let is_header = lexed.is(open, "(") && lexed.kind(name) == Some(TokenKind::Name);
    let Some(header) = call_at(case, open).filter(|_| is_header) else { return Vec::new() };
    let index = header.arguments.iter().position(|(a, b)| (*a..=*b).contains(&declared.token));
    let itself = takes_itself(case, &header);
    let Some(index) = index else { return Vec::new() };
    let seen = case.text.names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
    let calls = seen.iter().filter(|at| **at != name && lexed.is(*at + 1, "("));
    let calls = calls.filter_map(|at| Some((*at, call_at(case, at + 1)?)));
    let value = |(at, call): (usize, Call)| {
        let index = if itself && lexed.before(at) == "." { index.checked_sub(1)? } else { index };
        call.arguments.get(index).map(|(first, last)| (at, *first, *last))
    };
    calls.filter_map(value).collect()
}
