//! What a program, a log, a name or settings hold steers no terminal and fetches nothing.

mod support;

use support::{Folder, Ran, have};

/// A program with marks of a terminal in a name, a text and a remark, and one for the direction.
const HOSTILE: &str = "#include <stdio.h>\n\nint main(void) {\n    int tide = 3 // \u{202e}low\n    \
    printf(\"\u{1b}]0;owned\u{7}%d\\n\u{1b}[2J\", tide);\n    int \u{9b}2J = tdie;\n    return 0;\n}\n";

/// Asserts that nothing of what was printed steers a terminal.
fn assert_tame(ran: &Ran, what: &str) {
    for text in [&ran.stdout, &ran.stderr] {
        let steers = |c: char| (c.is_control() && c != '\n' && c != '\t') || c == '\u{202e}';
        assert!(!text.contains(steers), "{what}: {text:?}");
    }
}

#[test]
fn a_program_steers_no_terminal() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    folder.write("tide.c", HOSTILE);
    for command in [
        &["look", "--all", "-vv", "tide.c"][..],
        &["look", "--json", "tide.c"],
        &["look", "--quiet", "tide.c"],
        &["look", "--no-proof", "tide.c"],
        &["pairs", "tide.c"],
        &["pairs", "--json", "tide.c"],
        &["narrow", "tide.c"],
        &["narrow", "--json", "tide.c"],
        &["share", "tide.c"],
        &["share", "--html", "tide.c"],
        &["mend", "--dry-run", "tide.c"],
    ] {
        let ran = folder.run(command);
        assert!(ran.status <= 1, "{command:?}: {}", ran.stderr);
        assert_tame(&ran, &command.join(" "));
    }
    let json: serde_json::Value =
        serde_json::from_str(&folder.run(&["look", "--json", "tide.c"]).stdout).unwrap();
    assert!(json["roots"].as_array().is_some_and(|roots| !roots.is_empty()));
}

#[test]
fn a_log_steers_no_terminal() {
    let folder = Folder::new();
    folder.write("tide.c", "int tide = 3\nint low;\n");
    let log = "tide.c:1:13: error: expected \u{2018};\u{2019} \u{1b}]8;;http://x\u{7}here\u{9b}31m\n\
               q\u{202e}uay.c:3:1: error: unknown type name 'x\u{200b}'\n";
    folder.write("build.log", log);
    for command in [&["read", "build.log"][..], &["read", "--json", "build.log"]] {
        assert_tame(&folder.run(command), &command.join(" "));
    }
    assert_tame(&folder.run(&["means", "\u{1b}[2Jscope"]), "means");
    assert_tame(&folder.run(&["means", "--json", "\u{9b}2Jscope"]), "means");
}

#[test]
fn a_name_with_letters_that_cannot_be_seen_is_refused() {
    let folder = Folder::new();
    for name in ["ti\u{1b}[31mde.c", "ti\u{202e}de.c"] {
        folder.write(name, "int tide;\n");
        let ran = folder.run(&["look", name]);
        assert_eq!(ran.status, 2);
        assert!(ran.stderr.contains("cannot be seen"), "{}", ran.stderr);
        assert_tame(&ran, "a name");
    }
}

#[test]
fn settings_steer_no_terminal() {
    let folder = Folder::new();
    folder.write("tide.c", "int tide;\n");
    for settings in
        ["[language.c]\ncompiler = \"bin/\\u001b[2Jgcc\"\n", "[language.c]\nodd\u{202e} = 3\n"]
    {
        folder.write("erratum.toml", settings);
        let ran = folder.run(&["look", "tide.c"]);
        assert!(!ran.stderr.is_empty());
        assert_tame(&ran, settings);
    }
}

#[test]
fn a_name_is_no_link_in_a_shared_text() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    let name = "![a](b).c";
    folder.write(name, "int tide = 3\nint low;\n");
    let ran = folder.run(&["share", name]);
    assert!(ran.stdout.starts_with("# `![a](b).c` does not compile"), "{}", ran.stdout);
    let page = folder.run(&["share", "--html", name]).stdout;
    assert!(!page.contains("<img") && !page.contains("href"), "{page}");
}

#[test]
fn a_log_opens_no_file_outside_its_folder() {
    let folder = Folder::new();
    folder.write("secret.c", "int mine = 3\n").write("port/build.log", "");
    let outside = folder.path("secret.c").display().to_string();
    let log = format!("{outside}:1:13: error: expected ';' before 'x'\n");
    folder.write("port/build.log", &log);
    let read = |arguments: &[&str]| {
        let mut command = folder.command(arguments);
        Ran::of(command.current_dir(folder.path("port")))
    };
    let ran = read(&["read", "build.log"]);
    assert!(ran.status == 1 && !ran.stdout.contains("int mine"), "{}", ran.stdout);
    assert!(!read(&["read", "--json", "build.log"]).stdout.contains("int mine"));
    let ran = read(&["read", "--root", "..", "build.log"]);
    assert!(ran.stdout.contains("int mine"), "{}", ran.stdout);
    assert_eq!(read(&["read", "--root", "nowhere", "build.log"]).status, 2);
}

#[test]
fn a_program_is_never_run() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    // It leaves a mark before main starts, too, where even a confined program can.
    let sound = "#include <unistd.h>\n\n__attribute__((constructor)) static void early(void) {\n    \
                 write(9, \"ran\\n\", 4);\n}\n\nint main(void) {\n    write(9, \"ran\\n\", 4);\n    return 0;\n}\n";
    folder.write("sound.c", sound).write("wrong.c", sound.replace("return 0;", "return 0"));
    for command in [
        &["look", "sound.c"][..],
        &["look", "wrong.c"],
        &["narrow", "wrong.c"],
        &["share", "wrong.c"],
        &["mend", "--yes", "wrong.c"],
    ] {
        assert!(Ran::of(&mut folder.noting(command)).status <= 1, "{command:?}");
        assert_eq!(folder.noted(), 0, "{command:?}");
    }
    assert!(folder.read("wrong.c").contains("return 0;"));
}

/// The calls with which it, and each compiler that it starts, asks the system for a connection.
#[cfg(target_os = "linux")]
fn connections(folder: &Folder, arguments: &[&str]) -> String {
    let plain = folder.command(arguments);
    let log = folder.path("calls");
    let mut command = std::process::Command::new("strace");
    command.args(["-f", "-e", "trace=socket,connect,sendto", "-o"]).arg(&log);
    command.arg("--").arg(plain.get_program()).args(plain.get_args());
    command.current_dir(folder.path(""));
    command.envs(plain.get_envs().filter_map(|(name, value)| Some((name, value?))));
    let ran = command.output().unwrap();
    assert!(ran.status.code().is_some_and(|code| code <= 1), "{ran:?}");
    let log = std::fs::read_to_string(log).unwrap();
    assert!(log.contains("+++ exited with"), "{log}");
    log.lines().filter(|line| line.contains("AF_INET")).map(|line| format!("{line}\n")).collect()
}

#[test]
#[cfg(target_os = "linux")]
fn nothing_is_sent_anywhere() {
    if !have("strace") || !have("gcc") {
        return;
    }
    let folder = Folder::new();
    folder.write("tide.c", support::TIDE);
    for arguments in [
        &["look", "tide.c"][..],
        &["narrow", "tide.c"],
        &["share", "--html", "tide.c"],
        &["means", "lifetime"],
        &["mend", "--yes", "tide.c"],
        &["undo"],
    ] {
        assert_eq!(connections(&folder, arguments), "", "{arguments:?}");
    }
}
