//! What changed between two compiles of a text and of its copy with edits.

use crate::edit::{Edit, PositionMap};
use crate::message::Message;
use crate::source::Program;
use std::collections::HashMap;

/// A message without its numbers and exact place: the same before and after an edit elsewhere.
#[derive(Clone, Debug, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(super) struct Key {
    pub text: String,
    pub file: String,
    pub line: u32,
}

/// The key of a message; `back` gives the places of the text before the edits.
pub(super) fn key(message: &Message, after: &Program, before: &Program, edits: &[Edit]) -> Key {
    let text: String = message.text.chars().filter(|c| !c.is_ascii_digit()).collect();
    let Some(at) = &message.at else { return Key { text, file: String::new(), line: 0 } };
    let line = match (after.file(&at.file), before.file(&at.file)) {
        (Some(now), Some(then)) if edits.iter().any(|edit| edit.file == at.file) => {
            let offset = PositionMap::new(&at.file, edits).back(at.range(now).0);
            then.line_of(offset)
        }
        _ => at.line,
    };
    Key { text, file: at.file.clone(), line }
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

/// Holds the messages after some edits against those before.
pub(super) fn compare(
    old: &[Message],
    before: &Program,
    new: &[Message],
    after: &Program,
    edits: &[Edit],
) -> Difference {
    let mut waiting: HashMap<Key, Vec<usize>> = HashMap::new();
    for (index, message) in old.iter().enumerate().rev() {
        waiting.entry(key(message, before, before, &[])).or_default().push(index);
    }
    let mut result = Difference::default();
    for (index, message) in new.iter().enumerate() {
        match waiting.get_mut(&key(message, after, before, edits)).and_then(Vec::pop) {
            Some(old) => result.stays.push((old, index)),
            None => result.new.push(index),
        }
    }
    result.gone = waiting.into_values().flatten().collect();
    result.gone.sort_unstable();
    result
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::message::{Place, Severity};
    use crate::source::Source;

    fn message(text: &str, line: u32) -> Message {
        let mut message = Message::new(Severity::Error, text);
        message.at = Some(Place::point("f", line, 1));
        message
    }

    #[test]
    fn messages_are_followed_through_edits() {
        let before = Program::single(Source::new("f", &b"a\nb\nc\n"[..]));
        let edits = [Edit::insert("f", 1, "\nnew")];
        let after = crate::edit::apply(&before, &edits).unwrap();
        let old = [message("one", 1), message("two", 3)];
        let new = [message("two", 4), message("three", 1)];
        let difference = compare(&old, &before, &new, &after, &edits);
        assert_eq!(difference.gone, [0]);
        assert_eq!(difference.stays, [(1, 0)]);
        assert_eq!(difference.new, [1]);
    }
}
