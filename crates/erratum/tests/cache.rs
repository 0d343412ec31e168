//! `erratum cache`, and what a look does with what is prepared.

mod support;

use std::fs;
use std::path::PathBuf;
use support::{Folder, Ran, have, terminal::Terminal};

const QUAY: &str = "class Quay {\n    int berths = tides;\n}\n";

/// The folders of the entries.
fn entries(folder: &Folder) -> Vec<PathBuf> {
    let all = fs::read_dir(folder.path("cache/erratum/prepared")).into_iter().flatten().flatten();
    all.map(|entry| entry.path()).filter(|path| path.join("manifest.json").is_file()).collect()
}

#[test]
fn what_is_kept_is_told_and_removed() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    folder.write("Quay.java", QUAY);
    let nothing = folder.run(&["cache"]);
    assert_eq!(nothing.status, 0);
    assert!(nothing.stdout.starts_with("Nothing is prepared."), "{}", nothing.stdout);
    let made = folder.run(&["cache", "--prepare", "Quay.java"]);
    assert_eq!(made.status, 0, "{}{}", made.stdout, made.stderr);
    assert!(made.stdout.starts_with("Prepared: the start of javac ("), "{}", made.stdout);
    let again = folder.run(&["cache", "--prepare", "Quay.java"]);
    assert_eq!(again.stdout, "Prepared already: the start of javac.\n");
    let told = folder.run(&["cache"]).stdout;
    assert!(told.contains("the start of javac") && told.contains("within the hour"), "{told}");
    let json: serde_json::Value =
        serde_json::from_str(&folder.run(&["cache", "--json"]).stdout).unwrap();
    assert_eq!(json["entries"][0]["what"], "the start of javac");
    assert_eq!(json["bytes"], json["entries"][0]["bytes"]);
    let cleared = folder.run(&["cache", "--clear"]);
    assert!(cleared.stdout.starts_with("Removed: "), "{}", cleared.stdout);
    assert!(entries(&folder).is_empty());
}

#[test]
fn a_damaged_entry_is_dropped_with_a_word_and_the_answer_is_the_same() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    folder.write("Quay.java", QUAY).run(&["cache", "--prepare", "Quay.java"]);
    let whole = folder.run(&["look", "Quay.java"]);
    let entry = entries(&folder).remove(0);
    fs::write(entry.join("helper.jar"), "short").unwrap();
    let damaged = folder.run(&["look", "-v", "Quay.java"]);
    assert!(damaged.stderr.contains("the start of javac was prepared, but is not used"));
    assert!(damaged.stdout.starts_with(whole.stdout.trim_end()), "{}", damaged.stdout);
    assert!(entries(&folder).is_empty());
}

#[test]
fn without_a_terminal_nothing_is_prepared() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    folder.write("Quay.java", QUAY).run(&["look", "Quay.java"]);
    assert!(!folder.path("cache").exists());
}

#[test]
fn at_a_terminal_it_is_prepared_once_the_answer_is_given_unless_the_settings_say_no() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    folder.write("Quay.java", QUAY).write("erratum.toml", "prepare = false\n");
    let look = || {
        let terminal = Terminal::erratum(&folder, &["look", "Quay.java"], (80, 40));
        terminal.wait_for("tides");
        assert_eq!(terminal.end().0, 1);
    };
    look();
    fs::remove_file(folder.path("erratum.toml")).unwrap();
    assert!(!folder.path("cache").exists());
    look();
    // The job goes on by itself.
    let started = std::time::Instant::now();
    while entries(&folder).is_empty() {
        assert!(started.elapsed().as_secs() < 60, "nothing was prepared");
        std::thread::sleep(std::time::Duration::from_millis(50));
    }
}

#[test]
fn without_a_home_a_look_goes_on_as_before() {
    let folder = Folder::new();
    folder.write("tide.c", support::TIDE);
    let mut command = folder.command(&["tide.c"]);
    let ran = Ran::of(command.env_remove("HOME").env_remove("XDG_CACHE_HOME"));
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.contains("A `;` is missing"), "{}", ran.stdout);
}

#[test]
fn files_without_a_language_are_refused() {
    let folder = Folder::new();
    let ran = folder.write("tide.xyz", "x").run(&["cache", "--prepare", "tide.xyz"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("its language cannot be told"), "{}", ran.stderr);
    let ran = folder.run(&["cache", "tide.xyz"]);
    assert_eq!(ran.status, 2, "files belong to --prepare: {}", ran.stderr);
}
