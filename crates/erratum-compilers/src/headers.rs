//! Precompiled headers: the includes at the start of a C or C++ file are most of the work of a check,
//! and the same in every copy. They are compiled once: beside the first compile of the program where they
//! are heavy, else after it if that took long. Every later check of a copy that starts with the same
//! includes begins behind them.
//!
//! The errors of the learner's own program must be the same with and without, else it is not used. Where gcc would propose a further include (it looks for the place among the
//! includes that it has read), the check is made again without.

use crate::cache::{Cache, Key, NotPrepared};
use crate::confine;
use crate::os;
use crate::run::{self, Limits};
use std::fs;
use std::path::{Path, PathBuf};
use std::sync::atomic::{AtomicBool, AtomicU32, Ordering};
use std::sync::{Arc, OnceLock};
use std::thread::{self, JoinHandle};
use std::time::{Duration, Instant};

/// How a compiler makes and takes a precompiled header.
#[derive(Debug)]
pub(crate) struct Precompile {
    /// What makes one of a header.
    pub make: &'static [&'static str],
    /// What its file is called beside the header.
    pub ending: &'static str,
    /// The flag that takes it.
    pub take: &'static str,
    /// Whether that flag wants the header rather than what was made of it.
    pub takes_header: bool,
    /// Flags that it is made and taken with: one header then serves every check.
    pub further: &'static [&'static str],
    /// The program behind the driver that does the work.
    pub program: &'static str,
    /// Whether the headers of nearly every program take long.
    pub heavy: bool,
}

/// A compile that took no longer gains too little.
pub(crate) const WORTH: Duration = Duration::from_millis(250);
/// How long the precompiling of a block may take.
const PATIENCE: Duration = Duration::from_secs(120);

/// The file with the includes, in the folder of an entry, and the list of what they read.
const HEADER: &str = "block.h";
const READ: &str = "block.d";

/// Whether the messages of a program are the same with further flags. It tells of each process that
/// it starts.
pub(crate) type Same<'a> = dyn Fn(&[String], &dyn Fn(u32)) -> bool + Send + 'a;

/// What is to be precompiled for a program.
#[derive(Clone)]
pub(crate) struct Job {
    pub precompile: &'static Precompile,
    pub compiler: PathBuf,
    /// The flags of a check, without what only says where the learner's files stand.
    pub flags: Vec<String>,
    /// The includes, as they stand in the file.
    pub block: String,
    /// The folder of the learner's files: what stands in it may change and is not precompiled.
    pub origin: PathBuf,
    /// Where to put it if it is not to be kept.
    pub scratch: PathBuf,
}

/// A header that is precompiled, or is being so.
pub(crate) struct Headers {
    block: String,
    ready: Arc<OnceLock<Vec<String>>>,
    stop: Arc<Stop>,
    worker: Option<JoinHandle<()>>,
}

/// Ends a job from elsewhere.
#[derive(Default)]
struct Stop {
    now: AtomicBool,
    child: AtomicU32,
    /// Whether somebody waits for the job.
    awaited: bool,
}

impl Stop {
    /// Takes notice of a process of the job.
    fn started(&self, id: u32) {
        if !self.awaited {
            os::lower_priority(id);
        }
        self.child.store(id, Ordering::SeqCst);
        if self.now.load(Ordering::SeqCst) {
            os::kill_group(id);
        }
    }
}

impl Headers {
    /// What an earlier look has kept in a cache.
    pub fn known(job: &Job, cache: &Cache) -> Option<Headers> {
        let flags = job.usable(&cache.get(&job.key().ok()?)?);
        let ready = Arc::new(OnceLock::from(flags));
        Some(Headers { block: job.block.clone(), ready, stop: Arc::default(), worker: None })
    }

    /// Starts to precompile, and keeps what comes of it in a cache that may grow.
    pub fn start(job: Job, cache: Option<Arc<Cache>>, same: Box<Same<'static>>) -> Headers {
        let stop = Stop { awaited: true, ..Stop::default() };
        let (ready, stop) = (Arc::new(OnceLock::new()), Arc::new(stop));
        let block = job.block.clone();
        let (done, ends) = (ready.clone(), stop.clone());
        let worker = thread::spawn(move || {
            if let Some(flags) = job.flags(cache.as_deref(), &same, &ends) {
                let _ = done.set(flags);
            }
            ends.child.store(0, Ordering::SeqCst);
        });
        Headers { block, ready, stop, worker: Some(worker) }
    }

    /// Gives them up; nothing is kept of them.
    pub fn stop(&self) {
        self.stop.now.store(true, Ordering::SeqCst);
        let child = self.stop.child.swap(0, Ordering::SeqCst);
        if child != 0 {
            os::kill_group(child);
        }
    }

    /// Waits until it is known whether they can be used, but no longer than this.
    pub fn wait(&self, patience: Duration) {
        let until = Instant::now() + patience;
        while self.worker.as_ref().is_some_and(|worker| !worker.is_finished())
            && Instant::now() < until
        {
            thread::sleep(Duration::from_millis(2));
        }
    }

    /// The flags with which a text is checked sooner, if they are known by now and it starts with
    /// the same includes.
    pub fn flags_for(&self, text: &[u8]) -> Option<&[String]> {
        let flags = self.ready.get()?;
        let rest = text.strip_prefix(self.block.as_bytes())?;
        // The block ends with its last line: nothing may stand behind that.
        let ends = rest.first().is_none_or(|byte| matches!(byte, b'\n' | b'\r'));
        ends.then_some(flags)
    }
}

impl Drop for Headers {
    fn drop(&mut self) {
        self.stop();
        if let Some(worker) = self.worker.take() {
            // It ends at once: what it waits for was killed.
            let _ = worker.join();
        }
    }
}

impl Job {
    /// Precompiles for a cache.
    ///
    /// # Errors
    /// When it is there, or cannot be made.
    pub fn keep(&self, cache: &Cache, same: &Same) -> Result<u64, NotPrepared> {
        self.keep_unless(cache, same, &Stop::default())
    }

    fn keep_unless(&self, cache: &Cache, same: &Same, stop: &Stop) -> Result<u64, NotPrepared> {
        let key = self.key().map_err(NotPrepared::Refused)?;
        cache.make(&key, |folder| self.tried(folder, same, stop))
    }

    /// What it is, in a few words: the first headers by name.
    pub fn what(&self) -> String {
        let lines = self.block.lines().map(str::trim).filter(|line| is_include(line));
        let names: Vec<&str> = lines.filter_map(|line| Some(&line[line.find('<')?..])).collect();
        match &names[..] {
            [one] => format!("what {one} includes"),
            [one, two] => format!("what {one} and {two} include"),
            [one, two, more @ ..] => {
                format!("what {one}, {two} and {} more include", more.len())
            }
            [] => String::new(),
        }
    }

    /// Whether a cache lacks it.
    pub fn gains(&self, cache: &Cache) -> bool {
        self.key().is_ok_and(|key| cache.lacks(&key))
    }

    /// The flags that take it, once it is made.
    fn flags(&self, cache: Option<&Cache>, same: &Same, stop: &Stop) -> Option<Vec<String>> {
        match cache.map(|cache| (cache, self.keep_unless(cache, same, stop))) {
            Some((cache, Ok(_))) => return Some(self.usable(&cache.get(&self.key().ok()?)?)),
            Some((_, Err(NotPrepared::Refused(_) | NotPrepared::Stopped))) => return None,
            _ => {}
        }
        let folder = self.scratch.join("headers");
        fs::create_dir_all(&folder).ok()?;
        self.tried(&folder, same, stop).ok()?;
        Some(self.usable(&folder))
    }

    /// The flags that take what stands in a folder.
    fn usable(&self, folder: &Path) -> Vec<String> {
        let (header, made) = self.files(folder);
        let path = if self.precompile.takes_header { header } else { made };
        let mut flags = vec![self.precompile.take.to_owned(), path.display().to_string()];
        flags.extend(self.precompile.further.iter().map(|flag| (*flag).to_owned()));
        flags
    }

    fn files(&self, folder: &Path) -> (PathBuf, PathBuf) {
        (folder.join(HEADER), folder.join(format!("{HEADER}.{}", self.precompile.ending)))
    }

    fn key(&self) -> Result<Key, String> {
        let mut from = vec![self.compiler.clone()];
        let asked = format!("-print-prog-name={}", self.precompile.program);
        let limits = Limits { time: Duration::from_secs(5), ..Limits::default() };
        if let Ok(output) =
            run::run(confine::command(&self.compiler, &[], true).arg(asked), &limits)
        {
            let path = PathBuf::from(String::from_utf8_lossy(&output.stdout).trim());
            from.extend(Some(path).filter(|path| path.is_file()));
        }
        let mut facts = self.flags.clone();
        let own = self.precompile.make.iter().chain(self.precompile.further);
        facts.extend(own.map(|flag| (*flag).to_owned()));
        facts.push(self.block.clone());
        Key::new(self.what(), facts, &from).map_err(|error| error.to_string())
    }

    /// Makes it in a folder and tries it; returns the files that the includes read.
    fn tried(&self, folder: &Path, same: &Same, stop: &Stop) -> Result<Vec<PathBuf>, NotPrepared> {
        let made = self.precompile(folder, stop).and_then(|read| {
            let alike = same(&self.usable(folder), &|id| stop.started(id));
            if alike { Ok(read) } else { Err("the messages are others with it".to_owned()) }
        });
        if stop.now.load(Ordering::SeqCst) {
            return Err(NotPrepared::Stopped);
        }
        made.map_err(NotPrepared::Refused)
    }

    /// Makes it in a folder; returns the files that the includes read.
    fn precompile(&self, folder: &Path, stop: &Stop) -> Result<Vec<PathBuf>, String> {
        let failed = |error: std::io::Error| error.to_string();
        let (header, made) = self.files(folder);
        fs::write(&header, format!("{}\n", self.block)).map_err(failed)?;
        let list = folder.join(READ);
        let mut command = confine::command(&self.compiler, &[folder], true);
        command
            .args(self.flags.iter().filter(|flag| *flag != "-fsyntax-only"))
            .args(self.precompile.further)
            .args(self.precompile.make)
            .args(["-MD", "-MF"])
            .arg(&list)
            .arg(&header)
            .arg("-o")
            .arg(&made)
            .current_dir(folder)
            // A driver that is killed leaves its temporary files.
            .env("TMPDIR", folder)
            .env("LC_ALL", "C.UTF-8");
        // Nobody waits for it, and a busy machine needs longer.
        let limits = Limits { time: PATIENCE, ..Limits::default() };
        let output = run::run_noticed(&mut command, &limits, &|id| stop.started(id));
        stop.child.store(0, Ordering::SeqCst);
        if output.map_err(failed)?.ended != run::Ended::Exit(0) || !made.is_file() {
            return Err("the includes cannot be precompiled".to_owned());
        }
        let read = prerequisites(&fs::read_to_string(&list).map_err(failed)?);
        let origin = dunce::canonicalize(&self.origin).unwrap_or_else(|_| self.origin.clone());
        let fixed = |path: &PathBuf| path.is_absolute() && !path.starts_with(&origin);
        let read: Vec<PathBuf> = read.into_iter().filter(|path| *path != header).collect();
        if read.iter().all(fixed) { Ok(read) } else { Err("an include may change".to_owned()) }
    }
}

/// The files behind the colon of a make rule, as compilers write it: a backslash keeps a blank, or
/// goes on in the next line.
fn prerequisites(rule: &str) -> Vec<PathBuf> {
    let rest =
        rule.split_once(": ").or_else(|| rule.split_once(":\\")).map_or("", |(_, rest)| rest);
    let mut all = vec![String::new()];
    let mut letters = rest.chars().peekable();
    while let Some(letter) = letters.next() {
        let last = all.len() - 1;
        match letter {
            '\\' if letters.peek() == Some(&' ') => {
                letters.next();
                all[last].push(' ');
            }
            '\\' if letters.peek().is_some_and(|next| next.is_whitespace()) => {}
            '$' if letters.peek() == Some(&'$') => {}
            letter if letter.is_whitespace() => all.push(String::new()),
            letter => all[last].push(letter),
        }
    }
    all.into_iter().filter(|path| !path.is_empty()).map(PathBuf::from).collect()
}

/// The includes of library headers with which a text starts, if nothing but remarks stands before
/// them: from the start of the text to the end of the last one, without its line break.
pub(crate) fn leading_includes(text: &str) -> Option<&str> {
    let mut end = None;
    let (mut at, mut remark) = (0, false);
    for line in text.split_inclusive('\n') {
        let bare = line.trim();
        if remark || bare.starts_with("/*") {
            match bare.find("*/") {
                None => remark = true,
                // Code may stand behind a remark.
                Some(close) if close + 2 < bare.len() => break,
                Some(_) => remark = false,
            }
        } else if is_include(bare) {
            end = Some(at + line.trim_end_matches(['\n', '\r']).len());
        } else if !bare.is_empty() && !bare.starts_with("//") {
            break;
        }
        // A line that goes on in the next one is not looked at more closely.
        if bare.ends_with('\\') {
            break;
        }
        at += line.len();
    }
    end.map(|end| &text[..end])
}

/// Whether a compiler proposes to include a further header: where, it can only tell with the includes
/// before it (seen with gcc 12).
pub(crate) fn proposes_include(stdout: &[u8], stderr: &[u8]) -> bool {
    [stdout, stderr].iter().any(|text| memchr::memmem::find(text, b"#include").is_some())
}

/// Whether a line asks for a header of the library, and for nothing else.
fn is_include(line: &str) -> bool {
    let name = || {
        let rest = line.strip_prefix('#')?.trim_start().strip_prefix("include")?.trim();
        rest.strip_prefix('<')?.strip_suffix('>')
    };
    name().is_some_and(|name| !name.is_empty() && !name.contains(['<', '>', '"', '/', '\\']))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_block_ends_with_the_last_include_of_the_library() {
        let block = "// tides\n#include <iostream>\n\n/* and\n berths */\n#include <string>";
        let text = format!("{block}\n#include \"quay.h\"\n#include <map>\nint main() {{}}\n");
        assert_eq!(leading_includes(&text), Some(block));
        assert_eq!(leading_includes("#include <map>"), Some("#include <map>"));
    }

    #[test]
    fn what_stands_before_the_includes_may_change_them() {
        for text in [
            "#define NDEBUG\n#include <cassert>\n",
            "#pragma pack(1)\n#include <vector>\n",
            "int berths;\n#include <vector>\n",
            "#include \"quay.h\"\n#include <vector>\n",
            "#include <vector\n#include <map>\n",
            "/* open\n#include <vector>\n",
            "/* tides */ int berths;\n#include <vector>\n",
            "#include <vector> int x;\n",
            "",
        ] {
            assert_eq!(leading_includes(text), None, "{text}");
        }
    }

    #[test]
    fn a_rule_names_its_files() {
        let rule =
            "block.h.gch: /a/block.h \\\n /usr/include/c++/12/map \\\n  /opt/my\\ tools/x.h\n";
        let wanted = ["/a/block.h", "/usr/include/c++/12/map", "/opt/my tools/x.h"];
        assert_eq!(prerequisites(rule), wanted.map(PathBuf::from));
    }
}
