//! Places in a text, as the client counts them: lines from 0, columns in UTF-16 or UTF-8 units.

use erratum_repair::message::Place;
use erratum_syntax::source::{ColumnUnit, Source};
use lsp_types::{Position, PositionEncodingKind, Range};

/// How columns are counted.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub(crate) enum Encoding {
    /// UTF-16 units, which every client knows.
    #[default]
    Utf16,
    /// Bytes of UTF-8.
    Utf8,
}

impl Encoding {
    /// The one to use with a client that knows these.
    pub fn agreed(known: Option<&[PositionEncodingKind]>) -> Encoding {
        match known {
            Some(known) if known.contains(&PositionEncodingKind::UTF8) => Encoding::Utf8,
            _ => Encoding::Utf16,
        }
    }

    /// Its name in the protocol.
    pub fn kind(self) -> PositionEncodingKind {
        match self {
            Encoding::Utf16 => PositionEncodingKind::UTF16,
            Encoding::Utf8 => PositionEncodingKind::UTF8,
        }
    }

    fn unit(self) -> ColumnUnit {
        match self {
            Encoding::Utf16 => ColumnUnit::Utf16,
            Encoding::Utf8 => ColumnUnit::Byte,
        }
    }

    /// The byte at a position; one outside the text is its end, or that of the line.
    pub fn offset(self, source: &Source, at: Position) -> usize {
        let line = at.line.saturating_add(1);
        if line > source.line_count() {
            return source.bytes().len();
        }
        source.offset(line, at.character.saturating_add(1), self.unit())
    }

    /// The position of a byte.
    pub fn position(self, source: &Source, offset: usize) -> Position {
        let offset = offset.min(source.bytes().len());
        let line = source.line_of(offset);
        let before = source.slice(source.line_start(line).min(offset), offset);
        let character = match self {
            Encoding::Utf16 => before.encode_utf16().count(),
            Encoding::Utf8 => before.len(),
        };
        Position { line: line - 1, character: u32::try_from(character).unwrap_or(u32::MAX) }
    }

    /// The range of a stretch of bytes.
    pub fn range(self, source: &Source, (start, end): (usize, usize)) -> Range {
        Range { start: self.position(source, start), end: self.position(source, end) }
    }

    /// The range of a place; one without a width is the word that stands there, or one character.
    pub fn of(self, source: &Source, place: &Place) -> Range {
        let (start, mut end) = place.range(source);
        if end <= start {
            let line = source.line_of(start);
            let rest = source.slice(start, source.line_end(line).max(start));
            let word = rest.chars().take_while(|letter| letter.is_alphanumeric() || *letter == '_');
            let width: usize = word.map(char::len_utf8).sum();
            end = start + width.max(rest.chars().next().map_or(0, char::len_utf8));
        }
        self.range(source, (start, end))
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn columns_are_counted_as_was_agreed() {
        let source = Source::new("quay.c", "int é = '𝄞';\nint b;\n".as_bytes());
        let at = |line, character| Position { line, character };
        // The letter é is one unit of UTF-16 and two of UTF-8, the clef two and four.
        for (encoding, quote) in [(Encoding::Utf16, 11), (Encoding::Utf8, 14)] {
            let offset = encoding.offset(&source, at(0, quote));
            assert_eq!(&source.bytes()[offset..offset + 1], b"'");
            assert_eq!(encoding.position(&source, offset), at(0, quote));
        }
        assert_eq!(Encoding::Utf16.offset(&source, at(0, 99)), source.line_end(1));
        assert_eq!(Encoding::Utf16.offset(&source, at(99, 0)), source.bytes().len());
        let max = u32::MAX;
        assert_eq!(Encoding::Utf8.offset(&source, at(max, max)), source.bytes().len());
    }

    #[test]
    fn a_place_without_a_width_is_a_word() {
        let source = Source::new("quay.c", &b"return berth;\n"[..]);
        let range = Encoding::Utf16.of(&source, &Place::point("quay.c", 1, 8));
        assert_eq!((range.start.character, range.end.character), (7, 12));
    }
}
