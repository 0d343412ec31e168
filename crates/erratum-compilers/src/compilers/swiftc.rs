//! The compiler of Swift.

use super::Kind;

pub(super) static SWIFTC: Kind = Kind {
    name: "swiftc",
    language: "swift",
    version: &["--version"],
    install: "Install Swift from your system's packages.",
    note: "known from its documentation, not tried here",
    check: &["-typecheck"],
    ..super::PLAIN
};
