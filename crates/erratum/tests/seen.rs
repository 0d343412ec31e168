//! What is seen, whole: each view of what does not depend on an installed compiler, held against the
//! text that was read and found good.

mod support;

use insta::assert_snapshot;
use support::{Folder, Ran};

const BERTHS: &str = "#include <stdio.h>\n\nint berths(int quays) {\n    int free = quays * 4\n    return free;\n}\n\nint main(void) {\n    printf(\"%d\\n\", berth(3));\n    return 0;\n}\n";

const LOG: &str = "berths.c: In function 'berths':\nberths.c:4:25: error: expected ',' or ';' before 'return'\n    4 |     int free = quays * 4\n      |                         ^\nberths.c: In function 'main':\nberths.c:9:20: warning: implicit declaration of function 'berth' [-Wimplicit-function-declaration]\n";

const STOPPED: &str = "Exception in thread \"main\" java.lang.ArrayIndexOutOfBoundsException: Index 3 out of bounds for length 3\n\tat Quay.berth(Quay.java:4)\n\tat Quay.main(Quay.java:9)\n";

const OPEN: &str =
    "fn sail(tide: i32) -> i32 {\n    if tide > 3 {\n        return (tide + 1;\n    }\n    0\n";

fn seen(files: &[(&str, &str)], arguments: &[&str]) -> String {
    let folder = Folder::new();
    for (name, text) in files {
        folder.write(name, text);
    }
    let Ran { stdout, stderr, status } = folder.run(arguments);
    format!("{stdout}{stderr}[status {status}]\n")
}

#[test]
fn a_log_beside_its_program() {
    let files = [("berths.c", BERTHS), ("log", LOG)];
    assert_snapshot!("log", seen(&files, &["read", "log"]));
    assert_snapshot!("log-all", seen(&files, &["read", "--all", "log"]));
    assert_snapshot!("log-quiet", seen(&files, &["read", "--quiet", "log"]));
}

#[test]
fn a_log_without_its_program() {
    assert_snapshot!("log-alone", seen(&[("log", LOG)], &["read", "log"]));
}

#[test]
fn a_program_that_stopped() {
    assert_snapshot!("stopped", seen(&[("log", STOPPED)], &["read", "log"]));
}

#[test]
fn the_structure_of_a_file() {
    assert_snapshot!("structure", seen(&[("sail.rs", OPEN)], &["pairs", "sail.rs"]));
}

#[test]
fn what_a_word_means() {
    assert_snapshot!("means-code", seen(&[], &["means", "E0502"]));
    let said = "error: expected ';' before 'return'";
    assert_snapshot!("means-message", seen(&[], &["means", said]));
}

#[test]
fn the_help_of_every_command() {
    let mut all = seen(&[], &["--help"]);
    for command in ["look", "mend", "read", "watch", "pairs", "means", "narrow", "share", "undo"] {
        all += &format!("\n$ erratum {command} --help\n{}", seen(&[], &[command, "--help"]));
    }
    assert_snapshot!("help", all);
}

#[test]
fn what_cannot_be_done() {
    let files = [("tide.xyz", "x"), ("tide.c", BERTHS)];
    let mut all = String::new();
    for arguments in [
        &["look", "ebb.c"][..],
        &["look", "tide.xyz"],
        &["look", "--compiler", "nocc", "tide.c"],
        &["look", "--budget", "soon", "tide.c"],
        &["read", "nothing.log"],
        &["undo"],
    ] {
        all += &format!("$ erratum {}\n{}\n", arguments.join(" "), seen(&files, arguments));
    }
    assert_snapshot!("refused", all);
}
