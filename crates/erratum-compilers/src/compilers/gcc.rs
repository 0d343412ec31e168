//! gcc and g++.

use super::Kind;

const CHECK: &[&str] = &["-fdiagnostics-format=json", "-fsyntax-only", "-Wall", "-Wextra"];

/// What comes late (unset variables, missing returns) needs a real compile, seen with gcc 12; the
/// result goes to the scratch folder.
const LATE: &[&str] = &["-fdiagnostics-format=json", "-S", "-O1", "-Wall", "-Wextra"];

const BASE: Kind = Kind {
    version: &["-dumpfullversion"],
    note: "read from its machine-readable messages",
    check: CHECK,
    late: Some(LATE),
    searches_origin: true,
    ..super::PLAIN
};

pub(super) static GCC: Kind = Kind {
    name: "gcc",
    language: "c",
    install: "Install one: on Debian and Ubuntu `apt install gcc`, on macOS `xcode-select --install`.",
    ..BASE
};

pub(super) static GXX: Kind = Kind {
    name: "g++",
    language: "cpp",
    install: "Install one: on Debian and Ubuntu `apt install g++`, on macOS `xcode-select --install`.",
    ..BASE
};
