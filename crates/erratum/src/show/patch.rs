//! A change as a unified diff, which `patch -p1` and `git apply` take.

use crate::failure::Failure;
use erratum_syntax::source::Program;
use similar::TextDiff;
use std::io::Write;
use std::path::Path;

/// Writes what differs between two programs; nothing if they are the same.
///
/// # Errors
/// When it cannot be written.
pub fn show(out: &mut impl Write, before: &Program, after: &Program) -> Result<(), Failure> {
    for old in &before.files {
        let Some(new) = after.file(old.name()).filter(|new| new.bytes() != old.bytes()) else {
            continue;
        };
        let diff = TextDiff::from_lines(old.bytes(), new.bytes());
        let (from, to) = (named("a/", old.name()), named("b/", old.name()));
        diff.unified_diff().context_radius(3).header(&from, &to).to_writer(&mut *out)?;
    }
    Ok(())
}

/// The name in a header: from the folder where the command runs, behind the prefix that tools take off.
fn named(prefix: &str, name: &str) -> String {
    let here = std::env::current_dir().unwrap_or_default();
    let inside =
        Path::new(name).strip_prefix(&here).map_or(name.into(), |path| path.to_string_lossy());
    let path = inside.strip_prefix("./").unwrap_or(&inside).replace('\\', "/");
    // Behind a name with a blank the tools want a tab, to tell where it ends.
    let end = if path.contains(' ') { "\t" } else { "" };
    if path.starts_with('/') { format!("{path}{end}") } else { format!("{prefix}{path}{end}") }
}
