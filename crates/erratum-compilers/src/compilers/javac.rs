//! The compiler of the JDK.

use super::{Kind, Stays};
use crate::resident::Host;
use std::path::Path;
use std::process::Command;

pub(super) static JAVAC: Kind = Kind {
    name: "javac",
    language: "java",
    version: &["-version"],
    install: "Install a JDK: on Debian and Ubuntu `apt install default-jdk-headless`.",
    note: "kept running for the length of a command",
    check: &[
        "-J-Duser.language=en",
        "-J-Xmx512m",
        "-proc:none",
        "-implicit:none",
        "-Xlint",
        "-Xmaxerrs",
        "100000",
        "-d",
        ".",
    ],
    stays: Some(Stays::Helper(&HOST)),
    wants_encoding: true,
    wants_source_path: true,
    ..super::PLAIN
};

static HOST: Host = Host {
    file: "Resident.java",
    source: concat!(
        include_str!("../resident/Resident.java"),
        include_str!("../resident/Serve.java")
    ),
    command,
    joined: false,
    packages: true,
};

fn command(javac: &Path, helper: &Path) -> Result<Command, String> {
    let java = if cfg!(windows) { "java.exe" } else { "java" };
    let mut command = jvm(&javac.with_file_name(java));
    command.arg(helper);
    Ok(command)
}

/// A JVM that soon is at work, and answers in English.
pub(super) fn jvm(java: &Path) -> Command {
    let mut command = Command::new(java);
    command
        .args(["-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xshare:auto", "-Xmx768m"])
        .args(["-Duser.language=en", "-Dfile.encoding=UTF-8"]);
    command
}
