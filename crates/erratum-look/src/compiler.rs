//! Finds the compiler for some files, and puts it to work on them.

use crate::error::Error;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use std::path::Path;

/// Opens the compiler for a project, by the settings beside its first file; `arguments` come behind
/// those of the settings. Returns the settings, too.
///
/// # Errors
/// When the settings are broken, or there is no such compiler.
pub(crate) fn open(
    project: Project,
    compiler: Option<&str>,
    arguments: &[String],
) -> Result<(Toolbox, Session), Error> {
    let first = project.program.files.first().map(|file| project.path(file.name()));
    let folder = first.as_deref().and_then(Path::parent).filter(|f| !f.as_os_str().is_empty());
    let toolbox = Toolbox::new(folder.unwrap_or(Path::new(".")))?;
    let mut found = toolbox.find(project.language, compiler)?;
    found.arguments.extend_from_slice(arguments);
    Ok((toolbox, Session::new(project, found, Limits::default())?))
}
