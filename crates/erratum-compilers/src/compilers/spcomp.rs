//! The compiler of SourcePawn.

use super::Kind;

pub(super) static SPCOMP: Kind = Kind {
    name: "spcomp",
    language: "sourcepawn",
    version: &["--version"],
    install: "It comes with the SDK of the game server.",
    note: "known from its documentation, not tried here",
    check: &[],
    ..super::PLAIN
};
