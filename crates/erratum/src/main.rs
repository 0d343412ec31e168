//! The program: arguments in, a verdict on the terminal or as JSON out.
//!
//! The work is done by the library `erratum-look`. Here, `arguments` is the command line, `app` is what
//! all commands need, `commands` has one module per command, `show` one per way to show a verdict,
//! `interactive` is the view with keys, `apply` shows and writes changes, `files` writes texts, `undo`
//! keeps what was there before, `preparing` starts what makes the next look come sooner, `editor` opens a place, `saved` waits for files to be saved, and
//! `stop` ends cleanly on Ctrl-C.

mod app;
mod apply;
mod arguments;
mod asking;
mod calendar;
mod commands;
mod editor;
mod failure;
mod files;
mod interactive;
mod journaled;
mod kept;
mod narrowing;
mod observing;
mod pages;
mod preparing;
mod questions;
mod saved;
#[cfg(test)]
mod schemas;
mod sent;
mod show;
mod stop;
mod surveying;
mod trusting;
mod undo;

use crate::app::App;
use crate::arguments::{Cli, Command};
use crate::failure::Failure;
use clap::Parser;
use erratum_compilers::confine;
use erratum_syntax::visible::visible;
use std::io::Write;
use std::process::ExitCode;

/// A family of fixes that fails ends nothing and is told by the search: the hook adds no words.
fn quiet_in_families() {
    let usual = std::panic::take_hook();
    std::panic::set_hook(Box::new(move |info| {
        if !erratum_repair::fixes::is_guarded() {
            usual(info);
        }
    }));
}

fn main() -> ExitCode {
    // A compiler is started by this program, which restricts itself before it becomes the compiler.
    if let Some(status) = confine::become_asked() {
        return ExitCode::from(status);
    }
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
    quiet_in_families();
    match run(cli) {
        Ok(status) => ExitCode::from(status),
        Err(Failure::ClosedPipe) => ExitCode::SUCCESS,
        Err(failure) => {
            let said = failure.to_string();
            let _ = writeln!(anstream::stderr(), "erratum: {}", visible(&said));
            ExitCode::from(2)
        }
    }
}

/// 0: it compiles, 1: it does not.
fn run(cli: Cli) -> Result<u8, Failure> {
    let app = App::new(&cli)?;
    match cli.command {
        None => commands::look::run(&app, &cli.look),
        Some(Command::Look(look)) => commands::look::run(&app, &look),
        Some(Command::Watch(watch)) => commands::watch::run(&app, &watch),
        Some(Command::Read(read)) => commands::read::run(&app, &read),
        Some(Command::Mend(mend)) => commands::mend::run(&app, &mend),
        Some(Command::Undo(undo)) => commands::undo::run(&undo),
        Some(Command::Pairs(pairs)) => commands::pairs::run(&pairs),
        Some(Command::Narrow(narrow)) => commands::narrow::run(&app, &narrow),
        Some(Command::Share(share)) => commands::share::run(&app, &share),
        Some(Command::Means(means)) => commands::means::run(&app, &means),
        Some(Command::Texts(texts)) => commands::texts::run(&texts),
        Some(Command::Compilers(compilers)) => commands::compilers::run(&compilers),
        Some(Command::Cache(cache)) => commands::cache::run(&cache),
        Some(Command::Trust(trust)) => commands::trust::run(&trust),
        Some(Command::Journal(journal)) => commands::journal::run(&app, &journal),
        Some(Command::Survey(survey)) => commands::survey::run(&app, &survey),
        Some(Command::Lsp) => commands::lsp::run(app),
        Some(Command::Drill(drill)) => commands::drill::run(&app, &drill),
        Some(Command::Demo(demo)) => commands::demo::run(&app, &demo),
        Some(Command::Completions { shell }) => commands::generate::completions(shell),
        Some(Command::Man) => commands::generate::man(),
    }
}
