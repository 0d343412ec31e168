//! Sessions with real and with misbehaving compilers.

#![cfg(unix)]

use erratum_compilers::{Error, Limits, Project, Session, Toolbox, Trust};
use erratum_repair::search::{Compile, Depth};
use std::fs;
use std::os::unix::fs::PermissionsExt;
use std::path::{Path, PathBuf};
use std::time::Duration;

fn file(folder: &Path, name: &str, text: &str) -> PathBuf {
    let path = folder.join(name);
    fs::create_dir_all(path.parent().unwrap()).unwrap();
    fs::write(&path, text).unwrap();
    path
}

/// A gcc that is a script of ours.
fn fake(folder: &Path, script: &str) -> Toolbox {
    let path = file(folder, "bin/gcc", &format!("#!/bin/sh\n{script}\n"));
    fs::set_permissions(&path, fs::Permissions::from_mode(0o755)).unwrap();
    file(folder, "erratum.toml", "[language.c]\ncompiler = \"bin/gcc\"\n");
    Toolbox::new(folder, &Trust::everything()).unwrap()
}

fn session(toolbox: &Toolbox, files: &[PathBuf], limits: Limits) -> Session {
    let project = Project::open(files, None).unwrap();
    let found = toolbox.find(project.language, None).unwrap();
    Session::new(project, found, limits).unwrap()
}

#[test]
fn compilers_that_hang_crash_flood_or_fail_silently_are_said_to() {
    // Only the one that hangs has little time: on a busy machine the others need more.
    let ample = Limits::default().time;
    let cases = [
        ("sleep 300", "not done", Duration::from_secs(1)),
        ("kill -SEGV $$", "crashed", ample),
        ("yes", "printed more", ample),
        ("echo odd things >&2; exit 7", "odd things", ample),
        ("exit 1", "nothing", ample),
    ];
    for (script, expected, time) in cases {
        let folder = tempfile::tempdir().unwrap();
        let toolbox = fake(folder.path(), script);
        let path = file(folder.path(), "tide.c", "int tide;\n");
        let limits = Limits { time, output: 1 << 20, ..Limits::default() };
        let mut session = session(&toolbox, &[path], limits);
        let error = session.first().unwrap_err();
        assert!(
            matches!(error, Error::Ended { .. }) && error.to_string().contains(expected),
            "{script}: {error}"
        );
    }
}

/// Bytes without any order, the same ones each time for a seed.
fn noise(seed: u64, bytes: usize) -> Vec<u8> {
    let mut state = seed;
    let step = || {
        state ^= state << 13;
        state ^= state >> 7;
        state ^= state << 17;
        state.to_le_bytes()[3]
    };
    std::iter::repeat_with(step).take(bytes).collect()
}

#[test]
fn garbage_is_skipped() {
    for seed in 1..=10 {
        let folder = tempfile::tempdir().unwrap();
        let garbage = folder.path().join("garbage");
        fs::write(&garbage, noise(seed, 20_000)).unwrap();
        // In a line of its own: a terminal would take what follows an opened escape sequence for a part of it.
        let script =
            format!("cat '{}'; echo; echo 'tide.c:1:1: error: real'; exit 1", garbage.display());
        let toolbox = fake(folder.path(), &script);
        let path = file(folder.path(), "tide.c", "int tide;\n");
        let mut session = session(&toolbox, &[path], Limits::default());
        let report = session.first().unwrap();
        assert!(report.messages.iter().any(|message| message.text == "real"), "seed {seed}");
    }
}

#[test]
fn headers_beside_a_file_and_above_it_are_found_and_nothing_is_written_there() {
    let folder = tempfile::tempdir().unwrap();
    file(folder.path(), "fares.h", "int fare(int zone);\n");
    file(folder.path(), "src/berth.h", "int berth(void);\n");
    let path = file(
        folder.path(),
        "src/tide.c",
        "#include \"../fares.h\"\n#include \"berth.h\"\nint main(void) { return fare(berth()); }\n",
    );
    let before: Vec<_> =
        fs::read_dir(folder.path().join("src")).unwrap().map(|e| e.unwrap().file_name()).collect();
    let mut session = session(&Toolbox::default(), std::slice::from_ref(&path), Limits::default());
    assert_eq!(session.first().unwrap().messages.len(), 0);
    let after: Vec<_> =
        fs::read_dir(folder.path().join("src")).unwrap().map(|e| e.unwrap().file_name()).collect();
    assert_eq!(before.len(), after.len());
}

#[test]
fn rust_modules_and_cargo_projects_are_checked_from_their_root() {
    let folder = tempfile::tempdir().unwrap();
    file(
        folder.path(),
        "Cargo.toml",
        "[package]\nname = \"ferry\"\nversion = \"0.1.0\"\nedition = \"2021\"\n",
    );
    file(
        folder.path(),
        "src/main.rs",
        "mod tides;\nfn main() {\n    println!(\"{}\", tides::high());\n}\n",
    );
    let path = file(folder.path(), "src/tides.rs", "pub fn high() -> u32 {\n    \"three\"\n}\n");
    let mut session = session(&Toolbox::default(), &[path], Limits::default());
    let report = session.first().unwrap();
    let errors: Vec<_> = report.messages.iter().filter(|m| m.is_error()).collect();
    assert_eq!(errors.len(), 1);
    assert_eq!(errors[0].at.as_ref().unwrap().file, "src/tides.rs");
    assert!(!folder.path().join("target").exists());
}

#[test]
fn java_classes_of_one_folder_belong_together() {
    if which::which("javac").is_err() {
        let all = std::env::var("ERRATUM_TEST_COMPILERS").is_ok_and(|value| value == "all");
        assert!(!all, "javac is not installed");
        eprintln!("skipped: javac is not installed");
        return;
    }
    let folder = tempfile::tempdir().unwrap();
    file(folder.path(), "Fare.java", "class Fare {\n    int price() { return 3 }\n}\n");
    let path = file(
        folder.path(),
        "Ferry.java",
        "class Ferry {\n    int twice(Fare fare) { return 2 * fare.price(); }\n}\n",
    );
    let mut session = session(&Toolbox::default(), &[path], Limits::default());
    let report = session.first().unwrap();
    assert_eq!(report.messages.len(), 1);
    assert_eq!(report.messages[0].at.as_ref().unwrap().file, "Fare.java");
    // A second check by the same JVM, of a text that is sound.
    let mut program = session.project().program.clone();
    let mended = session
        .source("Fare.java")
        .unwrap()
        .with_bytes(&b"class Fare {\n    int price() { return 3; }\n}\n"[..]);
    program.set(mended);
    let again = session.compile(&[program], Depth::Errors).remove(0).unwrap();
    assert_eq!(again.messages.len(), 0);
}

#[test]
fn a_lone_crate_of_macros_has_the_library_for_them() {
    let folder = tempfile::tempdir().unwrap();
    let text = "use proc_macro::TokenStream;\n\n#[proc_macro]\npub fn tide(input: TokenStream) -> TokenStream {\n    input\n}\n";
    let path = file(folder.path(), "tide.rs", text);
    let mut session = session(&Toolbox::default(), &[path], Limits::default());
    assert!(session.first().unwrap().messages.is_empty());
}
