//! `erratum completions` and `erratum man`: made from the definition of the command line.

use crate::arguments::Cli;
use crate::failure::Failure;
use clap::CommandFactory;
use std::io::{self, Write};

/// Prints a completion script.
pub fn completions(shell: clap_complete::Shell) -> Result<u8, Failure> {
    let mut script = Vec::new();
    clap_complete::generate(shell, &mut Cli::command(), "erratum", &mut script);
    io::stdout().write_all(&script)?;
    Ok(0)
}

/// Prints the manual page.
pub fn man() -> Result<u8, Failure> {
    let mut page = Vec::new();
    clap_mangen::Man::new(Cli::command()).render(&mut page)?;
    io::stdout().write_all(&page)?;
    Ok(0)
}
