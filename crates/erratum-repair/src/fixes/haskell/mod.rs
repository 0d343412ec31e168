//! Languages that apply functions without brackets and read blocks from columns.

pub(super) mod added;
pub(super) mod annotated;
pub(super) mod answered;
pub(super) mod applied;
pub(super) mod arrows;
pub(super) mod bare_pattern;
pub(super) mod block_value;
pub(super) mod bound_mark;
pub(super) mod bracketed_type;
pub(super) mod branch_text;
pub(super) mod classes;
pub(super) mod composed;
pub(super) mod comprehension;
pub(super) mod cons_pattern;
pub(super) mod dotted;
pub(super) mod each_line;
pub(super) mod each_of;
pub(super) mod enum_range;
pub(super) mod equations;
pub(super) mod extensions;
pub(super) mod functions;
pub(super) mod gathered;
pub(super) mod grouped;
pub(super) mod guards;
pub(super) mod heads;
pub(super) mod items;
pub(super) mod joined_last;
pub(super) mod just_pattern;
pub(super) mod lacking_value;
pub(super) mod last_comma;
pub(super) mod layout;
pub(super) mod lifted;
pub(super) mod list_meant;
pub(super) mod longer_signature;
pub(super) mod lost_else;
pub(super) mod lost_marks;
pub(super) mod mapped;
pub(super) mod marks;
pub(super) mod no_value;
pub(super) mod numbers;
pub(super) mod of_list;
pub(super) mod one_more;
pub(super) mod own_name;
pub(super) mod plain_binding;
pub(super) mod record_update;
pub(super) mod rest_meant;
pub(super) mod section;
pub(super) mod set_apart;
pub(super) mod shown_each;
pub(super) mod small_letter;
pub(super) mod swapped;
pub(super) mod turned_call;
pub(super) mod type_values;
pub(super) mod uncurried;

use super::Case;
use crate::message::Message;
use crate::score::{Factor, weight};
use erratum_syntax::lex::TokenKind;
use std::ops::Range;

/// Each line between an item and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.3);

/// The items that start on the reported line or on one of so many lines above it, from above, each with
/// what its distance costs.
fn items_near(case: &Case, reach: u32) -> impl Iterator<Item = (Range<usize>, Factor)> {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    let lines = reported.saturating_sub(reach).max(1)..=reported;
    lines.filter_map(move |line| {
        let item = lexed.on_line(line);
        let starts = !item.is_empty() && lexed.code[item.start].first;
        starts.then(|| (item, LINES * f64::from(reported - line)))
    })
}

/// The errors about what the equations of a function give back, as ghc says it: the whole right-hand side
/// (seen with ghc 9.0).
fn of_result<'a>(case: &'a Case, name: &str) -> impl Iterator<Item = &'a Message> {
    let equation = format!(" In an equation for '{name}'");
    case.all.iter().filter(move |message| {
        let of_equation = |text: &str| {
            let whole = text.strip_prefix("In the expression: ").unwrap_or_default();
            let parts =
                [" In the ", " In a ", " In an "].iter().filter_map(|part| whole.find(part));
            parts.min().is_some_and(|at| whole[at..].starts_with(&equation))
        };
        message.is_error() && message.notes.iter().any(|note| of_equation(&note.text))
    })
}

/// The parts of an application from a token on: a head and its values, each a name, a literal or what
/// stands in brackets.
fn application(case: &Case, start: usize, end: usize) -> Vec<Range<usize>> {
    let lexed = case.lexed();
    let mut all = Vec::new();
    let mut at = start;
    while at < end {
        let last = match lexed.kind(at) {
            // `Map.lookup` is one name.
            Some(TokenKind::Name)
                if lexed.is(at + 1, ".")
                    && lexed.kind(at + 2) == Some(TokenKind::Name)
                    && lexed.code[at + 1].start == lexed.code[at].end
                    && lexed.code[at + 2].start == lexed.code[at + 1].end =>
            {
                at + 2
            }
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char) => at,
            Some(TokenKind::Open) if matches!(lexed.word(at), "(" | "[") => {
                match case.text.pairs.partner_of(at) {
                    Some(close) if close < end => close,
                    _ => break,
                }
            }
            _ => break,
        };
        all.push(at..last + 1);
        at = last + 1;
    }
    all
}
