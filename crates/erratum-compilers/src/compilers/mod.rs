//! The compilers, one file each: how one is started so that it only checks.
//!
//! A [`Kind`] is data and the few behaviours that differ; whoever runs a compiler asks it, and never
//! its name.

mod clang;
mod csharp;
mod fpc;
mod gcc;
mod gdc;
mod gfortran;
mod ghc;
mod gnatmake;
mod go;
mod javac;
mod jvm;
mod kotlinc;
mod qmllint;
mod rustc;
mod scalac;
mod spcomp;
mod swiftc;
mod tsc;
mod vbc;

use crate::headers::Precompile;
use crate::resident::Host;
use erratum_repair::search::Depth;
use erratum_syntax::newer::Version;
use erratum_syntax::source::{Program, Source};
use std::path::{Path, PathBuf};

/// One kind of compiler.
#[derive(Debug)]
pub struct Kind {
    /// Its name, as the catalogue and `--compiler` use it.
    pub name: &'static str,
    /// The language it compiles.
    pub language: &'static str,
    /// Arguments that make it tell its version quickly.
    pub version: &'static [&'static str],
    /// The version of the language that a version of it knows, where that makes a difference.
    pub knows: fn(&str) -> Option<Version>,
    /// How to get it on Linux.
    pub install: &'static str,
    /// What a look needs of it, for `erratum compilers`.
    pub note: &'static str,
    /// Arguments of the cheapest check that tells all errors.
    pub check: &'static [&'static str],
    /// Arguments of a check that also tells what comes late, where that is another one.
    pub late: Option<&'static [&'static str]>,
    /// How it puts a program together, where a check leaves that out.
    pub(crate) link: Option<Link>,
    /// What comes behind them: files, and what they need.
    pub inputs: fn(&Inputs) -> Vec<String>,
    /// How it is told of the folders in which it looks for what a text asks for.
    pub searched: fn(&[String]) -> Vec<String>,
    /// Whether it also looks for headers in the folder where the learner's files stand.
    pub searches_origin: bool,
    /// How it is kept running for the length of a command, where it can be.
    pub(crate) stays: Option<Stays>,
    /// A quicker check than that of the command, which is not always to be had.
    pub(crate) alone: Option<Alone>,
    /// The program that runs it, and how to get that, where it is not one by itself.
    pub runs_on: Option<(&'static str, &'static str)>,
    /// Folders beside those of the PATH in which it is installed.
    pub folders: &'static [&'static str],
    /// Whether a learner's project may bring one of its own.
    pub in_packages: bool,
    /// Whether it is only used where a project asks for it.
    pub by_choice: bool,
    /// Whether every error in a program comes with its place: one without is of the build.
    pub(crate) places: bool,
    /// Whether its exit status tells that something is wrong.
    pub status_tells: bool,
    /// Whether it must be told how files are encoded.
    pub wants_encoding: bool,
    /// Whether it must be told under which folder packages lie.
    pub wants_source_path: bool,
    /// Whether its machine-readable messages leave out from where a template was asked for.
    pub(crate) hides_templates: bool,
    /// How it makes and takes precompiled headers, if it can.
    pub(crate) precompile: Option<&'static Precompile>,
    /// The caches of its own that it must be able to write, beside its scratch folder.
    pub(crate) caches: fn() -> Vec<PathBuf>,
    /// Whether imports are meant from where the learner's files stand, rather than from the copy.
    pub root_is_origin: bool,
}

/// How a compiler is kept running.
#[derive(Clone, Copy, Debug)]
pub(crate) enum Stays {
    /// By a helper that ships with Erratum.
    Helper(&'static Host),
    /// At a prompt of its own.
    Prompt,
}

/// A program behind the compiler's command that checks in a fraction of the time.
#[derive(Clone, Copy, Debug)]
pub(crate) struct Alone {
    /// Finds it, for a compiler's path, a program, and the folder in which its files stand.
    pub find: fn(&Path, &Program, &Path) -> Option<PathBuf>,
    /// Its arguments for a program, without the files.
    pub arguments: fn(&Program) -> Vec<String>,
}

/// How a program is put together.
#[derive(Clone, Copy, Debug)]
pub(crate) enum Link {
    /// From its files, with these arguments before them.
    Files(&'static [&'static str]),
    /// From what the program behind the compiler's command has left of its check.
    Checked(&'static [&'static str]),
}

/// What most compilers have in common.
const PLAIN: Kind = Kind {
    name: "",
    language: "",
    version: &["--version"],
    knows: |_| None,
    install: "",
    note: "",
    check: &[],
    late: None,
    link: None,
    inputs: |inputs| inputs.files().collect(),
    searched: |_| Vec::new(),
    searches_origin: false,
    stays: None,
    alone: None,
    runs_on: None,
    folders: &[],
    in_packages: false,
    by_choice: false,
    places: false,
    status_tells: true,
    wants_encoding: false,
    wants_source_path: false,
    hides_templates: false,
    precompile: None,
    caches: Vec::new,
    root_is_origin: false,
};

const NODE: (&str, &str) = (
    "node",
    "Install Node.js: on Debian and Ubuntu `apt install nodejs`, elsewhere from its packages.",
);

const JAVA: (&str, &str) =
    ("java", "Install a JVM: on Debian and Ubuntu `apt install default-jre-headless`.");

/// All kinds, for each language the one to prefer first.
pub static KINDS: &[&Kind] = &[
    &gcc::GCC,
    &clang::CLANG,
    &gcc::GXX,
    &clang::CLANGXX,
    &javac::JAVAC,
    &rustc::RUSTC,
    &rustc::CARGO,
    &tsc::TSC,
    &ghc::GHC,
    &fpc::FPC,
    &csharp::MCS,
    &csharp::CSC,
    &scalac::SCALAC,
    &go::GO,
    &qmllint::QMLLINT,
    &gfortran::GFORTRAN,
    &gnatmake::GNATMAKE,
    &gdc::GDC,
    &kotlinc::KOTLINC,
    &vbc::VBC,
    &swiftc::SWIFTC,
    &spcomp::SPCOMP,
];

/// Each folder behind a flag of its own, which may be the same word.
fn each(folders: &[String], flag: &str) -> Vec<String> {
    folders.iter().map(|folder| format!("{flag}{folder}")).collect()
}

/// For headers in quotes first, and for those in angle brackets behind those of the system: one of a name
/// that the library has takes nothing away from it.
fn headers(folders: &[String]) -> Vec<String> {
    let both = |folder: &String| ["-iquote", folder, "-idirafter", folder].map(str::to_owned);
    folders.iter().flat_map(both).collect()
}

/// What is compiled.
pub struct Inputs<'a> {
    /// The program.
    pub program: &'a Program,
    /// For a Rust project: the file from which the crate starts, and its edition.
    pub crate_root: Option<(&'a str, &'a str)>,
}

impl Inputs<'_> {
    /// Iterates over the names of the files.
    pub fn files(&self) -> impl Iterator<Item = String> {
        self.program.files.iter().map(|file| argument(file.name()))
    }

    /// Returns the file to give to a compiler that takes one and finds the others by itself.
    pub fn main_file(&self) -> Option<String> {
        main_file(self.program).map(|file| argument(file.name()))
    }
}

/// The file with the program's start, else the first.
pub(crate) fn main_file(program: &Program) -> Option<&Source> {
    let is_program = |file: &&Source| {
        let text = String::from_utf8_lossy(file.bytes()).to_lowercase();
        text.lines().any(|line| line.trim_start().starts_with("program"))
    };
    program.files.iter().find(is_program).or_else(|| program.files.first())
}

/// A file name that cannot be taken for an option.
pub(crate) fn argument(name: &str) -> String {
    if name.starts_with('-') { format!("./{name}") } else { name.to_owned() }
}

/// How to get a program on this system, where `on_linux` says how on Linux.
pub(crate) fn how_to_install(program: &str, on_linux: &str) -> String {
    if cfg!(windows) {
        format!("Install {program} from its makers, and put the folder of its program on the PATH.")
    } else {
        on_linux.to_owned()
    }
}

impl Kind {
    /// How to get it on this system.
    pub fn how_to_install(&self) -> String {
        how_to_install(self.name, self.install)
    }

    /// The kind that goes by a name, or by the file name of a path (`/opt/bin/gcc-13` is a gcc).
    pub fn by_name(name: &str) -> Option<&'static Kind> {
        let file = Path::new(name).file_name()?.to_str()?;
        let endings = [".exe", ".cmd", ".bat"];
        let file = endings.iter().find_map(|ending| file.strip_suffix(ending)).unwrap_or(file);
        let exact = KINDS.iter().copied().find(|kind| kind.name == file);
        let versioned = || {
            // `x86_64-linux-gnu-gcc-13`: the last part that is a name counts.
            let bare =
                file.trim_end_matches(|c: char| c.is_ascii_digit() || matches!(c, '.' | '-'));
            KINDS
                .iter()
                .copied()
                .rev()
                .find(|kind| bare == kind.name || bare.ends_with(&format!("-{}", kind.name)))
        };
        exact.or_else(versioned)
    }

    /// The arguments for a check, before the files. `origin` is the folder in which the learner's
    /// files stand, for headers that were not copied.
    pub fn arguments(&self, depth: Depth, origin: &Path) -> Vec<String> {
        let late = self.late.filter(|_| depth == Depth::Full);
        let mut all: Vec<String> =
            late.unwrap_or(self.check).iter().map(|text| (*text).to_owned()).collect();
        if self.searches_origin {
            all.extend(["-iquote".to_owned(), origin.display().to_string()]);
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
