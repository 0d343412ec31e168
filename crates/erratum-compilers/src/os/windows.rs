//! Windows. A job object takes the place of a process group: whatever a process starts belongs to its
//! job, and ends when the last handle of the job is closed, so also when this program is killed.

use std::collections::HashMap;
use std::io;
use std::os::windows::fs::symlink_dir;
use std::os::windows::io::AsRawHandle;
use std::os::windows::process::CommandExt;
use std::path::Path;
use std::process::{Child, Command};
use std::sync::{LazyLock, Mutex, MutexGuard};
use win32job::{ExtendedLimitInfo, Job, PriorityClass};

/// The jobs of the processes that run, by their numbers.
static JOBS: LazyLock<Mutex<HashMap<u32, Job>>> = LazyLock::new(Mutex::default);

fn jobs() -> MutexGuard<'static, HashMap<u32, Job>> {
    JOBS.lock().unwrap_or_else(|poisoned| poisoned.into_inner())
}

/// `CREATE_NEW_PROCESS_GROUP`: an interrupt at the console is for this program, which then ends what it
/// has started.
const NEW_GROUP: u32 = 0x200;

/// Keeps interrupts at the console from a command. It gets a job once it runs.
pub(crate) fn lead_group(command: &mut Command) {
    command.creation_flags(NEW_GROUP);
}

/// Puts a process into a job of its own. What it has started before that, within the first moments, stays
/// outside; its memory is not limited.
pub(crate) fn hold(child: &Child, _bytes: u64) {
    let mut limits = ExtendedLimitInfo::new();
    limits.limit_kill_on_job_close();
    let Ok(job) = Job::create_with_limit_info(&limits) else { return };
    if job.assign_process(child.as_raw_handle() as isize).is_ok() {
        jobs().insert(child.id(), job);
    }
}

/// Ends the job of a process, and with it all that it has started.
pub(crate) fn kill_group(id: u32) {
    jobs().remove(&id);
}

/// Leaves the mode of the copy.
pub(crate) fn same_mode(_from: &Path, _to: &Path) -> io::Result<()> {
    Ok(())
}

/// Makes a folder seen at a second place, without a copy.
///
/// # Errors
/// When the link cannot be made: the system lets only some users.
pub(crate) fn lend_folder(folder: &Path, at: &Path) -> io::Result<()> {
    symlink_dir(folder, at)
}

/// Lets the job of a process run only when the machine has nothing else to do. A job at the usual
/// priority is only less polite.
pub(crate) fn lower_priority(id: u32) {
    if let Some(job) = jobs().get(&id)
        && let Ok(mut limits) = job.query_extended_limit_info()
    {
        limits.limit_priority_class(PriorityClass::Idle);
        let _ = job.set_extended_limit_info(&limits);
    }
}

/// Makes a folder, with those above it.
///
/// # Errors
/// When it cannot be made.
pub(crate) fn make_own(folder: &Path) -> io::Result<()> {
    std::fs::create_dir_all(folder)
}

/// Folders for temporary files are the user's own on this system.
pub(crate) fn keep_private(_folders: &mut tempfile::Builder) {}

/// Whether it is a folder: whose it is is not known.
pub(crate) fn is_own(folder: &Path) -> bool {
    folder.is_dir()
}

/// Whether it is a file: whose it is is not known.
pub(crate) fn is_safe(file: &Path) -> bool {
    file.is_file()
}

/// Makes this process the parent of all that its children leave behind: only Linux can.
pub(crate) fn adopt_strays() {}

/// Stops what was left behind: nothing is known of that here.
pub(crate) fn end_strays(_is_own: &dyn Fn(u32) -> bool) {}

/// Whether a child has ended.
pub(crate) fn has_ended(child: &mut Child) -> bool {
    child.try_wait().map_or(true, |status| status.is_some())
}

/// The words of a command as its user would type it: a backslash is a part of a path.
pub fn command_words(command: &str) -> Option<Vec<String>> {
    Some(winsplit::split(command))
}
