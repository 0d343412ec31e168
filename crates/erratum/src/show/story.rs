//! The story of a search: what was looked at, what was tried, and why it was taken or left.

use super::terminal::HEAD;
use super::{paragraph, plural};
use erratum_repair::score::Factor;
use erratum_repair::search::{Because, Event, Outcome, Proposal, Said};
use std::io::{self, Write};

/// How many fixes that were left are told for each message.
const LEFT: usize = 4;

/// How many reasons are told for a fix.
const REASONS: usize = 4;

/// Writes the story.
pub fn show(out: &mut impl Write, events: &[Event], width: usize) -> io::Result<()> {
    let mut teller = Teller { out, width, left: 0 };
    write!(teller.out, "{HEAD}")?;
    teller.line("", "How it was found:")?;
    write!(teller.out, "{HEAD:#}")?;
    events.iter().try_for_each(|event| teller.tell(event))
}

struct Teller<'a, W> {
    out: &'a mut W,
    width: usize,
    /// How many fixes were left since the last message.
    left: usize,
}

impl<W: Write> Teller<'_, W> {
    fn line(&mut self, indent: &str, text: &str) -> io::Result<()> {
        paragraph(self.out, self.width, indent, &format!("{indent}  "), text)
    }

    fn tell(&mut self, event: &Event) -> io::Result<()> {
        match event {
            Event::Target { said, .. } => {
                self.left = 0;
                self.line("  ", &ended(said_in_words(said)))
            }
            Event::WentBack { steps } => self
                .line("  ", &format!("Another way is less doubtful: back to step {}.", steps + 1)),
            Event::Proposed { fixes } => {
                self.line("    ", &format!("{} thought of.", plural(fixes.len(), "fix", "fixes")))
            }
            Event::Tried { fix, outcome } => self.tried(fix, outcome),
            Event::Batch { titles, held } => {
                let end = if *held {
                    "all of them hold"
                } else {
                    "not all of them hold, so each is tried by itself"
                };
                self.line("    ", &format!("Tried together: {}: {end}.", titles.join("; ")))
            }
            Event::Accepted { title, rank: 1, .. } => {
                self.line("    ", &format!("Taken: {title}."))
            }
            Event::Accepted { .. } => Ok(()),
            Event::Blanked { line, last } => {
                let part = if line == last {
                    format!("What stands on line {line}")
                } else {
                    format!("The part from line {line} to line {last}")
                };
                let text = format!("No fix holds. {part} is blanked out, to see behind it.");
                self.line("    ", &text)
            }
            Event::Failed { family } => self.line(
                "    ",
                &format!(
                    "The fixes of the family '{family}' failed and are left out. Please report it."
                ),
            ),
            Event::Passed => self.line("    ", "No fix holds: it is passed over."),
            Event::Unneeded { fixes } => {
                let what = plural(*fixes, "fix was", "fixes were");
                self.line("  ", &format!("{what} not needed, and taken back."))
            }
            Event::Finished { compiles, complete, left } => {
                for left in left {
                    let why = match left.because {
                        Because::Passed => "no fix holds",
                        Because::NamesBlanked => "it names what was blanked out",
                        Because::TellsOfLoss => "it comes of what was blanked out",
                        Because::End => "it was not looked at",
                    };
                    self.line("  ", &format!("Left: {} ({why}).", said_in_words(&left.said)))?;
                }
                let end = if *complete { "Nothing was left to try" } else { "The budget ended it" };
                let copies = plural(*compiles, "copy was", "copies were");
                self.line("  ", &format!("{end}; {copies} compiled."))
            }
        }
    }

    fn tried(&mut self, fix: &Proposal, outcome: &Outcome) -> io::Result<()> {
        match outcome {
            Outcome::Held { total, worth, .. } => {
                let reasons = reasons(&fix.factors, worth);
                let text = format!("Holds, worth {total:.1}: {}, for: {reasons}.", fix.title);
                self.line("    ", &text)
            }
            Outcome::Rejected { rejection, said } => {
                self.left += 1;
                if self.left > LEFT {
                    return Ok(());
                }
                let said = said
                    .as_ref()
                    .map_or(String::new(), |said| format!(" ({})", said_in_words(said)));
                self.line("    ", &format!("Left: {}: {rejection}{said}.", fix.title))
            }
        }
    }
}

/// A sentence with one mark at its end.
fn ended(text: String) -> String {
    if text.ends_with(['.', '?', '!']) { text } else { text + "." }
}

fn said_in_words(said: &Said) -> String {
    match said.line {
        0 => said.text.clone(),
        line => format!("Line {line}: {}", said.text),
    }
}

/// The considerations that count most, the weightiest first.
fn reasons(score: &[Factor], worth: &[Factor]) -> String {
    let mut all: Vec<Factor> = score.iter().chain(worth).copied().collect();
    all.sort_by(|a, b| b.value.abs().total_cmp(&a.value.abs()));
    let told = all.iter().take(REASONS).map(|f| format!("{} ({:+.1})", f.name, f.value));
    told.collect::<Vec<_>>().join(", ")
}
