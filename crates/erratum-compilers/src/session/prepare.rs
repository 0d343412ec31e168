//! What a session prepares for itself and for the next one.

use super::Session;
use crate::cache::{Cache, NotPrepared};
use crate::compilers;
use crate::confine;
use crate::headers::{self, Job, Same};
use crate::run::{self, Limits};
use crate::scratch::Copy;
use erratum_repair::message::Message;
use erratum_repair::read;
use erratum_repair::search::{Depth, Report};
use erratum_syntax::source::Program;
use std::sync::mpsc::{self, Receiver};

impl Session {
    /// Whether the next look would come sooner with what a cache lacks.
    pub fn gains(&self, cache: &Cache) -> bool {
        let job = || self.job().filter(|_| self.took >= headers::WORTH);
        self.cache.is_some()
            && (self.found.gains(cache) || job().is_some_and(|job| job.gains(cache)))
    }

    /// Prepares what lets the next look come sooner. Returns what that is, and how many bytes it takes
    /// on the disk; `None` if nothing can be prepared.
    pub fn prepare(&mut self, cache: &Cache) -> Option<(String, Result<u64, NotPrepared>)> {
        if let Some(prepared) = self.found.prepare(cache) {
            return Some(prepared);
        }
        let program = self.project.program.clone();
        let report = self.check(std::slice::from_ref(&program), Depth::Errors).remove(0);
        let (sender, first) = mpsc::channel();
        let _ = sender.send(report.ok()?);
        let (job, same) = self.precompile(first)?;
        Some((job.what(), job.keep(cache, &same)))
    }

    /// What of the program can be precompiled.
    pub(super) fn job(&self) -> Option<Job> {
        let kind = self.found.kind;
        let precompile = kind.precompile?;
        // The files of a program that has several are compiled together, and need not agree.
        let [file] = &self.project.program.files[..] else { return None };
        let block = headers::leading_includes(std::str::from_utf8(file.bytes()).ok()?)?.to_owned();
        let own = self.found.arguments.iter();
        // These say themselves what comes before the text.
        if own.clone().any(|flag| flag.starts_with("-include") || flag.starts_with("-imacros")) {
            return None;
        }
        Some(Job {
            precompile,
            compiler: self.found.path.clone(),
            flags: kind.check.iter().map(|flag| (*flag).to_owned()).chain(own.cloned()).collect(),
            block,
            origin: self.origin.clone(),
            scratch: self.scratch.path().to_owned(),
        })
    }

    /// The same, with what tells whether the errors of a report come with further flags, too; it waits
    /// for that report.
    pub(super) fn precompile(&self, first: Receiver<Report>) -> Option<(Job, Box<Same<'static>>)> {
        let job = self.job()?;
        let file = self.project.program.files.first()?;
        let folder = self.scratch.path().join("headers-tried");
        let mut copy = Copy::at(folder.clone(), &[]).ok()?;
        copy.hold(&self.project.program).ok()?;
        let mut arguments = self.found.kind.arguments(Depth::Errors, &self.origin);
        arguments.extend(self.found.arguments.iter().cloned());
        arguments.push(compilers::argument(file.name()));
        let compiler = self.found.path.clone();
        let same = Box::new(move |further: &[String], started: &dyn Fn(u32)| {
            let Ok(report) = first.recv() else { return false };
            let mut command = confine::command(&compiler, &[&folder], true);
            command.args(further).args(&arguments).current_dir(&folder).env("TMPDIR", &folder);
            command.env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en").env_remove("GCC_COLORS");
            let Ok(output) = run::run_noticed(&mut command, &Limits::default(), started) else {
                return false;
            };
            let mut reader = read::LogReader::new();
            reader.feed(&output.stdout);
            reader.feed(b"\n");
            reader.feed(&output.stderr);
            alike(&reader.finish().messages, &report.messages)
        });
        Some((job, same))
    }

    /// The flags with which a copy is checked sooner, if there are any for it by now.
    pub(super) fn precompiled(&self, program: &Program) -> &[String] {
        match (&self.headers, &program.files[..]) {
            (Some(headers), [file]) => headers.flags_for(file.bytes()).unwrap_or_default(),
            _ => &[],
        }
    }
}

/// Whether two compiles of one text tell the same errors. Places are held against each other only within a
/// file: a report leads an error in a file of the library home to the line that asked for it, and
/// what is read raw does not.
fn alike(raw: &[Message], told: &[Message]) -> bool {
    let is_error = |message: &&Message| message.is_error();
    let raw: Vec<&Message> = raw.iter().filter(is_error).collect();
    let told: Vec<&Message> = told.iter().filter(is_error).collect();
    let place = |message: &Message| message.at.as_ref().map(|at| (at.file.clone(), at.line));
    raw.len() == told.len()
        && raw.iter().zip(told).all(|(raw, told)| {
            let same_place = match (place(raw), place(told)) {
                (Some((one, at)), Some((other, line))) => one != other || at == line,
                (one, other) => one == other,
            };
            raw.text == told.text && same_place
        })
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_repair::message::Place;

    fn error(file: &str, line: u32, text: &str) -> Message {
        let log = format!("{file}:{line}:1: error: {text}\n");
        let mut reader = read::LogReader::new();
        reader.feed(log.as_bytes());
        let mut message = reader.finish().messages.remove(0);
        message.at = Some(Place::point(file, line, 1));
        message
    }

    #[test]
    fn an_error_of_the_library_may_have_been_led_home() {
        let raw = [error("quay.cpp", 4, "no berth"), error("/usr/x.h", 754, "no type")];
        let led = [error("quay.cpp", 4, "no berth"), error("quay.cpp", 81, "no type")];
        assert!(alike(&raw, &led));
        assert!(!alike(&raw, &led[..1]));
        assert!(!alike(&raw, &[error("quay.cpp", 5, "no berth"), led[1].clone()]));
        assert!(!alike(&raw, &[led[0].clone(), error("quay.cpp", 81, "another")]));
    }
}
