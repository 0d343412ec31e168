//! What might have stood where a value is missing: what other calls give at that place, what the
//! function around has at hand, a name that nothing uses yet, a plain value.

use super::Case;
use super::shape::{call_at, function_around, text_of, type_of};
use crate::score::{Factor, Score, weight};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use std::collections::BTreeMap;
use std::collections::btree_map::Entry;

/// The starting value of a type compiles, but says nothing.
const STARTING_VALUE: Factor = weight("a starting value of the type", -0.8);
/// How many values of an enumeration are tried.
const ENUMERATED: usize = 3;
/// Zero, where the type is not known.
const ZERO: Factor = weight("zero", -1.2);
/// A call is seldom given the same value twice.
const GIVEN_ALREADY: Factor = weight("the call has it already", -1.5);
/// A value of the type that is wanted.
const TYPE_FITS: Factor = weight("it has the type that is wanted", 1.0);
/// A value of another type.
const TYPE_MISFITS: Factor = weight("it has another type", -1.5);
/// A value whose type is not known.
const TYPE_UNKNOWN: Factor = weight("its type is not known", -0.3);
/// A value with the name of the parameter.
const SAME_NAME: Factor = weight("it has the name of the parameter", 2.0);
/// A value whose name ends like that of the parameter.
const NAME_ENDS_SO: Factor = weight("its name ends like that of the parameter", 1.0);
/// The words beside the gap speak of it.
const WORD_BESIDE: Factor = weight("the words beside the gap speak of it", 1.5);
/// A name that nothing uses yet waits for this use.
const UNUSED: Factor = weight("nothing uses it yet", 1.5);
/// Names that stand further away, in steps of 60 tokens, up to one and a half.
const FAR: Factor = weight("how far away it stands", -1.0);
/// A larger expression is meant more seldom than a name.
const EXPRESSION: Factor = weight("a larger expression", -0.4);
/// What is only given a value there.
const ASSIGNED: Factor = weight("it is only given a value there", -0.3);
/// Other calls of the function are given it at this place.
const SIBLING_GIVES_IT: Factor = weight("other calls are given it", 1.5);
/// A constant is meant more seldom than a variable.
const CONSTANT: Factor = weight("a constant of the file", -0.6);

/// A place that lacks a value.
pub(super) struct Gap<'a> {
    /// The token of the call's name.
    pub call: usize,
    /// Which argument is missing, from 0; nothing where any might be.
    pub index: Option<usize>,
    /// The type that is wanted, or nothing if that is not known.
    pub typed: &'a str,
    /// The parameter's name, or nothing.
    pub name: &'a str,
    /// Words beside the place: those of a format around its mark.
    pub words: Vec<String>,
}

/// How many are handed on.
const KEEP: usize = 5;

/// How far away, in tokens, a value loses a point.
const STEP: f64 = 60.0;

/// Values for a gap, the likeliest first.
pub(super) fn values(case: &Case, gap: &Gap) -> Vec<(String, Score)> {
    let mut all: BTreeMap<String, Score> = BTreeMap::new();
    let mut push = |text: String, score: Score| match all.entry(text) {
        Entry::Occupied(mut known) if known.get().total() < score.total() => {
            known.insert(score);
        }
        Entry::Occupied(_) => {}
        Entry::Vacant(free) => {
            free.insert(score);
        }
    };
    named(case, gap, &mut push);
    bound(case, gap, &mut push);
    around(case, gap, &mut push);
    siblings(case, gap, &mut push);
    constants(case, gap, &mut push);
    let plain = gap.typed.trim_start_matches("const ").trim_start_matches('&');
    match case.language().default_of(plain) {
        Some(value) => push(value.to_owned(), STARTING_VALUE.into()),
        None if gap.typed.is_empty() => push("0".to_owned(), ZERO.into()),
        None if gap.typed.contains("str")
            || gap.typed.contains("char")
            || gap.typed == "String" =>
        {
            push("\"\"".to_owned(), STARTING_VALUE.into());
        }
        None => {
            for value in enumerated(case, plain) {
                push(value, STARTING_VALUE.into());
            }
        }
    }
    let given = given(case, gap.call);
    let mut ranked: Vec<(String, Score)> = all
        .into_iter()
        .map(|(text, score)| {
            let twice = GIVEN_ALREADY.when(given.contains(&text));
            (text, score + twice)
        })
        .collect();
    ranked.sort_by(|a, b| b.1.total().total_cmp(&a.1.total()).then(a.0.cmp(&b.0)));
    ranked.truncate(KEEP);
    ranked
}

/// The first values of an enumeration of the program.
fn enumerated(case: &Case, typed: &str) -> Vec<String> {
    let (lexed, language) = (case.lexed(), case.language());
    let declared = case.text.names.of(typed).find(|one| {
        lexed.before(one.token) == "enum"
            || lexed.before(one.token) == "class" && lexed.is(one.token.wrapping_sub(2), "enum")
    });
    let Some(open) = declared.map(|one| one.token + 1).filter(|at| lexed.is(*at, "{")) else {
        return Vec::new();
    };
    let close = case.text.pairs.partner_of(open).unwrap_or(open);
    let values = (open + 1..close).filter(|at| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && (*at == open + 1 || lexed.before(*at) == ",")
            && matches!(lexed.word(at + 1), "," | "}" | ";" | "=")
    });
    // C names them without their type.
    let owner = if language.tagged_types {
        String::new()
    } else {
        format!("{typed}{}", language.scope_mark)
    };
    values.take(ENUMERATED).map(|at| format!("{owner}{}", lexed.word(at))).collect()
}

/// The arguments that the call has.
fn given(case: &Case, call: usize) -> Vec<String> {
    let open = (call..call + 3).find(|at| case.lexed().is(*at, "("));
    let found = open.and_then(|open| call_at(case, open));
    found.map_or(Vec::new(), |call| call.arguments.iter().map(|a| text_of(case, *a)).collect())
}

/// How well a type fits the gap.
fn fits(gap: &Gap, typed: Option<&str>) -> Factor {
    let plain =
        |name: &str| name.trim_start_matches("const ").trim_start_matches('&').replace(' ', "");
    match typed {
        _ if gap.typed.is_empty() => TYPE_FITS.when(false),
        Some(typed) if plain(typed) == plain(gap.typed) => TYPE_FITS,
        Some(_) => TYPE_MISFITS,
        None => TYPE_UNKNOWN,
    }
}

/// How well a name goes with the parameter's name and the words beside the gap.
fn sounds(gap: &Gap, text: &str) -> Score {
    let low = text.to_lowercase();
    let last = low.rsplit(['.', '>', '_']).next().unwrap_or(&low).to_owned();
    let same = SAME_NAME.when(!gap.name.is_empty() && text == gap.name);
    let ends = NAME_ENDS_SO.when(!gap.name.is_empty() && last == gap.name.to_lowercase());
    let word = gap.words.iter().any(|word| {
        let stem = word.trim_end_matches('s');
        stem.len() > 2 && low.contains(stem)
    });
    same + ends + WORD_BESIDE.when(word)
}

/// The names that are visible at the gap.
fn named(case: &Case, gap: &Gap, push: &mut impl FnMut(String, Score)) {
    let lexed = case.lexed();
    for declared in &case.text.names.declared {
        let visible =
            declared.token < gap.call && (declared.scope.0..=declared.scope.1).contains(&gap.call);
        // The value that is being worked out cannot go into its own making.
        let own = lexed.code[declared.token].line == lexed.code[gap.call].line
            && lexed.is(declared.token + 1, "=");
        if !visible || own || !matches!(declared.kind, NameKind::Value | NameKind::Member) {
            continue;
        }
        let word = lexed.word(declared.token);
        // What a program is started with is given where it is named, not where anything fits.
        if word == "args" || word == "argv" {
            continue;
        }
        let has = type_of(case, declared.token, declared.token);
        let unused = UNUSED.when(case.text.names.uses(word) == 0);
        let far = FAR * (gap.call.abs_diff(declared.token) as f64 / STEP).min(1.5);
        push(word.to_owned(), fits(gap, has.as_deref()) + sounds(gap, word) + unused + far);
    }
}

/// Names that the pattern of the case around takes out, and that it does not use yet.
fn bound(case: &Case, gap: &Gap, push: &mut impl FnMut(String, Score)) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[gap.call].line);
    let arrow = (line.start..gap.call).rev().find(|at| lexed.is(*at, "=>"));
    let Some(arrow) = arrow.filter(|_| case.language().borrows) else { return };
    let end = line.end;
    for at in line.start..arrow {
        let taken = lexed.kind(at) == Some(TokenKind::Name)
            && lexed.word(at).starts_with(char::is_lowercase)
            && matches!(lexed.word(at + 1), "," | ")" | "}");
        if taken && !(arrow..end).any(|used| lexed.is(used, lexed.word(at))) {
            push(lexed.word(at).to_owned(), sounds(gap, lexed.word(at)) + UNUSED);
        }
    }
}

/// Larger expressions that the function around uses: `wanted[i]`, `one->name`.
fn around(case: &Case, gap: &Gap, push: &mut impl FnMut(String, Score)) {
    let lexed = case.lexed();
    let Some(function) = function_around(case, gap.call) else { return };
    let end = function.close.unwrap_or(lexed.code.len() - 1).min(gap.call + 80);
    let mut at = function.open.max(gap.call.saturating_sub(160));
    while at < end {
        let last = expression_end(case, at);
        if last > at {
            let text = text_of(case, (at, last));
            let assigned = lexed.is(last + 1, "=");
            if !text.contains('\n') && text.len() < 40 {
                let has = type_of(case, at, last);
                let far = FAR * (gap.call.abs_diff(at) as f64 / STEP).min(1.5);
                let score = fits(gap, has.as_deref())
                    + sounds(gap, &text)
                    + far
                    + EXPRESSION
                    + ASSIGNED.when(assigned);
                push(text, score);
            }
        }
        at = last + 1;
    }
}

/// The last token of the expression of names, indices and members that starts here; the token
/// itself if none does.
fn expression_end(case: &Case, start: usize) -> usize {
    let lexed = case.lexed();
    let starts =
        lexed.kind(start) == Some(TokenKind::Name) || matches!(lexed.word(start), "self" | "this");
    if !starts || matches!(lexed.word(start.wrapping_sub(1)), "." | "->" | "::") {
        return start;
    }
    let mut last = start;
    loop {
        match lexed.word(last + 1) {
            "." | "->"
                if lexed.kind(last + 2) == Some(TokenKind::Name) && !lexed.is(last + 3, "(") =>
            {
                last += 2;
            }
            "[" => match case.text.pairs.partner_of(last + 1) {
                Some(close) => last = close,
                None => return last,
            },
            _ => return last,
        }
    }
}

/// What other calls of the same function give at the place.
fn siblings(case: &Case, gap: &Gap, push: &mut impl FnMut(String, Score)) {
    let (lexed, Some(index)) = (case.lexed(), gap.index) else { return };
    let name = lexed.word(gap.call);
    let wanted = case.text.names.of(name).next().is_some();
    for &other in case.text.names.seen.get(name).into_iter().flatten() {
        if other == gap.call || !wanted {
            continue;
        }
        let Some(call) = call_at(case, other + 1) else { continue };
        let declares = case.text.names.declared.iter().any(|d| d.token == other);
        let Some(argument) = call.arguments.get(index).filter(|_| !declares) else { continue };
        let text = text_of(case, *argument);
        // A constant is given again and again; a variable of another function is not known here.
        let visible = (argument.0..=argument.1).all(|at| {
            lexed.kind(at) != Some(TokenKind::Name)
                || lexed.word(at).chars().all(|c| !c.is_lowercase())
                || visible_at(case, lexed.word(at), gap.call)
        });
        if visible && text.len() < 40 {
            push(text, SIBLING_GIVES_IT.into());
        }
    }
}

fn visible_at(case: &Case, name: &str, token: usize) -> bool {
    let all = case.text.names.of(name);
    let mut scopes = all.map(|declared| declared.scope);
    scopes.any(|(start, end)| (start..=end).contains(&token))
}

/// `#define` names.
fn constants(case: &Case, gap: &Gap, push: &mut impl FnMut(String, Score)) {
    let lexed = case.lexed();
    for token in lexed.code.iter().filter(|token| token.kind == TokenKind::Directive) {
        let mut words = lexed.text(token).split_whitespace();
        if let (Some("#define"), Some(name), Some(value)) =
            (words.next(), words.next(), words.next())
            && !name.contains('(')
        {
            let typed = if value.starts_with('"') {
                "char *"
            } else if value.contains('.') {
                "double"
            } else {
                "int"
            };
            let uses = case.text.names.seen.get(name).map_or(0, Vec::len);
            let unused = UNUSED.when(uses == 0);
            let score = fits(gap, Some(typed)) + sounds(gap, name) + unused + CONSTANT;
            push(name.to_owned(), score);
        }
    }
}
