//! Finds the compiler for some files, and puts it to work on them.

use crate::error::Error;
use erratum_compilers::{Cache, Limits, Project, Session, Toolbox};
use std::path::Path;
use std::sync::Arc;

/// Opens the compiler for a project, by the settings beside its first file; `arguments` come behind
/// those of the settings. What is prepared in a cache is used, unless the settings say otherwise.
/// Returns the settings, too.
///
/// # Errors
/// When the settings are broken, or there is no such compiler.
pub(crate) fn open(
    project: Project,
    compiler: Option<&str>,
    arguments: &[String],
    cache: Option<&Arc<Cache>>,
) -> Result<(Toolbox, Session), Error> {
    let first = project.program.files.first().map(|file| project.path(file.name()));
    let folder = first.as_deref().and_then(Path::parent).filter(|f| !f.as_os_str().is_empty());
    let toolbox = Toolbox::new(folder.unwrap_or(Path::new(".")))?;
    let mut found = toolbox.find(project.language, compiler)?;
    found.arguments.extend_from_slice(arguments);
    let cache = cache.filter(|_| toolbox.config().prepare != Some(false)).cloned();
    Ok((toolbox, Session::new(project, found, Limits::default())?.with_cache(cache)))
}
