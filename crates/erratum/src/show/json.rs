//! The verdict as JSON: one object, and nothing else; while watching, one line for each look.

use crate::failure::Failure;
use erratum_repair::progress::Progress;
use erratum_repair::trace::Stopped;
use erratum_repair::verdict::Verdict;
use erratum_syntax::visible::is_hidden;
use serde::Serialize;
use std::io::Write;

/// Writes the object.
pub fn show(out: &mut impl Write, verdict: &Verdict) -> Result<(), Failure> {
    writeln!(out, "{}", text(verdict)?)?;
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
    writeln!(out, "{}", text(&Crashes { schema: CRASHES, crashes })?)?;
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
    writeln!(out, "{}", escaped(&text))?;
    Ok(())
}

/// Anything as JSON, on several lines.
pub fn text(value: &impl Serialize) -> Result<String, Failure> {
    Ok(escaped(&serde_json::to_string_pretty(value).map_err(failed)?))
}

/// JSON in which what would steer a terminal is escaped, too; it stands in strings only.
fn escaped(json: &str) -> String {
    let mut out = String::with_capacity(json.len());
    for letter in json.chars() {
        match is_hidden(letter) {
            true => {
                let mut units = [0; 2];
                for unit in letter.encode_utf16(&mut units) {
                    out.push_str(&format!("\\u{unit:04x}"));
                }
            }
            false => out.push(letter),
        }
    }
    out
}

fn failed(error: serde_json::Error) -> Failure {
    Failure::said(format!("it cannot be written as JSON: {error}"))
}
