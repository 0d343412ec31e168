//! Exercises in reading a compiler: a sound program is broken in one typical way, and the learner says
//! which line is at fault, what kind of slip it is, and mends it.
//!
//! An [`Exercise`] is made from a program and a seed, and the same seed makes the same one again. That
//! it does not compile is seen by compiling it. What counts as a right answer is decided when it is
//! given: the planted place and the sound text are right, and so is every other change that the
//! compiler has no objection to and that keeps the meaning.

pub mod answer;
pub mod class;
pub mod exercise;
pub mod hint;
pub mod journal;
pub mod kind;
pub mod programs;
pub mod schedule;
pub mod sealed;

pub use exercise::{Exercise, Maker, Wanted};

/// Why there is no exercise, or no answer to it.
#[derive(Debug, thiserror::Error)]
pub enum Error {
    /// The program to break does not compile as it is.
    #[error("{file} does not compile as it is: line {line}: {text}")]
    NotSound {
        /// Its name.
        file: String,
        /// The line of its first error, from 1; 0 where the compiler names none.
        line: u32,
        /// What the compiler says.
        text: String,
    },
    /// No place of the program fits what was asked for.
    #[error("{file} has no place for {what}")]
    NoPlace {
        /// Its name.
        file: String,
        /// What was asked for, in words.
        what: String,
    },
    /// No kind of slip has this name.
    #[error("there is no kind of slip called {0}")]
    UnknownKind(String),
    /// The looking itself failed.
    #[error(transparent)]
    Look(#[from] erratum_look::Error),
    /// A folder with an exercise does not hold together.
    #[error("{0}")]
    Folder(String),
}
