//! Settings that say which program is started: whether they count, and the question before they do.

use crate::failure::Failure;
use anstream::eprintln;
use erratum_compilers::{Config, Trust};
use erratum_syntax::visible::visible;
use std::io::{self, IsTerminal};

/// Says which settings are left out because of whose they are. Asks once, at a terminal, whether a
/// folder is trusted whose settings steer a program; without one, says that they are left out.
///
/// # Errors
/// When the answer cannot be kept.
pub fn settle(config: &Config, trust: &Trust, compiles: bool) -> Result<(), Failure> {
    for file in &config.foreign {
        let file = file.display().to_string();
        let file = visible(&file);
        eprintln!("erratum: {file} is left out: it is another user's, or others can write to it.");
    }
    let steers = config.steers();
    if !compiles || steers.is_empty() || trust.covers(&config.folder) {
        return Ok(());
    }
    let folder = config.folder.display().to_string();
    let folder = visible(&folder);
    let what = steers.iter().map(|(language, what)| format!("  [{language}] {what}\n"));
    let what: String = what.collect();
    if !io::stdin().is_terminal() || !io::stderr().is_terminal() {
        eprintln!(
            "erratum: {folder}/erratum.toml says what is to be started, and this folder is not trusted.\n\
             {what}\
             erratum: This is left out. If you trust whoever wrote it: `erratum trust {folder}`"
        );
        return Ok(());
    }
    eprintln!(
        "{folder}/erratum.toml wants this to be started, or given to a compiler:\n{what}\
         Programs that are started there can do whatever you can."
    );
    let asked = dialoguer::Confirm::new()
        .with_prompt("Do you trust whoever wrote it?")
        .default(false)
        .interact_opt();
    if matches!(asked, Ok(Some(true))) {
        trust.add(&config.folder).map_err(|error| Failure::said(not_kept(&error)))?;
    } else {
        eprintln!("It is left out.");
    }
    Ok(())
}

/// Words for what goes further than this machine's copy of the project.
const LEAVES: &[&str] = &["deploy", "install", "publish", "push", "release", "uninstall", "upload"];

/// Asks whether a build command is meant that installs or sends something: it is run where the user
/// is, and on copies.
///
/// # Errors
/// When it is not meant, or nobody can be asked.
pub fn settle_command(command: &[String]) -> Result<(), Failure> {
    let leaves = |word: &&String| {
        let word = word.to_lowercase();
        word.split(|c: char| !c.is_alphanumeric()).any(|part| LEAVES.contains(&part))
    };
    let Some(word) = command.iter().skip(1).find(leaves) else { return Ok(()) };
    let shown = command.join(" ");
    let (shown, word) = (visible(&shown), visible(word));
    if !io::stdin().is_terminal() || !io::stderr().is_terminal() {
        return Err(Failure::said(format!(
            "`{shown}` says `{word}`: it may install or send something, and it is run several times. \
             Give a command that only builds."
        )));
    }
    eprintln!(
        "`{shown}` says `{word}`: it may install or send something, and it is run several times."
    );
    let asked =
        dialoguer::Confirm::new().with_prompt("Run it all the same?").default(false).interact_opt();
    match asked {
        Ok(Some(true)) => Ok(()),
        _ => Err(Failure::said("it was not run.".to_owned())),
    }
}

/// Why a folder that is trusted could not be noted.
pub fn not_kept(error: &io::Error) -> String {
    format!("which folders you trust cannot be kept: {error}.")
}
