//! What changed between two compiles of a text and of its copy with edits.

use crate::message::Message;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::source::Program;
use std::collections::HashMap;

/// A message without its numbers and exact place: the same before and after an edit elsewhere.
#[derive(Clone, Debug, PartialEq, Eq, Hash, PartialOrd, Ord)]
struct Key {
    text: String,
    /// Its code, which tells apart what the same words are said of (`cannot implement`, of javac 17).
    code: Option<String>,
    /// What it is about, where only a note says so: two messages with the same text are about two
    /// names then.
    subject: String,
    file: String,
    line: u32,
}

/// The key, and the byte of the text before the edits at which the message points.
fn placed(message: &Message, after: &Program, before: &Program, sets: &[&[Edit]]) -> (Key, usize) {
    let text: String = message.text.chars().filter(|c| !c.is_ascii_digit()).collect();
    let (code, subject) = (message.code.clone(), message.subject().to_owned());
    let Some(at) = &message.at else {
        return (Key { text, code, subject, file: String::new(), line: 0 }, 0);
    };
    let (line, offset) = match (after.file(&at.file), before.file(&at.file)) {
        (Some(now), Some(then)) => {
            let offset = edit::back(&at.file, at.range(now).0, sets);
            (then.line_of(offset), offset)
        }
        _ => (at.line, at.column as usize),
    };
    (Key { text, code, subject, file: at.file.clone(), line }, offset)
}

/// The differences between two sets of messages.
#[derive(Clone, Debug, Default)]
pub(super) struct Difference {
    /// Indices of messages before that are gone.
    pub gone: Vec<usize>,
    /// Indices of messages after that are new.
    pub new: Vec<usize>,
    /// For each message before that stays: its index after.
    pub stays: Vec<(usize, usize)>,
}

/// Holds the messages after some sets of edits, made one after the other, against those before.
pub(super) fn compare(
    old: &[Message],
    before: &Program,
    new: &[Message],
    after: &Program,
    sets: &[&[Edit]],
) -> Difference {
    let mut waiting: HashMap<Key, Vec<(usize, usize)>> = HashMap::new();
    for (index, message) in old.iter().enumerate() {
        let (key, offset) = placed(message, before, before, &[]);
        waiting.entry(key).or_default().push((offset, index));
    }
    let mut result = Difference::default();
    let mut moved = Vec::new();
    for (index, message) in new.iter().enumerate() {
        let (key, offset) = placed(message, after, before, sets);
        let same = waiting.get_mut(&key).and_then(|all| {
            let found = all.iter().position(|(old, _)| *old == offset)?;
            Some(all.remove(found).1)
        });
        match same {
            Some(old) => result.stays.push((old, index)),
            None => moved.push((index, key, offset)),
        }
    }
    // Of two that say the same of one line, the nearer one has moved.
    for (index, key, offset) in moved {
        let nearest = waiting.get_mut(&key).and_then(|all| {
            let found = (0..all.len()).min_by_key(|i| all[*i].0.abs_diff(offset))?;
            Some(all.remove(found).1)
        });
        match nearest {
            Some(old) => result.stays.push((old, index)),
            None => result.new.push(index),
        }
    }
    result.gone = waiting.into_values().flatten().map(|(_, index)| index).collect();
    result.gone.sort_unstable();
    result
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::message::{Note, Place, Severity};
    use erratum_syntax::source::Source;

    fn message(text: &str, line: u32) -> Message {
        let mut message = Message::new(Severity::Error, text);
        message.at = Some(Place::point("f", line, 1));
        message
    }

    #[test]
    fn of_two_that_say_the_same_the_one_that_was_mended_is_gone() {
        let before = Program::single(Source::new("f", &b"x y\n"[..]));
        let edits = [Edit::replace("f", 0, 1, "xx")];
        let after = edit::apply(&before, &edits).unwrap();
        let at = |column| {
            let mut one = message("same", 1);
            one.at = Some(Place::point("f", 1, column));
            one
        };
        let difference = compare(&[at(1), at(3)], &before, &[at(4)], &after, &[&edits]);
        assert_eq!((difference.gone, difference.stays), (vec![0], vec![(1, 0)]));
    }

    #[test]
    fn messages_about_two_names_are_two() {
        let program = Program::single(Source::new("f", &b"x y\n"[..]));
        let about = |name: &str| {
            let mut one = message("cannot find symbol", 1);
            one.notes.push(Note { text: format!("symbol:   {name}"), at: None });
            one
        };
        let of =
            |now: &str| compare(&[about("variable x")], &program, &[about(now)], &program, &[]);
        assert_eq!(of("method y()").gone, [0]);
        assert_eq!(of("variable x").stays, [(0, 0)]);
    }

    #[test]
    fn messages_are_followed_through_edits() {
        let before = Program::single(Source::new("f", &b"a\nb\nc\n"[..]));
        let edits = [Edit::insert("f", 1, "\nnew")];
        let after = edit::apply(&before, &edits).unwrap();
        let old = [message("one", 1), message("two", 3)];
        let new = [message("two", 4), message("three", 1)];
        let difference = compare(&old, &before, &new, &after, &[&edits]);
        assert_eq!(difference.gone, [0]);
        assert_eq!(difference.stays, [(1, 0)]);
        assert_eq!(difference.new, [1]);
    }
}
