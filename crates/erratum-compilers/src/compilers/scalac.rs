//! The compiler of Scala 2.

use super::{JAVA, Kind};

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
    stays: true,
    runs_on: Some(JAVA),
    ..super::PLAIN
};
