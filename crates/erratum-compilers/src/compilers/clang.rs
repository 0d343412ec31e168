//! clang and clang++.

use super::Kind;

const CHECK: &[&str] = &[
    "-fsyntax-only",
    "-Wall",
    "-Wextra",
    "-ferror-limit=0",
    "-fno-color-diagnostics",
    "-fdiagnostics-parseable-fixits",
];

pub(super) static CLANG: Kind = Kind {
    name: "clang",
    language: "c",
    version: &["--version"],
    install: "On Debian and Ubuntu: `apt install clang`.",
    note: "read from its text and its hints",
    check: CHECK,
    searches_origin: true,
    ..super::PLAIN
};

pub(super) static CLANGXX: Kind = Kind {
    name: "clang++",
    language: "cpp",
    version: &["--version"],
    install: "On Debian and Ubuntu: `apt install clang`.",
    note: "read from its text and its hints",
    check: CHECK,
    searches_origin: true,
    ..super::PLAIN
};
