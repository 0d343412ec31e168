//! `erratum.toml`, beside the program or in a folder above it, up to the home folder.

use crate::error::Error;
use crate::os;
use erratum_syntax::visible::visible;
use serde::Deserialize;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};

/// Settings of a project.
///
/// ```toml
/// budget = 5.0                     # seconds a look may take
///
/// prepare = false                  # keep nothing for the next look
/// journal = false                  # keep no record of the kinds of mistakes
///
/// [language.c]
/// compiler = "clang"               # a name, or a path
/// arguments = ["-I", "include"]    # given to the compiler as well
///
/// [texts]
/// folder = "texts"                 # texts that a teacher wrote, as *.toml
/// language = "de"                  # the human language of texts
/// ```
#[derive(Clone, Debug, Default, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Config {
    /// Seconds that a look may take.
    pub budget: Option<f64>,
    /// Whether what makes the next look come sooner is prepared and kept; it is where nothing is said.
    pub prepare: Option<bool>,
    /// Whether the kinds of mistakes are kept for the journal; they are where nothing is said.
    pub journal: Option<bool>,
    /// Settings by the language's short name.
    #[serde(default)]
    pub language: BTreeMap<String, LanguageConfig>,
    /// Which texts to use.
    #[serde(default)]
    pub texts: TextsConfig,
    /// Where the settings were read; paths in them are meant from here.
    #[serde(skip)]
    pub folder: PathBuf,
    /// Files of settings that do not count, because they are another user's or others can write to them.
    #[serde(skip)]
    pub foreign: Vec<PathBuf>,
}

/// Settings for one language.
#[derive(Clone, Debug, Default, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct LanguageConfig {
    /// The compiler to use: a name, or a path.
    pub compiler: Option<String>,
    /// Further arguments for it.
    #[serde(default)]
    pub arguments: Vec<String>,
}

/// Settings for the texts.
#[derive(Clone, Debug, Default, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct TextsConfig {
    /// A folder of texts of one's own.
    pub folder: Option<PathBuf>,
    /// The human language, as in `de`.
    pub language: Option<String>,
}

impl Config {
    /// The settings that hold for a folder: the nearest `erratum.toml` in it or above it, up to the
    /// home folder. One of another user, or that others can write to, is left out.
    ///
    /// # Errors
    /// When the file cannot be read, or holds something that is not a setting.
    pub fn find(folder: &Path) -> Result<Config, Error> {
        let start = dunce::canonicalize(folder).unwrap_or_else(|_| folder.to_owned());
        let home = directories::BaseDirs::new().map(|dirs| dirs.home_dir().to_owned());
        let mut foreign = Vec::new();
        let mut found = None;
        for folder in start.ancestors() {
            let path = folder.join("erratum.toml");
            match path.is_file() {
                true if os::is_safe(&path) => {
                    found = Some(path);
                    break;
                }
                true => foreign.push(path),
                false => {}
            }
            if home.as_deref() == Some(folder) {
                break;
            }
        }
        let Some(path) = found else {
            return Ok(Config { foreign, ..Config::default() });
        };
        let text = std::fs::read_to_string(&path)
            .map_err(|error| Error::Config { path: path.clone(), reason: error.to_string() })?;
        let mut config: Config = toml::from_str(&text).map_err(|error| Error::Config {
            path: path.clone(),
            reason: visible(error.to_string().trim_end()).into_owned(),
        })?;
        if let Some(id) =
            config.language.keys().find(|id| erratum_syntax::language::by_id(id).is_none())
        {
            let reason = format!("[language.{id}] names no language that Erratum knows");
            return Err(Error::Config { path, reason });
        }
        if config.budget.is_some_and(|budget| !(budget > 0.0 && budget.is_finite())) {
            return Err(Error::Config {
                path,
                reason: "the budget must be more than 0 seconds".into(),
            });
        }
        config.folder = path.parent().map(Path::to_owned).unwrap_or_default();
        config.foreign = foreign;
        Ok(config)
    }

    /// What in it says which program is started, or steers one: the language's name, then what. A bare
    /// name of a compiler that Erratum knows does not; it is looked for where any is.
    pub fn steers(&self) -> Vec<(&str, String)> {
        let mut all = Vec::new();
        for (language, settings) in &self.language {
            if let Some(compiler) = settings.compiler.as_ref().filter(|name| is_path(name)) {
                all.push((
                    language.as_str(),
                    visible(&format!("compiler = \"{compiler}\"")).into_owned(),
                ));
            }
            if !settings.arguments.is_empty() {
                let arguments = settings.arguments.join(" ");
                all.push((
                    language.as_str(),
                    visible(&format!("arguments: {arguments}")).into_owned(),
                ));
            }
        }
        all
    }

    /// Leaves out what steers programs.
    pub(crate) fn without_steering(mut self) -> Config {
        for settings in self.language.values_mut() {
            settings.arguments.clear();
            settings.compiler = settings.compiler.take().filter(|name| !is_path(name));
        }
        self
    }
}

/// Whether a command is a path rather than a name.
fn is_path(command: &str) -> bool {
    command.contains(['/', '\\'])
}
