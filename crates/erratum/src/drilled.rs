//! What was practised: one line for each answer, in the user's state folder. No text of a program and
//! no name is in it, and nothing leaves the machine. Where it cannot be kept, nothing is.

use erratum_learn::schedule::Given;
use std::fs::{self, OpenOptions};
use std::io::Write;
use std::path::PathBuf;

fn file() -> Option<PathBuf> {
    let folders = directories::ProjectDirs::from("", "", "erratum")?;
    Some(folders.state_dir().unwrap_or(folders.data_local_dir()).join("drilled.jsonl"))
}

/// Returns all answers, the oldest first. A line that is none is passed over.
pub fn read() -> Vec<Given> {
    let text = file().and_then(|path| fs::read_to_string(path).ok()).unwrap_or_default();
    text.lines().filter_map(|line| serde_json::from_str(line).ok()).collect()
}

/// Adds an answer, in one write.
pub fn add(given: &Given) {
    let Some(path) = file() else { return };
    let Ok(line) = serde_json::to_string(given) else { return };
    if let Some(folder) = path.parent() {
        let _ = fs::create_dir_all(folder);
    }
    let file = OpenOptions::new().append(true).create(true).open(path);
    let _ = file.and_then(|mut file| file.write_all(format!("{line}\n").as_bytes()));
}
