//! One line for each mistake: for scripts, and for those who know.

use erratum_repair::fixes::Certainty;
use erratum_repair::verdict::Verdict;
use std::io::{self, Write};

/// `file:line:column: title. Fix.`
pub fn show(out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
    for root in &verdict.roots {
        let at = &root.at;
        let fix = root.fixes.first().map_or(String::new(), |fix| {
            let guess = if fix.certainty == Certainty::Guess { " (a guess)" } else { "" };
            format!(". {}{guess}", fix.title)
        });
        writeln!(out, "{}:{}:{}: {}{fix}", at.file, at.line, at.column, root.title)?;
    }
    Ok(())
}
