//! The short ways in: what is piped into `erratum`, a misspelt command, a compiler's name for two
//! languages, and an `undo` that says what it takes back.

mod support;

use std::io::Read;
use std::process::{Command, Stdio};
use support::{Folder, have};

const WRONG: &str = "int berths(int quay) {\n    int deep = quay\n    return deep;\n}\n";
const LOG: &str = "tide.c:2:20: error: expected ',' or ';' before 'return'\n";

fn folder() -> Folder {
    let folder = Folder::new();
    folder.write("tide.c", WRONG);
    folder
}

/// What the program prints when it is sent a text.
fn sent(folder: &Folder, arguments: &[&str], text: &str) -> (String, i32) {
    let output = folder.command(arguments).write_stdin(text).output().unwrap();
    let said = [output.stdout, output.stderr].concat();
    (String::from_utf8(said).unwrap(), output.status.code().unwrap())
}

#[test]
fn what_is_sent_in_is_read_as_a_log() {
    let folder = folder();
    let read = sent(&folder, &["read"], LOG);
    assert!(read.0.contains("A `;` is missing at the end of line 2"), "{}", read.0);
    assert_eq!(read.1, 1);
    assert_eq!(sent(&folder, &[], LOG), read);
    assert_eq!(sent(&folder, &["-"], LOG), read);
    assert_eq!(sent(&folder, &["look", "-"], LOG), read);
    let list = sent(&folder, &["read", "--quiet"], LOG);
    assert_eq!(sent(&folder, &["--quiet"], LOG), list);
}

#[test]
fn a_long_log_comes_in_pieces() {
    let folder = folder();
    let long = format!("{}{LOG}", "building the quay\n".repeat(40_000));
    assert_eq!(sent(&folder, &[], &long), sent(&folder, &["read"], &long));
}

#[test]
fn nothing_that_is_sent_in_is_no_file() {
    let folder = folder();
    for input in [Stdio::null(), Stdio::piped()] {
        let plain = folder.command(&[]);
        let mut command = Command::new(plain.get_program());
        let mut child = command
            .stdin(input)
            .stderr(Stdio::piped())
            .current_dir(folder.path(""))
            .spawn()
            .unwrap();
        drop(child.stdin.take());
        let mut said = String::new();
        child.stderr.take().unwrap().read_to_string(&mut said).unwrap();
        assert!(said.contains("no file is named"), "{said}");
        assert_eq!(child.wait().unwrap().code(), Some(2));
    }
}

#[test]
fn a_pipe_into_which_nothing_comes_is_not_waited_for() {
    let folder = folder();
    let plain = folder.command(&[]);
    let mut command = Command::new(plain.get_program());
    let mut child = command.stdin(Stdio::piped()).stderr(Stdio::piped()).spawn().unwrap();
    let open = child.stdin.take();
    let mut said = String::new();
    child.stderr.take().unwrap().read_to_string(&mut said).unwrap();
    assert!(said.contains("`erratum -` waits longer"), "{said}");
    assert_eq!(child.wait().unwrap().code(), Some(2));
    drop(open);
}

#[test]
fn a_misspelt_command_is_told() {
    let folder = folder();
    let ran = folder.run(&["lok", "tide.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("Did you mean `erratum look tide.c`?"), "{}", ran.stderr);
    let ran = folder.run(&["compilres"]);
    assert!(ran.stderr.contains("Did you mean `erratum compilers`?"), "{}", ran.stderr);
    let ran = folder.run(&["tied.c"]);
    assert!(ran.stderr.contains("there is no such file"), "{}", ran.stderr);
    let ran = folder.run(&["mend.c"]);
    assert!(ran.stderr.contains("there is no such file"), "{}", ran.stderr);
    // A file is a file, whatever it is called.
    folder.write("lok", "");
    assert!(!folder.run(&["lok"]).stderr.contains("Did you mean"));
}

#[test]
fn a_driver_stands_for_its_sibling() {
    let folder = folder();
    folder.write("tide.cpp", WRONG);
    for (compiler, file, named) in
        [("gcc", "tide.cpp", "g++"), ("g++", "tide.c", "gcc"), ("clang", "tide.cpp", "clang++")]
    {
        if !have(named) {
            continue;
        }
        let ran = folder.run(&["look", "--compiler", compiler, file]);
        assert!(ran.stdout.contains(&format!("from {named};")), "{}{}", ran.stdout, ran.stderr);
    }
    let ran = folder.run(&["look", "--compiler", "javac", "tide.cpp"]);
    assert!(ran.stderr.contains("'javac' does not compile C++"), "{}", ran.stderr);
}

#[test]
fn an_undo_names_the_file_before_it_writes() {
    let folder = folder();
    if !have("gcc") {
        return;
    }
    assert_eq!(folder.run(&["mend", "--all", "--yes", "tide.c"]).status, 0);
    let ran = folder.run(&["undo"]);
    let (first, rest) = ran.stdout.split_once('\n').unwrap();
    assert!(first.starts_with("The last mend was of ") && first.ends_with("tide.c."), "{first}");
    assert!(rest.starts_with("Taken back: "), "{rest}");
    assert_eq!(folder.read("tide.c"), WRONG);
}
