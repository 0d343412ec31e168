//! `erratum texts`: checks texts that a teacher wrote.

use crate::app::said;
use crate::arguments::Texts;
use crate::failure::Failure;
use crate::show::{self, plural};
use erratum_catalogue as catalogue;
use erratum_catalogue::own::{self, Problem};
use erratum_compilers::Config;
use erratum_look::texts::{Folder, read_folder};
use serde::Serialize;
use std::io::Write;
use std::path::Path;

/// What a check has found, as JSON.
#[derive(Serialize)]
struct Checked<'a> {
    mistakes: usize,
    terms: usize,
    problems: &'a [Problem],
}

/// Runs it: 0 if every entry is used, 1 if some are left out.
pub fn run(arguments: &Texts) -> Result<u8, Failure> {
    if !arguments.print.is_empty() {
        return print(&arguments.print);
    }
    let folder = folder(arguments)?;
    let mut out = show::out(Default::default());
    let count =
        |count: fn(&catalogue::Texts) -> usize| folder.texts.iter().map(count).sum::<usize>();
    let (mistakes, terms) = (count(|t| t.mistakes.len()), count(|t| t.terms.len()));
    let lost = folder.problems.iter().filter(|problem| problem.left_out).count();
    if arguments.json {
        let checked = Checked { mistakes, terms, problems: &folder.problems };
        let text = show::json::text(&checked)?;
        writeln!(out, "{text}")?;
    } else {
        for problem in &folder.problems {
            let end = if problem.left_out { "Left out." } else { "It is used all the same." };
            writeln!(out, "{}. {end}", said(problem).trim_end_matches('.'))?;
        }
        let files = plural(folder.files, "file", "files");
        let used = format!(
            "{} and {}",
            plural(mistakes, "mistake", "mistakes"),
            plural(terms, "word", "words")
        );
        writeln!(out, "{files}: the texts of {used} can be used.")?;
    }
    out.flush()?;
    Ok(u8::from(lost > 0))
}

fn folder(arguments: &Texts) -> Result<Folder, Failure> {
    if let Some(folder) = &arguments.folder {
        return Ok(read_folder(folder, folder)?);
    }
    let config = Config::find(Path::new("."))?;
    match &config.texts.folder {
        Some(folder) => Ok(read_folder(&config.folder.join(folder), folder)?),
        None => Err(Failure::said(
            "no folder of texts is named. Give one, or name one in erratum.toml:\n\n    [texts]\n    folder = \"texts\"\n\n`erratum texts --print missing-return` prints an entry to start from.",
        )),
    }
}

/// Prints texts in the form in which others are written.
fn print(names: &[String]) -> Result<u8, Failure> {
    let names: Vec<&str> = names.iter().map(String::as_str).collect();
    let text = own::print(&names).map_err(|name| {
        Failure::said(format!(
            "'{name}' is neither a kind of mistake nor a word that Erratum knows. `erratum look --json` names the kind of each mistake."
        ))
    })?;
    let mut out = show::out(Default::default());
    out.write_all(text.as_bytes())?;
    out.flush()?;
    Ok(0)
}
