//! What makes the next look come sooner: which cache a command uses, and the job that adds to it once
//! an answer was given. Nobody waits for that job, and it is only started for somebody at a terminal.

use crate::arguments::{Common, Compile};
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
    compile: &Compile,
    common: &Common,
) {
    let Some(cache) = cache else { return };
    if common.verbose > 0 && !common.shown.json {
        for words in cache.words() {
            eprintln!("erratum: {words}");
        }
    }
    if io::stdout().is_terminal() && session.gains() {
        let language = session.language().map(|language| language.id);
        prepare_later(files, compile.compiler.as_deref(), language);
    }
}

/// Starts `erratum cache --prepare` for files, as a process that goes on by itself.
fn prepare_later(files: &[PathBuf], compiler: Option<&str>, language: Option<&str>) {
    let Ok(program) = env::current_exe() else { return };
    let mut command = Command::new(program);
    command.args(["cache", "--prepare"]);
    for (option, value) in [("--compiler", compiler), ("--language", language)] {
        if let Some(value) = value {
            command.args([option, value]);
        }
    }
    // Without it, the next look only comes as late as this one.
    let _ = leave_running(command.arg("--").args(files));
}
