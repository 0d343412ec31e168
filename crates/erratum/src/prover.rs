//! What proves a fix: a compiler on copies of some files, or a build command on copies of the whole
//! project.

use erratum_compilers::{Rebuild, Session};
use erratum_core::language::Language;
use erratum_core::prove::{Compile, Depth, Report};
use erratum_core::source::{Program, Source};
use std::path::PathBuf;
use std::time::Duration;

/// One of the two.
pub enum Prover {
    /// The compiler, on the files that were named.
    Files(Box<Session>),
    /// The learner's build command.
    Build(Box<Rebuild>, &'static Language),
}

impl Prover {
    /// As the search sees it.
    pub fn compile(&self) -> &dyn Compile {
        match self {
            Prover::Files(session) => session.as_ref(),
            Prover::Build(rebuild, _) => rebuild.as_ref(),
        }
    }

    /// The language of the files it is about.
    pub fn language(&self) -> &'static Language {
        match self {
            Prover::Files(session) => session.project().language,
            Prover::Build(_, language) => language,
        }
    }

    /// Where a file of the program stands.
    pub fn path(&self, name: &str) -> PathBuf {
        match self {
            Prover::Files(session) => session.project().path(name),
            Prover::Build(..) => PathBuf::from(name),
        }
    }

    /// From now on, a search may take this long.
    pub fn set_budget(&mut self, budget: Duration) {
        match self {
            Prover::Files(session) => session.set_budget(budget),
            Prover::Build(rebuild, _) => rebuild.set_budget(budget),
        }
    }

    /// The search is over: what is compiled from now on has no budget.
    pub fn lift_budget(&mut self) {
        match self {
            Prover::Files(session) => session.lift_budget(),
            Prover::Build(rebuild, _) => rebuild.lift_budget(),
        }
    }

    /// What the compiler says of a program, its late warnings too.
    ///
    /// # Errors
    /// When it does not come to its end.
    pub fn report(&self, program: &Program) -> Result<Report, String> {
        self.compile().compile(std::slice::from_ref(program), Depth::Full).remove(0)
    }

    /// The text of a file that belongs to the program though it was not named.
    pub fn source(&self, name: &str) -> Option<Source> {
        self.compile().source(name)
    }
}
