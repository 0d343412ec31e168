//! Fixes that are one: those that change what another put in, and those that touch each other.

use super::super::minimise::Unit;
use super::super::node::{Changes, Done, Node};
use super::{Draft, Scene};

/// A fix and a later one that changes what it put in are one change, and their mistakes one mistake.
pub(super) fn join(scene: &Scene, node: &Node, drafts: &mut Vec<Draft>) {
    let length = |name: &str| {
        let known = scene.original.file(name).map(|file| file.bytes().len());
        known.or_else(|| scene.compile.source(name).map(|file| file.bytes().len()))
    };
    for Changes { of, edits } in node.composed(length).unwrap_or_default() {
        let mended =
            |(step, _): &(usize, usize)| matches!(node.steps[*step].done, Done::Mended { .. });
        if of.len() < 2 || edits.is_empty() || !of.iter().all(mended) {
            continue;
        }
        let is = |draft: &Draft, one: &(usize, usize)| {
            draft.part.is_some_and(|(part, _)| (draft.number, part) == *one)
        };
        // Where nothing is left of what the first put in, the last one tells what the mistake is.
        let first = drafts.iter().find(|draft| is(draft, &of[0]));
        let stays = first.and_then(|draft| draft.part).is_some_and(|(_, candidate)| {
            let puts = candidate.edits.iter().map(|edit| edit.text.trim());
            let mut puts = puts.filter(|text| !text.is_empty()).map(beginning);
            puts.any(|text| edits.iter().any(|edit| edit.text.contains(text)))
        });
        let teller = if stays { of.first() } else { of.last() };
        let (mut joined, rest): (Vec<Draft>, Vec<Draft>) =
            drafts.drain(..).partition(|draft| of.iter().any(|one| is(draft, one)));
        *drafts = rest;
        let Some(at) = joined.iter().position(|draft| teller.is_some_and(|one| is(draft, one)))
        else {
            drafts.extend(joined);
            continue;
        };
        let mut draft = joined.swap_remove(at);
        draft.unit = draft.unit.or_else(|| joined.iter().find_map(|other| other.unit));
        draft.owned.extend(joined.iter().flat_map(|other| other.owned.iter()));
        draft.owned.sort_unstable();
        draft.quiets.extend(joined.iter().flat_map(|other| other.quiets.iter()));
        draft.together = Some(edits);
        drafts.push(draft);
    }
    drafts.sort_by_key(|draft| draft.number);
}

/// Two changes that touch each other were one slip, which took two steps.
pub(super) fn merge_neighbours(scene: &Scene, drafts: &mut Vec<Draft>) {
    let span = |unit: &Unit| {
        let first = unit.edits.first()?;
        let start = unit.edits.iter().map(|edit| edit.start).min()?;
        let end = unit.edits.iter().map(|edit| edit.end).max()?;
        Some((first.file.clone(), start, end))
    };
    // A word that is put right is a slip by itself, whatever stands beside it.
    let respells = |unit: &Unit| {
        unit.edits.iter().all(|edit| {
            let old = scene.original.file(&edit.file).map(|file| file.slice(edit.start, edit.end));
            old.is_some_and(|old| is_word(&old)) && is_word(&edit.text)
        })
    };
    let mut index = 1;
    while index < drafts.len() {
        let near = (0..index).find(|before| {
            let spans = (drafts[*before].unit.and_then(span), drafts[index].unit.and_then(span));
            let (Some(one), Some(other)) = spans else { return false };
            let line = |offset| scene.original.file(&one.0).map(|file| file.line_of(offset));
            let word = [*before, index].into_iter().any(|at| drafts[at].unit.is_some_and(respells));
            one.0 == other.0
                && line(one.1) == line(other.1)
                && one.1.max(other.1).saturating_sub(one.2.min(other.2))
                    <= if word { 0 } else { NEAR }
        });
        match near {
            Some(before) => {
                let gone = drafts.remove(index);
                drafts[before].merged.extend(gone.unit);
                drafts[before].owned.extend(gone.owned);
                drafts[before].owned.sort_unstable();
            }
            None => index += 1,
        }
    }
}

/// Whether a text is one word.
fn is_word(text: &str) -> bool {
    let part = |letter: char| letter.is_alphanumeric() || letter == '_';
    !text.is_empty() && text.chars().all(part)
}

/// The first half of a text.
fn beginning(text: &str) -> &str {
    let letters = text.chars().count().div_ceil(2);
    text.char_indices().nth(letters).map_or(text, |(at, _)| &text[..at])
}

/// How many bytes apart two changes are at most that were one slip.
const NEAR: usize = 2;
