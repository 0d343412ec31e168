//! Checks the catalogue and packs it, so that the program need not read hundreds of files when it
//! starts. A broken entry stops the build with the file's name and the reason.

#[path = "src/entry.rs"]
mod entry;
#[path = "src/term.rs"]
mod term;
#[path = "src/texts.rs"]
mod texts;

/// The types that this script writes. To the script itself they are names, as they stand in the files.
mod ids {
    pub type Recipe = String;
}

use std::collections::BTreeMap;
use std::fmt::Write as _;
use std::path::{Path, PathBuf};
use std::{env, fs};

fn main() {
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../catalogue");
    println!("cargo::rerun-if-changed={}", folder.display());
    println!("cargo::rerun-if-changed=src/entry.rs");
    println!("cargo::rerun-if-changed=src/term.rs");
    println!("cargo::rerun-if-changed=src/texts.rs");
    match pack(&folder) {
        Ok((packed, ids)) => {
            let out = PathBuf::from(env::var("OUT_DIR").unwrap_or_default());
            let written = fs::write(out.join("catalogue.bin"), packed)
                .and_then(|()| fs::write(out.join("ids.rs"), ids));
            if let Err(error) = written {
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

/// The packed catalogue, and the source of the types made of its names.
fn pack(folder: &Path) -> Result<(Vec<u8>, String), String> {
    let entries = mistakes(&folder.join("mistakes"))?;
    let recipes: BTreeMap<String, String> = read(&folder.join("recipes.toml"))?;
    for entry in &entries {
        if let Some(unknown) = entry.recipes.iter().find(|name| !recipes.contains_key(*name)) {
            return Err(format!("{}: '{unknown}' is no recipe of recipes.toml", entry.id));
        }
    }
    let kinds = entries.iter().map(|entry| (entry.id.as_str(), entry.general.as_str()));
    let recipes = recipes.iter().map(|(name, does)| (name.as_str(), does.as_str()));
    let ids = [
        enumeration("MistakeId", "A kind of mistake that ships: the id of its entry.", kinds),
        enumeration("Recipe", "What kind of fix an entry asks for.", recipes),
    ]
    .concat();
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
    let bytes = postcard::to_allocvec(&packed).map_err(|e| e.to_string())?;
    // What cannot be read back would stop the program at its start.
    postcard::from_bytes::<term::Packed>(&bytes).map_err(|e| e.to_string())?;
    Ok((bytes, ids))
}

/// The source of an enumeration with one variant for each name, as in `MissingReturn` for
/// `missing-return`, with the ways from and to the name.
fn enumeration<'a>(
    name: &str,
    does: &str,
    variants: impl Iterator<Item = (&'a str, &'a str)> + Clone,
) -> String {
    let camel = |id: &str| -> String {
        let capital = |word: &str| {
            let mut letters = word.chars();
            letters.next().map(|c| c.to_ascii_uppercase()).into_iter().chain(letters).collect()
        };
        id.split('-').map(|word| -> String { capital(word) }).collect()
    };
    let mut source = format!(
        "/// {does}\n#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, \
         Deserialize)]\n#[cfg_attr(feature = \"schema\", derive(schemars::JsonSchema))]\n\
         #[serde(try_from = \"String\", into = \"String\")]\npub enum {name} {{\n"
    );
    let mut names = String::new();
    let mut parses = String::new();
    let mut all = String::new();
    for (id, meaning) in variants {
        let variant = camel(id);
        let line = meaning.replace('\n', " ").replace(['[', ']', '<', '>'], " ");
        let _ = writeln!(source, "    /// {line}\n    {variant},");
        let _ = writeln!(names, "            {name}::{variant} => \"{id}\",");
        let _ = writeln!(parses, "            \"{id}\" => Ok({name}::{variant}),");
        let _ = writeln!(all, "        {name}::{variant},");
    }
    let _ = write!(
        source,
        "}}\n\nimpl {name} {{\n    /// All of them, by name.\n    pub const ALL: &'static [{name}] = \
         &[\n{all}    ];\n\n    /// Returns the name, as it stands in the catalogue.\n    pub fn \
         as_str(self) -> &'static str {{\n        match self {{\n{names}        }}\n    }}\n}}\n\n\
         impl FromStr for {name} {{\n    type Err = UnknownId;\n\n    fn from_str(text: &str) -> \
         Result<{name}, UnknownId> {{\n        match text {{\n{parses}            other => \
         Err(UnknownId(other.to_owned())),\n        }}\n    }}\n}}\n\nimpl fmt::Display for \
         {name} {{\n    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {{\n        \
         f.write_str(self.as_str())\n    }}\n}}\n\nimpl From<{name}> for String {{\n    fn \
         from(id: {name}) -> String {{\n        id.as_str().to_owned()\n    }}\n}}\n\nimpl \
         TryFrom<String> for {name} {{\n    type Error = UnknownId;\n\n    fn try_from(text: \
         String) -> Result<{name}, UnknownId> {{\n        text.parse()\n    }}\n}}\n\n"
    );
    source
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
