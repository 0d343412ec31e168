//! The flags with which a build compiles one file of C or C++, from its `compile_commands.json`.

use crate::os;
use serde::Deserialize;
use std::fs;
use std::path::{Path, PathBuf};

#[derive(Deserialize)]
struct Entry {
    directory: PathBuf,
    file: PathBuf,
    #[serde(default)]
    arguments: Vec<String>,
    #[serde(default)]
    command: String,
}

/// Folders of a project in which the file is usually written.
const FOLDERS: &[&str] = &[".", "build", "out", "cmake-build-debug", "Debug", "builddir"];

/// What of a file's flags says how it is read: include paths, definitions, the version of the
/// language. Nothing if no such file knows it.
pub fn compile_flags(root: &Path, file: &Path) -> Option<Vec<String>> {
    let wanted = dunce::canonicalize(root.join(file)).ok()?;
    FOLDERS.iter().find_map(|folder| {
        let text = fs::read_to_string(root.join(folder).join("compile_commands.json")).ok()?;
        let entries: Vec<Entry> = serde_json::from_str(&text).ok()?;
        let entry = entries.into_iter().find(|e| {
            dunce::canonicalize(e.directory.join(&e.file)).is_ok_and(|path| path == wanted)
        })?;
        let words = if entry.arguments.is_empty() {
            os::command_words(&entry.command)?
        } else {
            entry.arguments
        };
        Some(kept(&words, &entry.directory))
    })
}

fn kept(words: &[String], directory: &Path) -> Vec<String> {
    const PATHS: [&str; 4] = ["-isystem", "-iquote", "-include", "-I"];
    let full = |path: &str| directory.join(path).display().to_string();
    let mut all = Vec::new();
    let mut words = words.iter();
    while let Some(word) = words.next() {
        if let Some(flag) = PATHS.iter().find(|flag| *flag == word) {
            if let Some(path) = words.next() {
                all.extend([(*flag).to_owned(), full(path)]);
            }
        } else if let Some(path) = word.strip_prefix("-I") {
            all.push(format!("-I{}", full(path)));
        } else if ["-D", "-U"].contains(&word.as_str()) {
            all.push(word.clone());
            all.extend(words.next().cloned());
        } else if ["-D", "-U", "-std=", "-m", "-pthread"]
            .iter()
            .any(|start| word.starts_with(start))
        {
            all.push(word.clone());
        }
    }
    all
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_says_how_a_file_is_read_is_kept() {
        let folder = tempfile::tempdir().unwrap();
        let root = folder.path();
        fs::create_dir_all(root.join("build")).unwrap();
        fs::create_dir_all(root.join("src")).unwrap();
        fs::write(root.join("src/tide.c"), "").unwrap();
        let text = serde_json::json!([{
            "directory": root.join("build"),
            "file": "../src/tide.c",
            "command": "cc -O2 -DDEPTH=3 -I ../include -std=c11 -o tide.o -c ../src/tide.c",
        }]);
        fs::write(root.join("build/compile_commands.json"), text.to_string()).unwrap();
        let flags = compile_flags(root, Path::new("src/tide.c")).unwrap();
        assert_eq!(flags[0], "-DDEPTH=3");
        assert!(flags[2].ends_with("build/../include"), "{flags:?}");
        assert_eq!(flags.last().map(String::as_str), Some("-std=c11"));
        assert!(compile_flags(root, Path::new("src/none.c")).is_none());
    }
}
