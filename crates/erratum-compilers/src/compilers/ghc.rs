//! The compiler of Haskell.

use super::{Kind, Stays};

pub(super) static GHC: Kind = Kind {
    name: "ghc",
    language: "haskell",
    version: &["--numeric-version"],
    install: "On Debian and Ubuntu: `apt install ghc`.",
    note: "kept running in its interactive mode for the length of a command",
    check: &["-fno-code", "-fdiagnostics-color=never", "-ferror-spans", "-W"],
    stays: Some(Stays::Prompt),
    searched: |folders| super::each(folders, "-i"),
    ..super::PLAIN
};
