//! Landlock, a session of its own, and the end with the parent.

use super::{MARK, State};
use landlock::{
    ABI, Access, AccessFs, AccessNet, CompatLevel, Compatible, PathBeneath, PathFd, Ruleset,
    RulesetAttr, RulesetCreated, RulesetCreatedAttr, RulesetError, RulesetStatus, Scope,
};
use rustix::process::{Signal, getppid, set_parent_process_death_signal, setsid};
use std::ffi::OsString;
use std::fs;
use std::io::Write;
use std::os::unix::process::CommandExt;
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};

/// The newest form of Landlock that is asked for; an older kernel gives what it has.
const NEWEST: ABI = ABI::V6;

/// What of a home folder no compiler has to read: keys, passwords, mail and the like.
const PRIVATE: &[&str] = &[
    ".aws",
    ".azure",
    ".docker",
    ".git-credentials",
    ".gnupg",
    ".kube",
    ".mozilla",
    ".netrc",
    ".password-store",
    ".pki",
    ".ssh",
    ".thunderbird",
    "Mail",
];

/// Devices that programs write to as a matter of course.
const DEVICES: &[&str] = &["/dev/null", "/dev/zero", "/dev/full", "/dev/random", "/dev/urandom"];

/// The exit status of a start whose parent is gone; nobody asks for it.
const ORPHAN: u8 = 126;

/// What a confined start is told.
#[derive(Default)]
struct Asked {
    /// The process with which it dies.
    parent: Option<u32>,
    writable: Vec<PathBuf>,
    program: Vec<OsString>,
}

fn read(mut arguments: impl Iterator<Item = OsString>) -> Asked {
    let mut asked = Asked::default();
    while let Some(word) = arguments.next() {
        match word.to_str() {
            Some("with-parent") => {
                let number = arguments.next();
                asked.parent = number.and_then(|number| number.to_str()?.parse().ok());
            }
            Some("write") => asked.writable.extend(arguments.next().map(PathBuf::from)),
            Some("run") => asked.program.extend(arguments.by_ref()),
            _ => {}
        }
    }
    asked
}

/// Restricts this process, and becomes the program that is asked for. Returns the exit status where
/// that cannot be started.
pub(super) fn become_confined(arguments: impl Iterator<Item = OsString>) -> u8 {
    let asked = read(arguments);
    let _ = setsid();
    if let Some(parent) = asked.parent {
        let _ = set_parent_process_death_signal(Some(Signal::KILL));
        // One that was killed before the signal was asked for sends none.
        if getppid().is_none_or(|now| now.as_raw_nonzero().get().unsigned_abs() != parent) {
            return ORPHAN;
        }
    }
    let status = restrict(&asked.writable);
    let Some((program, rest)) = asked.program.split_first() else {
        // A probe: only the state is asked for.
        let words = match status {
            Ok(state) => format!("{state:?}"),
            Err(_) => format!("{:?}", State::None),
        };
        let _ = writeln!(std::io::stdout(), "{words}");
        return 0;
    };
    let mut command = Command::new(program);
    command.args(rest);
    if let Some(own) = asked.writable.first() {
        command.envs([("TMPDIR", own), ("TMP", own), ("TEMP", own)]);
    }
    let error = command.exec();
    let _ = writeln!(std::io::stderr(), "{}: {error}", Path::new(program).display());
    127
}

/// Restricts this process for good.
fn restrict(writable: &[PathBuf]) -> Result<State, RulesetError> {
    let all = AccessFs::from_all(NEWEST);
    let read = AccessFs::from_read(NEWEST);
    let ruleset = Ruleset::default()
        .set_compatibility(CompatLevel::BestEffort)
        .handle_access(all)?
        .handle_access(AccessNet::from_all(NEWEST))?
        .scope(Scope::from_all(NEWEST))?
        .create()?;
    let mut ruleset = ruleset;
    for path in readable() {
        ruleset = allow(ruleset, &path, read)?;
    }
    for path in DEVICES.iter().map(Path::new) {
        ruleset = allow(ruleset, path, AccessFs::from_file(NEWEST))?;
    }
    for path in writable {
        ruleset = allow(ruleset, path, all)?;
    }
    let status = ruleset.restrict_self()?;
    Ok(match status.ruleset {
        RulesetStatus::FullyEnforced => State::Full,
        RulesetStatus::PartiallyEnforced => partly(),
        RulesetStatus::NotEnforced => State::None,
    })
}

/// What a kernel that knows only a part of it enforces: files, and the network since its fourth form.
fn partly() -> State {
    let network = Ruleset::default()
        .set_compatibility(CompatLevel::HardRequirement)
        .handle_access(AccessNet::from_all(ABI::V4));
    if network.is_ok_and(|ruleset| ruleset.create().is_ok()) {
        State::Full
    } else {
        State::FilesOnly
    }
}

/// Adds a rule for a path; one that is not there needs none.
fn allow(
    ruleset: RulesetCreated,
    path: &Path,
    access: landlock::BitFlags<AccessFs>,
) -> Result<RulesetCreated, RulesetError> {
    let Ok(opened) = PathFd::new(path) else { return Ok(ruleset) };
    let access = if path.is_dir() { access } else { access & AccessFs::from_file(NEWEST) };
    ruleset.add_rule(PathBeneath::new(opened, access))
}

/// All that may be read: everything but the private parts of home folders. Landlock knows only what is
/// allowed, so each folder beside a private one is named.
fn readable() -> Vec<PathBuf> {
    let home = std::env::var_os("HOME").map(PathBuf::from);
    let home =
        home.and_then(|home| home.canonicalize().ok()).filter(|home| home.parent().is_some());
    let Some(home) = home else { return vec![PathBuf::from("/")] };
    let mut all = Vec::new();
    for folder in home.ancestors() {
        let entries = fs::read_dir(folder).into_iter().flatten().flatten();
        for entry in entries {
            let (path, name) = (entry.path(), entry.file_name());
            let above = home.starts_with(&path);
            let private = folder == home && PRIVATE.iter().any(|private| name == *private);
            if !above && !private {
                all.push(path);
            }
        }
    }
    all
}

/// How far a kernel confines, as a start of the helper shows.
pub(super) fn probe(helper: &Path) -> State {
    let output = Command::new(helper).arg(MARK).stdin(Stdio::null()).output();
    let said = output.map(|output| String::from_utf8_lossy(&output.stdout).trim().to_owned());
    match said.as_deref() {
        Ok("Full") => State::Full,
        Ok("FilesOnly") => State::FilesOnly,
        _ => State::None,
    }
}
