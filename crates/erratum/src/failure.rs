//! Why Erratum could not do its work. Each says what to do.

use std::fmt;

/// A reason to end with status 2.
#[derive(Debug)]
pub enum Failure {
    /// The library's side.
    Look(erratum_look::Error),
    /// A text that says it all.
    Said(String),
    /// Whoever read the output has closed it: no failure at all.
    ClosedPipe,
}

impl Failure {
    /// With a text that says what happened and what to do.
    pub fn said(text: impl Into<String>) -> Failure {
        Failure::Said(text.into())
    }
}

impl fmt::Display for Failure {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Failure::Look(error) => error.fmt(f),
            Failure::Said(text) => f.write_str(text),
            Failure::ClosedPipe => f.write_str("the output was closed"),
        }
    }
}

impl From<erratum_look::Error> for Failure {
    fn from(error: erratum_look::Error) -> Failure {
        Failure::Look(error)
    }
}

impl From<erratum_learn::Error> for Failure {
    fn from(error: erratum_learn::Error) -> Failure {
        match error {
            erratum_learn::Error::Look(error) => Failure::Look(error),
            other => Failure::Said(other.to_string()),
        }
    }
}

impl From<erratum_compilers::Error> for Failure {
    fn from(error: erratum_compilers::Error) -> Failure {
        Failure::Look(error.into())
    }
}

/// Only output is written with `?` on io errors; everything else says more of itself.
impl From<std::io::Error> for Failure {
    fn from(error: std::io::Error) -> Failure {
        if error.kind() == std::io::ErrorKind::BrokenPipe {
            return Failure::ClosedPipe;
        }
        Failure::Said(format!("the output cannot be written: {error}"))
    }
}
