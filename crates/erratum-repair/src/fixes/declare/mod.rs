//! Declarations: made twice, never made, made without a word they need, or under the wrong name.

pub(super) mod duplicate;
pub(super) mod file_name;
pub(super) mod header_words;
pub(super) mod left_block;
pub(super) mod lost_brackets;
pub(super) mod lost_parameter;
pub(super) mod mutable;
pub(super) mod setter;
pub(super) mod static_member;
pub(super) mod undeclared;
pub(super) mod unused;

use super::Case;
use erratum_syntax::edit::Edit;

/// Takes the tokens out, with their line if nothing else stands on it.
fn delete_lines(case: &Case, first: usize, last: usize) -> Edit {
    let lexed = case.lexed();
    let (a, b) = (lexed.code[first], lexed.code[last]);
    let source = &lexed.source;
    let end_line = source.line_of(b.end.saturating_sub(1));
    let whole = a.first
        && lexed.code.get(last + 1).is_none_or(|next| next.first)
        && source.line_end(end_line) == b.end;
    if whole {
        return Edit::delete(
            case.file(),
            source.line_start(a.line),
            source.line_start(end_line + 1),
        );
    }
    Edit::delete(case.file(), a.start, b.end)
}
