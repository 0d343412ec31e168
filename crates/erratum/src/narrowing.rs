//! Narrows a program, with its progress on a terminal: what `narrow` and `share` have in common.

use crate::app::{App, language_of_name};
use crate::arguments::Narrowing;
use crate::failure::Failure;
use erratum_look::{Budget, Session};
use erratum_repair::narrow::Progress;
use std::io::{self, IsTerminal, Write};
use std::time::Duration;

/// Narrows a program; `None` if nothing is said of it. With `quiet`, no progress is shown.
pub fn narrow(
    app: &App,
    arguments: &Narrowing,
    language: Option<&str>,
    quiet: bool,
) -> Result<Option<erratum_look::Narrowing>, Failure> {
    let mut builder = Session::builder()
        .catalogue(app.catalogue.clone())
        .cache(app.cache.clone())
        .files(&arguments.files)
        .language(language_of_name(language)?)
        .compiler(arguments.compiler.clone());
    if let Some(seconds) = arguments.budget {
        builder = builder.budget(Budget::Time(Duration::from_secs_f64(seconds)));
    }
    let bar = io::stderr().is_terminal() && !quiet;
    let mut progress = |progress: Progress| {
        if bar {
            let _ = write!(
                io::stderr(),
                "\r{} copies compiled, {} lines left   ",
                progress.compiles,
                progress.lines
            );
        }
    };
    let narrowed = builder.open()?.narrow(arguments.message, &mut progress);
    if bar {
        let _ = write!(io::stderr(), "\r{:60}\r", "");
    }
    Ok(narrowed?)
}
