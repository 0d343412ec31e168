//! Watching a search: what it looked at, what it tried, and why it took or left it.
//!
//! A search that nobody watches does none of the work for it.

use super::accept::Rejection;
use crate::describe::describe;
use crate::fixes::Candidate;
use crate::message::Message;
use crate::score::Factor;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::source::Program;
use serde::Serialize;

/// Takes notice of what a search does, in order.
pub trait Observer {
    /// Is called with each event.
    fn notice(&mut self, event: Event);
}

/// A message, as far as an event needs it.
#[derive(Clone, Debug, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Said {
    /// The file it points at, or an empty text.
    pub file: String,
    /// The line, from 1; 0 if it points nowhere.
    pub line: u32,
    /// What it says.
    pub text: String,
}

impl Said {
    pub(super) fn of(message: &Message) -> Said {
        let file = message.at.as_ref().map_or(String::new(), |at| at.file.clone());
        Said { file, line: message.line().unwrap_or(0), text: message.text.clone() }
    }
}

/// A fix, as far as an event needs it.
#[derive(Clone, Debug, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Proposal {
    /// What it does, in one line.
    pub title: String,
    /// The kind of mistake it mends.
    pub mistake: MistakeId,
    /// Its score before it was tried.
    pub score: f64,
    /// What the score is made of.
    pub factors: Vec<Factor>,
}

impl Proposal {
    pub(super) fn of(program: &Program, candidate: &Candidate) -> Proposal {
        let titles: Vec<String> =
            candidate.parts().map(|part| describe(program, &part.edits)).collect();
        Proposal {
            title: titles.join("; then "),
            mistake: candidate.mistake,
            score: candidate.score.total(),
            factors: candidate.score.factors().to_vec(),
        }
    }
}

/// What came of a fix that was tried.
#[derive(Clone, Debug, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(tag = "outcome", rename_all = "kebab-case")]
pub enum Outcome {
    /// It holds.
    Held {
        /// Its score with what the compile was worth.
        total: f64,
        /// What the compile was worth.
        worth: Vec<Factor>,
        /// Whether the compile spoke against it in any way.
        objection: bool,
    },
    /// It does not.
    Rejected {
        /// Why not.
        #[serde(flatten)]
        rejection: Rejection,
        /// The message that speaks against it.
        said: Option<Said>,
    },
}

/// One thing that a search did.
#[derive(Clone, Debug, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(tag = "event", rename_all = "kebab-case")]
pub enum Event {
    /// A message is looked at.
    Target {
        /// How many steps the repair has taken so far.
        steps: usize,
        /// The message.
        said: Said,
        /// When the compiler noticed.
        phase: Phase,
    },
    /// The search has gone back to an earlier step, because another way on is less doubtful.
    WentBack {
        /// How many steps are left.
        steps: usize,
    },
    /// Fixes were proposed.
    Proposed {
        /// All of them, the likeliest first.
        fixes: Vec<Proposal>,
    },
    /// A fix was compiled, or could not be.
    Tried {
        /// The fix.
        fix: Proposal,
        /// What came of it.
        #[serde(flatten)]
        outcome: Outcome,
    },
    /// Fixes of several messages were compiled together.
    Batch {
        /// What they do.
        titles: Vec<String>,
        /// Whether all of them hold; else each is tried by itself.
        held: bool,
    },
    /// A fix is one of the ways to go on.
    Accepted {
        /// What it does.
        title: String,
        /// Which it is of those that hold, from 1.
        rank: usize,
        /// How doubtful it is: the search goes on with the least doubtful way.
        doubt: f64,
    },
    /// A family of fixes failed, and is left out for this message: a fault of Erratum's.
    Failed {
        /// Its name.
        family: &'static str,
    },
    /// No fix holds: a part of the text was blanked out in the copy, to see behind it.
    Blanked {
        /// The first line of that part.
        line: u32,
        /// Its last line.
        last: u32,
    },
    /// No fix holds, and nothing could be blanked out: the message was passed over.
    Passed,
    /// A fix that the program does not need was taken back.
    Unneeded {
        /// How many were.
        fixes: usize,
    },
    /// The search is over.
    Finished {
        /// How many copies were compiled.
        compiles: usize,
        /// Whether nothing was left to try; else the budget ended it.
        complete: bool,
        /// The errors that are left.
        left: Vec<Left>,
    },
}

/// An error that is left at the end.
#[derive(Clone, Debug, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Left {
    /// The error.
    pub said: Said,
    /// Why it was left.
    pub because: Because,
}

/// Why an error was left.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "kebab-case")]
pub enum Because {
    /// It was looked at, or comes of one that was, and no fix holds.
    Passed,
    /// It names what stands in a part that was blanked out.
    NamesBlanked,
    /// It tells of what was lost with such a part.
    TellsOfLoss,
    /// The search ended before it.
    End,
}

/// What hands events on, if anybody watches.
#[derive(Default)]
pub(super) struct Watch<'a>(pub Option<&'a mut dyn Observer>);

impl Watch<'_> {
    /// Hands an event on. It is only made if somebody watches.
    pub fn tell(&mut self, event: impl FnOnce() -> Event) {
        if let Some(observer) = &mut self.0 {
            observer.notice(event());
        }
    }
}
