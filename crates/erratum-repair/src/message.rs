//! What a compiler said: messages with their places, notes and suggestions.

use erratum_syntax::source::{ColumnUnit, Source};
use erratum_syntax::visible::visible;
use serde::{Deserialize, Serialize};
use std::borrow::Cow;
use std::path::Path;

/// How grave a message is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Severity {
    /// A remark that belongs to another message.
    Note,
    /// The program compiles, but something in it is odd.
    Warning,
    /// The program does not compile.
    Error,
}

/// Where in a file a message points. Lines and columns count from 1; ends are exclusive.
#[derive(Clone, Debug, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Place {
    /// The file, as the compiler names it.
    pub file: String,
    /// First line.
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub line: u32,
    /// First column, in Unicode characters (in a report, once [`Message::resolve`] has run).
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub column: u32,
    /// Last line.
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub end_line: u32,
    /// Column after the last.
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub end_column: u32,
}

impl Place {
    /// A place of no width.
    pub fn point(file: impl Into<String>, line: u32, column: u32) -> Place {
        Place { file: file.into(), line, column, end_line: line, end_column: column }
    }

    /// The place of a stretch of bytes.
    pub fn of(source: &Source, start: usize, end: usize) -> Place {
        let (from, to) = (source.position(start), source.position(end));
        Place {
            file: source.name().to_owned(),
            line: from.line,
            column: from.column,
            end_line: to.line,
            end_column: to.column,
        }
    }

    /// The bytes it covers, when its columns count characters.
    pub fn range(&self, source: &Source) -> (usize, usize) {
        let start = source.offset(self.line, self.column, ColumnUnit::Char);
        let end = source.offset(self.end_line, self.end_column, ColumnUnit::Char);
        (start, end.max(start))
    }

    fn resolve(&mut self, unit: ColumnUnit, source: &Source) {
        let start = source.offset(self.line, self.column, unit);
        let end = source.offset(self.end_line, self.end_column, unit).max(start);
        let name = std::mem::take(&mut self.file);
        *self = Place { file: name, ..Place::of(source, start, end) };
    }
}

/// A remark of the compiler that belongs to a message.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Note {
    /// What it says.
    pub text: String,
    /// Where it points, if anywhere.
    pub at: Option<Place>,
}

/// The file of which a message says that it ends too early: gfortran 12 tells no other place.
pub(crate) fn ended_file(text: &str) -> Option<&str> {
    text.strip_prefix("Unexpected end of file in '")?.strip_suffix('\'')
}

/// A change that the compiler itself proposes: to be tried, not believed.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Suggestion {
    /// What it says of it.
    pub text: String,
    /// The stretches to replace, each with its new text.
    pub parts: Vec<(Place, String)>,
}

/// One thing the compiler said, with everything that belongs to it.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Message {
    /// How grave.
    pub severity: Severity,
    /// The compiler's code for it (`E0308`, `-Wunused-variable`, `compiler.err.expected`).
    pub code: Option<String>,
    /// What it says, with plain quotes: ‘ and ’ are read as '.
    pub text: String,
    /// Where it points. A message about the whole program has no place.
    pub at: Option<Place>,
    /// Further places with what the compiler says of them.
    pub spans: Vec<Note>,
    /// Remarks printed with it.
    pub notes: Vec<Note>,
    /// Changes the compiler proposes.
    pub suggestions: Vec<Suggestion>,
    /// How often the very same message was printed.
    pub count: u32,
    /// The unit of its columns, until it is resolved.
    #[serde(skip)]
    pub unit: ColumnUnit,
}

impl Message {
    /// The label by which rustc points at the type of a result that does not fit (seen with 1.95).
    pub(crate) fn of_result(&self) -> Option<&Note> {
        self.spans.iter().find(|span| span.text.contains("because of return type"))
    }

    /// A message with nothing but its severity and text.
    pub fn new(severity: Severity, text: impl AsRef<str>) -> Message {
        Message {
            severity,
            code: None,
            text: plain_quotes(text.as_ref()),
            at: None,
            spans: Vec::new(),
            notes: Vec::new(),
            suggestions: Vec::new(),
            count: 1,
            unit: ColumnUnit::Char,
        }
    }

    /// Whether it stops the program from compiling.
    pub fn is_error(&self) -> bool {
        self.severity == Severity::Error
    }

    /// The line it points at, if any.
    pub fn line(&self) -> Option<u32> {
        self.at.as_ref().map(|at| at.line)
    }

    /// What it is about, where only a note says so, as `variable tide` in `symbol:   variable tide`
    /// (javac 17); else empty.
    pub fn subject(&self) -> &str {
        let told = self.notes.iter().find_map(|note| note.text.strip_prefix("symbol:"));
        told.unwrap_or("").trim()
    }

    /// Whether a remark points into a file of a library, as far as the names of the files tell: a whole
    /// path, where the message itself names a file of the folder; ghc names the library itself (seen with 9.0).
    pub(crate) fn points_into_library(&self) -> bool {
        if self.text.contains("(and originally defined in ") {
            return true;
        }
        let whole = |place: &Place| Path::new(&place.file).is_absolute();
        let mut remarks = self.spans.iter().chain(&self.notes).filter_map(|note| note.at.as_ref());
        self.at.as_ref().is_some_and(|at| !whole(at)) && remarks.any(whole)
    }

    /// Every place it speaks of.
    fn places_mut(&mut self) -> impl Iterator<Item = &mut Place> {
        let notes =
            self.spans.iter_mut().chain(&mut self.notes).filter_map(|note| note.at.as_mut());
        let parts = self.suggestions.iter_mut().flat_map(|s| s.parts.iter_mut().map(|p| &mut p.0));
        self.at.iter_mut().chain(notes).chain(parts)
    }

    /// Brings lines and columns that no file can have down to `furthest`.
    pub fn bound_places(&mut self, furthest: u32) {
        for place in self.places_mut() {
            for number in
                [&mut place.line, &mut place.column, &mut place.end_line, &mut place.end_column]
            {
                *number = (*number).clamp(1, furthest);
            }
        }
    }

    /// Gives every file it speaks of another name.
    pub fn rename_files(&mut self, name: &dyn Fn(&str) -> String) {
        for place in self.places_mut() {
            place.file = name(&place.file);
        }
    }

    /// Brings a message that points into a file which is not the learner's to the first place of
    /// theirs that it speaks of: a template of the library is at fault only as it was used. Where it
    /// pointed stays as a note.
    fn bring_home(&mut self, own: &mut dyn FnMut(&str) -> bool) {
        let Some(at) = self.at.as_ref().filter(|at| !own(&at.file)) else { return };
        let home = self.spans.iter().chain(&self.notes).filter_map(|note| note.at.as_ref());
        let mut home = home.into_iter();
        let Some(home) = home.find(|place| own(&place.file)).cloned() else { return };
        let text = "what is used there stands in a file of the library".to_owned();
        let note = Note { text, at: Some(at.clone()) };
        self.at = Some(home);
        self.notes.push(note);
    }

    /// Turns the compiler's columns into Unicode characters. Places in files that `find` does not
    /// know stay as they are, and a message that points into one comes to a place in one that it knows.
    pub fn resolve(&mut self, find: &mut dyn FnMut(&str) -> Option<Source>) {
        let unit = std::mem::take(&mut self.unit);
        if self.at.is_none()
            && let Some(name) = ended_file(&self.text)
            && let Some(source) = find(name)
        {
            let end = source.bytes().trim_ascii_end().len();
            self.at = Some(Place::of(&source, end, end));
        }
        for place in self.places_mut() {
            if unit != ColumnUnit::Char
                && let Some(source) = find(&place.file)
            {
                place.resolve(unit, &source);
            }
        }
        self.bring_home(&mut |name| find(name).is_some());
        self.make_visible();
    }

    /// Writes out what would steer a terminal or reorder a line. The text of changes stays as it is.
    fn make_visible(&mut self) {
        let notes = self.spans.iter_mut().chain(&mut self.notes).map(|note| &mut note.text);
        let suggested = self.suggestions.iter_mut().map(|suggestion| &mut suggestion.text);
        let code = self.code.iter_mut();
        for text in notes.chain(suggested).chain(code).chain([&mut self.text]) {
            if let Cow::Owned(plain) = visible(text) {
                *text = plain;
            }
        }
        self.rename_files(&|file| visible(file).into_owned());
    }
}

/// Reads typographic quotes as plain ones, so that one pattern fits every locale.
pub fn plain_quotes(text: &str) -> String {
    text.chars()
        .map(|c| match c {
            '\u{2018}' | '\u{2019}' => '\'',
            '\u{201c}' | '\u{201d}' => '"',
            other => other,
        })
        .collect()
}

/// Joins messages that say the same thing of the same place, counting them.
pub fn merge_doubles(messages: Vec<Message>) -> Vec<Message> {
    let mut seen = std::collections::HashMap::new();
    let mut kept: Vec<Message> = Vec::with_capacity(messages.len());
    for message in messages {
        let key = (message.severity, message.text.clone(), message.at.clone());
        match seen.get(&key) {
            Some(&index) => {
                let first: &mut Message = &mut kept[index];
                first.count += message.count;
            }
            None => {
                seen.insert(key, kept.len());
                kept.push(message);
            }
        }
    }
    kept
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_a_message_holds_steers_nothing() {
        let mut message = Message::new(Severity::Error, "unknown \u{1b}[31mtide");
        message.at = Some(Place::point("quay\u{202e}.c", 1, 1));
        message.notes.push(Note { text: "see \u{9b}2J".to_owned(), at: None });
        message.resolve(&mut |_| None);
        assert_eq!(message.text, "unknown \\u{1b}[31mtide");
        assert_eq!(message.notes[0].text, "see \\u{9b}2J");
        assert_eq!(message.at.unwrap().file, "quay\\u{202e}.c");
    }

    #[test]
    fn a_message_of_the_library_comes_home() {
        let mut message = Message::new(Severity::Error, "abstract class");
        message.at = Some(Place::point("memory.h", 1065, 3));
        let note = Note { text: "here".to_owned(), at: Some(Place::point("quay.cpp", 4, 8)) };
        message.notes.push(note);
        let mut own = |name: &str| name == "quay.cpp";
        message.bring_home(&mut own);
        assert_eq!(message.line(), Some(4));
        assert_eq!(message.notes[1].at, Some(Place::point("memory.h", 1065, 3)));
        message.bring_home(&mut own);
        assert_eq!((message.line(), message.notes.len()), (Some(4), 2));
    }
}
