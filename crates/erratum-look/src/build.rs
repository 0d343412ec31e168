//! A build command of the learner's: run where they are, and what it prints read.

use crate::error::Error;
use erratum_compilers::{Ended, Limits, run_merged};
use erratum_repair::message::Message;
use erratum_repair::read::{LogReader, Reading};
use erratum_syntax::language::{self, Language};
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};
use std::process::Command;
use std::time::Duration;

/// The files of one language that a build complains of, in the order of its messages.
#[derive(Clone, Debug)]
pub struct Group {
    /// The language.
    pub language: &'static Language,
    /// The files.
    pub files: Vec<PathBuf>,
}

/// A build that has been run, and what it said.
pub struct Built {
    /// The command.
    pub command: Vec<String>,
    /// What it said.
    pub reading: Reading,
    /// The files it complains of, by language, the first one first.
    pub groups: Vec<Group>,
    /// Its exit status, if it ended by itself.
    pub exit: Option<i32>,
    /// Where it was run.
    pub here: PathBuf,
}

impl Built {
    /// Runs a build command where the process is, and reads what it prints.
    ///
    /// # Errors
    /// When it cannot be started, does not end, or fails without a message that can be read.
    pub fn run(build: &[String]) -> Result<Built, Error> {
        let limits = Limits { time: Duration::from_secs(600), memory: 16 << 30, output: 256 << 20 };
        let name = build.first().cloned().unwrap_or_default();
        let mut command = Command::new(&name);
        command.args(build.iter().skip(1)).env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en");
        let output = run_merged(&mut command, &limits)
            .map_err(|source| Error::NotStarted { name: name.clone(), source })?;
        if let Some(what) = output.ended.trouble(&limits) {
            return Err(Error::BuildEnded { name, what });
        }
        let here = std::env::current_dir().unwrap_or_default();
        let mut reader = LogReader::new().in_folder(&here);
        reader.feed(&output.stdout);
        let reading = reader.finish();
        let failed = output.ended != Ended::Exit(0);
        if failed && reading.messages.iter().all(|message| !message.is_error()) {
            let text = String::from_utf8_lossy(&output.stdout);
            let last: Vec<&str> = text.lines().rev().take(5).collect();
            let last: Vec<&str> = last.into_iter().rev().collect();
            return Err(Error::BuildSilent { name, last: last.join("\n") });
        }
        let groups = groups(&reading.messages);
        let exit = if let Ended::Exit(exit) = output.ended { Some(exit) } else { None };
        Ok(Built { command: build.to_vec(), reading, groups, exit, here })
    }
}

/// The files with errors that are there, by language, the first one first.
fn groups(messages: &[Message]) -> Vec<Group> {
    let mut all: Vec<Group> = Vec::new();
    for at in messages.iter().filter(|m| m.is_error()).filter_map(|m| m.at.as_ref()) {
        let Some(language) = language::by_file_name(&at.file) else { continue };
        let path = PathBuf::from(&at.file);
        if !path.is_file() {
            continue;
        }
        let known = all.iter().position(|group| std::ptr::eq(group.language, language));
        let index = known.unwrap_or_else(|| {
            all.push(Group { language, files: Vec::new() });
            all.len() - 1
        });
        if !all[index].files.contains(&path) {
            all[index].files.push(path);
        }
    }
    all
}

pub(crate) type Key = (String, u32, String);

/// The errors in some files, to hold two compiles against each other.
pub(crate) fn errors(messages: &[Message], files: &[PathBuf]) -> BTreeSet<Key> {
    let errors = messages.iter().filter(|m| m.is_error());
    errors
        .filter_map(|m| {
            let at = m.at.as_ref()?;
            let known = files.iter().any(|file| file == Path::new(&at.file));
            known.then(|| (at.file.clone(), at.line, m.text.clone()))
        })
        .collect()
}
