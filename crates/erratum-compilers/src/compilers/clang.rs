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

const BASE: Kind = Kind {
    install: "On Debian and Ubuntu: `apt install clang`.",
    note: "read from its text and its hints",
    check: CHECK,
    searches_origin: true,
    ..super::PLAIN
};

pub(super) static CLANG: Kind = Kind { name: "clang", language: "c", ..BASE };

pub(super) static CLANGXX: Kind = Kind { name: "clang++", language: "cpp", ..BASE };
