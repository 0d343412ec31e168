//! What was expected and what was found, who expects it, and where the other comes from.

use super::types;
use crate::diagnose::Diagnoser;
use crate::fixes::Case;
use crate::fixes::shape::{self, Call};
use crate::manner::Manner;
use crate::message::{Message, Place};
use erratum_catalogue::fits;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::text::Text;
use serde::Serialize;

/// One of two types that do not agree.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Side {
    /// The type, with `…` for what both have.
    pub text: String,
    /// What wants it, or what has it, if the text tells: "parameter `zone` of `fare`".
    pub who: Option<String>,
    /// Where that is declared.
    pub at: Option<Place>,
}

/// Two types that do not agree.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Clash {
    /// What is wanted here.
    pub expected: Side,
    /// What stands here.
    pub found: Side,
    /// The parts in which they differ, where that is not the whole.
    pub differ: Option<(String, String)>,
}

pub(super) fn clash(
    message: &Message,
    diagnoser: &Diagnoser,
    case: Option<&Case>,
) -> Option<Clash> {
    let (expected, found, direct) = both(message, diagnoser)?;
    let pair = types::compare(&expected, &found);
    let side = |text| Side { text, who: None, at: None };
    let mut clash =
        Clash { expected: side(pair.one), found: side(pair.other), differ: pair.differ };
    if clash.expected.text == clash.found.text {
        return None;
    }
    if let Some(case) = case.filter(|_| direct) {
        for (side, who) in
            [(&mut clash.expected, wants(case, message)), (&mut clash.found, has(case))]
        {
            let (who, at) = who.unzip();
            (side.who, side.at) = (who, at.flatten());
        }
    }
    Some(clash)
}

/// The two types, by the message or one of its remarks, and whether they are those of what stands
/// at the place itself rather than of a part of it.
fn both(message: &Message, diagnoser: &Diagnoser) -> Option<(String, String, bool)> {
    let find = |text: &str| {
        let text = text.split_whitespace().collect::<Vec<_>>().join(" ");
        let words = diagnoser.catalogue.clash_of(&text, &diagnoser.compiler)?;
        Some((words.get("expected")?.clone(), words.get("found")?.clone()))
    };
    let notes = || message.notes.iter().filter_map(|note| find(&note.text));
    let spans = message.spans.iter().filter_map(|note| find(&note.text));
    let text = std::iter::once(&message.text).filter_map(|text| find(text));
    let manner = Manner::of(&diagnoser.compiler);
    let repeats = manner.repeats_types;
    let Some(first) = text.chain(spans).next() else {
        let (expected, found) = notes().next()?;
        return Some((expected, found, manner.remark_has_types));
    };
    let whole = notes().find(|(expected, found)| {
        repeats && (expected.len() > first.0.len() || found.len() > first.1.len())
    });
    let direct = !repeats || message.code.as_deref() == Some("E0308");
    let (expected, found) = whole.unwrap_or(first);
    Some((expected, found, direct))
}

/// What wants or has a type, and where that is declared.
type Who = (String, Option<Place>);

fn place(text: &Text, token: usize) -> Option<Place> {
    let token = text.lexed.code.get(token)?;
    Some(Place::of(&text.lexed.source, token.start, token.end))
}

/// Who wants a value at the place of a message, if the text leaves no doubt.
fn wants(case: &Case, message: &Message) -> Option<Who> {
    let text = &*case.text;
    let lexed = &text.lexed;
    let at = case.token;
    if operator(message) {
        return None;
    }
    if lexed.language.applies_bare
        && let Some(who) = by_remark(message)
    {
        return Some((who, None));
    }
    // The innermost call around it: the place is one of its arguments.
    if let Some((call, index)) = argument(case, at) {
        return parameter(case, &call, index);
    }
    // javac points at an operator of what is meant, or at the bracket of a call.
    let stands_for_all = lexed.kind(at) == Some(TokenKind::Op) || called(case, at).is_some();
    // The first token of what is returned or assigned, or one that stands for all of it; not a part.
    let all_behind = |before: usize| {
        text.pairs.inside_of(at) == text.pairs.inside_of(before)
            && (at == before + 1 || stands_for_all)
    };
    let start = statement(case, at);
    if let Some(word) = (start..at).find(|at| lexed.is(*at, "return")) {
        if !all_behind(word) {
            return None;
        }
        let function = shape::function_around(case, at)?;
        let mut functions = text.names.declared.iter().filter(|d| d.kind == NameKind::Function);
        let name = functions.rfind(|d| d.token < function.open)?;
        return Some((
            format!("what `{}` returns", lexed.word(name.token)),
            place(text, name.token),
        ));
    }
    let equals = (start..at).find(|at| matches!(lexed.word(*at), "=" | ":="))?;
    if !all_behind(equals) {
        return None;
    }
    let target = target(case, start, equals)?;
    let declared = text.names.resolve(lexed, target);
    let place = declared.and_then(|declared| place(text, declared.token));
    let function = declared.is_some_and(|declared| declared.kind == NameKind::Function)
        || (lexed.language.applies_bare && equals > start + 1);
    let name = lexed.word(target);
    let who = if function { format!("what `{name}` returns") } else { format!("`{name}`") };
    Some((who, place))
}

/// "In the second argument of 'map', namely …": ghc says it itself, in its first remark.
fn by_remark(message: &Message) -> Option<String> {
    let words = fits(
        "In the {number} argument of '{name}', namely {*}",
        message.notes.first()?.text.trim(),
    )?;
    let name = words["name"].trim_matches(['(', ')']);
    Some(format!("the {} argument of `{name}`", words["number"]))
}

fn operator(message: &Message) -> bool {
    let text = message.text.to_lowercase();
    ["operator", "operand", "invalid operation", "arithmetic", "comparison", "cannot be applied"]
        .iter()
        .any(|word| text.contains(word))
}

/// The call of which the place is an argument, with its number from 0.
fn argument(case: &Case, at: usize) -> Option<(Call, usize)> {
    let lexed = &case.text.lexed;
    // In Haskell a bracket behind a name is but one of its arguments.
    if lexed.language.applies_bare {
        return None;
    }
    let open = case.text.pairs.inside_of(at)?;
    let call = shape::call_at(case, open)?;
    // A header of a function is no call.
    let header = case.text.names.declared.iter().any(|d| d.token == call.name);
    let word = lexed.kind(call.name) == Some(TokenKind::Name) && !lexed.is(call.name + 1, "!");
    let index = call.arguments.iter().position(|(a, b)| (*a..=*b).contains(&at))?;
    // Only where the place is the argument, not a part of one: of `f(a + b)` it may be `+`.
    let (first, last) = call.arguments[index];
    let whole = case.range.0 <= lexed.code[first].start
        && (first == last || case.range.1 >= lexed.code[last].end);
    (word && !header && whole).then_some((call, index))
}

fn parameter(case: &Case, call: &Call, index: usize) -> Option<Who> {
    let text = &*case.text;
    let function = text.lexed.word(call.name).to_owned();
    let named = shape::parameter_of(case, call.arguments[index].0);
    Some(match named {
        Some(declared) => (
            format!("parameter `{}` of `{function}`", text.lexed.word(declared.token)),
            place(text, declared.token),
        ),
        None => (format!("argument {} of `{function}`", index + 1), None),
    })
}

/// The first token of the statement on this line: what began further up may be another one where lines
/// end statements.
fn statement(case: &Case, at: usize) -> usize {
    let lexed = &case.text.lexed;
    let mut start = at;
    while start > 0 && !lexed.divides(start - 1) && !lexed.code[start].first {
        start -= 1;
    }
    start
}

/// The variable that is given a value: a single name before `=`, with or without its type.
fn target(case: &Case, start: usize, equals: usize) -> Option<usize> {
    let text = &*case.text;
    let lexed = &text.lexed;
    if lexed.language.applies_bare {
        let top = lexed.kind(start) == Some(TokenKind::Name);
        return top.then_some(start);
    }
    // Parameters are declared before the `=`, too: those in brackets are none.
    let level = text.pairs.inside_of(start);
    let declared = |at: &usize| {
        text.pairs.inside_of(*at) == level && text.names.declared.iter().any(|d| d.token == *at)
    };
    if let Some(found) = (start..equals).find(declared) {
        return Some(found);
    }
    (equals == start + 1 && lexed.kind(start) == Some(TokenKind::Name)).then_some(start)
}

/// What has the other type: a literal, a name, or the result of a call.
fn has(case: &Case) -> Option<Who> {
    let text = &*case.text;
    let lexed = &text.lexed;
    let first = case.token;
    let covered = lexed.code[first..].iter().take_while(|token| token.start < case.range.1).count();
    let last = first + covered.saturating_sub(1);
    let start_fits = lexed.code[first].start == case.range.0;
    if !start_fits {
        return None;
    }
    if let Some(name) = called(case, first) {
        let mut functions =
            text.names.of(lexed.word(name)).filter(|d| d.kind == NameKind::Function);
        let declared = functions.next().filter(|_| functions.next().is_none());
        let at = declared.and_then(|declared| place(text, declared.token));
        return Some((format!("what `{}` returns", lexed.word(name)), at));
    }
    let next = lexed.word(last + 1);
    let alone = first == last;
    let in_part = matches!(next, "." | "->" | "[" | "::") || lexed.is(first.wrapping_sub(1), ".");
    match lexed.kind(first)? {
        TokenKind::Str if alone && !in_part => Some(("the text that stands here".into(), None)),
        TokenKind::Number if alone && !in_part => {
            Some(("the number that stands here".into(), None))
        }
        TokenKind::Name if alone && !in_part && applied(case, first) => None,
        TokenKind::Name if alone && !in_part && next != "(" => {
            let declared = text.names.resolve(lexed, first)?;
            let known = matches!(declared.kind, NameKind::Value | NameKind::Member);
            known.then(|| (format!("`{}`", lexed.word(first)), place(text, declared.token)))
        }
        TokenKind::Name => {
            let open = first + 1;
            let call = shape::call_at(case, open)?;
            let ends = last == call.close
                || (alone
                    && !matches!(
                        lexed.word(call.close + 1),
                        "." | "[" | "->" | "+" | "-" | "*" | "/"
                    ));
            let declared = text.names.of(lexed.word(first)).find(|d| d.kind == NameKind::Function);
            ends.then(|| {
                (
                    format!("what `{}` returns", lexed.word(first)),
                    declared.and_then(|declared| place(text, declared.token)),
                )
            })
        }
        _ => None,
    }
}

/// The name of the call whose bracket a message points at, if nothing follows the call.
fn called(case: &Case, open: usize) -> Option<usize> {
    let lexed = &case.text.lexed;
    let call = lexed.is(open, "(").then(|| shape::call_at(case, open)).flatten()?;
    let last = lexed.is(call.close + 1, lexed.language.terminator)
        || matches!(lexed.word(call.close + 1), ")" | ",");
    (last && lexed.kind(call.name) == Some(TokenKind::Name)).then_some(call.name)
}

/// In Haskell what follows a name is given to it, without brackets.
fn applied(case: &Case, name: usize) -> bool {
    let lexed = &case.text.lexed;
    let next = lexed.kind(name + 1);
    lexed.language.applies_bare
        && !lexed.code.get(name + 1).is_none_or(|token| token.first)
        && matches!(
            next,
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Open)
        )
        && case.range.1 <= lexed.code[name].end
}
