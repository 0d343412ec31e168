//! The program: arguments in, a verdict on the terminal or as JSON out.
//!
//! The computation is in `erratum-core`, the compilers in `erratum-compilers`. Here, `arguments` is
//! the command line, `commands` has one module per command, `show` one per way to show a verdict,
//! `interactive` is the view with keys,
//! `files` writes what was mended, `undo` keeps what was there before, `editor` opens a place, `saved`
//! waits for files to be saved, `stop` ends cleanly on Ctrl-C, and `texts` finds the texts that a
//! teacher wrote.

mod arguments;
mod commands;
mod editor;
mod examine;
mod failure;
mod files;
mod interactive;
mod prover;
mod saved;
mod show;
mod stop;
mod texts;
mod undo;

use crate::arguments::{Cli, Command};
use crate::failure::Failure;
use clap::Parser;
use std::io::Write;
use std::process::ExitCode;

fn main() -> ExitCode {
    let cli = match Cli::try_parse() {
        Ok(cli) => cli,
        Err(error) => {
            // Help and version are no failures.
            let code = if error.use_stderr() { 2 } else { 0 };
            let _ = error.print();
            return ExitCode::from(code);
        }
    };
    stop::on_interrupt();
    match run(cli) {
        Ok(status) => ExitCode::from(status),
        Err(Failure::ClosedPipe) => ExitCode::SUCCESS,
        Err(failure) => {
            let _ = writeln!(anstream::stderr(), "erratum: {failure}");
            ExitCode::from(2)
        }
    }
}

/// 0: it compiles, 1: it does not.
fn run(cli: Cli) -> Result<u8, Failure> {
    texts::choose(&cli)?;
    match cli.command {
        None => commands::look::run(&cli.look),
        Some(Command::Look(look)) => commands::look::run(&look),
        Some(Command::Watch(watch)) => commands::watch::run(&watch),
        Some(Command::Read(read)) => commands::read::run(&read),
        Some(Command::Mend(mend)) => commands::mend::run(&mend),
        Some(Command::Undo(undo)) => commands::undo::run(&undo),
        Some(Command::Pairs(pairs)) => commands::pairs::run(&pairs),
        Some(Command::Narrow(narrow)) => commands::narrow::run(&narrow),
        Some(Command::Share(share)) => commands::share::run(&share),
        Some(Command::Means(means)) => commands::means::run(&means),
        Some(Command::Texts(texts)) => commands::texts::run(&texts),
        Some(Command::Compilers(compilers)) => commands::compilers::run(&compilers),
        Some(Command::Demo(demo)) => commands::demo::run(&demo),
        Some(Command::Completions { shell }) => commands::generate::completions(shell),
        Some(Command::Man) => commands::generate::man(),
    }
}
