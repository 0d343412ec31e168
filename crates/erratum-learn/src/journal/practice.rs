//! What was practised: one line for each answer of a drill. No text of a program and no name is in it.

use super::spool;
use crate::schedule::Given;
use std::fs::{self, OpenOptions};
use std::io::{self, Write};
use std::path::Path;

const FILE: &str = "drilled.jsonl";

/// Returns all answers, the oldest first. A line that is none is passed over.
pub fn read(folder: &Path) -> Vec<Given> {
    let text = fs::read_to_string(folder.join(FILE)).unwrap_or_default();
    text.lines().filter_map(|line| serde_json::from_str(line).ok()).collect()
}

/// Adds an answer, in one write.
///
/// # Errors
/// When the folder cannot be written to.
pub fn add(folder: &Path, given: &Given) -> io::Result<()> {
    spool::make(folder)?;
    let mut file = OpenOptions::new().append(true).create(true).open(folder.join(FILE))?;
    file.write_all(line(given)?.as_bytes())
}

/// Removes the answers, or those before a time (in seconds since 1970).
///
/// # Errors
/// When the file is there and cannot be changed.
pub fn forget(folder: &Path, before: Option<u64>) -> io::Result<()> {
    let path = folder.join(FILE);
    let stay: Vec<Given> = match before {
        Some(before) => read(folder).into_iter().filter(|given| given.time >= before).collect(),
        None => Vec::new(),
    };
    if stay.is_empty() {
        return match fs::remove_file(path) {
            Err(error) if error.kind() != io::ErrorKind::NotFound => Err(error),
            _ => Ok(()),
        };
    }
    let mut new = tempfile::NamedTempFile::new_in(folder)?;
    for given in &stay {
        new.write_all(line(given)?.as_bytes())?;
    }
    new.persist(path)?;
    Ok(())
}

fn line(given: &Given) -> io::Result<String> {
    Ok(format!("{}\n", serde_json::to_string(given)?))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn given(time: u64) -> Given {
        Given { kind: "lost-bracket".to_owned(), time, right: true }
    }

    #[test]
    fn answers_are_kept_and_forgotten() {
        let folder = tempfile::tempdir().unwrap();
        let folder = folder.path().join("journal");
        assert_eq!(read(&folder), []);
        forget(&folder, None).unwrap();
        for time in [10, 20, 30] {
            add(&folder, &given(time)).unwrap();
        }
        forget(&folder, Some(20)).unwrap();
        assert_eq!(read(&folder), [given(20), given(30)]);
        forget(&folder, None).unwrap();
        assert_eq!(read(&folder), []);
        assert!(!folder.join(FILE).exists());
    }
}
