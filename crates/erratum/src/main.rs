//! The program: arguments in, a verdict on the terminal or as JSON out.
//!
//! The computation is in `erratum-core`, the compilers in `erratum-compilers`. Here, `arguments` is
//! the command line, `commands` has one module per command, `show` one per way to show a verdict,
//! `files` writes what was mended, `undo` keeps what was there before, `editor`
//! opens a place, and `texts` finds the texts
//! that a teacher wrote.

mod arguments;
mod commands;
mod editor;
mod examine;
mod failure;
mod files;
mod prover;
mod show;
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
    stop_cleanly();
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

/// On Ctrl-C: no compiler goes on, no scratch folder stays. A file is written in one step, so none
/// is left half-written.
fn stop_cleanly() {
    let stop = || {
        erratum_compilers::interrupt();
        let _ = writeln!(anstream::stderr(), "\nerratum: stopped. Nothing was left half-written.");
        std::process::exit(2);
    };
    // Without a handler Ctrl-C still stops the program; only the scratch folder would stay.
    let _ = ctrlc::set_handler(stop);
}
