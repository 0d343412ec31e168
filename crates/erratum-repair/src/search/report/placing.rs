//! Whether a mistake is told where its change stands, or where the compiler reported it.

use super::{Draft, puts_in_line};
use crate::effect::Effect;
use crate::fixes::Candidate;
use crate::verdict::Fix;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::language::Language;

/// From here on one reading is as likely as all others together.
const EVEN: f64 = 0.5;

/// The part of the fix whose place is that of the mistake, if any is: of a change that was hardly meant only
/// where nothing speaks for the place that was reported. `usual` is the mistake that the message tells of,
/// and `missing` whether a value may be missing there.
pub(super) fn told_there<'a>(
    draft: &Draft<'a>,
    fixes: &[Fix],
    usual: &str,
    missing: bool,
    phase: Phase,
    language: &Language,
) -> Option<(usize, &'a Candidate)> {
    let likely = fixes.first().is_some_and(Fix::is_likely);
    let (number, candidate) = draft.part?;
    if likely {
        return Some((number, candidate));
    }
    let replaces = candidate.edits.iter().all(|edit| edit.start != edit.end);
    // Where a line is put in that may not have been meant, no line there is at fault.
    let whole_line = candidate.edits.iter().any(puts_in_line);
    // What somebody hid or fixed with a word may be meant so: then its use is at fault. A word that is not
    // there is easily forgotten.
    let forbids = matches!(candidate.mistake, MistakeId::NotAccessible | MistakeId::FixedValue);
    // Another type for what is declared is told there only if that is as likely as all else: else the value
    // may be the wrong one.
    let hardly = fixes.first().is_some_and(|fix| fix.probability < EVEN);
    let redeclares = fixes.first().is_some_and(|fix| fix.effect == Effect::Redeclares);
    // Where the types of most names follow from others, a clash shows far from the declaration that brings
    // it about.
    let inferred = language.borrows || language.applies_bare;
    let retyped = usual == MistakeId::TypeClash.as_str() && hardly && redeclares && !inferred;
    // Where several changes together are not likely, the first of them is no better a place than the one
    // that was reported; the others are told where they stand.
    let several = phase <= Phase::Syntax
        && number == 0
        && draft.step.taken().is_some_and(|taken| !taken.candidate.then.is_empty());
    // A value that may be missing is that where it stands, whatever may be declared instead.
    let elsewhere =
        several || missing || whole_line || (forbids && replaces) || (retyped && replaces);
    (!elsewhere).then_some((number, candidate))
}
