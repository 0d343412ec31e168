//! Functions and calls as they can be seen in the tokens.

use super::Case;
use crate::lex::TokenKind;
use crate::names::NameKind;

/// A function with a body.
pub(super) struct Function {
    /// The `{` of its body.
    pub open: usize,
    /// The `}` of its body, if it is there.
    pub close: Option<usize>,
    /// The `)` of its parameters.
    pub parameters_close: usize,
    /// The tokens of its return type, first and last, if one is written.
    pub returns: Option<(usize, usize)>,
}

/// The function around a token.
pub(super) fn function_around(case: &Case, token: usize) -> Option<Function> {
    let lexed = case.lexed();
    let pairs = &case.text.pairs;
    let mut open =
        if lexed.is(token, "}") { pairs.partner[token]? } else { pairs.block_of(lexed, token)? };
    loop {
        if let Some(function) = function_of(case, open) {
            return Some(function);
        }
        open = pairs.block_of(lexed, open)?;
    }
}

/// The function whose body opens here.
pub(super) fn function_of(case: &Case, open: usize) -> Option<Function> {
    let lexed = case.lexed();
    let start = case.statement_start(open);
    let declared = case
        .text
        .names
        .declared
        .iter()
        .find(|d| d.kind == NameKind::Function && d.token >= start && d.token < open)?;
    let name = declared.token;
    let parameters = (name..open).find(|at| lexed.is(*at, "("))?;
    let parameters_close = case.text.pairs.partner[parameters]?;
    let returns = if case.language().type_first {
        declared.typed
    } else {
        lexed.is(parameters_close + 1, "->").then_some((parameters_close + 2, open.checked_sub(1)?))
    };
    Some(Function { open, close: case.text.pairs.partner[open], parameters_close, returns })
}

/// The text of a run of tokens, as it stands.
pub(super) fn text_of(case: &Case, (first, last): (usize, usize)) -> String {
    let lexed = case.lexed();
    match (lexed.code.get(first), lexed.code.get(last)) {
        (Some(a), Some(b)) if a.start <= b.end => lexed.source.slice(a.start, b.end).into_owned(),
        _ => String::new(),
    }
}

/// A call: the name, its brackets, and the stretches of its arguments.
pub(super) struct Call {
    pub name: usize,
    pub open: usize,
    pub close: usize,
    /// First and last token of each argument.
    pub arguments: Vec<(usize, usize)>,
}

/// The call whose opening bracket is this token.
pub(super) fn call_at(case: &Case, open: usize) -> Option<Call> {
    let lexed = case.lexed();
    let close = case.text.pairs.partner[open]?;
    let mut name = open.checked_sub(1)?;
    if lexed.is(name, "!") {
        name = name.checked_sub(1)?;
    }
    if !lexed.is(open, "(")
        || !matches!(lexed.kind(name), Some(TokenKind::Name | TokenKind::Keyword))
    {
        return None;
    }
    let mut arguments = Vec::new();
    let mut start = open + 1;
    let mut at = open + 1;
    let mut bars = 0;
    while at <= close {
        if at == close || (lexed.is(at, ",") && bars % 2 == 0) {
            if at > start {
                arguments.push((start, at - 1));
            }
            start = at + 1;
        } else if lexed.is(at, "|") {
            bars += 1;
        } else if lexed.kind(at) == Some(TokenKind::Open) {
            at = case.text.pairs.partner[at].filter(|to| *to > at).unwrap_or(at);
        }
        at += 1;
    }
    Some(Call { name, open, close, arguments })
}

/// The calls on the line a message points at, the one it points at first.
pub(super) fn calls_near(case: &Case) -> Vec<Call> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut calls: Vec<Call> = line.filter_map(|at| call_at(case, at)).collect();
    let around = |call: &Call| call.name <= case.token && case.token <= call.close;
    let named = |call: &Call| case.word("name").is_some_and(|name| lexed.word(call.name) == name);
    calls.sort_by_key(|call| (!named(call), !around(call), call.name.abs_diff(case.token)));
    // A call may start on an earlier line.
    let mut outer = case.text.pairs.inside[case.token];
    while let Some(open) = outer {
        if calls.iter().all(|call| call.open != open) {
            calls.extend(call_at(case, open));
        }
        outer = case.text.pairs.inside[open];
    }
    calls.truncate(4);
    calls
}

/// The parameters of the function of that name in this file: each one's type and name.
pub(super) fn parameters(case: &Case, name: &str) -> Option<Vec<(String, String)>> {
    let lexed = case.lexed();
    let declared = case.text.names.of(lexed, name).find(|d| d.kind == NameKind::Function)?;
    let call = call_at(case, declared.token + 1)?;
    let split = |(first, last): (usize, usize)| {
        let named = case.text.names.declared.iter().find(|d| (first..=last).contains(&d.token));
        let typed = named.and_then(|d| d.typed).map_or(String::new(), |typed| text_of(case, typed));
        let name = named.map_or(String::new(), |d| lexed.word(d.token).to_owned());
        (typed, name)
    };
    let all = call
        .arguments
        .into_iter()
        .map(split)
        .filter(|(typed, name)| !(name.is_empty() && typed.is_empty()));
    Some(all.collect())
}

/// The type of an expression of one token, as far as the text tells.
pub(super) fn simple_type(case: &Case, token: usize) -> Option<String> {
    let lexed = case.lexed();
    let number = lexed.word(token);
    let language = case.language().id;
    match lexed.kind(token)? {
        TokenKind::Number => {
            Some(if number.contains('.') { real(language) } else { whole(language) }.to_owned())
        }
        TokenKind::Str => Some(string(language).to_owned()),
        TokenKind::Char => Some("char".to_owned()),
        TokenKind::Keyword if matches!(number, "true" | "false") => {
            Some(if language == "java" { "boolean" } else { "bool" }.to_owned())
        }
        TokenKind::Name => {
            let declared = case.text.names.resolve(lexed, token)?;
            declared.typed.map(|typed| text_of(case, typed))
        }
        _ => None,
    }
}

/// The usual type of a real number.
pub(super) fn real(language: &str) -> &'static str {
    if language == "rust" { "f64" } else { "double" }
}

/// The usual type of a whole number.
pub(super) fn whole(language: &str) -> &'static str {
    if language == "rust" { "i32" } else { "int" }
}

/// The usual type of a string.
pub(super) fn string(language: &str) -> &'static str {
    match language {
        "c" => "const char *",
        "cpp" => "std::string",
        "rust" => "&str",
        _ => "String",
    }
}
