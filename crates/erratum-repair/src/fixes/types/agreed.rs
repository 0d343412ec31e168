//! A result of another type than all that a function gives back, and than all that its calls are used for.

use super::found_types;
use crate::explain::types::plain;
use crate::fixes::shape::{Function, calls_near, function_around, function_of, text_of, type_of};
use crate::fixes::{Candidate, Case};
use crate::message::Message;
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use std::collections::BTreeSet;

/// Two lines, what is returned or what a call is used for, want the same other type, and none the one that
/// is written.
const AGREE: Factor = weight("what is returned and what it is used for want another type", 6.3);

/// Each further line.
const FURTHER: Factor = weight("a further line wants it", 0.5);

/// How many further lines count.
const FURTHER_LINES: usize = 3;

/// So many lines are no accident.
const ENOUGH: usize = 2;

/// What stands for nothing in place of an object, as compilers call it.
const NOTHING: &[&str] = &["nullptr_t", "null", "NULL", "void *", "nil"];

/// The result of the function in which a value does not fit, or of one that is called there.
pub(super) fn agreed(case: &Case, all: &mut Vec<Candidate>) {
    let around = around(case, case.token).filter(|one| line_returns(case, one));
    let called = calls_near(case).into_iter().filter_map(|call| {
        let name = case.lexed().word(call.name);
        let mut named = case.text.names.of(name).filter(|one| one.kind == NameKind::Function);
        named.find_map(|declared| with_body(case, declared.token))
    });
    for function in around.into_iter().chain(called) {
        result_of(case, &function, all);
    }
}

/// The function around a token. In Pascal what it declares may stand between its header and its block.
fn around(case: &Case, token: usize) -> Option<Function> {
    if !case.language().returns_by_name {
        return function_around(case, token);
    }
    let functions = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    let header = functions.filter(|one| one.token < token).max_by_key(|one| one.token)?;
    with_body(case, header.token).filter(|one| one.close.is_some_and(|close| token < close))
}

/// The function that is declared at a token, if its block stands there.
fn with_body(case: &Case, declared: usize) -> Option<Function> {
    let lexed = case.lexed();
    if !case.language().returns_by_name {
        let open = (declared..lexed.code.len()).find(|at| lexed.divides(*at))?;
        return function_of(case, open);
    }
    let open = (declared..lexed.code.len()).find(|at| lexed.is(*at, "begin"))?;
    let named = case.text.names.declared.iter().find(|one| one.token == declared)?;
    let close = case.text.pairs.partner_of(open);
    Some(Function { open, close, parameters_close: declared, returns: named.typed })
}

fn result_of(case: &Case, function: &Function, all: &mut Vec<Candidate>) {
    let Some(typed) = function.returns.map(|typed| whole_type(case, typed)) else { return };
    let now = text_of(case, typed);
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
        let score = AGREE + FURTHER * (lines - ENOUGH).min(FURTHER_LINES) as f64;
        all.push(Candidate::new(MistakeId::WrongReturnType, score, edits).guess());
    }
}

/// The type with the words before it that belong to it: `struct pier`, `const Pier *`.
fn whole_type(case: &Case, (mut first, last): (usize, usize)) -> (usize, usize) {
    while first > 1 && case.lexed().is(first - 1, "::") {
        first -= 2;
    }
    while first > 0 && matches!(case.lexed().word(first - 1), "struct" | "enum" | "union" | "const")
    {
        first -= 1;
    }
    (first, last)
}

/// Writes the result of a function anew, where it is declared before, too.
fn headers(case: &Case, function: &Function, now: &str, wanted: &str) -> Vec<Edit> {
    let lexed = case.lexed();
    let name = name_of(case, function).map_or("", |name| lexed.word(name));
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

/// The name of a function.
fn name_of(case: &Case, function: &Function) -> Option<usize> {
    let functions = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    functions.filter(|one| one.token < function.open).map(|one| one.token).max()
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
    let said: Vec<(&Message, u32)> = (case.all.iter().filter(|one| one.is_error()))
        .filter(|one| one.at.as_ref().is_some_and(|at| at.file == case.file()))
        .filter_map(|one| Some((one, one.line()?)))
        .collect();
    let mut lines = BTreeSet::new();
    for (at, end) in returns(case, function) {
        let own = line(at)..=line(end);
        let message = said
            .iter()
            .find(|(one, line)| own.contains(line) && (nothing || tells(case, one, now)));
        // What fits the type that is written speaks for it.
        let (message, at) = message?;
        if !nothing && !tells(case, message, wanted) && !tells_nothing(message, wanted) {
            return None;
        }
        lines.insert(*at);
    }
    if case.language().returns_unsaid || case.language().borrows {
        let of_result = |one: &Message| case.language().returns_unsaid || one.of_result().is_some();
        let last = said.iter().filter(|(one, line)| body.contains(line) && of_result(one));
        let last = last.filter(|(one, _)| tells(case, one, now) && tells(case, one, wanted));
        lines.extend(last.map(|(_, line)| *line));
    }
    let name = name_of(case, function)?;
    let uses = case.text.names.seen.get(lexed.word(name))?;
    for at in uses.iter().filter(|at| !body.contains(&line(**at)) && line(**at) != line(name)) {
        let own = line(*at);
        match said.iter().find(|(_, line)| *line == own) {
            Some((message, _))
                if tells(case, message, now) && (nothing || tells(case, message, wanted)) =>
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
    let name = name_of(case, function).map_or(String::new(), |name| lexed.word(name).to_owned());
    let own = move |at: &usize| around(case, *at).is_some_and(|inner| inner.open == open);
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

/// Whether a message, with its remarks, names a type.
fn tells(case: &Case, message: &Message, typed: &str) -> bool {
    let wanted = same_text(typed);
    let called = case.language().called.iter().filter(|(_, written)| *written == typed);
    let called = called.map(|(compiler, _)| same_text(compiler));
    let short = wanted.rsplit("::").next().map(str::to_owned);
    // Of whatever kind a text or a number is.
    let texts = TEXTS.iter().filter(|_| is_text(case, &wanted)).map(|one| (*one).to_owned());
    let numbers = NUMBERS.iter().filter(|_| NUMBERS.contains(&typed)).map(|one| (*one).to_owned());
    let alike = texts.chain(numbers);
    let names: Vec<String> = called.chain(short).chain(alike).chain([wanted.clone()]).collect();
    let notes = message.notes.iter().chain(&message.spans).map(|note| note.text.as_str());
    let mut texts = notes.chain([message.text.as_str()]).map(|text| same_text(text));
    texts.any(|text| names.iter().any(|name| has_word(&text, name)))
}

/// Whether a message is about nothing in the place of an object that may not be there.
fn tells_nothing(message: &Message, wanted: &str) -> bool {
    let may = wanted.ends_with(['*', '?']) || wanted.starts_with(char::is_uppercase);
    may && NOTHING.iter().any(|one| message.text.contains(one))
}

/// Whether a text has another one in it that is no part of a longer word.
fn has_word(text: &str, word: &str) -> bool {
    let inner = |letter: char| letter.is_alphanumeric() || letter == '_';
    text.match_indices(word).any(|(at, _)| {
        let before = text[..at].chars().next_back();
        let behind = text[at + word.len()..].chars().next();
        // The pointer is not what it points at.
        !before.is_some_and(inner) && !behind.is_some_and(|letter| inner(letter) || letter == '*')
    })
}

/// A type without blanks that mean nothing, as compilers write it and as people do.
fn same_text(typed: &str) -> String {
    let mut text = String::with_capacity(typed.len());
    for (before, letter) in std::iter::once(' ').chain(typed.chars()).zip(typed.chars()) {
        let mark = |letter: char| matches!(letter, '*' | '&' | '<' | '>' | ',' | '[');
        if letter == ' ' && (before == ' ' || mark(before)) {
            continue;
        }
        if mark(letter) && text.ends_with(' ') {
            text.pop();
        }
        text.push(letter);
    }
    let words =
        [("struct ", ""), ("class ", ""), ("__cxx11::", ""), ("basic_string<char>", "string")];
    let bare = words.iter().fold(text, |text, (long, short)| text.replace(long, short));
    bare.trim_end().to_owned()
}

/// The type of a value as it is written for a result.
fn value_type(case: &Case, typed: &str) -> String {
    let typed = plain(typed);
    let typed = case.language().written(typed.trim());
    let pointer = typed.ends_with(['*', '&']);
    let bare = if pointer { typed } else { typed.strip_prefix("const ").unwrap_or(typed) };
    match bare.trim_end_matches('&') {
        // gcc leaves out where a name stands: `string` for `std::string` (seen with gcc 12).
        short if case.language().usual.text.ends_with(&format!("::{short}")) => {
            case.language().usual.text.to_owned()
        }
        other => other.to_owned(),
    }
}

/// Whether both are texts: which of them a value is, is no matter of its meaning.
fn texts_alike(case: &Case, one: &str, other: &str) -> bool {
    is_text(case, one) && is_text(case, other)
}

fn is_text(case: &Case, typed: &str) -> bool {
    let bare = typed.trim_start_matches('&');
    TEXTS.contains(&bare) || bare == case.language().usual.text
}

/// The types of numbers. A whole number may stand where a real one is given back.
const NUMBERS: &[&str] = &["int", "long", "double", "float", "long unsigned int", "unsigned int"];

/// The types of texts, as programs and compilers call them.
const TEXTS: &[&str] = &[
    "str",
    "String",
    "string",
    "char*",
    "const char*",
    "std::string",
    "[Char]",
    "Constant String",
];

/// Whether a type can be written: all its words are known here.
fn is_written(case: &Case, typed: &str) -> bool {
    let language = case.language();
    let mut words =
        typed.split(|c: char| !c.is_alphanumeric() && c != '_').filter(|one| !one.is_empty());
    let shape = |c: char| c.is_alphanumeric() || "_:<>*&,[]? ".contains(c);
    let known = |word: &str| {
        language.is_type(word)
            || matches!(word, "std" | "const" | "string" | "String" | "struct")
            || word == language.usual.text
            || case.text.names.of(word).any(|one| one.kind == NameKind::Type)
            || case.text.names.seen.get(word).is_some_and(|seen| {
                let lexed = case.lexed();
                let of_library = |at: &usize| lexed.before(*at) == "::";
                let named = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
                let large = word.starts_with(char::is_uppercase);
                seen.iter().any(|at| named(at) && (large || of_library(at)))
            })
    };
    !typed.is_empty()
        && typed.len() < 60
        && typed.chars().all(shape)
        && words.clone().next().is_some()
        && words.all(known)
}
