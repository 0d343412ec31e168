//! What is prepared for a compiler that starts slowly, kept between looks: archives, snapshots,
//! precompiled headers. Nothing here changes an answer; all of it only makes one come sooner.
//!
//! An entry is a folder with a manifest, which says by which compiler, in which state, under which
//! flags and by which version of ours it was made. An entry that says something else than what is
//! wanted, or whose files are not as long as it says, is dropped. What is prepared is run by
//! compilers, so an entry that is not the user's own is never used.

mod key;

pub(crate) use key::Key;

use crate::os;
use key::{Manifest, Stamp};
use std::fs::{self, File, TryLockError};
use std::io;
use std::path::{Path, PathBuf};
use std::sync::Mutex;
use std::time::{Duration, SystemTime};

/// The most bytes that are kept; what was used longest ago goes first.
const MOST: u64 = 512 << 20;

/// The file that says what an entry is, and the one whose time says when it was used.
const MANIFEST: &str = "manifest.json";
const USED: &str = "used";

/// Held by whoever makes an entry, so that a user's jobs do not work at the same time.
const LOCK: &str = "lock";

/// How long it is kept in mind that nothing could be made for a key.
const REFUSED: Duration = Duration::from_secs(24 * 3600);

/// What an entry that is being made is called.
const PART: &str = ".part-";

/// The user's cache of what is prepared.
#[derive(Debug)]
pub struct Cache {
    folder: PathBuf,
    /// Whether new entries are made.
    grows: bool,
    words: Mutex<Vec<String>>,
}

/// An entry of the cache.
#[derive(Clone, Debug)]
pub struct Stored {
    /// What it is, in a few words.
    pub what: String,
    /// What its files need on the disk, in bytes.
    pub bytes: u64,
    /// When it was used.
    pub used: SystemTime,
    folder: PathBuf,
}

/// Why nothing was prepared.
#[derive(Debug, thiserror::Error)]
pub enum NotPrepared {
    /// It is there already.
    #[error("is there already")]
    Ready,
    /// Another job of the same user is preparing something.
    #[error("another job is preparing something; try again when it is done")]
    Busy,
    /// The compiler cannot do it, or did not.
    #[error("{0}")]
    Refused(String),
    /// It was stopped before it was done.
    #[error("it was stopped")]
    Stopped,
    /// Nothing is to be added.
    #[error("the cache is left as it is")]
    Closed,
    /// The cache cannot be written.
    #[error("the cache cannot be written: {0}")]
    Disk(#[from] io::Error),
}

impl Cache {
    /// The cache in a folder, which is made once it is written to.
    pub fn at(folder: impl Into<PathBuf>) -> Cache {
        Cache { folder: folder.into(), grows: true, words: Mutex::default() }
    }

    /// The cache in the user's folder for such things. Returns `None` where there is no such folder
    /// (no HOME).
    pub fn of_user() -> Option<Cache> {
        let dirs = directories::ProjectDirs::from("", "", "erratum")?;
        Some(Cache::at(dirs.cache_dir().join("prepared")))
    }

    /// The same, but nothing is added to it.
    #[must_use]
    pub fn as_it_is(self) -> Cache {
        Cache { grows: false, ..self }
    }

    /// Where it is.
    pub fn folder(&self) -> &Path {
        &self.folder
    }

    /// What was dropped since this was asked last, and why: a sentence each.
    pub fn words(&self) -> Vec<String> {
        std::mem::take(&mut *self.words.lock().unwrap_or_else(|poisoned| poisoned.into_inner()))
    }

    /// Its entries, what was used last first.
    pub fn entries(&self) -> Vec<Stored> {
        if !os::is_own(&self.folder) {
            return Vec::new();
        }
        let entries = fs::read_dir(&self.folder).into_iter().flatten().flatten();
        let mut all: Vec<Stored> =
            entries.filter_map(|entry| Stored::read(&entry.path())).collect();
        all.sort_by_key(|stored| std::cmp::Reverse(stored.used));
        all
    }

    /// The folder of the entry with a key, if it is there and whole. It counts as used now.
    pub(crate) fn get(&self, key: &Key) -> Option<PathBuf> {
        let folder = self.folder.join(key.name());
        // What belongs to somebody else is neither used nor touched.
        if !os::is_own(&self.folder) || self.refused(key).is_some() || !folder.exists() {
            return None;
        }
        match self.unfit(&folder, key) {
            None => {
                // Without it, it is only dropped sooner.
                let _ = File::create(folder.join(USED));
                Some(folder)
            }
            Some(why) => {
                self.discard(&folder, key.what(), why);
                None
            }
        }
    }

    /// Whether an entry is worth making: it is not there, and could not be refused again.
    pub(crate) fn lacks(&self, key: &Key) -> bool {
        self.get(key).is_none() && self.refused(key).is_none()
    }

    /// Why nothing could be made for a key within the last day, if so. An older refusal is forgotten.
    fn refused(&self, key: &Key) -> Option<String> {
        let folder = self.folder.join(key.name());
        let manifest = Manifest::read(&folder.join(MANIFEST)).filter(|made| made.is_of(key))?;
        let why = manifest.refused()?.to_owned();
        let when = fs::metadata(folder.join(USED)).and_then(|data| data.modified());
        if when.is_ok_and(|when| when.elapsed().is_ok_and(|age| age < REFUSED)) {
            return Some(why);
        }
        let _ = fs::remove_dir_all(&folder);
        None
    }

    /// Drops an entry, with a word about it.
    pub(crate) fn discard(&self, folder: &Path, what: &str, why: &str) {
        let words = format!("{what} was prepared, but is not used: {why}.");
        self.words.lock().unwrap_or_else(|poisoned| poisoned.into_inner()).push(words);
        let _ = fs::remove_dir_all(folder);
    }

    /// Why an entry is not what its key wants, if so.
    fn unfit(&self, folder: &Path, key: &Key) -> Option<&'static str> {
        let Some(manifest) = Manifest::read(&folder.join(MANIFEST)) else {
            return Some("what was kept of it cannot be read");
        };
        if !manifest.is_of(key) {
            return Some("the compiler or its files have changed");
        }
        (!manifest.is_whole(folder)).then_some("what was kept of it is not whole")
    }

    /// Makes an entry: `make` puts its files into a folder and returns further files that it depends
    /// on. It is seen by others only once it is whole. What it refuses is kept in mind for a day.
    ///
    /// # Errors
    /// When it is there, another job is at work, `make` fails, or the disk does.
    pub(crate) fn make(
        &self,
        key: &Key,
        make: impl FnOnce(&Path) -> Result<Vec<PathBuf>, NotPrepared>,
    ) -> Result<u64, NotPrepared> {
        if self.get(key).is_some() {
            return Err(NotPrepared::Ready);
        }
        if let Some(why) = self.refused(key) {
            return Err(NotPrepared::Refused(why));
        }
        if !self.grows {
            return Err(NotPrepared::Closed);
        }
        os::make_own(&self.folder)?;
        if !os::is_own(&self.folder) {
            return Err(NotPrepared::Refused("its folder belongs to somebody else".to_owned()));
        }
        let lock = File::create(self.folder.join(LOCK))?;
        match lock.try_lock() {
            Ok(()) => {}
            Err(TryLockError::WouldBlock) => return Err(NotPrepared::Busy),
            // A network disk may know no locks: the entry still comes in one step.
            Err(TryLockError::Error(_)) => {}
        }
        self.sweep();
        let part = tempfile::Builder::new().prefix(PART).tempdir_in(&self.folder)?;
        let (manifest, refused) = match make(part.path()) {
            Ok(further) => (Manifest::new(key, part.path(), &further)?, None),
            Err(NotPrepared::Refused(why)) => (Manifest::of_refusal(key, &why), Some(why)),
            Err(other) => return Err(other),
        };
        let bytes = manifest.bytes();
        fs::write(
            part.path().join(MANIFEST),
            serde_json::to_vec(&manifest).map_err(io::Error::from)?,
        )?;
        fs::write(part.path().join(USED), b"")?;
        let folder = self.folder.join(key.name());
        let _ = fs::remove_dir_all(&folder);
        fs::rename(part.path(), &folder)?;
        self.evict(&folder);
        refused.map_or(Ok(bytes), |why| Err(NotPrepared::Refused(why)))
    }

    /// Removes what a job that was killed has left.
    fn sweep(&self) {
        for entry in fs::read_dir(&self.folder).into_iter().flatten().flatten() {
            if entry.file_name().to_string_lossy().starts_with(PART) {
                let _ = fs::remove_dir_all(entry.path());
            }
        }
    }

    /// Removes what was used longest ago until the rest is small enough. What was just made stays.
    fn evict(&self, newest: &Path) {
        let mut left = MOST;
        for stored in self.entries() {
            if stored.folder == newest || stored.bytes <= left {
                left = left.saturating_sub(stored.bytes);
            } else {
                let _ = fs::remove_dir_all(&stored.folder);
            }
        }
    }

    /// Removes all of it; returns how many bytes that frees.
    ///
    /// # Errors
    /// When something cannot be removed.
    pub fn clear(&self) -> io::Result<u64> {
        let bytes = self.entries().iter().map(|stored| stored.bytes).sum();
        if self.folder.exists() {
            if !os::is_own(&self.folder) {
                return Err(io::Error::other(
                    "it belongs to somebody else, or others can write to it",
                ));
            }
            fs::remove_dir_all(&self.folder)?;
        }
        Ok(bytes)
    }
}

impl Stored {
    fn read(folder: &Path) -> Option<Stored> {
        let manifest = Manifest::read(&folder.join(MANIFEST))?;
        if manifest.refused().is_some() {
            return None;
        }
        let used = fs::metadata(folder.join(USED)).and_then(|data| data.modified());
        Some(Stored {
            what: manifest.what().to_owned(),
            bytes: manifest.bytes(),
            used: used.unwrap_or(SystemTime::UNIX_EPOCH),
            folder: folder.to_owned(),
        })
    }
}

/// Describes files.
///
/// # Errors
/// When one is not there.
fn stamps(paths: &[PathBuf]) -> io::Result<Vec<Stamp>> {
    paths.iter().map(|path| Stamp::of(path)).collect()
}

#[cfg(test)]
mod tests;
