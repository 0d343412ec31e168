//! Unix.

use rustix::process::{
    Pid, Signal, WaitId, WaitIdOptions, getegid, geteuid, kill_process_group, setpriority_pgrp,
    waitid,
};
use std::fs::{self, DirBuilder, Permissions};
use std::io;
use std::os::unix::fs::{DirBuilderExt, MetadataExt, PermissionsExt, symlink};
use std::os::unix::process::CommandExt;
use std::path::Path;
use std::process::{Child, Command};

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

/// Whether a child has ended; it still has to be waited for.
pub(crate) fn has_ended(child: &mut Child) -> bool {
    let Some(pid) = pid(child.id()) else { return true };
    let options = WaitIdOptions::EXITED | WaitIdOptions::NOHANG | WaitIdOptions::NOWAIT;
    // One that cannot be waited for has ended, too.
    waitid(WaitId::Pid(pid), options).map_or(true, |status| status.is_some())
}

/// Makes this process the parent of all that its children leave behind, on Linux.
#[cfg(target_os = "linux")]
pub(crate) fn adopt_strays() {
    let _ = rustix::process::set_child_subreaper(Some(rustix::process::getpid()));
}

#[cfg(not(target_os = "linux"))]
pub(crate) fn adopt_strays() {}

/// Stops what was left behind: children of this process in another session which nobody has started
/// here (`is_own` tells who was).
#[cfg(target_os = "linux")]
pub(crate) fn end_strays(is_own: &dyn Fn(u32) -> bool) {
    use rustix::process::{WaitOptions, kill_process, waitpid};
    let own = session("self");
    // What a stray has started becomes a child of this process once that has ended.
    for _ in 0..STRAYS {
        let strays: Vec<Pid> = children()
            .into_iter()
            .filter(|id| !is_own(*id))
            .filter(|id| session(&id.to_string()) != own)
            .filter_map(pid)
            .collect();
        if strays.is_empty() {
            return;
        }
        for stray in strays {
            let _ = kill_process(stray, Signal::KILL);
            let _ = waitpid(Some(stray), WaitOptions::empty());
        }
    }
}

#[cfg(not(target_os = "linux"))]
pub(crate) fn end_strays(_is_own: &dyn Fn(u32) -> bool) {}

/// How deep strays may have started others.
#[cfg(target_os = "linux")]
const STRAYS: usize = 64;

/// The fields of a process that stand behind its name: its state, its parent, its group, its session.
#[cfg(target_os = "linux")]
fn status(process: &str) -> Option<Vec<String>> {
    let stat = fs::read_to_string(Path::new("/proc").join(process).join("stat")).ok()?;
    // The name stands in brackets and may hold blanks and brackets.
    let (_, behind) = stat.rsplit_once(')')?;
    Some(behind.split_whitespace().map(String::from).collect())
}

/// The session of a process. It is read as text, since it is 0 where who leads it stands outside: in a
/// container, the shell that has started it.
#[cfg(target_os = "linux")]
fn session(process: &str) -> Option<String> {
    status(process)?.get(3).cloned()
}

/// How often the threads are asked for their children before every process is asked for its parent.
#[cfg(target_os = "linux")]
const LISTINGS: usize = 5;

/// The numbers of the children of this process. Some kernels list them; else every process is asked for
/// its parent.
#[cfg(target_os = "linux")]
fn children() -> Vec<u32> {
    let own = std::process::id().to_string();
    let lists = Path::new("/proc/self/task").join(&own).join("children").exists();
    // A thread may end while its list is asked for: another one has its children then, so all are asked
    // again. To ask every process takes longer than a small compile.
    for _ in 0..if lists { LISTINGS } else { 0 } {
        let threads = fs::read_dir("/proc/self/task").into_iter().flatten().flatten();
        let listed: Option<Vec<String>> =
            threads.map(|thread| fs::read_to_string(thread.path().join("children")).ok()).collect();
        if let Some(listed) = listed {
            let ids = listed.iter().flat_map(|list| list.split_whitespace());
            return ids.filter_map(|id| id.parse().ok()).collect();
        }
    }
    let processes = fs::read_dir("/proc").into_iter().flatten().flatten();
    let ids = processes.filter_map(|entry| {
        let name = entry.file_name();
        let id = name.to_str()?.parse().ok()?;
        (*status(name.to_str()?)?.get(1)? == own).then_some(id)
    });
    ids.collect()
}

/// Limits the data of a process to so many bytes, on Linux. One that has ended needs no limit.
#[cfg(target_os = "linux")]
pub(crate) fn hold(child: &Child, bytes: u64) {
    use rustix::process::{Resource, Rlimit, prlimit};
    if let Some(pid) = pid(child.id()) {
        let limit = Rlimit { current: Some(bytes), maximum: Some(bytes) };
        let _ = prlimit(Some(pid), Resource::Data, limit);
    }
}

#[cfg(not(target_os = "linux"))]
pub(crate) fn hold(_child: &Child, _bytes: u64) {}

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

/// How much lower the priority of a job is for which nobody waits; 19 is the lowest.
const NICE: i32 = 15;

/// Lets the process group that the process `id` leads run only when the machine has nothing else to
/// do. A job at the usual priority is only less polite.
pub(crate) fn lower_priority(id: u32) {
    if let Some(pid) = pid(id) {
        let _ = setpriority_pgrp(Some(pid), NICE);
    }
}

/// Makes a folder, with those above it, that only its owner can look into.
///
/// # Errors
/// When it cannot be made.
pub(crate) fn make_own(folder: &Path) -> io::Result<()> {
    DirBuilder::new().recursive(true).mode(0o700).create(folder)
}

/// Lets only the user see what is in the folders that are made.
pub(crate) fn keep_private(folders: &mut tempfile::Builder) {
    folders.permissions(Permissions::from_mode(0o700));
}

/// Whether a folder is the user's own, and nobody else can write to it.
pub(crate) fn is_own(folder: &Path) -> bool {
    fs::symlink_metadata(folder).is_ok_and(|data| {
        data.is_dir() && data.uid() == geteuid().as_raw() && data.mode() & 0o022 == 0
    })
}

/// Whether a file is the user's own or the system's, and nobody else can write to it: the group may
/// only where it is the user's.
pub(crate) fn is_safe(file: &Path) -> bool {
    fs::metadata(file).is_ok_and(|data| {
        let owner = data.uid() == geteuid().as_raw() || data.uid() == 0;
        let group = data.mode() & 0o020 == 0 || data.gid() == getegid().as_raw();
        data.is_file() && owner && group && data.mode() & 0o002 == 0
    })
}

/// The words of a command as its user would type it; nothing where a quote stays open.
pub fn command_words(command: &str) -> Option<Vec<String>> {
    shell_words::split(command).ok()
}
