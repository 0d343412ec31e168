//! What makes the next look come sooner: which cache a command uses, and the job that adds to it once
//! an answer was given. Nobody waits for that job, and it is only started for somebody at a terminal.

use crate::arguments::Common;
use anstream::eprintln;
use erratum_compilers::{Cache, leave_running};
use erratum_look::Session;
use std::env;
use std::io::{self, IsTerminal};
use std::path::PathBuf;
use std::process::Command;
use std::sync::Arc;

/// The user's cache. It grows only for somebody at a terminal.
pub fn cache() -> Option<Arc<Cache>> {
    let cache = Cache::of_user()?;
    Some(Arc::new(if io::stdout().is_terminal() { cache } else { cache.as_it_is() }))
}

/// After an answer: says what of the cache was dropped, and starts to prepare what would have made
/// the answer come sooner.
pub fn afterwards(
    cache: Option<&Arc<Cache>>,
    session: &Session,
    files: &[PathBuf],
    common: &Common,
) {
    let Some(cache) = cache else { return };
    if common.verbose > 0 && !common.shown.json {
        for words in cache.words() {
            eprintln!("erratum: {words}");
        }
    }
    if io::stdout().is_terminal() && session.gains() {
        prepare_later(files, session.language().map(|language| language.id));
    }
}

/// Starts `erratum cache --prepare` for files, as a process that goes on by itself.
fn prepare_later(files: &[PathBuf], language: Option<&str>) {
    let Ok(program) = env::current_exe() else { return };
    let mut command = Command::new(program);
    command.args(["cache", "--prepare"]);
    if let Some(language) = language {
        command.args(["--language", language]);
    }
    // Without it, the next look only comes as late as this one.
    let _ = leave_running(command.arg("--").args(files));
}
