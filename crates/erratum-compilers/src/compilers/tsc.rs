//! The compiler of TypeScript, run by Node.

use super::{Kind, NODE, Stays};
use crate::resident::{self, Host, Prepare, Work, step};
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};

pub(super) static TSC: Kind = Kind {
    name: "tsc",
    language: "typescript",
    version: &["--version"],
    install: "Install Node.js, then `npm install --global typescript`.",
    note: "kept running in Node for the length of a command",
    check: &["--noEmit", "--strict", "--target", "es2022", "--pretty", "false", "--skipLibCheck"],
    stays: Some(Stays::Helper(&HOST)),
    runs_on: Some(NODE),
    in_packages: true,
    root_is_origin: true,
    ..super::PLAIN
};

static HOST: Host = Host {
    file: "resident.cjs",
    source: include_str!("../resident/resident.cjs"),
    command,
    prepare: Some(Prepare {
        what: "the start of tsc",
        flags: &[],
        with: None,
        from: |tsc| {
            let node = crate::toolbox::which(Path::new("node")).ok_or("node is not here")?;
            Ok(vec![node, package(tsc).ok_or(NO_PACKAGE)?])
        },
        make: prepare,
    }),
    ..resident::PLAIN
};

const NO_PACKAGE: &str = "has no package beside it";

/// The file of an entry: what Node holds once the compiler and the library files are read. Seen with
/// Node 20; one that keeps none refuses, and nothing is prepared.
const SNAPSHOT: &str = "helper.blob";

fn command(tsc: &Path, work: &Work) -> Result<Command, String> {
    let mut command = Command::new("node");
    match work {
        Work::Plain { helper } => {
            command.arg(helper).arg(package(tsc).ok_or(NO_PACKAGE)?);
        }
        Work::Prepared { folder, .. } => {
            command.arg("--snapshot-blob").arg(folder.join(SNAPSHOT));
        }
    }
    Ok(command)
}

fn prepare(tsc: &Path, helper: &Path, folder: &Path) -> Result<(), String> {
    let mut command = Command::new("node");
    command.arg("--snapshot-blob").arg(folder.join(SNAPSHOT)).arg("--build-snapshot").arg(helper);
    step(command.arg(package(tsc).ok_or(NO_PACKAGE)?))?;
    // An older Node runs the helper as a program that ends at once.
    if !folder.join(SNAPSHOT).is_file() {
        return Err("this Node keeps no snapshot of its start".to_owned());
    }
    let mut command = Command::new("node");
    step(command.arg("--snapshot-blob").arg(folder.join(SNAPSHOT)).stdin(Stdio::null()))
}

/// The compiler package that a `tsc` belongs to.
fn package(tsc: &Path) -> Option<PathBuf> {
    let package = tsc.parent()?.parent()?.join("lib/typescript.js");
    package.is_file().then_some(package)
}
