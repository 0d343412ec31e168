//! `mend` and `undo` that are killed, or meet an error of the system, at each call that writes.
#![cfg(target_os = "linux")]

mod support;

use std::fs;
use std::path::Path;
use std::process::{Command, Output};
use support::{Folder, SOUND, TIDE, have};

/// The calls that change what lies on the disk, or bring it there.
const CALLS: &[&str] = &[
    "openat",
    "write",
    "fsync",
    "mkdir",
    "fchmod",
    "flock",
    "rename",
    "renameat",
    "renameat2",
    "linkat",
    "unlink",
    "unlinkat",
    "rmdir",
    "ftruncate",
];

/// A folder with a program that has one mistake, and what was mended in it before.
fn folder(mended: bool) -> Folder {
    let folder = Folder::new();
    folder.write("tide.c", TIDE);
    if mended {
        assert_eq!(folder.run(&["mend", "--yes", "tide.c"]).status, 0);
    }
    folder
}

/// Runs a command under the tracer; only what its first thread calls is followed.
fn traced(folder: &Folder, tracer: &[&str], arguments: &[&str]) -> Output {
    let plain = folder.command(arguments);
    let mut command = Command::new("strace");
    command.args(tracer).arg("--").arg(plain.get_program()).args(plain.get_args());
    command.current_dir(folder.path(""));
    command.envs(plain.get_envs().filter_map(|(name, value)| Some((name, value?))));
    command.output().unwrap()
}

/// Each call that writes to the program, beside it or to what is kept for `undo`: its name, and how
/// many of that name came before it, itself included.
fn writing(arguments: &[&str], mended: bool) -> Vec<(String, usize)> {
    let folder = folder(mended);
    let log = folder.path("calls");
    let ran = traced(&folder, &["-y", "-s", "0", "-o", &log.to_string_lossy()], arguments);
    assert!(ran.status.success(), "{}", String::from_utf8_lossy(&ran.stderr));
    let log = fs::read_to_string(log).unwrap();
    let own = folder.path("").canonicalize().unwrap();
    let kept = [own.join("state"), own.join(".erratum-"), own.join("tide.c")];
    let kept: Vec<String> = kept.iter().map(|path| path.to_string_lossy().into_owned()).collect();
    let mut seen: std::collections::BTreeMap<&str, usize> = std::collections::BTreeMap::new();
    let mut all = Vec::new();
    for line in log.lines() {
        let Some((name, rest)) = line.split_once('(') else { continue };
        let count = seen.entry(name).or_default();
        *count += 1;
        let writes = name != "openat" || rest.contains("O_CREAT");
        if CALLS.contains(&name) && writes && kept.iter().any(|path| rest.contains(path.as_str())) {
            all.push((name.to_owned(), *count));
        }
    }
    all
}

/// What is in a folder that a write was to leave as nothing.
fn half_written(folder: &Path) -> Vec<String> {
    let names = fs::read_dir(folder).unwrap().flatten();
    let names = names.map(|entry| entry.file_name().to_string_lossy().into_owned());
    names.filter(|name| name.starts_with(".erratum-")).collect()
}

/// Whatever was cut short: the program is whole, old or new, and can be mended and taken back.
fn goes_on(folder: &Folder, case: &str) {
    let text = folder.read("tide.c");
    assert!(text == TIDE || text == SOUND, "{case}: {text}");
    if text == SOUND {
        let ran = folder.run(&["undo", "tide.c"]);
        assert_eq!(ran.status, 0, "{case}: {}", ran.stderr);
        assert_eq!(folder.read("tide.c"), TIDE, "{case}");
    }
    let ran = folder.run(&["mend", "--yes", "tide.c"]);
    assert_eq!(ran.status, 0, "{case}: {}", ran.stderr);
    assert_eq!(folder.read("tide.c"), SOUND, "{case}");
    assert_eq!(folder.run(&["undo", "tide.c"]).status, 0, "{case}");
    assert_eq!(folder.read("tide.c"), TIDE, "{case}");
    assert_eq!(half_written(&folder.path("")), Vec::<String>::new(), "{case}");
    assert_eq!(folder.left_behind(), 0, "{case}");
}

fn each_call(arguments: &[&str], mended: bool, least: usize, fault: &str) {
    if !have("strace") {
        return;
    }
    let calls = writing(arguments, mended);
    assert!(calls.len() >= least, "{calls:?}");
    let (all, mut hit) = (calls.len(), 0);
    for (name, count) in calls {
        let folder = folder(mended);
        let inject = format!("inject={name}:{fault}:when={count}");
        let log = folder.path("calls").to_string_lossy().into_owned();
        let ran = traced(&folder, &["-e", &inject, "-o", &log], arguments);
        let case = format!("{} with {inject}", arguments.join(" "));
        // How many calls come before depends a little on how fast the compiler is, so a fault may fall on
        // another one; whatever it falls on, the command ends, and says so.
        let code = ran.status.code();
        hit +=
            usize::from(if fault.starts_with("signal") { code.is_none() } else { code != Some(0) });
        let told = code.is_none_or(|code| code <= 2) && (code != Some(2) || !ran.stderr.is_empty());
        assert!(told, "{case}: {ran:?}");
        goes_on(&folder, &case);
    }
    assert!(hit * 2 >= all || !fault.starts_with("signal") && hit > 2, "{hit} of {all}");
}

#[test]
fn a_mend_may_be_killed_at_any_call() {
    each_call(&["mend", "--yes", "tide.c"], false, 15, "signal=KILL");
}

#[test]
fn an_undo_may_be_killed_at_any_call() {
    each_call(&["undo", "tide.c"], true, 5, "signal=KILL");
}

#[test]
fn the_disk_may_be_full_at_any_call_of_a_mend() {
    each_call(&["mend", "--yes", "tide.c"], false, 15, "error=ENOSPC");
}

#[test]
fn the_disk_may_be_full_at_any_call_of_an_undo() {
    each_call(&["undo", "tide.c"], true, 5, "error=ENOSPC");
}
