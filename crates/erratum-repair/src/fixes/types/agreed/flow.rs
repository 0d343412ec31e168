//! The types of values, also of those whose type is only seen where they are made.

use super::told::whole_type;
use crate::fixes::Case;
use crate::fixes::shape::{text_of, type_of};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// How many names are followed to where they are made.
const FOLLOWED: usize = 2;

/// The type of a value from one token to another, as it is written.
pub(super) fn flow(case: &Case, first: usize, last: usize) -> Option<String> {
    followed(case, first, last, FOLLOWED)
}

fn followed(case: &Case, first: usize, last: usize, more: usize) -> Option<String> {
    let lexed = case.lexed();
    if first > last || last >= lexed.code.len() {
        return None;
    }
    let language = case.language();
    match lexed.word(first) {
        // Rust lends; C, C++ and Go give an address.
        "&" if language.borrows => {
            return Some(format!("&{}", followed(case, first + 1, last, more)?));
        }
        "&" | "*" => return None,
        "new" => return made(case, first, last),
        _ => {}
    }
    if first == last && lexed.kind(first) == Some(TokenKind::Name) {
        return declared(case, first).or_else(|| by_name(case, first, more));
    }
    type_of(case, first, last)
        .or_else(|| literal(case, first, last, more))
        .or_else(|| text_made(case, first, last))
}

/// Whether a word in the place of a type leaves it to the value: `auto`, `var`.
pub(super) fn is_inferred(typed: &str) -> bool {
    matches!(typed.strip_prefix("const ").unwrap_or(typed), "auto" | "auto&" | "auto &" | "var")
}

/// The type that a name was declared with.
fn declared(case: &Case, name: usize) -> Option<String> {
    let lexed = case.lexed();
    let declared = case.text.names.resolve(lexed, name)?;
    let typed = text_of(case, whole_type(case, declared.typed?));
    if is_inferred(&typed) {
        return None;
    }
    let bare = typed.strip_prefix("const ").unwrap_or(&typed);
    let array = case.language().type_first && lexed.is(declared.token + 1, "[");
    Some(if array { format!("{bare} *") } else { bare.to_owned() })
}

/// `new List<int>()`, without the types that are left out.
fn made(case: &Case, new: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    let open = (new + 1..=last).find(|at| matches!(lexed.word(*at), "(" | "{"))?;
    let typed = text_of(case, (new + 1, open - 1));
    let whole = case.text.pairs.partner_of(open) == Some(last);
    (whole && open > new + 1 && !typed.contains("<>")).then_some(typed)
}

/// A list that is written out, or made of a type that stands there.
fn literal(case: &Case, first: usize, last: usize, more: usize) -> Option<String> {
    let lexed = case.lexed();
    let language = case.language();
    let ends_with = |open: usize| case.text.pairs.partner_of(open) == Some(last);
    let element = |open: usize| {
        let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
        let end = (open + 1..last).filter(inside).find(|at| lexed.is(*at, ","));
        followed(case, open + 1, end.unwrap_or(last) - 1, more)
    };
    let list = |element: String| {
        let (before, behind) = language.list_around?;
        Some(format!("{before}{element}{behind}"))
    };
    if lexed.is(first, "vec") && lexed.is(first + 1, "!") && ends_with(first + 2) {
        return list(element(first + 2)?);
    }
    if language.receivers && matches!(lexed.word(first), "[" | "map") {
        let open = (first..=last).find(|at| lexed.is(*at, "{") && ends_with(*at))?;
        return Some(text_of(case, (first, open - 1)));
    }
    if lexed.is(first, "make") && ends_with(first + 1) {
        let end = (first + 2..last).find(|at| lexed.is(*at, ",")).unwrap_or(last);
        return Some(text_of(case, (first + 2, end - 1)));
    }
    if lexed.is(first, "[") && ends_with(first) && language.list_around.is_some() {
        return list(element(first)?);
    }
    if language.list_around.is_some_and(|(before, _)| before == "List[")
        && matches!(lexed.word(first), "List" | "Seq" | "Vector" | "Set" | "Array")
        && lexed.is(first + 1, "(")
        && ends_with(first + 1)
    {
        return Some(format!("{}[{}]", lexed.word(first), element(first + 1)?));
    }
    // An object of one's own: `Sailing("north", 4)`, `Sailing { from, seats }`.
    let own = |one: &&erratum_syntax::names::Declared| one.kind == NameKind::Type;
    let object = matches!(lexed.word(first + 1), "(" | "{") && ends_with(first + 1);
    let named = case.text.names.of(lexed.word(first)).any(|one| own(&one));
    (object && named).then(|| lexed.word(first).to_owned())
}

/// What makes a text that can grow: `"low".to_string()`, `String::from("low")`.
fn text_made(case: &Case, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    if !case.language().borrows {
        return None;
    }
    let method = last.checked_sub(2).map_or("", |at| lexed.word(at));
    let text = matches!(method, "to_string" | "to_owned" | "to_uppercase" | "to_lowercase")
        && lexed.is(last - 1, "(")
        || lexed.is(first, "String") && lexed.is(first + 1, "::")
        || lexed.is(first, "format");
    text.then(|| "String".to_owned())
}

/// What a name without a type was given.
fn by_name(case: &Case, name: usize, more: usize) -> Option<String> {
    let lexed = case.lexed();
    let declared = case.text.names.resolve(lexed, name).filter(|_| more > 0)?;
    let set = declared.token + 1;
    if !matches!(lexed.word(set), "=" | ":=") {
        return None;
    }
    let mut end = case.statement_end(set);
    if lexed.opens_block(end) {
        end = case.text.pairs.partner_of(end)?;
    }
    if lexed.is(end, ";") {
        end -= 1;
    }
    followed(case, set + 1, end, more - 1)
}
