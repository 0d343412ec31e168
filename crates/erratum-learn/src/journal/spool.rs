//! The spool: one line for each look, added in one write.

use serde::{Deserialize, Serialize};
use std::fs::{self, File, OpenOptions};
use std::io::{self, Write};
use std::path::{Path, PathBuf};
use std::time::Duration;

/// The file that looks add to.
const FILE: &str = "journal.jsonl";
/// The same while it is taken over.
const TAKEN: &str = "journal.taken";
/// Makes the numbers of files ones that only this machine can make.
const SALT: &str = "journal.salt";
/// How long a look that has opened the spool may take for its one write.
const GRACE: Duration = Duration::from_millis(20);

/// What a look adds.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
pub struct Noted {
    /// When, in seconds since 1970.
    #[serde(rename = "t")]
    pub time: u64,
    /// The language, by its short name.
    #[serde(rename = "l")]
    pub language: String,
    /// The file, as a number.
    #[serde(rename = "p")]
    pub place: u32,
    /// Whether it is a mend that has written; then its mistakes are those that were mended.
    #[serde(rename = "m", default, skip_serializing_if = "std::ops::Not::not")]
    pub mend: bool,
    /// The mistakes: kind, line from 1, whether the compiler has not reported it.
    #[serde(rename = "r")]
    pub roots: Vec<(String, u32, bool)>,
}

/// Adds a line.
///
/// # Errors
/// When the folder cannot be written to.
pub fn add(folder: &Path, noted: &Noted) -> io::Result<()> {
    let line = serde_json::to_string(noted)?;
    let mut file = match open(folder) {
        Err(error) if error.kind() == io::ErrorKind::NotFound => {
            make(folder)?;
            open(folder)?
        }
        other => other?,
    };
    file.write_all(format!("{line}\n").as_bytes())
}

/// Makes the folder, for its owner alone.
pub(super) fn make(folder: &Path) -> io::Result<()> {
    let mut builder = fs::DirBuilder::new();
    builder.recursive(true);
    #[cfg(unix)]
    std::os::unix::fs::DirBuilderExt::mode(&mut builder, 0o700);
    builder.create(folder)
}

fn open(folder: &Path) -> io::Result<File> {
    OpenOptions::new().append(true).create(true).open(folder.join(FILE))
}

/// Whether anything was ever kept.
pub fn begun(folder: &Path) -> bool {
    [FILE, TAKEN, super::store::FILE].iter().any(|name| folder.join(name).exists())
}

/// The number of a file on this machine.
///
/// # Errors
/// When the folder cannot be written to.
pub fn place(folder: &Path, file: &Path) -> io::Result<u32> {
    let path = folder.join(SALT);
    let salt = match fs::read_to_string(&path) {
        Ok(salt) if !salt.is_empty() => salt,
        _ => {
            make(folder)?;
            let salt = format!("{:016x}{:016x}", fastrand::u64(..), fastrand::u64(..));
            // Of two that begin at once, the first one's holds.
            match OpenOptions::new().write(true).create_new(true).open(&path) {
                Ok(mut file) => {
                    file.write_all(salt.as_bytes())?;
                    salt
                }
                Err(_) => fs::read_to_string(&path)?,
            }
        }
    };
    let file = std::path::absolute(file).unwrap_or_else(|_| file.to_owned());
    let mut bytes = salt.into_bytes();
    bytes.extend_from_slice(file.as_os_str().as_encoded_bytes());
    Ok(crc32fast::hash(&bytes))
}

/// What was taken out of the spool: it stays on the disk until it is done with.
pub struct Taken {
    path: PathBuf,
    text: Vec<u8>,
}

impl Taken {
    /// Takes all lines; nothing if there are none. Lines that were taken, but never done with, come first.
    ///
    /// # Errors
    /// When the folder cannot be read or written.
    pub fn of(folder: &Path) -> io::Result<Option<Taken>> {
        let (spool, path) = (folder.join(FILE), folder.join(TAKEN));
        if !path.exists() {
            match fs::rename(&spool, &path) {
                Ok(()) => std::thread::sleep(GRACE),
                Err(error) if error.kind() == io::ErrorKind::NotFound => return Ok(None),
                Err(error) => return Err(error),
            }
        }
        Ok(Some(Taken { text: fs::read(&path)?, path }))
    }

    /// What tells these lines from others.
    pub fn print(&self) -> String {
        format!("{}-{:08x}", self.text.len(), crc32fast::hash(&self.text))
    }

    /// The lines; what is none is passed over.
    pub fn lines(&self) -> impl Iterator<Item = Noted> {
        self.text.split(|byte| *byte == b'\n').filter_map(|line| serde_json::from_slice(line).ok())
    }

    /// Done with them.
    ///
    /// # Errors
    /// When they cannot be removed.
    pub fn done(self) -> io::Result<()> {
        fs::remove_file(self.path)
    }
}

/// Removes all that was added and not taken yet, and the salt.
///
/// # Errors
/// When a file is there and cannot be removed.
pub fn forget(folder: &Path) -> io::Result<()> {
    for name in [FILE, TAKEN, SALT] {
        match fs::remove_file(folder.join(name)) {
            Err(error) if error.kind() != io::ErrorKind::NotFound => return Err(error),
            _ => {}
        }
    }
    Ok(())
}
