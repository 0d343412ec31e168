//! The compiler of Visual Basic.

use super::Kind;

pub(super) static VBC: Kind = Kind {
    name: "vbc",
    language: "vb",
    version: &["-version"],
    install: "It comes with the .NET SDK.",
    note: "known from its documentation, not tried here",
    check: &["-nologo", "-target:library", "-out:erratum-check.dll"],
    ..super::PLAIN
};
