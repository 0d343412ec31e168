//! What the text alone tells, also where it is broken: partners, blocks, what is declared.

use crate::places::Encoding;
use erratum_syntax::language::Language;
use erratum_syntax::names::NameKind;
use erratum_syntax::source::Source;
use erratum_syntax::text::Text;
use lsp_types::{
    DocumentHighlight, DocumentHighlightKind, DocumentSymbol, FoldingRange, Position, SymbolKind,
};

/// A text, lexed and paired.
pub(crate) struct Shape {
    text: Text,
    encoding: Encoding,
}

impl Shape {
    /// Reads a text.
    pub fn new(source: &Source, language: &'static Language, encoding: Encoding) -> Shape {
        Shape { text: Text::new(source, language), encoding }
    }

    /// The bracket, or word of a block, at a position, with its partner.
    pub fn partners(&self, at: Position) -> Vec<DocumentHighlight> {
        let lexed = &self.text.lexed;
        let offset = self.encoding.offset(&lexed.source, at);
        let here = |token: &usize| {
            lexed.code.get(*token).is_some_and(|t| t.start <= offset && offset <= t.end)
        };
        let token = lexed.at(offset);
        let near = [token, token.saturating_sub(1)];
        let found = near.iter().filter(|token| here(token)).find_map(|token| {
            let partner = self.text.pairs.partner_of(*token)?;
            Some([*token, partner])
        });
        let highlight = |token: usize| {
            let token = lexed.code.get(token)?;
            let range = self.encoding.range(&lexed.source, (token.start, token.end));
            Some(DocumentHighlight { range, kind: Some(DocumentHighlightKind::TEXT) })
        };
        found.into_iter().flatten().filter_map(highlight).collect()
    }

    /// The blocks of more than one line.
    pub fn folds(&self) -> Vec<FoldingRange> {
        let lexed = &self.text.lexed;
        let opened = (0..lexed.code.len()).filter_map(|open| {
            let close = self.text.pairs.partner_of(open).filter(|close| *close > open)?;
            Some((lexed.code.get(open)?.line, lexed.code.get(close)?.line))
        });
        let mut folds: Vec<FoldingRange> = opened
            .filter(|(first, last)| last > &(first + 1))
            .map(|(first, last)| FoldingRange {
                start_line: first - 1,
                end_line: last - 2,
                ..FoldingRange::default()
            })
            .collect();
        folds.dedup_by_key(|fold| fold.start_line);
        folds
    }

    /// The functions and types that it declares.
    #[allow(deprecated, reason = "a field of the protocol's type that must be given")]
    pub fn symbols(&self) -> Vec<DocumentSymbol> {
        let lexed = &self.text.lexed;
        let kinds = |kind| match kind {
            NameKind::Function => Some(SymbolKind::FUNCTION),
            NameKind::Type => Some(SymbolKind::CLASS),
            _ => None,
        };
        let declared = self.text.names.declared.iter().filter_map(|declared| {
            let token = lexed.code.get(declared.token)?;
            let range = self.encoding.range(&lexed.source, (token.start, token.end));
            Some(DocumentSymbol {
                name: lexed.word(declared.token).to_owned(),
                detail: None,
                kind: kinds(declared.kind)?,
                tags: None,
                deprecated: None,
                range,
                selection_range: range,
                children: None,
            })
        });
        declared.filter(|symbol| !symbol.name.is_empty()).collect()
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;

    fn shape(text: &str) -> Shape {
        let source = Source::new("quay.c", text.as_bytes());
        Shape::new(&source, by_id("c").unwrap(), Encoding::Utf16)
    }

    #[test]
    fn a_bracket_shows_its_partner_from_both_sides() {
        let shape = shape("int go(int n) {\n    return n;\n}\n");
        let lines = |line, character| {
            let found = shape.partners(Position { line, character });
            let mut lines: Vec<u32> = found.iter().map(|one| one.range.start.line).collect();
            lines.sort_unstable();
            lines
        };
        assert_eq!(lines(0, 14), [0, 2]);
        assert_eq!(lines(2, 1), [0, 2]);
        assert_eq!(lines(1, 6), Vec::<u32>::new());
    }

    #[test]
    fn blocks_fold_and_declarations_are_named() {
        let shape =
            shape("struct quay {\n    int boats;\n};\n\nint go(int n) {\n    return n;\n}\n");
        let folds: Vec<(u32, u32)> =
            shape.folds().iter().map(|fold| (fold.start_line, fold.end_line)).collect();
        assert_eq!(folds, [(0, 1), (4, 5)]);
        let names: Vec<String> = shape.symbols().into_iter().map(|symbol| symbol.name).collect();
        assert_eq!(names, ["quay", "go"]);
    }
}
