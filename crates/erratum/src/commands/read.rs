//! `erratum read`: the verdict from saved compiler output. Nothing is compiled; what is said is
//! judged from the messages, and from the files where they are still there.

use crate::arguments::{Common, Read as Arguments};
use crate::examine::{limits, named_language};
use crate::failure::Failure;
use crate::show::{self, links::Links, terminal::Next};
use erratum_core::language::{self, Language};
use erratum_core::prove::{self, Report};
use erratum_core::read::{LogReader, Reading};
use erratum_core::source::{Program, Source};
use erratum_core::trace::{self, Stopped};
use erratum_core::verdict::Verdict;
use std::fs::{self, File};
use std::io::{self, IsTerminal, Read, Write};
use std::path::{Path, PathBuf};

/// How much is read at a time.
const PIECE: usize = 1 << 20;

/// The largest source file that is read for a log.
const LARGEST: u64 = 4 << 20;

/// Runs it.
pub fn run(arguments: &Arguments) -> Result<u8, Failure> {
    let language = named_language(&arguments.common)?;
    let (reading, kept) = match &arguments.log {
        Some(path) => {
            let fail = |error: io::Error| Failure::said(format!("{}: {error}", path.display()));
            if path.is_dir() {
                return Err(Failure::said(format!(
                    "{} is a folder. Name a file with saved compiler output.",
                    path.display()
                )));
            }
            read_all(File::open(path).map_err(fail)?).map_err(fail)?
        }
        None => {
            if io::stdin().is_terminal() {
                return Err(Failure::said(
                    "there is nothing to read. Name a saved log, or send one: `gcc ferry.c 2>&1 | erratum read`.",
                ));
            }
            read_all(io::stdin().lock())
                .map_err(|error| Failure::said(format!("standard input: {error}")))?
        }
    };
    if reading.messages.iter().all(|message| !message.is_error()) {
        let mut stopped = trace::read(&kept);
        stopped.iter_mut().for_each(from_here);
        if !stopped.is_empty() {
            return crashed(arguments, &stopped);
        }
    }
    let (verdict, program) = judged(reading, language, &arguments.common);
    let here = |name: &str| PathBuf::from(name);
    let (common, links) = (&arguments.common, Links::new(&here));
    show::verdict(&verdict, &program, common, arguments.all, &Next::Nothing, &links)?;
    Ok(show::status(&verdict, &arguments.common))
}

/// Files below this folder are named from it.
fn from_here(stopped: &mut Stopped) {
    let Ok(here) = std::env::current_dir() else { return };
    for frame in &mut stopped.frames {
        if let Ok(inside) = Path::new(&frame.file).strip_prefix(&here) {
            frame.file = inside.display().to_string();
        }
    }
}

/// Shows why a program stopped while it ran.
fn crashed(arguments: &Arguments, stopped: &[Stopped]) -> Result<u8, Failure> {
    let mut out = show::out(arguments.common.shown.page.color);
    if arguments.common.shown.json {
        let text = serde_json::to_string_pretty(&serde_json::json!({
            "schema": "erratum/crash/1",
            "crashes": stopped,
        }));
        writeln!(out, "{}", text.map_err(|e| Failure::said(e.to_string()))?)?;
    } else {
        show::crash::show(
            &mut out,
            stopped,
            show::width(arguments.common.shown.page.width),
            &source,
        )?;
    }
    out.flush()?;
    Ok(1)
}

/// How much of what is read is kept to look for a stack trace in, in bytes.
const KEPT: usize = 4 << 20;

/// The messages, and the first part of what was read.
fn read_all(mut input: impl Read) -> io::Result<(Reading, Vec<u8>)> {
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

/// The verdict from messages alone, with the files they name where those are there.
pub fn judged(
    reading: Reading,
    language: Option<&'static Language>,
    common: &Common,
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
    let mut verdict = prove::judge(&program, language, &report, "", limits(common));
    verdict.build.language = language.map_or(String::new(), |language| language.id.to_owned());
    (verdict, program)
}

fn source(name: &str) -> Option<Source> {
    let path = Path::new(name);
    let data = fs::metadata(path).ok()?;
    if !data.is_file() || data.len() > LARGEST || name.starts_with("/usr/") {
        return None;
    }
    Some(Source::new(name, fs::read(path).ok()?))
}
