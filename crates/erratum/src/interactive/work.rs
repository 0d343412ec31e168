//! What takes time, apart from the terminal: looking at the program, and trying a fix.

use erratum_look::Session;
use erratum_repair::message::Message;
use erratum_repair::verdict::Verdict;
use erratum_syntax::source::Program;
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
    Looked(Result<Box<Scene>, erratum_look::Error>),
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
    pub fn start(session: Session) -> Worker {
        let (jobs, orders) = channel();
        let (results, done) = channel();
        let thread = thread::spawn(move || work(session, &orders, &results));
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

fn work(mut session: Session, orders: &Receiver<Job>, results: &Sender<Done>) {
    for job in orders {
        let done = match job {
            Job::Look => Done::Looked(session.must_prove().map(|found| {
                let files = &found.program.files;
                let path = |name: &str| (name.to_owned(), session.path(name));
                let paths = files.iter().map(|file| path(file.name())).collect();
                Box::new(Scene { verdict: found.verdict, program: found.program, paths })
            })),
            Job::Try(program) => {
                let report = session.report(&program).map_err(|error| error.to_string());
                let errors = |m: &&Message| m.is_error();
                Done::Tried(report.map(|r| r.messages.iter().filter(errors).count()))
            }
        };
        if results.send(done).is_err() {
            return;
        }
    }
}
