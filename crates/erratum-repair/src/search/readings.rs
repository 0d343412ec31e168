//! Which changes are the same reading of a program: they make the same of it.

use super::trial::Trial;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::lex::Lexed;
use erratum_syntax::text::Text;
use std::sync::Arc;

/// The changes of each part of a trial: file, place and text, as places of the program before it. Where
/// lines mean nothing, a place is one among the words: a `}` at the end of a line is the same as one at
/// the start of the next.
pub(super) fn changes(trial: &Trial, read: impl Fn(&str) -> Option<Arc<Text>>) -> Vec<Vec<Placed>> {
    let mut sets: Vec<&[Edit]> = Vec::new();
    let mut all = Vec::new();
    for part in trial.candidate.parts() {
        let back = |edit: &Edit| {
            // Blanks count in a text that begins or ends there.
            let of_code = |text: &Arc<Text>| {
                free_of_lines(&text.lexed) && !edit.text.contains(['"', '\'', '`'])
            };
            let text = read(&edit.file).filter(of_code);
            let place = |offset| {
                let before = edit::back(&edit.file, offset, &sets);
                text.as_ref().map_or(before, |text| words_before(&text.lexed, before))
            };
            (edit.file.clone(), place(edit.start), place(edit.end), edit.text.trim().to_owned())
        };
        all.push(part.edits.iter().map(back).collect());
        sets.push(&part.edits);
    }
    all
}

/// A file, two places in it, and what stands between them.
pub(super) type Placed = (String, usize, usize, String);

/// Whether the ends of lines mean nothing in a language.
fn free_of_lines(lexed: &Lexed) -> bool {
    !lexed.language.layout && !lexed.language.line_ends
}

/// The place of a byte among the code tokens, which is the same anywhere between two of them. Within a
/// token, each byte is a place of its own.
fn words_before(lexed: &Lexed, offset: usize) -> usize {
    let before = lexed.code.partition_point(|token| token.end <= offset);
    let within = lexed.code.get(before).is_some_and(|token| token.start < offset);
    if within { usize::MAX - offset } else { before }
}
