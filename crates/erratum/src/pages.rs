//! A page for each learner, in one folder.

use crate::failure::Failure;
use crate::show::learner_page::{MADE, page};
use erratum_look::Look;
use erratum_survey::HandIn;
use std::fs;
use std::io::{self, Write};
use std::path::{Path, PathBuf};
use std::sync::Mutex;

/// The folder of the pages, if they are wanted.
pub struct Pages {
    folder: Option<PathBuf>,
    /// What went wrong first.
    trouble: Mutex<Option<String>>,
}

impl Pages {
    /// Makes the folder, if it is not there.
    ///
    /// # Errors
    /// When it cannot be made.
    pub fn open(folder: Option<&Path>) -> Result<Pages, Failure> {
        if let Some(folder) = folder {
            let failed = |error: io::Error| Failure::said(format!("{}: {error}", folder.display()));
            fs::create_dir_all(folder).map_err(failed)?;
        }
        Ok(Pages { folder: folder.map(Path::to_owned), trouble: Mutex::default() })
    }

    /// Whether the page of a hand-in is there, or none is wanted.
    pub fn has(&self, hand_in: &HandIn) -> bool {
        self.path(hand_in).is_none_or(|path| path.exists())
    }

    /// Writes the page of a hand-in. A page of Erratum's own gives way; anything else stays.
    pub fn write(&self, hand_in: &HandIn, look: &Look) {
        let Some(path) = self.path(hand_in) else { return };
        if let Err(error) = write(&path, &hand_in.learner, look) {
            let mut trouble = self.trouble.lock().unwrap_or_else(|broken| broken.into_inner());
            trouble.get_or_insert_with(|| format!("{}: {error}", path.display()));
        }
    }

    /// What went wrong while pages were written.
    ///
    /// # Errors
    /// When something did.
    pub fn trouble(&self) -> Result<(), Failure> {
        let trouble = self.trouble.lock().unwrap_or_else(|broken| broken.into_inner());
        trouble.as_ref().map_or(Ok(()), |what| Err(Failure::said(what)))
    }

    /// Where the page of a hand-in is: one file name, whatever the learner is called.
    fn path(&self, hand_in: &HandIn) -> Option<PathBuf> {
        let plain = |c: char| c.is_alphanumeric() || matches!(c, '-' | '_' | ' ' | '(' | ')');
        let name: String =
            hand_in.learner.chars().map(|c| if plain(c) { c } else { '-' }).take(80).collect();
        // Two names may come out as one.
        let exact = match name == hand_in.learner {
            true => String::new(),
            false => format!("-{:08x}", crc32fast::hash(hand_in.learner.as_bytes())),
        };
        let file = format!("{name}{exact}-{}.html", hand_in.language.id);
        self.folder.as_ref().map(|folder| folder.join(file))
    }
}

fn write(path: &Path, learner: &str, look: &Look) -> io::Result<()> {
    if path.exists() && !fs::read_to_string(path)?.contains(MADE) {
        return Err(io::Error::other("it is there already, and it is no page of Erratum's"));
    }
    let text = page(learner, &look.verdict, &look.program)?;
    let folder = path.parent().unwrap_or(Path::new("."));
    let mut file = tempfile::NamedTempFile::new_in(folder)?;
    file.write_all(text.as_bytes())?;
    file.persist(path).map_err(|error| error.error)?;
    Ok(())
}
