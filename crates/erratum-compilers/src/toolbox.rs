//! Finds compilers: those that `erratum.toml` or the command line name, else those on the PATH.

use crate::cache::{Cache, NotPrepared};
use crate::compilers::{self, KINDS, Kind, Stays};
use crate::config::Config;
use crate::confine;
use crate::error::Error;
use crate::trust::Trust;
use erratum_syntax::language::Language;
use erratum_syntax::visible::visible;
use std::env::consts::EXE_EXTENSION;
use std::path::{Path, PathBuf};

/// A compiler that was found.
#[derive(Clone, Debug)]
pub struct Found {
    /// What it is.
    pub kind: &'static Kind,
    /// Where it is.
    pub path: PathBuf,
    /// Further arguments from the settings.
    pub arguments: Vec<String>,
}

/// The compilers of this machine.
#[derive(Clone, Debug, Default)]
pub struct Toolbox {
    config: Config,
    /// The folder in which the program stands, as a full path.
    start: PathBuf,
    trust: Trust,
}

impl Toolbox {
    /// With the settings that hold for a folder; those that say which program is started count only
    /// where the folder they stand in is trusted, and so does what a project brings of its own.
    ///
    /// # Errors
    /// When `erratum.toml` is broken.
    pub fn new(folder: &Path, trust: &Trust) -> Result<Toolbox, Error> {
        let start = dunce::canonicalize(folder).unwrap_or_else(|_| folder.to_owned());
        let config = Config::find(folder)?;
        let trusted = config.steers().is_empty() || trust.covers(&config.folder);
        let config = if trusted { config } else { config.without_steering() };
        Ok(Toolbox { config, start, trust: trust.clone() })
    }

    /// The settings.
    pub fn config(&self) -> &Config {
        &self.config
    }

    /// The compiler to use for a language.
    ///
    /// # Errors
    /// When none is installed, the one that was named is not there or not known, or what it runs
    /// on is missing.
    pub fn find(&self, language: &Language, named: Option<&str>) -> Result<Found, Error> {
        let found = self.look_for(language, named)?;
        match found.kind.runs_on {
            Some((program, install)) if !runs(program) => Err(Error::Needs {
                compiler: found.kind.name.to_owned(),
                program: program.to_owned(),
                install: compilers::how_to_install(program, install),
            }),
            _ => Ok(found),
        }
    }

    fn look_for(&self, language: &Language, named: Option<&str>) -> Result<Found, Error> {
        let settings = self.config.language.get(language.id);
        let arguments = settings.map(|s| s.arguments.clone()).unwrap_or_default();
        let from_config = settings.and_then(|s| s.compiler.as_deref());
        if let Some(command) = named.or(from_config) {
            let known = KINDS.iter().map(|kind| kind.name).collect::<Vec<_>>().join(", ");
            let mut command = command.to_owned();
            let mut kind = Kind::by_name(&command)
                .ok_or_else(|| Error::UnknownCompiler { name: command.clone(), known })?;
            if kind.language != language.id
                && let Some(sibling) = sibling(kind, language, &command)
            {
                (kind, command) = sibling;
            }
            if kind.language != language.id {
                let language = language.name.to_owned();
                return Err(Error::WrongLanguage { name: command, language });
            }
            let written = if named.is_none() && command.contains(['/', '\\']) {
                self.config.folder.join(&command)
            } else {
                PathBuf::from(&command)
            };
            let path = which(&written)
                .ok_or_else(|| Error::NotFound { command: written.display().to_string() })?;
            return Ok(Found { kind, path, arguments });
        }
        let kinds = || KINDS.iter().filter(|kind| kind.language == language.id && !kind.by_choice);
        for kind in kinds() {
            if let Some(path) = self.locate(kind) {
                return Ok(Found { kind, path, arguments });
            }
        }
        Err(Error::NoCompiler {
            language: language.name.to_owned(),
            commands: kinds().map(|kind| kind.name).collect::<Vec<_>>().join(" and "),
            install: kinds().next().map_or_else(String::new, |kind| kind.how_to_install()),
        })
    }

    /// Every kind of compiler, with where it is if it is installed.
    pub fn all(&self) -> Vec<(&'static Kind, Option<PathBuf>)> {
        KINDS.iter().map(|kind| (*kind, self.locate(kind))).collect()
    }

    /// Where a compiler is: in the learner's project, on the PATH, or where its package puts it.
    fn locate(&self, kind: &Kind) -> Option<PathBuf> {
        let packages = self.start.ancestors().map(|folder| folder.join("node_modules/.bin"));
        let mut packages = packages.filter(|_| kind.in_packages);
        let own = packages.find(|folder| folder.join(kind.name).is_file());
        // A package that came with a program is run only where the user trusts it.
        let own = own.filter(|folder| self.trust.covers(folder));
        let own = own.map(|folder| folder.join(kind.name));
        let found = own.or_else(|| which(Path::new(kind.name)));
        found.or_else(|| {
            let paths = kind.folders.iter().map(|folder| Path::new(folder).join(kind.name));
            paths.into_iter().find(|path| path.is_file())
        })
    }
}

/// Finds a program: a path as it is, a name in the folders of PATH. Those that are not whole paths,
/// such as `.`, are left out: what lies beside a program is not meant.
pub(crate) fn which(command: &Path) -> Option<PathBuf> {
    let path = std::env::var_os("PATH").unwrap_or_default();
    let whole = std::env::split_paths(&path).filter(|folder| folder.is_absolute());
    let whole = std::env::join_paths(whole).ok()?;
    let here = std::env::current_dir().unwrap_or_default();
    which::which_in(command, Some(whole), here).ok()
}

/// Drivers of one compiler for two languages.
const SIBLINGS: &[(&str, &str)] = &[("gcc", "g++"), ("clang", "clang++")];

/// The driver of the same compiler for another language, with its command: `clang-14` for C++ is
/// `clang++-14`.
fn sibling(kind: &Kind, language: &Language, command: &str) -> Option<(&'static Kind, String)> {
    let other = SIBLINGS.iter().find_map(|(one, other)| match kind.name {
        name if name == *one => Some(*other),
        name if name == *other => Some(*one),
        _ => None,
    });
    let other = Kind::by_name(other?).filter(|other| other.language == language.id)?;
    let at = command.rfind(kind.name)?;
    let rest = &command[at + kind.name.len()..];
    Some((other, format!("{}{}{rest}", &command[..at], other.name)))
}

/// Whether a program that compilers run on is here: on the PATH, or where JAVA_HOME says.
pub(crate) fn runs(program: &str) -> bool {
    let home = || {
        let home = std::env::var_os("JAVA_HOME").filter(|_| program == "java")?;
        Some(Path::new(&home).join("bin").join(program))
    };
    which(Path::new(program)).is_some()
        || home().is_some_and(|path| path.with_extension(EXE_EXTENSION).is_file())
}

impl Found {
    /// What it runs on, if that is not here.
    pub fn lacks(&self) -> Option<&'static str> {
        self.kind.runs_on.map(|(program, _)| program).filter(|program| !runs(program))
    }

    /// Whether something can be prepared for its start that is not yet in a cache.
    pub fn gains(&self, cache: &Cache) -> bool {
        match self.kind.stays {
            Some(Stays::Helper(host)) => self.lacks().is_none() && host.gains(&self.path, cache),
            _ => false,
        }
    }

    /// Prepares its start. Returns what that is, and how many bytes it takes on the disk; `None` if
    /// nothing can be prepared for such a compiler.
    pub fn prepare(&self, cache: &Cache) -> Option<(String, Result<u64, NotPrepared>)> {
        match self.kind.stays {
            Some(Stays::Helper(host)) => host.prepare(&self.path, cache),
            _ => None,
        }
    }

    /// Its version, or an empty text if it does not tell.
    pub fn version(&self) -> String {
        version(self.kind, &self.path)
    }
}

/// The first thing that looks like a version in what a compiler says of itself.
pub(crate) fn version(kind: &Kind, path: &Path) -> String {
    let limits =
        crate::run::Limits { time: std::time::Duration::from_secs(10), ..Default::default() };
    // A folder may choose which compiler a name stands for.
    let mut command = confine::command(path, &[], true);
    let Ok(output) = crate::run::run(command.args(kind.version), &limits) else {
        return String::new();
    };
    let text = [output.stdout, output.stderr].concat();
    let text = String::from_utf8_lossy(&text).into_owned();
    text.split_whitespace()
        .map(|word| word.strip_prefix("go").unwrap_or(word))
        .find(|word| word.starts_with(|c: char| c.is_ascii_digit()) && word.contains('.'))
        .map(|word| visible(word.trim_end_matches(',')).into_owned())
        .unwrap_or_default()
}
