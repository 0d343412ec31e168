//! Words of the trade.

use serde::{Deserialize, Serialize};
use std::collections::BTreeMap;

/// A word of the trade, in plain words.
#[derive(Clone, Debug, Default, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Term {
    /// The word.
    pub name: String,
    /// Other words for the same, and forms of it.
    #[serde(default)]
    pub also: Vec<String>,
    /// What it means.
    pub meaning: String,
    /// Why it matters to the compiler.
    pub why: String,
    /// Entries of the catalogue whose examples show it.
    #[serde(default)]
    pub mistakes: Vec<String>,
    /// Words to look up next.
    #[serde(default)]
    pub related: Vec<String>,
}

/// A form that messages of many compilers have, for those that no entry knows.
#[derive(Clone, Debug, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Shape {
    /// One line that says what such a message tells; holes of the patterns may be filled in.
    pub title: String,
    /// The same without any hole.
    pub general: String,
    /// What it means in most languages.
    pub meaning: String,
    /// What to try.
    pub advice: String,
    /// Whole texts with holes, in small and capital letters alike.
    pub patterns: Vec<String>,
}

/// Why a running program stopped.
#[derive(Clone, Debug, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Crash {
    /// What such a cause looks like, in small letters, with holes.
    pub patterns: Vec<String>,
    /// One line that says what happened.
    pub title: String,
    /// What that means.
    pub meaning: String,
    /// What to try.
    pub advice: String,
}

/// Everything that the build packs.
#[derive(Clone, Debug, Default, Serialize, Deserialize)]
pub struct Packed {
    /// The mistakes, by name.
    pub entries: Vec<crate::entry::Entry>,
    /// The words of the trade, by name.
    pub terms: Vec<Term>,
    /// The forms of messages, the most telling first.
    pub shapes: Vec<Shape>,
    /// Why programs stop, the most telling first.
    pub crashes: Vec<Crash>,
    /// For each compiler its codes, each with the kinds of mistake it may stand for, by name.
    pub codes: BTreeMap<String, BTreeMap<String, Vec<String>>>,
    /// For each compiler the messages and remarks that name two types.
    pub clashes: BTreeMap<String, Vec<String>>,
    /// For each compiler patterns of messages, each with the kind of mistake it tells of.
    pub worded: BTreeMap<String, Vec<(String, String)>>,
    /// The texts in other human languages.
    pub languages: Vec<crate::texts::Texts>,
}
