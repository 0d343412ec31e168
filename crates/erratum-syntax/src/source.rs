//! The text of one file, and the ways compilers count places in it.
//!
//! The text is kept as the bytes that stand in the file: nothing is decoded for keeping, so a file
//! that is not UTF-8 is never damaged. Columns are worked out on demand, in the unit asked for.

use bstr::ByteSlice;
use serde::{Deserialize, Serialize};
use std::borrow::Cow;
use std::sync::Arc;

/// How a compiler counts the columns of a line. Columns count from 1 in every unit.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Default, Serialize, Deserialize)]
pub enum ColumnUnit {
    /// Bytes (gcc's `byte-column`, clang).
    Byte,
    /// Unicode characters; a byte that is not UTF-8 counts as one. The unit of everything Erratum
    /// shows.
    #[default]
    Char,
    /// UTF-16 code units (javac).
    Utf16,
    /// Columns on a screen where a tab goes to the next multiple of `tab` (gcc's plain text: 8).
    Display {
        /// The distance of tab stops.
        tab: u32,
    },
}

/// A place in a text as people count it.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
pub struct Position {
    /// Line, from 1.
    pub line: u32,
    /// Column in Unicode characters, from 1.
    pub column: u32,
}

/// One file: its name as the learner gave it, its bytes, and where its lines start.
///
/// A byte-order mark at the start belongs to the file but not to line 1: column 1 is after it.
/// Cloning is cheap.
#[derive(Clone, Debug)]
pub struct Source {
    name: Arc<str>,
    bytes: Arc<[u8]>,
    starts: Arc<[usize]>,
    /// Whether each byte is a character: then columns need no counting, however long a line is.
    ascii: bool,
}

const BOM: &[u8] = b"\xef\xbb\xbf";

impl Source {
    /// Takes the bytes of a file under the name by which messages will speak of it.
    pub fn new(name: impl Into<Arc<str>>, bytes: impl Into<Arc<[u8]>>) -> Source {
        let bytes = bytes.into();
        let first = if bytes.starts_with(BOM) { BOM.len() } else { 0 };
        let mut starts = vec![first];
        starts.extend(memchr::memchr_iter(b'\n', &bytes).map(|at| at + 1));
        let ascii = bytes.is_ascii();
        Source { name: name.into(), bytes, starts: starts.into(), ascii }
    }

    /// The same file with other contents.
    pub fn with_bytes(&self, bytes: impl Into<Arc<[u8]>>) -> Source {
        Source::new(self.name.clone(), bytes)
    }

    /// The name by which messages speak of the file.
    pub fn name(&self) -> &str {
        &self.name
    }

    /// The bytes as they stand in the file, with any byte-order mark.
    pub fn bytes(&self) -> &[u8] {
        &self.bytes
    }

    /// Where the text starts: after a byte-order mark, if there is one.
    pub fn text_start(&self) -> usize {
        self.starts[0]
    }

    /// How many lines there are. A last newline ends a line and starts none.
    pub fn line_count(&self) -> u32 {
        let last = self.starts.len();
        let empty_tail = last > 1 && self.starts[last - 1] == self.bytes.len();
        (last - usize::from(empty_tail)) as u32
    }

    /// How many lines hold more than blanks.
    pub fn filled_lines(&self) -> usize {
        let lines = 1..=self.line_count();
        lines.filter(|line| !self.line_bytes(*line).trim_ascii().is_empty()).count()
    }

    /// The byte at which a line starts. Lines past the end start at the end of the text.
    pub fn line_start(&self, line: u32) -> usize {
        let index = (line.max(1) - 1) as usize;
        self.starts.get(index).copied().unwrap_or(self.bytes.len())
    }

    /// The byte after the last character of a line, before its `\n` or `\r\n`.
    pub fn line_end(&self, line: u32) -> usize {
        let start = self.line_start(line);
        let next = self.line_start(line.max(1) + 1);
        let text = &self.bytes[start..next.max(start)];
        let text = text.strip_suffix(b"\n").unwrap_or(text);
        start + text.strip_suffix(b"\r").unwrap_or(text).len()
    }

    /// The bytes of a line without its line end.
    pub fn line_bytes(&self, line: u32) -> &[u8] {
        &self.bytes[self.line_start(line)..self.line_end(line)]
    }

    /// A line for showing: bytes that are not UTF-8 are shown as the replacement character.
    pub fn line_text(&self, line: u32) -> Cow<'_, str> {
        self.line_bytes(line).to_str_lossy()
    }

    /// The text between two bytes, for showing.
    pub fn slice(&self, start: usize, end: usize) -> Cow<'_, str> {
        let end = end.min(self.bytes.len());
        self.bytes[start.min(end)..end].to_str_lossy()
    }

    /// The line (from 1) on which a byte stands.
    pub fn line_of(&self, offset: usize) -> u32 {
        self.starts.partition_point(|&start| start <= offset).max(1) as u32
    }

    /// The place of a byte, in characters.
    pub fn position(&self, offset: usize) -> Position {
        let offset = offset.min(self.bytes.len());
        let line = self.line_of(offset);
        let start = self.line_start(line).min(offset);
        let before = match self.ascii {
            true => offset - start,
            false => self.bytes[start..offset].chars().count(),
        };
        let column = before as u32 + 1;
        Position { line, column }
    }

    /// The byte at a place that is given in some unit; a column past the end of the line means
    /// the end of the line, a line past the end of the file the end of the file.
    pub fn offset(&self, line: u32, column: u32, unit: ColumnUnit) -> usize {
        let start = self.line_start(line);
        let text = self.line_bytes(line);
        let wanted = column.max(1) - 1;
        if self.ascii && !matches!(unit, ColumnUnit::Display { .. }) {
            return start + text.len().min(wanted as usize);
        }
        let mut seen = 0u32;
        for (at, _, character) in text.char_indices() {
            if seen >= wanted {
                return start + at;
            }
            seen += match unit {
                ColumnUnit::Byte => {
                    let width = character.len_utf8() as u32;
                    if character == char::REPLACEMENT_CHARACTER { 1 } else { width }
                }
                ColumnUnit::Char => 1,
                ColumnUnit::Utf16 => character.len_utf16() as u32,
                ColumnUnit::Display { tab } if character == '\t' => tab.max(1) - seen % tab.max(1),
                ColumnUnit::Display { .. } => 1,
            };
        }
        start + text.len()
    }

    /// The width of the blank space at the start of a line, with tab stops every four columns, or
    /// nothing for a line that is blank altogether.
    pub fn indent(&self, line: u32) -> Option<u32> {
        let mut width = 0;
        for byte in self.line_bytes(line) {
            match byte {
                b' ' => width += 1,
                b'\t' => width += 4 - width % 4,
                _ => return Some(width),
            }
        }
        None
    }

    /// The blank space at the start of a line, as it stands.
    pub fn indent_text(&self, line: u32) -> String {
        let text = self.line_bytes(line);
        let blank = text.iter().take_while(|byte| matches!(byte, b' ' | b'\t')).count();
        text[..blank].to_str_lossy().into_owned()
    }

    /// The line end that the file uses: `\r\n` if its first line ends so, else `\n`.
    pub fn line_end_text(&self) -> &'static str {
        match memchr::memchr(b'\n', &self.bytes) {
            Some(at) if at > 0 && self.bytes[at - 1] == b'\r' => "\r\n",
            _ => "\n",
        }
    }
}

/// The files of a program that may be mended, each with its text as it stands now.
#[derive(Clone, Debug, Default)]
pub struct Program {
    /// The files, the one that was asked about first.
    pub files: Vec<Source>,
}

impl Program {
    /// A program of one file.
    pub fn single(source: Source) -> Program {
        Program { files: vec![source] }
    }

    /// The file of that name.
    pub fn file(&self, name: &str) -> Option<&Source> {
        self.files.iter().find(|file| file.name() == name)
    }

    /// Puts a file in the place of the one with its name, or adds it.
    pub fn set(&mut self, source: Source) {
        match self.files.iter_mut().find(|file| file.name() == source.name()) {
            Some(old) => *old = source,
            None => self.files.push(source),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn source(text: &str) -> Source {
        Source::new("tide.c", text.as_bytes())
    }

    #[test]
    fn columns_count_in_the_unit_asked_for() {
        let source = source("é𝄞\tx\n");
        let x = source.bytes().find("x").unwrap();
        assert_eq!(source.offset(1, 8, ColumnUnit::Byte), x);
        assert_eq!(source.offset(1, 4, ColumnUnit::Char), x);
        assert_eq!(source.offset(1, 5, ColumnUnit::Utf16), x);
        assert_eq!(source.offset(1, 9, ColumnUnit::Display { tab: 8 }), x);
        assert_eq!(source.position(x), Position { line: 1, column: 4 });
    }

    #[test]
    fn line_ends_and_byte_order_mark_belong_to_no_line() {
        let source = source("\u{feff}int a;\r\nint b;");
        assert_eq!(source.line_count(), 2);
        assert_eq!(source.line_text(1), "int a;");
        assert_eq!(source.position(3), Position { line: 1, column: 1 });
        assert_eq!(source.line_text(2), "int b;");
        assert_eq!(source.line_end_text(), "\r\n");
    }

    #[test]
    fn bytes_that_are_not_utf8_count_as_one_and_stay() {
        let source = Source::new("x.c", &b"a\xffb\n"[..]);
        assert_eq!(source.position(2).column, 3);
        assert_eq!(source.offset(1, 3, ColumnUnit::Byte), 2);
        assert_eq!(source.bytes(), b"a\xffb\n");
    }

    #[test]
    fn places_outside_the_text_are_brought_inside() {
        let source = source("ab\n");
        assert_eq!(source.offset(1, 99, ColumnUnit::Char), 2);
        assert_eq!(source.offset(99, 1, ColumnUnit::Char), 3);
        assert_eq!(source.position(99).line, 2);
        assert_eq!(Source::new("e", &b""[..]).line_count(), 1);
    }
}
