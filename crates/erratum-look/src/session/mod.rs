//! A program and the compiler at work on it.

mod builds;

use crate::build::{Built, Group};
use crate::cancel::CancelToken;
use crate::compiler::{self, Choice};
use crate::error::Error;
use crate::log::{self, Files};
use crate::options::Builder;
use crate::prover::Prover;
use erratum_catalogue::Catalogue;
use erratum_compilers::{Project, Toolbox};
use erratum_repair::search::{Budget, Compile, Depth, Found, Report, Search, judge};
use erratum_repair::verdict::Verdict;
use erratum_syntax::language::Language;
use erratum_syntax::newer::Version;
use erratum_syntax::source::{Program, Source};
use std::path::PathBuf;
use std::sync::Arc;
use std::time::{Duration, Instant};

/// How long a search takes at most where the compiler is not slow.
const USUAL: Duration = Duration::from_secs(5);

/// With a slow compiler it may take as long as so many first compiles, up to a limit: in five seconds some
/// are asked a few times only.
const SLOW: (u32, Duration) = (15, Duration::from_secs(10));

/// How far a search goes after a first compile that took so long.
fn usual_budget(took: Duration) -> Budget {
    Budget::Time((took * SLOW.0).clamp(USUAL, SLOW.1))
}

/// What a look found.
#[derive(Clone, Debug)]
pub struct Look {
    /// The verdict.
    pub verdict: Verdict,
    /// The program as it stands, with every file that the verdict speaks of.
    pub program: Program,
    /// The program with every first fix applied.
    pub mended: Program,
    /// For a build command: the files that it complains of, by language, the first one first.
    pub groups: Vec<Group>,
    /// Whether fixes were tried; else the verdict is judged, because that was asked for or because
    /// nothing could be compiled.
    pub proved: bool,
}

/// One program, and the compiler at work on it.
pub struct Session {
    pub(crate) options: Builder,
    pub(crate) catalogue: Arc<Catalogue>,
    prover: Option<Prover>,
    budget: Budget,
}

impl Session {
    /// How far a search goes where nobody says otherwise and the compiler is not slow.
    pub const BUDGET: Budget = Budget::Time(USUAL);

    /// Starts to say what is looked at.
    pub fn builder() -> Builder {
        Builder::default()
    }

    pub(crate) fn open(options: Builder) -> Result<Session, Error> {
        let catalogue = options.catalogue.clone().unwrap_or_else(Catalogue::shipped);
        let budget = Session::BUDGET;
        let session = Session { options, catalogue, prover: None, budget };
        if session.options.command.is_empty() {
            session.project()?;
        }
        Ok(session)
    }

    /// Returns the files as they stand now, with their folder.
    ///
    /// # Errors
    /// When one cannot be read, or their language is not known.
    pub fn project(&self) -> Result<Project, Error> {
        Ok(Project::open(&self.options.files, self.options.language)?)
    }

    /// Compiles the program as it stands now, and finds its mistakes.
    ///
    /// # Errors
    /// When a file cannot be read, no compiler is found, or it does not come to its end.
    pub fn look(&mut self) -> Result<Look, Error> {
        if self.options.command.is_empty() {
            return self.look_at(self.project()?);
        }
        let built = Built::run(&self.options.command)?;
        let proved = if self.options.judge_only { None } else { self.prove(&built)?.ok() };
        match proved {
            Some(mut look) => {
                look.groups = built.groups;
                Ok(look)
            }
            None => Ok(self.judged(built)),
        }
    }

    /// Does the same, but fails where nothing that a build complains of can be proved.
    ///
    /// # Errors
    /// Those of [`Session::look`], and [`Error::NoProof`].
    pub fn must_prove(&mut self) -> Result<Look, Error> {
        if self.options.command.is_empty() {
            return self.look();
        }
        let built = Built::run(&self.options.command)?;
        self.prove(&built)?.map_err(|reason| Error::NoProof { reason })
    }

    /// Finds the mistakes of files that were read. The compiler of an earlier look goes on to work.
    ///
    /// # Errors
    /// When no compiler is found, or it does not come to its end.
    pub fn look_at(&mut self, project: Project) -> Result<Look, Error> {
        let arguments = self.options.arguments.clone();
        self.look_with(project, &arguments)
    }

    /// Does the same, and hands on what messages and text alone tell, before anything is tried.
    ///
    /// # Errors
    /// Those of [`Session::look_at`].
    pub fn look_in_steps(
        &mut self,
        project: Project,
        judged: &mut dyn FnMut(&Look),
    ) -> Result<Look, Error> {
        let arguments = self.options.arguments.clone();
        self.look_and_tell(project, &arguments, Some(judged))
    }

    /// Ends later looks by another token: one that was cancelled stays so.
    pub fn set_cancel(&mut self, cancel: CancelToken) {
        self.options.cancel = cancel;
    }

    pub(crate) fn look_with(
        &mut self,
        project: Project,
        arguments: &[String],
    ) -> Result<Look, Error> {
        self.look_and_tell(project, arguments, None)
    }

    fn look_and_tell(
        &mut self,
        project: Project,
        arguments: &[String],
        judged: Option<&mut dyn FnMut(&Look)>,
    ) -> Result<Look, Error> {
        let (language, program) = (project.language, project.program.clone());
        let (toolbox, mut session) =
            compiler::open(project, &Choice { arguments, ..self.options.choice() })?;
        if let Some(Prover::Files(mut before, _)) = self.prover.take() {
            session.adopt(&mut before);
        }
        if self.options.no_version {
            session.leave_version();
        }
        let first = session.first()?;
        let (exit, took) = (first.exit, session.took());
        self.prover = Some(Prover::Files(Box::new(session), language));
        self.settle_budget(&toolbox, took);
        if let Some(tell) = judged.filter(|_| !self.options.judge_only) {
            tell(&self.judge_alone(&program, language, &first));
        }
        let mut look = if self.options.judge_only {
            self.judge_alone(&program, language, &first)
        } else {
            self.search(program, first)
        };
        if let Some(Prover::Files(session, _)) = &self.prover {
            look.verdict.build = session.build(exit);
        }
        Ok(look)
    }

    /// What messages and text alone tell.
    fn judge_alone(&self, program: &Program, language: &'static Language, first: &Report) -> Look {
        let (program, mended) = (program.clone(), program.clone());
        let limits = self.until_spent();
        let language = Some(language);
        let verdict = judge(&self.catalogue, &program, language, first, self.compiler(), limits);
        Look { verdict, mended, program, groups: Vec::new(), proved: false }
    }

    /// Takes over what proves fixes, with the budget that holds in a folder.
    pub(crate) fn take(&mut self, prover: Prover, toolbox: &Toolbox) {
        self.prover = Some(prover);
        self.settle_budget(toolbox, Duration::ZERO);
    }

    fn settle_budget(&mut self, toolbox: &Toolbox, took: Duration) {
        let settings = toolbox.config().budget.map(Duration::from_secs_f64).map(Budget::Time);
        self.budget = self.options.budget.or(settings).unwrap_or_else(|| usual_budget(took));
    }

    /// The limits of a judgement that starts now.
    fn until_spent(&self) -> erratum_repair::search::Limits {
        let time = match self.budget {
            Budget::Time(time) => Some(time),
            Budget::Compiles(_) => None,
        };
        let until = time.and_then(|time| Instant::now().checked_add(time));
        erratum_repair::search::Limits { until, ..self.options.limits }
    }

    /// Searches from the report of a program, within the budget.
    pub(crate) fn search(&mut self, program: Program, report: Report) -> Look {
        let Found { verdict, mended, .. } = self.found(&program, report);
        let program = self.with_files(program, &verdict);
        Look { verdict, program, mended, groups: Vec::new(), proved: true }
    }

    fn found(&mut self, program: &Program, report: Report) -> Found {
        let mut limits = self.options.limits;
        let empty = || Found {
            verdict: log::nothing(&report),
            mended: program.clone(),
            withheld: Vec::new(),
        };
        let Some(prover) = &mut self.prover else { return empty() };
        match self.budget {
            Budget::Time(time) => prover.set_budget(time),
            Budget::Compiles(most) => limits.compiles = Some(most),
        }
        let language = prover.language();
        let compile = Cancellable { compile: prover.compile(), cancel: &self.options.cancel };
        let mut search = Search::new(&self.catalogue, program, language, &compile).limits(limits);
        if let Some(observer) = &mut self.options.observer {
            search = search.observer(observer.as_mut());
        }
        let found = search.run(report);
        prover.lift_budget();
        found
    }

    /// Searches again, with a budget of its own, from a text that an earlier search has left.
    ///
    /// # Errors
    /// When the compiler does not come to its end on it.
    pub fn again(&mut self, program: &Program) -> Result<Found, Error> {
        let report = self.report(program)?;
        Ok(self.found(program, report))
    }

    /// Compiles a text of the program without searching. Its late warnings are there, too.
    ///
    /// # Errors
    /// When nothing was looked at yet, or the compiler does not come to its end.
    pub fn report(&self, program: &Program) -> Result<Report, Error> {
        match &self.prover {
            Some(prover) => prover.report(program).map_err(Error::Copy),
            None => Err(Error::Copy("there is no compiler to try it with".to_owned())),
        }
    }

    /// Returns whether the compiler would start sooner with what a cache lacks.
    pub fn gains(&self) -> bool {
        match (&self.prover, &self.options.cache) {
            (Some(Prover::Files(session, _)), Some(cache)) => session.gains(cache),
            _ => false,
        }
    }

    /// Returns the language of what was looked at.
    pub fn language(&self) -> Option<&'static Language> {
        self.prover.as_ref().map(Prover::language).or(self.options.language)
    }

    /// Returns what is looked for.
    pub fn limits(&self) -> erratum_repair::search::Limits {
        self.options.limits
    }

    /// Returns where a file of the program stands.
    pub fn path(&self, name: &str) -> PathBuf {
        self.prover.as_ref().map_or_else(|| PathBuf::from(name), |prover| prover.path(name))
    }

    fn compiler(&self) -> &str {
        self.prover.as_ref().map_or("", |prover| prover.compile().compiler())
    }

    fn judged(&self, built: Built) -> Look {
        let (mut verdict, program) = log::judge(
            &self.catalogue,
            built.reading,
            &Files::anywhere(),
            self.options.language,
            self.until_spent(),
        );
        verdict.build.command = self.options.command.clone();
        verdict.build.exit = built.exit;
        let mended = program.clone();
        Look { verdict, program, mended, groups: built.groups, proved: false }
    }

    /// Adds the files that the verdict speaks of beside those that were named.
    fn with_files(&self, mut program: Program, verdict: &Verdict) -> Program {
        let Some(prover) = &self.prover else { return program };
        let places = verdict.messages.iter().filter_map(|m| m.at.as_ref()).map(|at| &at.file);
        let fixes = verdict.roots.iter().flat_map(|root| root.choices());
        let edits = fixes.flat_map(|fix| fix.bytes.iter().map(|edit| &edit.file));
        for name in places.chain(edits) {
            if program.file(name).is_none()
                && let Some(source) = prover.source(name)
            {
                program.set(source);
            }
        }
        program
    }
}

impl Builder {
    /// Opens the session. Nothing is compiled yet.
    ///
    /// # Errors
    /// When a file cannot be read, its language is not known, or the settings are broken.
    pub fn open(self) -> Result<Session, Error> {
        Session::open(self)
    }
}

/// A compiler whose budget is also spent once a search is cancelled.
struct Cancellable<'a> {
    compile: &'a dyn Compile,
    cancel: &'a CancelToken,
}

impl Compile for Cancellable<'_> {
    fn compiler(&self) -> &str {
        self.compile.compiler()
    }

    fn language_version(&self) -> Option<Version> {
        self.compile.language_version()
    }

    fn compile(&self, programs: &[Program], depth: Depth) -> Vec<Result<Report, String>> {
        self.compile.compile(programs, depth)
    }

    fn width(&self) -> usize {
        self.compile.width()
    }

    fn has_depth(&self) -> bool {
        self.compile.has_depth()
    }

    fn expired(&self) -> bool {
        self.cancel.is_cancelled() || self.compile.expired()
    }

    fn source(&self, name: &str) -> Option<Source> {
        self.compile.source(name)
    }

    fn neighbours(&self) -> Vec<Source> {
        self.compile.neighbours()
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_slow_compiler_gets_more_time() {
        let seconds = |took: u64| match usual_budget(Duration::from_millis(took)) {
            Budget::Time(time) => time.as_millis(),
            Budget::Compiles(_) => 0,
        };
        assert_eq!([0, 100, 400, 3000].map(seconds), [5000, 5000, 6000, 10_000]);
    }
}
