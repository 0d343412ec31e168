//! `erratum.toml`, beside the program or in a folder above it.

use crate::error::Error;
use serde::Deserialize;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};

/// Settings of a project.
///
/// ```toml
/// budget = 5.0                     # seconds a look may take
///
/// prepare = false                  # keep nothing for the next look
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
    /// Settings by the language's short name.
    #[serde(default)]
    pub language: BTreeMap<String, LanguageConfig>,
    /// Which texts to use.
    #[serde(default)]
    pub texts: TextsConfig,
    /// Where the settings were read; paths in them are meant from here.
    #[serde(skip)]
    pub folder: PathBuf,
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
    /// The settings that hold for a folder: the nearest `erratum.toml` in it or above it.
    ///
    /// # Errors
    /// When the file cannot be read, or holds something that is not a setting.
    pub fn find(folder: &Path) -> Result<Config, Error> {
        let start = folder.canonicalize().unwrap_or_else(|_| folder.to_owned());
        let Some(path) = start.ancestors().map(|f| f.join("erratum.toml")).find(|p| p.is_file())
        else {
            return Ok(Config::default());
        };
        let text = std::fs::read_to_string(&path)
            .map_err(|error| Error::Config { path: path.clone(), reason: error.to_string() })?;
        let mut config: Config = toml::from_str(&text).map_err(|error| Error::Config {
            path: path.clone(),
            reason: error.to_string().trim_end().to_owned(),
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
        Ok(config)
    }
}
