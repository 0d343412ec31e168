//! Where mistakes lie: the map, links, the editor, and the right line beside the faulty one.

mod support;

use assert_cmd::Command;
use support::{Folder, Ran};

/// Two mistakes; a line of the same kind as the first stands above it.
const FARES: &str = r#"#include <stdio.h>

int fare_of(int zone) {
    int fare = 3;
    return fare + zone;
}

int main(void) {
    int berths = 2
    for (int i = 0; i < berths; i++) {
        printf("%d\n", fare_of(i));
    }
    printf("%d\n" berths);
    return 0;
}
"#;

/// A folder with that program and an editor that notes what it is given.
fn folder(editor: &str) -> (Folder, String) {
    let folder = Folder::new();
    folder.write("fares.c", FARES);
    folder.write(editor, "#!/bin/sh\nfor word; do echo \"$word\"; done > opened\n");
    let path = folder.path(editor);
    #[cfg(unix)]
    {
        use std::os::unix::fs::PermissionsExt;
        std::fs::set_permissions(&path, std::fs::Permissions::from_mode(0o755)).unwrap();
    }
    (folder, path.display().to_string())
}

fn without_editor(folder: &Folder, arguments: &[&str]) -> Command {
    let mut command = folder.command(arguments);
    command.env_remove("VISUAL").env_remove("EDITOR");
    command
}

#[test]
fn the_map_shows_and_numbers_every_place() {
    let (folder, _) = folder("nano");
    let ran = folder.run(&["look", "--all", "fares.c"]);
    for part in [
        "Where it lies  (● at fault, ○ reported or follows)\n",
        "  fares.c  ········●○··●··  15 lines\n",
        "  1    line 9   A `;` is missing at the end of line 9\n",
        "  1.1  line 10  reported here\n",
        "  2    line 13  A `,` is missing on line 13\n",
    ] {
        assert!(ran.stdout.contains(part), "{part}\n{}", ran.stdout);
    }
}

#[test]
fn one_place_needs_no_map() {
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) {\n    int tide = 3;\n    return tdie;\n}\n");
    let ran = folder.run(&["look", "--all", "tide.c"]);
    assert!(!ran.stdout.contains("Where it lies"), "{}", ran.stdout);
}

#[test]
fn a_place_is_opened_at_its_line() {
    let (folder, editor) = folder("nano");
    let open = |number: &str| {
        let mut command = without_editor(&folder, &["look", "fares.c", "--open", number]);
        Ran::of(command.env("EDITOR", &editor))
    };
    let ran = open("2");
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert_eq!(folder.read("opened"), "+13\nfares.c\n");
    assert!(ran.stdout.starts_with("Opened fares.c for line 13 with "), "{}", ran.stdout);
    open("1.1");
    assert_eq!(folder.read("opened"), "+10\nfares.c\n");
}

#[test]
fn the_visual_editor_comes_first_and_has_its_own_habit() {
    let (folder, editor) = folder("hx");
    let mut command = without_editor(&folder, &["look", "fares.c", "--open", "1"]);
    command.env("EDITOR", "false").env("VISUAL", format!("{editor} --wait"));
    assert_eq!(Ran::of(&mut command).status, 1);
    assert_eq!(folder.read("opened"), "--wait\nfares.c:9:19\n");
}

#[test]
fn what_cannot_be_opened_is_said() {
    let (folder, _) = folder("nano");
    let ran = |number: &str, editor: Option<&str>| {
        let mut command = without_editor(&folder, &["look", "fares.c", "--open", number]);
        editor.map(|editor| command.env("EDITOR", editor));
        Ran::of(&mut command)
    };
    for (number, editor, said) in [
        ("7", Some("true"), "no place has the number 7. There are 1, 1.1 and 2"),
        ("1", None, "no editor is set. Set VISUAL or EDITOR"),
        ("1", Some("no-such-editor"), "cannot be started"),
        ("1", Some("false"), "ended with an error"),
        ("1", Some("'open"), "is no command"),
    ] {
        let ran = ran(number, editor);
        assert_eq!(ran.status, 2, "{editor:?}");
        assert!(ran.stderr.contains(said), "{said}\n{}", ran.stderr);
    }
}

#[test]
fn places_are_links_where_the_terminal_has_them() {
    let (folder, _) = folder("nano");
    let mut command = folder.command(&["look", "--all", "fares.c", "--color", "always"]);
    let ran = Ran::of(command.env("FORCE_HYPERLINK", "1"));
    assert!(ran.stdout.contains("fares.c#L9\u{1b}\\line 9"), "{}", ran.stdout);
    // Where nothing is coloured, nothing is linked.
    let mut command = folder.command(&["look", "--all", "fares.c", "--color", "never"]);
    let ran = Ran::of(command.env("FORCE_HYPERLINK", "1"));
    assert!(!ran.stdout.contains('\u{1b}'), "{}", ran.stdout);
}

#[test]
fn a_right_line_stands_beside_the_faulty_one() {
    let (folder, _) = folder("nano");
    let ran = folder.run(&["look", "fares.c"]);
    let shown = "  Line 4 is of the same kind, and right:
       line 9  int berths = 2
       line 4  int fare   = 3;
       Line 4 has `;` where line 9 has nothing.
";
    assert!(ran.stdout.contains(shown), "{}", ran.stdout);
}

#[test]
fn the_odd_mark_of_a_file_is_on_a_map_too() {
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) {\n    if (1 {\n    }\n    return 0;\n}\n");
    let ran = folder.run(&["pairs", "tide.c"]);
    let map = "Where it lies  (● no partner)\n  tide.c  ·●···  5 lines\n";
    assert!(ran.stdout.contains(map), "{}", ran.stdout);
}
