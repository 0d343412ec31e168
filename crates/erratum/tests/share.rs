//! `erratum share`: a text to ask for help with.

mod support;

use support::{Folder, SOUND, TIDE};

#[test]
fn the_text_has_the_small_program_the_words_and_what_was_tried() {
    let folder = Folder::new();
    let ran = folder.write("deep/tide.c", TIDE).run(&["share", "deep/tide.c"]);
    assert_eq!(ran.status, 1);
    for part in [
        "# `tide.c` does not compile",
        "```c\n",
        "    int tide = 3\n",
        "    expected ',' or ';' before",
        "Command: `gcc ",
        "Tried:\n\n- Add `;` at the end of line",
        "the message is gone with it",
    ] {
        assert!(ran.stdout.contains(part), "{part}\n{}", ran.stdout);
    }
    // Nothing names the machine: the folder's path stands nowhere.
    let path = folder.path("").display().to_string();
    assert!(!ran.stdout.contains(path.trim_end_matches('/')), "{}", ran.stdout);
    assert!(!ran.stdout.contains("/tmp"), "{}", ran.stdout);
}

#[test]
fn a_teachers_texts_are_in_it() {
    let folder = Folder::new();
    let texts =
        "[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Every rope ends in a knot.\"\n";
    folder.write("erratum.toml", "[texts]\nfolder = \"texts\"\n").write("texts/own.toml", texts);
    let ran = folder.write("tide.c", TIDE).run(&["share", "tide.c"]);
    assert!(ran.stdout.contains("Every rope ends in a knot."), "{}", ran.stdout);
}

#[test]
fn it_is_written_to_a_new_file_only() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE).write("ask.md", "mine");
    assert_eq!(folder.run(&["share", "tide.c", "--out", "ask.md"]).status, 2);
    assert_eq!(folder.read("ask.md"), "mine");
    let ran = folder.run(&["share", "tide.c", "--out", "new.md"]);
    assert!(ran.stdout.contains("Written to new.md. Nothing was sent anywhere."));
    assert!(folder.read("new.md").starts_with("# `tide.c` does not compile"));
}

#[test]
fn a_page_has_the_same_and_needs_nothing_beside_it() {
    let folder = Folder::new();
    let wrong = "#include <stdio.h>\nint main(void) {\n    int tide = 3\n    if (tide < 4) { puts(\"<b>low</b>\"); }\n    return 0;\n}\n";
    folder.write("tide.c", wrong).run(&["share", "tide.c", "--out", "ask.html"]);
    let page = folder.read("ask.html");
    for part in [
        "<!DOCTYPE html>",
        "<title>tide.c does not compile</title>",
        "int tide = 3\n",
        "<li>Add <code>;</code>",
    ] {
        assert!(page.contains(part), "{part}\n{page}");
    }
    for part in ["http:", "https:", "src=", "<b>", "<script"] {
        assert!(!page.contains(part), "{part}\n{page}");
    }
    assert_eq!(folder.run(&["share", "tide.c", "--html"]).stdout, page);
}

#[test]
fn a_sound_program_leaves_nothing_to_ask() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", SOUND).run(&["share", "tide.c"]);
    assert_eq!(ran.status, 0);
    assert!(ran.stdout.contains("nothing to ask"), "{}", ran.stdout);
}
