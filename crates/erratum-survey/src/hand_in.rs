//! Finding hand-ins: one folder, one archive or one file a learner.

use crate::archive;
use erratum_compilers::Scratch;
use erratum_syntax::language::{Language, by_file_name};
use globset::GlobMatcher;
use ignore::WalkBuilder;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::{fs, io};

/// How many files of one learner are taken together at most.
const FILES: usize = 200;

/// How many bytes are taken out of all archives together, up to the last one.
const ARCHIVES: u64 = 2 << 30;

/// How many folders deep hand-ins are looked for.
const DEPTH: usize = 12;

/// Where the files of an archive lie, and how that archive is named.
type Unpacked = Option<(PathBuf, PathBuf)>;

/// What one learner handed in, in one language.
#[derive(Clone, Debug)]
pub struct HandIn {
    /// Who: the name of the folder, or of the file without its ending.
    pub learner: String,
    /// The language.
    pub language: &'static Language,
    /// The files, in order of their names.
    pub files: Vec<PathBuf>,
    /// The folder that is all of it; none of a program that stands by itself.
    pub folder: Option<PathBuf>,
    /// Where the files of an archive lie, and how that archive is named.
    pub(crate) unpacked: Unpacked,
}

impl HandIn {
    /// The checksum of its texts; where it is built, of all that stands in its folder, and of the command.
    pub fn print(&self, build: &[String]) -> u32 {
        let mut hasher = crc32fast::Hasher::new();
        let all =
            self.folder.as_ref().filter(|_| !build.is_empty()).map(|folder| everything(folder));
        for file in all.as_ref().unwrap_or(&self.files) {
            hasher.update(self.shown(file).to_string_lossy().as_bytes());
            hasher.update(&fs::read(file).unwrap_or_default());
            hasher.update(&[0]);
        }
        for word in build {
            hasher.update(word.as_bytes());
            hasher.update(&[0]);
        }
        hasher.finalize()
    }

    /// How a file is named: below its archive, if it comes out of one.
    pub(crate) fn shown(&self, file: &Path) -> PathBuf {
        let inside = self.unpacked.as_ref().and_then(|(folder, archive)| {
            file.strip_prefix(folder).ok().map(|inside| archive.join(inside))
        });
        inside.unwrap_or_else(|| file.to_owned())
    }

    /// The same for a file that a look names in its own way.
    pub(crate) fn shown_name(&self, name: &str) -> String {
        let whole = self.folder.as_ref().map(|folder| folder.join(name));
        let known = self.files.iter().find(|file| whole.as_ref() == Some(*file));
        let file = known.or_else(|| self.files.iter().find(|file| file.ends_with(name)));
        file.map_or_else(|| name.to_owned(), |file| self.shown(file).display().to_string())
    }
}

/// What was found. The folder in which archives were unpacked goes with it.
#[derive(Default)]
pub struct HandIns {
    /// The hand-ins, in order of the learners' names.
    pub all: Vec<HandIn>,
    /// Whose archive could not be read, and why.
    pub unread: Vec<(String, String)>,
    scratch: Option<Scratch>,
    archives: usize,
    /// The bytes that were unpacked.
    bytes: u64,
}

impl HandIns {
    /// Unpacks an archive; returns where.
    fn unpack(&mut self, archive: &Path) -> io::Result<PathBuf> {
        if self.bytes > ARCHIVES {
            return Err(io::Error::other(
                "the archives before it hold too much. Unpack them, and name the folder.",
            ));
        }
        let scratch = match &mut self.scratch {
            Some(scratch) => scratch,
            none => none.insert(Scratch::new().map_err(io::Error::other)?),
        };
        self.archives += 1;
        let folder = scratch.path().join(format!("archive{}", self.archives));
        fs::create_dir(&folder)?;
        self.bytes += archive::unpack(archive, &folder)?;
        Ok(folder)
    }
}

/// Finds the hand-ins in files, folders and archives, in order of the learners' names. In a folder, each
/// folder with programs in it is a learner, and so is each program and each archive that stands beside
/// them; an archive that is named itself is such a folder. Links are not followed.
///
/// With `unit`, what fits it is a learner instead: a folder, a program or an archive, by its path below the
/// class, as in `*/week3`.
///
/// # Errors
/// When a path cannot be read.
pub fn find(paths: &[PathBuf], unit: Option<&GlobMatcher>) -> io::Result<HandIns> {
    let mut found = HandIns::default();
    for path in paths {
        let named =
            |error: io::Error| io::Error::new(error.kind(), format!("{}: {error}", path.display()));
        let kind = fs::symlink_metadata(path).map_err(named)?;
        if kind.is_file() && archive::is_archive(path) {
            let folder = found.unpack(path).map_err(named)?;
            let class = outermost(&folder);
            let unpacked = Some((folder, path.clone()));
            class_of(&class, unpacked, unit, &mut found).map_err(named)?;
        } else if kind.is_file() {
            found.all.extend(one(name_of(path, true), vec![path.clone()], None, None));
        } else {
            class_of(path, None, unit, &mut found).map_err(named)?;
        }
    }
    found.all.sort_by(|a, b| {
        (&a.learner, a.language.id, &a.files).cmp(&(&b.learner, b.language.id, &b.files))
    });
    apart(&mut found.all);
    Ok(found)
}

/// The hand-ins in the folder of a class.
fn class_of(
    class: &Path,
    unpacked: Unpacked,
    unit: Option<&GlobMatcher>,
    found: &mut HandIns,
) -> io::Result<()> {
    let Some(unit) = unit else {
        for entry in entries(class)? {
            let (folder, file) = (name_of(&entry, false), name_of(&entry, true));
            learner(&entry, (folder, file), &unpacked, found);
        }
        return Ok(());
    };
    let mut left: Vec<(PathBuf, usize)> = vec![(class.to_owned(), 0)];
    while let Some((folder, depth)) = left.pop() {
        // A folder further down that cannot be read hides nobody else.
        let all = if depth == 0 { entries(&folder)? } else { entries(&folder).unwrap_or_default() };
        for entry in all {
            let below = entry.strip_prefix(class).unwrap_or(&entry);
            if unit.is_match(below) {
                let name = |path: &Path| path.to_string_lossy().replace('\\', "/");
                let names = (name(below), name(&below.with_extension("")));
                learner(&entry, names, &unpacked, found);
            } else if depth < DEPTH && fs::symlink_metadata(&entry).is_ok_and(|kind| kind.is_dir())
            {
                left.push((entry, depth + 1));
            }
        }
    }
    Ok(())
}

/// What stands in a folder, hidden entries left out, in order.
fn entries(folder: &Path) -> io::Result<Vec<PathBuf>> {
    let mut entries: Vec<PathBuf> = Vec::new();
    for entry in fs::read_dir(folder)? {
        entries.push(entry?.path());
    }
    entries.retain(|entry| !is_hidden(entry));
    entries.sort();
    Ok(entries)
}

/// The hand-ins of a learner, whose name is another where a file has it.
fn learner(
    entry: &Path,
    (of_folder, of_file): (String, String),
    unpacked: &Unpacked,
    found: &mut HandIns,
) {
    let Ok(kind) = fs::symlink_metadata(entry) else { return };
    if kind.is_dir() {
        let files = programs(entry);
        found.all.extend(one(of_folder, files, Some(entry.to_owned()), unpacked.clone()));
    } else if kind.is_file() && archive::is_archive(entry) {
        let learner = archive::stem(Path::new(&of_folder));
        match found.unpack(entry) {
            Ok(folder) => {
                let (files, all) = (programs(&folder), outermost(&folder));
                let unpacked = Some((folder, entry.to_owned()));
                found.all.extend(one(learner, files, Some(all), unpacked));
            }
            Err(error) => found.unread.push((learner, error.to_string())),
        }
    } else if kind.is_file() {
        found.all.extend(one(of_file, vec![entry.to_owned()], None, unpacked.clone()));
    }
}

/// The folder of the class in an archive that has one folder around all: as long as nothing but one folder
/// stands there, and folders in that.
fn outermost(folder: &Path) -> PathBuf {
    let folders = |path: &Path| -> Option<(Vec<PathBuf>, usize)> {
        let all: Vec<PathBuf> = fs::read_dir(path).ok()?.flatten().map(|one| one.path()).collect();
        let count = all.len();
        Some((all.into_iter().filter(|path| path.is_dir()).collect(), count))
    };
    let mut path = folder.to_owned();
    while let Some((inner, 1)) = folders(&path)
        && let [only] = &inner[..]
        && folders(only).is_some_and(|(inner, _)| !inner.is_empty())
    {
        path = only.clone();
    }
    path
}

/// Takes the part with a number, from 1, of so many.
pub fn shard(all: Vec<HandIn>, number: usize, of: usize) -> Vec<HandIn> {
    let of = of.max(1);
    let mine = all.into_iter().enumerate().filter(|(at, _)| at % of + 1 == number);
    mine.map(|(_, one)| one).collect()
}

/// The hand-ins of one learner: one for each language.
fn one(
    learner: String,
    files: Vec<PathBuf>,
    folder: Option<PathBuf>,
    unpacked: Unpacked,
) -> Vec<HandIn> {
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
    let hand_in = |(language, files)| HandIn {
        learner: learner.clone(),
        language,
        files,
        folder: folder.clone(),
        unpacked: unpacked.clone(),
    };
    languages.into_values().map(hand_in).collect()
}

/// The programs below a folder, in order.
fn programs(folder: &Path) -> Vec<PathBuf> {
    let known = files(folder).filter(|path| by_file_name(&path.to_string_lossy()).is_some());
    let mut all: Vec<PathBuf> = known.take(FILES).collect();
    all.sort();
    all
}

/// All files below a folder, in order.
fn everything(folder: &Path) -> Vec<PathBuf> {
    let mut all: Vec<PathBuf> = files(folder).collect();
    all.sort();
    all
}

/// The files below a folder, as they come.
fn files(folder: &Path) -> impl Iterator<Item = PathBuf> {
    let walk =
        WalkBuilder::new(folder).standard_filters(false).hidden(true).follow_links(false).build();
    let files = walk.flatten().filter(|entry| entry.file_type().is_some_and(|kind| kind.is_file()));
    files.map(ignore::DirEntry::into_path)
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
    use std::io::Write;

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
        let found = find(&[class.path().to_owned()], None).unwrap().all;
        let wanted =
            [("ada", "c", 2), ("bo", "c", 1), ("bo", "java", 1), ("cleo", "typescript", 1)];
        let wanted: Vec<_> = wanted.map(|(name, id, count)| (name.to_owned(), id, count)).into();
        assert_eq!(names(&found), wanted);
        let parts: Vec<HandIn> = (1..=3).flat_map(|n| shard(found.clone(), n, 3)).collect();
        assert_eq!(parts.len(), found.len());
        assert_eq!(shard(found, 4, 3).len(), 0);
    }

    #[test]
    fn a_pattern_says_what_a_learner_is() {
        let class = folder(&["a/week2/x.c", "a/week3/x.c", "b/week3/src/y.c", "b/notes.c", "z.c"]);
        let unit = |text: &str| {
            let glob = globset::GlobBuilder::new(text).literal_separator(true).build().unwrap();
            let found = find(&[class.path().to_owned()], Some(&glob.compile_matcher())).unwrap();
            found.all.into_iter().map(|one| one.learner).collect::<Vec<_>>()
        };
        assert_eq!(unit("*/week3"), ["a/week3", "b/week3"]);
        assert_eq!(unit("**/*.c"), ["a/week2/x", "a/week3/x", "b/notes", "b/week3/src/y", "z"]);
        assert_eq!(unit("nobody"), [""; 0]);
    }

    #[test]
    fn two_learners_with_one_name_stay_two() {
        let class = folder(&["a/ada/ferry.c", "b/ada/ferry.c"]);
        let paths = ["a", "b"].map(|name| class.path().join(name));
        let found = find(&paths, None).unwrap().all;
        assert_eq!(names(&found)[1].0, "ada (2)");
        assert!(find(&[class.path().join("nowhere")], None).is_err());
    }

    fn zipped(path: &Path, files: &[&str]) {
        let mut archive = zip::ZipWriter::new(fs::File::create(path).unwrap());
        for file in files {
            archive.start_file(*file, zip::write::SimpleFileOptions::default()).unwrap();
            archive.write_all(b"x").unwrap();
        }
        archive.finish().unwrap();
    }

    #[test]
    fn an_archive_is_a_learner_or_a_class() {
        let class = folder(&["ada/ferry.c"]);
        zipped(&class.path().join("bo.zip"), &["work/ferry.c", "../out.c", "/abs.c"]);
        fs::write(class.path().join("cleo.tar.gz"), "no archive").unwrap();
        let found = find(&[class.path().to_owned()], None).unwrap();
        let wanted = [("ada", "c", 1), ("bo", "c", 1)];
        assert_eq!(names(&found.all), wanted.map(|(name, id, n)| (name.to_owned(), id, n)));
        assert_eq!(found.unread[0].0, "cleo");
        let shown = found.all[1].shown(&found.all[1].files[0]);
        assert_eq!(shown, class.path().join("bo.zip/work/ferry.c"));
        let outer = found.all[1].files[0].clone();
        drop(found);
        assert!(!outer.exists(), "it is removed again");
        let all = class.path().join("all.zip");
        zipped(&all, &["class/ada/ferry.c", "class/bo/ferry.c", "class/cleo/Ferry.java"]);
        let found = find(std::slice::from_ref(&all), None).unwrap();
        assert_eq!(found.all.len(), 3);
        assert_eq!(found.all[0].learner, "ada");
        assert!(find(&[class.path().join("cleo.tar.gz")], None).is_err());
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
        assert_eq!(names(&find(&[class.path().to_owned()], None).unwrap().all).len(), 1);
    }
}
