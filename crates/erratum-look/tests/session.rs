//! The library, as another program uses it: with the C compiler that Rust needs anyway.

use erratum_catalogue::Catalogue;
use erratum_look::log::Files;
use erratum_look::{Budget, CancelToken, Error, Mend, Session, language_named, log};
use erratum_repair::search::{Event, Limits, Observer};
use std::fs;
use std::path::PathBuf;
use std::sync::{Arc, Mutex};

/// Two mistakes, of which one hides the other.
const TWO: &str =
    "int main(void) {\n    int tide = 3\n    int berth = tdie;\n    return berth;\n}\n";

fn file(text: &str) -> (tempfile::TempDir, PathBuf) {
    let folder = tempfile::tempdir().unwrap();
    let path = folder.path().join("tide.c");
    fs::write(&path, text).unwrap();
    (folder, path)
}

#[test]
fn a_session_looks_mends_and_looks_again() {
    let (_folder, path) = file(TWO);
    let mut session = Session::builder().file(&path).open().unwrap();
    let look = session.look().unwrap();
    assert!(look.proved);
    let lines: Vec<u32> = look.verdict.roots.iter().map(|root| root.at.line).collect();
    assert_eq!(lines, [2, 3]);
    let first = session.mend(&look, Mend::default()).unwrap();
    assert_eq!(first.steps, ["Add `;` at the end of line 2"]);
    let all = session.mend(&look, Mend { all: true, ..Mend::default() }).unwrap();
    assert_eq!(all.steps.len(), 2);
    assert!(session.report(&all.after).unwrap().messages.iter().all(|m| !m.is_error()));
    // Nothing is written until somebody does.
    assert_eq!(fs::read_to_string(&path).unwrap(), TWO);
    fs::write(&path, all.after.files[0].bytes()).unwrap();
    assert!(session.look().unwrap().verdict.roots.is_empty());
}

#[test]
fn a_program_is_narrowed_with_the_arguments_it_is_looked_at_with() {
    let text = "#ifdef NIGHT\nint berth(void) { return tdie; }\n#endif\nint tide(int hour) { return hour; }\n";
    let (_folder, path) = file(text);
    let narrowed = |arguments: &[String]| {
        let mut session = Session::builder().file(&path).arguments(arguments).open().unwrap();
        session.narrow(None, &mut |_| {}).unwrap()
    };
    assert!(narrowed(&[]).is_none());
    let small = narrowed(&["-DNIGHT".to_owned()]).unwrap();
    assert!(small.narrowed.message.text.contains("tdie"), "{}", small.narrowed.message.text);
    assert!(small.gives(&path));
}

#[test]
fn errors_can_be_matched_on_and_say_what_to_do() {
    let missing = Session::builder().file("nowhere/tide.c").open();
    assert!(matches!(missing, Err(Error::Compilers(_))));
    let unknown = language_named("harbourese");
    assert!(
        matches!(&unknown, Err(Error::UnknownLanguage { known, .. }) if known.contains("rust"))
    );
    let (_folder, path) = file(TWO);
    let mut session = Session::builder().file(&path).open().unwrap();
    let look = session.look().unwrap();
    let pick = session.mend(&look, Mend { pick: Some(90), ..Mend::default() });
    assert!(matches!(pick, Err(Error::NoSuchFix { pick: 90, .. })));
    let narrowed = session.narrow(Some(70), &mut |_| {});
    assert!(matches!(narrowed, Err(Error::NoSuchMessage { asked: 70, .. })));
    let silent = Session::builder().build_command(&["false".to_owned()]).open().unwrap().look();
    assert!(matches!(silent, Err(Error::BuildSilent { .. })));
    let lost = Session::builder().build_command(&["no-such-make".to_owned()]).open();
    assert!(matches!(lost.unwrap().look(), Err(Error::NotStarted { .. })));
}

#[test]
fn a_cancelled_search_returns_what_is_known() {
    let (_folder, path) = file(TWO);
    let cancel = CancelToken::default();
    let mut session = Session::builder().file(&path).cancel(cancel.clone()).open().unwrap();
    cancel.cancel();
    let look = session.look().unwrap();
    assert!(!look.verdict.complete);
    assert!(!look.verdict.messages.is_empty() && look.verdict.compiles == 0);
}

#[derive(Clone, Default)]
struct Seen(Arc<Mutex<Vec<Event>>>);

impl Observer for Seen {
    fn notice(&mut self, event: Event) {
        self.0.lock().unwrap().push(event);
    }
}

#[test]
fn the_same_compiles_give_the_same_search() {
    let (_folder, path) = file(TWO);
    let run = || {
        let seen = Seen::default();
        let builder = Session::builder().file(&path).budget(Budget::Compiles(30));
        builder.observer(seen.clone()).open().unwrap().look().unwrap();
        seen.0.lock().unwrap().clone()
    };
    let once = run();
    assert!(once.len() > 4);
    assert_eq!(once, run());
}

#[test]
fn judged_without_a_proof_nothing_is_tried() {
    let (_folder, path) = file(TWO);
    let look = Session::builder().file(&path).proof(false).open().unwrap().look().unwrap();
    assert!(!look.proved);
    assert_eq!(look.verdict.compiles, 0);
    assert_eq!(look.mended.files[0].bytes(), TWO.as_bytes());
}

#[test]
fn saved_output_is_judged_without_a_compiler() {
    let said = b"tide.c:3:5: error: expected ',' or ';' before 'int'\n";
    let (reading, kept) = log::read(&said[..]).unwrap();
    assert_eq!(kept, said);
    let c = language_named("C").ok();
    let (verdict, program) =
        log::judge(&Catalogue::shipped(), reading, &Files::anywhere(), c, Limits::default());
    assert_eq!(verdict.roots.len(), 1);
    assert!(program.files.is_empty());
}
