//! The compiler of Ada.

use super::Kind;

pub(super) static GNATMAKE: Kind = Kind {
    name: "gnatmake",
    language: "ada",
    version: &["--version"],
    install: "On Debian and Ubuntu: `apt install gnat`.",
    note: "checks without writing a program",
    // gnatmake 12 goes by times in whole seconds: without `-f`, a copy that changes within one is not
    // compiled again.
    check: &["-q", "-f", "-c", "-u", "-gnatc", "-gnatf", "-gnatwa"],
    searched: |folders| super::each(folders, "-I"),
    ..super::PLAIN
};
