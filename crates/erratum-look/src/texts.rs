//! Texts that stand in for those of the catalogue: another human language, and what a teacher wrote.

use crate::error::Error;
use erratum_catalogue::own::{self, Problem};
use erratum_catalogue::{Catalogue, Texts};
use erratum_compilers::Config;
use std::fs;
use std::path::{Path, PathBuf};
use std::sync::Arc;

/// The largest file of texts that is read, in bytes.
const LARGEST: u64 = 4 << 20;

/// The texts of a folder, and what is wrong with them.
#[derive(Debug, Default)]
pub struct Folder {
    /// The texts of each file.
    pub texts: Vec<Texts>,
    /// What is wrong.
    pub problems: Vec<Problem>,
    /// How many files there are.
    pub files: usize,
}

/// Returns the catalogue with the texts that settings name, the later ones over the earlier ones, and
/// what is wrong with them: a broken entry is named and left out.
///
/// # Errors
/// When the folder of texts cannot be read, or there are no texts in the language.
pub fn catalogue(config: &Config) -> Result<(Arc<Catalogue>, Vec<Problem>), Error> {
    let shipped = Catalogue::shipped();
    let wanted = config.texts.language.as_deref();
    let mut own = Folder::default();
    if let Some(folder) = &config.texts.folder {
        own = read_folder(&config.folder.join(folder), folder)?;
    }
    let mut texts: Vec<Texts> = Vec::new();
    if let Some(language) = wanted.filter(|language| *language != "en") {
        let written = own.texts.iter().any(|texts| texts.language.as_deref() == wanted);
        let there = shipped.texts_in(language);
        if there.is_none() && !written {
            let known: Vec<&str> = std::iter::once("en").chain(shipped.human_languages()).collect();
            return Err(Error::NoTexts {
                settings: config.folder.join("erratum.toml"),
                language: language.to_owned(),
                known: known.join(", "),
            });
        }
        texts.extend(there.cloned());
    }
    let fits = |texts: &Texts| texts.language.is_none() || texts.language.as_deref() == wanted;
    texts.extend(own.texts.into_iter().filter(fits));
    let catalogue = if texts.is_empty() { shipped } else { Arc::new(shipped.with_texts(&texts)) };
    Ok((catalogue, own.problems))
}

/// Reads the texts of a folder: its `*.toml`, by name. `shown` is what the folder is called.
///
/// # Errors
/// When the folder cannot be read.
pub fn read_folder(folder: &Path, shown: &Path) -> Result<Folder, Error> {
    let listing =
        fs::read_dir(folder).map_err(|source| Error::Texts { folder: shown.to_owned(), source })?;
    let mut paths: Vec<PathBuf> = listing.flatten().map(|entry| entry.path()).collect();
    paths.retain(|path| path.extension().is_some_and(|extension| extension == "toml"));
    paths.sort();
    let mut all = Folder { files: paths.len(), ..Folder::default() };
    for path in paths {
        let name = shown.join(path.file_name().unwrap_or_default()).display().to_string();
        let large = fs::metadata(&path).is_ok_and(|data| data.len() > LARGEST);
        let text = if large { Err("it is too large".to_owned()) } else { as_text(&path) };
        match text {
            Ok(text) => {
                let (texts, problems) = own::read(&name, &text);
                all.texts.push(texts);
                all.problems.extend(problems);
            }
            Err(reason) => all.problems.push(Problem {
                file: name,
                line: 1,
                entry: String::new(),
                reason,
                left_out: true,
            }),
        }
    }
    Ok(all)
}

fn as_text(path: &Path) -> Result<String, String> {
    let bytes = fs::read(path).map_err(|error| format!("it cannot be read: {error}"))?;
    String::from_utf8(bytes).map_err(|_| "it is no text in UTF-8".to_owned())
}
