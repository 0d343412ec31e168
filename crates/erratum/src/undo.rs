//! What was there before each mend, so that it can be taken back.
//!
//! One folder per mend in the user's state folder, numbered in order: `mend.json` names the files and
//! says how long their texts are and what their checksums are, `0.before` and `0.after` hold the first
//! one's texts, and so on. It is written, and brought to the disk, before the learner's file is, so
//! that a mend that is cut short can be taken back too. A record that was itself cut short is seen to
//! be, and nothing is done with it.

use crate::failure::Failure;
use crate::files;
use serde::{Deserialize, Serialize};
use std::fs;
use std::io::{self, Write};
use std::path::{Path, PathBuf};

/// How many mends can be taken back…
const KEPT: usize = 100;

/// …and how many bytes they may take together; the oldest go first, the newest stays.
const KEPT_BYTES: u64 = 64 << 20;

#[derive(Debug, Serialize, Deserialize)]
struct Record {
    files: Vec<PathBuf>,
    /// For each file, the prints of its text before and after.
    #[serde(default)]
    prints: Vec<[Print; 2]>,
}

/// What tells that a text is whole.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize)]
struct Print {
    length: usize,
    checksum: u32,
}

impl Print {
    fn of(text: &[u8]) -> Print {
        Print { length: text.len(), checksum: crc32fast::hash(text) }
    }
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
    let fail = |error: io::Error| {
        Failure::said(format!(
            "what is needed to take the mend back cannot be kept in {}: {error}. Nothing was changed.",
            store.display()
        ))
    };
    let all = numbers(&store);
    let next = all.last().map_or(1, |last| last + 1);
    let folder = store.join(format!("{next:06}"));
    make_private(&folder).map_err(fail)?;
    let written = write_record(&folder, changes);
    if written.is_err() {
        // Half a record is of no use, and takes the place that is missing.
        let _ = fs::remove_dir_all(&folder);
    }
    written.map_err(fail)?;
    drop_oldest(&store, all, changes);
    Ok(())
}

fn write_record(folder: &Path, changes: &[Change]) -> io::Result<()> {
    for (index, change) in changes.iter().enumerate() {
        write_synced(&folder.join(format!("{index}.before")), &change.before)?;
        write_synced(&folder.join(format!("{index}.after")), &change.after)?;
    }
    let record = Record {
        files: changes.iter().map(|change| change.path.clone()).collect(),
        prints: changes.iter().map(|c| [Print::of(&c.before), Print::of(&c.after)]).collect(),
    };
    // The record names what is there already.
    write_synced(&folder.join("mend.json"), &serde_json::to_vec(&record)?)?;
    for folder in [folder, folder.parent().unwrap_or(folder)] {
        // Where the system can bring a folder to the disk.
        if let Ok(folder) = fs::File::open(folder) {
            let _ = folder.sync_all();
        }
    }
    Ok(())
}

fn write_synced(path: &Path, bytes: &[u8]) -> io::Result<()> {
    let mut file = fs::OpenOptions::new().write(true).create_new(true).open(path)?;
    file.write_all(bytes)?;
    file.sync_all()
}

/// Makes a folder that only its owner can look into.
fn make_private(folder: &Path) -> io::Result<()> {
    let mut builder = fs::DirBuilder::new();
    #[cfg(unix)]
    std::os::unix::fs::DirBuilderExt::mode(&mut builder, 0o700);
    builder.recursive(true).create(folder)
}

/// Keeps the store within its limits: of the records that were there, the oldest go first.
fn drop_oldest(store: &Path, all: Vec<u64>, newest: &[Change]) {
    let size = |folder: &Path| -> u64 {
        let files = fs::read_dir(folder).into_iter().flatten().flatten();
        files.filter_map(|file| Some(file.metadata().ok()?.len())).sum()
    };
    let mut bytes: u64 = newest.iter().map(|c| (c.before.len() + c.after.len()) as u64).sum();
    for (newer, number) in all.into_iter().rev().enumerate() {
        let folder = store.join(format!("{number:06}"));
        bytes = bytes.saturating_add(size(&folder));
        if newer + 1 >= KEPT || bytes > KEPT_BYTES {
            // An old one that cannot be removed does no harm.
            let _ = fs::remove_dir_all(folder);
        }
    }
}

/// A mend that can be taken back.
pub struct Mend {
    folder: PathBuf,
    record: Record,
}

impl Mend {
    /// The files that it has changed.
    pub fn files(&self) -> &[PathBuf] {
        &self.record.files
    }

    /// Takes it back.
    ///
    /// # Errors
    /// When a file has changed since, cannot be written, or what was kept is not whole.
    pub fn take_back(&self) -> Result<(), Failure> {
        restore(&self.folder, &self.record)
    }
}

/// The last mend (of one file, if one is named).
///
/// # Errors
/// When none is kept.
pub fn last(file: Option<&Path>) -> Result<Mend, Failure> {
    let store = store()?;
    let wanted = file.map(wanted).transpose()?;
    for number in numbers(&store).into_iter().rev() {
        let folder = store.join(format!("{number:06}"));
        let Some(record) = record(&folder) else { continue };
        if wanted.as_ref().is_some_and(|wanted| !record.files.contains(wanted)) {
            continue;
        }
        return Ok(Mend { folder, record });
    }
    Err(Failure::said(match file {
        Some(file) => format!("no mend of {} is kept.", file.display()),
        None => "no mend is kept that could be taken back.".to_owned(),
    }))
}

/// The file that is named, even if it is gone: then its folder is still there.
fn wanted(file: &Path) -> Result<PathBuf, Failure> {
    if let (false, Some(name)) = (file.exists(), file.file_name()) {
        let folder = file.parent().filter(|folder| !folder.as_os_str().is_empty());
        return Ok(files::target(folder.unwrap_or(Path::new(".")))?.join(name));
    }
    files::target(file)
}

fn record(folder: &Path) -> Option<Record> {
    serde_json::from_slice(&fs::read(folder.join("mend.json")).ok()?).ok()
}

fn restore(folder: &Path, record: &Record) -> Result<(), Failure> {
    let part = |index: usize, side: usize| {
        let path = folder.join(format!("{index}.{}", ["before", "after"][side]));
        let text = fs::read(&path)
            .map_err(|error| Failure::said(format!("{}: {error}", path.display())))?;
        match record.prints.get(index) {
            Some(prints) if prints[side] == Print::of(&text) => Ok(text),
            _ => Err(Failure::said(format!(
                "{} is not whole, so the mend cannot be taken back. Nothing was written.",
                path.display()
            ))),
        }
    };
    let mut changes = Vec::new();
    let mut gone = Vec::new();
    for (index, path) in record.files.iter().enumerate() {
        let (before, after) = (part(index, 0)?, part(index, 1)?);
        let Ok(now) = fs::read(path) else {
            gone.push((path, before));
            continue;
        };
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
    for (path, before) in gone {
        files::write_new(path, &before)?;
    }
    for (path, before, after) in changes {
        files::replace(path, &after, &before)?;
    }
    // A record that stays behind is seen to be done already, by its text.
    let _ = fs::remove_dir_all(folder);
    Ok(())
}
