//! Compiles copies of one program with one compiler.

mod prepare;
mod stays;
mod templates;

use crate::cache::Cache;
use crate::cargo::{self, CargoPlan};
use crate::compilers::{Inputs, Kind, Link};
use crate::confine;
use crate::deadline::Deadline;
use crate::error::Error;
use crate::headers::{self, Headers};
use crate::project::Project;
use crate::run::{self, Ended, Limits, Output};
use crate::scratch::{Copy, Scratch};
use crate::start;
use crate::toolbox::{self, Found};
use crate::warm::{Coming, Warm};
use erratum_repair::message::Message;
use erratum_repair::read;
use erratum_repair::search::{Compile, Depth, Report};
use erratum_repair::verdict::Build;
use erratum_syntax::newer::Version;
use erratum_syntax::source::{Program, Source};
use std::path::{Path, PathBuf};
use std::process::Command;
use std::sync::mpsc::{self, Sender};
use std::sync::{Arc, Mutex, MutexGuard};
use std::thread::{self, JoinHandle};
use std::time::{Duration, Instant};

/// How many copies are compiled at a time.
const WORKERS: usize = 2;

/// How much longer than a learner's own compile a copy may take before it is given up.
const SLOWER: u32 = 6;

/// How much longer than the first compile is waited for precompiled headers.
const PATIENCE: u32 = 4;

/// What a compile may take at least, however little of the budget is left.
const LEAST: Duration = Duration::from_millis(300);

/// The state that compiling changes.
struct State {
    copies: Vec<Copy>,
    resident: Option<Warm>,
    /// One that is on its way.
    coming: Option<Coming>,
    /// How often it was not there.
    cold: u32,
    /// How many more times a compiler that stays may be started.
    starts: u32,
}

/// The version of a compiler, which it is asked for beside the first compile.
#[derive(Default)]
enum Asked {
    #[default]
    Not,
    Now(JoinHandle<String>),
    Known(String),
}

/// A compiler at work on one program.
pub struct Session {
    project: Project,
    found: Found,
    limits: Limits,
    deadline: Deadline,
    state: Mutex<State>,
    version: Mutex<Asked>,
    /// Whether the version is asked of a program that compiles, too.
    asks_version: bool,
    /// For a Rust project: the file from which the crate starts, and its edition.
    crate_root: Option<(String, String)>,
    /// The quicker check of the compiler, where it can be had.
    alone: Option<PathBuf>,
    origin: PathBuf,
    cache: Option<Arc<Cache>>,
    headers: Option<Headers>,
    /// What asked for the errors in files of the library, in the texts before.
    traced: Mutex<templates::Memory>,
    /// How long the first compile took.
    took: Duration,
    // Last, so that the folder goes after everything that works in it.
    scratch: Scratch,
}

impl Session {
    /// Sets up the scratch copies.
    ///
    /// # Errors
    /// When the scratch folder cannot be made.
    pub fn new(project: Project, mut found: Found, limits: Limits) -> Result<Session, Error> {
        let scratch = Scratch::new()?;
        let mut crate_root = None;
        if let Some(folder) = &project.cargo {
            match cargo::plan(folder, &project) {
                CargoPlan::Rustc { root, edition } => crate_root = Some((root, edition)),
                CargoPlan::Cargo => {
                    if let Some(path) = toolbox::which(Path::new("cargo")) {
                        let kind = Kind::by_name("cargo").unwrap_or(found.kind);
                        found = Found { kind, path, arguments: found.arguments };
                    }
                }
            }
        }
        let neighbours =
            if project.cargo.is_some() { cargo::files(&project) } else { project.neighbours() };
        let copies = (0..WORKERS)
            .map(|number| Copy::new(&scratch, number, &neighbours))
            .collect::<Result<Vec<_>, _>>()?;
        let folder = project
            .program
            .files
            .first()
            .map_or_else(PathBuf::new, |file| project.path(file.name()));
        let origin = dunce::canonicalize(&folder)
            .unwrap_or(folder)
            .parent()
            .map(Path::to_owned)
            .unwrap_or_default();
        let alone =
            found.kind.alone.and_then(|alone| (alone.find)(&found.path, &project.program, &origin));
        let state = Mutex::new(State { copies, resident: None, coming: None, cold: 0, starts: 2 });
        Ok(Session {
            project,
            found,
            limits,
            deadline: Deadline::default(),
            state,
            version: Mutex::default(),
            asks_version: true,
            crate_root,
            alone,
            origin,
            cache: None,
            headers: None,
            traced: Mutex::default(),
            took: Duration::ZERO,
            scratch,
        })
    }

    /// Uses what is prepared in a cache.
    #[must_use]
    pub fn with_cache(mut self, cache: Option<Arc<Cache>>) -> Session {
        self.cache = cache;
        self
    }

    /// From now on, a search may take this long.
    pub fn set_budget(&mut self, budget: Duration) {
        self.deadline = Deadline::after(budget);
    }

    /// The search is over: what is compiled from now on has no budget.
    pub fn lift_budget(&mut self) {
        self.deadline = Deadline::default();
    }

    /// The project it works on.
    pub fn project(&self) -> &Project {
        &self.project
    }

    /// Compiles the program as it stands.
    ///
    /// # Errors
    /// When the compiler does not come to its end.
    pub fn first(&mut self) -> Result<Report, Error> {
        if let (Some(cache), Some(job)) = (&self.cache, self.job()) {
            self.headers = Headers::known(&job, cache);
        }
        let mut asks = if self.starts_headers_early() { self.start_headers() } else { None };
        let started = Instant::now();
        let program = self.project.program.clone();
        let result = self.check(std::slice::from_ref(&program), Depth::Full).remove(0);
        // What a copy may take is measured by what the learner's own program took.
        self.took = started.elapsed();
        let most = self.took.max(Duration::from_millis(500)) * SLOWER;
        self.limits.time = self.limits.time.min(most);
        let broken =
            result.as_ref().is_ok_and(|report| report.messages.iter().any(Message::is_error));
        let errors = |report: &Report| report.messages.iter().filter(|m| m.is_error()).count();
        if result.as_ref().is_ok_and(|report| errors(report) >= stays::MANY_ERRORS) {
            self.send_for_compiler(&mut self.lock());
        }
        if broken && (self.found.kind.stays.is_none() || self.comes_late()) {
            let (kind, path) = (self.found.kind, self.found.path.clone());
            let asked = thread::spawn(move || toolbox::version(kind, &path));
            self.version = Mutex::new(Asked::Now(asked));
        }
        match &result {
            Ok(report) if broken && self.took >= headers::WORTH => {
                if self.headers.is_none() {
                    asks = self.start_headers();
                }
                if let (Some(asks), Some(headers)) = (asks, &self.headers) {
                    let _ = asks.send(report.clone());
                    // Each check without them takes longer than what is left to wait.
                    headers.wait(self.took * PATIENCE);
                }
            }
            _ => {
                if let Some(asks) = asks {
                    if let Some(headers) = &self.headers {
                        headers.stop();
                    }
                    // Whoever waits for the report waits no longer, and can be waited for.
                    drop(asks);
                    self.headers = None;
                }
            }
        }
        result
    }

    /// Whether headers are precompiled beside the first compile: where they are heavy, there is a core for
    /// them, and no earlier look has kept any.
    fn starts_headers_early(&self) -> bool {
        let heavy = self.found.kind.precompile.is_some_and(|precompile| precompile.heavy);
        heavy
            && self.headers.is_none()
            && thread::available_parallelism().is_ok_and(|cores| cores.get() > 1)
    }

    /// Starts to precompile headers, if there are any. They are tried once the first report is sent.
    fn start_headers(&mut self) -> Option<Sender<Report>> {
        let (sender, first) = mpsc::channel();
        let (job, same) = self.precompile(first)?;
        self.headers = Some(Headers::start(job, self.cache.clone(), same));
        Some(sender)
    }

    /// How long the first compile took.
    pub fn took(&self) -> Duration {
        self.took
    }

    /// Leaves the version of the compiler out where the program compiles: asking for it is one more
    /// start of the compiler, for words that nobody reads then.
    pub fn leave_version(&mut self) {
        self.asks_version = false;
    }

    /// What is known of the build, for the verdict.
    pub fn build(&self, exit: Option<i32>) -> Build {
        let broken = exit != Some(0);
        let version = match self.version() {
            Some(known) => known,
            None if broken || self.asks_version => self.found.version(),
            None => String::new(),
        };
        let mut command = vec![self.found.kind.name.to_owned()];
        command.extend(self.arguments(Depth::Full, Path::new(".")));
        Build {
            language: self.project.language.id.to_owned(),
            compiler: self.found.kind.name.to_owned(),
            version,
            command,
            exit,
            folder: self.project.folder().map(|folder| folder.display().to_string()),
            taken: Vec::new(),
        }
    }

    /// The version of the compiler, if it was asked for or is told by one that stays.
    fn version(&self) -> Option<String> {
        let mut asked = self.version.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
        let known = match std::mem::take(&mut *asked) {
            Asked::Now(thread) => Some(thread.join().unwrap_or_default()),
            Asked::Known(known) => Some(known),
            Asked::Not => {
                self.lock().resident.as_ref().map(|resident| resident.version().to_owned())
            }
        }?;
        *asked = Asked::Known(known.clone());
        Some(known)
    }

    /// What is run to check the program by itself: the compiler and its arguments, in a folder.
    pub fn command(&self, depth: Depth, folder: &Path) -> (PathBuf, Vec<String>) {
        let compiler = self.alone.as_ref().unwrap_or(&self.found.path);
        (compiler.clone(), self.arguments(depth, folder))
    }

    fn arguments(&self, depth: Depth, folder: &Path) -> Vec<String> {
        let kind = self.found.kind;
        let mut all = kind.arguments(depth, &self.origin);
        if kind.wants_source_path {
            let root = self.source_roots(&self.project.program, folder);
            all.extend(["-sourcepath".to_owned(), root.clone(), "-cp".to_owned(), root]);
        }
        all.extend((kind.searched)(&self.searched()));
        all.extend(self.project.flags.iter().cloned());
        all.extend(self.found.arguments.iter().cloned());
        let program = &self.project.program;
        if let (Some(alone), Some(_)) = (kind.alone, &self.alone) {
            all = (alone.arguments)(program);
        }
        let crate_root = self.crate_root.as_ref().map(|(root, edition)| (&**root, &**edition));
        all.extend((kind.inputs)(&Inputs { program, crate_root }));
        all
    }

    /// The folders in which the compiler looks for what the texts ask for, from that of the copy.
    fn searched(&self) -> Vec<String> {
        let named = |name: &String| if name.is_empty() { ".".to_owned() } else { name.clone() };
        self.project.searched.iter().map(named).collect()
    }

    /// All folders under which packages lie, in a copy.
    fn source_roots(&self, program: &Program, folder: &Path) -> String {
        let own = self.source_root(program);
        let others = self.project.searched.iter().filter(|name| **name != own);
        let all: Vec<String> = std::iter::once(&own)
            .chain(others)
            .map(|name| folder.join(name).display().to_string())
            .collect();
        all.join(if cfg!(windows) { ";" } else { ":" })
    }

    /// The folder under which Java's packages lie: the file's folder without its package's parts.
    fn source_root(&self, program: &Program) -> String {
        let Some(file) = program.files.first() else { return String::new() };
        let folder = Path::new(file.name()).parent().unwrap_or(Path::new(""));
        let text = String::from_utf8_lossy(file.bytes());
        let package = text
            .lines()
            .find_map(|line| line.trim().strip_prefix("package ")?.trim().strip_suffix(';'));
        let depth = package.map_or(0, |package| package.split('.').count());
        let parts: Vec<_> = folder.components().collect();
        let kept: PathBuf = parts[..parts.len().saturating_sub(depth)].iter().collect();
        kept.display().to_string()
    }

    fn lock(&self) -> MutexGuard<'_, State> {
        self.state.lock().unwrap_or_else(|poisoned| poisoned.into_inner())
    }

    fn check(&self, programs: &[Program], depth: Depth) -> Vec<Result<Report, Error>> {
        let mut state = self.lock();
        let mut results = Vec::with_capacity(programs.len());
        for batch in programs.chunks(WORKERS) {
            results.extend(self.check_batch(batch, depth, &mut state));
        }
        results
    }

    fn check_batch(
        &self,
        batch: &[Program],
        depth: Depth,
        state: &mut State,
    ) -> Vec<Result<Report, Error>> {
        for (copy, program) in state.copies.iter_mut().zip(batch) {
            if let Err(error) = copy.hold(program) {
                return batch.iter().map(|_| Err(scratch_again(&error))).collect();
            }
        }
        let text = |program: &Program| {
            program.files.iter().all(|f| std::str::from_utf8(f.bytes()).is_ok())
        };
        if let Some(stays) = self.found.kind.stays
            && self.takes_arguments(stays)
            && batch.iter().all(text)
            && self.is_there(state)
            && let Some(reports) = self.warm(stays, batch, state)
        {
            return reports.into_iter().map(|report| Ok(self.resolved(report, batch))).collect();
        }
        let folders: Vec<PathBuf> = state.copies.iter().map(|copy| copy.folder.clone()).collect();
        thread::scope(|scope| {
            let jobs: Vec<_> = batch
                .iter()
                .zip(&folders)
                .map(|(program, folder)| scope.spawn(move || self.cold(program, folder, depth)))
                .collect();
            jobs.into_iter()
                .map(|job| job.join().unwrap_or_else(|_| Err(self.ended("could not be run"))))
                .collect()
        })
    }

    /// How long a compile may take now: never beyond the budget.
    fn time_left(&self) -> Duration {
        self.deadline.time_for(self.limits.time, LEAST)
    }

    fn ended(&self, what: &str) -> Error {
        Error::Ended { compiler: self.found.kind.name.to_owned(), what: what.to_owned() }
    }

    /// A run of the compiler as a process of its own.
    fn cold(&self, program: &Program, folder: &Path, depth: Depth) -> Result<Report, Error> {
        let further = self.precompiled(program);
        let (mut output, mut limits) = self.output(program, folder, depth, further)?;
        if !further.is_empty() && headers::proposes_include(&output.stdout, &output.stderr) {
            (output, limits) = self.output(program, folder, depth, &[])?;
        }
        if let Some(what) = output.ended.trouble(&limits) {
            return Err(self.ended(&format!("{what}.")));
        }
        let report = self.report(program, folder, depth, &output)?;
        self.put_together(program, folder, report)
    }

    /// Adds what is said when a program is put together in which the function is misspelt at which it
    /// starts: no check by itself says so.
    fn put_together(
        &self,
        program: &Program,
        folder: &Path,
        mut report: Report,
    ) -> Result<Report, Error> {
        let sound = !report.messages.iter().any(|message| message.is_error());
        let Some(link) = self.found.kind.link.filter(|_| sound) else { return Ok(report) };
        if !start::is_misspelt(program, self.project.language) {
            return Ok(report);
        }
        let mut command = self.confined(&self.found.path, folder);
        match link {
            Link::Files(arguments) => {
                let inputs = (self.found.kind.inputs)(&Inputs { program, crate_root: None });
                command.args(arguments).args(&self.found.arguments).args(inputs);
            }
            Link::Checked(_) if self.alone.is_none() => return Ok(report),
            Link::Checked(arguments) => {
                command.args(arguments);
            }
        }
        let limits = Limits { time: self.time_left(), ..self.limits };
        let output = run::run(&mut command, &limits)
            .map_err(|error| self.ended(&format!("could not be started: {error}")))?;
        if let Some(what) = output.ended.trouble(&limits) {
            return Err(self.ended(&format!("{what}.")));
        }
        let mut reader = read::LogReader::new();
        reader.feed(&output.stderr);
        reader.feed(&output.stdout);
        let said = reader.finish().messages.into_iter();
        // What else is lost may stand in other files of the project.
        let lost = said.filter(|message| message.is_error() && message.text.contains("main"));
        let before = report.messages.len();
        report.messages.extend(lost);
        if report.messages.len() > before {
            report.exit = Some(1);
        }
        Ok(report)
    }

    /// A program that may write only to the scratch folder and to the compiler's own caches, and speaks
    /// English, in a folder.
    fn confined(&self, program: &Path, folder: &Path) -> Command {
        let caches = (self.found.kind.caches)();
        // On a machine that is new to the compiler they are not there, and only what is there can be
        // written to.
        for cache in &caches {
            let _ = std::fs::create_dir_all(cache);
        }
        let mut writable = vec![self.scratch.path()];
        writable.extend(caches.iter().map(PathBuf::as_path));
        let mut command = confine::command(program, &writable, true);
        command.current_dir(folder).env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en");
        command
    }

    /// Runs the compiler on a copy, with further flags.
    fn output(
        &self,
        program: &Program,
        folder: &Path,
        depth: Depth,
        further: &[String],
    ) -> Result<(Output, Limits), Error> {
        let compiler = self.alone.as_ref().unwrap_or(&self.found.path);
        let mut command = self.confined(compiler, folder);
        command
            .args(further)
            .args(self.arguments(depth, folder))
            .env("CARGO_TARGET_DIR", folder.join("erratum-target"))
            .env_remove("GCC_COLORS");
        let latin = program.files.iter().any(|file| std::str::from_utf8(file.bytes()).is_err());
        if self.found.kind.wants_encoding {
            command.args(["-encoding", if latin { "ISO-8859-1" } else { "UTF-8" }]);
        }
        let limits = Limits { time: self.time_left(), ..self.limits };
        let output = run::run(&mut command, &limits)
            .map_err(|error| self.ended(&format!("could not be started: {error}")))?;
        Ok((output, limits))
    }

    /// Reads what the compiler said of a copy.
    fn report(
        &self,
        program: &Program,
        folder: &Path,
        depth: Depth,
        output: &Output,
    ) -> Result<Report, Error> {
        let mut reader = read::LogReader::new();
        reader.feed(&output.stdout);
        reader.feed(b"\n");
        reader.feed(&output.stderr);
        let mut reading = reader.finish();
        self.localise(&mut reading.messages, folder);
        self.trace_templates(program, folder, depth, &mut reading.messages);
        let exit = if let Ended::Exit(exit) = output.ended { Some(exit) } else { None };
        let failed = reading.messages.iter().any(|message| message.is_error());
        let mut errors = reading.messages.iter().filter(|message| message.is_error()).peekable();
        if self.found.kind.places
            && let Some(first) = errors.peek().map(|message| message.text.clone())
            && errors.all(|message| message.at.is_none())
        {
            return Err(self.ended(&format!(
                "could not build the project: {first}. This is no mistake in the program. Erratum uses no \
                 network; what a project needs must be there already."
            )));
        }
        // qmllint ends with a status for any warning, also for one about its installation.
        if exit != Some(0) && !failed && self.found.kind.status_tells {
            let said = String::from_utf8_lossy(&output.stderr);
            let first: Vec<&str> =
                said.lines().filter(|line| !line.trim().is_empty()).take(3).collect();
            let words = if first.is_empty() { "nothing".to_owned() } else { first.join("\n") };
            return Err(self
                .ended(&format!("failed without a message that can be read. It said:\n{words}")));
        }
        let report = Report { messages: reading.messages, exit, dropped: reading.dropped };
        Ok(self.resolved(report, std::slice::from_ref(program)))
    }

    /// The root from which imports are meant.
    fn root_of(&self, program: &Program, folder: &Path) -> String {
        if self.found.kind.root_is_origin {
            return self.origin.display().to_string();
        }
        self.source_roots(program, folder)
    }

    /// Names files as the program does, where the compiler gives the full path of the copy.
    fn localise(&self, messages: &mut [Message], folder: &Path) {
        for message in messages {
            message.rename_files(&|file| {
                let path = Path::new(file);
                let inside = path.strip_prefix(folder).unwrap_or(path);
                inside.display().to_string()
            });
        }
    }

    /// Turns the compiler's columns into characters and its file names into the program's.
    fn resolved(&self, mut report: Report, programs: &[Program]) -> Report {
        let program = programs.first().unwrap_or(&self.project.program);
        for message in &mut report.messages {
            message.rename_files(&|file| own_name(file, program));
            message.resolve(&mut |name| {
                program.file(name).cloned().or_else(|| self.project.neighbour(name))
            });
        }
        report
    }
}

/// The name that a program has for a file that a compiler names: fpc 3.2.2 leaves out the folders.
fn own_name(file: &str, program: &Program) -> String {
    let plain = file.strip_prefix("./").unwrap_or(file);
    let named = |name: &str| Path::new(name).file_name().is_some_and(|name| name == plain);
    let mut fits = program.files.iter().map(Source::name).filter(|name| named(name));
    match (program.file(plain), fits.next(), fits.next()) {
        (None, Some(only), None) => only.to_owned(),
        _ => plain.to_owned(),
    }
}

impl Compile for Session {
    fn compiler(&self) -> &str {
        self.found.kind.name
    }

    fn language_version(&self) -> Option<Version> {
        (self.found.kind.knows)(&self.version()?)
    }

    fn compile(&self, programs: &[Program], depth: Depth) -> Vec<Result<Report, String>> {
        self.check(programs, depth)
            .into_iter()
            .map(|result| result.map_err(|e| e.to_string()))
            .collect()
    }

    fn width(&self) -> usize {
        WORKERS
    }

    fn has_depth(&self) -> bool {
        self.found.kind.late.is_some()
    }

    fn expired(&self) -> bool {
        self.deadline.expired()
    }

    fn source(&self, name: &str) -> Option<Source> {
        self.project.neighbour(name)
    }

    fn neighbours(&self) -> Vec<Source> {
        let all = self.project.neighbours().into_iter();
        all.map(|(name, bytes)| Source::new(name, bytes)).collect()
    }
}

fn scratch_again(error: &Error) -> Error {
    match error {
        Error::Scratch { source } => {
            Error::Scratch { source: std::io::Error::new(source.kind(), source.to_string()) }
        }
        other => Error::Ended { compiler: "erratum".into(), what: other.to_string() },
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_file_is_known_without_its_folders() {
        let source = |name: &str| Source::new(name, Vec::new());
        let mut program = Program::single(source("port/tide.pas"));
        assert_eq!(own_name("tide.pas", &program), "port/tide.pas");
        assert_eq!(own_name("./other.pas", &program), "other.pas");
        program.set(source("sea/tide.pas"));
        assert_eq!(own_name("tide.pas", &program), "tide.pas");
        program.set(source("tide.pas"));
        assert_eq!(own_name("./tide.pas", &program), "tide.pas");
    }
}
