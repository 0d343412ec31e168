//! Compilers that are kept running, and what they run on: when they die in the middle of a command,
//! and when they are not there.

#![cfg(unix)]

mod support;

use std::fs;
use std::os::unix::fs::PermissionsExt;
use support::{Folder, Ran, have};

const TYPESCRIPT: &str = "function price(zone: number): number { return 3 * zone }\nconsole.log(prise(2))\nconst sold: string = price(1)\n";
const HASKELL: &str = "module Main where\n\nprice :: Int -> Int\nprice zone = 3 * zone\n\nmain :: IO ()\nmain = print (prise 2)\n";
const JAVA: &str = "class Ferry {\n    static int price(int zone) {\n        return 3 * zone\n    }\n    static int twice() {\n        return prise(2);\n    }\n}\n";

/// Puts a script in front of a program: it notes each start and runs `body`, in which REAL is the program
/// itself.
fn in_front(folder: &Folder, name: &str, body: &str) {
    let real = which::which(name).unwrap();
    let real = real.canonicalize().unwrap();
    let body = body.replace("REAL", &real.display().to_string());
    let script = format!("#!/bin/sh\necho start >&9\n{body}\n");
    folder.write(&format!("front/{name}"), script);
    fs::set_permissions(folder.path(&format!("front/{name}")), fs::Permissions::from_mode(0o755))
        .unwrap();
}

fn with_front(folder: &Folder, arguments: &[&str]) -> Ran {
    let old = std::env::var_os("PATH").unwrap();
    let mut folders = vec![folder.path("front")];
    folders.extend(std::env::split_paths(&old));
    Ran::of(folder.noting(arguments).env("PATH", std::env::join_paths(folders).unwrap()))
}

#[test]
fn a_warm_node_that_dies_is_started_once_more_and_then_done_without() {
    if !have("tsc") {
        return;
    }
    let folder = Folder::new();
    let sound = folder
        .write("ferry.ts", TYPESCRIPT)
        .run(&["look", "--quiet", "--budget", "60", "ferry.ts"]);
    assert_eq!(sound.stdout.lines().count(), 2, "{}", sound.stdout);
    // It says a few lines and is gone, each time.
    in_front(
        &folder,
        "node",
        "case \"$1\" in *resident.cjs) 'REAL' \"$@\" | { sed -u 3q; kill -9 $$; };; *) exec 'REAL' \"$@\";; esac",
    );
    let ran = with_front(&folder, &["look", "--quiet", "--budget", "60", "ferry.ts"]);
    assert_eq!((ran.status, &ran.stdout), (1, &sound.stdout), "{}", ran.stderr);
    assert!(folder.noted() > 2, "two warm starts, then cold ones");
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_warm_ghc_that_dies_is_started_once_more_and_then_done_without() {
    if !have("ghc") {
        return;
    }
    let folder = Folder::new();
    let arguments = ["look", "--quiet", "--budget", "60", "Ferry.hs"];
    let sound = folder.write("Ferry.hs", HASKELL).run(&arguments);
    assert_eq!(sound.stdout.lines().count(), 1, "{}", sound.stdout);
    in_front(
        &folder,
        "ghc",
        "case \"$*\" in *--interactive*) 'REAL' \"$@\" | { dd bs=1 count=120 2>/dev/null; kill -9 $$; };; *) exec 'REAL' \"$@\";; esac",
    );
    let ran = with_front(&folder, &arguments);
    assert_eq!((ran.status, &ran.stdout), (1, &sound.stdout), "{}", ran.stderr);
    assert!(folder.noted() > 2, "two warm starts, then cold ones");
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_warm_jvm_that_dies_is_started_once_more_and_then_done_without() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    let arguments = ["look", "--quiet", "--budget", "60", "Ferry.java"];
    let sound = folder.write("Ferry.java", JAVA).run(&arguments);
    assert_eq!(sound.stdout.lines().count(), 2, "{}", sound.stdout);
    // The warm javac runs on the `java` beside it.
    in_front(&folder, "java", "'REAL' \"$@\" | { sed -u 2q; kill -9 $$; }");
    in_front(&folder, "javac", "exec 'REAL' \"$@\"");
    let ran = with_front(&folder, &arguments);
    assert_eq!((ran.status, &ran.stdout), (1, &sound.stdout), "{}", ran.stderr);
    assert!(folder.noted() > 2, "two warm starts, then cold ones");
    assert_eq!(folder.left_behind(), 0);
}

/// A PATH on which there is nothing but links to these programs.
fn only(folder: &Folder, names: &[&str]) {
    fs::create_dir_all(folder.path("only")).unwrap();
    for name in names {
        let real = which::which(name).unwrap().canonicalize().unwrap();
        std::os::unix::fs::symlink(real, folder.path("only").join(name)).unwrap();
    }
}

#[test]
fn without_node_and_without_a_jvm_it_is_said_what_is_missing() {
    if !have("tsc") || !have("scalac") {
        return;
    }
    let folder = Folder::new();
    folder.write("ferry.ts", TYPESCRIPT).write("Ferry.scala", "object Ferry { val zone = }\n");
    only(&folder, &["tsc", "scalac", "sh"]);
    let path = folder.path("only");
    for (name, compiler, program, install) in
        [("ferry.ts", "tsc", "node", "Node.js"), ("Ferry.scala", "scalac", "java", "JVM")]
    {
        let mut command = folder.command(&["look", name]);
        let ran = Ran::of(command.env("PATH", &path).env_remove("JAVA_HOME"));
        assert_eq!(ran.status, 2, "{}", ran.stderr);
        for part in [compiler, program, install] {
            assert!(ran.stderr.contains(part), "{part}: {}", ran.stderr);
        }
    }
    let mut command = folder.command(&["compilers"]);
    let ran = Ran::of(command.env("PATH", &path).env_remove("JAVA_HOME"));
    let said = ran.stdout.split_whitespace().collect::<Vec<_>>().join(" ");
    assert!(said.contains("it runs on `node`, which was not found"), "{}", ran.stdout);
}
