//! What a user may do wrong: a clear message, status 2, nothing lost, nothing left behind.

mod support;

use std::fs;
use support::{Folder, TIDE, have};

fn refused(folder: &Folder, arguments: &[&str], expected: &str) {
    let ran = folder.run(arguments);
    assert_eq!(ran.status, 2, "{arguments:?}: {}", ran.stdout);
    assert!(ran.stderr.contains(expected), "{arguments:?}: {}", ran.stderr);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn files_that_cannot_be_looked_at() {
    let folder = Folder::new();
    folder
        .write("empty.c", "")
        .write("binary.c", b"\x7fELF\0\0\0")
        .write("utf16.c", b"\xff\xfei\0n\0t\0");
    folder.write("tide.txt", TIDE).write("tide.rs", "fn main() {}\n").write("tide.c", TIDE);
    fs::write(folder.path("huge.c"), vec![b'x'; 50 << 20]).unwrap();
    fs::create_dir(folder.path("folder.c")).unwrap();
    refused(&folder, &[], "no file is named");
    refused(&folder, &["absent.c"], "there is no such file");
    refused(&folder, &["folder.c"], "is a folder");
    refused(&folder, &["empty.c"], "is empty");
    refused(&folder, &["binary.c"], "is no text");
    refused(&folder, &["utf16.c"], "UTF-16");
    refused(&folder, &["huge.c"], "50 MB");
    refused(&folder, &["tide.txt"], "name one with --language");
    refused(&folder, &["look", "--language", "klingon", "tide.c"], "It knows c, cpp, java, rust");
    refused(&folder, &["look", "tide.c", "tide.rs"], "one language at a time");
    refused(&folder, &["look", "--budget", "-3", "tide.c"], "seconds");
    refused(&folder, &["look", "--frob", "tide.c"], "--frob");
}

#[test]
fn compilers_that_are_not_there() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let mut command = folder.command(&["tide.c"]);
    let ran = support::Ran::of(command.env("PATH", folder.path("nowhere")));
    assert_eq!(ran.status, 2);
    assert!(
        ran.stderr.contains("no C compiler was found") && ran.stderr.contains("apt install gcc"),
        "{}",
        ran.stderr
    );
    refused(&folder, &["look", "--compiler", "gcc-99", "tide.c"], "was not found");
    refused(
        &folder,
        &["look", "--compiler", "frobnicate", "tide.c"],
        "no compiler that Erratum knows",
    );
    folder.write("erratum.toml", "[language.c]\ncompilr = \"gcc\"\n");
    refused(&folder, &["tide.c"], "erratum.toml");
    folder.write("erratum.toml", "[language.klingon]\n");
    refused(&folder, &["tide.c"], "names no language");
}

#[cfg(unix)]
#[test]
fn a_compiler_that_hangs_is_stopped_and_an_interrupt_leaves_nothing_behind() {
    use std::os::unix::fs::PermissionsExt;
    use std::process::{Command, Stdio};
    let folder = Folder::new();
    folder.write("tide.c", TIDE).write("gcc", "#!/bin/sh\nsleep 50\n");
    fs::set_permissions(folder.path("gcc"), fs::Permissions::from_mode(0o755)).unwrap();
    fs::create_dir_all(folder.path("tmp")).unwrap();
    let mut child = Command::new(env!("CARGO_BIN_EXE_erratum"))
        .args(["look", "--compiler", "./gcc", "tide.c"])
        .current_dir(folder.path("."))
        .env("TMPDIR", folder.path("tmp"))
        .stdout(Stdio::null())
        .stderr(Stdio::piped())
        .spawn()
        .unwrap();
    for _ in 0..200 {
        if folder.left_behind() > 0 {
            break;
        }
        std::thread::sleep(std::time::Duration::from_millis(20));
    }
    assert_eq!(folder.left_behind(), 1, "the scratch folder is there while it works");
    std::thread::sleep(std::time::Duration::from_millis(100));
    Command::new("kill").args(["-INT", &child.id().to_string()]).status().unwrap();
    let status = child.wait().unwrap();
    assert_eq!(status.code(), Some(2));
    assert_eq!(folder.left_behind(), 0);
    assert_eq!(folder.read("tide.c"), TIDE);
}

#[test]
fn many_messages_and_no_sense_end_within_the_budget() {
    let folder = Folder::new();
    let nonsense: String = (0..4000).map(|n| format!("x{n} = ) {{ tide \" '\n")).collect();
    folder.write("odd.c", nonsense);
    let started = std::time::Instant::now();
    let ran = folder.run(&["look", "--budget", "2", "odd.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(started.elapsed().as_secs() < 60, "{:?}", started.elapsed());
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn thousands_of_messages_end_with_what_is_known() {
    let folder = Folder::new();
    let mut text = String::from("int main(void) {\n");
    for n in 0..5000 {
        text.push_str(&format!("    berth{n} = {n};\n"));
    }
    text.push_str("    return 0;\n}\n");
    let ran = folder.write("many.c", text).run(&["look", "--budget", "1", "--quiet", "many.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.contains("many.c:2:"), "{}", ran.stdout);
}

#[test]
fn however_short_the_budget_the_first_message_is_told() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let ran = folder.run(&["look", "--budget", "0.000001", "--quiet", "tide.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.contains("tide.c:"), "{}", ran.stdout);
}

#[test]
fn a_file_of_twenty_thousand_lines_is_looked_at() {
    let folder = Folder::new();
    let mut text = String::new();
    for n in 0..2500 {
        let end = if n == 1200 { "" } else { ";" };
        text.push_str(&format!(
            "int tide{n}(int depth) {{\n    int sum = 0;\n    for (int i = 0; i < depth; i++) {{\n        sum += i{end}\n    }}\n    return sum;\n}}\n\n"
        ));
    }
    text.push_str("int main(void) {\n    return tide3(4);\n}\n");
    let ran = folder.write("long.c", text).run(&["look", "--budget", "20", "--quiet", "long.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.contains("A `;` is missing at the end of line 9604"), "{}", ran.stdout);
}

#[test]
fn on_narrow_terminals_no_line_is_wider() {
    use unicode_width::UnicodeWidthStr;
    let folder = Folder::new();
    let text = TIDE.replace("return 0;", "return (tide;");
    folder.write("tide.c", text);
    for command in [&["look", "--all", "-v"][..], &["pairs"], &["narrow"]] {
        for width in [20, 33, 50] {
            let number = width.to_string();
            let arguments = [command, &["tide.c", "--width", &number]].concat();
            let ran = folder.run(&arguments);
            assert_eq!(ran.status, 1, "{}", ran.stderr);
            let wide: Vec<&str> = ran.stdout.lines().filter(|l| l.width() > width).collect();
            assert!(wide.is_empty(), "{arguments:?}: {wide:#?}");
        }
    }
}

#[test]
fn a_project_that_cannot_be_built_is_no_mistake_in_the_program() {
    if !have("rustc") {
        return;
    }
    let folder = Folder::new();
    folder.write(
        "Cargo.toml",
        "[package]\nname = \"quay\"\nversion = \"0.1.0\"\nedition = \"2021\"\n[dependencies]\nno-such-berth-package = \"1\"\n",
    );
    folder.write("src/main.rs", "fn main() {\n    println!(\"low\");\n}\n");
    let ran = folder.run(&["look", "src/main.rs"]);
    assert_eq!(ran.status, 2, "{}", ran.stdout);
    assert!(ran.stderr.contains("no mistake in the program"), "{}", ran.stderr);
}

#[test]
fn a_library_of_rust_needs_no_main() {
    if !have("rustc") {
        return;
    }
    let folder = Folder::new();
    folder.write("tides.rs", "pub fn low(tide: i32) -> i32 {\n    tide - 1\n}\n");
    folder.write("berths.rs", "fn low(tide: i32) -> i32 {\n    tide - 1\n}\n");
    assert_eq!(folder.run(&["look", "tides.rs"]).status, 0);
    let ran = folder.run(&["look", "berths.rs"]);
    assert!(ran.stdout.contains("main"), "{}", ran.stdout);
}
