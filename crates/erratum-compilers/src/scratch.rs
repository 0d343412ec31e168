//! Copies of the learner's files to compile: one folder per worker, removed when done.

use crate::error::Error;
use crate::registry;
use erratum_syntax::source::Program;
use std::collections::HashMap;
use std::fs;
use std::io;
use std::path::{Path, PathBuf};
use std::sync::Arc;

/// A temporary folder that goes when this goes.
pub(crate) struct Scratch {
    folder: tempfile::TempDir,
}

impl Scratch {
    pub fn new() -> Result<Scratch, Error> {
        let folder = tempfile::Builder::new()
            .prefix("erratum-")
            .tempdir()
            .map_err(|source| Error::Scratch { source })?;
        registry::folder_made(folder.path());
        Ok(Scratch { folder })
    }

    pub fn path(&self) -> &Path {
        self.folder.path()
    }
}

impl Drop for Scratch {
    fn drop(&mut self) {
        registry::folder_gone(self.folder.path());
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
