//! `erratum read`: the verdict from saved compiler output. Nothing is compiled; what is said is
//! judged from the messages, and from the files where they are still there.

use crate::app::{App, limits, named_language};
use crate::arguments::Read as Arguments;
use crate::failure::Failure;
use crate::show::{
    self,
    links::Links,
    terminal::{Next, Which},
};
use erratum_look::log::{self, Files};
use erratum_repair::read::Reading;
use erratum_repair::trace::{self, Stopped};
use erratum_syntax::language::Language;
use std::fs::File;
use std::io::{self, IsTerminal, Read, Write};
use std::path::{Path, PathBuf};

/// Runs it.
pub fn run(app: &App, arguments: &Arguments) -> Result<u8, Failure> {
    let language = named_language(&arguments.common)?;
    let named = arguments.log.as_ref().filter(|path| path.as_os_str() != "-");
    match named {
        Some(path) => {
            let fail = |error: io::Error| Failure::said(format!("{}: {error}", path.display()));
            if path.is_dir() {
                return Err(Failure::said(format!(
                    "{} is a folder. Name a file with saved compiler output.",
                    path.display()
                )));
            }
            let (reading, kept) = log::read(File::open(path).map_err(fail)?).map_err(fail)?;
            judged(app, arguments, language, reading, &kept)
        }
        None => {
            if io::stdin().is_terminal() && arguments.log.is_none() {
                return Err(Failure::said(
                    "there is nothing to read. Name a saved log, or send one: `gcc ferry.c 2>&1 | erratum read`.",
                ));
            }
            sent(app, arguments, io::stdin().lock())
        }
    }
}

/// The same for what was sent in.
pub(super) fn sent(app: &App, arguments: &Arguments, input: impl Read) -> Result<u8, Failure> {
    let language = named_language(&arguments.common)?;
    let (reading, kept) =
        log::read(input).map_err(|error| Failure::said(format!("standard input: {error}")))?;
    judged(app, arguments, language, reading, &kept)
}

/// Shows what a log tells.
fn judged(
    app: &App,
    arguments: &Arguments,
    language: Option<&'static Language>,
    reading: Reading,
    kept: &[u8],
) -> Result<u8, Failure> {
    let here = [PathBuf::from(".")];
    let roots = if arguments.root.is_empty() { &here[..] } else { &arguments.root };
    let files = Files::below(roots)
        .map_err(|error| Failure::said(format!("a folder given with --root: {error}")))?;
    if reading.messages.iter().all(|message| !message.is_error()) {
        let mut stopped = trace::read(&app.catalogue, kept);
        stopped.iter_mut().for_each(from_here);
        let names = stopped.iter().flat_map(|stopped| &stopped.frames).filter(|frame| frame.own);
        let taken = files.elsewhere(names.map(|frame| frame.file.as_str()));
        for frame in stopped.iter_mut().flat_map(|stopped| &mut stopped.frames) {
            frame.file = log::renamed(&taken, &frame.file);
        }
        if !stopped.is_empty() {
            return crashed(arguments, &stopped, &files);
        }
    }
    let limits = limits(&arguments.common);
    let (verdict, program) = log::judge(&app.catalogue, reading, &files, language, limits);
    if arguments.sarif {
        super::look::sarif(app, &verdict)?;
        return Ok(show::status(&verdict, &arguments.common));
    }
    let here = |name: &str| PathBuf::from(name);
    let (common, links) = (&arguments.common, Links::new(&here));
    if let Some(number) = arguments.only {
        show::numbered_one(&verdict, number)?;
    }
    let which = Which::asked(arguments.all, arguments.only);
    show::verdict(&verdict, &program, common, which, &Next::Nothing, &links)?;
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
fn crashed(arguments: &Arguments, stopped: &[Stopped], files: &Files) -> Result<u8, Failure> {
    let mut out = show::out(arguments.common.shown.page.color);
    if arguments.common.shown.json {
        show::json::crashes(&mut out, stopped)?;
    } else {
        show::crash::show(
            &mut out,
            stopped,
            show::width(arguments.common.shown.page.width),
            &|name| files.source(name),
        )?;
    }
    out.flush()?;
    Ok(1)
}
