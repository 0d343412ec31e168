//! gcc and g++.

use super::{Kind, Link};
use crate::headers::Precompile;

const CHECK: &[&str] = &["-fdiagnostics-format=json", "-fsyntax-only", "-Wall", "-Wextra"];

/// What comes late (unset variables, missing returns) needs a real compile, seen with gcc 12; the
/// result goes to the scratch folder.
const LATE: &[&str] = &["-fdiagnostics-format=json", "-S", "-O1", "-Wall", "-Wextra"];

const BASE: Kind = Kind {
    version: &["-dumpfullversion"],
    note: "read from its machine-readable messages",
    check: CHECK,
    late: Some(LATE),
    link: Some(Link::Files(&["-o", "erratum-linked"])),
    searched: super::headers,
    searches_origin: true,
    ..super::PLAIN
};

pub(super) static GCC: Kind = Kind {
    name: "gcc",
    language: "c",
    install: "Install one: on Debian and Ubuntu `apt install gcc`, on macOS `xcode-select --install`.",
    precompile: Some(&Precompile {
        make: &["-x", "c-header"],
        program: "cc1",
        heavy: false,
        ..PRECOMPILE
    }),
    ..BASE
};

pub(super) static GXX: Kind = Kind {
    name: "g++",
    // What it knows depends on the version that is set; it says what it does not.
    knows: |_| Some((0, 0)),
    language: "cpp",
    install: "Install one: on Debian and Ubuntu `apt install g++`, on macOS `xcode-select --install`.",
    hides_templates: true,
    precompile: Some(&PRECOMPILE),
    ..BASE
};

/// gcc looks for the precompiled header beside the header that is included first, and reads that
/// where it does not fit.
const PRECOMPILE: Precompile = Precompile {
    make: &["-x", "c++-header"],
    ending: "gch",
    take: "-include",
    takes_header: true,
    // The late check optimises; an early one says the same whether it would.
    further: &["-O1"],
    program: "cc1plus",
    heavy: true,
};
