//! Texts that stand in for those of the catalogue: a translation, or what a teacher wrote.

use crate::entry::{Pattern, Phase, Wording};
use serde::{Deserialize, Serialize};
use std::collections::BTreeMap;

/// Texts of one mistake. Those that are not given stay as they are.
#[derive(Clone, Debug, Default, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct MistakeTexts {
    /// The kind of mistake: a known one, or a new one.
    pub id: String,
    /// For a new one: when compilers notice it.
    #[serde(default)]
    pub phase: Option<Phase>,
    /// One line that says what is wrong, with holes.
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
    /// What is said otherwise in a language of programs, by its short name.
    #[serde(default, rename = "in")]
    pub within: BTreeMap<String, Wording>,
    /// Further messages that show it.
    #[serde(default)]
    pub patterns: Vec<Pattern>,
}

/// Texts of one word of the trade. Those that are not given stay as they are.
#[derive(Clone, Debug, Default, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct TermTexts {
    /// The word: a known one, or a new one.
    pub name: String,
    /// Other words for the same.
    #[serde(default)]
    pub also: Option<Vec<String>>,
    /// What it means.
    #[serde(default)]
    pub meaning: Option<String>,
    /// Why it matters to the compiler.
    #[serde(default)]
    pub why: Option<String>,
    /// Kinds of mistake whose examples show it.
    #[serde(default)]
    pub mistakes: Option<Vec<String>>,
    /// Words to look up next.
    #[serde(default)]
    pub related: Option<Vec<String>>,
}

/// A set of texts.
#[derive(Clone, Debug, Default, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Texts {
    /// The human language they are in, as in `de`; nothing for texts that are used in any case.
    #[serde(default)]
    pub language: Option<String>,
    /// Texts of mistakes.
    #[serde(default, rename = "mistake")]
    pub mistakes: Vec<MistakeTexts>,
    /// Texts of words.
    #[serde(default, rename = "term")]
    pub terms: Vec<TermTexts>,
}
