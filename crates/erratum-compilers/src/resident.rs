//! Compilers that stay for the length of a command and check copies through their public interface:
//! javac and scalac in a JVM, tsc in Node, mcs in Mono. A cold javac takes about a second, a warm one a tenth of
//! it; for scalac and tsc it is much the same.

use crate::cache::{Cache, Key, NotPrepared};
use crate::confine;
use crate::error::Error;
use crate::run::{self, Ended, Limits};
use crate::scratch::Scratch;
use crate::{os, registry};
use erratum_repair::message::{Message, Note, Place, Severity, merge_doubles};
use erratum_repair::read::{self, Reading};
use erratum_repair::search::Report;
use erratum_syntax::source::ColumnUnit;
use std::collections::HashMap;
use std::io::{self, BufRead, BufReader, Write};
use std::path::{Path, PathBuf};
use std::process::{Child, ChildStdin, Command, Stdio};
use std::sync::mpsc::{self, Receiver};
use std::time::{Duration, Instant};

/// A helper in which a kind of compiler is kept running.
#[derive(Debug)]
pub(crate) struct Host {
    /// The file that is run.
    pub file: &'static str,
    /// Its text.
    pub source: &'static str,
    /// How it is run, for the compiler's path; or what the compiler lacks for it.
    pub command: fn(&Path, &Work) -> Result<Command, String>,
    /// What makes it start sooner, if anything does.
    pub prepare: Option<Prepare>,
    /// Whether all lines of a message are one text, not a text and remarks.
    pub joined: bool,
    /// Whether the names of types come with their package.
    pub packages: bool,
    /// Whether it takes the compiler's arguments and hands on what the compiler prints, in the place
    /// of files and messages.
    pub printed: bool,
    /// Whether it is so long in coming, unless it was prepared, that nobody should wait for it.
    pub slow: bool,
}

/// What a host usually is not.
pub(crate) const PLAIN: Host = Host {
    file: "",
    source: "",
    command: |_, _| Err(String::new()),
    prepare: None,
    joined: false,
    packages: false,
    printed: false,
    slow: false,
};

/// What a helper is started from.
pub(crate) enum Work<'a> {
    /// From its text.
    Plain {
        /// The file with it.
        helper: &'a Path,
    },
    /// From what was prepared.
    Prepared {
        /// The folder of the entry.
        folder: &'a Path,
        /// The name of the helper.
        main: &'a str,
    },
}

/// What can be prepared for a helper.
#[derive(Debug)]
pub(crate) struct Prepare {
    /// What it is, in a few words.
    pub what: &'static str,
    /// The flags with which it is made and used.
    pub flags: &'static [&'static str],
    /// Another text that goes into it.
    pub with: Option<&'static str>,
    /// The compiler's own files that it depends on, for the compiler's path.
    pub from: fn(&Path) -> Result<Vec<PathBuf>, String>,
    /// Puts it into a folder, for the compiler's path and the file with the helper's text.
    pub make: fn(&Path, &Path, &Path) -> Result<(), String>,
}

impl Host {
    /// What of it is prepared for a compiler; `None` if nothing can be.
    fn key(&self, path: &Path) -> Option<Result<Key, String>> {
        let prepare = self.prepare.as_ref()?;
        let mut facts: Vec<String> = prepare.flags.iter().map(|flag| (*flag).to_owned()).collect();
        facts.push(self.source.to_owned());
        facts.extend(prepare.with.map(str::to_owned));
        let key = (prepare.from)(path)
            .and_then(|from| Key::new(prepare.what, facts, &from).map_err(|e| e.to_string()));
        Some(key)
    }

    /// Whether a compiler must not be waited for while its helper comes.
    pub fn comes_late(&self, path: &Path, cache: Option<&Cache>) -> bool {
        let real = || dunce::canonicalize(path).unwrap_or_else(|_| path.to_owned());
        self.slow && self.prepared(&real(), cache).is_none()
    }

    /// What was prepared of it for a compiler.
    fn prepared(&self, path: &Path, cache: Option<&Cache>) -> Option<PathBuf> {
        cache?.get(&self.key(path)?.ok()?)
    }

    /// Whether it can be prepared for a compiler, and is not.
    pub fn gains(&self, path: &Path, cache: &Cache) -> bool {
        let real = dunce::canonicalize(path).unwrap_or_else(|_| path.to_owned());
        matches!(self.key(&real), Some(Ok(key)) if cache.lacks(&key))
    }

    /// Prepares it for a compiler. Returns what it is and how many bytes it takes; `None` if nothing
    /// can be prepared.
    pub fn prepare(
        &self,
        path: &Path,
        cache: &Cache,
    ) -> Option<(String, Result<u64, NotPrepared>)> {
        let prepare = self.prepare.as_ref()?;
        let real = dunce::canonicalize(path).unwrap_or_else(|_| path.to_owned());
        let key = self.key(&real)?.map_err(NotPrepared::Refused);
        let made = key.and_then(|key| {
            let scratch = tempfile::tempdir()?;
            let helper = scratch.path().join(self.file);
            std::fs::write(&helper, self.source)?;
            cache.make(&key, |folder| {
                let made = (prepare.make)(&real, &helper, folder).map_err(NotPrepared::Refused);
                made.map(|()| Vec::new())
            })
        });
        Some((prepare.what.to_owned(), made))
    }
}

/// How long one step of preparing may take.
const STEP: Duration = Duration::from_secs(60);

/// Runs one step of preparing.
pub(crate) fn step(command: &mut Command) -> Result<(), String> {
    let limits = Limits { time: STEP, ..Limits::default() };
    let output = run::run_with_input(command, &limits).map_err(|error| error.to_string())?;
    match output.ended {
        Ended::Exit(0) => Ok(()),
        ended => Err(ended.trouble(&limits).unwrap_or_else(|| {
            let said = String::from_utf8_lossy(&output.stderr);
            said.lines().find(|line| !line.is_empty()).unwrap_or("it failed").to_owned()
        })),
    }
}

/// Separates the fields of a line.
pub(crate) const FIELD: char = '\u{1f}';

/// The most messages that are kept of one check.
const MOST: usize = 5_000;

pub(crate) struct Resident {
    /// There until this goes.
    child: Option<Child>,
    input: ChildStdin,
    lines: Receiver<String>,
    version: String,
    next: usize,
    compiler: &'static str,
    host: &'static Host,
    // Its folder for temporary files, which goes after it.
    _scratch: Scratch,
}

/// One check: the folder of the copy, the roots from which its imports are meant, further folders in it in
/// which modules lie, and its files.
pub(crate) struct Request {
    pub folder: String,
    pub root: String,
    pub searched: Vec<String>,
    /// Or all arguments of the compiler, where its helper takes them.
    pub files: Vec<String>,
}

impl Resident {
    /// Starts a compiler in its helper. `path` is where it was found; `noticed` is told of the process.
    ///
    /// # Errors
    /// When something is lacking for it, or it does not answer.
    pub fn start(
        name: &'static str,
        host: &'static Host,
        path: &Path,
        limits: &Limits,
        cache: Option<&Cache>,
        noticed: &dyn Fn(u32),
    ) -> Result<Resident, Error> {
        let scratch = Scratch::new()?;
        let fail = |what: &str| Error::Ended { compiler: name.into(), what: what.into() };
        let real = dunce::canonicalize(path).unwrap_or_else(|_| path.to_owned());
        let source = scratch.path().join(host.file);
        std::fs::write(&source, host.source).map_err(|source| Error::Scratch { source })?;
        let prepared = host.prepared(&real, cache);
        let main = source.file_stem().unwrap_or_default().to_string_lossy().into_owned();
        let work = match &prepared {
            Some(folder) => Work::Prepared { folder, main: &main },
            None => Work::Plain { helper: &source },
        };
        let plain = (host.command)(&real, &work).map_err(|what| fail(&what))?;
        let mut command = confine::confined(&plain, &[scratch.path()], false);
        if prepared.is_none() {
            command.current_dir(scratch.path());
        }
        command.stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::null());
        let mut child =
            run::spawn(&mut command, limits).map_err(|_| fail("could not be started"))?;
        noticed(child.id());
        let (Some(input), Some(output)) = (child.stdin.take(), child.stdout.take()) else {
            return Err(fail("has no input or output"));
        };
        let (sender, lines) = mpsc::channel();
        std::thread::spawn(move || {
            let mut output = BufReader::new(output);
            let mut line = Vec::new();
            while output.read_until(b'\n', &mut line).is_ok_and(|read| read > 0) {
                let text = String::from_utf8_lossy(&line).trim_end_matches(['\n', '\r']).to_owned();
                if sender.send(text).is_err() {
                    break;
                }
                line.clear();
            }
        });
        let version = String::new();
        let mut resident = Resident {
            child: Some(child),
            input,
            lines,
            version,
            next: 0,
            compiler: name,
            host,
            _scratch: scratch,
        };
        let hello = resident.line(Instant::now() + limits.time);
        let version = hello.as_deref().ok().and_then(|hello| hello.strip_prefix("ready "));
        match version {
            Some(version) => resident.version = version.to_owned(),
            None => {
                // The next start is from the helper's text.
                if let (Some(folder), Some(cache)) = (&prepared, cache) {
                    let what = host.prepare.as_ref().map_or("", |prepare| prepare.what);
                    cache.discard(folder, what, "it does not start from that");
                }
                return Err(hello.err().unwrap_or_else(|| fail("gave no answer")));
            }
        }
        Ok(resident)
    }

    /// The version of the compiler inside.
    pub fn version(&self) -> &str {
        &self.version
    }

    fn line(&mut self, deadline: Instant) -> Result<String, Error> {
        let wait = deadline.saturating_duration_since(Instant::now()).max(Duration::from_millis(1));
        self.lines.recv_timeout(wait).map_err(|_| Error::Ended {
            compiler: self.compiler.into(),
            what: "did not answer in time".into(),
        })
    }

    /// Checks several copies at once; the answers stand in the order of the requests.
    ///
    /// # Errors
    /// When the compiler died or did not answer in time; it must not be used again then.
    pub fn check(&mut self, requests: &[Request], time: Duration) -> Result<Vec<Report>, Error> {
        let (compiler, host) = (self.compiler, self.host);
        let died = |_: io::Error| Error::Ended {
            compiler: compiler.into(),
            what: "ended unexpectedly".into(),
        };
        let first = self.next;
        for request in requests {
            let mut fields =
                vec![self.next.to_string(), request.folder.clone(), request.root.clone()];
            fields.extend(request.files.iter().cloned());
            let line = fields.join(&FIELD.to_string());
            writeln!(self.input, "{line}").map_err(died)?;
            self.next += 1;
        }
        self.input.flush().map_err(died)?;
        let deadline = Instant::now() + time;
        let mut reports: HashMap<usize, Report> = HashMap::new();
        let mut open: HashMap<usize, Vec<Message>> = HashMap::new();
        let mut printed: HashMap<usize, Reading> = HashMap::new();
        while reports.len() < requests.len() {
            let line = self.line(deadline)?;
            let fields: Vec<&str> = line.split(FIELD).collect();
            let Some(id) =
                fields.get(1).and_then(|id| id.parse::<usize>().ok()).filter(|id| *id >= first)
            else {
                continue;
            };
            match fields[0] {
                "message" => {
                    let messages = open.entry(id).or_default();
                    if messages.len() < MOST {
                        messages.extend(message(&fields, host));
                    }
                }
                "note" => {
                    if let Some(message) = open.get_mut(&id).and_then(|all| all.last_mut()) {
                        message.notes.extend(note(&fields));
                    }
                }
                "said" => {
                    let text = unescaped(fields.get(2).unwrap_or(&""));
                    printed.insert(id, read::read(text.as_bytes()));
                }
                "crash" => return Err(died(io::ErrorKind::Other.into())),
                "done" if host.printed => {
                    let said = printed
                        .remove(&id)
                        .ok_or_else(|| died(io::ErrorKind::InvalidData.into()))?;
                    let failed = said.messages.iter().any(Message::is_error);
                    // A failure without words that can be read is told by the compiler itself.
                    if !failed && fields.get(2) != Some(&"0") {
                        return Err(died(io::ErrorKind::Other.into()));
                    }
                    let (messages, dropped) = (said.messages, said.dropped);
                    reports.insert(id, Report { messages, exit: Some(i32::from(failed)), dropped });
                }
                "done" => {
                    let messages = merge_doubles(open.remove(&id).unwrap_or_default());
                    let failed = messages.iter().any(Message::is_error);
                    let exit = Some(i32::from(failed));
                    reports.insert(id, Report { messages, exit, dropped: 0 });
                }
                _ => {}
            }
        }
        Ok((first..self.next).filter_map(|id| reports.remove(&id)).collect())
    }
}

impl Drop for Resident {
    fn drop(&mut self) {
        let Some(mut child) = self.child.take() else { return };
        os::kill_group(child.id());
        let _ = child.kill();
        // A Java machine takes some 30 ms to go. At the end of a look nobody has to wait for that; a
        // program that stays must wait, else the process is never quite gone.
        let waits = move || {
            let _ = child.wait();
            registry::child_ended(child.id());
        };
        let _ = std::thread::Builder::new().spawn(waits);
    }
}

/// `message, id, kind, key, file, line, column, end line, end column, text`.
fn message(fields: &[&str], host: &Host) -> Option<Message> {
    let &[_, _, kind, key, file, line, column, end_line, end_column, text] = fields else {
        return None;
    };
    let severity = match kind {
        "ERROR" => Severity::Error,
        "WARNING" | "MANDATORY_WARNING" => Severity::Warning,
        _ => return None,
    };
    let text = unescaped(text);
    let text = if host.packages { short_names(&text) } else { text };
    let text =
        if host.joined { text.split_whitespace().collect::<Vec<_>>().join(" ") } else { text };
    let mut lines = text.lines();
    let mut first = lines.next().unwrap_or("").to_owned();
    let lint = first
        .strip_prefix('[')
        .and_then(|rest| rest.split_once("] "))
        .map(|(lint, rest)| (format!("-Xlint:{lint}"), rest.to_owned()));
    let mut code = key.to_owned();
    if let Some((lint, rest)) = lint {
        code = lint;
        first = rest;
    }
    let mut message = Message::new(severity, first);
    message.code = (!code.is_empty()).then_some(code);
    message.unit = ColumnUnit::Utf16;
    if !file.is_empty() {
        message.at = Some(place(file, [line, column, end_line, end_column])?);
    }
    message.notes = lines.map(|line| Note { text: line.trim().to_owned(), at: None }).collect();
    Some(message)
}

/// `note, id, file, line, column, end line, end column, text`: it belongs to the message before.
fn note(fields: &[&str]) -> Option<Note> {
    let &[_, _, file, line, column, end_line, end_column, text] = fields else { return None };
    let at = if file.is_empty() { None } else { place(file, [line, column, end_line, end_column]) };
    Some(Note { text: unescaped(text), at })
}

fn place(file: &str, numbers: [&str; 4]) -> Option<Place> {
    let [line, column, end_line, end_column] = numbers.map(|text| text.parse::<u32>().ok());
    let file = file.to_owned();
    Some(Place { file, line: line?, column: column?, end_line: end_line?, end_column: end_column? })
}

/// Takes back what the host did to line ends and backslashes.
fn unescaped(text: &str) -> String {
    let mut out = String::with_capacity(text.len());
    let mut letters = text.chars();
    while let Some(letter) = letters.next() {
        match letter {
            '\\' => out.extend(letters.next().map(|next| if next == 'n' { '\n' } else { next })),
            other => out.push(other),
        }
    }
    out
}

/// `java.lang.String` as `String`: javac shortens the names of types so when it prints, but not in
/// what its interface gives (seen with JDK 17).
fn short_names(text: &str) -> String {
    let mut out = String::with_capacity(text.len());
    let mut rest = text;
    while let Some(first) = rest.chars().next() {
        let length = rest
            .bytes()
            .take_while(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'.' | b'$'))
            .count();
        if length == 0 {
            out.push(first);
            rest = &rest[first.len_utf8()..];
            continue;
        }
        let word = &rest[..length];
        let is_package = |part: &&str| part.starts_with(|c: char| c.is_ascii_lowercase());
        let packages: usize =
            word.split('.').take_while(is_package).map(|part| part.len() + 1).sum();
        let named = word
            .get(packages..)
            .is_some_and(|name| name.starts_with(|c: char| c.is_ascii_uppercase()));
        out.push_str(if named { &word[packages..] } else { word });
        rest = &rest[length..];
    }
    out
}

#[cfg(test)]
mod tests {
    use super::short_names;

    #[test]
    fn names_of_types_lose_their_package() {
        assert_eq!(
            short_names("java.lang.String cannot be converted to int"),
            "String cannot be converted to int"
        );
        assert_eq!(
            short_names("package java.utl does not exist"),
            "package java.utl does not exist"
        );
        assert_eq!(short_names("java.util.List<java.lang.Integer>."), "List<Integer>.");
    }
}
