//! Checks the catalogue and packs it, so that the program need not read hundreds of files when it
//! starts. A broken entry stops the build with the file's name and the reason.

#[path = "src/catalogue/entry.rs"]
mod entry;
#[path = "src/catalogue/term.rs"]
mod term;
#[path = "src/catalogue/texts.rs"]
mod texts;

use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::{env, fs};

fn main() {
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../catalogue");
    println!("cargo::rerun-if-changed={}", folder.display());
    println!("cargo::rerun-if-changed=src/catalogue/entry.rs");
    println!("cargo::rerun-if-changed=src/catalogue/term.rs");
    println!("cargo::rerun-if-changed=src/catalogue/texts.rs");
    match pack(&folder) {
        Ok(packed) => {
            let out = env::var("OUT_DIR").unwrap_or_default();
            if let Err(error) = fs::write(Path::new(&out).join("catalogue.bin"), packed) {
                println!("cargo::error=cannot write the packed catalogue: {error}");
            }
        }
        Err(error) => println!("cargo::error={error}"),
    }
}

#[derive(serde::Deserialize)]
struct Terms {
    term: Vec<term::Term>,
}

#[derive(serde::Deserialize)]
struct Shapes {
    shape: Vec<term::Shape>,
}

#[derive(serde::Deserialize)]
struct Crashes {
    crash: Vec<term::Crash>,
}

#[derive(serde::Deserialize)]
#[serde(deny_unknown_fields)]
struct Clashes {
    patterns: Vec<String>,
}

/// Reads a file of the catalogue; a broken one is named with the reason.
fn read<T: serde::de::DeserializeOwned>(path: &Path) -> Result<T, String> {
    println!("cargo::rerun-if-changed={}", path.display());
    let text = fs::read_to_string(path).map_err(|e| format!("{}: {e}", path.display()))?;
    toml::from_str(&text).map_err(|e| format!("{}: {e}", path.display()))
}

fn pack(folder: &Path) -> Result<Vec<u8>, String> {
    let entries = mistakes(&folder.join("mistakes"))?;
    let mut terms = read::<Terms>(&folder.join("terms.toml"))?.term;
    terms.sort_by(|a, b| a.name.cmp(&b.name));
    let shapes = read::<Shapes>(&folder.join("shapes.toml"))?.shape;
    let codes = codes(&folder.join("codes"), &entries)?;
    let crashes = read::<Crashes>(&folder.join("crashes.toml"))?.crash;
    let clashes = read::<BTreeMap<String, Clashes>>(&folder.join("clashes.toml"))?;
    let clashes = clashes.into_iter().map(|(compiler, list)| (compiler, list.patterns)).collect();
    let worded = worded(&folder.join("messages"), &entries)?;
    let languages = languages(&folder.join("languages"), &entries)?;
    let packed =
        term::Packed { entries, terms, shapes, crashes, codes, clashes, languages, worded };
    postcard::to_allocvec(&packed).map_err(|e| e.to_string())
}

/// The messages of each compiler, each with its kind of mistake.
fn worded(
    folder: &Path,
    entries: &[entry::Entry],
) -> Result<BTreeMap<String, Vec<(String, String)>>, String> {
    let mut all = BTreeMap::new();
    for path in files(folder)? {
        let kinds: BTreeMap<String, Vec<String>> = read(&path)?;
        if let Some(kind) = kinds.keys().find(|kind| !entries.iter().any(|e| e.id == **kind)) {
            return Err(format!("{}: '{kind}' is no entry", path.display()));
        }
        let pairs = kinds.into_iter().flat_map(|(kind, patterns)| {
            patterns.into_iter().map(move |pattern| (pattern, kind.clone()))
        });
        let compiler = path.file_stem().and_then(|stem| stem.to_str()).unwrap_or_default();
        all.insert(compiler.to_owned(), pairs.collect());
    }
    Ok(all)
}

fn languages(folder: &Path, entries: &[entry::Entry]) -> Result<Vec<texts::Texts>, String> {
    let mut all = Vec::new();
    for path in files(folder)? {
        let texts: texts::Texts = read(&path)?;
        if texts.language.as_deref() != path.file_stem().and_then(|stem| stem.to_str()) {
            return Err(format!("{}: its language is unlike its name", path.display()));
        }
        let known = |id: &str| entries.iter().any(|entry| entry.id == id);
        if let Some(lost) = texts.mistakes.iter().find(|mistake| !known(&mistake.id)) {
            return Err(format!("{}: '{}' is no entry", path.display(), lost.id));
        }
        all.push(texts);
    }
    Ok(all)
}

type Codes = BTreeMap<String, Vec<String>>;

fn codes(folder: &Path, entries: &[entry::Entry]) -> Result<BTreeMap<String, Codes>, String> {
    let mut all = BTreeMap::new();
    for path in files(folder)? {
        let codes: Codes = read(&path)?;
        for (code, kinds) in &codes {
            if let Some(kind) = kinds.iter().find(|kind| !entries.iter().any(|e| e.id == **kind)) {
                return Err(format!(
                    "{}: {code} names '{kind}', which is no entry",
                    path.display()
                ));
            }
        }
        let compiler = path.file_stem().and_then(|stem| stem.to_str()).unwrap_or_default();
        all.insert(compiler.to_owned(), codes);
    }
    Ok(all)
}

/// The TOML files of a folder, by name.
fn files(folder: &Path) -> Result<Vec<PathBuf>, String> {
    let listing = fs::read_dir(folder).map_err(|e| format!("{}: {e}", folder.display()))?;
    let mut paths: Vec<_> = listing.flatten().map(|item| item.path()).collect();
    paths.retain(|path| path.extension().is_some_and(|extension| extension == "toml"));
    paths.sort();
    Ok(paths)
}

fn mistakes(folder: &Path) -> Result<Vec<entry::Entry>, String> {
    let mut entries = Vec::new();
    for path in files(folder)? {
        let entry: entry::Entry = read(&path)?;
        if path.file_stem().and_then(|stem| stem.to_str()) != Some(entry.id.as_str()) {
            return Err(format!("{}: its id is '{}', unlike its name", path.display(), entry.id));
        }
        entries.push(entry);
    }
    // Looked up by name.
    entries.sort_by(|a, b| a.id.cmp(&b.id));
    Ok(entries)
}
