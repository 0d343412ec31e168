//! The texts that are open in the editor.

use crate::places::Encoding;
use erratum_syntax::source::Source;
use lsp_types::{TextDocumentContentChangeEvent, Uri};
use std::collections::HashMap;
use std::path::{Path, PathBuf};
use std::sync::Arc;

/// One of them.
#[derive(Clone, Debug)]
pub(crate) struct Document {
    /// Where it stands.
    pub path: PathBuf,
    /// The version that the client gave it.
    pub version: i32,
    /// Its text.
    pub source: Source,
}

impl Document {
    /// Takes changes over, each in the text that the one before has left.
    pub fn change(&mut self, changes: Vec<TextDocumentContentChangeEvent>, encoding: Encoding) {
        for change in changes {
            let bytes = match change.range {
                None => change.text.into_bytes(),
                Some(range) => {
                    let start = encoding.offset(&self.source, range.start);
                    let end = encoding.offset(&self.source, range.end).max(start);
                    let old = self.source.bytes();
                    [&old[..start], change.text.as_bytes(), &old[end..]].concat()
                }
            };
            self.source = self.source.with_bytes(bytes);
        }
    }
}

/// All of them.
#[derive(Debug, Default)]
pub(crate) struct Documents(HashMap<Uri, Document>);

#[allow(clippy::mutable_key_type, reason = "the hash of a URI is that of its text, which stays")]
impl Documents {
    /// Opens a text; one that stands nowhere on this machine cannot be compiled.
    pub fn open(&mut self, uri: Uri, version: i32, text: String) -> bool {
        let Some(path) = crate::uri::path(&uri) else { return false };
        let name: Arc<str> = path.to_string_lossy().into();
        let source = Source::new(name, text.into_bytes());
        self.0.insert(uri, Document { path, version, source });
        true
    }

    /// The text with a name.
    pub fn get(&self, uri: &Uri) -> Option<&Document> {
        self.0.get(uri)
    }

    /// The same, to change it.
    pub fn get_mut(&mut self, uri: &Uri) -> Option<&mut Document> {
        self.0.get_mut(uri)
    }

    /// Forgets a text.
    pub fn close(&mut self, uri: &Uri) {
        self.0.remove(uri);
    }

    /// The names of those that stand at certain paths.
    pub fn uris(&self, wanted: impl Fn(&Path) -> bool) -> Vec<Uri> {
        let fit = self.0.iter().filter(|(_, document)| wanted(&document.path));
        fit.map(|(uri, _)| uri.clone()).collect()
    }

    /// The texts beside one: what else is open of its folder.
    pub fn others(&self, uri: &Uri) -> Vec<Document> {
        let others = self.0.iter().filter(|(other, _)| *other != uri);
        others.map(|(_, document)| document.clone()).collect()
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use lsp_types::{Position, Range};

    fn change(range: Option<[u32; 4]>, text: &str) -> TextDocumentContentChangeEvent {
        let range = range.map(|[a, b, c, d]| Range {
            start: Position { line: a, character: b },
            end: Position { line: c, character: d },
        });
        TextDocumentContentChangeEvent { range, range_length: None, text: text.to_owned() }
    }

    #[test]
    fn changes_follow_each_other() {
        let source = Source::new("quay.c", "int é;\nint b;\n".as_bytes());
        let mut document = Document { path: "quay.c".into(), version: 1, source };
        document.change(
            vec![change(Some([0, 4, 0, 5]), "tide"), change(Some([0, 8, 0, 8]), " = 3")],
            Encoding::Utf16,
        );
        assert_eq!(document.source.bytes(), b"int tide = 3;\nint b;\n");
        // What lies outside of the text, or the wrong way round, is put where it can be.
        document.change(vec![change(Some([7, 0, 9, 9]), "int c;\n")], Encoding::Utf16);
        document.change(vec![change(Some([1, 5, 0, 0]), "!")], Encoding::Utf16);
        assert_eq!(document.source.bytes(), b"int tide = 3;\nint b!;\nint c;\n");
        document.change(vec![change(None, "")], Encoding::Utf8);
        assert_eq!(document.source.bytes(), b"");
    }
}
