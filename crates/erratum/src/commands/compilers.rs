//! `erratum compilers`: what is here, and how to get the rest.

use crate::arguments::{Color, Compilers};
use crate::failure::Failure;
use crate::show;
use erratum_compilers::confine;
use erratum_compilers::{Found, Kind, Toolbox, Trust};
use erratum_syntax::language::LANGUAGES;
use serde::Serialize;
use std::io::Write;
use std::path::{Path, PathBuf};
use std::thread;

#[derive(Serialize)]
struct Line {
    language: &'static str,
    compiler: &'static str,
    path: Option<PathBuf>,
    /// What it runs on and what is not here.
    lacks: Option<&'static str>,
    version: String,
    note: &'static str,
    install: String,
}

/// Runs it.
pub fn run(arguments: &Compilers) -> Result<u8, Failure> {
    let toolbox = Toolbox::new(Path::new("."), &Trust::of_user())?;
    let jobs: Vec<_> = toolbox
        .all()
        .into_iter()
        .map(|(kind, path)| thread::spawn(move || line(kind, path)))
        .collect();
    let lines: Vec<Line> = jobs.into_iter().filter_map(|job| job.join().ok()).collect();
    let mut out = show::out(Color::Auto);
    if arguments.json {
        let text = show::json::text(&lines)?;
        writeln!(out, "{text}")?;
        out.flush()?;
        return Ok(0);
    }
    let width = show::width(None);
    let mut any_missing = false;
    for language in LANGUAGES {
        let bold = anstyle::Style::new().bold();
        writeln!(
            out,
            "{bold}{}{bold:#} (files named .{})",
            language.name,
            language.extensions.join(", .")
        )?;
        let of_language: Vec<&Line> =
            lines.iter().filter(|line| line.language == language.id).collect();
        for line in &of_language {
            match &line.path {
                Some(path) => {
                    let note = line.lacks.map_or(line.note.to_owned(), |program| {
                        format!("cannot be used: it runs on `{program}`, which was not found")
                    });
                    let (compiler, version) = (line.compiler, &line.version);
                    let start = format!("  {compiler:<9} {version:<12} {:<21}", from_home(path));
                    let rest = "                         ";
                    show::paragraph(&mut out, width, &start, rest, &format!(" {note}"))?;
                }
                None => writeln!(out, "  {:<9} not found", line.compiler)?,
            }
        }
        if of_language.iter().all(|line| line.path.is_none()) {
            let install = of_language.first().map_or("", |line| &line.install);
            writeln!(out, "  {install}")?;
            any_missing = true;
        }
    }
    writeln!(out)?;
    if any_missing {
        writeln!(out, "Where no compiler is, `erratum read` still judges saved output.")?;
    }
    writeln!(out, "The first one found is used. --compiler, or erratum.toml, names another.")?;
    let state = format!("Compilers run {}.", confine::state().words());
    show::paragraph(&mut out, width, "", "", &state)?;
    out.flush()?;
    Ok(0)
}

/// A path as people write it: from their home.
fn from_home(path: &Path) -> String {
    let home = directories::BaseDirs::new();
    let inside = home.as_ref().and_then(|dirs| path.strip_prefix(dirs.home_dir()).ok());
    inside.map_or_else(|| path.display().to_string(), |rest| format!("~/{}", rest.display()))
}

fn line(kind: &'static Kind, path: Option<PathBuf>) -> Line {
    let found = path.clone().map(|path| Found { kind, path, arguments: Vec::new() });
    let lacks = found.as_ref().and_then(Found::lacks);
    let version = found.filter(|_| lacks.is_none()).map_or(String::new(), |found| found.version());
    Line {
        language: kind.language,
        compiler: kind.name,
        path,
        lacks,
        version,
        note: kind.note,
        install: kind.how_to_install(),
    }
}
