//! What compilers only warn of.

pub(super) mod guard;
pub(super) mod leave_case;
pub(super) mod own_member;
pub(super) mod signs;
pub(super) mod spare;

use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;

/// A lone mark in the place of a body.
const SPARE_MARK: Factor = weight("the mark guards nothing", 3.0);

/// Takes out the lone `;` that a condition on the reported line guards, or the one that is reported
/// itself.
fn empty_body(case: &Case) -> Option<Candidate> {
    let lexed = case.lexed();
    let of_header = |at: usize| header_end(case, at).map(|end| end + 1);
    let line = lexed.code[case.token].line;
    // mcs 6.8 points at what stands behind the `;`, often a line further down.
    let near = lexed.on_line(line).chain(lexed.on_line(line.saturating_sub(1).max(1)));
    let mark = near
        .filter(|at| matches!(lexed.word(*at), "if" | "for" | "while" | "else"))
        .filter_map(of_header)
        .find(|at| lexed.is(*at, ";"))?;
    Some(Candidate::new(MistakeId::EmptyBody, SPARE_MARK, vec![case.delete_token(mark)]))
}

/// The last token of what a condition or a loop header guards starts behind: its `)`, or the
/// word itself.
fn header_end(case: &Case, keyword: usize) -> Option<usize> {
    let lexed = case.lexed();
    if lexed.is(keyword, "else") || lexed.is(keyword, "do") {
        return Some(keyword);
    }
    lexed.is(keyword + 1, "(").then(|| case.text.pairs.partner_of(keyword + 1))?
}
