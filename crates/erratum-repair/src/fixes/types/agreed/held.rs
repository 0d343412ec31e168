//! A parameter, a field or a variable that is declared as one thing and given another each time: the type of what
//! it is given is meant. Where nothing tells that type, but all that is done with it is done with lists, a list of
//! what is declared is.

use super::flow::{flow, is_inferred};
use super::told::{is_text, same_text, whole_type};
use super::value::{given, meant, number_in_quotes};
use super::{ENOUGH, said_here, worth};
use crate::fixes::boxed::BOXED;
use crate::fixes::shape::{Call, call_at, text_of};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};
use std::collections::BTreeSet;

/// All that it is given is of one other type, and two lines complain.
const GIVEN: Factor = weight("all that it is given is of another type", 8.0);
/// It is used as a list throughout.
const AS_LIST: Factor = weight("it is used as a list of what is declared", 7.0);

pub(super) fn held(case: &Case, declared: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let known = matches!(declared.kind, NameKind::Value | NameKind::Member);
    let Some(typed) = declared.typed.filter(|_| known).map(|typed| whole_type(case, typed)) else {
        return;
    };
    let now = text_of(case, typed);
    if is_inferred(&now) {
        return;
    }
    let uses = uses(case, declared);
    let calls = given(case, declared);
    let (direct, taken) = complaints(case, declared, &uses, &calls);
    if direct + taken < ENOUGH {
        return;
    }
    let (mut flows, mut sites, mut literals) = (BTreeSet::new(), 0_usize, 0_usize);
    let values = calls.iter().map(|(_, first, last)| (*first, *last));
    let set = uses.iter().filter_map(|at| value_at(case, *at));
    // What is made of itself tells nothing.
    let of_itself = |(first, last): &(usize, usize)| {
        uses.iter().any(|at| (first..=last).contains(&at) && first != last)
    };
    let first = first_value(case, declared);
    for (first, last) in values.chain(set).chain(first).filter(|value| !of_itself(value)) {
        // A number in quotes is the slip itself.
        if number_in_quotes(case, lexed.code[first].line) {
            continue;
        }
        let Some(typed) = flow(case, first, last) else { continue };
        sites += 1;
        let written =
            matches!(lexed.kind(first), Some(TokenKind::Str | TokenKind::Number | TokenKind::Char));
        literals += usize::from(written && first == last);
        flows.insert(typed);
    }
    // A value that fits speaks for the type that is written.
    if flows.iter().any(|one| same_text(one) == same_text(&now)) {
        return;
    }
    let one = |flows: BTreeSet<String>| match flows.len() {
        1 => flows.into_iter().next(),
        _ => None,
    };
    let (wanted, factor) = if flows.is_empty() {
        let Some(list) = as_list(case, &now, &uses) else { return };
        (list, AS_LIST)
    } else {
        // Of lists of whatever kind, what they hold is of the other type.
        let held = |typed: &String| within(case, typed).map(|(_, inner, _)| inner);
        let inner = within(case, &now).and_then(|(before, _, behind)| {
            let all: Option<BTreeSet<String>> = flows.iter().map(held).collect();
            Some(format!("{before}{}{behind}", one(all?)?))
        });
        match one(flows.iter().map(|one| lent(one)).collect()).or(inner) {
            Some(wanted) => (wanted, GIVEN),
            None => return,
        }
    };
    // One value may be the slip itself, and so may all that are written out; unless it is used as what the
    // written type is not.
    let lists = kind_of(case, &wanted).is_some() || wanted.ends_with('*') || sites == 0;
    let asked = |at: &usize| matches!(lexed.word(at + 1), "." | "[") && is_told(case, *at);
    let told = lists || uses.iter().any(asked);
    if same_text(&wanted) == same_text(&now) || !told && (sites == 1 || sites == literals) {
        return;
    }
    if is_own_otherwise(case, &now, &wanted) {
        return;
    }
    // What a loop takes from it speaks only of what a list holds.
    if direct < ENOUGH && !lists {
        return;
    }
    let mut edits = vec![Edit::replace(
        case.file(),
        lexed.code[typed.0].start,
        lexed.code[typed.1].end,
        dressed(&wanted, &now),
    )];
    edits.extend(emptied(case, declared, &wanted));
    all.push(Candidate::new(MistakeId::WrongType, worth(factor, ENOUGH), edits).guess());
}

/// Whether a type of the learner's own would give way to one that has nothing of it: it may be above the other, or
/// lack a member. A list of it has, also one with a name of its own.
fn is_own_otherwise(case: &Case, now: &str, wanted: &str) -> bool {
    let lexed = case.lexed();
    let folded = |word: &str| match case.language().any_case {
        true => word.to_lowercase(),
        false => word.to_owned(),
    };
    let words = |typed: &str| -> Vec<String> {
        let parts = typed.split(|letter: char| !letter.is_alphanumeric() && letter != '_');
        parts.filter(|word| !word.is_empty()).map(folded).collect()
    };
    let types = |word: &String| case.text.names.of(word).find(|one| one.kind == NameKind::Type);
    let wanted = words(wanted);
    let own: Vec<String> = words(now).into_iter().filter(|word| types(word).is_some()).collect();
    let listed = |word: &String| {
        let of = |one: &Declared| {
            let end = (one.token..lexed.code.len()).find(|at| lexed.is(*at, ";"));
            end.is_some_and(|end| (one.token + 1..end).any(|at| lexed.is(at, word)))
        };
        wanted.contains(word) || wanted.iter().filter_map(types).any(of)
    };
    own.iter().any(|word| !listed(word))
}

/// What a list starts with, where a text stood: `let waiting: string[] = []` for `let waiting: string = ""`.
fn emptied(case: &Case, declared: &Declared, wanted: &str) -> Option<Edit> {
    let lexed = case.lexed();
    let last = declared.typed.map_or(declared.token, |(_, last)| last.max(declared.token));
    let text = last + 2;
    let (before, behind) = case.language().list_around?;
    let list = wanted.starts_with(before) && wanted.ends_with(behind);
    if !list || !lexed.is(last + 1, "=") || lexed.kind(text) != Some(TokenKind::Str) {
        return None;
    }
    let empty = match (before, behind) {
        (_, "[]") => "[]".to_owned(),
        ("List[", _) => "List()".to_owned(),
        ("std::vector<", _) => "{}".to_owned(),
        ("Vec<", _) => "Vec::new()".to_owned(),
        ("[]", _) => format!("{wanted}{{}}"),
        _ if case.language().generic_objects => "new ArrayList<>()".to_owned(),
        _ => format!("new {wanted}()"),
    };
    let token = lexed.code[text];
    Some(Edit::replace(case.file(), token.start, token.end, empty))
}

/// The kind of list that a type is of.
fn kind_of(case: &Case, typed: &str) -> Option<(String, String)> {
    within(case, typed).map(|(before, _, behind)| (before.to_owned(), behind.to_owned()))
}

/// Whether an error stands on the line of a use.
fn is_told(case: &Case, at: usize) -> bool {
    let line = case.lexed().code[at].line;
    said_here(case).iter().any(|(_, said)| *said == line)
}

/// Where what is declared is used.
pub(super) fn uses(case: &Case, declared: &Declared) -> Vec<usize> {
    let lexed = case.lexed();
    let seen = case.text.names.seen.get(lexed.word(declared.token)).map_or(&[][..], Vec::as_slice);
    let field = declared.kind == NameKind::Member && case.language().borrows;
    let here = |at: &usize| {
        let meant = meant(case, *at).is_some_and(|one| one.token == declared.token);
        let declares = case.text.names.declared.iter().any(|one| one.token == *at);
        !declares && (meant || field && names_field(case, *at, declared))
    };
    seen.iter().copied().filter(here).collect()
}

/// Rust: whether an object is made there whose field is called like the value: `Pier { name, depths }`.
pub(super) fn names_field(case: &Case, at: usize, field: &Declared) -> bool {
    let lexed = case.lexed();
    let same = lexed.word(at) == lexed.word(field.token) && case.language().borrows;
    let listed =
        same && matches!(lexed.before(at), "{" | ",") && matches!(lexed.word(at + 1), "}" | ",");
    let made = case.text.pairs.inside_of(at).filter(|open| listed && lexed.is(*open, "{"));
    let of = case.text.pairs.inside_of(field.token).map_or("", |open| lexed.before(open));
    made.is_some_and(|open| {
        !of.is_empty() && matches!(lexed.before(open), word if word == of || word == "Self")
    })
}

/// How many errors stand where it is used, or given; and how many more where something is used that was taken
/// from it.
fn complaints(
    case: &Case,
    declared: &Declared,
    uses: &[usize],
    calls: &[(usize, usize, usize)],
) -> (usize, usize) {
    let lexed = case.lexed();
    let line = |at: usize| lexed.code[at].line;
    let said: BTreeSet<u32> = said_here(case).into_iter().map(|(_, line)| line).collect();
    let own = line(declared.token);
    let used: BTreeSet<u32> = uses.iter().map(|at| line(*at)).collect();
    // Two calls on one line are two.
    let given = calls
        .iter()
        .filter(|(call, ..)| said.contains(&line(*call)) && !used.contains(&line(*call)));
    let told =
        |lines: &BTreeSet<u32>| lines.intersection(&said).filter(|line| **line != own).count();
    let more = told(&lines_of(case, declared, uses)).saturating_sub(told(&used));
    (told(&used) + given.count(), more)
}

/// The lines where something is used, or what a loop or a name takes from it.
pub(super) fn lines_of(case: &Case, declared: &Declared, used: &[usize]) -> BTreeSet<u32> {
    let lexed = case.lexed();
    let mut lines: BTreeSet<u32> = used.iter().map(|at| lexed.code[*at].line).collect();
    let taken = case.text.names.declared.iter().filter(|one| {
        one.kind == NameKind::Value
            && one.token != declared.token
            && used
                .iter()
                .any(|at| lexed.code[*at].line == lexed.code[one.token].line && *at > one.token)
    });
    for one in taken {
        lines.extend(uses(case, one).iter().map(|at| lexed.code[*at].line));
    }
    lines
}

/// The object that a variable is declared with: `string text = new StringBuilder()`.
fn first_value(case: &Case, declared: &Declared) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let made = lexed.is(declared.token + 1, "=") && lexed.is(declared.token + 2, "new");
    let end = case.statement_end(declared.token);
    (made && lexed.is(end, ";")).then(|| (declared.token + 2, end - 1))
}

/// The value that a use sets it to: behind `=`, behind the name of a field, or in the brackets of a constructor.
fn value_at(case: &Case, at: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let (before, behind) = (lexed.before(at), lexed.word(at + 1));
    let listed = matches!(before, "{" | ",");
    let open = case.text.pairs.inside_of(at);
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let until = |from: usize| {
        let end = close?;
        let inside = |one: &usize| case.text.pairs.inside_of(*one) == open;
        let comma = (from..end).filter(inside).find(|one| lexed.is(*one, ","));
        Some((from, comma.unwrap_or(end) - 1))
    };
    match behind {
        "=" | ":=" if !listed => {
            let end = case.statement_end(at);
            Some((at + 2, if lexed.is(end, ";") { end - 1 } else { end }))
        }
        ":" | "=" if listed => until(at + 2),
        // Rust: a field that is called like the value.
        "," | "}" if listed && case.language().borrows => Some((at, at)),
        "(" if case.language().directives && matches!(before, ":" | ",") => {
            let close = case.text.pairs.partner_of(at + 1)?;
            (close > at + 2).then_some((at + 2, close - 1))
        }
        _ => None,
    }
}

/// The list that is meant where something is used as a list throughout: of what is put into it, else of what is
/// declared. What has parts already is none.
fn as_list(case: &Case, now: &str, uses: &[usize]) -> Option<String> {
    let text = is_text(case, &same_text(now));
    let plain = now.chars().all(|letter| letter.is_alphanumeric() || "_&: ".contains(letter));
    let numbered = |at: &usize| !text && is_list_use(case, *at);
    let mut listed = uses.iter().filter(|at| numbered(at) || is_added_to(case, **at)).peekable();
    // What nothing complains of is a list already.
    if !plain || listed.peek().is_none() || !listed.all(|at| is_told(case, *at)) {
        return None;
    }
    let added: BTreeSet<String> = uses.iter().filter_map(|at| added_at(case, *at)).collect();
    match added.len() {
        0 => list_of(case, now),
        1 => list_of(case, added.first()?),
        _ => None,
    }
}

/// Methods that put something into a list, or take it out.
const OF_LISTS: &[&str] =
    &["push", "push_back", "add", "Add", "append", "shift", "unshift", "pop", "remove", "RemoveAt"];

/// Whether something is put into it as into a list, or taken out.
fn is_added_to(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let method =
        lexed.is(at + 1, ".") && lexed.is(at + 3, "(") && OF_LISTS.contains(&lexed.word(at + 2));
    method || lexed.is(at + 1, ":+") || appended(case, at).is_some()
}

/// Go: the call of `append` whose first value it is.
fn appended(case: &Case, at: usize) -> Option<Call> {
    let open = case.text.pairs.inside_of(at)?;
    let call = call_at(case, open).filter(|call| case.lexed().is(call.name, "append"))?;
    let (first, last) = *call.arguments.first()?;
    (first <= at && at == last).then_some(call)
}

/// The type of what is put into it there.
fn added_at(case: &Case, at: usize) -> Option<String> {
    let lexed = case.lexed();
    if let Some(call) = appended(case, at) {
        let (first, last) = *call.arguments.get(1)?;
        return flow(case, first, last);
    }
    if lexed.is(at + 1, ":+") {
        return flow(case, at + 2, at + 2);
    }
    let call = call_at(case, at + 3).filter(|_| is_added_to(case, at))?;
    let [(first, last)] = call.arguments[..] else { return None };
    let puts =
        matches!(lexed.word(at + 2), "push" | "push_back" | "add" | "Add" | "append" | "unshift");
    let typed = flow(case, first, last).filter(|_| puts)?;
    let bare = typed.trim_end_matches('&').trim();
    Some(bare.strip_prefix("const ").unwrap_or(bare).to_owned())
}

/// What stands before and behind the one type that a list holds, with that type.
fn within<'a>(case: &Case, typed: &'a str) -> Option<(&'a str, String, &'a str)> {
    let arguments = case.language().type_arguments.into_iter();
    let forms = arguments.chain([("&[", "]"), ("", "[]"), ("[]", "")]);
    forms.into_iter().find_map(|(open, close)| {
        let typed = typed.trim();
        let from = if open.is_empty() { 0 } else { typed.find(open)? + open.len() };
        let to = typed
            .len()
            .checked_sub(close.len())
            .filter(|to| typed.ends_with(close) && *to > from)?;
        let whole = open != "[]" || typed.starts_with("[]");
        let inner = &typed[from..to];
        (whole && !inner.contains(',')).then(|| (&typed[..from], inner.to_owned(), &typed[to..]))
    })
}

/// Whether a use is one of a list: a loop goes over it, or it is numbered.
fn is_list_use(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let before = lexed.before(at);
    let loops = |one: usize| matches!(lexed.word(one), "for" | "foreach" | "...");
    let looped = matches!(before, "in" | "of" | "range" | "<-" | ":" | "...")
        && lexed.on_line(lexed.code[at].line).any(loops);
    looped || lexed.is(at + 1, "[")
}

/// The type of a list of something.
pub(super) fn list_of(case: &Case, element: &str) -> Option<String> {
    let (before, behind) = case.language().list_around?;
    let bare = element.trim_start_matches('&').trim();
    let boxed = BOXED.iter().find(|(_, plain)| case.language().generic_objects && *plain == bare);
    let bare = boxed.map_or(bare, |(class, _)| *class);
    Some(format!("{before}{bare}{behind}"))
}

/// Rust: what is lent of a list is a part of it.
fn lent(typed: &str) -> String {
    let inner = typed.strip_prefix("&Vec<").and_then(|rest| rest.strip_suffix('>'));
    inner.map_or_else(|| typed.to_owned(), |inner| format!("&[{inner}]"))
}

/// A type with the marks that the other one has: `const Tide &`, `&Tide`.
fn dressed(wanted: &str, now: &str) -> String {
    let wanted = wanted.trim();
    // C names a structure with its word.
    let tag = ["struct ", "enum ", "union "].into_iter().find(|tag| now.contains(tag));
    let tag = tag.filter(|tag| !wanted.contains(tag)).unwrap_or("");
    let constant = now.starts_with("const ") && !wanted.starts_with("const ");
    let reference = now.ends_with('&') && !wanted.ends_with(['&', '*']);
    let lent = now.starts_with('&') && !wanted.starts_with('&');
    format!(
        "{}{}{tag}{wanted}{}",
        if constant { "const " } else { "" },
        if lent { "&" } else { "" },
        if reference { "&" } else { "" },
    )
}
