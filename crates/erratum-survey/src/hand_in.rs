//! Finding hand-ins: one folder a learner, or one file a learner.

use erratum_syntax::language::{Language, by_file_name};
use ignore::WalkBuilder;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::{fs, io};

/// How many files of one learner are taken together at most.
const FILES: usize = 200;

/// What one learner handed in, in one language.
#[derive(Clone, Debug)]
pub struct HandIn {
    /// Who: the name of the folder, or of the file without its ending.
    pub learner: String,
    /// The language.
    pub language: &'static Language,
    /// The files, in order of their names.
    pub files: Vec<PathBuf>,
}

/// Finds the hand-ins in files and folders, in order of the learners' names. In a folder, each folder with
/// programs in it is a learner, and so is each program that stands beside them. Links are not followed.
///
/// # Errors
/// When a path cannot be read.
pub fn find(paths: &[PathBuf]) -> io::Result<Vec<HandIn>> {
    let mut all: Vec<HandIn> = Vec::new();
    for path in paths {
        let kind = fs::symlink_metadata(path).map_err(|error| {
            io::Error::new(error.kind(), format!("{}: {error}", path.display()))
        })?;
        if kind.is_file() {
            all.extend(one(name_of(path, true), vec![path.clone()]));
            continue;
        }
        let mut entries: Vec<PathBuf> = Vec::new();
        let listed = fs::read_dir(path).map_err(|error| {
            io::Error::new(error.kind(), format!("{}: {error}", path.display()))
        })?;
        for entry in listed {
            entries.push(entry?.path());
        }
        entries.sort();
        for entry in entries.into_iter().filter(|entry| !is_hidden(entry)) {
            let Ok(kind) = fs::symlink_metadata(&entry) else { continue };
            if kind.is_dir() {
                all.extend(one(name_of(&entry, false), programs(&entry)));
            } else if kind.is_file() {
                all.extend(one(name_of(&entry, true), vec![entry]));
            }
        }
    }
    all.sort_by(|a, b| {
        (&a.learner, a.language.id, &a.files).cmp(&(&b.learner, b.language.id, &b.files))
    });
    apart(&mut all);
    Ok(all)
}

/// Takes the part with a number, from 1, of so many.
pub fn shard(all: Vec<HandIn>, number: usize, of: usize) -> Vec<HandIn> {
    let of = of.max(1);
    let mine = all.into_iter().enumerate().filter(|(at, _)| at % of + 1 == number);
    mine.map(|(_, one)| one).collect()
}

/// The hand-ins of one learner: one for each language.
fn one(learner: String, files: Vec<PathBuf>) -> Vec<HandIn> {
    let mut languages: BTreeMap<&str, (&'static Language, Vec<PathBuf>)> = BTreeMap::new();
    for file in files {
        let Some(language) = by_file_name(&file.to_string_lossy()) else { continue };
        // A header is compiled with what includes it.
        let header =
            file.extension().is_some_and(|ending| ending.to_string_lossy().starts_with('h'));
        if !(header && language.directives) {
            languages.entry(language.id).or_insert((language, Vec::new())).1.push(file);
        }
    }
    let hand_in = |(language, files)| HandIn { learner: learner.clone(), language, files };
    languages.into_values().map(hand_in).collect()
}

/// The files below a folder, in order.
fn programs(folder: &Path) -> Vec<PathBuf> {
    let walk =
        WalkBuilder::new(folder).standard_filters(false).hidden(true).follow_links(false).build();
    let files = walk.flatten().filter(|entry| entry.file_type().is_some_and(|kind| kind.is_file()));
    let known = files.map(ignore::DirEntry::into_path);
    let known = known.filter(|path| by_file_name(&path.to_string_lossy()).is_some());
    let mut all: Vec<PathBuf> = known.take(FILES).collect();
    all.sort();
    all
}

/// Learners with one name are told apart by a number.
fn apart(all: &mut [HandIn]) {
    let mut seen: BTreeMap<(String, &str), usize> = BTreeMap::new();
    for one in all {
        let count = seen.entry((one.learner.clone(), one.language.id)).or_default();
        *count += 1;
        if *count > 1 {
            one.learner = format!("{} ({count})", one.learner);
        }
    }
}

fn name_of(path: &Path, file: bool) -> String {
    let name = if file { path.file_stem() } else { path.file_name() };
    name.unwrap_or(path.as_os_str()).to_string_lossy().into_owned()
}

fn is_hidden(path: &Path) -> bool {
    path.file_name().is_some_and(|name| name.to_string_lossy().starts_with('.'))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn folder(files: &[&str]) -> tempfile::TempDir {
        let folder = tempfile::tempdir().unwrap();
        for file in files {
            let path = folder.path().join(file);
            fs::create_dir_all(path.parent().unwrap()).unwrap();
            fs::write(path, "x").unwrap();
        }
        folder
    }

    fn names(all: &[HandIn]) -> Vec<(String, &str, usize)> {
        all.iter().map(|one| (one.learner.clone(), one.language.id, one.files.len())).collect()
    }

    #[test]
    fn a_folder_or_a_file_is_a_learner() {
        let class = folder(&[
            "ada/ferry.c",
            "ada/tide.c",
            "ada/tide.h",
            "bo/src/Ferry.java",
            "bo/ferry.c",
            "cleo.ts",
            "notes.txt",
            ".git/x.c",
        ]);
        let found = find(&[class.path().to_owned()]).unwrap();
        let wanted =
            [("ada", "c", 2), ("bo", "c", 1), ("bo", "java", 1), ("cleo", "typescript", 1)];
        let wanted: Vec<_> = wanted.map(|(name, id, count)| (name.to_owned(), id, count)).into();
        assert_eq!(names(&found), wanted);
        let parts: Vec<HandIn> = (1..=3).flat_map(|n| shard(found.clone(), n, 3)).collect();
        assert_eq!(parts.len(), found.len());
        assert_eq!(shard(found, 4, 3).len(), 0);
    }

    #[test]
    fn two_learners_with_one_name_stay_two() {
        let class = folder(&["a/ada/ferry.c", "b/ada/ferry.c"]);
        let paths = ["a", "b"].map(|name| class.path().join(name));
        let found = find(&paths).unwrap();
        assert_eq!(names(&found)[1].0, "ada (2)");
        assert!(find(&[class.path().join("nowhere")]).is_err());
    }

    #[cfg(unix)]
    #[test]
    fn links_out_of_the_folder_are_not_followed() {
        let other = folder(&["ferry.c"]);
        let class = folder(&["ada/tide.c"]);
        std::os::unix::fs::symlink(other.path(), class.path().join("bo")).unwrap();
        std::os::unix::fs::symlink(other.path().join("ferry.c"), class.path().join("cleo.c"))
            .unwrap();
        std::os::unix::fs::symlink(other.path(), class.path().join("ada/more")).unwrap();
        assert_eq!(names(&find(&[class.path().to_owned()]).unwrap()).len(), 1);
    }
}
