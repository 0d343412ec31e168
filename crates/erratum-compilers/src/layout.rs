//! Where the other files of a program lie: headers, modules and packages in folders of their own, as the
//! texts name them and as the project is laid out.
//!
//! Nothing is run and no build file is obeyed: what a text asks for is looked for among the files of its
//! project, and taken only where one file fits best.

mod asked;
mod folders;

use asked::Ask;
use erratum_syntax::language::{Asks, Language, Together};
use folders::Folders;
pub(crate) use folders::full;
use std::collections::BTreeSet;
use std::fs;
use std::path::{Path, PathBuf};

/// How many files are read to see what they ask for.
const READ: usize = 200;

/// How many files are compiled together because their project says so.
const TOGETHER: usize = 200;

/// What belongs to the files that were named. All paths are full.
#[derive(Debug, Default)]
pub(crate) struct Layout {
    /// Folders in which the compiler looks for what a text asks for.
    pub searched: Vec<PathBuf>,
    /// Files that are asked for.
    pub needed: BTreeSet<PathBuf>,
    /// Files that are compiled together with those that were named.
    pub together: BTreeSet<PathBuf>,
    /// The folder from which names must be meant.
    pub top: Option<PathBuf>,
    /// The folder that says how the project is built, or that usually holds one.
    pub project: Option<PathBuf>,
}

impl Layout {
    /// Finds what belongs to some files. Nothing outside of a limit is taken.
    pub fn find(language: &'static Language, files: &[PathBuf], limit: Option<&Path>) -> Layout {
        let projects = &language.projects;
        let named: Vec<PathBuf> = files.iter().map(|file| full(file)).collect();
        let Some(first) = named.first() else { return Layout::default() };
        if projects.built_by.is_empty() {
            return Layout::default();
        }
        let folders = Folders::new(language, first, limit);
        let mut layout = Layout { project: folders.top.clone(), ..Layout::default() };
        if let Asks::Below(file, word) = projects.asks {
            layout.below(&named, file, word, limit);
            return layout;
        }
        layout.compiled_together(&folders, first);
        layout.own_packages(&folders, &named);
        let mut open: Vec<PathBuf> = named.clone();
        let mut seen: BTreeSet<PathBuf> = named.into_iter().collect();
        while let Some(file) = open.pop() {
            if seen.len() > READ {
                break;
            }
            let Ok(text) = fs::read(&file) else { continue };
            let text = String::from_utf8_lossy(&text);
            for ask in asked::of(language, &text) {
                for found in layout.answers(&folders, &file, &ask) {
                    if seen.insert(found.clone()) {
                        layout.needed.insert(found.clone());
                        open.push(found);
                    }
                }
            }
        }
        layout
    }

    /// The deepest folder that holds all of it, and the files that were named.
    pub fn root(&self, files: &[PathBuf]) -> Option<PathBuf> {
        if self.top.is_some() {
            return self.top.clone();
        }
        let own = files.iter().map(|file| full(file));
        let further = self.needed.iter().chain(&self.together).cloned();
        let parents = own.chain(further).filter_map(|file| file.parent().map(Path::to_owned));
        parents.chain(self.searched.iter().cloned()).reduce(|one, other| {
            let same = one.components().zip(other.components()).take_while(|(a, b)| a == b);
            same.map(|(part, _)| part).collect()
        })
    }

    /// A module whose packages are named by their folders below it.
    fn below(&mut self, named: &[PathBuf], file: &str, word: &str, limit: Option<&Path>) {
        let Some(first) = named.first() else { return };
        let inside = |folder: &&Path| limit.is_none_or(|limit| folder.starts_with(full(limit)));
        let mut above = first.ancestors().skip(1).take_while(inside);
        let Some(top) = above.find(|folder| folder.join(file).is_file()) else { return };
        let text = fs::read_to_string(top.join(file)).unwrap_or_default();
        let module =
            text.lines().find_map(|line| line.trim().strip_prefix(word)?.split_whitespace().next());
        let Some(module) = module else { return };
        let asks = |path: &PathBuf| {
            let text = fs::read(path).unwrap_or_default();
            asked::below(&String::from_utf8_lossy(&text), module)
        };
        if named.iter().any(asks) {
            self.top = Some(top.to_owned());
            self.searched.push(top.to_owned());
        }
    }

    /// The files that are compiled together whatever they name.
    fn compiled_together(&mut self, folders: &Folders, first: &Path) {
        let within: Vec<PathBuf> = match folders.language.projects.together {
            Together::Named => return,
            Together::Project => folders.nearest.iter().cloned().collect(),
            Together::Sources => folders.sources(first),
        };
        let fits = |path: &&PathBuf| within.iter().any(|folder| path.starts_with(folder));
        let mut all: BTreeSet<PathBuf> =
            folders.all().iter().filter(fits).take(TOGETHER).cloned().collect();
        all.remove(first);
        self.together = all;
    }

    /// The folders below which the packages of the files lie.
    fn own_packages(&mut self, folders: &Folders, named: &[PathBuf]) {
        let Some((word, files)) = folders.language.projects.package else { return };
        for file in named {
            let Some(folder) = file.parent() else { continue };
            let text = fs::read(file).unwrap_or_default();
            let mut package = asked::package(&String::from_utf8_lossy(&text), word);
            package.truncate(package.len().saturating_sub(files));
            let package: PathBuf = package.into_iter().collect();
            if package.as_os_str().is_empty() {
                self.search_main(folders, file);
                continue;
            }
            if let Some(root) = without(folder, &package) {
                self.search(root);
            }
            // Another folder of sources may hold the same package: that of the tests and the main one.
            if files == 0 {
                for other in folders.all().iter().filter_map(|other| other.parent()) {
                    if let Some(root) = without(other, &package) {
                        self.search(root);
                    }
                }
            }
        }
    }

    /// The main sources, for those beside them.
    fn search_main(&mut self, folders: &Folders, file: &Path) {
        for root in folders.sources(file).into_iter().filter(|root| !file.starts_with(root)) {
            let language = file
                .ancestors()
                .skip(1)
                .find(|folder| folder.parent().is_some_and(|set| root.parent() == set.parent()));
            let below = language.and_then(Path::file_name).map(|name| root.join(name));
            self.search(below.filter(|below| below.is_dir()).unwrap_or(root));
        }
    }

    fn search(&mut self, folder: PathBuf) {
        if !self.searched.contains(&folder) {
            self.searched.push(folder);
        }
    }

    /// The files that answer what a text asks for.
    fn answers(&mut self, folders: &Folders, file: &Path, ask: &Ask) -> Vec<PathBuf> {
        let Some(own) = file.parent() else { return Vec::new() };
        if ask.from_here {
            return folders.at(&own.join(&ask.path), ask).into_iter().collect();
        }
        let known = std::iter::once(own).chain(self.searched.iter().map(PathBuf::as_path));
        let near = known.map(Path::to_owned).find_map(|root| {
            let found = folders.at(&root.join(&ask.path), ask)?;
            Some((root, vec![found]))
        });
        let Some((root, found)) = near.or_else(|| folders.nearest_to(own, ask)) else {
            return Vec::new();
        };
        // A header beside the text that names it needs no folder to be looked for in.
        if !(ask.by_path && root == own) {
            self.search(root);
        }
        found
    }
}

/// A folder without the folders at its end. `None` if it does not end so.
fn without(folder: &Path, end: &Path) -> Option<PathBuf> {
    folder
        .ends_with(end)
        .then(|| folder.ancestors().nth(end.components().count()))?
        .map(Path::to_owned)
}

#[cfg(test)]
mod tests;
