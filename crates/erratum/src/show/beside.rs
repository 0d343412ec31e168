//! A faulty line and a right one of the same kind, one below the other, so that the difference
//! shows.

use super::terminal::{FAULT, GOOD, View};
use super::{inset, listed, shown};
use erratum_repair::verdict::{Evidence, Root, Verdict};
use erratum_repair::verdict::{Part, Sound};
use std::io::{self, Write};
use unicode_width::UnicodeWidthStr;

/// What is shown of an example.
pub struct Beside {
    /// What it is.
    pub head: String,
    /// What stands before the faulty and the right line.
    pub labels: (String, String),
    /// Both lines, with the same things below each other.
    pub lines: (String, String),
    /// Where they differ, in words.
    pub difference: String,
}

impl Beside {
    /// What is shown of a root's example; nothing where it would say no more than the fix does.
    pub fn new(root: &Root, verdict: &Verdict) -> Option<Beside> {
        let sound = root.sound.as_ref()?;
        let (head, labels) = match &sound.at {
            Some(at) => {
                let right = if verdict.mended && root.evidence == Evidence::Proved {
                    "and right"
                } else {
                    "and nothing is said of it"
                };
                let head = format!("Line {} is of the same kind, {right}:", at.line);
                (head, (format!("line {}", root.at.line), format!("line {}", at.line)))
            }
            None if root.fixes.is_empty() => {
                let head = "An example of such a mistake, wrong and right:".to_owned();
                (head, ("wrong".to_owned(), "right".to_owned()))
            }
            None => return None,
        };
        let lines = aligned(&sound.parts);
        let difference = difference(sound, &labels);
        Some(Beside { head, labels, lines, difference })
    }
}

/// Both lines with blanks where the other has more.
fn aligned(parts: &[Part]) -> (String, String) {
    let (mut faulty, mut right) = (String::new(), String::new());
    for part in parts {
        let width = part.faulty.width().max(part.right.width());
        for (line, text) in [(&mut faulty, &part.faulty), (&mut right, &part.right)] {
            if part.apart {
                line.push(' ');
            }
            line.push_str(text);
            line.extend(std::iter::repeat_n(' ', width - text.width()));
        }
    }
    (faulty.trim_end().to_owned(), right.trim_end().to_owned())
}

/// Where the lines differ, in words.
fn difference(sound: &Sound, (faulty, right): &(String, String)) -> String {
    let quoted = |text: &str| format!("`{text}`");
    let mut said: Vec<String> = Vec::new();
    let mut parts = sound.parts.iter().peekable();
    while let Some(part) = parts.next() {
        if !part.differs {
            continue;
        }
        let (mut left, mut other) = (part.faulty.clone(), part.right.clone());
        while let Some(next) = parts.next_if(|next| next.differs) {
            for (text, more) in [(&mut left, &next.faulty), (&mut other, &next.right)] {
                if next.apart && !text.is_empty() && !more.is_empty() {
                    text.push(' ');
                }
                text.push_str(more);
            }
        }
        said.push(match (left.is_empty(), other.is_empty()) {
            (true, _) => format!("{} where {faulty} has nothing", quoted(&other)),
            (_, true) => format!("nothing where {faulty} has {}", quoted(&left)),
            _ => format!("{} where {faulty} has {}", quoted(&other), quoted(&left)),
        });
    }
    let mut subject = right.clone();
    if let Some(first) = subject.get_mut(..1) {
        first.make_ascii_uppercase();
    }
    format!("{subject} has {}.", listed(&said))
}

impl View<'_> {
    /// Writes a root's example.
    pub(super) fn beside(
        &self,
        out: &mut impl Write,
        verdict: &Verdict,
        root: &Root,
    ) -> io::Result<()> {
        let Some(beside) = Beside::new(root, verdict) else { return Ok(()) };
        writeln!(out)?;
        self.paragraph(out, "  ", "       ", &beside.head)?;
        let (faulty, right) = &beside.labels;
        let wide = faulty.len().max(right.len());
        let inset = inset(self.width);
        let width = self.width.saturating_sub(wide + 2 + inset.len());
        for (label, style, line) in
            [(faulty, FAULT, &beside.lines.0), (right, GOOD, &beside.lines.1)]
        {
            writeln!(out, "{inset}{style}{label:<wide$}{style:#}  {}", shown(line, width))?;
        }
        self.paragraph(out, inset, inset, &beside.difference)
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn part(faulty: &str, right: &str, apart: bool, differs: bool) -> Part {
        Part { faulty: faulty.into(), right: right.into(), apart, differs }
    }

    #[test]
    fn the_same_things_stand_below_each_other() {
        let parts = [
            part("int", "double", false, false),
            part("tide", "t", true, false),
            part("", "=", true, true),
            part("", "4.5", true, true),
            part(";", ";", false, false),
        ];
        let lines = aligned(&parts);
        assert_eq!(lines.0, "int    tide      ;");
        assert_eq!(lines.1, "double t    = 4.5;");
        let sound =
            Sound { at: None, faulty: String::new(), right: String::new(), parts: parts.into() };
        let said = difference(&sound, &("line 3".into(), "line 9".into()));
        assert_eq!(said, "Line 9 has `= 4.5` where line 3 has nothing.");
    }
}
