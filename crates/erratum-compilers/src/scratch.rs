//! Copies of the learner's files to compile: one folder per worker, removed when done.

use crate::error::Error;
use crate::{os, registry};
use erratum_syntax::source::Program;
use std::collections::HashMap;
use std::fs::{self, File};
use std::io;
use std::path::{Path, PathBuf};
use std::sync::{Arc, Once};
use std::time::Duration;

/// The names of scratch folders start so.
const PREFIX: &str = "erratum-";

/// The file in a scratch folder that its owner holds locked for as long as it lives.
const LOCK: &str = ".lock";

/// A temporary folder that goes when this goes. One whose owner was killed goes when another process
/// makes its first.
pub struct Scratch {
    lock: Option<File>,
    folder: PathBuf,
}

impl Scratch {
    /// Makes one, private to the user.
    ///
    /// # Errors
    /// When the system's folder for such cannot be written to.
    pub fn new() -> Result<Scratch, Error> {
        static SWEPT: Once = Once::new();
        SWEPT.call_once(|| sweep(&std::env::temp_dir()));
        let mut folders = tempfile::Builder::new();
        folders.prefix(PREFIX);
        os::keep_private(&mut folders);
        let folder = folders.tempdir().map_err(|source| Error::Scratch { source })?.keep();
        registry::folder_made(&folder);
        // A file system that knows no locks leaves the folder without one; then nobody sweeps it.
        let lock = lock(&folder).ok();
        Ok(Scratch { lock, folder })
    }

    /// Where it is.
    pub fn path(&self) -> &Path {
        &self.folder
    }
}

/// A lock that is not held yet.
const LOCK_NEW: &str = ".lock-new";

/// Makes the lock of a scratch folder: it is there for others only once it is held.
fn lock(folder: &Path) -> io::Result<File> {
    let new = folder.join(LOCK_NEW);
    let file = File::create(&new)?;
    file.try_lock()?;
    fs::rename(new, folder.join(LOCK))?;
    Ok(file)
}

/// How old a folder must be that is taken for one whose owner was killed before it had a lock.
const MAKING: Duration = Duration::from_secs(5);

/// Removes the user's own scratch folders in a folder that nobody holds any more: their owners were
/// killed. One that never got a lock goes only if it is empty.
fn sweep(folder: &Path) {
    for entry in fs::read_dir(folder).into_iter().flatten().flatten() {
        let path = entry.path();
        if !entry.file_name().to_string_lossy().starts_with(PREFIX) || !os::is_own(&path) {
            continue;
        }
        match File::open(path.join(LOCK)) {
            Ok(lock) if lock.try_lock().is_ok() => remove(&path),
            Ok(_) => {}
            Err(_) => {
                let age = entry.metadata().and_then(|data| data.modified()).ok();
                if age.and_then(|made| made.elapsed().ok()).is_some_and(|age| age > MAKING) {
                    let _ = fs::remove_file(path.join(LOCK_NEW));
                    let _ = fs::remove_dir(&path);
                }
            }
        }
    }
}

/// Removes a scratch folder, its lock last and only if nothing else is left: one that is half removed is
/// still known to be ours.
pub(crate) fn remove(folder: &Path) {
    if empty(folder) {
        let _ = fs::remove_dir_all(folder);
    }
}

/// Removes all but the lock from a scratch folder; true if nothing is left.
fn empty(folder: &Path) -> bool {
    let mut all = true;
    for entry in fs::read_dir(folder).into_iter().flatten().flatten() {
        let path = entry.path();
        let gone = match entry.file_type() {
            Ok(kind) if kind.is_dir() => fs::remove_dir_all(path),
            _ if entry.file_name() == LOCK => Ok(()),
            _ => fs::remove_file(path),
        };
        all &= gone.is_ok();
    }
    all
}

/// How often a folder is emptied in which something is still in use, and how long is waited in between.
/// On Windows a file that a process holds cannot be removed, and one that was stopped takes a moment to
/// end.
const AGAIN: (usize, Duration) = (20, Duration::from_millis(10));

impl Drop for Scratch {
    fn drop(&mut self) {
        for _ in 0..AGAIN.0 {
            if empty(&self.folder) {
                break;
            }
            std::thread::sleep(AGAIN.1);
        }
        // Windows removes no folder in which a file is held.
        self.lock = None;
        remove(&self.folder);
        registry::folder_gone(&self.folder);
    }
}

/// Makes a folder, unless everything is being stopped: then it would stay behind.
fn make(folder: &Path) -> io::Result<()> {
    if registry::stopping() {
        return Err(io::ErrorKind::Interrupted.into());
    }
    fs::create_dir_all(folder)
}

/// The copy that one worker compiles.
pub(crate) struct Copy {
    pub folder: PathBuf,
    written: HashMap<String, Arc<[u8]>>,
}

impl Copy {
    pub fn new(
        scratch: &Scratch,
        number: usize,
        neighbours: &[(String, Vec<u8>)],
    ) -> Result<Copy, Error> {
        Copy::at(scratch.path().join(format!("copy{number}")), neighbours)
    }

    /// A copy in a folder, which is made.
    pub fn at(folder: PathBuf, neighbours: &[(String, Vec<u8>)]) -> Result<Copy, Error> {
        make(&folder).map_err(|source| Error::Scratch { source })?;
        let mut copy = Copy { folder, written: HashMap::new() };
        for (name, bytes) in neighbours {
            copy.write(name, bytes)?;
        }
        Ok(copy)
    }

    /// Makes the copy hold this program.
    pub fn hold(&mut self, program: &Program) -> Result<(), Error> {
        for file in &program.files {
            let same =
                self.written.get(file.name()).is_some_and(|bytes| bytes.as_ref() == file.bytes());
            if !same {
                self.write(file.name(), file.bytes())?;
            }
        }
        Ok(())
    }

    fn write(&mut self, name: &str, bytes: &[u8]) -> Result<(), Error> {
        let path = self.folder.join(name);
        // Nothing is ever written outside of the scratch folder.
        if !path.starts_with(&self.folder)
            || Path::new(name).components().any(|c| c.as_os_str() == "..")
        {
            return Ok(());
        }
        let parent = path.parent().unwrap_or(&self.folder);
        make(parent)
            .and_then(|()| fs::write(&path, bytes))
            .map_err(|source| Error::Scratch { source })?;
        self.written.insert(name.to_owned(), bytes.into());
        Ok(())
    }
}

#[cfg(all(test, unix))]
mod tests {
    use super::*;

    #[test]
    fn a_folder_that_nobody_holds_is_swept() {
        let place = tempfile::tempdir().unwrap();
        let make = |name: &str| {
            let folder = place.path().join(name);
            os::make_own(&folder).unwrap();
            folder
        };
        let (dead, alive, other) = (make("erratum-dead"), make("erratum-alive"), make("tide"));
        drop(lock(&dead).unwrap());
        let _held = lock(&alive).unwrap();
        fs::write(other.join(LOCK), "").unwrap();
        // One that is just being made has no lock yet.
        let young = make("erratum-young");
        // Two whose owners never came to it; what is in one may be somebody's.
        let (empty, full) = (make("erratum-empty"), make("erratum-full"));
        fs::write(empty.join(LOCK_NEW), "").unwrap();
        fs::write(full.join("quay.c"), "").unwrap();
        for folder in [&empty, &full] {
            let before = std::time::SystemTime::now() - Duration::from_secs(60);
            File::open(folder).unwrap().set_modified(before).unwrap();
        }
        sweep(place.path());
        assert!(!dead.exists() && !empty.exists());
        assert!([alive, other, young, full].iter().all(|folder| folder.exists()));
    }

    #[test]
    fn a_scratch_folder_goes_with_all_that_is_in_it() {
        let scratch = Scratch::new().unwrap();
        let path = scratch.path().to_owned();
        fs::create_dir(path.join("copy0")).unwrap();
        fs::write(path.join("copy0/quay.c"), "int tide;\n").unwrap();
        fs::write(path.join("quay.o"), "").unwrap();
        drop(scratch);
        assert!(!path.exists());
    }

    #[test]
    fn nobody_else_sees_into_a_scratch_folder() {
        use std::os::unix::fs::PermissionsExt;
        let scratch = Scratch::new().unwrap();
        let mode = fs::metadata(scratch.path()).unwrap().permissions().mode();
        assert_eq!(mode & 0o777, 0o700);
    }
}
