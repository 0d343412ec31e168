//! Small simulated compilers: for languages whose real compiler cannot be had on every machine.
//!
//! A [`StandIn`] reads a program with a lexer, checks a small part of its language (quotes and
//! comments, brackets and blocks, the ends of statements, declared names and members, the number of
//! values in a call, and whether a text is given to a number), and prints what it finds in the form
//! that the real compiler's documentation gives. What it prints goes through the same readers as
//! the output of a real compiler. It compiles nothing and says nothing about what it does not know:
//! it serves the tests and the demo, and is never taken for a compiler of the learner's.

mod check;
mod dialect;

pub use dialect::Dialect;

use erratum_repair::message::Message;
use erratum_repair::read;
use erratum_repair::search::{Compile, Depth, Report};
use erratum_syntax::source::{Program, Source};
use std::time::{Duration, Instant};

/// A simulated compiler.
#[derive(Clone, Debug)]
pub struct StandIn {
    dialect: Dialect,
    beside: Vec<Source>,
    deadline: Option<Instant>,
}

impl StandIn {
    /// A stand-in that speaks as one of the real compilers.
    pub fn new(dialect: Dialect) -> StandIn {
        StandIn { dialect, beside: Vec::new(), deadline: None }
    }

    /// The one to use for a language in the demo; nothing if the language has none.
    pub fn of_language(id: &str) -> Option<StandIn> {
        match id {
            "vb" => Some(StandIn::new(Dialect::VisualBasic)),
            "sourcepawn" => Some(StandIn::new(Dialect::SourcePawn)),
            _ => None,
        }
    }

    /// With files that stand beside the program, such as the description of a form.
    pub fn beside(mut self, files: Vec<Source>) -> StandIn {
        self.beside = files;
        self
    }

    /// What it is, for people.
    pub fn description(&self) -> String {
        format!(
            "a small stand-in for {} that comes with Erratum and knows a part of the language",
            self.dialect.compiler()
        )
    }

    /// From now on, a search may take this long.
    pub fn set_budget(&mut self, budget: Duration) {
        self.deadline = Some(Instant::now() + budget);
    }

    /// What it prints on a program.
    pub fn output(&self, program: &Program) -> String {
        program.files.iter().map(|file| check::output(file, self.dialect)).collect()
    }

    /// Checks a program.
    pub fn check(&self, program: &Program) -> Report {
        let mut reading = read::read(self.output(program).as_bytes());
        for message in &mut reading.messages {
            message.resolve(&mut |name| program.file(name).cloned());
        }
        let failed = reading.messages.iter().any(Message::is_error);
        Report {
            messages: reading.messages,
            exit: Some(i32::from(failed)),
            dropped: reading.dropped,
        }
    }
}

impl Compile for StandIn {
    fn compiler(&self) -> &str {
        self.dialect.compiler()
    }

    fn compile(&self, programs: &[Program], _depth: Depth) -> Vec<Result<Report, String>> {
        programs.iter().map(|program| Ok(self.check(program))).collect()
    }

    fn expired(&self) -> bool {
        self.deadline.is_some_and(|deadline| Instant::now() >= deadline)
    }

    fn source(&self, name: &str) -> Option<Source> {
        self.beside.iter().find(|source| source.name() == name).cloned()
    }

    fn neighbours(&self) -> Vec<Source> {
        self.beside.clone()
    }
}
