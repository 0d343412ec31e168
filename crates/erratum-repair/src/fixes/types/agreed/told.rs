//! Types as messages tell them and as programs write them.

use crate::fixes::Case;
use crate::message::Message;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// Whether a message, with its remarks, names a type.
pub(super) fn tells(case: &Case, message: &Message, typed: &str) -> bool {
    tells_any(case, message, typed, &[])
}

/// Whether a message names a type in the place of another one. Where that is no number, any number will do.
pub(super) fn tells_instead(case: &Case, message: &Message, typed: &str, now: &str) -> bool {
    let numbers = NUMBERS.contains(&typed) && !NUMBERS.contains(&now);
    tells_any(case, message, typed, if numbers { NUMBERS } else { &[] })
}

fn tells_any(case: &Case, message: &Message, typed: &str, alike: &[&str]) -> bool {
    let wanted = same_text(typed);
    let called = case.language().called.iter().filter(|(_, written)| *written == typed);
    let called = called.map(|(compiler, _)| same_text(compiler));
    let short = wanted.rsplit("::").next().map(str::to_owned);
    // Of whatever kind a text is.
    let texts = TEXTS.iter().filter(|_| is_text(case, &wanted));
    let alike = texts.chain(alike).map(|one| (*one).to_owned());
    let names: Vec<String> = called.chain(short).chain(alike).chain([wanted.clone()]).collect();
    let notes = message.notes.iter().chain(&message.spans).map(|note| note.text.as_str());
    let mut texts = notes.chain([message.text.as_str()]).map(same_text);
    texts.any(|text| names.iter().any(|name| has_word(&text, name)))
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
pub(super) fn same_text(typed: &str) -> String {
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
pub(super) fn value_type(case: &Case, typed: &str) -> String {
    // gcc says what another name of a type stands for (seen with gcc 12).
    let typed = typed.split(" {aka").next().unwrap_or(typed).replace("__cxx11::", "");
    let typed = typed.replace("basic_string<char>", "string");
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
pub(super) fn texts_alike(case: &Case, one: &str, other: &str) -> bool {
    is_text(case, one) && is_text(case, other)
}

pub(super) fn is_text(case: &Case, typed: &str) -> bool {
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
pub(super) fn is_written(case: &Case, typed: &str) -> bool {
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

/// The type with the words before it that belong to it: `struct pier`, `const Pier *`.
pub(super) fn whole_type(case: &Case, (mut first, last): (usize, usize)) -> (usize, usize) {
    while first > 1 && case.lexed().is(first - 1, "::") {
        first -= 2;
    }
    while first > 0 && matches!(case.lexed().word(first - 1), "struct" | "enum" | "union" | "const")
    {
        first -= 1;
    }
    (first, last)
}
