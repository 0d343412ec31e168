//! The layers hold: who may know whom, and who may ask which language it has before it.

use std::collections::BTreeMap;
use std::fs;
use std::path::{Path, PathBuf};

/// The crates from the bottom up: each knows only those that stand before it.
const LAYERS: &[&str] = &[
    "erratum-syntax",
    "erratum-catalogue",
    "erratum-repair",
    "erratum-compilers",
    "erratum-standins",
    "erratum-look",
    "erratum-learn",
    "erratum-survey",
    "erratum-lsp",
    "erratum",
    "erratum-bench",
];

fn root() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("../..")
}

/// The Rust files of a folder and of those below it.
fn sources(folder: &Path) -> Vec<PathBuf> {
    let mut all = Vec::new();
    for entry in fs::read_dir(folder).unwrap().flatten() {
        let path = entry.path();
        if path.is_dir() {
            all.extend(sources(&path));
        } else if path.extension().is_some_and(|ending| ending == "rs") {
            all.push(path);
        }
    }
    all.sort();
    all
}

fn layer(name: &str) -> usize {
    let found = LAYERS.iter().position(|known| *known == name);
    found.unwrap_or_else(|| panic!("{name} stands in no layer: add it to LAYERS"))
}

#[test]
fn each_crate_knows_only_those_below_it() {
    let cargo = std::env::var("CARGO").unwrap_or_else(|_| "cargo".to_owned());
    let output = std::process::Command::new(cargo)
        .args(["metadata", "--no-deps", "--offline", "--format-version", "1"])
        .current_dir(root())
        .output()
        .unwrap();
    assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
    let metadata: serde_json::Value = serde_json::from_slice(&output.stdout).unwrap();
    let packages = metadata["packages"].as_array().unwrap();
    assert_eq!(packages.len(), LAYERS.len());
    for package in packages {
        let name = package["name"].as_str().unwrap();
        for dependency in package["dependencies"].as_array().unwrap() {
            let other = dependency["name"].as_str().unwrap();
            if other.starts_with("erratum") {
                assert!(layer(other) < layer(name), "{name} must not know {other}");
            }
        }
    }
}

/// The modules of a crate that each of its modules uses, by the names of its top folder.
fn uses(source: &Path) -> BTreeMap<String, Vec<String>> {
    let mut all: BTreeMap<String, Vec<String>> = BTreeMap::new();
    for path in sources(source) {
        let inside = path.strip_prefix(source).unwrap();
        let module = inside.components().next().unwrap().as_os_str().to_string_lossy().into_owned();
        let module = module.trim_end_matches(".rs").to_owned();
        let text = fs::read_to_string(&path).unwrap();
        // What a module's tests use binds nobody.
        let text = text.split("#[cfg(test)]").next().unwrap().to_owned();
        let code = text.lines().filter(|line| !line.trim_start().starts_with("//"));
        for line in code {
            for part in line.split("crate::").skip(1) {
                let end = part.find(|c: char| !(c.is_alphanumeric() || c == '_'));
                let other = part[..end.unwrap_or(part.len())].to_owned();
                if other != module && !other.is_empty() {
                    all.entry(module.clone()).or_default().push(other);
                }
            }
        }
    }
    all
}

/// A way from a module back to itself, if there is one.
fn circle(uses: &BTreeMap<String, Vec<String>>, way: &mut Vec<String>) -> Option<Vec<String>> {
    let last = way.last()?.clone();
    for next in uses.get(&last).into_iter().flatten() {
        if let Some(at) = way.iter().position(|module| module == next) {
            return Some(way[at..].to_vec());
        }
        way.push(next.clone());
        if let Some(found) = circle(uses, way) {
            return Some(found);
        }
        way.pop();
    }
    None
}

#[test]
fn the_modules_of_the_computation_form_no_circle() {
    for name in ["erratum-catalogue", "erratum-repair", "erratum-look"] {
        let uses = uses(&root().join("crates").join(name).join("src"));
        for module in uses.keys() {
            let found = circle(&uses, &mut vec![module.clone()]);
            assert!(found.is_none(), "{name}: a circle of imports: {found:?}");
        }
    }
}

/// What asks for a language by its name, rather than for what is different in it.
const ASKING: &[&str] = &[
    "language.id ==",
    "language.id !=",
    "language().id ==",
    "language().id !=",
    "match language.id",
    "match self.language.id",
    "match case.language().id",
    "matches!(language.id",
    "matches!(case.language().id",
    "(lexed.language.id,",
    "language.name ==",
    "DeclarationForm",
];

#[test]
fn nothing_outside_of_the_languages_asks_which_one_it_has() {
    for name in LAYERS.iter().filter(|name| **name != "erratum-bench") {
        for path in sources(&root().join("crates").join(name).join("src")) {
            if path.components().any(|part| part.as_os_str() == "language") {
                continue;
            }
            let text = fs::read_to_string(&path).unwrap();
            for (number, line) in text.lines().enumerate() {
                let asks = ASKING.iter().find(|asking| line.contains(**asking));
                // Two languages may be told apart; one may not be singled out.
                let singled = asks.is_some() && (line.contains('"') || line.contains("match"));
                let place = format!("{}:{}", path.display(), number + 1);
                assert!(!singled, "{place} asks for a language by name: {line}");
            }
        }
    }
}

/// What a compiler does that others do not stands with its readers or in its manner.
#[test]
fn the_computation_asks_for_no_compiler_by_name() {
    let names = [
        "gcc", "g++", "clang", "clang++", "javac", "rustc", "cargo", "tsc", "ghc", "fpc", "mcs",
        "csc", "scalac", "qmllint", "gdc", "gfortran",
    ];
    let folder = root().join("crates/erratum-repair/src");
    let own = |path: &PathBuf| {
        let place = path.strip_prefix(&folder).unwrap();
        !place.starts_with("read")
            && !place.ends_with("manner.rs")
            && !place.ends_with("testing.rs")
    };
    for path in sources(&folder).into_iter().filter(own) {
        let text = fs::read_to_string(&path).unwrap();
        let code = text.split("#[cfg(test)]").next().unwrap_or_default();
        for line in code.lines().filter(|line| !line.trim_start().starts_with("//")) {
            let named = names.iter().find(|name| line.contains(&format!("\"{name}\"")));
            assert!(named.is_none(), "{}: {line}", path.display());
        }
    }
}

#[test]
fn no_command_calls_another() {
    let folder = root().join("crates/erratum/src/commands");
    for path in sources(&folder) {
        let text = fs::read_to_string(&path).unwrap();
        let calls = text.lines().find(|line| line.contains("commands::"));
        assert!(calls.is_none(), "{}: {calls:?}", path.display());
    }
}
