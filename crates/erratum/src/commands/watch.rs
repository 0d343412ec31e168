//! `erratum watch`: looks again when a file is saved.

use crate::app::App;
use crate::arguments::Watch;
use crate::failure::Failure;
use crate::journaled;
use crate::observing::Gap;
use crate::saved::Saves;
use crate::show::terminal::{Next, Which};
use crate::show::{self, links::Links, progress};
use crate::stop;
use erratum_compilers::Project;
use erratum_look::{Look, Session};
use erratum_repair::progress::Progress;
use erratum_repair::verdict::Verdict;
use erratum_syntax::source::Program;
use std::io::Write;
use std::sync::Arc;
use std::sync::atomic::{AtomicU8, Ordering};

/// Everything that the program is made of, as it was when it was looked at.
type Texts = Vec<(String, Vec<u8>)>;

/// Runs it until it is stopped. The status is that of the last look.
pub fn run(app: &App, arguments: &Watch) -> Result<u8, Failure> {
    let how = &arguments.how;
    let (builder, story) = app.session(&how.common, &how.compile)?;
    let mut session = builder.proof(!how.no_proof).files(&arguments.files).open()?;
    let mut saves = Saves::new(&session.project()?)?;
    // Read again: from here on no save can be missed.
    let mut project = session.project()?;
    let status = Arc::new(AtomicU8::new(2));
    let last = Arc::clone(&status);
    stop::instead(move || {
        let _ = writeln!(anstream::stderr(), "\nStopped watching.");
        last.load(Ordering::SeqCst)
    });
    let mut texts = texts(&project);
    let mut shown: Option<(Verdict, Program)> = None;
    loop {
        match session.look_at(project.clone()) {
            Ok(look) => {
                status.store(show::status(&look.verdict, &how.common), Ordering::SeqCst);
                report(arguments, &session, shown.as_ref(), &look)?;
                if let Some(story) = &story {
                    story.tell(&how.common, Gap::Above)?;
                }
                journaled::look(&session, &look, app.journal);
                shown = Some((look.verdict, look.program));
            }
            // The first look decides whether there is anything to watch.
            Err(error) if shown.is_none() => return Err(error.into()),
            Err(error) => trouble(&error.into()),
        }
        waiting(arguments)?;
        (project, texts) = next(&session, &mut saves, project, texts)?;
    }
}

fn texts(project: &Project) -> Texts {
    let own = project.program.files.iter().map(|f| (f.name().to_owned(), f.bytes().to_vec()));
    own.chain(project.neighbours()).collect()
}

/// Waits until the program is another than it was, and can be read.
fn next(
    session: &Session,
    saves: &mut Saves,
    project: Project,
    old: Texts,
) -> Result<(Project, Texts), Failure> {
    let mut said = None;
    loop {
        saves.wait(&project)?;
        let opened = session.project().or_else(|_| {
            saves.settle();
            session.project()
        });
        match opened {
            Ok(project) => {
                let new = texts(&project);
                if new != old || said.is_some() {
                    saves.follow(&project)?;
                    return Ok((project, new));
                }
            }
            Err(error) => {
                let failure = Failure::from(error);
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
    session: &Session,
    earlier: Option<&(Verdict, Program)>,
    look: &Look,
) -> Result<(), Failure> {
    let common = &arguments.how.common;
    let since = earlier.map(|(verdict, program)| {
        Progress::between((verdict, program), (&look.verdict, &look.program))
    });
    if common.shown.json {
        let mut out = show::out(common.shown.page.color);
        show::json::line(&mut out, &look.verdict, since.as_ref())?;
        out.flush()?;
        return Ok(());
    }
    if let (Some((old, _)), Some(since)) = (earlier, &since) {
        let mut out = show::out(common.shown.page.color);
        let width = show::width(common.shown.page.width);
        progress::changes(&mut out, width, (old, &look.verdict), since)?;
        out.flush()?;
    }
    let next = Next::Mend(show::mend_command(&arguments.files, &[], common));
    let path = |name: &str| session.path(name);
    let links = Links::new(&path);
    show::verdict(
        &look.verdict,
        &look.program,
        common,
        Which::asked(arguments.how.all, None),
        &next,
        &links,
    )
}
