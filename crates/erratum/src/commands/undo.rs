//! `erratum undo`: take the last mend back.

use crate::arguments::Undo;
use crate::failure::Failure;
use crate::undo;
use std::io::Write;

/// Runs it.
pub fn run(arguments: &Undo) -> Result<u8, Failure> {
    let mend = undo::last(arguments.file.as_deref())?;
    let names: Vec<String> = mend.files().iter().map(|path| path.display().to_string()).collect();
    let mut out = anstream::stdout();
    // Who names no file does not know which it is.
    if arguments.file.is_none() {
        writeln!(out, "The last mend was of {}.", names.join(" and "))?;
        out.flush()?;
    }
    mend.take_back()?;
    writeln!(out, "Taken back: {} is as it was before the last mend.", names.join(" and "))?;
    Ok(0)
}
