//! The compilers of C#: Mono's and that of the .NET SDK.

use super::{Inputs, Kind, Stays};
use crate::resident::{self, Host, Prepare, Work, step};
use crate::toolbox::which;
use std::path::{Path, PathBuf};
use std::process::Command;

pub(super) static MCS: Kind = Kind {
    name: "mcs",
    language: "csharp",
    // Seen with mcs 6.8: most of C# 7.
    knows: |_| Some((6, 9)),
    version: &["--version"],
    install: "On Debian and Ubuntu: `apt install mono-mcs`.",
    note: "kept running where a program has several mistakes",
    check: &["-nologo", "-out:erratum-check.dll"],
    inputs,
    stays: Some(Stays::Helper(&HOST)),
    ..super::PLAIN
};

/// A cold mcs takes some 0.3 s of processor time, one that stays 0.1 s. But its helper has to be compiled,
/// which takes as long as a check.
static HOST: Host = Host {
    file: "ResidentMcs.cs",
    source: include_str!("../resident/ResidentMcs.cs"),
    command,
    prepare: Some(Prepare {
        what: "the start of mcs",
        flags: &[],
        with: None,
        from: |mcs| {
            let (mono, program) = parts(mcs)?;
            Ok(vec![mono, program])
        },
        make: |mcs, helper, folder| {
            let mut compile = Command::new(mcs);
            let out = format!("-out:{}", folder.join(PROGRAM).display());
            step(compile.arg("-nologo").arg(out).arg(helper))
        },
    }),
    printed: true,
    slow: true,
    ..resident::PLAIN
};

/// The helper, once it is compiled.
const PROGRAM: &str = "helper.exe";

/// Compiles a helper and becomes it: one process, whenever it is stopped.
const COMPILE_AND_RUN: &str =
    r#""$0" -nologo -out:helper.exe "$1" >/dev/null 2>&1 && exec "$2" helper.exe "$3""#;

fn command(mcs: &Path, work: &Work) -> Result<Command, String> {
    let (mono, program) = parts(mcs)?;
    let mut command = match work {
        Work::Plain { helper } => {
            let mut command = Command::new("sh");
            command.args(["-c", COMPILE_AND_RUN]).arg(mcs).arg(helper).arg(mono);
            command
        }
        Work::Prepared { folder, .. } => {
            let mut command = Command::new(mono);
            command.arg(folder.join(PROGRAM));
            command
        }
    };
    command.arg(program).env("LC_ALL", "C.UTF-8").env("LANGUAGE", "en");
    // A check leaves much behind, which costs least to clear away when most of it is of no use any more.
    command.env("MONO_GC_PARAMS", "nursery-size=16m");
    Ok(command)
}

/// Mono, and the program that it runs, which the command mcs names: it is a few lines for the shell.
fn parts(mcs: &Path) -> Result<(PathBuf, PathBuf), String> {
    let named = std::fs::read_to_string(mcs).ok().and_then(|text| {
        let mut words = text.split_whitespace().map(|word| word.trim_matches('"'));
        words.find(|word| word.ends_with("/mcs.exe")).map(PathBuf::from)
    });
    let program =
        named.filter(|path| path.is_file()).ok_or("is no script that names its program")?;
    let beside = mcs.with_file_name("mono");
    let mono = if beside.is_file() { Some(beside) } else { which(Path::new("mono")) };
    Ok((mono.ok_or("mono is not here")?, program))
}

pub(super) static CSC: Kind = Kind {
    name: "csc",
    language: "csharp",
    version: &["-version"],
    install: "It comes with the .NET SDK.",
    note: "known from its documentation, not tried here",
    check: &["-nologo", "-out:erratum-check.dll"],
    inputs,
    ..super::PLAIN
};

/// A program with an entry is checked as one, anything else as a library.
fn inputs(inputs: &Inputs) -> Vec<String> {
    let target = if has_entry(inputs) { "exe" } else { "library" };
    let mut all = vec![format!("-target:{target}")];
    all.extend(inputs.files());
    all
}

/// Whether a file seems to have the method from which a program starts, maybe misspelt.
fn has_entry(inputs: &Inputs) -> bool {
    inputs.program.files.iter().any(|file| {
        let text = String::from_utf8_lossy(file.bytes()).into_owned();
        text.lines().filter(|line| line.contains("static")).any(|line| {
            let name = line.split('(').next().and_then(|head| head.split_whitespace().last());
            name.is_some_and(|name| {
                (3..=5).contains(&name.len()) && name.to_lowercase().starts_with('m')
            })
        })
    })
}
