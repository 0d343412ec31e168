//! A text where a number is wanted: the number is read from it.

use super::texts::is_text;
use crate::fixes::shape::operand_end;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A number is wanted where a text stands.
const NUMBER_WANTED: Factor = weight("a number is wanted", 3.0);

/// Nothing is computed with it: a text does as well.
const ONLY_SHOWN: Factor = weight("nothing is computed with it", -2.5);

/// The ways in which the language reads a number from a text, around the value that does not fit.
pub(super) fn parsed(case: &Case, all: &mut Vec<Candidate>) {
    let holes = [("from", "to"), ("found", "expected")];
    let clash = holes.iter().find_map(|(is, wanted)| {
        let (is, wanted) = (case.word(is)?, case.word(wanted)?);
        is_text(case, is).then_some(wanted)
    });
    let Some(wanted) = clash else { return };
    let same = |typed: &str| {
        typed == wanted || case.language().any_case && typed.eq_ignore_ascii_case(wanted)
    };
    let ways = case.language().from_text.iter().filter(|(typed, _, _)| same(typed));
    let lexed = case.lexed();
    for (_, before, after) in ways {
        let Some((first, last)) = value(case) else { return };
        // A text in quotes is a number that was written as one.
        if first == last && lexed.kind(first) != Some(TokenKind::Name) {
            return;
        }
        let (from, to) = (lexed.code[first].start, lexed.code[last].end);
        let put = [(from, *before), (to, *after)];
        let edits = put.into_iter().filter(|(_, text)| !text.is_empty());
        let edits = edits.map(|(at, text)| case.insert(at, text)).collect();
        let score = NUMBER_WANTED + ONLY_SHOWN.when(is_only_shown(case, first));
        all.push(Candidate::new(MistakeId::MissingToNumber, score, edits).guess());
    }
}

/// Whether a value is what a name is declared with, and nothing is computed with that name.
fn is_only_shown(case: &Case, first: usize) -> bool {
    let lexed = case.lexed();
    let name = first.checked_sub(2).filter(|_| lexed.before(first) == "=");
    let declared = name.and_then(|at| case.text.names.declared.iter().find(|one| one.token == at));
    let Some(declared) = declared else { return false };
    let seen = case.text.names.seen.get(lexed.word(declared.token)).map_or(&[][..], Vec::as_slice);
    let mut uses = seen.iter().copied().filter(|at| {
        *at > declared.token
            && *at <= declared.scope.1
            && case.text.names.resolve(lexed, *at).is_some_and(|one| one.token == declared.token)
    });
    // A `+` beside a text joins.
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    let computes = |at: usize, beside: usize| match lexed.word(at) {
        "+" => !text(beside),
        word => COMPUTES.contains(&word),
    };
    uses.clone().next().is_some()
        && !uses.any(|at| {
            computes(at + 1, at + 2) || at > 1 && computes(at - 1, at - 2) || lexed.is(at - 1, "[")
        })
}

/// Marks that stand beside numbers.
const COMPUTES: &[&str] = &[
    "-", "*", "/", "%", "<", ">", "<=", ">=", "==", "!=", "+=", "-=", "*=", "/=", "++", "--", "..",
];

/// The value that does not fit: what the message points at, or what a name that it points at is given.
pub(super) fn value(case: &Case) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let typed = |at: usize| case.text.names.declared.iter().any(|d| d.token == at);
    let mut first = case.token;
    // tsc 5.9 points at the word that gives the value back.
    first += usize::from(lexed.is(first, "return"));
    let mark = (first + 1..line.end).find(|at| lexed.is(*at, "="));
    if lexed.is(first + 1, "=") {
        first += 2;
    } else if lexed.is(first + 1, ":") {
        // A member of an object has its value there; a variable has its type there first.
        first = if typed(first) { mark? + 1 } else { first + 2 };
    } else if typed(first) {
        first = mark? + 1;
    }
    // The message may point into the value.
    while matches!(lexed.before(first), "." | "->") && first >= 2 {
        first -= 2;
    }
    if matches!(lexed.word(first), "." | "(" | "[") && first > line.start {
        let mut at = first - 1;
        while matches!(lexed.before(at), "." | "->") && at >= 2 {
            at -= 2;
        }
        first = at;
    }
    matches!(lexed.kind(first)?, TokenKind::Name | TokenKind::Str)
        .then(|| Some((first, operand_end(case, first)?)))?
}
