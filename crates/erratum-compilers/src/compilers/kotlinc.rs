//! The compiler of Kotlin.

use super::{JAVA, Kind};

pub(super) static KOTLINC: Kind = Kind {
    name: "kotlinc",
    language: "kotlin",
    version: &["-version"],
    install: "On Debian and Ubuntu: `apt install kotlin`.",
    note: "starts slowly, so little can be tried in a few seconds",
    check: &["-d", "."],
    runs_on: Some(JAVA),
    ..super::PLAIN
};
