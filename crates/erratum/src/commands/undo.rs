//! `erratum undo`: take the last mend back.

use crate::arguments::Undo;
use crate::failure::Failure;
use crate::undo;
use std::io::Write;

/// Runs it.
pub fn run(arguments: &Undo) -> Result<u8, Failure> {
    let files = undo::take_back(arguments.file.as_deref())?;
    let names: Vec<String> = files.iter().map(|path| path.display().to_string()).collect();
    let mut out = anstream::stdout();
    writeln!(out, "Taken back: {} is as it was before the last mend.", names.join(" and "))?;
    Ok(0)
}
