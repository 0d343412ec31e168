//! The form of a catalogue entry, as it stands in `catalogue/mistakes/*.toml`.

use crate::ids::Recipe;
use serde::{Deserialize, Serialize};
use std::collections::BTreeMap;

/// When in its work a compiler notices a mistake. Earlier phases hide later ones.
#[derive(
    Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize,
)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Phase {
    /// Quotes, comments, characters that start no word.
    #[default]
    Lexical,
    /// Brackets, where a compiler pairs them all before it reads anything else (rustc).
    Brackets,
    /// The order of words and marks.
    Syntax,
    /// Names and what they stand for.
    Name,
    /// Types and calls.
    Type,
    /// Paths through the program; ownership.
    Flow,
    /// Putting the parts together.
    Link,
}

/// One kind of mistake: how it shows, and what to say of it.
///
/// Texts may hold `{names}`: those a pattern captured, and `line`, `reported`, `old`, `new`,
/// `file` of the mistake at hand. A title with a name that is not known gives way to `general`; in
/// a meaning, the sentence is left out.
#[derive(Clone, Debug, Default, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Entry {
    /// Its name, the same as the file's.
    pub id: String,
    /// When compilers notice it.
    pub phase: Phase,
    /// One line that says what is wrong.
    pub title: String,
    /// The same without any name in it.
    pub general: String,
    /// Why, in plain words, in at most four sentences.
    pub meaning: String,
    /// What to try where no fix was found.
    pub advice: String,
    /// Whether it is the reading to give when nothing tells it apart from others.
    #[serde(default)]
    pub usual: bool,
    /// Whether it says no more than the message does: the reading to give where no fix has shown
    /// the cause.
    #[serde(default)]
    pub neutral: bool,
    /// Families of fixes to try for messages that show it.
    #[serde(default)]
    pub recipes: Vec<Recipe>,
    /// The messages that show it.
    #[serde(default)]
    pub patterns: Vec<Pattern>,
    /// Further names that its texts may hold: the search knows what they stand for.
    #[serde(default)]
    pub holes: Vec<String>,
    /// A wrong and a right program per language, by its short name.
    #[serde(default)]
    pub examples: BTreeMap<String, Example>,
    /// What is said otherwise in a language, by its short name.
    #[serde(default, rename = "in")]
    pub within: BTreeMap<String, Wording>,
}

/// Texts that take the place of those of an entry in one language. What is not given stays.
#[derive(Clone, Debug, Default, PartialEq, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Wording {
    /// One line that says what is wrong.
    #[serde(default)]
    pub title: Option<String>,
    /// The same without any name in it.
    #[serde(default)]
    pub general: Option<String>,
    /// Why, in plain words.
    #[serde(default)]
    pub meaning: Option<String>,
    /// What to try where no fix was found.
    #[serde(default)]
    pub advice: Option<String>,
}

/// A message that shows a mistake.
#[derive(Clone, Debug, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Pattern {
    /// `gcc` (gcc and g++), `clang`, `javac` or `rustc`.
    pub compiler: String,
    /// The whole text of the message, with `{holes}`; `{*}` is a hole without a name.
    pub text: String,
    /// The code the message must have, if it matters.
    #[serde(default)]
    pub code: Option<String>,
    /// When this compiler notices it, where that is not the entry's phase.
    #[serde(default)]
    pub phase: Option<Phase>,
}

/// A program that shows a mistake, and the same mended.
#[derive(Clone, Debug, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Example {
    /// Gives a message that a pattern of the entry fits.
    pub wrong: String,
    /// Compiles.
    pub right: String,
    /// The file's name, where it matters.
    #[serde(default)]
    pub file: Option<String>,
}
