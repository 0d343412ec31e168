//! The verdict as JSON: one object, and nothing else; while watching, one line for each look.

use crate::failure::Failure;
use erratum_repair::progress::Progress;
use erratum_repair::trace::Stopped;
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
#[cfg_attr(test, derive(schemars::JsonSchema))]
pub struct Watched<'a> {
    /// The name and version of this form.
    #[cfg_attr(test, schemars(extend("const" = WATCHED)))]
    schema: &'static str,
    /// What has changed since the look before; null for the first one.
    progress: Option<&'a Progress>,
    /// What is known of the program.
    verdict: &'a Verdict,
}

/// The name and version of the form of [`Watched`].
const WATCHED: &str = "erratum/watched/1";

/// The crashes in a log: `docs/crash.schema.json`.
#[derive(Serialize)]
#[cfg_attr(test, derive(schemars::JsonSchema))]
pub struct Crashes<'a> {
    /// The name and version of this form.
    #[cfg_attr(test, schemars(extend("const" = CRASHES)))]
    schema: &'static str,
    /// What stopped, in order.
    crashes: &'a [Stopped],
}

/// The name and version of the form of [`Crashes`].
const CRASHES: &str = "erratum/crash/1";

/// Writes why programs stopped.
pub fn crashes(out: &mut impl Write, crashes: &[Stopped]) -> Result<(), Failure> {
    let text = serde_json::to_string_pretty(&Crashes { schema: CRASHES, crashes });
    writeln!(out, "{}", text.map_err(failed)?)?;
    Ok(())
}

/// Writes one look of several, with what has changed since the one before, in one line.
pub fn line(
    out: &mut impl Write,
    verdict: &Verdict,
    progress: Option<&Progress>,
) -> Result<(), Failure> {
    let watched = Watched { schema: WATCHED, progress, verdict };
    let text = serde_json::to_string(&watched).map_err(failed)?;
    writeln!(out, "{text}")?;
    Ok(())
}

fn failed(error: serde_json::Error) -> Failure {
    Failure::said(format!("it cannot be written as JSON: {error}"))
}
