//! What the tests of this crate share.

use erratum_compilers::Toolbox;
use erratum_core::language;

/// Whether a compiler for a language is here. With ERRATUM_TEST_COMPILERS=all it must be.
pub fn have(language: &str) -> bool {
    let table = language::by_id(language).unwrap();
    let here = Toolbox::default().find(table, None).is_ok();
    let all = std::env::var("ERRATUM_TEST_COMPILERS").is_ok_and(|value| value == "all");
    assert!(here || !all, "no {} compiler is installed", table.name);
    if !here {
        eprintln!("skipped: no {} compiler is installed", table.name);
    }
    here
}
