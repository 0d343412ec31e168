//! What a session is made of.

use crate::cancel::CancelToken;
use crate::compiler::Choice;
use crate::error::Error;
use erratum_catalogue::Catalogue;
use erratum_compilers::{Cache, Trust};
use erratum_repair::search::{Budget, Limits, Observer};
use erratum_syntax::language::{self, Language};
use std::path::PathBuf;
use std::sync::Arc;

/// What is looked at, and how. Every setting has a default but what is looked at.
#[derive(Default)]
pub struct Builder {
    pub(crate) files: Vec<PathBuf>,
    pub(crate) command: Vec<String>,
    pub(crate) language: Option<&'static Language>,
    pub(crate) compiler: Option<String>,
    pub(crate) arguments: Vec<String>,
    pub(crate) cache: Option<Arc<Cache>>,
    pub(crate) trust: Trust,
    pub(crate) catalogue: Option<Arc<Catalogue>>,
    pub(crate) budget: Option<Budget>,
    pub(crate) limits: Limits,
    pub(crate) judge_only: bool,
    pub(crate) no_version: bool,
    pub(crate) cancel: CancelToken,
    pub(crate) observer: Option<Box<dyn Observer + Send>>,
}

impl Builder {
    /// Which compiler it asks for.
    pub(crate) fn choice(&self) -> Choice<'_> {
        Choice {
            compiler: self.compiler.as_deref(),
            arguments: &self.arguments,
            cache: self.cache.as_ref(),
            trust: &self.trust,
        }
    }

    /// Adds a file; several are compiled together.
    pub fn file(self, file: impl Into<PathBuf>) -> Builder {
        self.files([file])
    }

    /// Adds files.
    pub fn files(mut self, files: impl IntoIterator<Item = impl Into<PathBuf>>) -> Builder {
        self.files.extend(files.into_iter().map(Into::into));
        self
    }

    /// Looks at what a build command complains of, in the place of files. It is run as it is, where
    /// the process is.
    pub fn build_command(mut self, command: &[String]) -> Builder {
        self.command = command.to_vec();
        self
    }

    /// Sets the programming language; without it, the files' endings tell.
    pub fn language(mut self, language: Option<&'static Language>) -> Builder {
        self.language = language;
        self
    }

    /// Sets the compiler, a name or a path; without it, the settings beside the program tell, else
    /// the first that is installed.
    pub fn compiler(mut self, compiler: Option<String>) -> Builder {
        self.compiler = compiler;
        self
    }

    /// Adds arguments for the compiler.
    pub fn arguments(mut self, arguments: &[String]) -> Builder {
        self.arguments.extend_from_slice(arguments);
        self
    }

    /// Sets the cache with what is prepared for compilers that start slowly; without it, nothing is
    /// used or kept from one session to the next.
    pub fn cache(mut self, cache: Option<Arc<Cache>>) -> Builder {
        self.cache = cache;
        self
    }

    /// Sets the folders in which settings may say which program is started; without it, none may.
    pub fn trust(mut self, trust: Trust) -> Builder {
        self.trust = trust;
        self
    }

    /// Sets the catalogue, which has the words; without it, the one that ships.
    pub fn catalogue(mut self, catalogue: Arc<Catalogue>) -> Builder {
        self.catalogue = Some(catalogue);
        self
    }

    /// Sets how far a search may go; without it, the settings beside the program tell, else it is
    /// five seconds, and up to ten with a slow compiler.
    pub fn budget(mut self, budget: Budget) -> Builder {
        self.budget = Some(budget);
        self
    }

    /// Sets what is looked for.
    pub fn limits(mut self, limits: Limits) -> Builder {
        self.limits = limits;
        self
    }

    /// Sets whether fixes are tried; else the verdict is judged from messages and text.
    pub fn proof(mut self, proof: bool) -> Builder {
        self.judge_only = !proof;
        self
    }

    /// Sets whether the verdict names the version of the compiler where the program compiles, too;
    /// without it, it does.
    pub fn version(mut self, asked: bool) -> Builder {
        self.no_version = !asked;
        self
    }

    /// Sets the token that ends a search from elsewhere.
    pub fn cancel(mut self, cancel: CancelToken) -> Builder {
        self.cancel = cancel;
        self
    }

    /// Sets who watches the searches: what they look at, try and take.
    pub fn observer(mut self, observer: impl Observer + Send + 'static) -> Builder {
        self.observer = Some(Box::new(observer));
        self
    }
}

/// Returns the language of a name that somebody gave; `c++` is one, too.
///
/// # Errors
/// When no language has the name.
pub fn language_named(name: &str) -> Result<&'static Language, Error> {
    let lower = name.to_lowercase();
    let lower = if lower == "c++" { "cpp" } else { lower.as_str() };
    language::by_id(lower).ok_or_else(|| {
        let known: Vec<&str> = language::LANGUAGES.iter().map(|l| l.id).collect();
        Error::UnknownLanguage { name: name.to_owned(), known: known.join(", ") }
    })
}
