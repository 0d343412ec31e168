//! Checks the catalogue and packs it, so that the program need not read hundreds of files when it
//! starts. A broken entry stops the build with the file's name and the reason.

#[path = "src/catalogue/entry.rs"]
mod entry;

use std::path::Path;
use std::{env, fs};

fn main() {
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../catalogue/mistakes");
    println!("cargo::rerun-if-changed={}", folder.display());
    println!("cargo::rerun-if-changed=src/catalogue/entry.rs");
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

fn pack(folder: &Path) -> Result<Vec<u8>, String> {
    let listing = fs::read_dir(folder).map_err(|e| format!("{}: {e}", folder.display()))?;
    let mut paths: Vec<_> = listing.flatten().map(|item| item.path()).collect();
    paths.retain(|path| path.extension().is_some_and(|extension| extension == "toml"));
    paths.sort();
    let mut entries = Vec::with_capacity(paths.len());
    for path in paths {
        println!("cargo::rerun-if-changed={}", path.display());
        let text = fs::read_to_string(&path).map_err(|e| format!("{}: {e}", path.display()))?;
        let entry: entry::Entry =
            toml::from_str(&text).map_err(|e| format!("{}: {e}", path.display()))?;
        if path.file_stem().and_then(|stem| stem.to_str()) != Some(entry.id.as_str()) {
            return Err(format!("{}: its id is '{}', unlike its name", path.display(), entry.id));
        }
        entries.push(entry);
    }
    // Looked up by name.
    entries.sort_by(|a, b| a.id.cmp(&b.id));
    postcard::to_allocvec(&entries).map_err(|e| e.to_string())
}
