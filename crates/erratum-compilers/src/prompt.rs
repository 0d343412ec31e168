//! GHC's interactive mode, kept running: it loads copies in a tenth of the time of a cold start.

use crate::confine;
use crate::error::Error;
use crate::resident::Request;
use crate::run::{self, Limits};
use crate::scratch::Scratch;
use crate::{os, registry};
use erratum_repair::message::Message;
use erratum_repair::read;
use erratum_repair::search::Report;
use std::io::{BufReader, Read, Write};
use std::path::Path;
use std::process::{Child, ChildStdin, Stdio};
use std::sync::mpsc::{self, Receiver};
use std::time::{Duration, Instant};

/// Ends each answer.
const MARK: u8 = 0x1e;

pub(crate) struct Prompt {
    child: Child,
    input: ChildStdin,
    answers: Receiver<Vec<u8>>,
    version: String,
    /// Where it looks for modules now.
    searched: Vec<String>,
    // Its folder for temporary files, which goes after it.
    _scratch: Scratch,
}

impl Prompt {
    /// Starts it.
    ///
    /// # Errors
    /// When it does not start or does not answer.
    pub fn start(path: &Path, arguments: &[String], limits: &Limits) -> Result<Prompt, Error> {
        let fail = |what: &str| Error::Ended { compiler: "ghc".into(), what: what.into() };
        let scratch = Scratch::new()?;
        let mut command = confine::command(path, &[scratch.path()], false);
        command
            .args(["--interactive", "-ignore-dot-ghci", "-v1"])
            .args(arguments)
            .env("LC_ALL", "C.UTF-8")
            .env("TERM", "dumb")
            .stdin(Stdio::piped())
            .stdout(Stdio::piped());
        let (reader, writer) = std::io::pipe().map_err(|_| fail("cannot be read"))?;
        // What it says comes on both outputs, in this order only if they are one.
        command.stdout(writer.try_clone().map_err(|_| fail("cannot be read"))?).stderr(writer);
        let mut child =
            run::spawn(&mut command, limits).map_err(|_| fail("could not be started"))?;
        drop(command);
        let input = child.stdin.take().ok_or_else(|| fail("has no input"))?;
        let answers = answers(reader, limits.output);
        let (version, searched) = (String::new(), Vec::new());
        let mut prompt = Prompt { child, input, answers, version, searched, _scratch: scratch };
        let mark = format!("\\x{MARK:x}");
        let deadline = Instant::now() + limits.time;
        let hello = prompt.ask(&format!(":set prompt \"{mark}\"\n"), deadline)?;
        let hello = String::from_utf8_lossy(&hello).into_owned();
        prompt.version = hello
            .split_once("version ")
            .and_then(|(_, rest)| rest.split([':', ' ', ',']).next())
            .unwrap_or("")
            .to_owned();
        Ok(prompt)
    }

    /// The version of the compiler.
    pub fn version(&self) -> &str {
        &self.version
    }

    fn ask(&mut self, text: &str, deadline: Instant) -> Result<Vec<u8>, Error> {
        let fail = |what: &str| Error::Ended { compiler: "ghc".into(), what: what.into() };
        self.input
            .write_all(text.as_bytes())
            .and_then(|()| self.input.flush())
            .map_err(|_| fail("ended unexpectedly"))?;
        let wait = deadline.saturating_duration_since(Instant::now()).max(Duration::from_millis(1));
        self.answers.recv_timeout(wait).map_err(|_| fail("did not answer in time"))
    }

    /// Checks copies, one after the other.
    ///
    /// # Errors
    /// When it died or did not answer in time; it must not be used again then.
    pub fn check(&mut self, requests: &[Request], time: Duration) -> Result<Vec<Report>, Error> {
        let deadline = Instant::now() + time;
        let mut reports = Vec::with_capacity(requests.len());
        for request in requests {
            let quoted =
                |file: &String| format!("\"{}\"", file.replace('\\', "\\\\").replace('"', "\\\""));
            let files: Vec<String> = request.files.iter().map(quoted).collect();
            if self.searched != request.searched {
                // Alone, `-i` forgets all folders.
                let own = [".".to_owned()];
                let all: Vec<&str> =
                    own.iter().chain(&request.searched).map(String::as_str).collect();
                self.ask(&format!(":set -i \"-i{}\"\n", all.join(":")), deadline)?;
                self.searched.clone_from(&request.searched);
            }
            self.ask(&format!(":cd {}\n", request.folder), deadline)?;
            let said = self.ask(&format!(":load {}\n", files.join(" ")), deadline)?;
            let reading = read::read(&said);
            let failed = reading.messages.iter().any(Message::is_error);
            let exit = Some(i32::from(failed));
            if !failed && String::from_utf8_lossy(&said).contains("Failed,") {
                return Err(Error::Ended {
                    compiler: "ghc".into(),
                    what: "failed without a message that can be read".into(),
                });
            }
            reports.push(Report { messages: reading.messages, exit, dropped: reading.dropped });
        }
        Ok(reports)
    }
}

/// What is printed between two marks, piece by piece.
fn answers(reader: impl Read + Send + 'static, limit: usize) -> Receiver<Vec<u8>> {
    let (sender, answers) = mpsc::channel();
    std::thread::spawn(move || {
        let mut answer = Vec::new();
        for byte in BufReader::new(reader).bytes() {
            match byte {
                Ok(MARK) => {
                    if sender.send(std::mem::take(&mut answer)).is_err() {
                        return;
                    }
                }
                Ok(byte) if answer.len() < limit => answer.push(byte),
                Ok(_) => {}
                Err(_) => return,
            }
        }
    });
    answers
}

impl Drop for Prompt {
    fn drop(&mut self) {
        os::kill_group(self.child.id());
        let _ = self.child.kill();
        let _ = self.child.wait();
        registry::child_ended(self.child.id());
    }
}
