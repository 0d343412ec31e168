//! The verdict as JSON: one object, and nothing else; while watching, one line for each look.

use crate::failure::Failure;
use erratum_repair::progress::Progress;
use erratum_repair::verdict::Verdict;
use serde::Serialize;
use std::io::Write;

/// Writes the object.
pub fn show(out: &mut impl Write, verdict: &Verdict) -> Result<(), Failure> {
    let text = serde_json::to_string_pretty(verdict).map_err(failed)?;
    writeln!(out, "{text}")?;
    Ok(())
}

/// One look of several: `docs/watched.schema.json`.
#[derive(Serialize)]
struct Watched<'a> {
    schema: &'static str,
    progress: Option<&'a Progress>,
    verdict: &'a Verdict,
}

/// Writes one look of several, with what has changed since the one before, in one line.
pub fn line(
    out: &mut impl Write,
    verdict: &Verdict,
    progress: Option<&Progress>,
) -> Result<(), Failure> {
    let watched = Watched { schema: "erratum/watched/1", progress, verdict };
    let text = serde_json::to_string(&watched).map_err(failed)?;
    writeln!(out, "{text}")?;
    Ok(())
}

fn failed(error: serde_json::Error) -> Failure {
    Failure::said(format!("the verdict cannot be written as JSON: {error}"))
}
