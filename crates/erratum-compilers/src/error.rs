//! What can go wrong, each with what to do about it.

use std::fmt;
use std::path::PathBuf;

/// Why a program could not be compiled.
#[derive(Debug)]
pub enum Error {
    /// No compiler for the language is installed.
    NoCompiler {
        /// The language, as people write it.
        language: String,
        /// Commands that were looked for.
        commands: String,
        /// How to get one.
        install: String,
    },
    /// The compiler is there, but what it runs on is not.
    Needs {
        /// The compiler.
        compiler: String,
        /// The program that it runs on.
        program: String,
        /// How to get that.
        install: String,
    },
    /// A compiler that was asked for by name is not there.
    NotFound {
        /// What was asked for.
        command: String,
    },
    /// A compiler that is not known.
    UnknownCompiler {
        /// What was asked for.
        name: String,
        /// Those that are known.
        known: String,
    },
    /// A compiler of another language.
    WrongLanguage {
        /// What was asked for.
        name: String,
        /// The program's language.
        language: String,
    },
    /// A file cannot be read.
    Unreadable {
        /// Which.
        path: PathBuf,
        /// Why, in a few words, with what to do.
        reason: String,
    },
    /// The scratch folder cannot be made or written.
    Scratch {
        /// Why.
        source: std::io::Error,
    },
    /// The compiler did not come to its end.
    Ended {
        /// Which.
        compiler: String,
        /// What happened.
        what: String,
    },
    /// `erratum.toml` is not as it should be.
    Config {
        /// Which file.
        path: PathBuf,
        /// What is wrong in it.
        reason: String,
    },
}

impl fmt::Display for Error {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Error::NoCompiler { language, commands, install } => {
                write!(f, "no {language} compiler was found (looked for {commands}).\n{install}")
            }
            Error::Needs { compiler, program, install } => write!(
                f,
                "{compiler} was found, but it runs on `{program}`, which was not.\n{install}"
            ),
            Error::NotFound { command } => write!(
                f,
                "the compiler '{command}' was not found. Check its name or path, or leave it out to use the one Erratum finds; `erratum compilers` lists them."
            ),
            Error::UnknownCompiler { name, known } => {
                write!(f, "'{name}' is no compiler that Erratum knows. It knows {known}.")
            }
            Error::WrongLanguage { name, language } => write!(
                f,
                "'{name}' does not compile {language}. Leave out --compiler, or name one for {language}."
            ),
            Error::Unreadable { path, reason } => write!(f, "{}: {reason}", path.display()),
            Error::Scratch { source } => write!(
                f,
                "cannot write to the folder for temporary files ({}): {source}. Free some space, or set TMPDIR to a folder that can be written to.",
                std::env::temp_dir().display()
            ),
            Error::Ended { compiler, what } => write!(f, "{compiler} {what}"),
            Error::Config { path, reason } => {
                write!(f, "{}: {reason}\nMend or remove the file.", path.display())
            }
        }
    }
}

impl std::error::Error for Error {
    fn source(&self) -> Option<&(dyn std::error::Error + 'static)> {
        match self {
            Error::Scratch { source } => Some(source),
            _ => None,
        }
    }
}
