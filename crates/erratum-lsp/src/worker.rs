//! The looks, in a thread of their own: one at a time, each with the compiler that the last look at the
//! same file has left warm.

use crate::Setup;
use crate::documents::Document;
use crossbeam_channel::{Receiver, Sender};
use erratum_compilers::Project;
use erratum_look::{CancelToken, Look, Session};
use erratum_syntax::source::Source;
use lsp_types::Uri;
use std::panic::{AssertUnwindSafe, catch_unwind};
use std::path::{Path, PathBuf};

/// How many files keep a compiler warm.
const WARM: usize = 4;

/// A text to look at.
pub(crate) struct Job {
    pub uri: Uri,
    pub document: Document,
    /// What else is open: its texts count, not those on the disk.
    pub others: Vec<Document>,
    pub cancel: CancelToken,
}

/// What came of a job, with the version of the text.
pub(crate) struct Done {
    pub uri: Uri,
    pub version: i32,
    pub outcome: Outcome,
}

/// What can come of it.
pub(crate) enum Outcome {
    /// What messages and text alone tell; the proofs follow.
    Judged(Box<Look>),
    /// All that is found.
    Found(Box<Look>),
    /// A sentence for the user, that no place of a text can show.
    Word(String),
    /// Nothing could be found, and why.
    Failed(String),
    /// Another text has come since.
    Cancelled,
}

/// Takes jobs until there are no more.
pub(crate) fn run(setup: &Setup, jobs: &Receiver<Job>, done: &Sender<Done>) {
    let mut sessions: Vec<(PathBuf, Session)> = Vec::new();
    for job in jobs {
        let (uri, version) = (job.uri.clone(), job.document.version);
        let tell = |outcome| {
            let _ = done.send(Done { uri: uri.clone(), version, outcome });
        };
        // A fault in a look ends that look, and its compiler, but not the server.
        let looked = catch_unwind(AssertUnwindSafe(|| look(setup, &mut sessions, &job, &tell)));
        tell(looked.unwrap_or_else(|_| {
            sessions.clear();
            Outcome::Failed("the look ended by a fault of Erratum".to_owned())
        }));
    }
}

fn look(
    setup: &Setup,
    sessions: &mut Vec<(PathBuf, Session)>,
    job: &Job,
    tell: &dyn Fn(Outcome),
) -> Outcome {
    let path = &job.document.path;
    let mut session = match sessions.iter().position(|(own, _)| own == path) {
        Some(at) => sessions.remove(at).1,
        None => match (setup.builder)(path).file(path).open() {
            Ok(session) => session,
            Err(error) => return Outcome::Failed(error.to_string()),
        },
    };
    session.set_cancel(job.cancel.clone());
    let outcome = match with_open_texts(&session, &job.document, &job.others) {
        Err(error) => Outcome::Failed(error),
        Ok(project) => {
            let judged = &mut |look: &Look| {
                if !job.cancel.is_cancelled() {
                    tell(Outcome::Judged(Box::new(look.clone())));
                }
            };
            match session.look_in_steps(project, judged) {
                _ if job.cancel.is_cancelled() => Outcome::Cancelled,
                Ok(look) => {
                    // What is typed and changed again before it is saved is nobody's mistake yet.
                    let saved = std::fs::read(path).is_ok_and(|t| t == job.document.source.bytes());
                    if let Some(word) = saved.then(|| (setup.kept)(&session, &look)).flatten() {
                        tell(Outcome::Word(word));
                    }
                    Outcome::Found(Box::new(look))
                }
                Err(error) => Outcome::Failed(error.to_string()),
            }
        }
    };
    sessions.truncate(WARM - 1);
    sessions.insert(0, (path.clone(), session));
    outcome
}

/// The program with the texts that are in the editor.
pub(crate) fn with_open_texts(
    session: &Session,
    document: &Document,
    others: &[Document],
) -> Result<Project, String> {
    let mut project = session.project().map_err(|error| error.to_string())?;
    let names: Vec<String> =
        project.program.files.iter().map(|file| file.name().to_owned()).collect();
    for name in names {
        let path = project.path(&name);
        let open = std::iter::once(document).chain(others);
        if let Some(document) = open.into_iter().find(|one| same(&one.path, &path)) {
            project.program.set(Source::new(name, document.source.bytes()));
        }
    }
    Ok(project)
}

fn same(one: &Path, other: &Path) -> bool {
    one == other
        || matches!((dunce::canonicalize(one), dunce::canonicalize(other)), (Ok(a), Ok(b)) if a == b)
}
