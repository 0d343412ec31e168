//! The folders that a build goes through: what make and ninja say of them, and what the file names
//! in between mean.

use std::path::{Component, Path, PathBuf};

const ENTERING: &str = "Entering directory ";
const LEAVING: &str = "Leaving directory ";

/// The folders that are entered and not left yet.
#[derive(Debug, Default)]
pub(super) struct Folders {
    entered: Vec<String>,
    /// The folder in which the build was started, if it is known.
    pub here: Option<PathBuf>,
}

impl Folders {
    /// Whether a line enters or leaves a folder.
    pub fn moves(line: &str) -> bool {
        named(line, ENTERING).is_some() || named(line, LEAVING).is_some()
    }

    /// Takes note of a line that enters or leaves a folder.
    pub fn note(&mut self, line: &str) {
        if let Some(folder) = named(line, ENTERING) {
            self.entered.push(folder.to_owned());
        } else if let Some(folder) = named(line, LEAVING) {
            // Builds that run side by side leave in any order.
            if let Some(at) = self.entered.iter().rposition(|other| other == folder) {
                self.entered.remove(at);
            }
        }
    }

    /// The name of a file as seen from where the build was started.
    pub fn name(&self, file: &str) -> String {
        let rooted = file.starts_with(['/', '\\', '<']) || file.as_bytes().get(1) == Some(&b':');
        let joined = match self.entered.last() {
            Some(folder) if !rooted => Path::new(folder).join(file),
            _ if self.here.is_some() => PathBuf::from(file),
            _ => return file.to_owned(),
        };
        let plain = normal(&joined);
        let shown = match &self.here {
            Some(here) => plain.strip_prefix(here).unwrap_or(&plain),
            None => &plain,
        };
        if shown.as_os_str().is_empty() { file.to_owned() } else { shown.display().to_string() }
    }
}

fn named<'a>(line: &'a str, what: &str) -> Option<&'a str> {
    let (tool, folder) = line.split_once(what)?;
    let tool = tool.trim_end();
    if !(tool.ends_with(':')
        && (tool.starts_with("make") || tool.starts_with("gmake") || tool.starts_with("ninja")))
    {
        return None;
    }
    folder.trim().strip_prefix(['\'', '`'])?.strip_suffix('\'')
}

/// A path without `.` and without `..` after a folder.
fn normal(path: &Path) -> PathBuf {
    let mut plain = PathBuf::new();
    for part in path.components() {
        match part {
            Component::CurDir => {}
            Component::ParentDir
                if matches!(plain.components().next_back(), Some(Component::Normal(_))) =>
            {
                plain.pop();
            }
            other => plain.push(other),
        }
    }
    plain
}

#[cfg(test)]
mod tests {
    use crate::read::{LogReader, read};
    use std::path::Path;

    #[test]
    fn names_are_meant_from_the_folder_that_was_entered() {
        let log = "make[1]: Entering directory '/w/ferry/src'\ngcc -c tide.c\ntide.c:3:5: error: one\nmake[1]: Leaving directory '/w/ferry/src'\nninja: Entering directory `build'\n../lib/fare.c:4:1: error: two\n";
        let plain: Vec<_> = read(log.as_bytes()).messages;
        let file = |at: usize| plain[at].at.as_ref().map(|at| at.file.clone()).unwrap();
        assert_eq!((file(0).as_str(), file(1).as_str()), ("/w/ferry/src/tide.c", "lib/fare.c"));
        let mut reader = LogReader::new().in_folder(Path::new("/w/ferry"));
        reader.feed(log.as_bytes());
        let seen = reader.finish().messages;
        assert_eq!(seen[0].at.as_ref().map(|at| at.file.as_str()), Some("src/tide.c"));
    }
}
