//! Which folders the user trusts: only there may settings, or a project's own packages, say which
//! program is started.

use crate::os;
use std::fs;
use std::io::{self, Write};
use std::path::{Path, PathBuf};

/// The folders that a user trusts, with all that lies below them.
#[derive(Clone, Debug, Default)]
pub struct Trust {
    /// Where they are listed, one full path a line; `None` where there is no place for it.
    list: Option<PathBuf>,
    everything: bool,
}

impl Trust {
    /// No folder is trusted.
    pub fn nothing() -> Trust {
        Trust::default()
    }

    /// Every folder is trusted: for programs that have asked already.
    pub fn everything() -> Trust {
        Trust { list: None, everything: true }
    }

    /// The list in a file, which is made with the first folder.
    pub fn listed_in(list: PathBuf) -> Trust {
        Trust { list: Some(list), everything: false }
    }

    /// The user's own list. Without a home folder, nothing is trusted.
    pub fn of_user() -> Trust {
        let folders = directories::ProjectDirs::from("", "", "erratum");
        let list =
            folders.map(|dirs| dirs.state_dir().unwrap_or(dirs.data_local_dir()).join("trusted"));
        Trust { list, everything: false }
    }

    /// The trusted folders, in order. A list that somebody else can write to counts for nothing.
    pub fn folders(&self) -> Vec<PathBuf> {
        let list = self.list.as_ref().filter(|list| os::is_safe(list));
        let text = list.and_then(|list| fs::read_to_string(list).ok()).unwrap_or_default();
        let paths = text.lines().map(PathBuf::from);
        paths.filter(|path| path.is_absolute()).collect()
    }

    /// Returns whether a folder is trusted: it or one above it is on the list.
    pub fn covers(&self, folder: &Path) -> bool {
        if self.everything {
            return true;
        }
        let Ok(folder) = dunce::canonicalize(folder) else { return false };
        self.folders().iter().any(|trusted| folder.starts_with(trusted))
    }

    /// Trusts a folder. Returns its full path.
    ///
    /// # Errors
    /// When there is no such folder, its name has a line end, or the list cannot be written.
    pub fn add(&self, folder: &Path) -> io::Result<PathBuf> {
        let full = dunce::canonicalize(folder)?;
        if !full.is_dir() {
            return Err(io::ErrorKind::NotADirectory.into());
        }
        if full.to_str().is_none_or(|name| name.contains(['\n', '\r'])) {
            let reason = "its name cannot be written on a line";
            return Err(io::Error::new(io::ErrorKind::InvalidInput, reason));
        }
        let mut all = self.folders();
        if !all.contains(&full) {
            all.push(full.clone());
            all.sort();
            self.write(&all)?;
        }
        Ok(full)
    }

    /// Trusts a folder no longer. Returns whether it was on the list.
    ///
    /// # Errors
    /// When the list cannot be written.
    pub fn remove(&self, folder: &Path) -> io::Result<bool> {
        // A folder that is gone can still be taken off.
        let full = dunce::canonicalize(folder).unwrap_or_else(|_| folder.to_owned());
        let mut all = self.folders();
        let before = all.len();
        all.retain(|trusted| *trusted != full);
        if all.len() == before {
            return Ok(false);
        }
        self.write(&all)?;
        Ok(true)
    }

    fn write(&self, all: &[PathBuf]) -> io::Result<()> {
        let Some(list) = &self.list else {
            return Err(io::Error::new(io::ErrorKind::NotFound, "no home folder is set"));
        };
        let folder = list.parent().unwrap_or(Path::new("."));
        os::make_own(folder)?;
        let mut file = tempfile::NamedTempFile::new_in(folder)?;
        for path in all {
            writeln!(file, "{}", path.display())?;
        }
        file.as_file().sync_all()?;
        file.persist(list).map_err(|error| error.error)?;
        Ok(())
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn trust(folder: &Path) -> Trust {
        Trust::listed_in(folder.join("state/trusted"))
    }

    #[test]
    fn what_lies_below_a_trusted_folder_is_trusted() {
        let folder = tempfile::tempdir().unwrap();
        let (port, quay) = (folder.path().join("port"), folder.path().join("port/quay"));
        fs::create_dir_all(&quay).unwrap();
        let trust = trust(folder.path());
        assert!(!trust.covers(&quay));
        trust.add(&port).unwrap();
        assert!(trust.covers(&quay) && trust.covers(&port) && !trust.covers(folder.path()));
        // A name that only starts alike is another folder.
        fs::create_dir(folder.path().join("port2")).unwrap();
        assert!(!trust.covers(&folder.path().join("port2")));
        assert!(trust.remove(&port).unwrap() && !trust.remove(&port).unwrap());
        assert!(!trust.covers(&quay));
    }

    #[test]
    fn a_link_into_a_trusted_folder_is_seen_through() {
        let folder = tempfile::tempdir().unwrap();
        let (port, other) = (folder.path().join("port"), folder.path().join("other"));
        fs::create_dir(&port).unwrap();
        fs::create_dir(&other).unwrap();
        let trust = trust(folder.path());
        trust.add(&port).unwrap();
        #[cfg(unix)]
        {
            std::os::unix::fs::symlink(&other, port.join("link")).unwrap();
            assert!(!trust.covers(&port.join("link")));
        }
    }

    #[cfg(unix)]
    #[test]
    fn a_list_that_others_can_write_to_counts_for_nothing() {
        use std::os::unix::fs::PermissionsExt;
        let folder = tempfile::tempdir().unwrap();
        let trust = trust(folder.path());
        let full = trust.add(folder.path()).unwrap();
        assert_eq!(trust.folders(), [full]);
        let list = folder.path().join("state/trusted");
        assert_eq!(fs::metadata(&list).unwrap().permissions().mode() & 0o777, 0o600);
        fs::set_permissions(&list, fs::Permissions::from_mode(0o666)).unwrap();
        assert!(trust.folders().is_empty());
    }

    #[test]
    fn what_is_no_folder_is_not_trusted() {
        let folder = tempfile::tempdir().unwrap();
        let trust = trust(folder.path());
        assert!(trust.add(&folder.path().join("nowhere")).is_err());
        fs::write(folder.path().join("tide.c"), "").unwrap();
        assert!(trust.add(&folder.path().join("tide.c")).is_err());
        assert!(Trust::nothing().add(folder.path()).is_err());
    }
}
