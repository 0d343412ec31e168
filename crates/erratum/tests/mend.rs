//! `erratum mend` and `erratum undo`.

mod support;

use std::fs;
use support::{Folder, SOUND, TIDE, have};

#[test]
fn the_fix_is_shown_written_and_taken_back() {
    let folder = Folder::new();
    let shown = folder.write("tide.c", TIDE).run(&["mend", "--dry-run", "tide.c"]);
    assert!(shown.stdout.contains("+   4      int tide = 3;"), "{}", shown.stdout);
    assert_eq!(folder.read("tide.c"), TIDE);
    let ran = folder.run(&["mend", "--yes", "tide.c"]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert!(ran.stdout.contains("Written. tide.c compiles now."), "{}", ran.stdout);
    assert_eq!(folder.read("tide.c"), SOUND);
    assert_eq!(folder.run(&["undo"]).status, 0);
    assert_eq!(folder.read("tide.c"), TIDE);
    assert_eq!(folder.run(&["undo"]).status, 2);
}

#[test]
fn several_mends_are_taken_back_one_by_one() {
    let folder = Folder::new();
    let first = TIDE.replace("return 0;", "return 0");
    folder.write("tide.c", &first);
    folder.run(&["mend", "--yes", "tide.c"]);
    let second = folder.read("tide.c");
    assert_ne!(second, first);
    folder.run(&["mend", "--yes", "tide.c"]);
    assert_eq!(folder.read("tide.c"), SOUND);
    folder.run(&["undo", "tide.c"]);
    assert_eq!(folder.read("tide.c"), second);
    folder.run(&["undo"]);
    assert_eq!(folder.read("tide.c"), first);
}

#[test]
fn all_goes_on_until_it_compiles_and_names_guesses() {
    let folder = Folder::new();
    let text = TIDE.replace(
        "#include <stdio.h>\n\n",
        "int fare(void) {\n    int price = 3;\n    price += 1;\n}\n\n",
    );
    let ran = folder.write("tide.c", text).run(&["mend", "--all", "--yes", "--guesses", "tide.c"]);
    assert_eq!(ran.status, 0, "{}", ran.stdout);
    assert!(folder.read("tide.c").contains("#include <stdio.h>"));
    assert!(folder.read("tide.c").contains("return price;"), "{}", folder.read("tide.c"));
    assert!(ran.stdout.contains("A guess, so check it"), "{}", ran.stdout);
}

#[test]
fn guesses_are_left_to_the_learner() {
    let folder = Folder::new();
    let text = TIDE.replace(
        "int main",
        "int fare(void) {\n    int price = 3;\n    price += 1;\n}\n\nint main",
    );
    let ran = folder.write("tide.c", text).run(&["mend", "--all", "--yes", "tide.c"]);
    assert!(ran.stdout.contains("Left for you"), "{}", ran.stdout);
    let words: Vec<&str> = ran.stdout.split_whitespace().collect();
    assert!(words.join(" ").contains("(it puts in something that nobody wrote)?"));
    assert!(!folder.read("tide.c").contains("return price;"));
    assert!(folder.read("tide.c").contains("int tide = 3;"));
}

#[test]
fn line_ends_byte_order_mark_and_odd_bytes_stay() {
    let folder = Folder::new();
    let mut text = b"\xef\xbb\xbf".to_vec();
    text.extend(TIDE.replace('\n', "\r\n").replace("return 0;", "return 0; // caf\u{1}").bytes());
    let at = text.iter().position(|byte| *byte == 1).unwrap();
    text[at] = 0xe9;
    folder.write("tide.c", &text);
    let ran = folder.run(&["mend", "--yes", "tide.c"]);
    assert_eq!(ran.status, 0, "{} {}", ran.stdout, ran.stderr);
    let now = fs::read(folder.path("tide.c")).unwrap();
    let at = text.windows(6).position(|run| run == b"= 3\r\n ").unwrap();
    text.insert(at + 3, b';');
    assert_eq!(now, text);
}

#[test]
fn another_fix_can_be_picked_and_a_wrong_number_is_refused() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", TIDE).run(&["mend", "--yes", "--pick", "99", "tide.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("--pick 99 names none"), "{}", ran.stderr);
    assert_eq!(folder.read("tide.c"), TIDE);
}

#[test]
fn nobody_is_asked_where_nobody_is() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", TIDE).run(&["mend", "tide.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.contains("+   4      int tide = 3;"), "{}", ran.stdout);
    assert!(ran.stdout.contains("--yes writes what is shown"), "{}", ran.stdout);
    assert_eq!(folder.read("tide.c"), TIDE);
}

#[test]
fn what_is_a_guess_is_a_question_where_nobody_is() {
    let folder = Folder::new();
    let text = TIDE.replace(
        "int main",
        "int fare(void) {\n    int price = 3;\n    price += 1;\n}\n\nint main",
    );
    let ran = folder.write("tide.c", &text).run(&["mend", "--all", "tide.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    let words: Vec<&str> = ran.stdout.split_whitespace().collect();
    assert!(words.join(" ").contains("A guess: Add the line `return price;`"), "{}", ran.stdout);
    assert!(!ran.stdout.contains("+   6      return price;"), "{}", ran.stdout);
    assert_eq!(folder.read("tide.c"), text);
}

#[test]
fn an_undo_that_would_lose_work_is_refused() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE).run(&["mend", "--yes", "tide.c"]);
    let later = SOUND.replace("return 0", "return 1");
    folder.write("tide.c", &later);
    let ran = folder.run(&["undo"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("would lose those changes"), "{}", ran.stderr);
    assert_eq!(folder.read("tide.c"), later);
}

/// The one file of the store with that name.
fn kept(folder: &Folder, name: &str) -> std::path::PathBuf {
    folder.path("state/erratum/mends/000001").join(name)
}

#[test]
fn an_undo_whose_record_was_cut_short_is_refused() {
    for (name, cut) in [("0.before", 0), ("0.before", 9), ("0.after", 0), ("mend.json", 20)] {
        let folder = Folder::new();
        folder.write("tide.c", TIDE).run(&["mend", "--yes", "tide.c"]);
        let whole = fs::read(kept(&folder, name)).unwrap();
        fs::write(kept(&folder, name), &whole[..cut]).unwrap();
        let ran = folder.run(&["undo"]);
        assert_eq!(ran.status, 2, "{name}: {}", ran.stdout);
        assert_eq!(folder.read("tide.c"), SOUND, "{name}");
    }
}

#[test]
fn a_program_that_is_gone_comes_back() {
    for arguments in [&["undo"][..], &["undo", "tide.c"]] {
        let folder = Folder::new();
        folder.write("tide.c", TIDE).run(&["mend", "--yes", "tide.c"]);
        fs::remove_file(folder.path("tide.c")).unwrap();
        let ran = folder.run(arguments);
        assert_eq!(ran.status, 0, "{}", ran.stderr);
        assert_eq!(folder.read("tide.c"), TIDE);
    }
}

#[cfg(unix)]
#[test]
fn old_texts_are_for_their_owner_alone() {
    use std::os::unix::fs::PermissionsExt;
    let folder = Folder::new();
    folder.write("tide.c", TIDE).run(&["mend", "--yes", "tide.c"]);
    for name in ["", ".."] {
        let mode = fs::metadata(kept(&folder, name)).unwrap().permissions().mode();
        assert_eq!(mode & 0o077, 0, "{name:?}");
    }
}

#[cfg(unix)]
#[test]
fn a_write_protected_file_is_left_alone() {
    use std::os::unix::fs::PermissionsExt;
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    fs::set_permissions(folder.path("tide.c"), fs::Permissions::from_mode(0o444)).unwrap();
    let ran = folder.run(&["mend", "--yes", "tide.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("write-protected"), "{}", ran.stderr);
    assert_eq!(folder.read("tide.c"), TIDE);
}

#[test]
fn changes_of_several_files_say_which_file_each_is_in() {
    let folder = Folder::new();
    folder.write("pier.h", "struct pier {\n    int depth;\n}\n\nint deep(struct pier one);\n");
    folder.write(
        "main.c",
        "#include \"pier.h\"\n\nint main(void) {\n    struct pier one = {4};\n    return one.dpth\n}\n",
    );
    let ran = folder.run(&["mend", "--all", "--yes", "main.c"]);
    assert_eq!(ran.status, 0, "{}{}", ran.stdout, ran.stderr);
    assert!(
        ran.stdout.contains("In pier.h:") && ran.stdout.contains("In main.c:"),
        "{}",
        ran.stdout
    );
    assert!(folder.read("pier.h").contains("};"));
    assert!(folder.read("main.c").contains("return one.depth;"));
    assert_eq!(folder.run(&["undo"]).status, 0);
    assert!(!folder.read("pier.h").contains("};"));
}

#[test]
fn all_mends_what_is_hidden_behind_each_other() {
    let folder = Folder::new();
    let sound = TIDE.replace("int tide = 3", "int tide = 3;");
    let text = sound
        .replace("#include <stdio.h>", "#include <stdio.h")
        .replace("int tide = 3;", "int tide = 3")
        .replace("return 0;", "retrun 0;");
    let ran = folder.write("tide.c", text).run(&["mend", "--all", "--yes", "tide.c"]);
    assert_eq!(ran.status, 0, "{}", ran.stdout);
    assert_eq!(folder.read("tide.c"), SOUND);
}

#[test]
fn of_two_readings_none_is_written_until_one_is_picked() {
    let folder = Folder::new();
    let text = "int main(void) {\n    int tide1 = 2;\n    int tide2 = 2;\n    return tide3;\n}\n";
    for arguments in [&["mend", "--yes"][..], &["mend", "--all", "--yes", "--guesses"]] {
        let ran = folder.write("tide.c", text).run(&[arguments, &["tide.c"]].concat());
        assert_eq!(ran.status, 1, "{}", ran.stdout);
        assert!(ran.stdout.contains("Only you know which change is meant"), "{}", ran.stdout);
        let told = ran.stdout.split_whitespace().collect::<Vec<_>>().join(" ");
        assert!(told.contains("1. On line 4") && told.contains("or 2. On line 4"), "{told}");
        assert_eq!(folder.read("tide.c"), text);
    }
    let ran = folder.run(&["mend", "--pick", "2", "--yes", "tide.c"]);
    assert_eq!(ran.status, 0, "{}", ran.stdout);
    assert!(folder.read("tide.c").contains("return tide2;"), "{}", ran.stdout);
    let none = folder.write("tide.c", text).run(&["mend", "--pick", "9", "--yes", "tide.c"]);
    assert_eq!(none.status, 2, "{}", none.stdout);
    assert_eq!(folder.read("tide.c"), text);
}

#[test]
fn a_diff_is_taken_by_the_usual_tools() {
    if !have("gcc") {
        return;
    }
    for end in ["\n", "\r\n", ""] {
        let text = TIDE.trim_end().replace('\n', if end.is_empty() { "\n" } else { end }) + end;
        let folder = Folder::new();
        folder.write("a port/tide.c", &text);
        let ran = folder.run(&["mend", "--dry-run", "--patch", "a port/tide.c"]);
        assert_eq!(ran.status, 1, "{}", ran.stderr);
        assert_eq!(folder.read("a port/tide.c"), text);
        let mended = text.replace("tide = 3", "tide = 3;");
        for tool in [
            &["patch", "-p1", "--binary", "-i", "change.diff"][..],
            &["git", "apply", "change.diff"],
        ] {
            if !have(tool[0]) {
                continue;
            }
            folder.write("a port/tide.c", &text).write("change.diff", &ran.stdout);
            let mut command = std::process::Command::new(tool[0]);
            let done = command.args(&tool[1..]).current_dir(folder.path("")).output().unwrap();
            assert!(done.status.success(), "{tool:?}: {done:?} {}", ran.stdout);
            assert_eq!(folder.read("a port/tide.c"), mended, "{tool:?}");
        }
    }
    let folder = Folder::new();
    folder.write("tide.c", SOUND);
    assert_eq!(folder.run(&["mend", "--dry-run", "--patch", "tide.c"]).stdout, "");
    assert_eq!(folder.run(&["mend", "--patch", "tide.c"]).status, 2);
}
