//! The verdict as JSON: one object, and nothing else.

use crate::failure::Failure;
use erratum_core::verdict::Verdict;
use std::io::Write;

/// Writes the object.
pub fn show(out: &mut impl Write, verdict: &Verdict) -> Result<(), Failure> {
    let text = serde_json::to_string_pretty(verdict).map_err(|error| {
        Failure::said(format!("the verdict cannot be written as JSON: {error}"))
    })?;
    writeln!(out, "{text}")?;
    Ok(())
}
