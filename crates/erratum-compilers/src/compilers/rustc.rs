//! rustc, and cargo for projects with dependencies.

use super::{Inputs, Kind, argument};
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
    ..super::PLAIN
};

/// The arguments for the crate that the files belong to: its root, else the first of them.
fn crate_arguments(inputs: &Inputs, edition: &str) -> Vec<String> {
    match (inputs.crate_root, inputs.program.files.first()) {
        (Some((root, edition)), _) => for_root(root, edition),
        (None, Some(file)) => for_root(file.name(), edition),
        (None, None) => Vec::new(),
    }
}

fn for_root(root: &str, edition: &str) -> Vec<String> {
    let kind = if root.ends_with("lib.rs") { "lib" } else { "bin" };
    let stem: String = Path::new(root)
        .file_stem()
        .map(|stem| stem.to_string_lossy().into_owned())
        .unwrap_or_default()
        .chars()
        .map(|c| if c.is_ascii_alphanumeric() { c } else { '_' })
        .collect();
    let name =
        if stem.starts_with(|c: char| c.is_ascii_alphabetic()) { stem } else { format!("p{stem}") };
    ["--edition", edition, "--crate-type", kind, "--crate-name", &name]
        .iter()
        .map(|s| (*s).to_owned())
        .chain([argument(root)])
        .collect()
}
