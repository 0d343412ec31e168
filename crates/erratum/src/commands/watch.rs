//! `erratum watch`: looks again when a file is saved.

use crate::arguments::Watch;
use crate::commands::look::mend_command;
use crate::examine::{Examined, examine_project, named_language};
use crate::failure::Failure;
use crate::prover::Prover;
use crate::saved::Saves;
use crate::show::terminal::Next;
use crate::show::{self, links::Links, progress};
use crate::stop;
use erratum_compilers::Project;
use erratum_core::progress::Progress;
use erratum_core::source::Program;
use erratum_core::verdict::Verdict;
use std::io::Write;
use std::sync::Arc;
use std::sync::atomic::{AtomicU8, Ordering};

/// Everything that the program is made of, as it was when it was looked at.
type Texts = Vec<(String, Vec<u8>)>;

/// Runs it until it is stopped. The status is that of the last look.
pub fn run(arguments: &Watch) -> Result<u8, Failure> {
    let mut saves = Saves::new(&open(arguments)?)?;
    // Read again: from here on no save can be missed.
    let mut project = open(arguments)?;
    let status = Arc::new(AtomicU8::new(2));
    let last = Arc::clone(&status);
    stop::instead(move || {
        let _ = writeln!(anstream::stderr(), "\nStopped watching.");
        last.load(Ordering::SeqCst)
    });
    let mut texts = texts(&project);
    let mut prover: Option<Prover> = None;
    let mut shown: Option<(Verdict, Program)> = None;
    loop {
        let (common, compile) = (&arguments.how.common, &arguments.how.compile);
        let proof = !arguments.how.no_proof;
        let files = arguments.files.as_slice();
        match examine_project(project.clone(), files, common, compile, proof, &[], prover.take()) {
            Ok(examined) => {
                status.store(show::status(&examined.verdict, common), Ordering::SeqCst);
                report(arguments, shown.as_ref(), &examined)?;
                shown = Some((examined.verdict, examined.program));
                prover = Some(examined.prover);
            }
            // The first look decides whether there is anything to watch.
            Err(failure) if shown.is_none() => return Err(failure),
            Err(failure) => trouble(&failure),
        }
        waiting(arguments)?;
        (project, texts) = next(arguments, &mut saves, project, texts)?;
    }
}

fn open(arguments: &Watch) -> Result<Project, Failure> {
    Ok(Project::open(&arguments.files, named_language(&arguments.how.common)?)?)
}

fn texts(project: &Project) -> Texts {
    let own = project.program.files.iter().map(|f| (f.name().to_owned(), f.bytes().to_vec()));
    own.chain(project.neighbours()).collect()
}

/// Waits until the program is another than it was, and can be read.
fn next(
    arguments: &Watch,
    saves: &mut Saves,
    project: Project,
    old: Texts,
) -> Result<(Project, Texts), Failure> {
    let mut said = None;
    loop {
        saves.wait(&project)?;
        let opened = open(arguments).or_else(|_| {
            saves.settle();
            open(arguments)
        });
        match opened {
            Ok(project) => {
                let new = texts(&project);
                if new != old || said.is_some() {
                    saves.follow(&project)?;
                    return Ok((project, new));
                }
            }
            Err(failure) => {
                let text = failure.to_string();
                if said.as_ref() != Some(&text) {
                    trouble(&failure);
                    said = Some(text);
                }
            }
        }
    }
}

/// Something is wrong now that a later save may put right.
fn trouble(failure: &Failure) {
    let _ = writeln!(anstream::stderr(), "erratum: {failure} Waiting until it is saved again.");
}

fn waiting(arguments: &Watch) -> Result<(), Failure> {
    if arguments.how.common.shown.json || arguments.how.common.quiet {
        return Ok(());
    }
    let mut out = show::out(arguments.how.common.shown.page.color);
    progress::waiting(&mut out)?;
    out.flush()?;
    Ok(())
}

/// Shows what a look has found, and what has changed since the one before.
fn report(
    arguments: &Watch,
    earlier: Option<&(Verdict, Program)>,
    examined: &Examined,
) -> Result<(), Failure> {
    let common = &arguments.how.common;
    let since = earlier.map(|(verdict, program)| {
        Progress::between((verdict, program), (&examined.verdict, &examined.program))
    });
    if common.shown.json {
        let mut out = show::out(common.shown.page.color);
        show::json::line(&mut out, &examined.verdict, since.as_ref())?;
        out.flush()?;
        return Ok(());
    }
    if let (Some((old, _)), Some(since)) = (earlier, &since) {
        let mut out = show::out(common.shown.page.color);
        let width = show::width(common.shown.page.width);
        progress::changes(&mut out, width, (old, &examined.verdict), since)?;
        out.flush()?;
    }
    let next = Next::Mend(mend_command(&arguments.files, &[], common));
    let path = |name: &str| examined.prover.path(name);
    let links = Links::new(&path);
    show::verdict(&examined.verdict, &examined.program, common, arguments.how.all, &next, &links)
}
