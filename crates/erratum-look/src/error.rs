//! What can go wrong, each with what to do about it.

use erratum_repair::narrow::NarrowError;
use std::path::PathBuf;

/// Why a program could not be looked at.
#[derive(Debug, thiserror::Error)]
pub enum Error {
    /// A compiler, a file or the settings.
    #[error(transparent)]
    Compilers(#[from] erratum_compilers::Error),
    /// A language that is not known.
    #[error("'{name}' is no language that Erratum knows. It knows {known}.")]
    UnknownLanguage {
        /// What was asked for.
        name: String,
        /// Those that are known.
        known: String,
    },
    /// A build command that cannot be started.
    #[error(
        "'{name}' could not be started: {source}. Check its name; everything after -- is run as a command."
    )]
    NotStarted {
        /// The command's name.
        name: String,
        /// Why.
        source: std::io::Error,
    },
    /// A build command that cannot be confined.
    #[error("'{name}' is not run: this system has nothing to confine it with, and it may do harm.")]
    Unconfined {
        /// The command's name.
        name: String,
    },
    /// A build command that did not come to its end.
    #[error("'{name}' {what}.")]
    BuildEnded {
        /// The command's name.
        name: String,
        /// What happened.
        what: String,
    },
    /// A build command that failed without a message that can be read.
    #[error(
        "'{name}' failed, but its output holds no message that Erratum can read. Its last lines:\n{last}"
    )]
    BuildSilent {
        /// The command's name.
        name: String,
        /// The end of its output.
        last: String,
    },
    /// A build that cannot be repeated on a copy.
    #[error("no fix of this build could be proved: {}. `erratum look -- COMMAND` shows what can be told from its messages.", because(.reason))]
    NoProof {
        /// What went wrong with the copy, if that is known.
        reason: Option<String>,
    },
    /// The compiler did not come to its end on a copy.
    #[error("{0}")]
    Copy(String),
    /// A fix that is not there.
    #[error(
        "the first mistake has {fixes} fixes, so --pick {pick} names none. `erratum look` lists them."
    )]
    NoSuchFix {
        /// What was asked for.
        pick: usize,
        /// How many there are.
        fixes: usize,
    },
    /// A fix that does not fit the text.
    #[error("the fix cannot be applied: {reason}")]
    Unfit {
        /// Why.
        reason: String,
    },
    /// A message that is not there.
    #[error(
        "there is no message {asked}: the compiler gives {messages}. `erratum look --json` numbers them."
    )]
    NoSuchMessage {
        /// The number that was asked for.
        asked: usize,
        /// How many there are.
        messages: usize,
    },
    /// A program that cannot be narrowed.
    #[error("cannot narrow: {0}.")]
    Narrow(NarrowError),
    /// Texts of one's own that cannot be read.
    #[error("{}: the folder of texts cannot be read: {source}", .folder.display())]
    Texts {
        /// The folder, as the settings name it.
        folder: PathBuf,
        /// Why.
        source: std::io::Error,
    },
    /// A human language without texts.
    #[error("{}: there are no texts in the language '{language}'. There are: {known}. Texts of your own can be put into a folder that [texts] names.", .settings.display())]
    NoTexts {
        /// The settings that ask for it.
        settings: PathBuf,
        /// What they ask for.
        language: String,
        /// Those that there are.
        known: String,
    },
}

/// Why there is no proof, without the full stop that ends a message.
fn because(reason: &Option<String>) -> &str {
    let text = reason.as_deref().unwrap_or("no copy of it says what the build itself says");
    text.trim_end_matches('.')
}
