//! `erratum look -- COMMAND`: a build command of the learner's. It is run where they are, and what it
//! prints is read. Then the files it complains of are proved: alone with the flags of the build, where
//! that gives the same messages, else by building copies of the project.

use crate::arguments::Look;
use crate::commands::look::mend_command;
use crate::commands::read;
use crate::examine::{self, examine_with, named_language};
use crate::failure::Failure;
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

/// Runs it.
pub fn run(look: &Look) -> Result<u8, Failure> {
    let limits = Limits { time: Duration::from_secs(600), memory: 16 << 30, output: 256 << 20 };
    let name = &look.build[0];
    let mut command = Command::new(name);
    command.args(&look.build[1..]).env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en");
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
    named_language(&look.common)?;
    let groups = groups(&reading.messages);
    if !look.no_proof
        && let Some(status) = proved(look, &reading, &groups, &here)?
    {
        return Ok(status);
    }
    let (mut verdict, program) = read::judged(reading, None, &look.common);
    verdict.build.command = look.build.clone();
    if let Ended::Exit(exit) = output.ended {
        verdict.build.exit = Some(exit);
    }
    start_with(look, &groups)?;
    show::verdict(&verdict, &program, &look.common, look.all, &Next::Nothing)?;
    Ok(show::status(&verdict, &look.common))
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

/// Where a build complains of several files: how many, and with which to start.
fn start_with(look: &Look, groups: &[Group]) -> Result<(), Failure> {
    let count: usize = groups.iter().map(|group| group.files.len()).sum();
    let Some(first) = groups.first().and_then(|group| group.files.first()) else { return Ok(()) };
    if count < 2 || look.common.json || look.common.quiet {
        return Ok(());
    }
    let mut out = show::out(look.common.color);
    writeln!(out, "{count} files have errors. Start with {}.", first.display())?;
    for group in groups {
        let names: Vec<String> = group.files.iter().map(|f| f.display().to_string()).collect();
        writeln!(out, "  {}: {}", group.language.name, names.join(", "))?;
    }
    writeln!(out)?;
    out.flush()?;
    Ok(())
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

/// The proved verdict, shown; nothing if neither way gives the messages of the build.
fn proved(
    look: &Look,
    reading: &Reading,
    groups: &[Group],
    here: &Path,
) -> Result<Option<u8>, Failure> {
    let Some(first) = groups.first() else { return Ok(None) };
    let wanted = errors(&reading.messages, &first.files);
    let flags = compile_flags(here, &first.files[0]).unwrap_or_default();
    if let Ok(examined) = examine_with(&first.files, &look.common, &look.compile, true, &flags) {
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
            start_with(look, groups)?;
            let next = Next::Mend(mend_command(&first.files, &look.common));
            show::verdict(&examined.verdict, &examined.program, &look.common, look.all, &next)?;
            return Ok(Some(show::status(&examined.verdict, &look.common)));
        }
    }
    rebuilt(look, groups, first, &wanted, here)
}

/// By building copies of the project.
fn rebuilt(
    look: &Look,
    groups: &[Group],
    first: &Group,
    wanted: &BTreeSet<Key>,
    here: &Path,
) -> Result<Option<u8>, Failure> {
    let compiler = KINDS.iter().find(|kind| kind.language == first.language.id);
    let compiler = compiler.map_or("", |kind| kind.name);
    let Ok(mut rebuild) = Rebuild::new(&look.build, here, compiler, Limits::default()) else {
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
    rebuild.set_budget(examine::budget(&look.compile, here)?);
    let exit = report.exit;
    let found =
        prove::prove(&program, first.language, report, &rebuild, examine::limits(&look.common));
    let mut verdict = found.verdict;
    verdict.build.language = first.language.id.to_owned();
    verdict.build.compiler = compiler.to_owned();
    verdict.build.command = look.build.clone();
    verdict.build.exit = exit;
    start_with(look, groups)?;
    let next = Next::Mend(mend_command(&first.files, &look.common));
    show::verdict(&verdict, &program, &look.common, look.all, &next)?;
    Ok(Some(show::status(&verdict, &look.common)))
}
