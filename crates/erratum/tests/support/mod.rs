//! A folder with programs, and the built program to run on them.

#![allow(dead_code, reason = "each test file uses a part")]

pub mod terminal;
pub mod told;

use assert_cmd::Command;
use std::fs;
use std::path::PathBuf;

/// A temporary folder with a home of its own.
pub struct Folder {
    folder: tempfile::TempDir,
}

/// What the program printed.
pub struct Ran {
    pub stdout: String,
    pub stderr: String,
    pub status: i32,
}

impl Folder {
    pub fn new() -> Folder {
        Folder { folder: tempfile::tempdir().unwrap() }
    }

    pub fn path(&self, name: &str) -> PathBuf {
        self.folder.path().join(name)
    }

    pub fn write(&self, name: &str, text: impl AsRef<[u8]>) -> &Folder {
        let path = self.path(name);
        fs::create_dir_all(path.parent().unwrap()).unwrap();
        fs::write(path, text).unwrap();
        self
    }

    pub fn read(&self, name: &str) -> String {
        String::from_utf8(fs::read(self.path(name)).unwrap()).unwrap()
    }

    pub fn command(&self, arguments: &[&str]) -> Command {
        let mut command = Command::cargo_bin("erratum").unwrap();
        fs::create_dir_all(self.path("tmp")).unwrap();
        command
            .args(arguments)
            .current_dir(self.folder.path())
            .env("XDG_STATE_HOME", self.path("state"))
            .env("XDG_CACHE_HOME", self.path("cache"))
            .env("TMPDIR", self.path("tmp"))
            .env("NO_COLOR", "1")
            .env("COLUMNS", "80");
        command
    }

    /// A command in which compilers can note that they were started, though they can write nothing: what
    /// they write to 9 goes to the file `noted`.
    #[allow(dead_code, reason = "each test file uses a part of this")]
    pub fn noting(&self, arguments: &[&str]) -> Command {
        let plain = self.command(arguments);
        let mut command = Command::new("sh");
        command.args(["-c", "exec 9>>\"$0\"; exec \"$@\""]).arg(self.path("noted"));
        command.arg(plain.get_program()).args(plain.get_args()).current_dir(self.folder.path());
        command.envs(plain.get_envs().filter_map(|(name, value)| Some((name, value?))));
        command
    }

    /// How often something was noted.
    #[allow(dead_code, reason = "each test file uses a part of this")]
    pub fn noted(&self) -> usize {
        fs::read_to_string(self.path("noted")).map_or(0, |text| text.lines().count())
    }

    pub fn run(&self, arguments: &[&str]) -> Ran {
        Ran::of(&mut self.command(arguments))
    }

    /// How many scratch folders were left behind.
    pub fn left_behind(&self) -> usize {
        fs::read_dir(self.path("tmp")).map_or(0, |entries| entries.count())
    }
}

impl Ran {
    pub fn of(command: &mut Command) -> Ran {
        let output = command.output().unwrap();
        let text = |bytes: Vec<u8>| String::from_utf8(bytes).unwrap();
        Ran {
            stdout: text(output.stdout),
            stderr: text(output.stderr),
            status: output.status.code().unwrap_or(-1),
        }
    }
}

/// Whether a compiler is here; with ERRATUM_TEST_COMPILERS=all it must be.
pub fn have(compiler: &str) -> bool {
    let folders = std::env::var_os("PATH").unwrap_or_default();
    let here = std::env::split_paths(&folders).any(|folder| folder.join(compiler).is_file());
    let all = std::env::var("ERRATUM_TEST_COMPILERS").is_ok_and(|value| value == "all");
    assert!(here || !all, "{compiler} is not installed");
    if !here {
        eprintln!("skipped: {compiler} is not installed");
    }
    here
}

/// One mistake: a lost `;`.
pub const TIDE: &str = "#include <stdio.h>\n\nint main(void) {\n    int tide = 3\n    printf(\"%d\\n\", tide);\n    return 0;\n}\n";

/// The same without it.
pub const SOUND: &str = "#include <stdio.h>\n\nint main(void) {\n    int tide = 3;\n    printf(\"%d\\n\", tide);\n    return 0;\n}\n";

/// Holds that each of these is a mistake of a program, at its line, and that there are no others.
#[track_caller]
pub fn told(compiler: &str, name: &str, text: &str, wanted: &[(u32, &str)]) {
    if !have(compiler) {
        return;
    }
    let folder = Folder::new();
    let ran = folder.write(name, text).run(&["look", "--quiet", "--compiles", "150", name]);
    assert_eq!(ran.status, 1, "{}{}", ran.stdout, ran.stderr);
    let said: Vec<&str> = ran.stdout.lines().collect();
    for (line, change) in wanted {
        let start = format!("{name}:{line}:");
        let found = said.iter().any(|one| one.starts_with(&start) && one.contains(change));
        assert!(found, "line {line}, {change}: {said:#?}");
    }
    assert_eq!(said.len(), wanted.len(), "{said:#?}");
}
