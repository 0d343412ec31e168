//! What rustc expects and finds: references, texts of their own, numbers of other kinds.

use super::clean;
use crate::fixes::shape::{function_around, function_at, text_of, type_of};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, Score, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A borrowed text where one of its own is wanted.
const OWNED_TEXT: Factor = weight("a text of its own is wanted", 3.5);
/// Another way to write the same.
const OWNED_COPY: Factor = weight("the longer way to the same", 0.5);
/// A number where a text is wanted.
const NUMBER_TO_TEXT: Factor = weight("a number where a text is wanted", 0.5);
/// A value where a reference is wanted.
const BORROWED: Factor = weight("a reference is wanted", 3.5);
/// A text in quotes is lent already.
const LITERAL_AS_IT_IS: Factor = weight("a text in quotes is lent already", 7.0);
/// What is compared with a number is read first, as rustc proposes.
const COMPARED: Factor = weight("what is compared with a number is read first", 6.5);
/// A reference where a value is wanted.
const NOT_BORROWED: Factor = weight("a reference too many", 2.5);
/// A copy of what is lent.
const COPIED: Factor = weight("a copy of what is lent", 2.5);
/// What a reference refers to is wanted.
const DEREFERENCED: Factor = weight("what it refers to is wanted", 2.0);
/// A number of one kind where another is wanted.
const CAST: Factor = weight("a number of another kind is wanted", 1.5);
/// A body that gives `Ok`, `Err` or `Some` tells the type.
const TOLD_BY_BODY: Factor = weight("the body tells the type", 4.5);
/// A body that hands errors on must say so.
const HANDS_ON: Factor = weight("the body hands errors on", 0.5);
/// A value where the function says that it has none.
const TAKES_NONE: Factor = weight("the function says that it has no result", 4.0);
/// What goes wrong is handed on.
const HANDED_ON: Factor = evidence("the function hands on what goes wrong", 5.5);
/// A number of a kind that the text does not tell.
const KIND_OF_NUMBER: Factor = weight("a number, but of which kind", 3.5);
/// Each kind that is more usual.
const RARER_NUMBER: Factor = weight("a rarer kind of number", -0.5);
/// A last expression whose value was to be left.
const VALUE_LEFT: Factor = weight("the value was to be left", 1.5);
/// A name that ends the body does nothing but give its value.
const BARE_NAME: Factor = evidence("a name by itself ends the body", 8.0);
/// A mark behind the last expression throws its value away.
const THROWN_AWAY: Factor = weight("the mark throws the value away", 4.0);

/// What rustc says it expected and found, and the conversion between the two.
pub(super) fn rust(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    told_by_body(case, all);
    let label = case.message.spans.iter().find_map(|span| {
        let text = span.text.strip_prefix("expected ")?;
        let (expected, found) = text.split_once(", found ")?;
        Some((clean(expected), clean(found), span.at.clone()))
    });
    let (from, to) = case.range;
    let wrap = |before: &str, after: &str| {
        let mut edits = Vec::new();
        if !before.is_empty() {
            edits.push(case.insert(from, before));
        }
        if !after.is_empty() {
            edits.push(case.insert(to, after));
        }
        edits
    };
    if let Some((expected, found, _)) = label {
        if found.starts_with("Result<") && !expected.starts_with("Result<") {
            all.extend(question(case));
        }
        let mut push = |mistake: MistakeId, score: Factor, edits: Vec<Edit>| {
            all.push(Candidate::new(mistake, score, edits))
        };
        let base = expected.trim_start_matches('&').trim_start_matches("mut ").to_owned();
        match (expected.as_str(), found.as_str()) {
            ("String", _) if found.contains("str") || found.starts_with('&') => {
                // rustc names only the first text of a list (seen with 1.95).
                let all = texts_of_list(case, lexed.at(from));
                let each = all.iter().map(|at| case.insert(lexed.code[*at].end, ".to_string()"));
                let edits = if all.len() > 1 { each.collect() } else { wrap("", ".to_string()") };
                push(MistakeId::MissingToString, OWNED_TEXT, edits);
                push(MistakeId::MissingToString, OWNED_COPY, wrap("String::from(", ")"));
            }
            ("String" | "&str", "integer" | "i32" | "u32" | "usize" | "f64") => {
                push(MistakeId::MissingToString, NUMBER_TO_TEXT, wrap("", ".to_string()"))
            }
            _ if expected.starts_with("&mut ") => {
                push(MistakeId::MissingBorrow, BORROWED, wrap("&mut ", ""))
            }
            ("&str", "String") => {
                push(MistakeId::MissingBorrow, BORROWED, wrap("&", ""));
                if let Some(edit) = as_it_is(case, lexed.at(from)) {
                    push(MistakeId::MissingBorrow, LITERAL_AS_IT_IS, vec![edit]);
                }
            }
            _ if expected.starts_with('&') && !found.starts_with("&") => {
                push(MistakeId::MissingBorrow, BORROWED, wrap("&", ""));
                if let Some(edit) = compared(case, &base) {
                    push(MistakeId::MissingDereference, COMPARED, vec![edit]);
                }
            }
            _ if found.starts_with('&') && !expected.starts_with('&') => {
                let at = lexed.at(from);
                if lexed.is(at, "&") {
                    let end = if lexed.is(at + 1, "mut") {
                        lexed.code[at + 2].start
                    } else {
                        lexed.code[at].end
                    };
                    push(
                        MistakeId::ExtraBorrow,
                        NOT_BORROWED,
                        vec![Edit::delete(case.file(), lexed.code[at].start, end)],
                    );
                }
                // What is no plain value cannot be moved out of what is lent: a copy is.
                let plain = case.language().is_type(&expected) && expected != "str";
                // What is lent right here is the value without the mark.
                let lent_here = lexed.is(at, "&");
                if plain && !lent_here {
                    push(MistakeId::MissingDereference, DEREFERENCED, wrap("*", ""));
                } else if !lent_here {
                    push(MistakeId::WrongArgument, COPIED, wrap("", ".clone()"));
                }
            }
            _ => {}
        }
        let number = |name: &str| {
            case.language().is_type(name) && name != "str" && name != "bool" && name != "char"
        };
        // A number that is written out is written as a real one, not converted.
        let written = lexed.kind(lexed.at(from)) == Some(TokenKind::Number)
            && lexed.code[lexed.at(from)].end == to
            && found == "integer";
        if number(&base)
            && !written
            && (number(&found) || found == "integer" || found == "floating-point number")
        {
            push(MistakeId::WrongNumberType, CAST, wrap("", &format!(" as {base}")));
        }
        if found == "()" || expected == "()" {
            unit(case, &expected, &found, all);
        }
    }
}

/// `tide > best`, where `tide` is a reference to a number and `best` a number: the star that reads the number.
fn compared(case: &Case, base: &str) -> Option<Edit> {
    let lexed = case.lexed();
    let mark = lexed.at(case.range.0).checked_sub(1)?;
    let name = mark.checked_sub(1)?;
    let compares = matches!(lexed.word(mark), "<" | ">" | "<=" | ">=" | "==" | "!=");
    let alone = lexed.kind(name) == Some(TokenKind::Name)
        && !matches!(lexed.before(name), "." | "::" | "&" | "*");
    let number = case.language().is_type(base) && !matches!(base, "str" | "bool" | "char");
    (compares && alone && number).then(|| case.insert(lexed.code[name].start, "*"))
}

/// Takes off what makes a text of its own of one in quotes: `"Gull".to_string()`.
fn as_it_is(case: &Case, text: usize) -> Option<Edit> {
    let lexed = case.lexed();
    let owned = ["to_string", "to_owned", "into"].contains(&lexed.word(text + 2));
    let called = lexed.is(text + 1, ".") && lexed.is(text + 3, "(") && lexed.is(text + 4, ")");
    (lexed.kind(text) == Some(TokenKind::Str) && owned && called)
        .then(|| Edit::delete(case.file(), lexed.code[text].end, lexed.code[text + 4].end))
}

/// The texts in quotes that stand in one list with a text, that one with them.
fn texts_of_list(case: &Case, text: usize) -> Vec<usize> {
    let lexed = case.lexed();
    let pairs = &case.text.pairs;
    let Some(open) = pairs.inside_of(text).filter(|open| lexed.is(*open, "[")) else {
        return Vec::new();
    };
    let close = pairs.partner_of(open).unwrap_or(open);
    let alone = |at: &usize| {
        lexed.kind(*at) == Some(TokenKind::Str)
            && (*at == open + 1 || lexed.before(*at) == ",")
            && (*at + 1 == close || lexed.is(at + 1, ","))
    };
    (open..close).filter(alone).collect()
}

/// `let now = book(3);` whose value is used as if nothing could go wrong, in a function that hands on what
/// does.
fn question(case: &Case) -> Option<Candidate> {
    let lexed = case.lexed();
    let declared = case.text.names.resolve(lexed, lexed.at(case.range.0))?;
    let start = case.statement_start(declared.token);
    let end = case.statement_end(declared.token);
    let function = function_around(case, declared.token)?;
    let hands_on = function.returns.is_some_and(|typed| text_of(case, typed).starts_with("Result"));
    let calls = lexed.is(end, ";") && lexed.before(end) == ")" && lexed.is(start, "let");
    let edit = case.insert(lexed.code[end].start, "?");
    (hands_on && calls)
        .then(|| Candidate::new(MistakeId::MissingMark, HANDED_ON, vec![edit]).guess())
}

/// A function that says nothing of what it returns, while its body gives `Ok`, `Err` or `Some`.
fn told_by_body(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_at(case, case.token) else { return };
    let Some(close) = function.close.filter(|_| function.returns.is_none()) else { return };
    let given =
        |name: &str| (function.open..close).find(|at| lexed.is(*at, name) && lexed.is(at + 1, "("));
    let inside = |at: usize| case.text.pairs.partner_of(at + 1).map(|end| (at + 2, end - 1));
    let plain = |at: usize| {
        let (first, last) = inside(at)?;
        value_type(case, first, last)
    };
    let question = (function.open..close).any(|at| lexed.is(at, "?"));
    let typed = if given("Ok").is_some() || given("Err").is_some() {
        let good = given("Ok").map_or(Some("()".to_owned()), plain);
        let bad = given("Err").and_then(plain).unwrap_or_else(|| "String".to_owned());
        good.map(|good| format!("Result<{good}, {bad}>"))
    } else if given("Some").is_some() {
        given("Some").and_then(plain).map(|inner| format!("Option<{inner}>"))
    } else {
        return;
    };
    if let Some(typed) = typed {
        let at = lexed.code[function.parameters_close].end;
        let score = TOLD_BY_BODY + HANDS_ON.when(question);
        let edit = case.insert(at, format!(" -> {typed}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, score, vec![edit]));
    }
}

/// A lost value or a lost return type: something meets `()`.
fn unit(case: &Case, expected: &str, found: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // The compiler points into the body, or at the type in the header.
    let around = function_around(case, case.token);
    let within = around.is_some();
    let Some(function) = around.or_else(|| function_at(case, case.token)) else { return };
    if expected == "()" && function.returns.is_none() {
        let at = lexed.code[function.parameters_close].end;
        let mut names: Vec<(String, Score)> = vec![(found.to_owned(), TAKES_NONE.into())];
        if found == "integer" {
            names = ["i32", "u32", "usize", "i64", "u64"]
                .iter()
                .enumerate()
                .map(|(i, t)| ((*t).to_owned(), KIND_OF_NUMBER + RARER_NUMBER * i as f64))
                .collect();
        } else if found == "floating-point number" {
            names = vec![("f64".to_owned(), KIND_OF_NUMBER.into())];
        }
        for (name, score) in names {
            all.push(Candidate::new(
                MistakeId::MissingReturnType,
                score,
                vec![case.insert(at, format!(" -> {name}"))],
            ));
        }
        let end = case.statement_end(case.token);
        if !lexed.is(end, ";") {
            let edit = case.insert(case.end_before(end), ";");
            all.push(Candidate::new(MistakeId::MissingTerminator, VALUE_LEFT, vec![edit]));
        }
    }
    // A `;` after the last expression of the body throws its value away.
    if let (true, Some(close)) = (found == "()", function.close)
        && lexed.is(close.wrapping_sub(1), ";")
    {
        // A name by itself does nothing else.
        let name = close.wrapping_sub(2);
        let bare = lexed.kind(name) == Some(TokenKind::Name) && lexed.divides(name.wrapping_sub(1));
        let score = if bare { BARE_NAME } else { THROWN_AWAY };
        // Where the header is told, the last statement may be right and a value lost behind it.
        if bare || within {
            let edit = case.delete_token(close - 1);
            let value = Candidate::new(MistakeId::ExtraMark, score, vec![edit]);
            all.push(if bare { value } else { value.guess() });
        }
    }
}

/// The type of a value in the brackets of `Ok`, `Err` or `Some`, as far as the text tells.
fn value_type(case: &Case, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    if first > last {
        return None;
    }
    if lexed.is(first, "(") && lexed.is(first + 1, ")") {
        return Some("()".to_owned());
    }
    let text = text_of(case, (first, last));
    if text.ends_with(".to_string()") || text.starts_with("format!") || text.starts_with("String::")
    {
        return Some("String".to_owned());
    }
    if lexed.kind(first) == Some(TokenKind::Str) && first == last {
        return Some("&'static str".to_owned());
    }
    let named = lexed.word(first).starts_with(char::is_uppercase)
        && matches!(lexed.word(first + 1), "{" | "::");
    if named {
        return Some(lexed.word(first).to_owned());
    }
    type_of(case, first, last)
}
