//! What a program brings with it runs while it is compiled, and can do no harm there.

mod support;

use support::{Folder, Ran, have};

/// Whether compilers are confined on this machine; says so where they are not.
fn confined() -> bool {
    let said = Folder::new().run(&["compilers"]).stdout;
    let confined = said.contains("Compilers run confined");
    if !confined {
        println!("skipped: this kernel has no Landlock");
    }
    confined
}

/// A script with the name of a compiler in a folder of its own; a look finds it first.
#[cfg(unix)]
fn stand_in(folder: &Folder, name: &str, script: &str) -> std::path::PathBuf {
    use std::os::unix::fs::PermissionsExt;
    let path = folder.path("bin").join(name);
    folder.write(&format!("bin/{name}"), format!("#!/bin/sh\n{script}"));
    std::fs::set_permissions(&path, std::fs::Permissions::from_mode(0o755)).unwrap();
    folder.path("bin")
}

/// Looks at a file with that folder in front of PATH.
fn look(folder: &Folder, bin: &std::path::Path, file: &str) -> Ran {
    let path = std::env::var("PATH").unwrap();
    let mut command = folder.command(&["look", "--no-proof", file]);
    // Without a proof nothing is compiled a second time, but the first compile is.
    command.args(["--budget", "5"]).env("PATH", format!("{}:{path}", bin.display()));
    Ran::of(&mut command)
}

#[cfg(unix)]
#[test]
fn a_compiler_writes_only_into_its_scratch_folder() {
    if !confined() {
        return;
    }
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) { return tide; }\n");
    let mark = folder.path("harmed");
    let script = format!(
        "echo harmed 2>/dev/null > '{}' && echo 'tide.c:1:1: error: harmed' >&2\n\
         echo harmed > \"$TMPDIR/own\" || echo 'tide.c:1:1: error: no scratch' >&2\n\
         echo \"tide.c:1:25: error: 'tide' undeclared\" >&2\nexit 1\n",
        mark.display()
    );
    let bin = stand_in(&folder, "gcc", &script);
    let ran = look(&folder, &bin, "tide.c");
    assert!(!mark.exists(), "{}", ran.stdout);
    assert!(ran.stdout.contains("undeclared"), "{} {}", ran.stdout, ran.stderr);
    assert!(!ran.stdout.contains("no scratch") && !ran.stdout.contains("harmed"), "{}", ran.stdout);
}

#[test]
fn template_haskell_writes_nothing_outside() {
    if !have("ghc") || !confined() {
        return;
    }
    let folder = Folder::new();
    let mark = folder.path("harmed");
    let text = format!(
        "{{-# LANGUAGE TemplateHaskell #-}}\nmodule Main where\n\nimport Language.Haskell.TH\n\n\
         $(runIO (writeFile {:?} \"harmed\") >> return [])\n\nmain :: IO ()\nmain = print tide\n",
        mark.display().to_string()
    );
    folder.write("Tide.hs", text);
    let ran = folder.run(&["look", "Tide.hs"]);
    assert!(!mark.exists(), "{}", ran.stdout);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
}

#[test]
fn a_build_script_of_rust_writes_nothing_outside() {
    if !have("rustc") || !confined() {
        return;
    }
    let folder = Folder::new();
    let mark = folder.path("harmed");
    folder.write("Cargo.toml", "[package]\nname = \"quay\"\nversion = \"0.1.0\"\nedition = \"2021\"\nbuild = \"build.rs\"\n");
    let script = format!(
        "fn main() {{\n    let _ = std::fs::write({:?}, \"harmed\");\n    let net = std::net::TcpStream::connect((\"127.0.0.1\", 9));\n    let refused = net.err().map(|e| e.kind() == std::io::ErrorKind::PermissionDenied);\n    println!(\"cargo:warning=net {{refused:?}}\");\n}}\n",
        mark.display().to_string()
    );
    folder.write("build.rs", script);
    folder.write("src/main.rs", "fn main() {\n    println!(\"{}\", tide);\n}\n");
    let ran = folder.run(&["look", "src/main.rs"]);
    assert!(!mark.exists(), "{}", ran.stdout);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.contains("tide"), "{}", ran.stdout);
}

/// The processes whose command line holds a mark.
#[cfg(target_os = "linux")]
fn running(mark: &str) -> usize {
    let processes = std::fs::read_dir("/proc").unwrap().flatten();
    let lines = processes.filter_map(|one| std::fs::read(one.path().join("cmdline")).ok());
    lines.filter(|line| String::from_utf8_lossy(line).contains(mark)).count()
}

#[cfg(target_os = "linux")]
#[test]
fn what_a_compiler_leaves_running_is_stopped_and_not_waited_for() {
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) { return tide; }\n");
    let script = "sleep 7301 &\nsetsid sleep 7302 &\n(setsid sh -c 'setsid sleep 7303 & wait') &\n\
                  echo \"tide.c:1:25: error: 'tide' undeclared\" >&2\nexit 1\n";
    let bin = stand_in(&folder, "gcc", script);
    let started = std::time::Instant::now();
    let ran = look(&folder, &bin, "tide.c");
    assert!(ran.stdout.contains("undeclared"), "{} {}", ran.stdout, ran.stderr);
    // The sleepers hold the output for two hours.
    assert!(started.elapsed() < std::time::Duration::from_secs(60));
    for mark in ["sleep\u{0}7301", "sleep\u{0}7302", "sleep\u{0}7303"] {
        assert_eq!(running(mark), 0, "{mark:?}");
    }
}

/// What a look that is killed leaves: nothing that runs, and nothing on the disk once another one has
/// started.
#[cfg(target_os = "linux")]
#[test]
fn a_killed_look_leaves_nothing_behind() {
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) { return tide; }\n");
    let bin = stand_in(&folder, "gcc", "exec sleep 7311\n");
    let path = std::env::var("PATH").unwrap();
    let plain = folder.command(&["look", "tide.c"]);
    let mut command = std::process::Command::new(plain.get_program());
    command.args(plain.get_args()).current_dir(folder.path("."));
    command.envs(plain.get_envs().filter_map(|(name, value)| Some((name, value?))));
    command.env("PATH", format!("{}:{path}", bin.display()));
    command.stdout(std::process::Stdio::null()).stderr(std::process::Stdio::null());
    let mut killed = command.spawn().unwrap();
    let started = std::time::Instant::now();
    while running("sleep\u{0}7311") == 0 && started.elapsed().as_secs() < 20 {
        std::thread::sleep(std::time::Duration::from_millis(10));
    }
    assert!(folder.left_behind() > 0, "the look has no scratch folder");
    killed.kill().unwrap();
    killed.wait().unwrap();
    while running("sleep\u{0}7311") > 0 && started.elapsed().as_secs() < 40 {
        std::thread::sleep(std::time::Duration::from_millis(10));
    }
    assert_eq!(running("sleep\u{0}7311"), 0);
    // A shell that was just started may still hold the file.
    std::fs::remove_file(bin.join("gcc")).unwrap();
    let bin =
        stand_in(&folder, "gcc", "echo \"tide.c:1:25: error: 'tide' undeclared\" >&2\nexit 1\n");
    look(&folder, &bin, "tide.c");
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_command_that_may_send_something_is_not_run_unasked() {
    let folder = Folder::new();
    folder.write("Makefile", "publish:\n\ttouch harmed\nall:\n\ttouch built\n");
    for command in [&["look", "--", "make", "publish"][..], &["mend", "--", "make", "publish"]] {
        let ran = folder.run(command);
        assert_eq!(ran.status, 2, "{}", ran.stdout);
        assert!(ran.stderr.contains("says `publish`"), "{}", ran.stderr);
        assert!(!folder.path("harmed").exists());
    }
}

#[cfg(unix)]
#[test]
fn a_compiler_reads_no_private_folder_of_the_home() {
    if !confined() {
        return;
    }
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) { return tide; }\n");
    folder.write(".ssh/id", "secret\n").write("notes/open", "open\n");
    let script = "for f in \"$HOME/.ssh/id\" \"$HOME/notes/open\"; do\n\
                  echo \"tide.c:1:25: error: 'tide' undeclared: $(cat \"$f\" 2>&1)\" >&2\ndone\nexit 1\n";
    let bin = stand_in(&folder, "gcc", script);
    let path = std::env::var("PATH").unwrap();
    let mut command = folder.command(&["look", "--no-proof", "--json", "tide.c"]);
    command.env("HOME", folder.path("")).env("PATH", format!("{}:{path}", bin.display()));
    let ran = Ran::of(&mut command);
    assert!(ran.stdout.contains("undeclared: open"), "{} {}", ran.stdout, ran.stderr);
    assert!(!ran.stdout.contains("secret"), "{}", ran.stdout);
}

/// In a container that another session has started, the kernel gives 0 for the session of everything.
#[cfg(target_os = "linux")]
#[test]
fn in_a_container_compilers_run_and_strays_are_stopped() {
    let apart = ["--user", "--map-root-user", "--pid", "--fork", "--mount-proc"];
    let allowed = std::process::Command::new("unshare").args(apart).arg("true").output();
    if !allowed.is_ok_and(|ran| ran.status.success()) {
        println!("skipped: no process may have process numbers of its own here");
        return;
    }
    let folder = Folder::new();
    folder.write("tide.c", "int main(void) { return tide; }\n");
    let script = "setsid sleep 7321 &\n\
                  echo \"tide.c:1:25: error: 'tide' undeclared\" >&2\nexit 1\n";
    let bin = stand_in(&folder, "gcc", script);
    let path = format!("{}:{}", bin.display(), std::env::var("PATH").unwrap());
    let plain = folder.command(&["look", "--no-proof", "tide.c"]);
    let mut command = assert_cmd::Command::new("unshare");
    // The shell waits, so that what is left running shows in its list.
    command.args(apart).args([
        "sh",
        "-c",
        "\"$@\"; cat /proc/[0-9]*/cmdline | tr '\\0' ' ' | grep -c 'sleep 732[1]'",
        "sh",
    ]);
    command.arg(plain.get_program()).args(plain.get_args()).current_dir(folder.path("."));
    command.envs(plain.get_envs().filter_map(|(name, value)| Some((name, value?))));
    let ran = Ran::of(command.env("PATH", path));
    assert!(ran.stdout.contains("undeclared"), "{} {}", ran.stdout, ran.stderr);
    assert_eq!(ran.stdout.lines().last(), Some("0"), "{} {}", ran.stdout, ran.stderr);
}

#[cfg(target_os = "linux")]
#[test]
fn a_compiler_whose_look_is_gone_does_not_start() {
    let folder = Folder::new();
    let start = |parent: u32, file: &str| {
        let path = folder.path(file);
        let mut command = folder.command(&["--become-confined", "with-parent"]);
        command.arg(parent.to_string()).arg("write").arg(folder.path("."));
        Ran::of(command.args(["run", "touch"]).arg(&path));
        path.exists()
    };
    assert!(start(std::process::id(), "mine"));
    assert!(!start(u32::MAX, "orphan"), "nobody waits for it");
}
