//! `erratum look`: compile, and show what is really wrong.

use crate::arguments::{Common, Look};
use crate::commands::build;
use crate::editor;
use crate::examine::examine;
use crate::failure::Failure;
use crate::interactive;
use crate::show::{self, links::Links, terminal::Next};
use erratum_core::source::Program;
use erratum_core::verdict::Verdict;
use std::io::Write;
use std::path::PathBuf;

/// Runs it.
pub fn run(look: &Look) -> Result<u8, Failure> {
    if look.build.is_empty() && look.files.is_empty() {
        return Err(Failure::said(
            "no file is named. `erratum FILE` looks at a program; `erratum --help` shows the rest.",
        ));
    }
    if look.interactive {
        return interactive::run(look);
    }
    if !look.build.is_empty() {
        return build::run(look);
    }
    let examined = examine(&look.files, &look.how.common, &look.how.compile, !look.how.no_proof)?;
    let next = Next::Mend(mend_command(&look.files, &[], &look.how.common));
    let path = |name: &str| examined.prover.path(name);
    show_or_open(look, &examined.verdict, &examined.program, &next, &path)?;
    Ok(show::status(&examined.verdict, &look.how.common))
}

/// Shows a verdict, or opens the place of it that is asked for. `path` says where a file stands.
pub fn show_or_open(
    look: &Look,
    verdict: &Verdict,
    program: &Program,
    next: &Next,
    path: &dyn Fn(&str) -> PathBuf,
) -> Result<(), Failure> {
    let Some(number) = &look.open else {
        return show::verdict(
            verdict,
            program,
            &look.how.common,
            look.how.all,
            next,
            &Links::new(path),
        );
    };
    let spots = show::map::spots(verdict);
    let spot = spots.iter().find(|spot| spot.number == number.trim());
    let spot = spot.ok_or_else(|| {
        Failure::said(match spots.len() {
            0 => "there is no mistake to open: it compiles.".to_owned(),
            _ => format!(
                "no place has the number {number}. There are {}; `--all` shows where they lie.",
                show::listed(&spots.iter().map(|spot| spot.number.clone()).collect::<Vec<_>>())
            ),
        })
    })?;
    let said = editor::open(&path(spot.file), spot.line, spot.column)?;
    let mut out = show::out(look.how.common.shown.page.color);
    writeln!(out, "{said}")?;
    out.flush()?;
    Ok(())
}

/// The command that mends these files, or those of a build, as one would type it.
pub fn mend_command(files: &[PathBuf], build: &[String], common: &Common) -> String {
    let quoted = |name: String| {
        if name.contains([' ', '\'', '"', '$', '(', '&']) {
            format!("'{}'", name.replace('\'', "'\\''"))
        } else {
            name
        }
    };
    let mut words: Vec<String> = vec!["erratum".into(), "mend".into()];
    if common.warnings {
        words.push("--warnings".into());
    }
    words.extend(files.iter().map(|file| quoted(file.display().to_string())));
    if !build.is_empty() {
        words.push("--".into());
        words.extend(build.iter().cloned().map(quoted));
    }
    words.join(" ")
}
