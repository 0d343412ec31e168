//! `erratum narrow`: the smallest part of a program that still gives a message.

use crate::arguments::{Narrow, Narrowing};
use crate::examine::language_of_name;
use crate::failure::Failure;
use crate::show;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_core::message::Message;
use erratum_core::narrow::{Narrowed, Progress, narrow};
use erratum_core::prove::Report;
use erratum_core::source::Source;
use serde::Serialize;
use std::fs;
use std::io::{self, IsTerminal, Write};
use std::path::Path;
use std::time::Duration;

/// Seconds that it may take where nobody says otherwise.
const BUDGET: f64 = 30.0;

/// What came of it.
pub struct Small {
    /// The small program.
    pub narrowed: Narrowed,
    /// The text that was narrowed, whole.
    pub whole: Source,
    /// What compiled it.
    pub session: Session,
}

#[derive(Serialize)]
struct Printed<'a> {
    schema: &'static str,
    file: &'a str,
    message: &'a Message,
    text: String,
    /// For each line of the text, the line of the whole file.
    lines: &'a [u32],
    compiles: usize,
    complete: bool,
}

/// Runs it: 1 as after any look at a program with errors.
pub fn run(arguments: &Narrow) -> Result<u8, Failure> {
    new_file(arguments.narrowing.out.as_deref())?;
    let Some(small) = narrowed(
        &arguments.narrowing,
        arguments.shown.page.language.as_deref(),
        arguments.shown.json,
    )?
    else {
        let mut out = show::out(arguments.shown.page.color);
        writeln!(
            out,
            "{} compiles: there is nothing to narrow.",
            arguments.narrowing.files[0].display()
        )?;
        out.flush()?;
        return Ok(0);
    };
    let mut out = show::out(arguments.shown.page.color);
    if arguments.shown.json {
        let narrowed = &small.narrowed;
        let printed = Printed {
            schema: "erratum/narrowed/1",
            file: narrowed.source.name(),
            message: &narrowed.message,
            text: String::from_utf8_lossy(narrowed.source.bytes()).into_owned(),
            lines: &narrowed.lines,
            compiles: narrowed.compiles,
            complete: narrowed.complete,
        };
        let text =
            serde_json::to_string_pretty(&printed).map_err(|e| Failure::said(e.to_string()))?;
        writeln!(out, "{text}")?;
    } else {
        let view = show::small::View { width: show::width(arguments.shown.page.width) };
        view.show(&mut out, &small)?;
    }
    match &arguments.narrowing.out {
        Some(path) => write(&mut out, path, &small, arguments.narrowing.compiler.as_deref())?,
        None if !arguments.shown.json => {
            let name = arguments.narrowing.files[0].display();
            let next =
                format!("Next: `erratum narrow {name} --out FILE` writes it as a file of its own.");
            writeln!(out)?;
            let width = show::width(arguments.shown.page.width);
            show::paragraph(&mut out, width, "", "      ", &next)?;
        }
        None => {}
    }
    out.flush()?;
    Ok(1)
}

/// Refuses a file that is there already.
pub fn new_file(out: Option<&Path>) -> Result<(), Failure> {
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
    let failed =
        |error: io::Error| Failure::said(format!("{} cannot be written: {error}", path.display()));
    let mut file =
        fs::OpenOptions::new().write(true).create_new(true).open(path).map_err(failed)?;
    file.write_all(bytes).map_err(failed)
}

/// Narrows a program; nothing if it gives no error.
pub fn narrowed(
    arguments: &Narrowing,
    language: Option<&str>,
    quiet: bool,
) -> Result<Option<Small>, Failure> {
    let language = language_of_name(language)?;
    let project = Project::open(&arguments.files, language)?;
    let folder = arguments.files[0].parent().filter(|f| !f.as_os_str().is_empty());
    let toolbox = Toolbox::new(folder.unwrap_or(Path::new(".")))?;
    let found = toolbox.find(project.language, arguments.compiler.as_deref())?;
    let language = project.language;
    let program = project.program.clone();
    let mut session = Session::new(project, found, Limits::default())?;
    let first = session.first()?;
    session.set_budget(Duration::from_secs_f64(arguments.budget.unwrap_or(BUDGET)));
    let Some(target) = target(&first, arguments.message)? else { return Ok(None) };
    let bar = io::stderr().is_terminal() && !quiet;
    let mut progress = |progress: Progress| {
        if bar {
            let _ = write!(
                io::stderr(),
                "\r{} copies compiled, {} lines left   ",
                progress.compiles,
                progress.lines
            );
        }
    };
    let result = narrow(&program, language, &first, target, &session, &mut progress);
    if bar {
        let _ = write!(io::stderr(), "\r{:60}\r", "");
    }
    let narrowed = result.map_err(|error| Failure::said(format!("cannot narrow: {error}.")))?;
    let whole = program.file(narrowed.source.name()).cloned();
    let Some(whole) = whole else { return Ok(None) };
    Ok(Some(Small { narrowed, whole, session }))
}

/// The message that is asked for, by its index.
fn target(first: &Report, asked: Option<usize>) -> Result<Option<usize>, Failure> {
    match asked {
        Some(number) if (1..=first.messages.len()).contains(&number) => Ok(Some(number - 1)),
        Some(number) => Err(Failure::said(format!(
            "there is no message {number}: the compiler gives {}. `erratum look --json` numbers them.",
            first.messages.len()
        ))),
        None => {
            let placed = |m: &&Message| m.at.is_some();
            let first_error = first.messages.iter().position(|m| m.is_error() && placed(&m));
            Ok(first_error.or_else(|| first.messages.iter().position(|m| placed(&m))))
        }
    }
}

/// Writes the small program, and sees whether it gives the message as a file of its own.
fn write(
    out: &mut impl Write,
    path: &Path,
    small: &Small,
    compiler: Option<&str>,
) -> Result<(), Failure> {
    write_new(path, small.narrowed.source.bytes())?;
    let mut text = format!("\nWritten to {}.", path.display());
    if !gives(path, small, compiler) {
        text += " Under this name the compiler does not give the same message: it may depend on the name of the file, or on files beside it.";
    }
    writeln!(out, "{text}")?;
    Ok(())
}

fn gives(path: &Path, small: &Small, compiler: Option<&str>) -> bool {
    let check = || -> Result<bool, erratum_compilers::Error> {
        let language = small.session.project().language;
        let project = Project::open(&[path.to_owned()], Some(language))?;
        let found =
            Toolbox::new(path.parent().unwrap_or(Path::new(".")))?.find(language, compiler)?;
        let report = Session::new(project, found, Limits::default())?.first()?;
        Ok(report.messages.iter().any(|m| m.text == small.narrowed.message.text))
    };
    check().unwrap_or(false)
}
