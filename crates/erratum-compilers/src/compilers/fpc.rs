//! Free Pascal.

use super::Kind;

// -Se: go on after many errors; -s: stop before the assembler; -vq: with numbers.
pub(super) static FPC: Kind = Kind {
    name: "fpc",
    // No version of it knows the forms of Delphi that are listed.
    knows: |_| Some((0, 0)),
    language: "pascal",
    version: &["-iV"],
    install: "On Debian and Ubuntu: `apt install fp-compiler fp-units-base fp-units-rtl`.",
    note: "stops at the first syntax error, so it is asked again after each fix",
    check: &["-vewnhq", "-l-", "-Mobjfpc", "-Se500", "-s"],
    searched: |folders| [super::each(folders, "-Fu"), super::each(folders, "-Fi")].concat(),
    inputs: |inputs| inputs.main_file().into_iter().collect(),
    ..super::PLAIN
};
