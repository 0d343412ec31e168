//! A line of a program with its number and what it is, in all views alike.

use super::shown;
use anstyle::Style;
use std::io::{self, Write};

/// Below this width, what a line is stands below it.
const NARROW: usize = 44;

/// A line to show.
pub struct Numbered<'a> {
    /// Its number.
    pub line: u32,
    /// How many digits the numbers have.
    pub digits: usize,
    /// What it is, in one word; may be empty.
    pub label: &'a str,
    /// How number and label are written.
    pub style: Style,
    /// Its text.
    pub text: &'a str,
}

impl Numbered<'_> {
    /// Writes it; `link` makes a link of its number.
    pub fn write(
        &self,
        out: &mut impl Write,
        width: usize,
        link: impl Fn(&str) -> String,
    ) -> io::Result<()> {
        let Numbered { line, digits, label, style, text } = self;
        let linked = |text: &str| if label.is_empty() { text.to_owned() } else { link(text) };
        if width >= NARROW {
            let place = linked(&format!("line {line:<digits$}"));
            let text = shown(text, width.saturating_sub(digits + 19));
            return writeln!(out, "  {style}{place}  {label:<8}{style:#}  {text}");
        }
        let place = linked(&format!("{line:>digits$}"));
        let text = shown(text, width.saturating_sub(digits + 2));
        writeln!(out, "{style}{place}{style:#}  {text}")?;
        if !label.is_empty() {
            writeln!(out, "{:digits$}  {style}({label}){style:#}", "")?;
        }
        Ok(())
    }
}
