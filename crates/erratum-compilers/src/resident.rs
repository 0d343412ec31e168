//! A javac that stays: one JVM for the length of a command, which checks copies through the public
//! compiler interface of the JDK. A cold javac takes about a second, this one a tenth of it.

use crate::error::Error;
use crate::registry;
use crate::run::{self, Limits};
use crate::scratch::Scratch;
use erratum_core::message::{Message, Note, Place, Severity, merge_doubles};
use erratum_core::prove::Report;
use erratum_core::source::ColumnUnit;
use std::collections::HashMap;
use std::io::{BufRead, BufReader, Write};
use std::path::Path;
use std::process::{Child, ChildStdin, Command, Stdio};
use std::sync::mpsc::{self, Receiver};
use std::time::{Duration, Instant};

const SOURCE: &str = include_str!("Resident.java");

/// Separates the fields of a line.
const FIELD: char = '\u{1f}';

/// The most messages that are kept of one check.
const MOST: usize = 5_000;

pub(crate) struct Resident {
    child: Child,
    input: ChildStdin,
    lines: Receiver<String>,
    version: String,
    next: usize,
}

/// One check: the folder of the copy, its source root, and the files in it.
pub(crate) struct Request {
    pub folder: String,
    pub source_root: String,
    pub files: Vec<String>,
}

impl Resident {
    /// Starts the JVM. `javac` is used to find the `java` beside it.
    pub fn start(javac: &Path, scratch: &Scratch, limits: &Limits) -> Result<Resident, Error> {
        let fail = |what: &str| Error::Ended { compiler: "java".into(), what: what.into() };
        let real = javac.canonicalize().unwrap_or_else(|_| javac.to_owned());
        let java = real.with_file_name(if cfg!(windows) { "java.exe" } else { "java" });
        let source = scratch.path().join("Resident.java");
        std::fs::write(&source, SOURCE).map_err(|source| Error::Scratch { source })?;
        let mut command = Command::new(java);
        command
            .args(["-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xshare:auto", "-Xmx768m"])
            .args(["-Duser.language=en", "-Dfile.encoding=UTF-8"])
            .arg(&source)
            .current_dir(scratch.path())
            .stdin(Stdio::piped())
            .stdout(Stdio::piped())
            .stderr(Stdio::null());
        let mut child =
            run::spawn(&mut command, limits).map_err(|_| fail("could not be started"))?;
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
        let mut resident = Resident { child, input, lines, version: String::new(), next: 0 };
        let hello = resident.line(Instant::now() + limits.time)?;
        resident.version =
            hello.strip_prefix("ready ").ok_or_else(|| fail("gave no answer"))?.to_owned();
        Ok(resident)
    }

    /// The version of the compiler inside.
    pub fn version(&self) -> &str {
        &self.version
    }

    fn line(&mut self, deadline: Instant) -> Result<String, Error> {
        let wait = deadline.saturating_duration_since(Instant::now()).max(Duration::from_millis(1));
        self.lines.recv_timeout(wait).map_err(|_| Error::Ended {
            compiler: "javac".into(),
            what: "did not answer in time".into(),
        })
    }

    /// Checks several copies at once; the answers stand in the order of the requests.
    ///
    /// # Errors
    /// When the JVM died or did not answer in time; it must not be used again then.
    pub fn check(&mut self, requests: &[Request], time: Duration) -> Result<Vec<Report>, Error> {
        let died = |_| Error::Ended { compiler: "javac".into(), what: "ended unexpectedly".into() };
        let first = self.next;
        for request in requests {
            let mut fields =
                vec![self.next.to_string(), request.folder.clone(), request.source_root.clone()];
            fields.extend(request.files.iter().cloned());
            let line = fields.join(&FIELD.to_string());
            writeln!(self.input, "{line}").map_err(died)?;
            self.next += 1;
        }
        self.input.flush().map_err(died)?;
        let deadline = Instant::now() + time;
        let mut reports: HashMap<usize, Report> = HashMap::new();
        let mut open: HashMap<usize, Vec<Message>> = HashMap::new();
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
                        messages.extend(message(&fields));
                    }
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
        registry::kill_group(self.child.id());
        let _ = self.child.kill();
        let _ = self.child.wait();
        registry::child_ended(self.child.id());
    }
}

/// `message, id, kind, key, file, line, column, end line, end column, text`.
fn message(fields: &[&str]) -> Option<Message> {
    let &[_, _, kind, key, file, line, column, end_line, end_column, text] = fields else {
        return None;
    };
    let severity = match kind {
        "ERROR" => Severity::Error,
        "WARNING" | "MANDATORY_WARNING" => Severity::Warning,
        _ => return None,
    };
    let number = |text: &str| text.parse::<u32>().ok();
    let text = text.replace("\\n", "\n").replace("\\\\", "\\");
    let text = short_names(&text);
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
    message.code = Some(code);
    message.unit = ColumnUnit::Utf16;
    if !file.is_empty() {
        message.at = Some(Place {
            file: file.to_owned(),
            line: number(line)?,
            column: number(column)?,
            end_line: number(end_line)?,
            end_column: number(end_column)?,
        });
    }
    message.notes = lines.map(|line| Note { text: line.trim().to_owned(), at: None }).collect();
    Some(message)
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
