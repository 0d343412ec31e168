//! The compiler of the JDK.

use super::Kind;

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
    stays: true,
    wants_encoding: true,
    wants_source_path: true,
    ..super::PLAIN
};
