//! Files of another machine: a log that was made elsewhere names `/builds/quay/src/tide.c` or
//! `C:\quay\src\tide.c`, and the file lies here as `src/tide.c`.

use erratum_repair::verdict::Taken;
use ignore::WalkBuilder;
use std::collections::{BTreeMap, HashMap};
use std::path::{Path, PathBuf};

/// How many files are looked through for those that a log may mean.
const MOST: usize = 50_000;

/// How deep the folders are gone into.
const DEEP: usize = 12;

/// The files of some folders, by their names in small letters.
pub(crate) struct Here {
    files: HashMap<String, Vec<PathBuf>>,
}

impl Here {
    /// Goes through folders and what is below them, following no link. Hidden folders and what the
    /// project leaves out of its history are none of a program's.
    pub(crate) fn of(folders: &[PathBuf]) -> Here {
        let mut files: HashMap<String, Vec<PathBuf>> = HashMap::new();
        let mut left = MOST;
        for folder in folders {
            let walk = WalkBuilder::new(folder).max_depth(Some(DEEP)).follow_links(false).build();
            for entry in
                walk.flatten().filter(|entry| entry.file_type().is_some_and(|kind| kind.is_file()))
            {
                if left == 0 {
                    break;
                }
                left -= 1;
                let name = entry.file_name().to_string_lossy().to_lowercase();
                files.entry(name).or_default().push(entry.into_path());
            }
        }
        files.values_mut().for_each(|paths| paths.sort());
        Here { files }
    }

    /// The files that a name from elsewhere may mean: those whose paths end as it does in most parts.
    fn meant(&self, named: &str) -> Vec<&Path> {
        let foreign = parts(named);
        let Some(last) = foreign.last() else { return Vec::new() };
        let Some(paths) = self.files.get(&last.to_lowercase()) else { return Vec::new() };
        // Windows does not tell upper from lower case; elsewhere `Tide.c` is another file.
        let same = |a: &str, b: &str| {
            if named.contains('\\') { a.eq_ignore_ascii_case(b) } else { a == b }
        };
        let common = |path: &Path| {
            let own = path.to_string_lossy().into_owned();
            let own = parts(&own);
            own.iter().rev().zip(foreign.iter().rev()).take_while(|(a, b)| same(a, b)).count()
        };
        let most = paths.iter().map(|path| common(path)).max().unwrap_or(0);
        let fits = |path: &&PathBuf| most > 0 && common(path) == most;
        paths.iter().filter(fits).map(PathBuf::as_path).collect()
    }
}

/// The parts of a path of any system, without what stands for no folder.
fn parts(path: &str) -> Vec<&str> {
    path.split(['/', '\\']).filter(|part| !matches!(*part, "" | "." | "..")).collect()
}

/// For each name that is not here: the files that may be meant. Where there are several, none is taken.
pub(crate) fn taken(
    names: &[String],
    folders: &[PathBuf],
    shown: &dyn Fn(&Path) -> String,
) -> Vec<Taken> {
    if names.is_empty() {
        return Vec::new();
    }
    let here = Here::of(folders);
    let mut all: BTreeMap<&String, Vec<String>> = BTreeMap::new();
    for name in names {
        let files = here.meant(name);
        if !files.is_empty() {
            all.insert(name, files.into_iter().map(shown).collect());
        }
    }
    all.into_iter().map(|(named, files)| Taken { named: named.clone(), files }).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use std::fs;

    /// What a name means in a folder with these files.
    fn meant(files: &[&str], named: &str) -> Vec<String> {
        let folder = tempfile::tempdir().unwrap();
        for file in files {
            let path = folder.path().join(file);
            fs::create_dir_all(path.parent().unwrap()).unwrap();
            fs::write(path, "int tide;\n").unwrap();
        }
        let shown = |path: &Path| {
            let inside = path.strip_prefix(folder.path()).unwrap();
            inside.to_string_lossy().into_owned()
        };
        let all = taken(&[named.to_owned()], &[folder.path().to_owned()], &shown);
        all.into_iter().flat_map(|taken| taken.files).collect()
    }

    #[test]
    fn the_longest_common_end_decides() {
        let files = ["src/port/tide.c", "src/sea/tide.c", "lamp.c"];
        for named in [
            "/home/mara/quay/src/sea/tide.c",
            "C:\\Users\\Mara\\Quay\\SRC\\Sea\\Tide.c",
            "../quay/sea/tide.c",
            "/mnt/c/quay/sea/tide.c",
        ] {
            assert_eq!(meant(&files, named), ["src/sea/tide.c"], "{named}");
        }
        assert_eq!(meant(&files, "/builds/lamp.c"), ["lamp.c"]);
    }

    #[test]
    fn of_several_all_are_told() {
        let files = ["one/tide.c", "two/tide.c"];
        assert_eq!(meant(&files, "/builds/quay/tide.c"), files);
        assert_eq!(meant(&files, "/builds/three/tide.c"), files);
    }

    #[test]
    fn another_name_is_another_file() {
        assert_eq!(meant(&["src/tide.c"], "/quay/src/Tide.c"), Vec::<String>::new());
        assert_eq!(meant(&["src/tide.c"], "/quay/src/tide.h"), Vec::<String>::new());
        assert_eq!(meant(&[".git/tide.c"], "/quay/tide.c"), Vec::<String>::new());
    }
}
