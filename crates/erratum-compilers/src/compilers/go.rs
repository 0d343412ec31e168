//! How Go is asked: the compiler by itself checks the files of one package in a tenth of the time
//! that the build takes, where the library lies there compiled (seen with go 1.19; since 1.20 it
//! no longer does, and the build is used).

use super::{Alone, Kind, Link, main_file};
use crate::confine;
use crate::run::{self, Limits};
use erratum_syntax::newer;
use erratum_syntax::source::{Program, Source};
use std::borrow::Cow;
use std::path::{Path, PathBuf};
use std::time::Duration;

pub(super) static GO: Kind = Kind {
    name: "go",
    knows: |version| Some(newer::version(version)),
    language: "go",
    version: &["version"],
    install: "On Debian and Ubuntu: `apt install golang-go`.",
    note: "checks a file by itself where that is enough, else its package",
    check: &["build", "-gcflags=-e", "-o", "erratum-check"],
    // The build puts a program together by itself, and has to compile the library for it.
    link: Some(Link::Checked(&["tool", "link", "-o", "erratum-linked", "erratum-check.o"])),
    alone: Some(Alone { find, arguments }),
    caches,
    ..super::PLAIN
};

/// The cache in which the build keeps the library. Compiling a program of Go runs nothing that the
/// program brings with it.
fn caches() -> Vec<PathBuf> {
    let own = std::env::var_os("GOCACHE").map(PathBuf::from);
    let usual = || directories::BaseDirs::new().map(|dirs| dirs.cache_dir().join("go-build"));
    own.or_else(usual).into_iter().collect()
}

/// The compiler behind the `go` command, if it can be used alone.
fn find(go: &Path, program: &Program, origin: &Path) -> Option<PathBuf> {
    let module = origin.ancestors().any(|folder| folder.join("go.mod").is_file());
    let limits = Limits { time: Duration::from_secs(5), ..Limits::default() };
    let mut command = confine::command(go, &[], true);
    command.args(["env", "GOROOT", "GOTOOLDIR", "GOOS", "GOARCH"]);
    let output = run::run(&mut command, &limits).ok()?;
    let said = String::from_utf8_lossy(&output.stdout).into_owned();
    let mut lines = said.lines();
    let (root, tools) = (lines.next()?, lines.next()?);
    let library = Path::new(root).join("pkg").join(format!("{}_{}", lines.next()?, lines.next()?));
    let compiler = Path::new(tools).join(if cfg!(windows) { "compile.exe" } else { "compile" });
    let texts: Vec<_> = program.files.iter().map(text).collect();
    let own = texts.iter().flat_map(|text| imports(text)).any(|path| {
        // What is not in the library is the learner's own, or has a host in front.
        module && !library.join(format!("{path}.a")).is_file() || path.contains('.')
    });
    (compiler.is_file() && library.join("fmt.a").is_file() && !own).then_some(compiler)
}

fn arguments(program: &Program) -> Vec<String> {
    let text = main_file(program).map(text).unwrap_or_default();
    let package = package(&text).unwrap_or("main");
    ["-e", "-p", package, "-o", "erratum-check.o"].map(str::to_owned).to_vec()
}

fn text(file: &Source) -> Cow<'_, str> {
    String::from_utf8_lossy(file.bytes())
}

/// The paths that a text imports.
fn imports(text: &str) -> Vec<&str> {
    let mut inside = false;
    let mut all = Vec::new();
    for line in text.lines().map(str::trim) {
        inside = inside && line != ")" || line.starts_with("import (");
        if inside || line.starts_with("import ") {
            all.extend(line.split('"').nth(1));
        }
    }
    all
}

/// The name that a file gives its package.
fn package(text: &str) -> Option<&str> {
    text.lines().find_map(|line| line.trim().strip_prefix("package ")).map(str::trim)
}

#[cfg(test)]
mod tests {
    use super::{imports, package};

    #[test]
    fn imports_stand_alone_or_in_a_group() {
        let text = "package tide\n\nimport \"fmt\"\nimport (\n\t\"os\"\n\tm \"math\"\n)\n\nvar x = \"y\"\n";
        assert_eq!(imports(text), ["fmt", "os", "math"]);
        assert_eq!(package(text), Some("tide"));
    }
}
