//! Finds the compiler for some files, and puts it to work on them.

use crate::error::Error;
use erratum_compilers::{Cache, Limits, Project, Session, Toolbox, Trust};
use std::path::Path;
use std::sync::Arc;

/// Which compiler, and how it is started.
#[derive(Clone, Copy)]
pub(crate) struct Choice<'a> {
    /// A name or a path; without it, the settings tell, else the first that is installed.
    pub compiler: Option<&'a str>,
    pub arguments: &'a [String],
    pub cache: Option<&'a Arc<Cache>>,
    pub trust: &'a Trust,
}

/// Opens the compiler for a project, by the settings beside its first file; the arguments of the choice
/// come behind those of the settings. What is prepared in a cache is used, unless the settings say otherwise.
/// Returns the settings, too.
///
/// # Errors
/// When the settings are broken, or there is no such compiler.
pub(crate) fn open(project: Project, choice: &Choice) -> Result<(Toolbox, Session), Error> {
    let first = project.program.files.first().map(|file| project.path(file.name()));
    let folder = first.as_deref().and_then(Path::parent).filter(|f| !f.as_os_str().is_empty());
    let toolbox = Toolbox::new(folder.unwrap_or(Path::new(".")), choice.trust)?;
    let mut found = toolbox.find(project.language, choice.compiler)?;
    found.arguments.extend_from_slice(choice.arguments);
    let cache = choice.cache.filter(|_| toolbox.config().prepare != Some(false)).cloned();
    Ok((toolbox, Session::new(project, found, Limits::default())?.with_cache(cache)))
}
