//! Fixes as code actions.

use crate::diagnostics::absolute;
use crate::documents::Document;
use crate::places::Encoding;
use crate::uri;
use erratum_look::Look;
use erratum_repair::fixes::Certainty;
use erratum_repair::verdict::{Evidence, Fix, Root};
use erratum_syntax::edit::Edit;
use lsp_types::{
    AnnotatedTextEdit, ChangeAnnotation, CodeAction, CodeActionKind, Diagnostic, DocumentChanges,
    OneOf, OptionalVersionedTextDocumentIdentifier, TextDocumentEdit, TextEdit, Uri, WorkspaceEdit,
};
use std::collections::HashMap;
use std::path::Path;

/// What a client can do with an edit.
#[derive(Clone, Copy, Debug, Default)]
pub(crate) struct Abilities {
    /// It takes edits with the version of the text.
    pub versions: bool,
    /// It asks before an edit that says so.
    pub asks: bool,
}

/// What is offered for a file.
pub(crate) struct Offer<'a> {
    pub look: &'a Look,
    pub document: &'a Document,
    pub uri: &'a Uri,
    /// The file, by its name in the program.
    pub file: &'a str,
    pub folder: &'a Path,
    pub encoding: Encoding,
    pub abilities: Abilities,
}

impl Offer<'_> {
    /// The fixes of a mistake, the likeliest first.
    pub fn fixes(&self, root: &Root, diagnostic: &Diagnostic) -> Vec<CodeAction> {
        let choices = root.choices().iter();
        choices.filter_map(|fix| self.action(root, fix, diagnostic)).collect()
    }

    fn action(&self, root: &Root, fix: &Fix, diagnostic: &Diagnostic) -> Option<CodeAction> {
        let fixes = !root.fixes.is_empty();
        let sure = fixes && fix.certainty == Certainty::Sure;
        let note = match (fixes, fix.evidence) {
            _ if sure => "proved",
            (false, _) => "only you know whether it is meant",
            (true, Evidence::Proved) => "proved, but check that it is meant",
            (true, _) => "not tried",
        };
        let kept = fix.effect.keeps_meaning();
        let effect = if kept { String::new() } else { format!("; it {}", fix.effect.words()) };
        let title = format!("{} ({note}{effect})", fix.title);
        let ask = (!sure && self.abilities.asks).then_some(title.as_str());
        Some(CodeAction {
            edit: Some(self.edit(&fix.bytes, ask)?),
            title,
            kind: Some(CodeActionKind::QUICKFIX),
            diagnostics: Some(vec![diagnostic.clone()]),
            is_preferred: Some(sure),
            ..CodeAction::default()
        })
    }

    /// All that is sure, in one action; nothing if nothing is.
    pub fn all_sure(&self) -> Option<CodeAction> {
        let mut edits: Vec<Edit> = Vec::new();
        let mut count = 0;
        for root in &self.look.verdict.roots {
            let Some(fix) = root.fixes.first().filter(|fix| fix.certainty == Certainty::Sure)
            else {
                continue;
            };
            let apart = |new: &Edit| {
                edits
                    .iter()
                    .all(|old| old.file != new.file || new.end < old.start || old.end < new.start)
            };
            // What touches another change, or other files, is left to the next look.
            let own = fix.bytes.iter().all(|edit| edit.file == self.file);
            if own && fix.bytes.iter().all(apart) {
                edits.extend(fix.bytes.iter().cloned());
                count += 1;
            }
        }
        if count == 0 {
            return None;
        }
        Some(CodeAction {
            title: "Mend all that is sure in this file".to_owned(),
            kind: Some(CodeActionKind::new("source.fixAll.erratum")),
            edit: Some(self.edit(&edits, None)?),
            ..CodeAction::default()
        })
    }

    /// The edits for the client. `ask` is what it asks before it applies them.
    fn edit(&self, edits: &[Edit], ask: Option<&str>) -> Option<WorkspaceEdit> {
        let mut files: Vec<(Uri, Option<i32>, Vec<TextEdit>)> = Vec::new();
        for edit in edits {
            let source = self.look.program.file(&edit.file)?;
            let (uri, version) = if edit.file == self.file {
                (self.uri.clone(), Some(self.document.version))
            } else {
                (uri::of(&absolute(self.folder, &edit.file))?, None)
            };
            let range = self.encoding.range(source, (edit.start, edit.end));
            let new = TextEdit { range, new_text: edit.text.clone() };
            match files.iter_mut().find(|(own, ..)| *own == uri) {
                Some((.., all)) => all.push(new),
                None => files.push((uri, version, vec![new])),
            }
        }
        if !self.abilities.versions {
            #[allow(clippy::mutable_key_type, reason = "as the protocol's type has it")]
            let changes: HashMap<Uri, Vec<TextEdit>> =
                files.into_iter().map(|(uri, _, edits)| (uri, edits)).collect();
            return Some(WorkspaceEdit { changes: Some(changes), ..WorkspaceEdit::default() });
        }
        let annotated = |text_edit: TextEdit| match ask {
            Some(_) => {
                OneOf::Right(AnnotatedTextEdit { text_edit, annotation_id: GUESS.to_owned() })
            }
            None => OneOf::Left(text_edit),
        };
        let documents = files.into_iter().map(|(uri, version, edits)| TextDocumentEdit {
            text_document: OptionalVersionedTextDocumentIdentifier { uri, version },
            edits: edits.into_iter().map(annotated).collect(),
        });
        let annotations = ask.map(|label| {
            let annotation = ChangeAnnotation {
                label: label.to_owned(),
                needs_confirmation: Some(true),
                description: None,
            };
            HashMap::from([(GUESS.to_owned(), annotation)])
        });
        Some(WorkspaceEdit {
            changes: None,
            document_changes: Some(DocumentChanges::Edits(documents.collect())),
            change_annotations: annotations,
        })
    }
}

/// The name of the annotation of guesses.
const GUESS: &str = "guess";
