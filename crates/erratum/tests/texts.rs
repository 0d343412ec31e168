//! Texts of a teacher's own, and in another human language.

mod support;

use support::{Folder, TIDE};

/// A folder with settings that name texts, and the texts.
fn taught(settings: &str, texts: &str) -> Folder {
    let folder = Folder::new();
    folder.write("erratum.toml", settings).write("texts/own.toml", texts).write("tide.c", TIDE);
    folder
}

const NAMED: &str = "[texts]\nfolder = \"texts\"\n";

#[test]
fn a_teachers_texts_are_shown_in_the_place_of_ours() {
    let texts = "[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Every rope ends in a knot.\"\n\n[[term]]\nname = \"berth\"\nmeaning = \"A place for a ship.\"\nwhy = \"A ship must lie somewhere.\"\n";
    let folder = taught(NAMED, texts);
    let ran = folder.run(&["look", "tide.c"]);
    assert!(ran.stdout.contains("Why: Every rope ends in a knot."), "{}", ran.stdout);
    assert!(ran.stdout.contains("A `;` is missing at the end of line 4"), "{}", ran.stdout);
    assert_eq!(ran.stderr, "");
    let ran = folder.run(&["means", "berth"]);
    assert!(ran.stdout.contains("A ship must lie somewhere."), "{}", ran.stdout);
    let ran = folder.run(&["texts"]);
    assert_eq!(
        (ran.status, ran.stdout.as_str()),
        (0, "1 file: the texts of 1 mistake and 1 word can be used.\n")
    );
}

#[test]
fn a_mistake_of_ones_own_is_told_by_its_pattern() {
    let texts = "[[mistake]]\nid = \"unsaid-rule\"\nphase = \"lexical\"\ntitle = \"Line {reported}: no `#error` at sea\"\ngeneral = \"No error at sea\"\nmeaning = \"The harbour says `{what}`.\"\nadvice = \"Ask.\"\npatterns = [{ compiler = \"gcc\", text = \"#error harbour {what}\" }]\n";
    let folder = taught(NAMED, texts);
    folder.write("pier.c", "#error harbour closed\nint depth;\n");
    let ran = folder.run(&["look", "--no-proof", "pier.c"]);
    assert!(ran.stdout.contains("Line 1: no `#error` at sea"), "{}", ran.stdout);
    assert!(ran.stdout.contains("The harbour says `closed`."), "{}", ran.stdout);
}

#[test]
fn a_broken_entry_is_named_with_its_line_and_the_rest_works() {
    let texts = "[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Every rope ends in a knot.\"\n\n[[mistake]]\nid = \"missing-return\"\ntitle = \"{nobody}\"\n";
    let folder = taught(NAMED, texts);
    let ran = folder.run(&["look", "tide.c"]);
    assert!(ran.stdout.contains("Every rope ends in a knot."), "{}", ran.stdout);
    assert!(
        ran.stderr.contains("texts/own.toml, line 7 (mistake `missing-return`)"),
        "{}",
        ran.stderr
    );
    let ran = folder.run(&["texts", "texts"]);
    assert_eq!(ran.status, 1);
    assert!(ran.stdout.contains("nothing fills `{nobody}` in `title`"), "{}", ran.stdout);
    let json: serde_json::Value =
        serde_json::from_str(&folder.run(&["texts", "--json"]).stdout).unwrap();
    assert_eq!(json["problems"][0]["line"], 7);
    assert_eq!(json["mistakes"], 1);
}

#[test]
fn a_file_that_is_no_text_or_no_toml_is_named_and_the_others_are_used() {
    let folder = taught(NAMED, "[[mistake]\n");
    folder.write("texts/noise.toml", [0xff, 0xfe, 0x00]);
    folder.write(
        "texts/zone.toml",
        "[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Knots.\"\n",
    );
    let ran = folder.run(&["texts"]);
    assert_eq!(ran.status, 1);
    assert!(
        ran.stdout.contains("texts/noise.toml, line 1: it is no text in UTF-8"),
        "{}",
        ran.stdout
    );
    assert!(ran.stdout.contains("texts/own.toml, line 1: it is no TOML"), "{}", ran.stdout);
    assert!(folder.run(&["look", "tide.c"]).stdout.contains("Why: Knots."));
}

#[test]
fn texts_come_in_another_human_language() {
    let folder = taught("[texts]\nlanguage = \"de\"\n", "");
    let ran = folder.run(&["look", "tide.c"]);
    assert!(ran.stdout.contains("Am Ende von Zeile 4 fehlt ein `;`"), "{}", ran.stdout);
    folder.write("erratum.toml", "[texts]\nlanguage = \"xx\"\n");
    let ran = folder.run(&["look", "tide.c"]);
    assert_eq!(ran.status, 2);
    assert!(
        ran.stderr.contains("no texts in the language 'xx'. There are: en, de."),
        "{}",
        ran.stderr
    );
    // A language of the teacher's own, and texts of another one that are left alone.
    folder.write("erratum.toml", "[texts]\nlanguage = \"xx\"\nfolder = \"texts\"\n");
    folder.write(
        "texts/own.toml",
        "language = \"xx\"\n[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Xx.\"\n",
    );
    folder.write(
        "texts/zz.toml",
        "language = \"zz\"\n[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Zz.\"\n",
    );
    assert!(folder.run(&["look", "tide.c"]).stdout.contains("Why: Xx."));
}

#[test]
fn an_entry_is_printed_in_the_form_in_which_others_are_written() {
    let folder = Folder::new();
    let ran = folder.run(&["texts", "--print", "missing-return", "token"]);
    folder.write("texts/own.toml", &ran.stdout);
    let ran = folder.run(&["texts", "texts"]);
    assert_eq!(
        (ran.status, ran.stdout.as_str()),
        (0, "1 file: the texts of 1 mistake and 1 word can be used.\n")
    );
    let ran = folder.run(&["texts", "--print", "lost-anchor"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("'lost-anchor' is neither"), "{}", ran.stderr);
}

#[test]
fn a_folder_that_is_not_there_is_named() {
    let folder = Folder::new();
    let ran = folder.run(&["texts"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("no folder of texts is named"), "{}", ran.stderr);
    let ran = folder.run(&["texts", "nowhere"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("nowhere: the folder of texts cannot be read"), "{}", ran.stderr);
}
