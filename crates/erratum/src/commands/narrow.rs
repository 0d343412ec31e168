//! `erratum narrow`: the smallest part of a program that still gives a message.

use crate::app::App;
use crate::arguments::Narrow;
use crate::failure::Failure;
use crate::{files, narrowing, show};
use erratum_repair::message::Message;
use serde::Serialize;
use std::io::Write;
use std::path::Path;

/// A program made small: `docs/narrowed.schema.json`.
#[derive(Serialize)]
#[cfg_attr(test, derive(schemars::JsonSchema))]
pub struct Printed<'a> {
    /// The name and version of this form.
    #[cfg_attr(test, schemars(extend("const" = SCHEMA)))]
    schema: &'static str,
    /// The file.
    file: &'a str,
    /// The message, as the small program gives it.
    message: &'a Message,
    /// The small program.
    text: String,
    /// For each of its lines, the line of the whole file, from 1.
    lines: &'a [u32],
    /// How many times a copy was compiled.
    compiles: usize,
    /// Whether nothing was left to take away; false when the budget ended it.
    complete: bool,
}

/// The name and version of the form of [`Printed`].
const SCHEMA: &str = "erratum/narrowed/1";

/// Runs it: 1 as after any look at a program with errors.
pub fn run(app: &App, arguments: &Narrow) -> Result<u8, Failure> {
    files::must_be_new(arguments.narrowing.out.as_deref())?;
    let language = arguments.shown.page.language.as_deref();
    let Some(small) = narrowing::narrow(app, &arguments.narrowing, language, arguments.shown.json)?
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
            schema: SCHEMA,
            file: narrowed.source.name(),
            message: &narrowed.message,
            text: String::from_utf8_lossy(narrowed.source.bytes()).into_owned(),
            lines: &narrowed.lines,
            compiles: narrowed.compiles,
            complete: narrowed.complete,
        };
        let text = show::json::text(&printed)?;
        writeln!(out, "{text}")?;
    } else {
        let view = show::small::View { width: show::width(arguments.shown.page.width) };
        view.show(&mut out, &small)?;
    }
    match &arguments.narrowing.out {
        Some(path) => write(&mut out, path, &small)?,
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

/// Writes the small program, and sees whether it gives the message as a file of its own.
fn write(
    out: &mut impl Write,
    path: &Path,
    small: &erratum_look::Narrowing,
) -> Result<(), Failure> {
    files::write_new(path, small.narrowed.source.bytes())?;
    let mut text = format!("\nWritten to {}.", path.display());
    if !small.gives(path) {
        text += " Under this name the compiler does not give the same message: it may depend on the name of the file, or on files beside it.";
    }
    writeln!(out, "{text}")?;
    Ok(())
}
