//! What proves a fix: a compiler on copies of some files, or a build command on copies of the whole
//! project.

use erratum_compilers::{Rebuild, Session};
use erratum_repair::search::{Compile, Depth, Report};
use erratum_syntax::language::Language;
use erratum_syntax::source::{Program, Source};
use std::path::PathBuf;
use std::time::Duration;

/// One of the two, with the language of the files it is about.
pub enum Prover {
    /// The compiler, on the files that were named.
    Files(Box<Session>, &'static Language),
    /// The learner's build command.
    Build(Box<Rebuild>, &'static Language),
}

impl Prover {
    /// Returns it as the search sees it.
    pub fn compile(&self) -> &dyn Compile {
        match self {
            Prover::Files(session, _) => session.as_ref(),
            Prover::Build(rebuild, _) => rebuild.as_ref(),
        }
    }

    /// Returns the language of the files it is about.
    pub fn language(&self) -> &'static Language {
        match self {
            Prover::Files(_, language) | Prover::Build(_, language) => language,
        }
    }

    /// Returns where a file of the program stands.
    pub fn path(&self, name: &str) -> PathBuf {
        match self {
            Prover::Files(session, _) => session.project().path(name),
            Prover::Build(..) => PathBuf::from(name),
        }
    }

    /// Starts the time that a search may take.
    pub fn set_budget(&mut self, budget: Duration) {
        match self {
            Prover::Files(session, _) => session.set_budget(budget),
            Prover::Build(rebuild, _) => rebuild.set_budget(budget),
        }
    }

    /// Ends the budget: what is compiled from now on has none.
    pub fn lift_budget(&mut self) {
        match self {
            Prover::Files(session, _) => session.lift_budget(),
            Prover::Build(rebuild, _) => rebuild.lift_budget(),
        }
    }

    /// Compiles a program, for its late warnings too.
    ///
    /// # Errors
    /// When the compiler does not come to its end.
    pub fn report(&self, program: &Program) -> Result<Report, String> {
        self.compile().compile(std::slice::from_ref(program), Depth::Full).remove(0)
    }

    /// Returns the text of a file that belongs to the program though it was not named.
    pub fn source(&self, name: &str) -> Option<Source> {
        self.compile().source(name)
    }
}
