//! Writes files so that nothing can be lost: a new file beside the old one, brought to the disk,
//! then put in its place in one step.

use crate::failure::Failure;
use std::fs;
use std::io::Write;
use std::path::{Path, PathBuf};

/// The file that is really meant: where a link points.
pub fn target(path: &Path) -> Result<PathBuf, Failure> {
    dunce::canonicalize(path).map_err(|error| Failure::said(format!("{}: {error}", path.display())))
}

/// Puts `bytes` in the place of what `path` holds, which must still be `expected`. Permissions
/// stay; a link stays a link.
pub fn replace(path: &Path, expected: &[u8], bytes: &[u8]) -> Result<(), Failure> {
    let path = target(path)?;
    let fail = |error: std::io::Error| {
        Failure::said(format!(
            "{} cannot be written: {error}. Nothing was changed. Check that its folder can be written to and has space left.",
            path.display()
        ))
    };
    if fs::read(&path).map_err(fail)? != expected {
        return Err(Failure::said(format!(
            "{} has changed since it was looked at. Nothing was written; run the command again.",
            path.display()
        )));
    }
    let folder = path.parent().unwrap_or(Path::new("."));
    let permissions = fs::metadata(&path).map_err(fail)?.permissions();
    if permissions.readonly() {
        return Err(Failure::said(format!(
            "{} is write-protected. Nothing was changed; allow writing to it first.",
            path.display()
        )));
    }
    if names_of(&path) > 1 {
        return Err(Failure::said(format!(
            "{} has more names (hard links), and they would no longer be the same file. Nothing was changed; \
             make it a file of its own first, or write the change yourself.",
            path.display()
        )));
    }
    sweep(folder);
    let mut new = tempfile::Builder::new().prefix(PREFIX).tempfile_in(folder).map_err(fail)?;
    // Held for as long as it is written: one that nobody holds is swept.
    let _ = new.as_file().try_lock();
    new.write_all(bytes).map_err(fail)?;
    keep_owner(&path, new.as_file()).map_err(|error| {
        Failure::said(format!(
            "{} belongs to another user, and would become yours: {error}. Nothing was changed.",
            path.display()
        ))
    })?;
    keep_attributes(&path, new.path());
    new.as_file().set_permissions(permissions).map_err(fail)?;
    new.as_file().sync_all().map_err(fail)?;
    // A text that was saved in between is somebody's work.
    if fs::read(&path).map_err(fail)? != expected {
        return Err(Failure::said(format!(
            "{} was saved while it was to be written. Nothing was changed; run the command again.",
            path.display()
        )));
    }
    new.persist(&path).map_err(|error| fail(error.error))?;
    // The step itself is brought to the disk as well, where the system can.
    if let Ok(folder) = fs::File::open(folder) {
        let _ = folder.sync_all();
    }
    Ok(())
}

/// The names of new texts before they are put in place start so.
const PREFIX: &str = ".erratum-";

/// Removes half-written texts in a folder whose writer was killed: nobody holds them any more.
fn sweep(folder: &Path) {
    for entry in fs::read_dir(folder).into_iter().flatten().flatten() {
        let ours = entry.file_name().to_string_lossy().starts_with(PREFIX);
        let plain = entry.file_type().is_ok_and(|kind| kind.is_file());
        // Nothing else is opened: it may be a pipe, on which that would wait.
        let file = (ours && plain).then(|| fs::File::open(entry.path()).ok()).flatten();
        if file.is_some_and(|file| file.try_lock().is_ok()) {
            let _ = fs::remove_file(entry.path());
        }
    }
}

/// How many names a file has.
#[cfg(unix)]
fn names_of(path: &Path) -> u64 {
    use std::os::unix::fs::MetadataExt;
    fs::metadata(path).map_or(1, |data| data.nlink())
}

#[cfg(not(unix))]
fn names_of(_path: &Path) -> u64 {
    1
}

/// Gives a new file the owner and the group of the old one.
#[cfg(unix)]
fn keep_owner(old: &Path, new: &fs::File) -> std::io::Result<()> {
    use std::os::unix::fs::{MetadataExt, fchown};
    let (old, now) = (fs::metadata(old)?, new.metadata()?);
    if old.gid() != now.gid() {
        // A group that the user is not in cannot be kept; the file stays the user's.
        let _ = fchown(new, None, Some(old.gid()));
    }
    if old.uid() != now.uid() {
        fchown(new, Some(old.uid()), None)?;
    }
    Ok(())
}

#[cfg(not(unix))]
fn keep_owner(_old: &Path, _new: &fs::File) -> std::io::Result<()> {
    Ok(())
}

/// Gives a new file the extended attributes of the old one, as far as the system lets it.
#[cfg(unix)]
fn keep_attributes(old: &Path, new: &Path) {
    for name in xattr::list(old).into_iter().flatten() {
        if let Ok(Some(value)) = xattr::get(old, &name) {
            let _ = xattr::set(new, &name, &value);
        }
    }
}

#[cfg(not(unix))]
fn keep_attributes(_old: &Path, _new: &Path) {}

/// Refuses a file that is there already.
pub fn must_be_new(out: Option<&Path>) -> Result<(), Failure> {
    match out.filter(|out| out.exists()) {
        Some(out) => Err(Failure::said(format!(
            "{} is there already, and nothing is written over it. Name a new one.",
            out.display()
        ))),
        None => Ok(()),
    }
}

/// Writes a new file.
pub fn write_new(path: &Path, bytes: &[u8]) -> Result<(), Failure> {
    let failed = |error: std::io::Error| {
        Failure::said(format!("{} cannot be written: {error}", path.display()))
    };
    let mut file =
        fs::OpenOptions::new().write(true).create_new(true).open(path).map_err(failed)?;
    file.write_all(bytes).map_err(failed)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_file_that_changed_is_left_alone() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("tide.c");
        fs::write(&path, "new").unwrap();
        assert!(replace(&path, b"old", b"mended").is_err());
        assert_eq!(fs::read(&path).unwrap(), b"new");
        replace(&path, b"new", b"mended").unwrap();
        assert_eq!(fs::read(&path).unwrap(), b"mended");
        assert_eq!(fs::read_dir(folder.path()).unwrap().count(), 1);
    }

    #[cfg(unix)]
    #[test]
    fn a_file_with_two_names_is_refused() {
        let folder = tempfile::tempdir().unwrap();
        let (path, twin) = (folder.path().join("tide.c"), folder.path().join("twin.c"));
        fs::write(&path, "old").unwrap();
        fs::hard_link(&path, &twin).unwrap();
        let refused = replace(&path, b"old", b"mended").unwrap_err().to_string();
        assert!(refused.contains("hard links"), "{refused}");
        assert_eq!(fs::read(&twin).unwrap(), b"old");
    }

    #[cfg(unix)]
    #[test]
    fn extended_attributes_stay() {
        let folder = tempfile::tempdir_in(".").unwrap();
        let path = folder.path().join("tide.c");
        fs::write(&path, "old").unwrap();
        if xattr::set(&path, "user.berth", b"east").is_err() {
            println!("skipped: this file system keeps no attributes");
            return;
        }
        replace(&path, b"old", b"mended").unwrap();
        assert_eq!(xattr::get(&path, "user.berth").unwrap().as_deref(), Some(&b"east"[..]));
    }

    #[test]
    fn what_a_killed_writer_left_is_swept() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("tide.c");
        let (dead, alive) = (folder.path().join(".erratum-x"), folder.path().join(".erratum-y"));
        for file in [&path, &dead, &alive] {
            fs::write(file, "old").unwrap();
        }
        let held = fs::File::open(&alive).unwrap();
        held.try_lock().unwrap();
        replace(&path, b"old", b"mended").unwrap();
        assert!(!dead.exists() && alive.exists());
    }

    #[cfg(unix)]
    #[test]
    fn links_and_permissions_stay() {
        use std::os::unix::fs::{PermissionsExt, symlink};
        let folder = tempfile::tempdir().unwrap();
        let (path, link) = (folder.path().join("tide.c"), folder.path().join("link.c"));
        fs::write(&path, "old").unwrap();
        fs::set_permissions(&path, fs::Permissions::from_mode(0o640)).unwrap();
        symlink(&path, &link).unwrap();
        replace(&link, b"old", b"mended").unwrap();
        assert!(fs::symlink_metadata(&link).unwrap().is_symlink());
        assert_eq!(fs::read(&path).unwrap(), b"mended");
        assert_eq!(fs::metadata(&path).unwrap().permissions().mode() & 0o777, 0o640);
    }
}
