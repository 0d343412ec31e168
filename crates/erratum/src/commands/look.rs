//! `erratum look`: compile, and show what is really wrong.

use crate::arguments::{Common, Look};
use crate::commands::build;
use crate::examine::examine;
use crate::failure::Failure;
use crate::show::{self, terminal::Next};
use std::path::PathBuf;

/// Runs it.
pub fn run(look: &Look) -> Result<u8, Failure> {
    if !look.build.is_empty() {
        return build::run(look);
    }
    if look.files.is_empty() {
        return Err(Failure::said(
            "no file is named. `erratum FILE` looks at a program; `erratum --help` shows the rest.",
        ));
    }
    let examined = examine(&look.files, &look.common, &look.compile, !look.no_proof)?;
    let next = Next::Mend(mend_command(&look.files, &look.common));
    show::verdict(&examined.verdict, &examined.program, &look.common, look.all, &next)?;
    Ok(show::status(&examined.verdict, &look.common))
}

/// The command that mends these files, as one would type it.
pub fn mend_command(files: &[PathBuf], common: &Common) -> String {
    let quoted = |file: &PathBuf| {
        let name = file.display().to_string();
        if name.contains([' ', '\'', '"', '$', '(', '&']) {
            format!("'{}'", name.replace('\'', "'\\''"))
        } else {
            name
        }
    };
    let names: Vec<String> = files.iter().map(quoted).collect();
    let warnings = if common.warnings { "--warnings " } else { "" };
    format!("erratum mend {warnings}{}", names.join(" "))
}
