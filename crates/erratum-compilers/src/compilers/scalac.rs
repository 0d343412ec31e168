//! The compiler of Scala 2.

use super::javac::jvm;
use super::{JAVA, Kind, Stays};
use crate::resident::Host;
use std::path::Path;
use std::process::Command;

pub(super) static SCALAC: Kind = Kind {
    name: "scalac",
    language: "scala",
    version: &["-version"],
    install: "On Debian and Ubuntu: `apt install scala`.",
    note: "kept running for the length of a command",
    check: &[
        "-J-Duser.language=en",
        "-deprecation",
        "-feature",
        "-unchecked",
        "-Ystop-after:refchecks",
        "-d",
        ".",
    ],
    stays: Some(Stays::Helper(&HOST)),
    runs_on: Some(JAVA),
    ..super::PLAIN
};

static HOST: Host = Host {
    file: "ResidentScala.java",
    source: concat!(
        include_str!("../resident/ResidentScala.java"),
        include_str!("../resident/Serve.java")
    ),
    command,
    joined: true,
    packages: false,
};

fn command(scalac: &Path, helper: &Path) -> Result<Command, String> {
    let libraries = libraries(scalac).ok_or("has no libraries beside it")?;
    let mut command = jvm(Path::new("java"));
    command.args(["-Xss8m", "-cp", &libraries]).arg(helper);
    Ok(command)
}

/// The libraries of a scalac, which stand in a folder beside it or, on Debian, in the one for Java.
fn libraries(scalac: &Path) -> Option<String> {
    let beside = scalac.parent()?.parent()?.join("lib");
    let debian = Path::new("/usr/share/scala/lib");
    let folder =
        [beside.as_path(), debian].into_iter().find(|f| f.join("scala-compiler.jar").is_file())?;
    let jars = std::fs::read_dir(folder).ok()?.flatten().map(|entry| entry.path());
    let jars: Vec<String> = jars
        .filter(|path| path.extension().is_some_and(|e| e == "jar"))
        .map(|path| path.display().to_string())
        .collect();
    Some(jars.join(if cfg!(windows) { ";" } else { ":" }))
}
