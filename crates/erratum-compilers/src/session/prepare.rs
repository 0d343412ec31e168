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
            errors(&reader.finish().messages) == errors(&report.messages)
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

/// The errors of a compile, to hold it against another: lines and texts.
fn errors(messages: &[Message]) -> Vec<(Option<u32>, &str)> {
    let errors = messages.iter().filter(|message| message.is_error());
    errors.map(|message| (message.line(), message.text.as_str())).collect()
}
