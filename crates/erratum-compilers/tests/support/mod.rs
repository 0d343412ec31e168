//! What the tests of this crate share.

#![allow(dead_code, reason = "each test file uses a part")]

use erratum_catalogue::Catalogue;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::search::Search;
use erratum_syntax::language;
use erratum_syntax::source::Program;
use std::time::Duration;

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

/// Plants each slip (what stands in the sound program, what is written instead) and says which are
/// not mended to the sound program.
pub fn check_slips(language: &str, file: &str, sound: &str, slips: &[(&str, &str)]) {
    if !have(language) {
        return;
    }
    let table = language::by_id(language).unwrap();
    let mut wrong = Vec::new();
    // A compiler that stays is handed on from slip to slip.
    let mut before: Option<Session> = None;
    for (right, slip) in slips {
        assert_eq!(sound.matches(right).count(), 1, "{right} must stand once in the program");
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join(file);
        std::fs::write(&path, sound.replacen(right, slip, 1)).unwrap();
        let project = Project::open(&[path], None).unwrap();
        let program: Program = project.program.clone();
        let found = Toolbox::default().find(table, None).unwrap();
        let mut session = Session::new(project, found, Limits::default()).unwrap();
        if let Some(before) = &mut before {
            session.adopt(before);
        }
        let first = session.first().unwrap();
        session.set_budget(Duration::from_secs(30));
        let found = Search::new(&Catalogue::shipped(), &program, table, &session).run(first);
        before = Some(session);
        let mended = String::from_utf8_lossy(found.mended.files[0].bytes()).into_owned();
        if mended != sound {
            let titles: Vec<_> = found
                .verdict
                .roots
                .iter()
                .map(|root| (&root.title, root.fixes.first().map(|fix| &fix.title)))
                .collect();
            wrong.push(format!("{right:?} as {slip:?}: {titles:?}"));
        }
    }
    assert!(wrong.is_empty(), "not mended to what was meant:\n{}", wrong.join("\n"));
}
