//! Writes files so that nothing can be lost: a new file beside the old one, brought to the disk,
//! then put in its place in one step.

use crate::failure::Failure;
use std::fs;
use std::io::Write;
use std::path::{Path, PathBuf};

/// The file that is really meant: where a link points.
pub fn target(path: &Path) -> Result<PathBuf, Failure> {
    path.canonicalize().map_err(|error| Failure::said(format!("{}: {error}", path.display())))
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
    let mut new = tempfile::Builder::new().prefix(".erratum-").tempfile_in(folder).map_err(fail)?;
    new.write_all(bytes).map_err(fail)?;
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

/// Refuses a file that is there already.
pub fn must_be_new(out: Option<&Path>) -> Result<(), Failure> {
    match out.filter(|out| out.exists()) {
        Some(out) => Err(Failure::said(format!(
            "{} is there already, and nothing is written over it. Name a new file.",
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
