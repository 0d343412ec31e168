//! Which files of the learner's belong together, and what they are called.

use crate::error::Error;
use crate::flags::compile_flags;
use crate::layout::{Layout, full};
use erratum_syntax::language::{self, Asks, Language};
use erratum_syntax::source::{Program, Source};
use erratum_syntax::visible::is_hidden;
use std::collections::HashSet;
use std::fs;
use std::path::{Component, Path, PathBuf};

/// The largest file that is looked at, in bytes. Programs of beginners are a thousandth of this.
const LARGEST: u64 = 4 << 20;

/// How many neighbours are copied, and how large one may be.
const NEIGHBOURS: usize = 400;

/// How many files of one package are compiled together with one that was named.
const COMPANIONS: usize = 60;

/// The files that were named, with their folder.
#[derive(Clone, Debug)]
pub struct Project {
    /// The folder from which names are meant.
    pub root: PathBuf,
    /// The program: the files that were named, with their texts.
    pub program: Program,
    /// The language of all of them.
    pub language: &'static Language,
    /// For a cargo project: the folder of its `Cargo.toml`.
    pub cargo: Option<PathBuf>,
    /// Folders in which the compiler looks for what the texts ask for, named from the root.
    pub searched: Vec<String>,
    /// Flags with which the project compiles the first file.
    pub flags: Vec<String>,
    /// Files beside the program that its texts ask for.
    needed: Vec<String>,
}

impl Project {
    /// Reads the files that were named, and finds what their project has for them.
    ///
    /// # Errors
    /// When one cannot be read, is no text, is too large, or their language is not known.
    pub fn open(files: &[PathBuf], language: Option<&'static Language>) -> Result<Project, Error> {
        Project::open_within(files, language, None)
    }

    /// A program that stands by itself, with nothing beside it.
    pub fn alone(root: PathBuf, program: Program, language: &'static Language) -> Project {
        let (searched, flags, needed) = (Vec::new(), Vec::new(), Vec::new());
        Project { root, program, language, cargo: None, searched, flags, needed }
    }

    /// The same, where nothing outside of a folder belongs to the project: what lies there is somebody
    /// else's.
    ///
    /// # Errors
    /// As [`Project::open`].
    pub fn open_within(
        files: &[PathBuf],
        language: Option<&'static Language>,
        limit: Option<&Path>,
    ) -> Result<Project, Error> {
        let first = files.first().map_or(Path::new("."), PathBuf::as_path);
        let language = match language {
            Some(language) => language,
            None => language_of(files)?,
        };
        let plain = |path: &PathBuf| {
            path.is_relative()
                && path.components().all(|c| matches!(c, Component::Normal(_) | Component::CurDir))
        };
        let here = files.iter().all(plain);
        let mut root = if here { PathBuf::from(".") } else { parent(first) };
        let (mut cargo, mut layout) = (None, Layout::default());
        if let Some(folder) = Some(language.manifest)
            .filter(|manifest| !manifest.is_empty())
            .and_then(|manifest| manifest_folder(first, manifest))
        {
            root.clone_from(&folder);
            cargo = Some(folder);
        } else {
            layout = Layout::find(language, files, limit);
            root = root_of(&layout, files, root, here);
        }
        let mut program = Program::default();
        for path in files {
            let bytes = read(path)?;
            program.set(Source::new(name_under(&root, path), bytes));
        }
        for path in &layout.together {
            // One that cannot be read is nothing that the learner has named.
            if let Ok(bytes) = read(path) {
                program.set(Source::new(name_under(&root, path), bytes));
            }
        }
        let names = |paths: &mut dyn Iterator<Item = &PathBuf>| -> Vec<String> {
            paths.map(|path| name_under(&root, path)).collect()
        };
        let mut project = Project {
            searched: names(&mut layout.searched.iter()),
            needed: names(&mut layout.needed.iter()),
            flags: Vec::new(),
            root,
            program,
            language,
            cargo,
        };
        if let Some(folder) =
            layout.project.filter(|_| matches!(language.projects.asks, Asks::Included(_)))
        {
            project.take_flags(&folder, first);
        }
        project.add_companions();
        Ok(project)
    }

    /// Takes the flags with which the project compiles its first file. Folders of the project are meant in
    /// the copy.
    fn take_flags(&mut self, folder: &Path, first: &Path) {
        let below = full(first);
        let Ok(below) = below.strip_prefix(folder) else { return };
        let root = full(&self.root);
        let inside = |path: &str| {
            let path = full(Path::new(path));
            path.starts_with(&root).then(|| name_under(&self.root, &path))
        };
        let mut searched = Vec::new();
        let mut own = |path: &str| match inside(path) {
            Some(name) => {
                searched.push(name.clone());
                if name.is_empty() { ".".to_owned() } else { name }
            }
            None => path.to_owned(),
        };
        let mut flags = compile_flags(folder, below).unwrap_or_default().into_iter();
        while let Some(flag) = flags.next() {
            if let Some(path) = flag.strip_prefix("-I").filter(|path| !path.is_empty()) {
                let path = own(path);
                self.flags.push(format!("-I{path}"));
            } else if ["-I", "-isystem", "-iquote"].contains(&flag.as_str()) {
                let path = flags.next().map(|path| own(&path));
                self.flags.push(flag);
                self.flags.extend(path);
            } else {
                self.flags.push(flag);
            }
        }
        searched.retain(|name| !self.searched.contains(name));
        self.searched.extend(searched);
    }

    /// Adds the files that are compiled together with a file that was named alone: those of its folder
    /// that name the same package. Of two that are each a program of their own, none belongs to the
    /// other; tests and files for certain systems are left out.
    fn add_companions(&mut self) {
        let clause = self.language.package_clause;
        let [own] = &self.program.files[..] else { return };
        if clause.is_empty() {
            return;
        }
        let package = |bytes: &[u8]| {
            let text = String::from_utf8_lossy(bytes).into_owned();
            let named = text.lines().find_map(|line| line.strip_prefix(clause).map(str::trim));
            named.map(str::to_owned)
        };
        let starts = |bytes: &[u8]| memchr::memmem::find(bytes, b"\nfunc main(").is_some();
        let bound = |name: &str, bytes: &[u8]| {
            let stem = name.rsplit_once('.').map_or(name, |(stem, _)| stem);
            let parts = stem.rsplit('/').next().unwrap_or(stem).split('_').skip(1);
            let systems = ["test", "windows", "linux", "darwin", "amd64", "arm64", "js", "wasm"];
            parts.into_iter().any(|part| systems.contains(&part))
                || memchr::memmem::find(bytes, b"//go:build").is_some()
        };
        let (name, own_package) = (own.name().to_owned(), package(own.bytes()));
        let own_start = starts(own.bytes());
        let folder = parent(Path::new(&name));
        let beside = self.neighbours().into_iter().filter(|(other, bytes)| {
            parent(Path::new(other)) == folder
                && package(bytes) == own_package
                && own_package.is_some()
                && !bound(other, bytes)
                && !(own_start && starts(bytes))
        });
        let beside: Vec<(String, Vec<u8>)> = beside.take(COMPANIONS).collect();
        // Two programs of their own among them: which one is meant is not known.
        if beside.iter().filter(|(_, bytes)| starts(bytes)).count() > 1 {
            return;
        }
        for (name, bytes) in beside {
            self.program.set(Source::new(name, bytes));
        }
    }

    /// The full path of the folder from which files are named. `None` where it is the current one.
    pub fn folder(&self) -> Option<PathBuf> {
        let root = full(&self.root);
        let current = std::env::current_dir().map(|current| full(&current)).ok();
        Some(root).filter(|root| current.as_ref() != Some(root))
    }

    /// The path of a file of the program.
    pub fn path(&self, name: &str) -> PathBuf {
        let path = Path::new(name);
        if path.is_absolute() || self.root == Path::new(".") {
            path.to_owned()
        } else {
            self.root.join(path)
        }
    }

    /// The text of a file that belongs to the program though it was not named: only files of the
    /// same folder tree, so that library files are never taken for the learner's.
    pub fn neighbour(&self, name: &str) -> Option<Source> {
        let path = self.path(name);
        let inside =
            dunce::canonicalize(&path).ok()?.starts_with(dunce::canonicalize(&self.root).ok()?);
        if !inside {
            return None;
        }
        Some(Source::new(name, read(&path).ok()?))
    }

    /// How the names of files end that a compile may need beside the program, and whether they may
    /// lie in folders below it.
    fn neighbour_endings(&self) -> (&'static [&'static str], bool) {
        let language = self.language;
        let endings =
            if language.beside.is_empty() { language.extensions } else { language.beside };
        (endings, language.deep)
    }

    /// Whether a file beside the program is of a kind that its compile may need.
    pub fn may_need(&self, path: &Path) -> bool {
        let ending = path.extension().and_then(|ending| ending.to_str());
        ending.is_some_and(|ending| self.neighbour_endings().0.contains(&ending))
    }

    /// The files beside the program that its compile may need: headers, sibling classes, modules.
    pub fn neighbours(&self) -> Vec<(String, Vec<u8>)> {
        let (_, deep) = self.neighbour_endings();
        let mut found: Vec<(String, Vec<u8>)> = Vec::new();
        let mut taken: HashSet<String> = HashSet::new();
        let mut add = |name: String, path: &Path| {
            if self.program.file(&name).is_none()
                && !taken.contains(&name)
                && let Ok(bytes) = fs::read(path)
            {
                taken.insert(name.clone());
                found.push((name, bytes));
            }
            found.len() < NEIGHBOURS
        };
        for name in &self.needed {
            add(name.clone(), &self.path(name));
        }
        let mut folders: Vec<PathBuf> =
            self.program.files.iter().map(|file| parent(Path::new(file.name()))).collect();
        let named = |name: &String| PathBuf::from(if name.is_empty() { "." } else { name });
        folders.extend(self.searched.iter().map(named));
        folders.sort();
        folders.dedup();
        for folder in folders {
            let depth = if deep { Some(6) } else { Some(1) };
            let walk = ignore::WalkBuilder::new(self.path(&folder.to_string_lossy()))
                .max_depth(depth)
                .standard_filters(true)
                .require_git(false)
                .parents(false)
                .build();
            for entry in
                walk.flatten().filter(|entry| entry.file_type().is_some_and(|t| t.is_file()))
            {
                let path = entry.path();
                let fits = self.may_need(path);
                let small = entry.metadata().is_ok_and(|data| data.len() <= LARGEST / 4);
                if fits && small && !add(name_under(&self.root, path), path) {
                    return found;
                }
            }
        }
        found
    }
}

/// The folder from which names are meant, where a project lies in several folders: the one from which the
/// files were named, if all of it lies below that.
fn root_of(layout: &Layout, files: &[PathBuf], usual: PathBuf, here: bool) -> PathBuf {
    let plain =
        layout.searched.is_empty() && layout.needed.is_empty() && layout.together.is_empty();
    let Some(root) = layout.root(files).filter(|_| !plain) else { return usual };
    let current = std::env::current_dir().map(|current| full(&current)).unwrap_or_default();
    let below = root.starts_with(&current) && (layout.top.is_none() || root == current);
    if here && below { PathBuf::from(".") } else { root }
}

fn parent(path: &Path) -> PathBuf {
    match path.parent() {
        Some(parent) if !parent.as_os_str().is_empty() => parent.to_owned(),
        _ => PathBuf::from("."),
    }
}

/// What a file is called in messages: its path from the root, with `/`.
fn name_under(root: &Path, path: &Path) -> String {
    let relative = match (path.is_absolute(), root == Path::new(".")) {
        (false, true) => path.to_owned(),
        _ => full(path).strip_prefix(full(root)).map_or_else(|_| path.to_owned(), Path::to_owned),
    };
    let parts: Vec<_> = relative
        .components()
        .filter(|part| !matches!(part, Component::CurDir))
        .map(|part| part.as_os_str().to_string_lossy().into_owned())
        .collect();
    if relative.is_absolute() { relative.display().to_string() } else { parts.join("/") }
}

fn language_of(files: &[PathBuf]) -> Result<&'static Language, Error> {
    let known: Vec<_> = language::LANGUAGES
        .iter()
        .map(|language| format!("{} (.{})", language.name, language.extensions[0]))
        .collect();
    let mut all = files.iter().map(|path| {
        language::by_file_name(&path.to_string_lossy()).ok_or_else(|| Error::Unreadable {
            path: path.clone(),
            reason: if path.is_dir() {
                "is a folder. Name the files in it that should be looked at.".to_owned()
            } else if !path.exists() {
                "there is no such file.".to_owned()
            } else {
                format!(
                    "its language cannot be told from its name. Known are {}; name one with --language.",
                    known.join(", ")
                )
            },
        })
    });
    let first = all.next().unwrap_or_else(|| Ok(language::LANGUAGES[0]))?;
    for other in all {
        let other = other?;
        if !first.goes_with(other) {
            return Err(Error::Unreadable {
                path: files[0].clone(),
                reason: format!(
                    "is {}, but another file is {}. Look at one language at a time.",
                    first.name, other.name
                ),
            });
        }
    }
    Ok(first)
}

fn read(path: &Path) -> Result<Vec<u8>, Error> {
    let fail =
        |reason: &str| Error::Unreadable { path: path.to_owned(), reason: reason.to_owned() };
    if path.to_string_lossy().contains(is_hidden) {
        return Err(fail("has a name with letters that cannot be seen. Give it another name."));
    }
    let data = fs::metadata(path).map_err(|error| match error.kind() {
        std::io::ErrorKind::NotFound => fail("there is no such file."),
        _ => fail(&format!("cannot be read: {error}")),
    })?;
    if data.is_dir() {
        return Err(fail("is a folder. Name the files in it that should be looked at."));
    }
    if !data.is_file() {
        return Err(fail("is no ordinary file."));
    }
    if data.len() > LARGEST {
        let size = data.len() >> 20;
        return Err(fail(&format!(
            "has {size} MB. Erratum looks at source files of up to {} MB; is this the right file?",
            LARGEST >> 20
        )));
    }
    let bytes = fs::read(path).map_err(|error| fail(&format!("cannot be read: {error}")))?;
    if bytes.is_empty() {
        return Err(fail("is empty: there is nothing to look at. Was it saved?"));
    }
    if bytes.starts_with(b"\xff\xfe") || bytes.starts_with(b"\xfe\xff") {
        return Err(fail("is saved as UTF-16. Save it as UTF-8 in your editor and look again."));
    }
    if bytes.iter().take(8192).any(|byte| *byte == 0) {
        return Err(fail(
            "is no text: it holds bytes that no source file has. Is this the compiled program?",
        ));
    }
    Ok(bytes)
}

/// The folder of the `Cargo.toml` that a Rust file belongs to: it must stand in its `src`.
fn manifest_folder(path: &Path, manifest: &str) -> Option<PathBuf> {
    let full = dunce::canonicalize(path).ok()?;
    let source =
        full.ancestors().find(|folder| folder.file_name().is_some_and(|name| name == "src"))?;
    let folder = source.parent()?;
    if !folder.join(manifest).is_file() {
        return None;
    }
    let here = std::env::current_dir().ok().and_then(|here| dunce::canonicalize(&here).ok());
    Some(if here.as_deref() == Some(folder) { PathBuf::from(".") } else { folder.to_owned() })
}
