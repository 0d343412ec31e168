//! Output that was saved: read, and judged without compiling anything.

use crate::{elsewhere, wide};
use erratum_catalogue::Catalogue;
use erratum_repair::message::Message;
use erratum_repair::read::{LogReader, Reading};
use erratum_repair::search::{Limits, Report, judge as judge_report};
use erratum_repair::verdict::{Taken, Verdict};
use erratum_syntax::language::{self, Language};
use erratum_syntax::source::{Program, Source};
use std::fs;
use std::io::{self, Read};
use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

/// How much is read at a time, in bytes.
const PIECE: usize = 1 << 20;

/// How much of what is read is kept to look for a stack trace in, in bytes.
const KEPT: usize = 4 << 20;

/// How long a log is judged for, where no budget says it.
const JUDGING: Duration = Duration::from_secs(5);

/// The largest source file that is read for a log, in bytes.
const LARGEST: u64 = 4 << 20;

/// Reads all output, also where a Windows shell has saved it in UTF-16: returns its messages, and its
/// first part.
///
/// # Errors
/// When the input cannot be read.
pub fn read(input: impl Read) -> io::Result<(Reading, Vec<u8>)> {
    let mut input = wide::narrowed(input)?;
    let mut reader = LogReader::new();
    let mut kept = Vec::new();
    let mut piece = vec![0; PIECE];
    loop {
        match input.read(&mut piece) {
            Ok(0) => return Ok((reader.finish(), kept)),
            Ok(size) => {
                let room = KEPT.saturating_sub(kept.len()).min(size);
                kept.extend_from_slice(&piece[..room]);
                reader.feed(&piece[..size]);
            }
            Err(error) if error.kind() == io::ErrorKind::Interrupted => {}
            Err(error) => return Err(error),
        }
    }
}

/// Which of the files that saved output names are read: it may name any file of the machine, so only
/// those in some folders, and below them, are.
#[derive(Clone, Debug)]
pub struct Files {
    /// The folders, by their full paths; every folder where nothing is said.
    roots: Option<Vec<PathBuf>>,
}

impl Files {
    /// Those in these folders and below. A link that leads out of them leads nowhere.
    ///
    /// # Errors
    /// When a folder is not there.
    pub fn below(folders: &[PathBuf]) -> io::Result<Files> {
        let roots = folders.iter().map(dunce::canonicalize);
        Ok(Files { roots: Some(roots.collect::<io::Result<_>>()?) })
    }

    /// All of them: for output of a command that could read them itself.
    pub fn anywhere() -> Files {
        Files { roots: None }
    }

    /// Returns the text of a file that the output names: `None` for one that is not there, is none of
    /// these, or is too large.
    pub fn source(&self, name: &str) -> Option<Source> {
        let path = Path::new(name);
        let full = dunce::canonicalize(path).ok()?;
        let meant = match &self.roots {
            Some(roots) => roots.iter().any(|root| full.starts_with(root)),
            None => !name.starts_with("/usr/"),
        };
        let data = fs::metadata(&full).ok().filter(|_| meant)?;
        if !data.is_file() || data.len() > LARGEST {
            return None;
        }
        Some(Source::new(name, fs::read(full).ok()?))
    }

    /// Of some names, those of files that are not here, with the files here that may be meant. For
    /// output of a command that ran here there are none.
    pub fn elsewhere<'a>(&self, names: impl Iterator<Item = &'a str>) -> Vec<Taken> {
        let Some(roots) = &self.roots else { return Vec::new() };
        let mut lost: Vec<String> =
            names.filter(|name| self.source(name).is_none()).map(str::to_owned).collect();
        lost.sort();
        lost.dedup();
        let here = std::env::current_dir().ok();
        elsewhere::taken(&lost, roots, &|path| {
            let inside = here.as_ref().and_then(|here| path.strip_prefix(here).ok());
            inside.unwrap_or(path).display().to_string()
        })
    }
}

/// The name of a file here for one of another machine, if one alone is meant.
pub fn renamed(taken: &[Taken], name: &str) -> String {
    let found = taken.iter().find(|taken| taken.named == name);
    match found.map(|taken| &taken.files[..]) {
        Some([file]) => file.clone(),
        _ => name.to_owned(),
    }
}

/// Judges messages alone, with the files they name where those are there: returns the verdict, and
/// those files.
pub fn judge(
    catalogue: &Catalogue,
    reading: Reading,
    files: &Files,
    language: Option<&'static Language>,
    limits: Limits,
) -> (Verdict, Program) {
    let mut messages = reading.messages;
    let named = messages.iter().filter_map(|message| message.at.as_ref());
    let mut taken = files.elsewhere(named.map(|at| at.file.as_str()));
    taken.retain(|taken| long_enough(taken, files, &messages));
    for message in &mut messages {
        message.rename_files(&|name| renamed(&taken, name));
    }
    let mut program = Program::default();
    for message in &messages {
        let Some(at) = &message.at else { continue };
        if program.file(&at.file).is_none()
            && let Some(source) = files.source(&at.file)
        {
            program.set(source);
        }
    }
    for message in &mut messages {
        message.resolve(&mut |name| program.file(name).cloned());
    }
    let first = messages.iter().filter(|m| m.is_error()).find_map(|m| m.at.as_ref());
    let language = language.or_else(|| language::by_file_name(&first?.file));
    let report = Report { messages, exit: None, dropped: reading.dropped };
    let limits =
        Limits { until: limits.until.or_else(|| Instant::now().checked_add(JUDGING)), ..limits };
    let mut verdict = judge_report(catalogue, &program, language, &report, "", limits);
    verdict.build.language = language.map_or(String::new(), |language| language.id.to_owned());
    verdict.build.taken = taken;
    (verdict, program)
}

/// Whether a file that is taken for another one has the lines that messages speak of.
fn long_enough(taken: &Taken, files: &Files, messages: &[Message]) -> bool {
    let [file] = &taken.files[..] else { return true };
    let places = messages.iter().filter_map(|message| message.at.as_ref());
    let lines = places.filter(|at| at.file == taken.named).map(|at| at.line);
    let last = lines.max().unwrap_or(0);
    files.source(file).is_some_and(|source| source.line_count() >= last)
}

/// The verdict of a report of which nothing is known.
pub(crate) fn nothing(report: &Report) -> Verdict {
    judge_report(&Catalogue::shipped(), &Program::default(), None, report, "", Limits::default())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn only_what_lies_below_is_read() {
        let folder = tempfile::tempdir().unwrap();
        let path = |name: &str| folder.path().join(name).display().to_string();
        fs::create_dir(path("port")).unwrap();
        fs::write(path("port/tide.c"), "int tide;").unwrap();
        fs::write(path("mine.c"), "int mine;").unwrap();
        let files = Files::below(&[folder.path().join("port")]).unwrap();
        assert!(files.source(&path("port/tide.c")).is_some());
        assert!(files.source(&path("mine.c")).is_none());
        assert!(files.source(&path("port/../mine.c")).is_none());
        #[cfg(unix)]
        {
            std::os::unix::fs::symlink(path("mine.c"), path("port/link.c")).unwrap();
            assert!(files.source(&path("port/link.c")).is_none());
        }
        assert!(Files::anywhere().source(&path("mine.c")).is_some());
        assert!(Files::below(&[folder.path().join("nowhere")]).is_err());
    }
}
