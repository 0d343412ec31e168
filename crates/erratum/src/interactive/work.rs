//! What takes time, apart from the terminal: looking at the program, and trying a fix.

use crate::arguments::Look;
use crate::commands::build::Built;
use crate::examine::{Examined, examine_project, named_language};
use crate::failure::Failure;
use crate::prover::Prover;
use erratum_compilers::Project;
use erratum_core::message::Message;
use erratum_core::source::Program;
use erratum_core::verdict::Verdict;
use std::collections::BTreeMap;
use std::path::PathBuf;
use std::sync::mpsc::{Receiver, Sender, channel};
use std::thread::{self, JoinHandle};

/// A program and what was found in it.
pub struct Scene {
    /// What was found.
    pub verdict: Verdict,
    /// The program as it stands.
    pub program: Program,
    /// Where its files stand.
    pub paths: BTreeMap<String, PathBuf>,
}

/// What is to be done.
pub enum Job {
    /// Look at the program, as its files are now.
    Look,
    /// Compile a copy of this text.
    Try(Program),
}

/// What came of it.
pub enum Done {
    /// A look.
    Looked(Result<Box<Scene>, Failure>),
    /// How many errors the copy gives.
    Tried(Result<usize, String>),
}

/// Both ends of the work.
pub struct Worker {
    /// Takes what is to be done, one after the other.
    pub jobs: Sender<Job>,
    /// Gives what came of it.
    pub done: Receiver<Done>,
    thread: JoinHandle<()>,
}

impl Worker {
    /// Starts it. It ends when its jobs cannot come any more.
    pub fn start(look: &Look) -> Worker {
        let (jobs, orders) = channel();
        let (results, done) = channel();
        let look = look.clone();
        let thread = thread::spawn(move || work(&look, &orders, &results));
        Worker { jobs, done, thread }
    }

    /// Ends it, and waits until everything that it has made is removed.
    pub fn end(self, busy: bool) {
        drop(self.jobs);
        if busy {
            // Whatever still compiles is of no use any more.
            erratum_compilers::interrupt();
        }
        // If it has ended in a panic, that was told already.
        let _ = self.thread.join();
    }
}

fn work(look: &Look, orders: &Receiver<Job>, results: &Sender<Done>) {
    let mut prover: Option<Prover> = None;
    for job in orders {
        let done = match job {
            Job::Look => Done::Looked(examined(look, prover.take()).map(|found| {
                let files = &found.program.files;
                let path = |name: &str| (name.to_owned(), found.prover.path(name));
                let paths = files.iter().map(|file| path(file.name())).collect();
                let scene = Scene { verdict: found.verdict, program: found.program, paths };
                prover = Some(found.prover);
                Box::new(scene)
            })),
            Job::Try(program) => Done::Tried(match &mut prover {
                Some(prover) => {
                    prover.lift_budget();
                    let report = prover.report(&program);
                    report.map(|r| r.messages.iter().filter(|m| Message::is_error(m)).count())
                }
                None => Err("there is no compiler to try it with".to_owned()),
            }),
        };
        if results.send(done).is_err() {
            return;
        }
    }
}

fn examined(look: &Look, before: Option<Prover>) -> Result<Examined, Failure> {
    if look.build.is_empty() {
        let project = Project::open(&look.files, named_language(&look.how.common)?)?;
        let (common, compile) = (&look.how.common, &look.how.compile);
        return examine_project(
            project,
            &look.files,
            common,
            compile,
            !look.how.no_proof,
            &[],
            before,
        );
    }
    let built = Built::run(&look.build, &look.how.common)?;
    built.must_prove(&look.how.common, &look.how.compile)
}
