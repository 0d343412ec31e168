//! A name that is two known ones without the mark between them.

use super::super::{Candidate, Case, weights as w};
use super::is_known;
use crate::score::{Factor, Score, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The mark stands behind this name elsewhere.
const MARK_HABIT: Factor = weight("the mark stands there elsewhere", 1.0);
/// The mark stands behind this name nowhere else.
const NO_MARK_HABIT: Factor = weight("the mark stands there nowhere else", -1.0);
/// Which operator was lost between two values, nobody can tell.
const LOST_OPERATOR: Factor = weight("which operator was lost is not known", -2.0);
/// Each operator that is more usual.
const RARER_OPERATOR: Factor = weight("a rarer operator", -0.3);

/// Where an unknown name could fall into two, as bytes of it, with how many of the parts are known.
pub(in crate::fixes) fn splits(case: &Case, token: usize) -> Vec<(usize, f64)> {
    let text = case.lexed().word(token);
    // What the library knows whole is not parted.
    let library = case.language();
    if library.known_names().any(|(name, _)| name == text)
        || library.library.iter().any(|(path, _, _)| library.same_name(path, text))
    {
        return Vec::new();
    }
    let known = |name: &str| {
        case.text.names.seen.contains_key(name)
            || name.bytes().all(|byte| byte.is_ascii_digit())
            || case.language().is_keyword(name)
            || case.language().is_type(name)
            || case.language().known_names().any(|(known, _)| known == name)
    };
    let starts = |tail: &str| {
        tail.starts_with(|c: char| c.is_alphabetic() || c == '_')
            || tail.bytes().all(|byte| byte.is_ascii_digit())
    };
    text.char_indices()
        .skip(1)
        .map(|(at, _)| (at, text.split_at(at)))
        .filter(|(_, (_, tail))| starts(tail))
        .map(|(at, (head, tail))| (at, f64::from(u8::from(known(head)) + u8::from(known(tail)))))
        .collect()
}

/// `freshseats` for `fresh->seats`, `ratetimes` for `rate*times`: a mark between two names was lost.
pub(super) fn lost_mark(case: &Case, token: usize, base: &Score, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let names = &case.text.names;
    if is_known(case, token) {
        return;
    }
    let text = lexed.word(token).to_owned();
    for (at, _) in splits(case, token).into_iter().filter(|(_, parts)| *parts >= 2.0) {
        let (head, tail) = text.split_at(at);
        let edit = |mark: &str| vec![case.insert(lexed.code[token].start + at, mark)];
        let after = |mark: &str| {
            names.seen.get(head).is_some_and(|seen| seen.iter().any(|at| lexed.is(at + 1, mark)))
        };
        let member = names.of(tail).any(|d| d.kind == NameKind::Member)
            || names.seen.get(tail).is_some_and(|seen| {
                seen.iter().any(|at| matches!(lexed.word(at.wrapping_sub(1)), "." | "->"))
            });
        for mark in
            [".", "->", "::"].into_iter().filter(|mark| *mark != "->" || case.language().directives)
        {
            let fits = match mark {
                "::" => head.starts_with(char::is_uppercase) && after("::"),
                _ => member,
            };
            if fits {
                let habit = if after(mark) { MARK_HABIT } else { NO_MARK_HABIT };
                all.push(Candidate::new(
                    MistakeId::MissingMark,
                    base.clone() + w::RUN_TOGETHER + habit,
                    edit(mark),
                ));
            }
        }
        let value = |name: &str| names.of(name).any(|d| d.kind == NameKind::Value);
        // A name twice is rather typed twice than a value combined with itself.
        if value(head) && value(tail) && head != tail {
            for (rank, mark) in [" + ", " * ", " - ", " / ", " < "].into_iter().enumerate() {
                let score =
                    base.clone() + w::RUN_TOGETHER + LOST_OPERATOR + RARER_OPERATOR * rank as f64;
                all.push(Candidate::new(MistakeId::MissingMark, score, edit(mark)).guess());
            }
        }
    }
}
