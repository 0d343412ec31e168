//! From files to a verdict: what `look`, `mend` and `demo` share.

use crate::arguments::{Common, Compile};
use crate::failure::Failure;
use crate::prover::Prover;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_core::language::{self, Language};
use erratum_core::prove::{self, Found, Report};
use erratum_core::source::Program;
use erratum_core::verdict::Verdict;
use std::path::{Path, PathBuf};
use std::time::Duration;

/// How long a search may take where nobody says otherwise.
const BUDGET: f64 = 5.0;

/// What was found, and what is needed to go on with it.
pub struct Examined {
    pub verdict: Verdict,
    /// The program as it stands, with every file that the verdict speaks of.
    pub program: Program,
    /// The program with every first fix applied.
    pub mended: Program,
    /// What proves fixes.
    pub prover: Prover,
    /// How long a search may take.
    pub budget: Duration,
    /// What is looked for.
    pub limits: prove::Limits,
}

impl Examined {
    /// Searches again, with a budget of its own, from a text that the first search has left.
    pub fn again(&mut self, program: &Program) -> Result<Found, Failure> {
        self.prover.lift_budget();
        let report = self.prover.report(program).map_err(Failure::Said)?;
        self.prover.set_budget(self.budget);
        let language = self.prover.language();
        Ok(prove::prove(program, language, report, self.prover.compile(), self.limits))
    }
}

/// The language that `--language` names.
pub fn named_language(common: &Common) -> Result<Option<&'static Language>, Failure> {
    language_of_name(common.shown.page.language.as_deref())
}

/// The language of a name that was given.
pub fn language_of_name(name: Option<&str>) -> Result<Option<&'static Language>, Failure> {
    let Some(name) = name else { return Ok(None) };
    let lower = name.to_lowercase();
    let lower = if lower == "c++" { "cpp" } else { lower.as_str() };
    let found = language::by_id(lower);
    let known = || language::LANGUAGES.iter().map(|l| l.id).collect::<Vec<_>>().join(", ");
    found.map(Some).ok_or_else(|| {
        Failure::said(format!("'{name}' is no language that Erratum knows. It knows {}.", known()))
    })
}

/// What the options want looked for.
pub fn limits(common: &Common) -> prove::Limits {
    let warnings = if common.warnings { prove::Warnings::All } else { prove::Warnings::Grave };
    prove::Limits { warnings, ..prove::Limits::default() }
}

/// How long a search may take in a folder.
pub fn budget(compile: &Compile, folder: &Path) -> Result<Duration, Failure> {
    let toolbox = Toolbox::new(folder)?;
    let seconds = compile.budget.or(toolbox.config().budget).unwrap_or(BUDGET);
    Ok(Duration::from_secs_f64(seconds))
}

/// Compiles the files as they stand, and finds the mistakes.
pub fn examine(
    files: &[PathBuf],
    common: &Common,
    compile: &Compile,
    proof: bool,
) -> Result<Examined, Failure> {
    examine_with(files, common, compile, proof, &[])
}

/// The same with further arguments for the compiler.
pub fn examine_with(
    files: &[PathBuf],
    common: &Common,
    compile: &Compile,
    proof: bool,
    arguments: &[String],
) -> Result<Examined, Failure> {
    let project = Project::open(files, named_language(common)?)?;
    examine_project(project, files, common, compile, proof, arguments, None)
}

/// Compiles files that were read, and finds the mistakes. A compiler that an earlier look has kept
/// warm goes on to work.
pub fn examine_project(
    project: Project,
    files: &[PathBuf],
    common: &Common,
    compile: &Compile,
    proof: bool,
    arguments: &[String],
    before: Option<Prover>,
) -> Result<Examined, Failure> {
    let folder = files.first().and_then(|file| file.parent()).filter(|f| !f.as_os_str().is_empty());
    let toolbox = Toolbox::new(folder.unwrap_or(Path::new(".")))?;
    let mut found = toolbox.find(project.language, compile.compiler.as_deref())?;
    found.arguments.extend_from_slice(arguments);
    let budget = compile.budget.or(toolbox.config().budget).unwrap_or(BUDGET);
    let language = project.language;
    let program = project.program.clone();
    let mut session = Session::new(project, found, Limits::default())?;
    if let Some(Prover::Files(mut before)) = before {
        session.adopt(&mut before);
    }
    let first = session.first()?;
    let budget = Duration::from_secs_f64(budget);
    session.set_budget(budget);
    let build = session.build(first.exit);
    let limits = limits(common);
    let (mut verdict, mended) = if proof {
        let found = prove::prove(&program, language, first, &session, limits);
        (found.verdict, found.mended)
    } else {
        (judged(&program, language, &first, &session, limits), program.clone())
    };
    verdict.build = build;
    let prover = Prover::Files(Box::new(session));
    let program = with_files(program, &verdict, &prover);
    Ok(Examined { verdict, program, mended, prover, budget, limits })
}

fn judged(
    program: &Program,
    language: &'static Language,
    report: &Report,
    session: &Session,
    limits: prove::Limits,
) -> Verdict {
    use erratum_core::prove::Compile;
    prove::judge(program, Some(language), report, session.compiler(), limits)
}

/// Adds the files that the verdict speaks of beside those that were named.
pub fn with_files(mut program: Program, verdict: &Verdict, prover: &Prover) -> Program {
    let places = verdict.messages.iter().filter_map(|m| m.at.as_ref()).map(|at| &at.file);
    let edits = verdict
        .roots
        .iter()
        .flat_map(|r| r.fixes.iter().flat_map(|f| f.bytes.iter().map(|e| &e.file)));
    for name in places.chain(edits) {
        if program.file(name).is_none()
            && let Some(source) = prover.source(name)
        {
            program.set(source);
        }
    }
    program
}
