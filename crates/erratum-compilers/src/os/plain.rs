//! A system of which no more is known than the standard library tells: a process that starts others
//! is stopped without them.

use std::io;
use std::path::Path;
use std::process::{Child, Command};

/// Leaves the command as it is.
pub(crate) fn lead_group(_command: &mut Command) {}

/// Leaves the group alone: the process itself is killed through its handle.
pub(crate) fn kill_group(_id: u32) {}

/// Sets no limit.
pub(crate) fn limit_memory(_id: u32, _bytes: u64) {}

/// Leaves the mode of the copy.
pub(crate) fn same_mode(_from: &Path, _to: &Path) -> io::Result<()> {
    Ok(())
}

/// Makes no link.
pub(crate) fn lend_folder(_folder: &Path, _at: &Path) -> io::Result<()> {
    Err(io::ErrorKind::Unsupported.into())
}

/// Leaves the priority.
pub(crate) fn lower_priority(_id: u32) {}

/// Makes a folder, with those above it.
///
/// # Errors
/// When it cannot be made.
pub(crate) fn make_own(folder: &Path) -> io::Result<()> {
    std::fs::create_dir_all(folder)
}

/// Folders for temporary files are the user's own on these systems.
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
