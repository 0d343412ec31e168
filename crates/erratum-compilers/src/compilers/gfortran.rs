//! The compiler of Fortran.

use super::Kind;

pub(super) static GFORTRAN: Kind = Kind {
    name: "gfortran",
    language: "fortran",
    version: &["-dumpfullversion"],
    install: "On Debian and Ubuntu: `apt install gfortran`.",
    note: "read from its text",
    check: &["-fsyntax-only", "-Wall", "-fmax-errors=0"],
    ..super::PLAIN
};
