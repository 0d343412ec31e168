//! What an entry of the cache is made for and from.

use super::stamps;
use serde::{Deserialize, Serialize};
use std::fs;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::io;
use std::path::{Path, PathBuf};
use std::time::UNIX_EPOCH;

/// What is wanted: for what, under which flags, and from which files in which state.
#[derive(Clone, Debug, PartialEq, Eq, Hash, Serialize, Deserialize)]
pub(crate) struct Key {
    /// What it is, in a few words.
    what: String,
    /// Our version.
    by: String,
    /// Flags and texts that it was made with.
    facts: Vec<String>,
    /// The compiler's own files.
    from: Vec<Stamp>,
}

/// A file in a certain state. A compiler that is replaced by one with the same version has another
/// size or another time.
#[derive(Clone, Debug, PartialEq, Eq, Hash, Serialize, Deserialize)]
pub(super) struct Stamp {
    path: PathBuf,
    bytes: u64,
    /// When it was changed, in nanoseconds since 1970.
    modified: u64,
}

impl Stamp {
    /// Describes a file, behind links.
    ///
    /// # Errors
    /// When it is not there.
    pub fn of(path: &Path) -> io::Result<Stamp> {
        let path = dunce::canonicalize(path)?;
        let data = fs::metadata(&path)?;
        let modified =
            data.modified()?.duration_since(UNIX_EPOCH).map_or(0, |time| time.as_nanos() as u64);
        Ok(Stamp { path, bytes: data.len(), modified })
    }

    fn holds(&self) -> bool {
        Stamp::of(&self.path).is_ok_and(|now| now == *self)
    }
}

impl Key {
    /// A key; `from` are the compiler's own files.
    ///
    /// # Errors
    /// When one of the files is not there.
    pub fn new(what: impl Into<String>, facts: Vec<String>, from: &[PathBuf]) -> io::Result<Key> {
        let by = env!("CARGO_PKG_VERSION").to_owned();
        Ok(Key { what: what.into(), by, facts, from: stamps(from)? })
    }

    /// What it is, in a few words.
    pub fn what(&self) -> &str {
        &self.what
    }

    /// The name of its folder: of what is wanted, whatever state the compiler is in, so that a new
    /// one takes the place of an old one.
    pub fn name(&self) -> String {
        let mut hasher = DefaultHasher::new();
        self.what.hash(&mut hasher);
        self.facts.hash(&mut hasher);
        self.from.iter().for_each(|stamp| stamp.path.hash(&mut hasher));
        format!("{:016x}", hasher.finish())
    }
}

/// What an entry says of itself.
#[derive(Debug, Serialize, Deserialize)]
pub(super) struct Manifest {
    key: Key,
    /// Further files that it depends on: the headers in a precompiled one.
    on: Vec<Stamp>,
    /// Its own files, with their lengths.
    files: Vec<(String, u64)>,
    /// Why nothing could be made, if so.
    refused: Option<String>,
}

impl Manifest {
    /// Says that nothing could be made.
    pub fn of_refusal(key: &Key, why: &str) -> Manifest {
        let refused = Some(why.to_owned());
        Manifest { key: key.clone(), on: Vec::new(), files: Vec::new(), refused }
    }

    pub fn refused(&self) -> Option<&str> {
        self.refused.as_deref()
    }

    /// Describes what a folder holds.
    ///
    /// # Errors
    /// When a file cannot be read.
    pub fn new(key: &Key, folder: &Path, on: &[PathBuf]) -> io::Result<Manifest> {
        let mut files = Vec::new();
        for entry in fs::read_dir(folder)? {
            let entry = entry?;
            files.push((entry.file_name().to_string_lossy().into_owned(), entry.metadata()?.len()));
        }
        Ok(Manifest { key: key.clone(), on: stamps(on)?, files, refused: None })
    }

    /// Reads one; `None` if it is not there or not one.
    pub fn read(path: &Path) -> Option<Manifest> {
        serde_json::from_slice(&fs::read(path).ok()?).ok()
    }

    pub fn what(&self) -> &str {
        &self.key.what
    }

    pub fn bytes(&self) -> u64 {
        self.files.iter().map(|(_, bytes)| bytes).sum()
    }

    /// Whether it was made for a key, and nothing that it depends on has changed since.
    pub fn is_of(&self, key: &Key) -> bool {
        self.key == *key && self.on.iter().all(Stamp::holds)
    }

    /// Whether its files are there and as long as they were.
    pub fn is_whole(&self, folder: &Path) -> bool {
        self.files.iter().all(|(name, bytes)| {
            fs::symlink_metadata(folder.join(name))
                .is_ok_and(|data| data.is_file() && data.len() == *bytes)
        })
    }
}
