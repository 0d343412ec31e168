//! What has changed from one look to the next.

use super::terminal::{FAULT, GOOD, HEAD, QUIET};
use erratum_repair::progress::Progress;
use erratum_repair::verdict::Verdict;
use std::io::{self, Write};

/// How many mistakes are named after a save.
const NAMED: usize = 5;

/// Says that nothing is done until a file is saved.
pub fn waiting(out: &mut impl Write) -> io::Result<()> {
    writeln!(out, "\n{QUIET}Waiting for the next save. Ctrl-C ends it.{QUIET:#}")
}

/// What is gone, what is still there, what is new.
pub fn changes(
    out: &mut impl Write,
    width: usize,
    (old, new): (&Verdict, &Verdict),
    progress: &Progress,
) -> io::Result<()> {
    writeln!(out, "\n{HEAD}{}{HEAD:#}", "─".repeat(width.min(40)))?;
    let titles = |verdict: &Verdict, ids: &[usize]| -> Vec<String> {
        let roots = verdict.roots.iter().filter(|root| ids.contains(&root.id));
        roots.map(|root| root.title.clone()).collect()
    };
    for (style, label, titles) in
        [(GOOD, "Gone", titles(old, &progress.gone)), (FAULT, "New", titles(new, &progress.new))]
    {
        for title in titles.iter().take(NAMED) {
            write!(out, "{style}{label:<6}{style:#}")?;
            // The label stands on the first line already.
            let text = textwrap::wrap(title, width.saturating_sub(6));
            writeln!(out, "{}", text.join("\n      "))?;
        }
        if titles.len() > NAMED {
            writeln!(out, "      and {} more", titles.len() - NAMED)?;
        }
    }
    if progress.gone.is_empty() && progress.new.is_empty() {
        writeln!(out, "Saved. The mistakes are the same as before.")?;
    } else if !progress.still.is_empty() {
        match progress.still.len() {
            1 => writeln!(out, "The other one is as before.")?,
            n => writeln!(out, "The other {n} are as before.")?,
        }
    }
    writeln!(out)
}
