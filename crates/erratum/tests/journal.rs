//! `erratum journal`, with the C compiler.

mod support;

use support::{Folder, Ran, SOUND, TIDE};

/// A run whose looks are kept, as at a terminal.
fn kept(folder: &Folder, arguments: &[&str]) -> Ran {
    Ran::of(folder.command(arguments).env("ERRATUM_JOURNAL", "1"))
}

#[test]
fn looks_are_kept_shown_and_forgotten() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let first = kept(&folder, &["tide.c"]);
    assert!(first.stderr.contains("`erratum journal off` stops it"), "{}", first.stderr);
    assert!(!kept(&folder, &["tide.c"]).stderr.contains("journal"), "it is said once");
    assert_eq!(kept(&folder, &["mend", "--yes", "tide.c"]).status, 0);
    assert_eq!(kept(&folder, &["tide.c"]).status, 0);
    folder.write("quay.c", TIDE.replace("tide = 3", "tide = 3;").replace("tide);", "tdie);"));
    kept(&folder, &["quay.c"]);
    let shown = kept(&folder, &["journal"]).stdout;
    assert!(shown.starts_with("2 mistakes, 1 of them gone."), "{shown}");
    assert!(shown.contains("A statement is not ended"), "{shown}");
    assert!(shown.contains("Next: `erratum drill --kind "), "{shown}");
    let json: serde_json::Value =
        serde_json::from_str(&kept(&folder, &["journal", "--json"]).stdout).unwrap();
    let schema: serde_json::Value =
        serde_json::from_str(include_str!("../../../docs/journal.schema.json")).unwrap();
    assert!(jsonschema::validator_for(&schema).unwrap().is_valid(&json), "{json}");
    let mut kinds = json["kinds"].as_array().unwrap().iter();
    let terminator = kinds.find(|kind| kind["mistake"] == "missing-terminator").unwrap();
    assert_eq!(terminator["made"], 1);
    assert_eq!(terminator["mended"], 1);
    let csv = kept(&folder, &["journal", "--csv"]).stdout;
    assert!(csv.contains("missing-terminator,1,0,1,1,"), "{csv}");
    assert_eq!(kept(&folder, &["journal", "--html", "mine.html"]).status, 0);
    let page = folder.read("mine.html");
    assert!(page.contains("<svg") && page.contains("A statement is not ended"), "{page}");
    assert!(!page.contains("src=") && !page.contains("<script"), "nothing is fetched");
    assert_eq!(
        kept(&folder, &["journal", "--html", "mine.html"]).status,
        2,
        "nothing is written over"
    );
    // Neither a name nor a text is anywhere.
    let database = std::fs::read(folder.path("state/erratum/journal/journal.db")).unwrap();
    assert!(!database.windows(6).any(|part| part == b"quay.c" || part == b"printf"));
    let other = kept(&folder, &["journal", "--language", "java"]).stdout;
    assert!(other.contains("The journal is empty."), "{other}");
    assert_eq!(kept(&folder, &["journal", "forget", "--before", "yesterday"]).status, 2);
    assert_eq!(kept(&folder, &["journal", "forget"]).status, 0);
    assert!(kept(&folder, &["journal"]).stdout.contains("The journal is empty."));
}

#[test]
fn nothing_is_kept_of_scripts_nor_where_it_is_off() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    folder.run(&["tide.c"]);
    assert!(!folder.path("state/erratum/journal/journal.jsonl").exists(), "a pipe is no terminal");
    folder.write("erratum.toml", "journal = false\n");
    kept(&folder, &["tide.c"]);
    assert!(!folder.path("state/erratum/journal/journal.jsonl").exists(), "the settings say no");
    folder.write("erratum.toml", "");
    let off = folder.run(&["journal", "off"]);
    assert!(off.stdout.contains("Nothing is kept any more."), "{}", off.stdout);
    assert!(folder.run(&["journal"]).stdout.contains("`erratum journal on` begins it."));
    folder.run(&["journal", "on"]);
    kept(&folder, &["tide.c"]);
    assert!(folder.path("state/erratum/journal/journal.jsonl").exists());
}

#[test]
fn a_look_never_fails_by_the_journal() {
    let folder = Folder::new();
    folder.write("tide.c", SOUND);
    // A file stands where the folder should be.
    folder.write("state", "");
    let ran = kept(&folder, &["tide.c"]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert_eq!(kept(&folder, &["journal"]).status, 2);
    let folder = Folder::new();
    folder.write("state/erratum/journal/journal.db", "no database\n".repeat(400));
    let ran = kept(&folder, &["journal"]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert!(
        ran.stderr.contains("was damaged") && ran.stderr.contains("journal.damaged-1.db"),
        "{}",
        ran.stderr
    );
    assert!(folder.path("state/erratum/journal/journal.damaged-1.db").exists());
}
