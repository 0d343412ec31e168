//! `watch`: looks again at every save.
#![cfg(unix)]

mod support;

use serde_json::Value;
use std::fs;
use std::io::{BufRead, BufReader};
use std::process::{Child, Command, Stdio};
use std::sync::mpsc::{Receiver, RecvTimeoutError, channel};
use std::thread;
use std::time::Duration;
use support::terminal::Terminal;
use support::{Folder, SOUND, TIDE, have};

/// How long a look may take; only a failing test waits so long.
const PATIENCE: Duration = Duration::from_secs(40);
/// How long nothing must come for it to be taken for nothing.
const SILENCE: Duration = Duration::from_millis(900);

/// The program, watching.
struct Watching {
    child: Child,
    looks: Receiver<String>,
    said: Receiver<String>,
}

fn lines(stream: impl std::io::Read + Send + 'static) -> Receiver<String> {
    let (sender, receiver) = channel();
    thread::spawn(move || {
        for line in BufReader::new(stream).lines().map_while(Result::ok) {
            if sender.send(line).is_err() {
                return;
            }
        }
    });
    receiver
}

impl Watching {
    fn start(folder: &Folder, files: &[&str]) -> Watching {
        fs::create_dir_all(folder.path("tmp")).unwrap();
        let mut child = Command::new(env!("CARGO_BIN_EXE_erratum"))
            .args(["watch", "--json"])
            .args(files)
            .current_dir(folder.path(""))
            .env("TMPDIR", folder.path("tmp"))
            .stdout(Stdio::piped())
            .stderr(Stdio::piped())
            .spawn()
            .unwrap();
        let looks = lines(child.stdout.take().unwrap());
        let said = lines(child.stderr.take().unwrap());
        Watching { child, looks, said }
    }

    /// The next look.
    fn look(&self) -> Value {
        serde_json::from_str(&self.looks.recv_timeout(PATIENCE).unwrap()).unwrap()
    }

    /// How many errors the next look finds.
    fn errors(&self) -> usize {
        self.look()["verdict"]["messages"].as_array().unwrap().len()
    }

    fn nothing_more(&self) {
        assert_eq!(self.looks.recv_timeout(SILENCE), Err(RecvTimeoutError::Timeout));
    }

    fn says(&self, wanted: &str) {
        let line = self.said.recv_timeout(PATIENCE).unwrap();
        assert!(line.contains(wanted), "{wanted}\n{line}");
    }

    fn stop(mut self) -> i32 {
        let id = self.child.id().to_string();
        assert!(Command::new("kill").args(["-INT", &id]).status().unwrap().success());
        self.child.wait().unwrap().code().unwrap()
    }
}

#[test]
fn after_a_save_it_says_what_is_gone_and_what_is_new() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let watching = Watching::start(&folder, &["tide.c"]);
    let first = watching.look();
    assert_eq!(first["progress"], Value::Null);
    folder.write("tide.c", TIDE.replace("= 3\n", "= 3;\n").replace("return 0;", "return tdie;"));
    let second = watching.look();
    let progress: Value = serde_json::json!({ "gone": [1], "still": [], "new": [1] });
    assert_eq!(second["progress"], progress);
    for look in [&first, &second] {
        for (schema, part) in [("watched", look), ("verdict", &look["verdict"])] {
            let path = format!("{}/../../docs/{schema}.schema.json", env!("CARGO_MANIFEST_DIR"));
            let schema: Value = serde_json::from_str(&fs::read_to_string(path).unwrap()).unwrap();
            jsonschema::validate(&schema, part).unwrap();
        }
    }
    folder.write("tide.c", SOUND);
    assert_eq!(watching.errors(), 0);
    // The status is that of the last look.
    assert_eq!(watching.stop(), 0);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_burst_of_saves_counts_once_and_a_save_without_a_change_not_at_all() {
    let folder = Folder::new();
    folder.write("tide.c", SOUND);
    let watching = Watching::start(&folder, &["tide.c"]);
    assert_eq!(watching.errors(), 0);
    for length in [5, 20, 40, 60] {
        folder.write("tide.c", &TIDE[..length]);
    }
    folder.write("tide.c", TIDE);
    assert!(watching.errors() > 0);
    watching.nothing_more();
    folder.write("tide.c", TIDE);
    folder.write("notes.txt", "high tide at noon");
    watching.nothing_more();
    assert_eq!(watching.stop(), 1);
}

#[test]
fn a_new_file_in_the_place_of_the_old_one_is_a_save() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let watching = Watching::start(&folder, &["tide.c"]);
    assert!(watching.errors() > 0);
    // As editors do it: a new file that takes the name, with and without a gap.
    folder.write(".tide.c.new", SOUND);
    fs::rename(folder.path(".tide.c.new"), folder.path("tide.c")).unwrap();
    assert_eq!(watching.errors(), 0);
    fs::rename(folder.path("tide.c"), folder.path("tide.c~")).unwrap();
    thread::sleep(Duration::from_millis(60));
    folder.write("tide.c", TIDE);
    assert!(watching.errors() > 0);
    // And again: what is watched is the name, not the file that had it.
    folder.write("tide.c", SOUND);
    assert_eq!(watching.errors(), 0);
    assert_eq!(watching.stop(), 0);
}

#[test]
fn a_file_that_goes_or_becomes_a_folder_is_waited_for() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let watching = Watching::start(&folder, &["tide.c"]);
    watching.look();
    fs::remove_file(folder.path("tide.c")).unwrap();
    watching.says("tide.c: there is no such file. Waiting until it is saved again.");
    fs::create_dir(folder.path("tide.c")).unwrap();
    watching.says("tide.c: is a folder");
    fs::remove_dir(folder.path("tide.c")).unwrap();
    watching.says("tide.c: there is no such file");
    folder.write("tide.c", "");
    watching.says("tide.c: is empty");
    folder.write("tide.c", SOUND);
    assert_eq!(watching.errors(), 0);
    assert_eq!(watching.stop(), 0);
}

#[test]
fn a_header_beside_the_program_counts_too() {
    let folder = Folder::new();
    let text = "#include \"berth.h\"\n\nint main(void) {\n    return BERTHS;\n}\n";
    folder.write("tide.c", text).write("berth.h", "#define BERTS 4\n");
    let watching = Watching::start(&folder, &["tide.c"]);
    assert!(watching.errors() > 0);
    folder.write("berth.h", "#define BERTHS 4\n");
    assert_eq!(watching.errors(), 0);
    watching.stop();
}

#[test]
fn a_compiler_that_is_warm_stays_warm() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    let text = "class Tide {\n    int low() {\n        return 1\n    }\n}\n";
    folder.write("Tide.java", text);
    let watching = Watching::start(&folder, &["Tide.java"]);
    assert!(watching.errors() > 0);
    let parent = watching.child.id().to_string();
    let children = || {
        let output = Command::new("pgrep").args(["-P", &parent]).output().unwrap();
        String::from_utf8(output.stdout).unwrap()
    };
    let before = children();
    assert!(!before.is_empty());
    folder.write("Tide.java", text.replace("return 1", "return 1;"));
    assert_eq!(watching.errors(), 0);
    assert_eq!(children(), before);
    assert_eq!(watching.stop(), 0);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn whoever_closes_the_pipe_ends_it() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let Watching { mut child, looks, said } = Watching::start(&folder, &["tide.c"]);
    looks.recv_timeout(PATIENCE).unwrap();
    drop(looks);
    // The reading side is gone once the reader notices, at the next line.
    for text in [SOUND, TIDE, SOUND, TIDE] {
        folder.write("tide.c", text);
        thread::sleep(SILENCE);
    }
    assert_eq!(child.wait().unwrap().code(), Some(0));
    assert!(said.recv_timeout(PATIENCE).is_err());
}

#[test]
fn what_cannot_be_watched_is_said_at_once() {
    let folder = Folder::new();
    let ran = folder.run(&["watch", "tide.c"]);
    assert_eq!(ran.status, 2);
    assert!(ran.stderr.contains("tide.c: there is no such file."), "{}", ran.stderr);
    assert_eq!(folder.run(&["watch"]).status, 2);
}

#[test]
fn on_a_terminal_nothing_that_was_shown_is_cleared() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    let mut terminal = Terminal::erratum(&folder, &["watch", "tide.c"], (90, 60));
    terminal.wait_for("Waiting for the next save. Ctrl-C ends it.");
    folder.write("tide.c", SOUND);
    let text = terminal.wait_for("tide.c compiles.");
    assert!(text.contains("Gone  A `;` is missing at the end of line 4"), "{text}");
    assert!(text.contains("To mend it: Add `;` at the end of line 4."), "{text}");
    terminal.send("\x03");
    let (status, text, _) = terminal.end();
    assert_eq!(status, 0);
    assert!(text.contains("Stopped watching."), "{text}");
    assert_eq!(folder.left_behind(), 0);
}
