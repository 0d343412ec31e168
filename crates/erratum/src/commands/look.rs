//! `erratum look`: compile, and show what is really wrong.

use crate::app::App;
use crate::arguments::{Cli, Color, Common, Look, Read};
use crate::editor;
use crate::failure::Failure;
use crate::interactive;
use crate::journaled;
use crate::observing::Gap;
use crate::preparing;
use crate::sent::{self, First};
use crate::show::{
    self,
    links::Links,
    terminal::{Next, Which},
};
use clap::CommandFactory;
use erratum_look::Group;
use erratum_repair::verdict::Verdict;
use erratum_syntax::source::Program;
use std::io::{self, Write};
use std::path::PathBuf;

/// Runs it.
pub fn run(app: &App, look: &Look) -> Result<u8, Failure> {
    if look.build.is_empty()
        && let Some(status) = sent_in(app, look)?
    {
        return Ok(status);
    }
    not_a_command(&look.files)?;
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

/// Reads what is sent in as saved compiler output, where no program is named or `-` is; `None` where
/// one is.
fn sent_in(app: &App, look: &Look) -> Result<Option<u8>, Failure> {
    let asked = matches!(&look.files[..], [only] if only.as_os_str() == "-");
    if !asked && !look.files.is_empty() {
        return Ok(None);
    }
    let no_file = || {
        Failure::said(
            "no file is named. `erratum FILE` looks at a program; `erratum --help` shows the rest.",
        )
    };
    if sent::is_typed() || !(asked || sent::is_sent()) {
        return Err(no_file());
    }
    let reading = Read {
        log: None,
        root: Vec::new(),
        all: look.how.all,
        only: look.only,
        sarif: look.sarif,
        common: look.how.common.clone(),
    };
    if asked {
        return super::read::sent(app, &reading, io::stdin().lock()).map(Some);
    }
    let first = sent::first(sent::PATIENCE);
    match first.map_err(|error| Failure::said(format!("standard input: {error}")))? {
        First::Some(input) => super::read::sent(app, &reading, input).map(Some),
        First::Nothing => Err(no_file()),
        First::Late => Err(Failure::said(format!(
            "no file is named, and nothing came in on standard input for {} seconds. `erratum -` waits longer.",
            sent::PATIENCE.as_secs()
        ))),
    }
}

/// Refuses what is rather a command that was misspelt than a file.
fn not_a_command(files: &[PathBuf]) -> Result<(), Failure> {
    let word = files.first().filter(|file| !file.exists()).and_then(|file| file.to_str());
    // A name with an ending is that of a program.
    let Some(word) = word.filter(|word| !word.contains(['.', '/', '\\'])) else { return Ok(()) };
    let command = Cli::command();
    let names = command.get_subcommands().map(|command| command.get_name());
    let far = |name: &&str| strsim::damerau_levenshtein(name, word);
    let near = names.filter(|name| far(name) <= name.len().div_ceil(3)).min_by_key(far);
    let Some(near) = near else { return Ok(()) };
    let rest: String = files[1..].iter().map(|file| format!(" {}", file.display())).collect();
    Err(Failure::said(format!(
        "{word} is no file here, and no command. Did you mean `erratum {near}{rest}`?"
    )))
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
