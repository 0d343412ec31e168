//! `erratum look`: compile, and show what is really wrong.

use crate::arguments::Look;
use crate::commands::read;
use crate::examine::{examine, named_language};
use crate::failure::Failure;
use crate::show::{self, terminal::Next};
use erratum_compilers::{Ended, Limits};
use erratum_core::language;
use std::path::PathBuf;
use std::process::Command;
use std::time::Duration;

/// Runs it.
pub fn run(look: &Look) -> Result<u8, Failure> {
    if !look.build.is_empty() {
        return build(look);
    }
    if look.files.is_empty() {
        return Err(Failure::said(
            "no file is named. `erratum FILE` looks at a program; `erratum --help` shows the rest.",
        ));
    }
    let examined = examine(&look.files, &look.common, &look.compile, !look.no_proof)?;
    let next = Next::Mend(mend_command(&look.files));
    show::verdict(&examined.verdict, &examined.program, &look.common, look.all, &next)?;
    Ok(show::status(&examined.verdict))
}

/// The command that mends these files, as one would type it.
pub fn mend_command(files: &[PathBuf]) -> String {
    let quoted = |file: &PathBuf| {
        let name = file.display().to_string();
        if name.contains([' ', '\'', '"', '$', '(', '&']) {
            format!("'{}'", name.replace('\'', "'\\''"))
        } else {
            name
        }
    };
    let names: Vec<String> = files.iter().map(quoted).collect();
    format!("erratum mend {}", names.join(" "))
}

/// A build command of the learner's: it is run where they are, and what it prints is read. Where
/// its messages name files that can be compiled here alone, they are looked at with proof.
fn build(look: &Look) -> Result<u8, Failure> {
    let limits = Limits { time: Duration::from_secs(600), memory: 16 << 30, output: 256 << 20 };
    let name = &look.build[0];
    let mut command = Command::new(name);
    command.args(&look.build[1..]).env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en");
    let output = erratum_compilers::run(&mut command, &limits).map_err(|error| {
        Failure::said(format!("'{name}' could not be started: {error}. Check its name; everything after -- is run as a command."))
    })?;
    if let Some(what) = output.ended.trouble(&limits) {
        return Err(Failure::said(format!("'{name}' {what}.")));
    }
    let mut reader = erratum_core::read::LogReader::new();
    reader.feed(&output.stdout);
    reader.feed(b"\n");
    reader.feed(&output.stderr);
    let reading = reader.finish();
    let failed = output.ended != Ended::Exit(0);
    if failed && reading.messages.iter().all(|message| !message.is_error()) {
        let text = String::from_utf8_lossy(&output.stderr);
        let last: Vec<&str> = text.lines().rev().take(5).collect();
        let last: Vec<&str> = last.into_iter().rev().collect();
        return Err(Failure::said(format!(
            "'{name}' failed, but its output holds no message that Erratum can read. Its last lines:\n{}",
            last.join("\n")
        )));
    }
    let mut files: Vec<PathBuf> = Vec::new();
    for message in reading.messages.iter().filter(|message| message.is_error()) {
        let Some(at) = &message.at else { continue };
        let path = PathBuf::from(&at.file);
        let same = files.first().is_none_or(|first| {
            language::by_file_name(&first.to_string_lossy()).map(|l| l.id)
                == language::by_file_name(&at.file).map(|l| l.id)
        });
        if path.is_file()
            && same
            && language::by_file_name(&at.file).is_some()
            && !files.contains(&path)
        {
            files.push(path);
        }
    }
    named_language(&look.common)?;
    if !look.no_proof
        && !files.is_empty()
        && let Ok(examined) = examine(&files, &look.common, &look.compile, true)
        && show::status(&examined.verdict) == 1
    {
        let next = Next::Mend(mend_command(&files));
        show::verdict(&examined.verdict, &examined.program, &look.common, look.all, &next)?;
        return Ok(1);
    }
    let (mut verdict, program) = read::judged(reading, None);
    verdict.build.command = look.build.clone();
    if let Ended::Exit(exit) = output.ended {
        verdict.build.exit = Some(exit);
    }
    show::verdict(&verdict, &program, &look.common, look.all, &Next::Nothing)?;
    Ok(show::status(&verdict))
}
