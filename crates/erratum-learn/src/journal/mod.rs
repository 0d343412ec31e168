//! The learner's own record of mistakes: which kinds, how often, how long until they were gone.
//!
//! A look adds one line to a spool ([`spool`]) and never waits. Whoever shows the journal first takes the
//! spool over into a database ([`store`]), which keeps *episodes*: a mistake from the look that first saw it
//! to the look that no longer did. No text of a program and no name is kept: a file is a number that only
//! this machine can make.

pub mod practice;
pub mod spool;
pub mod store;

use serde::Serialize;

/// The name and version of the form of [`Summary`].
pub const SCHEMA: &str = "erratum/journal/1";

/// What the journal shows.
#[derive(Clone, Debug, Default, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Summary {
    /// The name and version of this form.
    pub schema: &'static str,
    /// How many mistakes were made.
    pub made: u64,
    /// How many of them are gone.
    pub gone: u64,
    /// The weeks that the trends count, the oldest first: the days since 1970 on which they start.
    pub weeks: Vec<u64>,
    /// The kinds, the commonest first.
    pub kinds: Vec<Kind>,
}

/// What is known of one kind of mistake.
#[derive(Clone, Debug, Default, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Kind {
    /// The id of its entry in the catalogue.
    pub mistake: String,
    /// How often it was made.
    pub made: u64,
    /// How often the compiler did not report it at first.
    pub hidden: u64,
    /// How often it is gone, …
    pub gone: u64,
    /// … and how often of these Erratum mended it.
    pub mended: u64,
    /// The seconds from the look that first saw it to the one that did not: half took less. To within a
    /// fifth; nothing while none is gone.
    pub seconds: Option<u64>,
    /// How often it was made in each of the weeks.
    pub trend: Vec<u64>,
}

impl Kind {
    /// Whether it was made before the last weeks, but not in them.
    pub fn went_away(&self) -> bool {
        let late: u64 = self.trend.iter().rev().take(3).sum();
        late == 0 && self.made > 1
    }
}
