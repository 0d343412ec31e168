//! The compiler of TypeScript, run by Node.

use super::{Kind, NODE, Stays};
use crate::resident::Host;
use std::path::{Path, PathBuf};
use std::process::Command;

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
    joined: false,
    packages: false,
};

fn command(tsc: &Path, helper: &Path) -> Result<Command, String> {
    let mut command = Command::new("node");
    command.arg(helper).arg(package(tsc).ok_or("has no package beside it")?);
    Ok(command)
}

/// The compiler package that a `tsc` belongs to.
fn package(tsc: &Path) -> Option<PathBuf> {
    let package = tsc.parent()?.parent()?.join("lib/typescript.js");
    package.is_file().then_some(package)
}
