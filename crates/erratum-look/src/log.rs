//! Output that was saved: read, and judged without compiling anything.

use erratum_catalogue::Catalogue;
use erratum_repair::read::{LogReader, Reading};
use erratum_repair::search::{Limits, Report, judge as judge_report};
use erratum_repair::verdict::Verdict;
use erratum_syntax::language::{self, Language};
use erratum_syntax::source::{Program, Source};
use std::fs;
use std::io::{self, Read};
use std::path::Path;

/// How much is read at a time, in bytes.
const PIECE: usize = 1 << 20;

/// How much of what is read is kept to look for a stack trace in, in bytes.
const KEPT: usize = 4 << 20;

/// The largest source file that is read for a log, in bytes.
const LARGEST: u64 = 4 << 20;

/// Reads all output: returns its messages, and its first part as it is.
///
/// # Errors
/// When the input cannot be read.
pub fn read(mut input: impl Read) -> io::Result<(Reading, Vec<u8>)> {
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

/// Judges messages alone, with the files they name where those are there: returns the verdict, and
/// those files.
pub fn judge(
    catalogue: &Catalogue,
    reading: Reading,
    language: Option<&'static Language>,
    limits: Limits,
) -> (Verdict, Program) {
    let mut messages = reading.messages;
    let mut program = Program::default();
    for message in &messages {
        let Some(at) = &message.at else { continue };
        if program.file(&at.file).is_none()
            && let Some(source) = source(&at.file)
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
    let mut verdict = judge_report(catalogue, &program, language, &report, "", limits);
    verdict.build.language = language.map_or(String::new(), |language| language.id.to_owned());
    (verdict, program)
}

/// The verdict of a report of which nothing is known.
pub(crate) fn nothing(report: &Report) -> Verdict {
    judge_report(&Catalogue::shipped(), &Program::default(), None, report, "", Limits::default())
}

/// Returns the text of a file that saved output names: `None` for one that is not there, is of the
/// system, or is too large.
pub fn source(name: &str) -> Option<Source> {
    let path = Path::new(name);
    let data = fs::metadata(path).ok()?;
    if !data.is_file() || data.len() > LARGEST || name.starts_with("/usr/") {
        return None;
    }
    Some(Source::new(name, fs::read(path).ok()?))
}
