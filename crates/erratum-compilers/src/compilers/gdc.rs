//! The compiler of D that comes with gcc. Seen with gdc 12.2.

use super::Kind;

pub(super) static GDC: Kind = Kind {
    name: "gdc",
    language: "d",
    version: &["-dumpfullversion"],
    install: "On Debian and Ubuntu: `apt install gdc`.",
    note: "read from its text",
    check: &["-fsyntax-only", "-Wall", "-fmax-errors=0"],
    searched: |folders| super::each(folders, "-I"),
    ..super::PLAIN
};
