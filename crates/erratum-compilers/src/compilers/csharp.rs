//! The compilers of C#: Mono's and that of the .NET SDK.

use super::{Inputs, Kind};

pub(super) static MCS: Kind = Kind {
    name: "mcs",
    language: "csharp",
    // Seen with mcs 6.8: most of C# 7.
    knows: |_| Some((6, 9)),
    version: &["--version"],
    install: "On Debian and Ubuntu: `apt install mono-mcs`.",
    note: "checks without writing a program",
    check: &["-nologo", "-out:erratum-check.dll"],
    inputs,
    ..super::PLAIN
};

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
