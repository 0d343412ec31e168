//! The search: tries fixes on copies, and tells roots from what only follows.
//!
//! One mistake after the other is mended in a copy, each by the fix that does best in the eyes of
//! the compiler and of the ranking; what vanishes with it follows from it. Where no fix holds, the
//! statement or block is switched off in the copy, so that the search can go on behind it.

mod accept;
mod batch;
mod behind;
mod belief;
mod blank;
mod brought;
mod cache;
mod compare;
mod compose;
mod items;
mod judge;
mod lost;
mod minimise;
mod node;
mod observe;
mod odd;
mod readings;
mod report;
mod sound;
mod stretch;
mod sure;
mod trial;
mod undeclared;
mod value;
mod walk;
mod weights;
mod words;

pub use accept::{Acceptance, Findings, NewMessage, Rejection, accept};
pub use judge::judge;
pub use observe::{Because, Event, Left, Observer, Outcome, Proposal, Said};
pub use walk::Search;

use crate::message::{Message, Severity};
use crate::verdict::{Root, Verdict};
use erratum_syntax::language::Language;
use erratum_syntax::newer;
use erratum_syntax::source::{Program, Source};
use std::time::{Duration, Instant};

/// How much of a program is checked.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Hash)]
pub enum Depth {
    /// Only what tells errors: the cheapest check.
    Errors,
    /// The warnings too that come late (unset variables, missing returns).
    Full,
}

/// What a compile gave.
#[derive(Clone, Debug, Default)]
pub struct Report {
    /// The messages, resolved: columns count characters.
    pub messages: Vec<Message>,
    /// The compiler's exit status, if it ended by itself.
    pub exit: Option<i32>,
    /// Messages that were too many to keep.
    pub dropped: usize,
}

/// Something that compiles programs. The only way in which the core meets a compiler.
pub trait Compile: Sync {
    /// The compiler's name, as the catalogue's patterns use it.
    fn compiler(&self) -> &str;

    /// The version of the language that it knows, where that can be told.
    fn language_version(&self) -> Option<newer::Version> {
        None
    }

    /// Compiles copies of programs, as many at a time as is good.
    ///
    /// # Errors
    /// Each result by itself: a text for people, when the compiler could not be run to its end
    /// (a limit was hit, it crashed).
    fn compile(&self, programs: &[Program], depth: Depth) -> Vec<Result<Report, String>>;

    /// How many programs are best given to [`Compile::compile`] at once.
    fn width(&self) -> usize {
        2
    }

    /// Whether [`Depth::Full`] tells more than [`Depth::Errors`].
    fn has_depth(&self) -> bool {
        false
    }

    /// Whether the budget of time is spent.
    fn expired(&self) -> bool;

    /// The text of a file that messages speak of and that the program does not hold yet.
    fn source(&self, name: &str) -> Option<Source>;

    /// The files beside the program whose names it may use: headers, sibling classes, modules.
    fn neighbours(&self) -> Vec<Source> {
        Vec::new()
    }
}

/// Which warnings are looked at, once the errors are done with.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Warnings {
    /// Those that tell of a mistake.
    Grave,
    /// All of them, as if they were errors.
    All,
}

/// What counts as a mistake to look for: errors, and some or all warnings.
#[derive(Clone, Copy, Debug)]
pub struct SeverityPolicy {
    /// The language, which knows the warnings that tell of a mistake.
    pub language: &'static Language,
    /// Which warnings count.
    pub warnings: Warnings,
}

impl SeverityPolicy {
    /// What counts where nobody asks for more: errors, and warnings that tell of a mistake.
    pub fn usual(language: &'static Language) -> SeverityPolicy {
        SeverityPolicy { language, warnings: Warnings::Grave }
    }

    /// Whether a message is to be mended.
    pub fn counts(&self, message: &Message) -> bool {
        message.is_error()
            || (self.warnings == Warnings::All && message.severity == Severity::Warning)
            || (message.code.as_deref())
                .is_some_and(|code| self.language.grave_warnings.contains(&code))
    }
}

/// How far a search may go.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Budget {
    /// For some time.
    Time(Duration),
    /// For some compiles: the same text then gives the same verdict whatever the load.
    Compiles(usize),
}

/// What a search looks for, and how far it goes.
#[derive(Clone, Copy, Debug)]
pub struct Limits {
    /// How many mistakes are looked for at most.
    pub roots: usize,
    /// Which warnings are looked at, after the errors.
    pub warnings: Warnings,
    /// How many alternatives are shown with a fix.
    pub alternatives: usize,
    /// How many texts the search may compile; `None` leaves the end to [`Compile::expired`]. With a
    /// number, the same text gives the same verdict whatever the load of the machine.
    pub compiles: Option<usize>,
    /// When [`judge`] ends, with what it knows then; `None` for when it is done. A search ends as
    /// [`Compile::expired`] says.
    pub until: Option<Instant>,
    /// To measure how a search gets past what nothing mends: no fix is proposed for the messages of a third
    /// of the lines, which this number chooses.
    pub unmended: Option<u64>,
}

impl Default for Limits {
    fn default() -> Limits {
        Limits {
            roots: 40,
            warnings: Warnings::Grave,
            alternatives: 3,
            compiles: None,
            until: None,
            unmended: None,
        }
    }
}

/// What the search found: the verdict, and the program with every first fix applied.
#[derive(Clone, Debug)]
pub struct Found {
    /// The verdict. Its `build` is left for the caller to fill.
    pub verdict: Verdict,
    /// The program as it is at the end of the chain of fixes.
    pub mended: Program,
    /// Mistakes that are not told, for they may come of the fix of another.
    pub withheld: Vec<Withheld>,
}

/// A mistake that is not told, for it may come of the fix of another.
#[derive(Clone, Debug)]
pub struct Withheld {
    /// The mistake.
    pub root: Root,
    /// The number of the root whose fix it may come of.
    pub behind: usize,
}
