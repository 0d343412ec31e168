//! Compilers that may do little: what a program brings with it (build scripts, macros, Template
//! Haskell, a compiler's plug-ins) runs while it is compiled, and may be anybody's.
//!
//! A confined compiler is started by this program itself, which restricts itself and then becomes the
//! compiler. On Linux, Landlock lets it write only below folders that are named, keeps it from the
//! network and from private folders of the user; it has a session of its own, and ends with the
//! process that waits for it. On other systems, or with a kernel that has no Landlock, compilers run
//! as the user's own do, which [`state`] tells.

#[cfg(target_os = "linux")]
mod linux;

use crate::os;
use std::ffi::{OsStr, OsString};
use std::path::{Path, PathBuf};
use std::process::Command;
use std::sync::OnceLock;

/// The program that restricts itself: this one, once its `main` has said that it can.
static HELPER: OnceLock<PathBuf> = OnceLock::new();

/// The first argument of a start that only restricts itself and becomes another program.
const MARK: &str = "--become-confined";

/// How far compilers are confined.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum State {
    /// They write only where they are told to, and reach no network.
    Full,
    /// They write only where they are told to; the kernel cannot keep them from the network.
    FilesOnly,
    /// They are not: the system has nothing for it.
    None,
}

impl State {
    /// What that means, in a few words.
    pub fn words(self) -> &'static str {
        match self {
            State::Full => "confined: they write only into scratch folders and reach no network",
            State::FilesOnly => {
                "confined in part: they write only into scratch folders, but may reach the network"
            }
            State::None => "not confined: this system has no way to do it",
        }
    }
}

/// Becomes another program, if this start is only for that. `main` calls it before all else; it
/// returns the exit status where the other program cannot be started.
pub fn become_asked() -> Option<u8> {
    let mut arguments = std::env::args_os().skip(1);
    if arguments.next().as_deref() != Some(OsStr::new(MARK)) {
        if let Ok(own) = std::env::current_exe() {
            let _ = HELPER.set(own);
        }
        os::adopt_strays();
        return None;
    }
    Some(become_confined(arguments))
}

#[cfg(target_os = "linux")]
fn become_confined(arguments: impl Iterator<Item = OsString>) -> u8 {
    linux::become_confined(arguments)
}

#[cfg(not(target_os = "linux"))]
fn become_confined(_: impl Iterator<Item = OsString>) -> u8 {
    127
}

/// How far compilers are confined on this system.
pub fn state() -> State {
    static STATE: OnceLock<State> = OnceLock::new();
    *STATE.get_or_init(|| {
        #[cfg(target_os = "linux")]
        if let Some(helper) = HELPER.get() {
            return linux::probe(helper);
        }
        State::None
    })
}

/// A command that may write only below `writable`, of which the first is its folder for temporary
/// files. `dies` tells that it is of no use any more when the thread that starts it ends.
pub(crate) fn command(program: &Path, writable: &[&Path], dies: bool) -> Command {
    let helper = HELPER.get().filter(|_| cfg!(target_os = "linux"));
    let Some(helper) = helper else { return Command::new(program) };
    let mut command = Command::new(helper);
    command.arg(MARK);
    if dies {
        command.arg("with-parent").arg(std::process::id().to_string());
    }
    for folder in writable {
        command.arg("write").arg(folder);
    }
    command.arg("run").arg(program);
    command
}

/// A command that is confined, from one that is not: its program, arguments, folder and environment;
/// what it reads and writes is set later.
pub(crate) fn confined(plain: &Command, writable: &[&Path], dies: bool) -> Command {
    let mut command = command(Path::new(plain.get_program()), writable, dies);
    command.args(plain.get_args());
    if let Some(folder) = plain.get_current_dir() {
        command.current_dir(folder);
    }
    for (name, value) in plain.get_envs() {
        match value {
            Some(value) => command.env(name, value),
            None => command.env_remove(name),
        };
    }
    command
}

/// Whether a command confines itself before it runs: then it also makes a session of its own.
pub(crate) fn is_confined(command: &Command) -> bool {
    command.get_args().next() == Some(OsStr::new(MARK))
}
