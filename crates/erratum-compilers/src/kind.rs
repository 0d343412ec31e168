//! The table of compilers: how each is started so that it only checks.

use erratum_repair::search::Depth;
use std::path::Path;

/// One kind of compiler.
#[derive(Debug)]
pub struct Kind {
    /// Its name, as the catalogue and `--compiler` use it.
    pub name: &'static str,
    /// The language it compiles.
    pub language: &'static str,
    /// Arguments that make it tell its version quickly.
    pub version: &'static [&'static str],
    /// How to get it.
    pub install: &'static str,
    /// What a look needs of it, for `erratum compilers`.
    pub note: &'static str,
}

/// All kinds, for each language the one to prefer first.
pub const KINDS: &[Kind] = &[
    Kind {
        name: "gcc",
        language: "c",
        version: &["-dumpfullversion"],
        install: "Install one: on Debian and Ubuntu `apt install gcc`, on macOS `xcode-select --install`.",
        note: "read from its machine-readable messages",
    },
    Kind {
        name: "clang",
        language: "c",
        version: &["--version"],
        install: "On Debian and Ubuntu: `apt install clang`.",
        note: "read from its text and its hints",
    },
    Kind {
        name: "g++",
        language: "cpp",
        version: &["-dumpfullversion"],
        install: "Install one: on Debian and Ubuntu `apt install g++`, on macOS `xcode-select --install`.",
        note: "read from its machine-readable messages",
    },
    Kind {
        name: "clang++",
        language: "cpp",
        version: &["--version"],
        install: "On Debian and Ubuntu: `apt install clang`.",
        note: "read from its text and its hints",
    },
    Kind {
        name: "javac",
        language: "java",
        version: &["-version"],
        install: "Install a JDK: on Debian and Ubuntu `apt install default-jdk-headless`.",
        note: "kept running for the length of a command",
    },
    Kind {
        name: "rustc",
        language: "rust",
        version: &["--version"],
        install: "Install Rust from your system's packages, or with rustup.",
        note: "also for cargo projects without dependencies",
    },
    Kind {
        name: "cargo",
        language: "rust",
        version: &["--version"],
        install: "Cargo comes with Rust.",
        note: "for cargo projects with dependencies",
    },
    Kind {
        name: "tsc",
        language: "typescript",
        version: &["--version"],
        install: "Install Node.js, then `npm install --global typescript`.",
        note: "kept running in Node for the length of a command",
    },
    Kind {
        name: "ghc",
        language: "haskell",
        version: &["--numeric-version"],
        install: "On Debian and Ubuntu: `apt install ghc`.",
        note: "kept running in its interactive mode for the length of a command",
    },
    Kind {
        name: "fpc",
        language: "pascal",
        version: &["-iV"],
        install: "On Debian and Ubuntu: `apt install fp-compiler fp-units-base fp-units-rtl`.",
        note: "stops at the first syntax error, so it is asked again after each fix",
    },
    Kind {
        name: "mcs",
        language: "csharp",
        version: &["--version"],
        install: "On Debian and Ubuntu: `apt install mono-mcs`.",
        note: "checks without writing a program",
    },
    Kind {
        name: "csc",
        language: "csharp",
        version: &["-version"],
        install: "It comes with the .NET SDK.",
        note: "known from its documentation, not tried here",
    },
    Kind {
        name: "scalac",
        language: "scala",
        version: &["-version"],
        install: "On Debian and Ubuntu: `apt install scala`.",
        note: "kept running for the length of a command",
    },
    Kind {
        name: "go",
        language: "go",
        version: &["version"],
        install: "On Debian and Ubuntu: `apt install golang-go`.",
        note: "checks a file by itself where that is enough, else its package",
    },
    Kind {
        name: "qmllint",
        language: "qml",
        version: &["--version"],
        install: "On Debian and Ubuntu: `apt install qt6-declarative-dev-tools`.",
        note: "QML is loaded when the program runs: a clean check proves little",
    },
    Kind {
        name: "gfortran",
        language: "fortran",
        version: &["-dumpfullversion"],
        install: "On Debian and Ubuntu: `apt install gfortran`.",
        note: "read from its text",
    },
    Kind {
        name: "gnatmake",
        language: "ada",
        version: &["--version"],
        install: "On Debian and Ubuntu: `apt install gnat`.",
        note: "checks without writing a program",
    },
    Kind {
        name: "kotlinc",
        language: "kotlin",
        version: &["-version"],
        install: "On Debian and Ubuntu: `apt install kotlin`.",
        note: "starts slowly, so little can be tried in a few seconds",
    },
    Kind {
        name: "vbc",
        language: "vb",
        version: &["-version"],
        install: "It comes with the .NET SDK.",
        note: "known from its documentation, not tried here",
    },
    Kind {
        name: "swiftc",
        language: "swift",
        version: &["--version"],
        install: "Install Swift from your system's packages.",
        note: "known from its documentation, not tried here",
    },
    Kind {
        name: "spcomp",
        language: "sourcepawn",
        version: &["--version"],
        install: "It comes with the SDK of the game server.",
        note: "known from its documentation, not tried here",
    },
];

impl Kind {
    /// The kind that goes by a name, or by the file name of a path (`/opt/bin/gcc-13` is a gcc).
    pub fn by_name(name: &str) -> Option<&'static Kind> {
        let file = Path::new(name).file_name()?.to_str()?;
        let file = file.strip_suffix(".exe").unwrap_or(file);
        let exact = KINDS.iter().find(|kind| kind.name == file);
        let versioned = || {
            // `x86_64-linux-gnu-gcc-13`: the last part that is a name counts.
            let bare =
                file.trim_end_matches(|c: char| c.is_ascii_digit() || matches!(c, '.' | '-'));
            KINDS
                .iter()
                .rev()
                .find(|kind| bare == kind.name || bare.ends_with(&format!("-{}", kind.name)))
        };
        exact.or_else(versioned)
    }

    /// Whether it can be kept running for the length of a command.
    pub fn stays(&self) -> bool {
        matches!(self.name, "javac" | "scalac" | "tsc" | "ghc")
    }

    /// The program that runs it, and how to get that, where it is not one by itself.
    pub fn runs_on(&self) -> Option<(&'static str, &'static str)> {
        match self.name {
            "tsc" => Some((
                "node",
                "Install Node.js: on Debian and Ubuntu `apt install nodejs`, elsewhere from its packages.",
            )),
            "scalac" | "kotlinc" => Some((
                "java",
                "Install a JVM: on Debian and Ubuntu `apt install default-jre-headless`.",
            )),
            _ => None,
        }
    }

    /// Folders beside those of the PATH in which it is installed.
    pub fn folders(&self) -> &'static [&'static str] {
        match self.name {
            "qmllint" => &["/usr/lib/qt6/bin", "/usr/lib/qt5/bin"],
            _ => &[],
        }
    }

    /// Whether it is of the gcc family.
    pub fn is_gcc(&self) -> bool {
        matches!(self.name, "gcc" | "g++")
    }

    /// The arguments for a check, before the file names. `origin` is the folder in which the
    /// learner's files stand, for headers that were not copied.
    pub fn arguments(&self, depth: Depth, origin: &Path) -> Vec<String> {
        let origin = origin.display().to_string();
        let text: &[&str] = match self.name {
            // What comes late in gcc (unset variables, missing returns) needs a real compile,
            // seen with gcc 12; the result goes to the scratch folder.
            "gcc" | "g++" => match depth {
                Depth::Errors => {
                    &["-fdiagnostics-format=json", "-fsyntax-only", "-Wall", "-Wextra"]
                }
                Depth::Full => &["-fdiagnostics-format=json", "-S", "-O1", "-Wall", "-Wextra"],
            },
            "clang" | "clang++" => &[
                "-fsyntax-only",
                "-Wall",
                "-Wextra",
                "-ferror-limit=0",
                "-fno-color-diagnostics",
                "-fdiagnostics-parseable-fixits",
            ],
            "javac" => &[
                "-J-Duser.language=en",
                "-J-Xmx512m",
                "-proc:none",
                "-implicit:none",
                "-Xlint",
                "-Xmaxerrs",
                "100000",
                "-d",
                ".",
            ],
            "cargo" => &["check", "--quiet", "--offline", "--message-format=json"],
            "tsc" => &[
                "--noEmit",
                "--strict",
                "--target",
                "es2022",
                "--pretty",
                "false",
                "--skipLibCheck",
            ],
            "ghc" => &["-fno-code", "-fdiagnostics-color=never", "-ferror-spans", "-W"],
            // -Se: go on after many errors; -s: stop before the assembler; -vq: with numbers.
            "fpc" => &["-vewnhq", "-l-", "-Mobjfpc", "-Se500", "-s"],
            "mcs" | "csc" => &["-nologo", "-out:erratum-check.dll"],
            "vbc" => &["-nologo", "-target:library", "-out:erratum-check.dll"],
            "scalac" => &[
                "-J-Duser.language=en",
                "-deprecation",
                "-feature",
                "-unchecked",
                "-Ystop-after:refchecks",
                "-d",
                ".",
            ],
            "go" => &["build", "-gcflags=-e", "-o", "erratum-check"],
            "qmllint" => &["--json", "-"],
            "gfortran" => &["-fsyntax-only", "-Wall", "-fmax-errors=0"],
            "gnatmake" => &["-q", "-c", "-u", "-gnatc", "-gnatf", "-gnatwa"],
            "kotlinc" => &["-d", "."],
            "swiftc" => &["-typecheck"],
            "spcomp" => &[],
            _ => &["--emit=metadata", "--error-format=json", "--out-dir", "."],
        };
        let mut all: Vec<String> = text.iter().map(|s| (*s).to_owned()).collect();
        if self.is_gcc() || self.name.starts_with("clang") {
            all.extend(["-iquote".to_owned(), origin]);
        }
        all
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn kinds_are_known_by_name_and_by_path() {
        let name = |text: &str| Kind::by_name(text).map(|kind| kind.name);
        assert_eq!(name("/usr/bin/gcc-12"), Some("gcc"));
        assert_eq!(name("x86_64-linux-gnu-g++"), Some("g++"));
        assert_eq!(name("clang++"), Some("clang++"));
        assert_eq!(name("frobnicate"), None);
    }
}
