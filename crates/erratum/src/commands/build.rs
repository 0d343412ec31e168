//! `erratum look -- COMMAND`: a build command of the learner's. It is run where they are, and what it
//! prints is read. Then the files it complains of are proved: alone with the flags of the build, where
//! that gives the same messages, else by building copies of the project.

use crate::arguments::{Common, Compile, Look};
use crate::commands::look::{mend_command, show_or_open};
use crate::commands::read;
use crate::examine::{self, Examined, examine_with, named_language};
use crate::failure::Failure;
use crate::prover::Prover;
use crate::show::{self, terminal::Next};
use erratum_compilers::{Ended, KINDS, Limits, Rebuild, compile_flags};
use erratum_core::language::{self, Language};
use erratum_core::message::Message;
use erratum_core::prove;
use erratum_core::read::{LogReader, Reading};
use erratum_core::source::{Program, Source};
use std::collections::BTreeSet;
use std::io::Write;
use std::path::{Path, PathBuf};
use std::process::Command;
use std::time::Duration;

/// The files of one language that a build complains of, in the order of its messages.
struct Group {
    language: &'static Language,
    files: Vec<PathBuf>,
}

/// A build that has been run, and what it said.
pub struct Built {
    command: Vec<String>,
    reading: Reading,
    groups: Vec<Group>,
    exit: Option<i32>,
    here: PathBuf,
}

/// Runs it.
pub fn run(look: &Look) -> Result<u8, Failure> {
    let built = Built::run(&look.build, &look.how.common)?;
    let proved =
        if look.how.no_proof { None } else { built.proved(&look.how.common, &look.how.compile)? };
    built.start_with(&look.how.common)?;
    let (verdict, program) = match proved {
        Some(examined) => {
            let next = Next::Mend(mend_command(&[], &look.build, &look.how.common));
            let path = |name: &str| examined.prover.path(name);
            show_or_open(look, &examined.verdict, &examined.program, &next, &path)?;
            return Ok(show::status(&examined.verdict, &look.how.common));
        }
        None => {
            let (mut verdict, program) = read::judged(built.reading, None, &look.how.common);
            verdict.build.command = look.build.clone();
            verdict.build.exit = built.exit;
            (verdict, program)
        }
    };
    show_or_open(look, &verdict, &program, &Next::Nothing, &|name| PathBuf::from(name))?;
    Ok(show::status(&verdict, &look.how.common))
}

impl Built {
    /// Runs a build command where the learner is, and reads what it prints.
    ///
    /// # Errors
    /// When it cannot be started, does not end, or fails without a message that can be read.
    pub fn run(build: &[String], common: &Common) -> Result<Built, Failure> {
        let limits = Limits { time: Duration::from_secs(600), memory: 16 << 30, output: 256 << 20 };
        let name = &build[0];
        let mut command = Command::new(name);
        command.args(&build[1..]).env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en");
        let output = erratum_compilers::run_merged(&mut command, &limits).map_err(|error| {
            Failure::said(format!("'{name}' could not be started: {error}. Check its name; everything after -- is run as a command."))
        })?;
        if let Some(what) = output.ended.trouble(&limits) {
            return Err(Failure::said(format!("'{name}' {what}.")));
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
            return Err(Failure::said(format!(
                "'{name}' failed, but its output holds no message that Erratum can read. Its last lines:\n{}",
                last.join("\n")
            )));
        }
        named_language(common)?;
        let groups = groups(&reading.messages);
        let exit = if let Ended::Exit(exit) = output.ended { Some(exit) } else { None };
        Ok(Built { command: build.to_vec(), reading, groups, exit, here })
    }

    /// The verdict of [`Built::proved`], where nothing can be done without one.
    pub fn must_prove(&self, common: &Common, compile: &Compile) -> Result<Examined, Failure> {
        self.proved(common, compile)?.ok_or_else(|| {
            Failure::said(
                "no copy of this build says what the build itself says, so no fix could be proved. \
                 `erratum look -- COMMAND` shows what can be told from its messages.",
            )
        })
    }

    /// The proved verdict on the first group of files; nothing if neither way gives the messages of
    /// the build.
    pub fn proved(&self, common: &Common, compile: &Compile) -> Result<Option<Examined>, Failure> {
        let Some(first) = self.groups.first() else { return Ok(None) };
        let wanted = errors(&self.reading.messages, &first.files);
        let flags = compile_flags(&self.here, &first.files[0]).unwrap_or_default();
        if let Ok(examined) = examine_with(&first.files, common, compile, true, &flags) {
            let said: BTreeSet<Key> = examined
                .verdict
                .messages
                .iter()
                .filter(|told| told.severity == erratum_core::message::Severity::Error)
                .filter_map(|told| {
                    let at = told.at.as_ref()?;
                    Some((at.file.clone(), at.line, told.text.clone()))
                })
                .collect();
            if said == wanted {
                return Ok(Some(examined));
            }
        }
        self.rebuilt(first, &wanted, common, compile)
    }

    /// By building copies of the project.
    fn rebuilt(
        &self,
        first: &Group,
        wanted: &BTreeSet<Key>,
        common: &Common,
        compile: &Compile,
    ) -> Result<Option<Examined>, Failure> {
        let compiler = KINDS.iter().find(|kind| kind.language == first.language.id);
        let compiler = compiler.map_or("", |kind| kind.name);
        let Ok(mut rebuild) = Rebuild::new(&self.command, &self.here, compiler, Limits::default())
        else {
            return Ok(None);
        };
        let mut program = Program::default();
        for file in &first.files {
            let Ok(bytes) = std::fs::read(file) else { return Ok(None) };
            program.set(Source::new(file.display().to_string(), bytes));
        }
        let Ok(report) = rebuild.first(&program) else { return Ok(None) };
        // A copy that says something else is no copy of this build.
        if errors(&report.messages, &first.files) != *wanted {
            return Ok(None);
        }
        let budget = examine::budget(compile, &self.here)?;
        rebuild.set_budget(budget);
        let exit = report.exit;
        let limits = examine::limits(common);
        let found = prove::prove(&program, first.language, report, &rebuild, limits);
        let mut verdict = found.verdict;
        verdict.build.language = first.language.id.to_owned();
        verdict.build.compiler = compiler.to_owned();
        verdict.build.command = self.command.clone();
        verdict.build.exit = exit;
        let prover = Prover::Build(Box::new(rebuild), first.language);
        let program = examine::with_files(program, &verdict, &prover);
        Ok(Some(Examined { verdict, program, mended: found.mended, prover, budget, limits }))
    }

    /// Where a build complains of several files: how many, and with which to start.
    fn start_with(&self, common: &Common) -> Result<(), Failure> {
        let count: usize = self.groups.iter().map(|group| group.files.len()).sum();
        let Some(first) = self.groups.first().and_then(|group| group.files.first()) else {
            return Ok(());
        };
        if count < 2 || common.shown.json || common.quiet {
            return Ok(());
        }
        let mut out = show::out(common.shown.page.color);
        writeln!(out, "{count} files have errors. Start with {}.", first.display())?;
        for group in &self.groups {
            let names: Vec<String> = group.files.iter().map(|f| f.display().to_string()).collect();
            writeln!(out, "  {}: {}", group.language.name, names.join(", "))?;
        }
        writeln!(out)?;
        out.flush()?;
        Ok(())
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
        let known = all.iter().position(|group| group.language.id == language.id);
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

type Key = (String, u32, String);

/// The errors in some files, to hold two compiles against each other.
fn errors(messages: &[Message], files: &[PathBuf]) -> BTreeSet<Key> {
    let errors = messages.iter().filter(|m| m.is_error());
    errors
        .filter_map(|m| {
            let at = m.at.as_ref()?;
            let known = files.iter().any(|file| file == Path::new(&at.file));
            known.then(|| (at.file.clone(), at.line, m.text.clone()))
        })
        .collect()
}
