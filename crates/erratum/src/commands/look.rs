//! `erratum look`: compile, and show what is really wrong.

use crate::app::App;
use crate::arguments::{Color, Common, Look};
use crate::editor;
use crate::failure::Failure;
use crate::interactive;
use crate::journaled;
use crate::observing::Gap;
use crate::preparing;
use crate::show::{
    self,
    links::Links,
    terminal::{Next, Which},
};
use erratum_look::Group;
use erratum_repair::verdict::Verdict;
use erratum_syntax::source::Program;
use std::io::Write;
use std::path::PathBuf;

/// Runs it.
pub fn run(app: &App, look: &Look) -> Result<u8, Failure> {
    if look.build.is_empty() && look.files.is_empty() {
        return Err(Failure::said(
            "no file is named. `erratum FILE` looks at a program; `erratum --help` shows the rest.",
        ));
    }
    if look.interactive {
        return interactive::run(app, look);
    }
    let common = &look.how.common;
    let (builder, story) = app.session(common, &look.how.compile)?;
    // In a program that compiles, only JSON and `-v` name it.
    let version = common.shown.json || common.verbose > 0;
    let builder = builder.proof(!look.how.no_proof).version(version || look.sarif);
    let mut session = builder.files(&look.files).build_command(&look.build).open()?;
    let found = session.look()?;
    if look.sarif {
        sarif(app, &found.verdict)?;
        return Ok(show::status(&found.verdict, common));
    }
    start_with(&found.groups, common)?;
    let next = if look.build.is_empty() || found.proved {
        Next::Mend(show::mend_command(&look.files, &look.build, common))
    } else {
        Next::Nothing
    };
    show_or_open(look, &found.verdict, &found.program, &next, &|name| session.path(name))?;
    if let Some(story) = &story {
        story.tell(common, Gap::Above)?;
    }
    journaled::look(&session, &found, app.journal);
    preparing::afterwards(app.cache.as_ref(), &session, &look.files, &look.how.compile, common);
    Ok(show::status(&found.verdict, common))
}

/// Writes a verdict in the form of tools and platforms.
pub(super) fn sarif(app: &App, verdict: &Verdict) -> Result<(), Failure> {
    let mut out = show::out(Color::Never);
    show::sarif::show(&mut out, &app.catalogue, verdict)?;
    out.flush()?;
    Ok(())
}

/// Where a build complains of several files: how many, and with which to start.
fn start_with(groups: &[Group], common: &Common) -> Result<(), Failure> {
    let count: usize = groups.iter().map(|group| group.files.len()).sum();
    let Some(first) = groups.first().and_then(|group| group.files.first()) else {
        return Ok(());
    };
    if count < 2 || common.shown.json || common.quiet {
        return Ok(());
    }
    let mut out = show::out(common.shown.page.color);
    writeln!(out, "{count} files have errors. Start with {}.", first.display())?;
    for group in groups {
        let names: Vec<String> = group.files.iter().map(|f| f.display().to_string()).collect();
        writeln!(out, "  {}: {}", group.language.name, names.join(", "))?;
    }
    writeln!(out)?;
    out.flush()?;
    Ok(())
}

/// Shows a verdict, or opens the place of it that is asked for. `path` says where a file stands.
fn show_or_open(
    look: &Look,
    verdict: &Verdict,
    program: &Program,
    next: &Next,
    path: &dyn Fn(&str) -> PathBuf,
) -> Result<(), Failure> {
    if let Some(number) = look.only {
        show::numbered_one(verdict, number)?;
    }
    let Some(number) = &look.open else {
        return show::verdict(
            verdict,
            program,
            &look.how.common,
            Which::asked(look.how.all, look.only),
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
