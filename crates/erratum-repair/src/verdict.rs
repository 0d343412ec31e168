//! The result: what is a root, what only follows, what to do. This is also the JSON that the
//! program prints; its schema stands in `docs/verdict.schema.json`. Fields may be added, not
//! changed.

use crate::effect::Effect;
use crate::explain::Explained;
use crate::fixes::Certainty;
use crate::manner::unchecked;
use crate::message::{Note, Place, Severity};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use serde::Serialize;

/// The name and version of the JSON's form.
pub const SCHEMA: &str = "erratum/verdict/1";

/// Whether something was shown by compiling, or told from the text alone.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Evidence {
    /// Shown by compiling a copy.
    Proved,
    /// Told from the messages and the text.
    Judged,
}

/// What part a message plays.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Role {
    /// Caused directly by a mistake.
    Root,
    /// Goes away by itself when a root is mended.
    Cascade,
    /// Not settled within the budget; or a warning that is left alone.
    Unsettled,
}

/// How the program was compiled.
#[derive(Clone, Debug, Default, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Build {
    /// Short name of the language.
    pub language: String,
    /// Name of the compiler, or empty for a saved log.
    pub compiler: String,
    /// Its version.
    pub version: String,
    /// What was run.
    pub command: Vec<String>,
    /// Its exit status; null if it did not end by itself, or for a saved log.
    pub exit: Option<i32>,
    /// The full path of the folder from which files are named; null where it is the one in which Erratum
    /// was started.
    pub folder: Option<String>,
    /// Files that a saved log names as they lie on another machine.
    pub taken: Vec<Taken>,
}

/// A file that a saved log names as it lies on another machine.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Taken {
    /// Its name in the log.
    pub named: String,
    /// The file here that is taken for it; where there are several, none is taken.
    pub files: Vec<String>,
}

/// A message with the part it plays.
#[derive(Clone, Debug, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Told {
    /// Number, from 1, in the compiler's order.
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub id: usize,
    /// How grave.
    pub severity: Severity,
    /// The compiler's code.
    pub code: Option<String>,
    /// What it says.
    pub text: String,
    /// Where it points.
    pub at: Option<Place>,
    /// Its remarks.
    pub notes: Vec<Note>,
    /// How often it was printed.
    pub count: u32,
    /// Its part.
    pub role: Role,
    /// The root it belongs to or follows from.
    pub root: Option<usize>,
}

/// One change, as places in the file as it stands now.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Change {
    /// Where.
    #[serde(flatten)]
    pub at: Place,
    /// What comes instead.
    pub text: String,
}

/// A fix.
#[derive(Clone, Debug, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Fix {
    /// Number within its root, from 1, the likeliest first.
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub id: usize,
    /// What to do, in one line.
    pub title: String,
    /// The kind of mistake it mends.
    pub mistake: MistakeId,
    /// Whether it was tried.
    pub evidence: Evidence,
    /// What it does to the meaning of the program.
    pub effect: Effect,
    /// How likely it is what was meant, from 0 to 1: it ranks, and promises nothing.
    pub probability: f64,
    /// Whether its meaning is known.
    pub certainty: Certainty,
    /// The changes.
    pub edits: Vec<Change>,
    /// The messages that go away with it.
    pub clears: Vec<usize>,
    /// How many messages become visible with it that were hidden.
    pub reveals: usize,
    /// The changes as bytes.
    #[serde(skip)]
    pub bytes: Vec<Edit>,
}

/// How well a message is known.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Reading {
    /// An entry of the catalogue knows the message, or its code.
    Own,
    /// Only the form of the message is known.
    Form,
    /// Nothing is known.
    None,
}

/// A line that is right, beside one that is not.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Sound {
    /// Where in the program the right line stands; null if both lines are from the catalogue.
    pub at: Option<Place>,
    /// The faulty line, without its indentation.
    pub faulty: String,
    /// The right one.
    pub right: String,
    /// Both, piece by piece: what stands in the same place.
    pub parts: Vec<Part>,
}

/// What stands in the same place of both lines.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Part {
    /// In the faulty line; may be empty.
    pub faulty: String,
    /// In the right one; may be empty.
    pub right: String,
    /// Whether a blank stands before it, in either.
    pub apart: bool,
    /// Whether this is where the mistake shows.
    pub differs: bool,
}

/// A mistake with its messages and fixes.
#[derive(Clone, Debug, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Root {
    /// Number, from 1, in the order in which to mend.
    #[cfg_attr(feature = "schema", schemars(range(min = 1)))]
    pub id: usize,
    /// The messages it caused directly.
    pub messages: Vec<usize>,
    /// Whether the compiler has not reported it yet.
    pub hidden: bool,
    /// Whether the compiler only warns of it.
    pub warning: bool,
    /// The kind of mistake: an entry of the catalogue.
    pub mistake: String,
    /// When compilers notice such a mistake: the kind of error, and what comes after it.
    pub area: Phase,
    /// Where the text must change.
    pub at: Place,
    /// How it is known.
    pub evidence: Evidence,
    /// The messages that go away by themselves with it.
    pub follows: Vec<usize>,
    /// What is wrong, in one line.
    pub title: String,
    /// Why, in plain words.
    pub meaning: String,
    /// What to try where no fix holds.
    pub advice: String,
    /// How well its message is known.
    pub reading: Reading,
    /// What its message says, laid out.
    #[serde(flatten)]
    pub explained: Explained,
    /// A line of the same kind that is right, if one shows the difference.
    pub sound: Option<Sound>,
    /// For a hidden root: what the compiler will say once the earlier ones are mended.
    pub will_say: Option<String>,
    /// The fixes, the likeliest first. None where nothing is likely enough to be what was meant.
    pub fixes: Vec<Fix>,
    /// Changes that make the message go where none is likely enough to be called its fix: only the
    /// author can tell which of them was meant, if any. The likeliest first.
    pub possible: Vec<Fix>,
}

impl Root {
    /// What can be done about it: its fixes, or else what is possible.
    pub fn choices(&self) -> &[Fix] {
        if self.fixes.is_empty() { &self.possible } else { &self.fixes }
    }

    /// Keeps as possible only what is not likely enough to be what was meant.
    pub(crate) fn weigh(&mut self) {
        if self.fixes.first().is_some_and(|fix| !fix.is_likely()) {
            self.possible = std::mem::take(&mut self.fixes);
            self.possible.iter_mut().for_each(|fix| fix.certainty = Certainty::Guess);
        }
    }
}

impl Fix {
    /// Whether it is likely enough to be what was meant.
    pub(crate) fn is_likely(&self) -> bool {
        self.probability >= if self.effect.keeps_meaning() { FAIR } else { FAIR_CHANGE }
    }
}

/// How likely a change must be to be what was meant, so that it is called a fix. Of 31 that were said to
/// be less likely, but more than half, 15 were wrong in programs that nobody tuned for.
const FAIR: f64 = 0.6;

/// The same for what changes the meaning.
const FAIR_CHANGE: f64 = 0.7;

/// Everything that is known about a program.
#[derive(Clone, Debug, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Verdict {
    /// The name and version of this form.
    #[cfg_attr(feature = "schema", schemars(extend("const" = SCHEMA)))]
    pub schema: &'static str,
    /// How it was compiled.
    pub build: Build,
    /// What the compiler said.
    pub messages: Vec<Told>,
    /// The mistakes.
    pub roots: Vec<Root>,
    /// Whether the search came to its end: all of the program compiles with the first fixes, or
    /// nothing is left to try. False when the budget ended it.
    pub complete: bool,
    /// Whether the program compiles once every first fix is applied.
    pub mended: bool,
    /// How many times a copy was compiled.
    pub compiles: usize,
    /// Messages that were too many to keep.
    pub dropped: usize,
}

impl Verdict {
    /// How many errors the compiler reported.
    pub fn errors(&self) -> usize {
        self.messages.iter().filter(|message| message.severity == Severity::Error).count()
            + self.dropped
    }

    /// How many warnings the compiler gave.
    pub fn warnings(&self) -> usize {
        self.messages.iter().filter(|message| message.severity == Severity::Warning).count()
    }

    /// The kinds of error that the compiler does not look for while one like a root's is left; none
    /// where it looks for all in one go, or where that is not known.
    pub fn unchecked(&self, root: &Root) -> Vec<Phase> {
        unchecked(&self.build.compiler, root.area)
    }

    /// The message with that number.
    pub fn message(&self, id: usize) -> Option<&Told> {
        self.messages.get(id.checked_sub(1)?)
    }
}
