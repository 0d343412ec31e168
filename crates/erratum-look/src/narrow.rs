//! The smallest part of a program that still gives a message.

use crate::compiler::{self, Choice};
use crate::error::Error;
use crate::session::Session;
use erratum_catalogue::Catalogue;
use erratum_compilers::{Project, Trust};
use erratum_repair::narrow::{Narrowed, Progress, narrow};
use erratum_repair::search::{Budget, Compile, Depth, Report, Search};
use erratum_repair::verdict::{Build, Root};
use erratum_syntax::language::Language;
use erratum_syntax::source::Source;
use std::path::Path;
use std::sync::Arc;
use std::time::Duration;

/// What narrowing gave.
pub struct Narrowing {
    /// The small program.
    pub narrowed: Narrowed,
    /// The text that was narrowed, whole.
    pub whole: Source,
    compiler: Option<String>,
    arguments: Vec<String>,
    trust: Trust,
    catalogue: Arc<Catalogue>,
    session: erratum_compilers::Session,
}

/// Seconds that narrowing may take where nobody says otherwise.
const BUDGET: Duration = Duration::from_secs(30);

impl Session {
    /// Finds the smallest part of the program that still gives a message: the one with a number,
    /// from 1 in the compiler's order, or the first error. Returns `None` if nothing is said. A budget
    /// of compiles is one of searches: this takes 30 seconds then at most, as without any.
    ///
    /// # Errors
    /// When there is no such message, it does not come again, or no compiler can be run.
    pub fn narrow(
        &mut self,
        message: Option<usize>,
        progress: &mut dyn FnMut(Progress),
    ) -> Result<Option<Narrowing>, Error> {
        let project = self.project()?;
        self.narrow_in(project, message, progress)
    }

    /// The same in a program with other texts than the files have, as an editor holds them.
    ///
    /// # Errors
    /// As above.
    pub fn narrow_in(
        &mut self,
        project: Project,
        message: Option<usize>,
        progress: &mut dyn FnMut(Progress),
    ) -> Result<Option<Narrowing>, Error> {
        let (language, program) = (project.language, project.program.clone());
        let (_, mut session) = compiler::open(project, &self.options.choice())?;
        let first = session.first()?;
        match self.options.budget {
            Some(Budget::Time(time)) => session.set_budget(time),
            _ => session.set_budget(BUDGET),
        }
        let Some(target) = target(&first, message)? else { return Ok(None) };
        let narrowed =
            narrow(&self.catalogue, &program, language, &first, target, &session, progress)
                .map_err(Error::Narrow)?;
        session.lift_budget();
        let Some(whole) = program.file(narrowed.source.name()).cloned() else { return Ok(None) };
        let catalogue = self.catalogue.clone();
        let options = &self.options;
        let (compiler, arguments) = (options.compiler.clone(), options.arguments.clone());
        let trust = options.trust.clone();
        Ok(Some(Narrowing { narrowed, whole, compiler, arguments, trust, catalogue, session }))
    }
}

impl Narrowing {
    /// Returns the compiler's name.
    pub fn compiler(&self) -> &str {
        self.session.compiler()
    }

    /// Returns what is known of the build.
    pub fn build(&self) -> Build {
        self.session.build(None)
    }

    /// Returns the first mistake of the small program.
    pub fn root(&self) -> Option<Root> {
        let program = &self.narrowed.program;
        let reports = self.session.compile(std::slice::from_ref(program), Depth::Full);
        let report = reports.into_iter().next()?.ok()?;
        let found =
            Search::new(&self.catalogue, program, self.language(), &self.session).run(report);
        found.verdict.roots.into_iter().next()
    }

    /// Returns whether a file, to which the small program was written, gives the message by itself.
    pub fn gives(&self, path: &Path) -> bool {
        let files = [path.to_owned()];
        let check = || -> Result<bool, Error> {
            let project = Project::open(&files, Some(self.language()))?;
            let choice = Choice {
                compiler: self.compiler.as_deref(),
                arguments: &self.arguments,
                cache: None,
                trust: &self.trust,
            };
            let (_, mut session) = compiler::open(project, &choice)?;
            let report = session.first()?;
            Ok(report.messages.iter().any(|m| m.text == self.narrowed.message.text))
        };
        check().unwrap_or(false)
    }

    fn language(&self) -> &'static Language {
        self.session.project().language
    }
}

/// The message that is asked for, by its index.
fn target(first: &Report, asked: Option<usize>) -> Result<Option<usize>, Error> {
    let messages = first.messages.len();
    match asked {
        Some(number) if (1..=messages).contains(&number) => Ok(Some(number - 1)),
        Some(asked) => Err(Error::NoSuchMessage { asked, messages }),
        None => {
            let error = first.messages.iter().position(|m| m.is_error() && m.at.is_some());
            Ok(error.or_else(|| first.messages.iter().position(|m| m.at.is_some())))
        }
    }
}
