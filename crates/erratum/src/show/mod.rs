//! Ways to show a verdict. Each takes the same data; none changes it.

pub mod crash;
pub mod json;
pub mod line;
mod said;
pub mod small;
pub mod structure;
pub mod terminal;
pub mod words;

use crate::arguments::{Color, Common};
use crate::failure::Failure;
use anstream::{AutoStream, ColorChoice};
use erratum_core::source::Program;
use erratum_core::verdict::Verdict;
use std::io::{self, BufWriter, Write};

/// Standard output, with or without colour.
pub type Out = BufWriter<AutoStream<io::Stdout>>;

/// Opens standard output as the options ask.
pub fn out(color: Color) -> Out {
    let choice = match color {
        Color::Auto => AutoStream::choice(&io::stdout()),
        Color::Always => ColorChoice::Always,
        Color::Never => ColorChoice::Never,
    };
    BufWriter::new(AutoStream::new(io::stdout(), choice))
}

/// How many columns to write in.
pub fn width(asked: Option<u16>) -> usize {
    asked.map_or_else(|| textwrap::termwidth().clamp(40, 100), usize::from)
}

/// Shows a verdict in the way the options ask.
pub fn verdict(
    verdict: &Verdict,
    program: &Program,
    common: &Common,
    all: bool,
    next: &terminal::Next,
) -> Result<(), Failure> {
    let mut out = out(common.color);
    if common.json {
        json::show(&mut out, verdict)?;
    } else if common.quiet {
        line::show(&mut out, verdict)?;
    } else {
        let view = terminal::View {
            program,
            width: width(common.width),
            all,
            verbose: common.verbose,
            next,
            warnings: common.warnings,
            whole: common.whole,
        };
        view.show(&mut out, verdict)?;
    }
    out.flush()?;
    Ok(())
}

/// The exit status that a verdict means.
pub fn status(verdict: &Verdict, common: &Common) -> u8 {
    u8::from(verdict.errors() > 0 || (common.warnings && verdict.warnings() > 0))
}
