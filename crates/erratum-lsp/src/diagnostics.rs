//! A verdict as diagnostics: each mistake at the faulty place, what only follows as a hint there where it
//! is reported.

use crate::places::Encoding;
use crate::uri;
use erratum_look::Look;
use erratum_repair::message::{Place, Severity};
use erratum_repair::verdict::{Role, Root, Told};
use lsp_types::{
    Diagnostic, DiagnosticRelatedInformation, DiagnosticSeverity, DiagnosticTag, Location,
    NumberOrString, Uri,
};
use std::path::{Path, PathBuf};

/// What clients call Erratum's diagnostics.
pub(crate) const SOURCE: &str = "erratum";

/// How diagnostics of one file are made.
pub(crate) struct Made<'a> {
    pub look: &'a Look,
    /// The file, by its name in the program.
    pub file: &'a str,
    /// Where it stands for the client.
    pub uri: &'a Uri,
    /// The folder that names in the program are meant from.
    pub folder: PathBuf,
    pub encoding: Encoding,
    /// Whether what only follows is shown.
    pub follows: bool,
}

impl Made<'_> {
    /// The mistakes of the file, in order, then what follows from them.
    pub fn all(&self) -> Vec<Diagnostic> {
        let verdict = &self.look.verdict;
        let own = verdict.roots.iter().filter(|root| root.at.file == self.file);
        let mut all: Vec<Diagnostic> = own.filter_map(|root| self.root(root)).collect();
        if self.follows {
            let told = verdict.messages.iter().filter(|told| told.role == Role::Cascade);
            all.extend(told.filter_map(|told| self.follower(told)));
        }
        all
    }

    /// The diagnostic of a mistake.
    pub fn root(&self, root: &Root) -> Option<Diagnostic> {
        let source = self.look.program.file(&root.at.file)?;
        let verdict = &self.look.verdict;
        let severity = match () {
            () if root.hidden => DiagnosticSeverity::INFORMATION,
            () if root.warning => DiagnosticSeverity::WARNING,
            () => DiagnosticSeverity::ERROR,
        };
        let said = root.messages.iter().filter_map(|id| verdict.message(*id));
        let reported = said.filter_map(|told| {
            let at =
                told.at.as_ref().filter(|at| at.line != root.at.line || at.file != root.at.file)?;
            let compiler = &verdict.build.compiler;
            self.related(at, format!("{compiler} reports it here: {}", told.text))
        });
        let reported: Vec<_> = reported.collect();
        Some(Diagnostic {
            range: self.encoding.of(source, &root.at),
            severity: Some(severity),
            code: Some(NumberOrString::String(root.mistake.clone())),
            source: Some(SOURCE.to_owned()),
            message: message(root),
            related_information: (!reported.is_empty()).then_some(reported),
            ..Diagnostic::default()
        })
    }

    fn follower(&self, told: &Told) -> Option<Diagnostic> {
        let at = told.at.as_ref().filter(|at| at.file == self.file)?;
        let source = self.look.program.file(&at.file)?;
        let root = told.root.and_then(|id| self.look.verdict.roots.iter().find(|r| r.id == id))?;
        let shown = told.severity == Severity::Error;
        let related = self.related(&root.at, root.title.clone());
        shown.then(|| Diagnostic {
            range: self.encoding.of(source, at),
            severity: Some(DiagnosticSeverity::HINT),
            source: Some(SOURCE.to_owned()),
            message: format!("Only follows from line {}: {}", root.at.line, told.text),
            related_information: related.map(|one| vec![one]),
            tags: Some(vec![DiagnosticTag::UNNECESSARY]),
            ..Diagnostic::default()
        })
    }

    fn related(&self, at: &Place, message: String) -> Option<DiagnosticRelatedInformation> {
        let source = self.look.program.file(&at.file)?;
        let uri = if at.file == self.file {
            self.uri.clone()
        } else {
            uri::of(&absolute(&self.folder, &at.file))?
        };
        let range = self.encoding.of(source, at);
        Some(DiagnosticRelatedInformation { location: Location { uri, range }, message })
    }
}

/// What a mistake is, and why; of one that the compiler has not reported, that it waits.
fn message(root: &Root) -> String {
    let mut text = root.title.clone();
    if root.hidden {
        text += " (not reported yet: it waits behind an earlier one)";
    }
    if !root.meaning.is_empty() {
        text += "\n";
        text += &root.meaning;
    }
    text
}

/// A file of the program on the disk.
pub(crate) fn absolute(folder: &Path, name: &str) -> PathBuf {
    let path = Path::new(name);
    if path.is_absolute() { path.to_owned() } else { folder.join(path) }
}
