//! What looks and drills add to the journal.
//!
//! Only looks of somebody at a terminal and saved texts of an editor are kept, not looks of scripts. A look never waits for the journal
//! and never fails by it.

use erratum_learn::journal::practice;
use erratum_learn::journal::spool::{self, Noted};
use erratum_learn::journal::store::Store;
use erratum_learn::schedule::Given;
use erratum_look::{Look, Session};
use erratum_repair::verdict::Root;
use std::fs;
use std::io::{self, IsTerminal, Write};
use std::path::PathBuf;
use std::time::{SystemTime, UNIX_EPOCH};

/// Turns it on (`1`) or off (`0`), whatever else is said.
const VARIABLE: &str = "ERRATUM_JOURNAL";
/// The mark of one that was turned off.
const OFF: &str = "journal.off";

/// The folder of the journal, in the user's state folder; nothing without a home.
pub fn folder() -> Option<PathBuf> {
    let folders = directories::ProjectDirs::from("", "", "erratum")?;
    Some(folders.state_dir().unwrap_or(folders.data_local_dir()).join("journal"))
}

/// The seconds since 1970.
pub fn now() -> u64 {
    SystemTime::now().duration_since(UNIX_EPOCH).map_or(0, |time| time.as_secs())
}

/// Whether the user has turned it off.
pub fn is_off() -> bool {
    match std::env::var(VARIABLE).as_deref() {
        Ok("0") => true,
        Ok("1") => false,
        _ => folder().is_some_and(|folder| folder.join(OFF).exists()),
    }
}

/// Turns it off, or on again.
pub fn turn(on: bool) -> io::Result<()> {
    let folder = folder().ok_or_else(|| io::Error::other("no home folder is set. Set HOME."))?;
    if !on {
        fs::create_dir_all(&folder)?;
        return fs::write(folder.join(OFF), "");
    }
    match fs::remove_file(folder.join(OFF)) {
        Err(error) if error.kind() != io::ErrorKind::NotFound => Err(error),
        _ => Ok(()),
    }
}

/// What the user is told at the first time.
const FIRST: &str = "The kinds of your mistakes are kept on this machine, without any text or name: `erratum journal` shows them, `erratum journal off` stops it.";

/// Adds a look.
pub fn look(session: &Session, look: &Look, wanted: Option<bool>) {
    if at_terminal() && add(session, look, wanted, false, |_| true) {
        tell_first();
    }
}

/// Adds what an editor's server has found in a saved text; returns what the user is told at the first time.
pub fn edited(session: &Session, look: &Look, wanted: Option<bool>) -> Option<String> {
    add(session, look, wanted, false, |_| true).then(|| FIRST.to_owned())
}

/// Adds that a mend has written: which mistakes it mended.
pub fn mended(session: &Session, look: &Look, wanted: Option<bool>, which: impl Fn(&Root) -> bool) {
    if at_terminal() && add(session, look, wanted, true, which) {
        tell_first();
    }
}

/// Whether somebody reads what is printed: looks of scripts are not kept.
fn at_terminal() -> bool {
    let asked = std::env::var_os(VARIABLE).is_some_and(|value| value == "1");
    asked || io::stdout().is_terminal()
}

fn tell_first() {
    let _ = writeln!(anstream::stderr(), "\n{FIRST}");
}

/// Adds one line for each file; returns whether it is the first that is kept at all.
fn add(
    session: &Session,
    look: &Look,
    wanted: Option<bool>,
    mend: bool,
    which: impl Fn(&Root) -> bool,
) -> bool {
    let (Some(folder), true) = (folder(), wanted != Some(false) && !is_off()) else {
        return false;
    };
    let Some(language) = session.language() else { return false };
    let first = !spool::begun(&folder);
    for file in &look.program.files {
        let own = look.verdict.roots.iter().filter(|root| root.at.file == file.name());
        let roots = own.filter(|root| which(root));
        let roots = roots.map(|root| (root.mistake.clone(), root.at.line, root.hidden)).collect();
        // Where it cannot be kept, nothing is: a look is not the place to speak of it.
        let Ok(place) = spool::place(&folder, &session.path(file.name())) else { return false };
        let (time, language) = (now(), language.id.to_owned());
        if spool::add(&folder, &Noted { time, language, place, mend, roots }).is_err() {
            return false;
        }
    }
    first
}

/// The kinds of mistakes that were made most in a language, and did not go away; nothing where there is no
/// journal.
pub fn made_most(language: &str) -> Vec<String> {
    let summary = folder().filter(|folder| spool::begun(folder)).and_then(|folder| {
        let mut store = Store::open(&folder).ok()?;
        store.merge().ok()?;
        store.summary(Some(language), now()).ok()
    });
    let kinds = summary.map(|summary| summary.kinds).unwrap_or_default();
    kinds.into_iter().filter(|kind| !kind.went_away()).map(|kind| kind.mistake).collect()
}

/// The answers that drills were given, the oldest first.
pub fn answers() -> Vec<Given> {
    folder().map(|folder| practice::read(&folder)).unwrap_or_default()
}

/// Adds what a drill was answered for a kind of slip, unless nothing is to be kept.
pub fn answered(kind: &str, right: bool) {
    let Some(folder) = folder().filter(|_| !is_off()) else { return };
    // Where it cannot be kept, the next drill only knows less.
    let _ = practice::add(&folder, &Given { kind: kind.to_owned(), time: now(), right });
}
