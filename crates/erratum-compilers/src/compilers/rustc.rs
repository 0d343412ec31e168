//! rustc, and cargo for projects with dependencies.

use super::{Inputs, Kind, argument};
use erratum_syntax::spelling::edit_distance;
use std::path::Path;

pub(super) static RUSTC: Kind = Kind {
    name: "rustc",
    language: "rust",
    version: &["--version"],
    install: "Install Rust from your system's packages, or with rustup.",
    note: "also for cargo projects without dependencies",
    check: &["--emit=metadata", "--error-format=json", "--out-dir", "."],
    inputs: |inputs| crate_arguments(inputs, "2021"),
    ..super::PLAIN
};

pub(super) static CARGO: Kind = Kind {
    name: "cargo",
    language: "rust",
    version: &["--version"],
    install: "Cargo comes with Rust.",
    note: "for cargo projects with dependencies",
    check: &["check", "--quiet", "--offline", "--message-format=json"],
    inputs: |_| Vec::new(),
    by_choice: true,
    places: true,
    ..super::PLAIN
};

/// The arguments for the crate that the files belong to: its root, else the first of them.
fn crate_arguments(inputs: &Inputs, edition: &str) -> Vec<String> {
    let files = &inputs.program.files;
    let (root, edition) = match (inputs.crate_root, files.first()) {
        (Some((root, edition)), _) => (root, edition),
        (None, Some(file)) => (file.name(), edition),
        (None, None) => return Vec::new(),
    };
    let text = files.iter().find(|file| file.name() == root);
    let text = text.map(|file| String::from_utf8_lossy(file.bytes()).into_owned());
    let kind = crate_type(root, text.as_deref().unwrap_or_default());
    let stem: String = Path::new(root)
        .file_stem()
        .map(|stem| stem.to_string_lossy().into_owned())
        .unwrap_or_default()
        .chars()
        .map(|c| if c.is_ascii_alphanumeric() { c } else { '_' })
        .collect();
    let name =
        if stem.starts_with(|c: char| c.is_ascii_alphabetic()) { stem } else { format!("p{stem}") };
    // cargo gives macros the library that they are written with, too.
    let library: &[&str] = if kind == MACROS { &["--extern", "proc_macro"] } else { &[] };
    ["--edition", edition, "--crate-type", kind, "--crate-name", &name]
        .iter()
        .chain(library)
        .map(|s| (*s).to_owned())
        .chain([argument(root)])
        .collect()
}

/// A crate of procedural macros.
const MACROS: &str = "proc-macro";

/// What kind of crate a text is the root of. A library has no `main`, and shows others what it has;
/// where a function is nearly called so, the name is misspelt.
fn crate_type(root: &str, text: &str) -> &'static str {
    // In a comment such a word is only spoken of.
    if text.lines().any(|line| line.trim_start().starts_with("#[proc_macro")) {
        return MACROS;
    }
    let starts = |line: &str, words: &[&str]| words.iter().any(|word| line.starts_with(word));
    let names = text.lines().filter_map(|line| {
        let line = line.strip_prefix("pub ").unwrap_or(line);
        let line = line.strip_prefix("async ").unwrap_or(line);
        line.strip_prefix("fn ")?.split(['(', '<', ' ']).next()
    });
    let mut near = names.filter(|name| edit_distance(name, "main") <= 2.0);
    let public = ["pub ", "pub("];
    let shows = text.lines().any(|line| starts(line, &public));
    match () {
        () if root.ends_with("lib.rs") => "lib",
        () if near.next().is_none() && shows => "lib",
        () => "bin",
    }
}

#[cfg(test)]
mod tests {
    use super::crate_type;

    #[test]
    fn the_kind_of_a_crate_is_told_from_its_root() {
        assert_eq!(crate_type("src/lib.rs", "fn low() {}\n"), "lib");
        assert_eq!(crate_type("tide.rs", "pub fn low() {}\n"), "lib");
        assert_eq!(crate_type("tide.rs", "pub fn low() {}\nfn main() {}\n"), "bin");
        assert_eq!(crate_type("tide.rs", "pub fn low() {}\nfn mian() {}\n"), "bin");
        assert_eq!(crate_type("tide.rs", "pub(crate) struct Tide;\n"), "lib");
        assert_eq!(crate_type("tide.rs", "/// #[proc_macro]\npub mod low;\n"), "lib");
        assert_eq!(crate_type("tide.rs", "pub const DEEP: u32 = 3;\n"), "lib");
        assert_eq!(crate_type("tide.rs", "fn low() {}\n"), "bin");
        let own = "#[proc_macro]\npub fn low(t: TokenStream) -> TokenStream { t }\n";
        assert_eq!(crate_type("src/lib.rs", own), "proc-macro");
    }
}
