//! The structure of a file, for people: what is odd first, then counts, then the outline.

use super::links::Links;
use super::map::{Mark, legend_row, row};
use super::numbered::Numbered;
use super::terminal::{FAULT, HEAD, QUIET, REPORTED};
use super::{listed, paragraph, plural, shown};
use erratum_repair::message::Place;
use erratum_repair::structure::{Block, Couple, Lack, OddMark, Structure};
use erratum_syntax::source::Source;
use std::io::{self, Write};

/// How to show it.
pub struct View<'a> {
    /// The file.
    pub source: &'a Source,
    /// Columns.
    pub width: usize,
    /// Every pair, too.
    pub all: bool,
    /// Makes links of places.
    pub links: &'a Links<'a>,
}

/// How many lines are named in one sentence.
const NAMED: usize = 12;

impl View<'_> {
    /// Writes the whole view.
    pub fn show(&self, out: &mut impl Write, found: &Structure) -> io::Result<()> {
        let summary = match found.odd.len() {
            0 => format!("{}: everything that opens has its partner.", found.file),
            1 => format!("{}: 1 mark has no partner.", found.file),
            n => format!(
                "{}: {n} marks have no partner. Mend the first one first: the others may follow from it.",
                found.file
            ),
        };
        write!(out, "{HEAD}")?;
        self.paragraph(out, "", "", &summary)?;
        write!(out, "{HEAD:#}")?;
        self.map(out, found)?;
        for odd in &found.odd {
            writeln!(out)?;
            self.odd(out, odd)?;
        }
        self.counts(out, found)?;
        self.outline(out, found)?;
        self.layout(out, found)?;
        if self.all {
            self.couples(out, &found.couples)?;
        }
        Ok(())
    }

    fn paragraph(
        &self,
        out: &mut impl Write,
        first: &str,
        rest: &str,
        text: &str,
    ) -> io::Result<()> {
        paragraph(out, self.width, first, rest, text)
    }

    /// Where in the file it lies, if there is anything.
    fn map(&self, out: &mut impl Write, found: &Structure) -> io::Result<()> {
        let odd = found.odd.iter().map(|odd| (odd.mark.at.line, Mark::Fault));
        let uneven = found.layout.uneven.iter().map(|uneven| (uneven.line, Mark::Follows));
        let marks: Vec<(u32, Mark)> = odd.chain(uneven).collect();
        if marks.is_empty() {
            return Ok(());
        }
        let legend = match (found.odd.is_empty(), found.layout.uneven.is_empty()) {
            (_, true) => "● no partner",
            (true, _) => "○ out of its block",
            _ => "● no partner, ○ out of its block",
        };
        writeln!(out)?;
        legend_row(out, legend, self.width)?;
        row(out, &found.file, self.source, &marks, self.width)
    }

    fn odd(&self, out: &mut impl Write, odd: &OddMark) -> io::Result<()> {
        let (mark, line) = (&odd.mark.text, odd.mark.at.line);
        let what = match odd.lacks {
            Lack::Close => format!("Line {line}: nothing closes this `{mark}`"),
            Lack::Open => format!("Line {line}: nothing opens what this `{mark}` closes"),
            Lack::Kind => format!("Line {line}: this `{mark}` closes something of another kind"),
        };
        write!(out, "{HEAD}")?;
        self.paragraph(out, "", "    ", &what)?;
        write!(out, "{HEAD:#}")?;
        writeln!(out)?;
        let meant = odd.meant.as_ref();
        let mut lines = vec![line];
        lines.extend(meant.map(|at| at.line).filter(|meant| *meant != line));
        lines.sort_unstable();
        let digits = lines.iter().max().map_or(1, |line| line.to_string().len());
        for number in lines {
            let (label, style) = match (number == line, meant.is_some_and(|at| at.line == number)) {
                (true, _) => ("odd", FAULT),
                (_, true) => ("meant", REPORTED),
                _ => ("", QUIET),
            };
            let text = self.source.line_text(number);
            let numbered = Numbered { line: number, digits, label, style, text: &text };
            let name = self.source.name();
            numbered.write(out, self.width, |text| self.links.line(name, number, text))?;
        }
        writeln!(out)?;
        let block = odd.partner.starts_with(|c: char| c == '}' || c.is_alphabetic());
        let at = meant.map(|at| self.words_for(at, block && odd.lacks == Lack::Close));
        let place = match (at, odd.lacks, odd.surplus) {
            (_, Lack::Kind, _) => format!("Here `{}` was most likely meant.", odd.partner),
            (None, ..) => "It is most likely one too many.".to_owned(),
            (Some(at), _, true) => format!(
                "It is most likely one too many; else its partner `{}` was meant {at}.",
                odd.partner
            ),
            (Some(at), ..) => {
                format!("Its partner `{}` was most likely meant {at}.", odd.partner)
            }
        };
        self.paragraph(out, "  ", "  ", &place)?;
        self.paragraph(out, "  Why: ", "       ", &odd.reason)
    }

    /// A place in words: "at the end of line 7", "on line 7, before `x`". What closes a block stands
    /// on a line of its own.
    fn words_for(&self, at: &Place, own_line: bool) -> String {
        let (start, _) = at.range(self.source);
        let line = at.line;
        let end = self.source.line_end(line);
        let after = self.source.slice(start.min(end), end).trim().to_owned();
        let before =
            self.source.slice(self.source.line_start(line), start.min(end)).trim().to_owned();
        match (before.is_empty(), after.is_empty()) {
            (true, true) => format!("on line {line}"),
            (true, false) => format!("before line {line}"),
            (false, true) if own_line => format!("on a line of its own after line {line}"),
            (false, true) => format!("at the end of line {line}"),
            (false, false) => {
                let short: String = after.chars().take(20).collect();
                let more = if short.len() < after.len() { "…" } else { "" };
                format!("on line {line}, before `{short}{more}`")
            }
        }
    }

    fn counts(&self, out: &mut impl Write, found: &Structure) -> io::Result<()> {
        if found.counts.is_empty() {
            return Ok(());
        }
        writeln!(out, "\n{HEAD}Counts{HEAD:#}")?;
        for count in &found.counts {
            let name = if count.open == count.close {
                count.open.clone()
            } else {
                format!("{} {}", count.open, count.close)
            };
            let off = match count.opening.abs_diff(count.closing) {
                0 => String::new(),
                n if count.opening > count.closing => format!("  {n} not closed"),
                n => format!("  {n} closed too often"),
            };
            let text = if count.open == count.close {
                plural(count.opening, "text", "texts")
            } else {
                format!("{} open, {} close", count.opening, count.closing)
            };
            if self.width < 44 {
                self.paragraph(out, "  ", "    ", &format!("{name}: {text}{off}"))?;
                continue;
            }
            let wide = if self.width < 60 { 6 } else { 24 };
            writeln!(out, "  {name:<wide$}{text}{FAULT}{off}{FAULT:#}")?;
        }
        Ok(())
    }

    fn outline(&self, out: &mut impl Write, found: &Structure) -> io::Result<()> {
        if found.blocks.is_empty() {
            return Ok(());
        }
        writeln!(out, "\n{HEAD}Blocks{HEAD:#}")?;
        let digits = found.blocks.iter().map(|b| b.to.unwrap_or(b.from)).max().unwrap_or(1);
        let digits = digits.to_string().len();
        for block in &found.blocks {
            self.block(out, block, digits)?;
        }
        Ok(())
    }

    fn block(&self, out: &mut impl Write, block: &Block, digits: usize) -> io::Result<()> {
        let (from, to) = (block.from, block.to.map_or("?".to_owned(), |to| to.to_string()));
        let end = if block.to.is_none() { "  (not closed)" } else { "" };
        let indent = "  ".repeat(block.depth.min(self.width / 5));
        let room = self.width.saturating_sub(2 * digits + 16 + indent.len() + end.len());
        let text = shown(&block.text, room.max(12));
        let lines = if self.width < 44 { "" } else { "  lines " };
        writeln!(
            out,
            "{lines}{from:>digits$} to {to:>digits$}  {indent}{text}{FAULT}{end}{FAULT:#}"
        )
    }

    fn layout(&self, out: &mut impl Write, found: &Structure) -> io::Result<()> {
        let layout = &found.layout;
        let lines = |lines: Vec<u32>| {
            let named: Vec<String> = lines.iter().take(NAMED).map(u32::to_string).collect();
            let more = lines.len().saturating_sub(NAMED);
            let more = if more > 0 { format!(" and {more} more") } else { String::new() };
            let word = if lines.len() == 1 { "line" } else { "lines" };
            if more.is_empty() {
                format!("{word} {}", listed(&named))
            } else {
                format!("{word} {}{more}", named.join(", "))
            }
        };
        let mut said: Vec<String> = layout
            .uneven
            .iter()
            .take(NAMED)
            .map(|uneven| {
                format!(
                    "Line {} is indented by {}, the others of its block by {}.",
                    uneven.line, uneven.indent, uneven.others
                )
            })
            .collect();
        if layout.uneven.len() > NAMED {
            said.push(format!(
                "{} more lines stand out of their block.",
                layout.uneven.len() - NAMED
            ));
        }
        if !layout.mixed.is_empty() {
            said.push(format!(
                "Tabs and blanks are mixed before the text of {}.",
                lines(layout.mixed.clone())
            ));
        } else if layout.tabs > 0 && layout.blanks > 0 {
            said.push(format!(
                "{} with a tab and {} with blanks: they look different elsewhere.",
                plural(layout.tabs, "line starts", "lines start"),
                plural(layout.blanks, "line starts", "lines start")
            ));
        }
        if said.is_empty() {
            return Ok(());
        }
        writeln!(out, "\n{HEAD}Layout{HEAD:#}")?;
        for text in said {
            self.paragraph(out, "  ", "  ", &text)?;
        }
        self.paragraph(out, "  ", "  ", "--tidy shows the file laid out by its blocks.")
    }

    fn couples(&self, out: &mut impl Write, couples: &[Couple]) -> io::Result<()> {
        writeln!(out, "\n{HEAD}Pairs{HEAD:#}")?;
        for couple in couples {
            let place = |at: &Place| format!("line {} column {}", at.line, at.column);
            let text = format!(
                "{}{} {}  {} to {}",
                "  ".repeat(couple.depth.min(20)),
                couple.open.text,
                couple.close.text,
                place(&couple.open.at),
                place(&couple.close.at)
            );
            writeln!(out, "  {}", shown(&text, self.width.saturating_sub(2)))?;
        }
        Ok(())
    }
}
