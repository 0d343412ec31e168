//! Records of a survey in files: what is kept to go on, and what is put together.

use crate::failure::Failure;
use erratum_survey::{Record, SCHEMA};
use std::collections::BTreeMap;
use std::fs::{self, OpenOptions};
use std::io;
use std::path::{Path, PathBuf};

/// A record as one line of JSON.
pub fn line(record: &Record) -> Result<String, Failure> {
    serde_json::to_string(record).map_err(|error| Failure::said(error.to_string()))
}

/// Opens a state to add to. A last line that was cut short goes: what it told of is looked at again.
pub fn open(path: &Path) -> Result<fs::File, Failure> {
    let failed = |error: io::Error| Failure::said(format!("{}: {error}", path.display()));
    let file = OpenOptions::new().append(true).create(true).open(path).map_err(failed)?;
    let text = fs::read(path).map_err(failed)?;
    let whole = text.iter().rposition(|byte| *byte == b'\n').map_or(0, |at| at + 1);
    if whole < text.len() {
        file.set_len(whole as u64).map_err(failed)?;
    }
    Ok(file)
}

/// The records of files; of one hand-in the last one counts.
pub fn merged(paths: &[PathBuf]) -> Result<Vec<Record>, Failure> {
    let mut last: BTreeMap<(String, String), Record> = BTreeMap::new();
    for path in paths {
        for record in read(path)? {
            last.insert((record.learner.clone(), record.language.clone()), record);
        }
    }
    Ok(last.into_values().collect())
}

/// The records in a file. The last line may be cut short: the survey that wrote it was killed.
pub fn read(path: &Path) -> Result<Vec<Record>, Failure> {
    let said = |what: String| Failure::said(format!("{}: {what}", path.display()));
    let text = fs::read_to_string(path).map_err(|error| said(error.to_string()))?;
    let mut records = Vec::new();
    let lines: Vec<&str> = text.lines().collect();
    for (at, text_line) in lines.iter().enumerate() {
        match serde_json::from_str::<Record>(text_line) {
            Ok(record) if record.schema == SCHEMA => records.push(record),
            Ok(record) => {
                return Err(said(format!(
                    "line {} has the form {}, and not {SCHEMA}. Begin a new file.",
                    at + 1,
                    record.schema
                )));
            }
            Err(_) if at + 1 == lines.len() && !text.ends_with('\n') => {}
            Err(error) => {
                return Err(said(format!("line {} is no record of a survey: {error}", at + 1)));
            }
        }
    }
    Ok(records)
}
