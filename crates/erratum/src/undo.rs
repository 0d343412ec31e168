//! What was there before each mend, so that it can be taken back.
//!
//! One folder per mend in the user's state folder, numbered in order: `mend.json` names the files,
//! `0.before` and `0.after` hold the first one's texts, and so on. It is written before the
//! learner's file is, so that a mend that is cut short can be taken back too.

use crate::failure::Failure;
use crate::files;
use serde::{Deserialize, Serialize};
use std::fs;
use std::path::{Path, PathBuf};

/// How many mends can be taken back.
const KEPT: usize = 100;

#[derive(Debug, Serialize, Deserialize)]
struct Record {
    files: Vec<PathBuf>,
}

/// One file of a mend.
pub struct Change {
    /// Which file.
    pub path: PathBuf,
    /// Its text before.
    pub before: Vec<u8>,
    /// Its text after.
    pub after: Vec<u8>,
}

fn store() -> Result<PathBuf, Failure> {
    let folders = directories::ProjectDirs::from("", "", "erratum").ok_or_else(|| {
        Failure::said("no home folder is set, so a mend could not be taken back. Set HOME.")
    })?;
    Ok(folders.state_dir().unwrap_or(folders.data_local_dir()).join("mends"))
}

fn numbers(store: &Path) -> Vec<u64> {
    let mut all: Vec<u64> = fs::read_dir(store)
        .into_iter()
        .flatten()
        .flatten()
        .filter_map(|entry| entry.file_name().to_str()?.parse().ok())
        .collect();
    all.sort_unstable();
    all
}

/// Notes a mend that is about to be made.
pub fn note(changes: &[Change]) -> Result<(), Failure> {
    let store = store()?;
    let fail = |error: std::io::Error| {
        Failure::said(format!(
            "what is needed to take the mend back cannot be kept in {}: {error}. Nothing was changed.",
            store.display()
        ))
    };
    let all = numbers(&store);
    let next = all.last().map_or(1, |last| last + 1);
    let folder = store.join(format!("{next:06}"));
    fs::create_dir_all(&folder).map_err(fail)?;
    for (index, change) in changes.iter().enumerate() {
        fs::write(folder.join(format!("{index}.before")), &change.before).map_err(fail)?;
        fs::write(folder.join(format!("{index}.after")), &change.after).map_err(fail)?;
    }
    let record = Record { files: changes.iter().map(|change| change.path.clone()).collect() };
    let text = serde_json::to_vec(&record).map_err(|error| fail(error.into()))?;
    fs::write(folder.join("mend.json"), text).map_err(fail)?;
    for old in all.iter().rev().skip(KEPT - 1) {
        // An old one that cannot be removed does no harm.
        let _ = fs::remove_dir_all(store.join(format!("{old:06}")));
    }
    Ok(())
}

/// Takes the last mend back (of one file, if one is named); gives the files.
pub fn take_back(file: Option<&Path>) -> Result<Vec<PathBuf>, Failure> {
    let store = store()?;
    let wanted = file.map(files::target).transpose()?;
    for number in numbers(&store).into_iter().rev() {
        let folder = store.join(format!("{number:06}"));
        let Some(record) = record(&folder) else { continue };
        if wanted.as_ref().is_some_and(|wanted| !record.files.contains(wanted)) {
            continue;
        }
        return restore(&folder, &record).map(|()| record.files);
    }
    Err(Failure::said(match file {
        Some(file) => format!("no mend of {} is kept.", file.display()),
        None => "no mend is kept that could be taken back.".to_owned(),
    }))
}

fn record(folder: &Path) -> Option<Record> {
    serde_json::from_slice(&fs::read(folder.join("mend.json")).ok()?).ok()
}

fn restore(folder: &Path, record: &Record) -> Result<(), Failure> {
    let part = |index: usize, name: &str| {
        let path = folder.join(format!("{index}.{name}"));
        fs::read(&path).map_err(|error| Failure::said(format!("{}: {error}", path.display())))
    };
    let mut changes = Vec::new();
    for (index, path) in record.files.iter().enumerate() {
        let (before, after) = (part(index, "before")?, part(index, "after")?);
        let now = fs::read(path).unwrap_or_default();
        if now == before {
            continue;
        }
        if now != after {
            return Err(Failure::said(format!(
                "{} has changed since it was mended, so taking the mend back would lose those changes. Nothing was written. The text from before the mend is in {}.",
                path.display(),
                folder.join(format!("{index}.before")).display()
            )));
        }
        changes.push((path, before, after));
    }
    for (path, before, after) in changes {
        files::replace(path, &after, &before)?;
    }
    // A record that stays behind is seen to be done already, by its text.
    let _ = fs::remove_dir_all(folder);
    Ok(())
}
