//! A narrowed program, for people: the message, and what is left.

use super::numbered::Numbered;
use super::terminal::{HEAD, QUIET, REPORTED};
use super::{paragraph, plural};
use erratum_look::Narrowing;
use std::io::{self, Write};

/// How to show it.
pub struct View {
    /// Columns.
    pub width: usize,
}

impl View {
    /// Writes the view.
    pub fn show(&self, out: &mut impl Write, small: &Narrowing) -> io::Result<()> {
        let narrowed = &small.narrowed;
        let left = narrowed.source.filled_lines();
        let head = format!(
            "{}: {} of {} lines still give this message.",
            narrowed.source.name(),
            left,
            small.whole.line_count()
        );
        write!(out, "{HEAD}")?;
        paragraph(out, self.width, "", "", &head)?;
        write!(out, "{HEAD:#}")?;
        writeln!(out)?;
        let at = narrowed.message.at.as_ref().map_or(0, |at| at.line);
        let digits = narrowed.lines.iter().max().map_or(1, |line| line.to_string().len());
        for line in 1..=narrowed.source.line_count() {
            let text = narrowed.source.line_text(line);
            if text.trim().is_empty() {
                continue;
            }
            let (label, style) = if line == at { ("reported", REPORTED) } else { ("", QUIET) };
            let number = narrowed.lines.get(line as usize - 1).copied().unwrap_or(line);
            let numbered = Numbered { line: number, digits, label, style, text: &text };
            numbered.write(out, self.width, str::to_owned)?;
        }
        writeln!(out)?;
        let who = small.compiler();
        let said = format!("{who} says: {}", narrowed.message.text);
        paragraph(out, self.width, "  ", "       ", &said)?;
        let end = if narrowed.complete {
            "No declaration, statement or line more can go by itself."
        } else {
            "The time is up: more may go with a larger --budget."
        };
        let copies = plural(narrowed.compiles, "copy was", "copies were");
        let rest = format!("The numbers are those of the whole file. {end} {copies} compiled.");
        paragraph(out, self.width, "  ", "  ", &rest)
    }
}
