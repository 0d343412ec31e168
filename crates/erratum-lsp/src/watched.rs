//! Files that others change while they lie beside what is open: headers, modules, settings, build files.

use crate::documents::Documents;
use erratum_syntax::language::{LANGUAGES, Language, by_file_name};
use lsp_server::{Message, Request, RequestId};
use lsp_types::{
    DidChangeWatchedFilesRegistrationOptions, FileEvent, FileSystemWatcher, GlobPattern,
    Registration, RegistrationParams, Uri,
};
use std::collections::BTreeSet;
use std::path::Path;

/// Settings of Erratum.
const SETTINGS: &str = "erratum.toml";

/// Asks the client to tell of them.
pub(crate) fn registration() -> Message {
    let all = LANGUAGES.iter();
    let mut endings: BTreeSet<&str> = all
        .clone()
        .flat_map(|language| language.extensions.iter().chain(language.beside))
        .copied()
        .collect();
    let mut names = BTreeSet::from([SETTINGS]);
    for name in
        all.flat_map(|language| language.projects.built_by.iter().chain([&language.manifest]))
    {
        match name.strip_prefix("*.") {
            Some(ending) => endings.insert(ending),
            None => !name.is_empty() && names.insert(name),
        };
    }
    let glob = |pattern: String| FileSystemWatcher {
        glob_pattern: GlobPattern::String(pattern),
        kind: None,
    };
    let joined = |all: BTreeSet<&str>| all.into_iter().collect::<Vec<_>>().join(",");
    let watchers = vec![
        glob(format!("**/*.{{{}}}", joined(endings))),
        glob(format!("**/{{{}}}", joined(names))),
    ];
    let options = DidChangeWatchedFilesRegistrationOptions { watchers };
    let method = "workspace/didChangeWatchedFiles".to_owned();
    let registration = Registration {
        id: method.clone(),
        method,
        register_options: serde_json::to_value(options).ok(),
    };
    let params = RegistrationParams { registrations: vec![registration] };
    let id = RequestId::from("erratum/watched".to_owned());
    Request::new(id, "client/registerCapability".to_owned(), params).into()
}

/// The open files whose look may be another one now. What is open itself is known from the editor.
#[allow(clippy::mutable_key_type, reason = "the hash of a URI is that of its text, which stays")]
pub(crate) fn touched(documents: &Documents, changes: &[FileEvent]) -> BTreeSet<Uri> {
    let mut all = BTreeSet::new();
    for change in changes.iter().filter(|change| documents.get(&change.uri).is_none()) {
        let Some(path) = crate::uri::path(&change.uri) else { continue };
        all.extend(documents.uris(|open| concerns(&path, open)));
    }
    all
}

/// Whether a file may belong to the program of another.
fn concerns(changed: &Path, open: &Path) -> bool {
    let Some(language) = by_file_name(&open.to_string_lossy()) else { return false };
    let name =
        changed.file_name().map(|name| name.to_string_lossy().into_owned()).unwrap_or_default();
    let built = |language: &Language| {
        let mut known = language.projects.built_by.iter().chain([&language.manifest]);
        known
            .any(|one| *one == name || one.strip_prefix('*').is_some_and(|end| name.ends_with(end)))
    };
    let ending = changed.extension().and_then(|ending| ending.to_str()).unwrap_or("");
    let mut endings = language.extensions.iter().chain(language.beside);
    name == SETTINGS || built(language) || endings.any(|one| *one == ending)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_may_belong_to_a_program_concerns_it() {
        let says = |changed: &str, open: &str| concerns(Path::new(changed), Path::new(open));
        assert!(says("/port/include/tide.h", "/port/src/quay.c"));
        assert!(says("/port/erratum.toml", "/port/src/quay.c"));
        assert!(says("/port/harbour.csproj", "/port/Quay.cs"));
        assert!(says("/port/Cargo.toml", "/port/src/main.rs"));
        assert!(!says("/port/Quay.java", "/port/src/quay.c"));
        assert!(
            !says("/port/notes.txt", "/port/src/quay.c") && !says("/port/a.h", "/port/notes.txt")
        );
    }
}
