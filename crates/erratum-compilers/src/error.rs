//! What can go wrong, each with what to do about it.

use std::path::PathBuf;

/// Why a program could not be compiled.
#[derive(Debug, thiserror::Error)]
pub enum Error {
    /// No compiler for the language is installed.
    #[error(
        "no {language} compiler was found (looked for {commands}).
{install}"
    )]
    NoCompiler {
        /// The language, as people write it.
        language: String,
        /// Commands that were looked for.
        commands: String,
        /// How to get one.
        install: String,
    },
    /// The compiler is there, but what it runs on is not.
    #[error(
        "{compiler} was found, but it runs on `{program}`, which was not.
{install}"
    )]
    Needs {
        /// The compiler.
        compiler: String,
        /// The program that it runs on.
        program: String,
        /// How to get that.
        install: String,
    },
    /// A compiler that was asked for by name is not there.
    #[error(
        "the compiler '{command}' was not found. Check its name or path, or leave it out to use the one Erratum finds; `erratum compilers` lists them."
    )]
    NotFound {
        /// What was asked for.
        command: String,
    },
    /// A compiler that is not known.
    #[error("'{name}' is no compiler that Erratum knows. It knows {known}.")]
    UnknownCompiler {
        /// What was asked for.
        name: String,
        /// Those that are known.
        known: String,
    },
    /// A compiler of another language.
    #[error(
        "'{name}' does not compile {language}. Leave out --compiler, or name one for {language}."
    )]
    WrongLanguage {
        /// What was asked for.
        name: String,
        /// The program's language.
        language: String,
    },
    /// A file cannot be read.
    #[error("{}: {reason}", .path.display())]
    Unreadable {
        /// Which.
        path: PathBuf,
        /// Why, in a few words, with what to do.
        reason: String,
    },
    /// A folder holds too much to be copied, so that no fix can be proved by building copies.
    #[error("{} holds more than {files} files or {} MB, too much to be copied for a proof. Start the build in the folder of the part that fails, or name what it does not need in an ignore file.", .path.display(), .bytes >> 20)]
    TooLarge {
        /// The folder.
        path: PathBuf,
        /// How many files are copied at most.
        files: usize,
        /// How many bytes are copied at most.
        bytes: u64,
    },
    /// The scratch folder cannot be made or written.
    #[error("cannot write to the folder for temporary files ({}): {source}. Free some space, or set TMPDIR to a folder that can be written to.", std::env::temp_dir().display())]
    Scratch {
        /// Why.
        source: std::io::Error,
    },
    /// The compiler did not come to its end.
    #[error("{compiler} {what}")]
    Ended {
        /// Which.
        compiler: String,
        /// What happened.
        what: String,
    },
    /// `erratum.toml` is not as it should be.
    #[error("{}: {reason}
Mend or remove the file.", .path.display())]
    Config {
        /// Which file.
        path: PathBuf,
        /// What is wrong in it.
        reason: String,
    },
}
