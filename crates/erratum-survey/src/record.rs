//! What is known of one hand-in.

use erratum_catalogue::Phase;
use serde::{Deserialize, Serialize};

/// The name and version of the form of [`Record`].
pub const SCHEMA: &str = "erratum/survey/1";

/// One hand-in: one line of JSON.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Record {
    /// The name and version of this form.
    pub schema: String,
    /// Who handed it in.
    pub learner: String,
    /// The language, by its short name; empty if nothing could be read.
    pub language: String,
    /// What came of the look.
    pub state: State,
    /// Why there was no look, if there was none.
    pub failed: Option<String>,
    /// The mistakes, in the order in which to mend.
    pub mistakes: Vec<Mistake>,
    /// The checksum of the texts: what has not changed is not looked at again.
    pub print: u32,
}

impl Record {
    /// Of somebody whose hand-in could not be read.
    pub fn unread(learner: &str, why: &str) -> Record {
        Record {
            schema: SCHEMA.to_owned(),
            learner: learner.to_owned(),
            language: String::new(),
            state: State::Failed,
            failed: Some(why.to_owned()),
            mistakes: Vec::new(),
            print: 0,
        }
    }
}

/// What came of a look.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum State {
    /// It compiles.
    Compiles,
    /// It has mistakes.
    Wrong,
    /// It could not be looked at.
    Failed,
}

/// One mistake.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Mistake {
    /// The kind: an entry of the catalogue.
    pub mistake: String,
    /// When compilers notice such a mistake.
    pub area: Phase,
    /// What is wrong, in one line.
    pub title: String,
    /// The file.
    pub file: String,
    /// The line at fault, from 1, …
    pub line: u32,
    /// … and its text.
    pub text: String,
    /// Whether the compiler has not reported it yet.
    pub hidden: bool,
    /// The likeliest fix, if there is one.
    pub fix: Option<String>,
}
