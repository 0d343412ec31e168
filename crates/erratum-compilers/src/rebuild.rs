//! A build command of the learner's, run again on copies of the project: for programs of several
//! files, tools and languages, where no single compiler run says what the build says.

use crate::compilers::KINDS;
use crate::confine;
use crate::deadline::Deadline;
use crate::error::Error;
use crate::os;
use crate::run::{self, Ended, Limits};
use crate::scratch::{Copy, Scratch};
use erratum_repair::message::Message;
use erratum_repair::read::LogReader;
use erratum_repair::search::{Compile, Depth, Report};
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};
use std::fs;
use std::path::{Path, PathBuf};
use std::sync::Mutex;
use std::sync::atomic::{AtomicUsize, Ordering};
use std::thread;
use std::time::{Duration, Instant};

/// How many copies are built at a time.
const WORKERS: usize = 2;

/// The most files that are copied, and the most bytes of all of them together.
const MOST_FILES: usize = 3_000;
const MOST_BYTES: u64 = 64 << 20;

/// What a build may take at least, however little of the budget is left.
const LEAST: Duration = Duration::from_millis(500);

/// How often a build is run on copies at most, unless there is more time for it than usual.
const MOST_BUILDS: usize = 12;

/// The time that a search has usually.
const USUAL: Duration = Duration::from_secs(5);

/// A build command at work on copies of the folder it was given in.
pub struct Rebuild {
    command: Vec<String>,
    root: PathBuf,
    compiler: &'static str,
    limits: Limits,
    deadline: Deadline,
    copies: Mutex<Vec<Copy>>,
    /// How often it was run, and how often it may be.
    runs: AtomicUsize,
    most: usize,
    /// The names of all files that were copied.
    names: Vec<String>,
    // Last, so that the folder goes after everything that works in it.
    _scratch: Scratch,
}

impl Rebuild {
    /// Copies the folder, without what its ignore files leave out. `compiler` is whose messages the
    /// build prints.
    ///
    /// # Errors
    /// When the folder holds too much to be copied, or the scratch folder cannot be written.
    pub fn new(
        command: &[String],
        root: &Path,
        compiler: &'static str,
        limits: Limits,
    ) -> Result<Rebuild, Error> {
        let root = dunce::canonicalize(root).unwrap_or_else(|_| root.to_owned());
        let files = tree(&root)?;
        let scratch = Scratch::new()?;
        let copies = (0..WORKERS)
            .map(|number| Copy::new(&scratch, number, &files))
            .collect::<Result<Vec<_>, _>>()?;
        for copy in &copies {
            lend_packages(&root, &copy.folder);
            for (name, _) in &files {
                // Scripts that a build starts must stay executable.
                os::same_mode(&root.join(name), &copy.folder.join(name))
                    .map_err(|source| Error::Scratch { source })?;
            }
        }
        Ok(Rebuild {
            command: command.to_vec(),
            root,
            compiler,
            limits,
            deadline: Deadline::default(),
            copies: Mutex::new(copies),
            runs: AtomicUsize::new(0),
            most: usize::MAX,
            names: files.into_iter().map(|(name, _)| name).collect(),
            _scratch: scratch,
        })
    }

    /// From now on, a search may take this long.
    pub fn set_budget(&mut self, budget: Duration) {
        self.deadline = Deadline::after(budget);
        self.most = if budget > USUAL { usize::MAX } else { MOST_BUILDS };
    }

    /// A search may build so many copies, whatever its budget.
    pub fn set_usual_limit(&mut self) {
        self.most = MOST_BUILDS;
    }

    /// The search is over: what is built from now on has no budget.
    pub fn lift_budget(&mut self) {
        self.deadline = Deadline::default();
        self.most = usize::MAX;
    }

    /// Builds the project as it stands.
    ///
    /// # Errors
    /// When the command cannot be started or does not come to its end.
    pub fn first(&mut self, program: &Program) -> Result<Report, Error> {
        let started = Instant::now();
        let result = self.check(std::slice::from_ref(program)).remove(0);
        let took = started.elapsed().max(Duration::from_secs(1)) * 4;
        self.limits.time = self.limits.time.min(took);
        result
    }

    fn check(&self, programs: &[Program]) -> Vec<Result<Report, Error>> {
        let mut copies = self.copies.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
        let mut results = Vec::with_capacity(programs.len());
        for batch in programs.chunks(WORKERS) {
            let held: Vec<Result<PathBuf, Error>> = copies
                .iter_mut()
                .zip(batch)
                .map(|(copy, program)| copy.hold(program).map(|()| copy.folder.clone()))
                .collect();
            let built: Vec<_> = thread::scope(|scope| {
                let jobs: Vec<_> = held
                    .into_iter()
                    .map(|folder| scope.spawn(move || self.build(&folder?)))
                    .collect();
                jobs.into_iter()
                    .map(|job| job.join().unwrap_or_else(|_| Err(self.ended("could not be run"))))
                    .collect()
            });
            results.extend(built);
        }
        results
    }

    fn build(&self, folder: &Path) -> Result<Report, Error> {
        let Some((name, arguments)) = self.command.split_first() else {
            return Err(self.ended("is empty"));
        };
        let scratch = folder.parent().unwrap_or(folder);
        let mut command = confine::command(Path::new(name), &[scratch], true);
        command
            .args(arguments)
            .current_dir(folder)
            .env("LC_ALL", "C.UTF-8")
            .env("LANGUAGE", "en")
            .env("PWD", folder);
        self.runs.fetch_add(1, Ordering::Relaxed);
        let time = self.deadline.time_for(self.limits.time, LEAST);
        let limits = Limits { time, ..self.limits };
        let output = run::run_merged(&mut command, &limits)
            .map_err(|error| self.ended(&format!("could not be started: {error}")))?;
        if let Some(what) = output.ended.trouble(&limits) {
            return Err(self.ended(&format!("{what}.")));
        }
        let full = dunce::canonicalize(folder).unwrap_or_else(|_| folder.to_owned());
        let mut reader = LogReader::new().in_folder(&full);
        reader.feed(&output.stdout);
        let reading = reader.finish();
        let failed = reading.messages.iter().any(Message::is_error);
        if output.ended != Ended::Exit(0) && !failed {
            return Err(self.ended("failed without a message that can be read."));
        }
        let mut messages = reading.messages;
        messages.retain(|message| self.is_own(message));
        for message in &mut messages {
            let find = |name: &str| fs::read(folder.join(name)).ok();
            message.resolve(&mut |name| find(name).map(|bytes| Source::new(name, bytes)));
        }
        let exit = if let Ended::Exit(exit) = output.ended { Some(exit) } else { None };
        Ok(Report { messages, exit, dropped: reading.dropped })
    }

    /// Whether a message may be of the compiler at hand: not those of the build's other languages.
    fn is_own(&self, message: &Message) -> bool {
        let kind = KINDS.iter().find(|kind| kind.name == self.compiler);
        let own = kind.and_then(|kind| language::by_id(kind.language));
        let of = |name: &str| language::by_file_name(name);
        let other = message.at.as_ref().and_then(|at| of(&at.file));
        own.zip(other).is_none_or(|(own, other)| own.goes_with(other))
    }

    fn ended(&self, what: &str) -> Error {
        let compiler = self.command.first().cloned().unwrap_or_default();
        Error::Ended { compiler, what: what.to_owned() }
    }
}

impl Compile for Rebuild {
    fn compiler(&self) -> &str {
        self.compiler
    }

    fn compile(&self, programs: &[Program], _depth: Depth) -> Vec<Result<Report, String>> {
        self.check(programs).into_iter().map(|result| result.map_err(|e| e.to_string())).collect()
    }

    fn width(&self) -> usize {
        WORKERS
    }

    fn expired(&self) -> bool {
        // A batch may still be started.
        self.deadline.expired() || self.runs.load(Ordering::Relaxed) + WORKERS > self.most
    }

    fn source(&self, name: &str) -> Option<Source> {
        let path = Path::new(name);
        if path.is_absolute() || name.contains("..") {
            return None;
        }
        Some(Source::new(name, fs::read(self.root.join(path)).ok()?))
    }

    fn neighbours(&self) -> Vec<Source> {
        let language = KINDS.iter().find(|kind| kind.name == self.compiler).map(|k| k.language);
        let same = |name: &&String| {
            language.is_some() && language::by_file_name(name).map(|l| l.id) == language
        };
        self.names.iter().filter(same).take(400).filter_map(|name| self.source(name)).collect()
    }
}

/// Every file below a folder that its ignore files do not leave out.
fn tree(root: &Path) -> Result<Vec<(String, Vec<u8>)>, Error> {
    let walk = ignore::WalkBuilder::new(root)
        .hidden(false)
        .require_git(false)
        .parents(true)
        .filter_entry(|entry| !matches!(entry.file_name().to_str(), Some(".git" | "node_modules")))
        .build();
    let (mut files, mut bytes) = (Vec::new(), 0);
    for entry in walk.flatten().filter(|entry| entry.file_type().is_some_and(|t| t.is_file())) {
        bytes += entry.metadata().map_or(0, |data| data.len());
        if files.len() >= MOST_FILES || bytes > MOST_BYTES {
            return Err(Error::TooLarge {
                path: root.to_owned(),
                files: MOST_FILES,
                bytes: MOST_BYTES,
            });
        }
        let Ok(relative) = entry.path().strip_prefix(root) else { continue };
        // A copy without it could say something else than the project.
        let text = fs::read(entry.path()).map_err(|error| Error::Unreadable {
            path: entry.path().to_owned(),
            reason: format!("{error}. Allow reading it, or name it in an ignore file."),
        })?;
        files.push((relative.to_string_lossy().replace('\\', "/"), text));
    }
    Ok(files)
}

/// Installed packages are large and only read: the copy looks into the learner's.
fn lend_packages(root: &Path, copy: &Path) {
    let packages = root.join("node_modules");
    if packages.is_dir() {
        // Without them the build says so, and what a copy says differently is no proof.
        let _ = os::lend_folder(&packages, &copy.join("node_modules"));
    }
}
