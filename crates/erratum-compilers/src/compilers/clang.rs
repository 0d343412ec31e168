//! clang and clang++.

use super::{Kind, Link};
use crate::headers::Precompile;

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
    link: Some(Link::Files(&["-o", "erratum-linked"])),
    searched: super::headers,
    searches_origin: true,
    ..super::PLAIN
};

pub(super) static CLANG: Kind = Kind {
    name: "clang",
    language: "c",
    precompile: Some(&Precompile { make: &["-x", "c-header"], heavy: false, ..PRECOMPILE }),
    ..BASE
};

pub(super) static CLANGXX: Kind =
    Kind { name: "clang++", language: "cpp", precompile: Some(&PRECOMPILE), ..BASE };

const PRECOMPILE: Precompile = Precompile {
    make: &["-x", "c++-header"],
    ending: "pch",
    take: "-include-pch",
    takes_header: false,
    further: &[],
    program: "clang",
    heavy: true,
};
