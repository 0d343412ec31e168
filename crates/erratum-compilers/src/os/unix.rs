//! Unix.

use rustix::process::{Pid, Signal, kill_process_group};
use std::fs::{self, Permissions};
use std::io;
use std::os::unix::fs::{PermissionsExt, symlink};
use std::os::unix::process::CommandExt;
use std::path::Path;
use std::process::Command;

fn pid(id: u32) -> Option<Pid> {
    i32::try_from(id).ok().and_then(Pid::from_raw)
}

/// Makes a command lead a process group of its own, so that all it starts can be stopped with it.
pub(crate) fn lead_group(command: &mut Command) {
    command.process_group(0);
}

/// Kills the process group that the process `id` leads. One that has ended by itself is no error.
pub(crate) fn kill_group(id: u32) {
    if let Some(pid) = pid(id) {
        let _ = kill_process_group(pid, Signal::KILL);
    }
}

/// Limits the data of a process to so many bytes, on Linux. One that has ended needs no limit.
#[cfg(target_os = "linux")]
pub(crate) fn limit_memory(id: u32, bytes: u64) {
    use rustix::process::{Resource, Rlimit, prlimit};
    if let Some(pid) = pid(id) {
        let limit = Rlimit { current: Some(bytes), maximum: Some(bytes) };
        let _ = prlimit(Some(pid), Resource::Data, limit);
    }
}

#[cfg(not(target_os = "linux"))]
pub(crate) fn limit_memory(_id: u32, _bytes: u64) {}

/// Gives the file `to` the mode of `from`, but lets its owner write it.
///
/// # Errors
/// When a mode cannot be read or set.
pub(crate) fn same_mode(from: &Path, to: &Path) -> io::Result<()> {
    let mode = fs::metadata(from)?.permissions().mode() | 0o600;
    fs::set_permissions(to, Permissions::from_mode(mode))
}

/// Makes a folder seen at a second place, without a copy.
///
/// # Errors
/// When the link cannot be made.
pub(crate) fn lend_folder(folder: &Path, at: &Path) -> io::Result<()> {
    symlink(folder, at)
}
