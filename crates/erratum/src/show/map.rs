//! Where in the files mistakes lie, and what only follows from them.

use super::terminal::{FAULT, HEAD, Next, QUIET, REPORTED, View};
use super::{paragraph, plural, shown};
use erratum_repair::verdict::{Root, Verdict};
use erratum_syntax::source::Source;
use std::io::{self, Write};
use unicode_width::UnicodeWidthStr;

/// What lies at a place. The graver comes last.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Mark {
    /// A message that only follows.
    Follows,
    /// A mistake.
    Fault,
}

/// A place in a file that something is said of.
#[derive(Clone, Debug)]
pub struct Spot<'a> {
    /// The number under which it can be opened: that of the mistake, or `2.1` for the first place
    /// that follows from the second mistake.
    pub number: String,
    /// The file.
    pub file: &'a str,
    /// The line, from 1.
    pub line: u32,
    /// The column, from 1, in characters.
    pub column: u32,
    /// What lies there.
    pub mark: Mark,
    /// What is said of it.
    pub text: String,
}

/// How many places that follow from one mistake are listed.
const LISTED: usize = 6;
/// How wide a strip is at most.
const STRIP: usize = 60;

/// Every place that a verdict speaks of: each mistake, and below it what follows on other lines.
pub fn spots(verdict: &Verdict) -> Vec<Spot<'_>> {
    verdict.roots.iter().flat_map(|root| spots_of(verdict, root)).collect()
}

fn spots_of<'a>(verdict: &'a Verdict, root: &'a Root) -> Vec<Spot<'a>> {
    let at = &root.at;
    let mut spots = vec![Spot {
        number: root.id.to_string(),
        file: &at.file,
        line: at.line,
        column: at.column,
        mark: Mark::Fault,
        text: root.title.clone(),
    }];
    let told = root.messages.iter().chain(&root.follows).filter_map(|id| verdict.message(*id));
    for (told, at) in told.filter_map(|told| Some((told, told.at.as_ref()?))) {
        if spots.iter().any(|spot| spot.file == at.file && spot.line == at.line) {
            continue;
        }
        let text = if root.messages.contains(&told.id) { "reported here" } else { "only follows" };
        spots.push(Spot {
            number: format!("{}.{}", root.id, spots.len()),
            file: &at.file,
            line: at.line,
            column: at.column,
            mark: Mark::Follows,
            text: text.to_owned(),
        });
    }
    spots
}

/// The lines of a file from its first to its last in one row, with what lies on them.
pub fn strip(lines: u32, marks: &[(u32, Mark)], width: usize) -> String {
    let cells = (lines as usize).clamp(1, width.clamp(6, STRIP));
    let mut row: Vec<Option<Mark>> = vec![None; cells];
    for (line, mark) in marks {
        let at = (line.saturating_sub(1) as usize * cells) / (lines.max(1) as usize);
        let cell = &mut row[at.min(cells - 1)];
        *cell = (*cell).max(Some(*mark));
    }
    let letter = |mark: &Option<Mark>| match mark {
        None => '·',
        Some(Mark::Follows) => '○',
        Some(Mark::Fault) => '●',
    };
    row.iter().map(letter).collect()
}

/// What the map is, and what its marks mean.
pub(super) fn legend_row(out: &mut impl Write, legend: &str, width: usize) -> io::Result<()> {
    let head = "Where it lies";
    if head.len() + legend.width() + 4 <= width {
        return writeln!(out, "{HEAD}{head}{HEAD:#}  {QUIET}({legend}){QUIET:#}");
    }
    writeln!(out, "{HEAD}{head}{HEAD:#}")?;
    write!(out, "{QUIET}")?;
    paragraph(out, width, "  ", "  ", &format!("({legend})"))?;
    write!(out, "{QUIET:#}")
}

/// One row for a file: its name, its strip, its last line.
pub(super) fn row(
    out: &mut impl Write,
    name: &str,
    source: &Source,
    marks: &[(u32, Mark)],
    width: usize,
) -> io::Result<()> {
    let lines = source.line_count();
    let name = shown(name, width / 3);
    let count = format!("  {}", plural(lines as usize, "line", "lines"));
    let count = if width < 40 { "" } else { &count };
    let strip = strip(lines, marks, width.saturating_sub(name.width() + count.len() + 4));
    write!(out, "  {name}  ")?;
    for cell in strip.chars() {
        let style = match cell {
            '●' => FAULT,
            '○' => REPORTED,
            _ => QUIET,
        };
        write!(out, "{style}{cell}{style:#}")?;
    }
    writeln!(out, "{count}")
}

impl View<'_> {
    /// Writes the map, if there is more than one place.
    pub(super) fn map(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        let spots = spots(verdict);
        if spots.len() < 2 {
            return Ok(());
        }
        let follows = spots.iter().any(|spot| spot.mark == Mark::Follows);
        let legend = if follows { "● at fault, ○ reported or follows" } else { "● at fault" };
        writeln!(out)?;
        legend_row(out, legend, self.width)?;
        let mut files: Vec<&str> = Vec::new();
        for spot in &spots {
            if !files.contains(&spot.file) {
                files.push(spot.file);
            }
        }
        for file in &files {
            let Some(source) = self.program.file(file) else { continue };
            let here = spots.iter().filter(|spot| spot.file == *file);
            let marks: Vec<(u32, Mark)> = here.map(|spot| (spot.line, spot.mark)).collect();
            row(out, file, source, &marks, self.width)?;
        }
        self.places(out, &spots, files.len() > 1)?;
        if matches!(self.next, Next::Nothing) {
            return Ok(());
        }
        self.paragraph(
            out,
            "  ",
            "  ",
            "With `--open 1`, your editor (VISUAL or EDITOR) opens the place with that number.",
        )
    }

    fn places(&self, out: &mut impl Write, spots: &[Spot], several: bool) -> io::Result<()> {
        let wide = spots.iter().map(|spot| spot.number.len()).max().unwrap_or(1);
        let digits = spots.iter().map(|spot| spot.line.to_string().len()).max().unwrap_or(1);
        let mut listed = 0;
        for spot in spots {
            listed = if spot.mark == Mark::Fault { 0 } else { listed + 1 };
            if listed > LISTED {
                if listed == LISTED + 1 {
                    let root = spot.number.split('.').next().unwrap_or("");
                    let of = |other: &&Spot| other.number.starts_with(&format!("{root}."));
                    let more = spots.iter().filter(of).count() - LISTED;
                    writeln!(out, "  {:wide$}  and {}", "", plural(more, "more", "more"))?;
                }
                continue;
            }
            let line = if self.width < 40 { "" } else { "line " };
            let line = format!("{line}{:<digits$}", spot.line);
            let linked = self.links.line(spot.file, spot.line, &line);
            let file = if several { format!("  {}", spot.file) } else { String::new() };
            let used = wide + line.len() + file.len() + 6;
            let text = shown(&spot.text, self.width.saturating_sub(used));
            let style = if spot.mark == Mark::Fault { FAULT } else { QUIET };
            writeln!(out, "  {:<wide$}  {style}{linked}{style:#}{file}  {text}", spot.number)?;
        }
        Ok(())
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_strip_shows_the_graver_of_two_and_keeps_first_and_last_apart() {
        let marks = [(1, Mark::Fault), (2, Mark::Follows), (100, Mark::Follows)];
        assert_eq!(strip(100, &marks, 10), "●········○");
        assert_eq!(strip(4, &[(2, Mark::Follows)], 40), "·○··");
        assert_eq!(strip(0, &[(9, Mark::Fault)], 40), "●");
    }
}
