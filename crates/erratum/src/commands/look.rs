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
    let next = Next::Mend(mend_command(&look.files, &[], &look.common));
    show::verdict(&examined.verdict, &examined.program, &look.common, look.all, &next)?;
    Ok(show::status(&examined.verdict, &look.common))
}

/// The command that mends these files, or those of a build, as one would type it.
pub fn mend_command(files: &[PathBuf], build: &[String], common: &Common) -> String {
    let quoted = |name: String| {
        if name.contains([' ', '\'', '"', '$', '(', '&']) {
            format!("'{}'", name.replace('\'', "'\\''"))
        } else {
            name
        }
    };
    let mut words: Vec<String> = vec!["erratum".into(), "mend".into()];
    if common.warnings {
        words.push("--warnings".into());
    }
    words.extend(files.iter().map(|file| quoted(file.display().to_string())));
    if !build.is_empty() {
        words.push("--".into());
        words.extend(build.iter().cloned().map(quoted));
    }
    words.join(" ")
}
