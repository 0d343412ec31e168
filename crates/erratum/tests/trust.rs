//! Nothing that a folder chose is started before its user trusts it.

#![cfg(unix)]

mod support;

use std::fs;
use std::os::unix::fs::PermissionsExt;
use support::{Folder, Ran, TIDE, have};

const SETTINGS: &str = "[language.c]\ncompiler = \"bin/gcc\"\n";

/// A folder with a program and a gcc of its own that notes that it was started.
fn folder(settings: &str) -> Folder {
    let folder = Folder::new();
    folder.write("tide.c", TIDE).write("erratum.toml", settings);
    script(&folder, "bin/gcc");
    folder
}

/// A program that notes that it was started, and does nothing else.
fn script(folder: &Folder, name: &str) {
    folder.write(name, "#!/bin/sh\necho started >&9\n");
    fs::set_permissions(folder.path(name), fs::Permissions::from_mode(0o755)).unwrap();
}

fn started(folder: &Folder) -> bool {
    folder.noted() > 0
}

fn run(folder: &Folder, arguments: &[&str]) -> Ran {
    Ran::of(&mut folder.noting(arguments))
}

#[test]
fn a_compiler_that_settings_name_by_its_path_is_not_started() {
    let folder = folder(SETTINGS);
    for command in ["look", "narrow", "share"] {
        let ran = run(&folder, &[command, "tide.c"]);
        assert!(!started(&folder), "{command}");
        assert!(
            ran.stderr.contains("bin/gcc") && ran.stderr.contains("erratum trust"),
            "{command}"
        );
    }
    if have("gcc") {
        // What else there is goes on to work.
        let ran = run(&folder, &["look", "tide.c"]);
        assert_eq!((ran.status, ran.stdout.contains("`;`")), (1, true), "{}", ran.stdout);
    }
}

#[test]
fn it_is_started_where_the_user_trusts_the_folder_and_no_longer_after() {
    let folder = folder(SETTINGS);
    let ran = folder.run(&["trust", "."]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert!(
        folder
            .run(&["trust"])
            .stdout
            .contains(folder.path("").to_str().unwrap().trim_end_matches('/'))
    );
    let ran = run(&folder, &["look", "tide.c"]);
    assert!(started(&folder) && !ran.stderr.contains("erratum trust"), "{}", ran.stderr);
    fs::remove_file(folder.path("noted")).unwrap();
    assert_eq!(folder.run(&["trust", ".", "--revoke"]).status, 0);
    run(&folder, &["look", "tide.c"]);
    assert!(!started(&folder));
    assert!(folder.run(&["trust"]).stdout.contains("No folder is trusted"));
    assert_eq!(folder.run(&["trust", ".", "--revoke"]).status, 2);
}

#[test]
fn arguments_count_only_where_the_folder_is_trusted() {
    if !have("gcc") {
        return;
    }
    let settings = "[language.c]\narguments = [\"-wrapper\", \"bin/gcc\"]\n";
    let folder = folder(settings);
    let ran = run(&folder, &["look", "tide.c"]);
    assert!(!started(&folder) && ran.stderr.contains("-wrapper"), "{}", ran.stderr);
    assert_eq!(ran.status, 1);
    assert!(run(&folder, &["look", "--json", "tide.c"]).stdout.starts_with('{'));
}

#[test]
fn the_name_of_a_known_compiler_and_texts_need_no_trust() {
    let folder =
        folder("budget = 2.0\n\n[language.c]\ncompiler = \"gcc\"\n\n[texts]\nlanguage = \"de\"\n");
    let ran = run(&folder, &["look", "tide.c"]);
    assert_eq!(ran.stderr, "", "{}", ran.stderr);
    assert!(!started(&folder));
}

#[test]
fn settings_that_others_can_write_are_left_out() {
    let folder = folder("[texts]\nlanguage = \"xx\"\n");
    fs::set_permissions(folder.path("erratum.toml"), fs::Permissions::from_mode(0o666)).unwrap();
    let ran = run(&folder, &["look", "tide.c"]);
    assert!(ran.stderr.contains("others can write"), "{}", ran.stderr);
    assert_ne!(ran.status, 2, "{}", ran.stderr);
}

#[test]
fn a_compiler_that_came_with_a_program_is_not_started() {
    let folder = Folder::new();
    folder.write("tide.ts", "const tide: number = 3\n");
    script(&folder, "node_modules/.bin/tsc");
    run(&folder, &["look", "tide.ts"]);
    run(&folder, &["compilers"]);
    assert!(!started(&folder));
    folder.run(&["trust", "."]);
    run(&folder, &["look", "tide.ts"]);
    assert!(started(&folder));
}

#[test]
fn what_lies_beside_a_program_is_not_on_the_path() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    script(&folder, "gcc");
    script(&folder, "bin/gcc");
    let path = std::env::var("PATH").unwrap();
    for first in [".", "", "bin"] {
        let mut command = folder.noting(&["look", "tide.c"]);
        Ran::of(command.env("PATH", format!("{first}:{path}")));
        assert!(!started(&folder), "{first:?}");
    }
}

#[test]
fn what_cannot_be_trusted_is_refused() {
    let folder = folder(SETTINGS);
    let ran = folder.run(&["trust", "nowhere"]);
    assert!(ran.status == 2 && ran.stderr.contains("nowhere"), "{}", ran.stderr);
    assert_eq!(folder.run(&["trust", "tide.c"]).status, 2);
    assert_eq!(folder.run(&["trust", "--revoke"]).status, 2);
}
