//! The folders of a project, and the files of a language in them.

use super::asked::Ask;
use erratum_syntax::language::Language;
use std::cell::OnceCell;
use std::ffi::OsStr;
use std::fs;
use std::path::{Component, Path, PathBuf};

/// How many folders above a file may hold its project.
const ABOVE: usize = 10;

/// How many folders without a build file may lie between two that have one, in one project.
const GAP: usize = 2;

/// How many entries of a project are looked at.
const ENTRIES: usize = 20_000;

/// Folders that a build fills.
const MADE: &[&str] = &[
    "node_modules",
    "target",
    "bin",
    "obj",
    "out",
    "dist",
    "dist-newstyle",
    ".stack-work",
    "cmake-build-debug",
];

/// Folders of sources that usually lie beside others of the same project.
const SOURCES: &[&str] = &["app", "apps", "source", "sources", "src", "test", "tests"];

/// The folders around a file.
pub(super) struct Folders {
    pub language: &'static Language,
    /// The folder of the whole project.
    pub top: Option<PathBuf>,
    /// The nearest folder that says how it is built.
    pub nearest: Option<PathBuf>,
    files: OnceCell<Vec<PathBuf>>,
}

impl Folders {
    pub fn new(language: &'static Language, file: &Path, limit: Option<&Path>) -> Folders {
        let limit = limit.map(full);
        let home = directories::BaseDirs::new().map(|dirs| full(dirs.home_dir()));
        let allowed = |folder: &Path| {
            folder.parent().is_some()
                && home.as_deref().is_none_or(|home| folder != home && !home.starts_with(folder))
                && limit.as_deref().is_none_or(|limit| folder.starts_with(limit))
        };
        let (mut top, mut nearest, mut gap) = (None, None, 0);
        for folder in file.ancestors().skip(1).take(ABOVE).take_while(|folder| allowed(folder)) {
            if language.projects.built_by.iter().any(|name| has(folder, name)) {
                top = Some(folder.to_owned());
                nearest = nearest.or_else(|| top.clone());
                gap = 0;
            } else {
                gap += 1;
            }
            // What lies above a repository is another project.
            if top.is_some() && gap > GAP || folder.join(".git").exists() {
                break;
            }
        }
        let usual = || {
            let folder = file.parent()?;
            let name = folder.file_name()?.to_str()?;
            let above = folder.parent().filter(|above| allowed(above))?;
            SOURCES.contains(&name).then(|| above.to_owned())
        };
        let top = top.or_else(usual);
        Folders { language, top, nearest, files: OnceCell::new() }
    }

    /// All files of the language in the project, and those that go with it.
    pub fn all(&self) -> &[PathBuf] {
        self.files.get_or_init(|| {
            let Some(top) = &self.top else { return Vec::new() };
            let made = |name: &OsStr| name.to_str().is_some_and(|name| MADE.contains(&name));
            let walk = ignore::WalkBuilder::new(top)
                .max_depth(Some(ABOVE))
                .require_git(false)
                .parents(false)
                .filter_entry(move |entry| {
                    entry.depth() == 0
                        || entry.file_type().is_none_or(|t| !t.is_dir())
                        || !made(entry.file_name())
                })
                .build();
            let files =
                walk.take(ENTRIES).flatten().filter(|e| e.file_type().is_some_and(|t| t.is_file()));
            let mut all: Vec<PathBuf> =
                files.map(ignore::DirEntry::into_path).filter(|path| self.fits(path)).collect();
            all.sort();
            all
        })
    }

    fn fits(&self, path: &Path) -> bool {
        let ending = path.extension().and_then(OsStr::to_str);
        let mut endings = self.language.extensions.iter().chain(self.language.beside);
        ending.is_some_and(|ending| endings.any(|one| *one == ending))
    }

    /// The folders of sources that are compiled together with a file.
    pub fn sources(&self, file: &Path) -> Vec<PathBuf> {
        let Some(nearest) = &self.nearest else { return Vec::new() };
        let holder = |name: &str| matches!(name, "src" | "Sources");
        let set = file.ancestors().skip(1).take_while(|folder| *folder != nearest).find(|folder| {
            let name = folder.parent().and_then(Path::file_name).and_then(OsStr::to_str);
            name.is_some_and(holder)
        });
        match set {
            Some(set) => {
                let main = set.with_file_name("main");
                let mut all = vec![set.to_owned()];
                if main.is_dir() && main != set {
                    all.push(main);
                }
                all
            }
            None => file.parent().map(Path::to_owned).into_iter().collect(),
        }
    }

    /// The file at a path that may lack its ending.
    pub fn at(&self, path: &Path, ask: &Ask) -> Option<PathBuf> {
        let path = plain(path);
        if ask.by_path {
            return path.is_file().then_some(path);
        }
        if ask.folder {
            return None;
        }
        let name = path.file_name()?.to_str()?.to_owned();
        let mut names = vec![name.clone()];
        if ask.any_case {
            names.push(name.to_lowercase());
        }
        // A module of scripts is named by the file that is made of it.
        names.extend(name.strip_suffix(".js").map(str::to_owned));
        let with_ending = |name: &String| {
            let ended = ask.endings.iter().map(move |ending| format!("{name}.{ending}"));
            ended.map(|name| path.with_file_name(name)).find(|path| path.is_file())
        };
        let inside = || {
            let ended = ask.endings.iter().map(|ending| path.join(format!("index.{ending}")));
            ended.into_iter().find(|path| path.is_file())
        };
        names.iter().find_map(with_ending).or_else(|| ask.from_here.then(inside)?)
    }

    /// The files of the project that answer, with the folder that they are named from: those nearest to a
    /// folder, if no others are as near.
    pub fn nearest_to(&self, own: &Path, ask: &Ask) -> Option<(PathBuf, Vec<PathBuf>)> {
        let mut best: Option<(usize, PathBuf, Vec<PathBuf>)> = None;
        let mut tied = false;
        for file in self.all() {
            let Some(root) = root_of(file, ask) else { continue };
            let near = own.components().zip(root.components()).take_while(|(a, b)| a == b).count();
            match &mut best {
                Some((_, known, files)) if *known == root => files.push(file.clone()),
                Some((most, ..)) if *most > near => {}
                Some((most, ..)) if *most == near => tied = true,
                _ => {
                    best = Some((near, root, vec![file.clone()]));
                    tied = false;
                }
            }
        }
        best.filter(|_| !tied).map(|(_, root, files)| (root, files))
    }
}

/// The folder from which a file is what is asked for. `None` if it is not.
fn root_of(file: &Path, ask: &Ask) -> Option<PathBuf> {
    let parts = ask.path.components().count();
    if ask.folder {
        return super::without(file.parent()?, &ask.path);
    }
    let same = |file: &Path| {
        let tail: PathBuf = {
            let all: Vec<_> = file.components().collect();
            all[all.len().saturating_sub(parts)..].iter().collect()
        };
        match ask.any_case {
            true => {
                tail.to_string_lossy().to_lowercase() == ask.path.to_string_lossy().to_lowercase()
            }
            false => tail == ask.path,
        }
    };
    let fits = if ask.by_path {
        same(file)
    } else {
        let ending = file.extension()?.to_str()?;
        ask.endings.contains(&ending) && same(&file.with_extension(""))
    };
    fits.then(|| file.ancestors().nth(parts))?.map(Path::to_owned)
}

/// A path without `.` and `..`.
fn plain(path: &Path) -> PathBuf {
    let mut made = PathBuf::new();
    for part in path.components() {
        match part {
            Component::CurDir => {}
            Component::ParentDir => {
                made.pop();
            }
            other => made.push(other),
        }
    }
    made
}

/// Whether a folder has a file of this name; `*.gpr` is any that ends so.
fn has(folder: &Path, name: &str) -> bool {
    let Some(ending) = name.strip_prefix('*') else { return folder.join(name).is_file() };
    let entries = fs::read_dir(folder).into_iter().flatten().flatten();
    entries.take(ENTRIES).any(|entry| entry.file_name().to_string_lossy().ends_with(ending))
}

/// The full path of what is there.
pub(crate) fn full(path: &Path) -> PathBuf {
    dunce::canonicalize(path).unwrap_or_else(|_| path.to_owned())
}
