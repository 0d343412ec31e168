//! What a function says that it returns, and what it does return.

use super::found_types;
use crate::fixes::shape::{
    Function, calls_near, function_around, function_of, routine_name, text_of, type_of,
};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// What may be missing is said to be so.
const MAY_BE_MISSING: Factor = weight("what is returned may be missing", 2.5);
/// The type that is written is the one that the message expected.
const TOLD_RETURN: Factor = weight("the message names both types", 2.2);
/// A type that the message says it found.
const FOUND_RETURN: Factor = weight("the type that was found", 1.0);
/// A function that says it has no result returns one.
const VOID_RETURNS: Factor = weight("a function without a result returns one", 3.0);
/// The type of what the body returns.
const KNOWN_RETURN: Factor = weight("the type of what is returned", 1.0);
/// The type of what is returned, where none is written.
const TYPE_OF_RESULT: Factor = weight("the type of what is returned", 4.0);
/// A usual type in the place of none.
const VOID_USED: Factor = weight("a function without a result is used for one", 2.0);
/// A usual type in the place of another.
const OTHER_RETURN: Factor = weight("another usual type", -1.0);
/// Each type that is more usual.
const RARER_TYPE: Factor = weight("a rarer type", -0.7);

/// A function whose written return type does not fit what it returns.
pub(super) fn returns(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = case.statement_start(case.token);
    // Scala gives back what its body ends with.
    let bare = case.language().returns_unsaid;
    let mentions = bare
        || case.message.text.contains("return")
        || (start..=case.token).any(|at| lexed.is(at, "return"));
    let function = function_around(case, case.token).filter(|function| {
        // What gives back its last value says nothing of a return: the types must be told.
        let told = |typed| case.message.text.contains(&text_of(case, typed));
        mentions && (!bare || function.returns.is_some_and(told))
    });
    if let Some(function) = function.or_else(|| whole_expression(case)) {
        return_type(case, &function, all);
    }
    told_type(case, all);
    if case.message.text.contains("too many return values") {
        lost_type(case, all);
    }
    if case.message.text.contains("void") {
        // The value of a call is used, but the function says that it has none.
        for call in calls_near(case) {
            let name = lexed.word(call.name);
            let named = case.text.names.of(name).filter(|d| d.kind == NameKind::Function);
            for declared in named {
                let open = (declared.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
                if let Some(function) = open.and_then(|open| function_of(case, open))
                    && function.returns.is_some_and(|typed| text_of(case, typed) == "void")
                {
                    return_type(case, &function, all);
                }
            }
        }
    }
}

/// Rust: the compiler points at the type of the result, and says which one it found.
fn told_type(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let place = case
        .message
        .of_result()
        .and_then(|span| span.at.as_ref())
        .filter(|at| at.file == case.file());
    let found = case.message.spans.iter().map(|span| span.text.as_str());
    let found = found.chain([case.message.text.as_str()]).find_map(|text| {
        let (_, found) = text.split_once("found `")?;
        found.split('`').next()
    });
    // What is not known whole cannot be written.
    let whole = |typed: &&str| !typed.contains(['_', '{', '…', '[', '(']) && typed.len() < 40;
    let (Some(place), Some(found)) = (place, found.filter(whole)) else { return };
    let (start, end) = place.range(&lexed.source);
    let edit = Edit::replace(case.file(), start, end, found);
    all.push(Candidate::new(MistakeId::WrongReturnType, TOLD_RETURN, vec![edit]).guess());
}

/// A function that returns a value and does not say of which type.
fn lost_type(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (Some(mark), Some(function)) =
        (case.language().result_mark, function_around(case, case.token))
    else {
        return;
    };
    let start = case.statement_start(case.token);
    let last = case.statement_end(case.token);
    let Some(typed) = type_of(case, start + 1, last) else { return };
    if function.returns.is_none() {
        let edit = case.insert(lexed.code[function.parameters_close].end, format!("{mark}{typed}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, TYPE_OF_RESULT, vec![edit]));
    }
}

/// Scala: the function whose body is the expression at hand: `def mean: Int = total / 2`.
fn whole_expression(case: &Case) -> Option<Function> {
    let lexed = case.lexed();
    if !case.language().returns_unsaid {
        return None;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let declared = case.text.names.declared.iter().rfind(|one| {
        one.kind == NameKind::Function && line.contains(&one.token) && one.token < case.token
    })?;
    let (_, last) = declared.typed?;
    let body = lexed.is(last + 1, "=") && last + 1 < case.token && !lexed.opens_block(last + 2);
    body.then_some(Function {
        open: last + 1,
        // Only the tokens between are asked for: the body has no brace, and may end the text.
        close: Some(line.end),
        parameters_close: declared.token,
        returns: declared.typed,
    })
}

/// Whether a result is that of two other functions of the name: what a class promises and another one keeps to
/// is the type that was meant.
pub(super) fn is_kept_elsewhere(case: &Case, function: &Function, now: &str) -> bool {
    let lexed = case.lexed();
    let name = routine_name(case, function).map_or("", |name| lexed.word(name));
    let alike = case.text.names.of(name).filter(|one| {
        one.kind == NameKind::Function && one.typed.is_some_and(|typed| text_of(case, typed) == now)
    });
    alike.count() > 2
}

fn return_type(case: &Case, function: &Function, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let returned = (function.open..function.close.unwrap_or(lexed.code.len()))
        .filter(|at| lexed.is(*at, "return"))
        .find_map(|at| type_of(case, at + 1, case.statement_end(at).checked_sub(1)?));
    let usual = case.language().usual;
    let guesses = [usual.whole, usual.real, usual.text, usual.truth];
    let Some(typed) = function.returns else { return };
    let now = text_of(case, typed);
    if (typed.0..typed.1).any(|at| lexed.is(at, ",") && is_list(case, typed)) {
        // Of several results, none is the whole.
        return;
    }
    if is_kept_elsewhere(case, function, &now) {
        return;
    }
    let edit = |wanted: &str| {
        Edit::replace(case.file(), lexed.code[typed.0].start, lexed.code[typed.1].end, wanted)
    };
    // Where another way gives nothing, the result may be missing, as it says.
    let perhaps = ["Option", "Maybe", "Optional"].iter().any(|one| now.starts_with(one));
    let body = function.open..function.close.unwrap_or(lexed.code.len());
    if perhaps && body.clone().any(|at| matches!(lexed.word(at), "None" | "Nothing" | "empty")) {
        return;
    }
    let void = matches!(now.as_str(), "void" | "Unit");
    // TypeScript: what may be missing is said to be so.
    for nothing in ["undefined", "null"] {
        if case.message.text.contains(&format!("| {nothing}'")) && !now.contains(nothing) {
            let wider = edit(&format!("{now} | {nothing}"));
            all.push(
                Candidate::new(MistakeId::WrongReturnType, MAY_BE_MISSING, vec![wider]).guess(),
            );
        }
    }
    for name in found_types(case) {
        let pointed = name.strip_suffix('*').is_some_and(|base| base.trim_end().ends_with(&now));
        // Of several types that are written, the one that does not fit is another.
        if let Some((one, rest)) = now.split_once(" | ")
            && case.language().is_type(&name)
            && case.message.text.contains(&format!("'{one}'"))
        {
            let edit = edit(&format!("{name} | {rest}"));
            let other = Candidate::new(MistakeId::WrongReturnType, TOLD_RETURN, vec![edit]);
            all.push(other.guess());
        }
        if wraps(&name, &now) {
            let edit = edit(&name);
            let wider = Candidate::new(MistakeId::WrongReturnType, MAY_BE_MISSING, vec![edit]);
            all.push(wider.guess());
        } else if let Some(own) = own_type(case, &name).filter(|own| *own != now) {
            // The type that is written is the one that the message expected.
            let told = case.word("to") == Some(now.as_str());
            let score = if told { TOLD_RETURN } else { FOUND_RETURN };
            all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(own)]));
        } else if case.language().is_type(&name) || name == "String" || pointed {
            // The type that is written is the one that the message expected.
            let told = case.word("to") == Some(now.as_str()) && case.word("from") == Some(&name);
            let score = if told { TOLD_RETURN } else { FOUND_RETURN };
            all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(&name)]));
        }
    }
    if let Some(known) = &returned {
        let score = if void { VOID_RETURNS } else { KNOWN_RETURN };
        all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(known)]));
    }
    if case.text.names.of(&now).any(|declared| declared.kind == NameKind::Type) {
        // A type of the learner's own is no slip for a plain one.
        return;
    }
    for (rank, guess) in guesses.into_iter().enumerate().filter(|(_, guess)| *guess != now) {
        let score = if void { VOID_USED } else { OTHER_RETURN } + RARER_TYPE * rank as f64;
        all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(guess)]).guess());
    }
}

/// The name of a type that the program declares, without what it stands in: `Ticket` of `Window.Ticket`.
fn own_type<'a>(case: &Case, name: &'a str) -> Option<&'a str> {
    let own = name.rsplit('.').next()?;
    let mut declared = case.text.names.of(own);
    declared.any(|declared| declared.kind == NameKind::Type).then_some(own)
}

/// Whether a type is a library's that holds another one: `Option<u32>` of `u32`.
fn wraps(outer: &str, inner: &str) -> bool {
    let held = outer.strip_suffix(['>', ']']).and_then(|outer| outer.strip_suffix(inner));
    let head = held.and_then(|held| held.strip_suffix(['<', '[']));
    head.is_some_and(|head| head.chars().all(char::is_alphanumeric) && !head.is_empty())
}

/// Whether results stand in brackets of their own.
fn is_list(case: &Case, (first, last): (usize, usize)) -> bool {
    let lexed = case.lexed();
    lexed.is(first, "(") || lexed.before(first) == "(" && lexed.is(last + 1, ")")
}
