//! What code usually looks like: how often short runs of token classes occur in sound programs.
//!
//! Keywords and marks are classes of their own; names, numbers and strings are one class each
//! (names by their shape); the start of a line is a class too, with how its indentation moves, so
//! that the model knows where a `;`, a `{` or a `}` belongs. Counts come from sample programs (made
//! into data by `cargo run -p erratum-bench -- model`) and from the learner's own file.

use crate::language::Language;
use crate::lex::{Lexed, Token, TokenKind};
use rustc_hash::FxHashMap;
use std::sync::{Arc, Mutex};

/// A class of tokens, as a hash of its name.
pub type Class = u32;

/// The longest run that is counted.
const ORDER: usize = 4;

/// How much the shorter runs weigh against the longer ones, in counts.
const PULL: f64 = 1.2;

/// How much a run of the learner's own file counts beside one of the samples.
const OWN_WEIGHT: u32 = 2;

/// About how many classes there are: what a class that was never seen is measured against.
const CLASSES: f64 = 150.0;

/// The class with this name.
pub const fn class(name: &str) -> Class {
    let bytes = name.as_bytes();
    let (mut hash, mut at) = (0x811c_9dc5u32, 0);
    while at < bytes.len() {
        hash = (hash ^ bytes[at] as u32).wrapping_mul(0x0100_0193);
        at += 1;
    }
    hash
}

/// The class of a lower-case name.
pub const NAME: Class = class("name");

/// The class of a token.
pub fn class_of(lexed: &Lexed, token: &Token) -> Class {
    let text = lexed.text(token);
    match token.kind {
        TokenKind::Keyword | TokenKind::Op | TokenKind::Open | TokenKind::Close => class(text),
        TokenKind::Name => name_class(text),
        TokenKind::Number => class("number"),
        TokenKind::Str => class("string"),
        TokenKind::Char => class("char"),
        TokenKind::Directive => class("directive"),
        TokenKind::Lifetime => class("lifetime"),
        TokenKind::Comment | TokenKind::Unknown => class("unknown"),
    }
}

/// The class of a name, by its shape.
pub fn name_class(text: &str) -> Class {
    let upper = text.starts_with(char::is_uppercase);
    if upper && text.len() > 1 && !text.contains(char::is_lowercase) {
        return class("CONSTANT");
    }
    if upper { class("Type") } else { NAME }
}

/// The class of the start of a line.
pub fn line_class(before: u32, now: u32) -> Class {
    match now.cmp(&before) {
        std::cmp::Ordering::Greater => class("line deeper"),
        std::cmp::Ordering::Less => class("line back"),
        std::cmp::Ordering::Equal => class("line"),
    }
}

/// The classes of a text; for each, the index of its code token, or nothing for a line start.
pub fn classes(lexed: &Lexed) -> Vec<(Class, Option<usize>)> {
    let mut all = Vec::with_capacity(lexed.code.len() * 5 / 4);
    let mut indent = 0;
    for (index, token) in lexed.code.iter().enumerate() {
        if token.first {
            let now = lexed.source.indent(token.line).unwrap_or(0);
            all.push((line_class(indent, now), None));
            indent = now;
        }
        all.push((class_of(lexed, token), Some(index)));
    }
    all
}

/// Counts of runs.
#[derive(Clone, Debug, Default)]
pub struct Model {
    /// By a hash already: nothing stronger is needed.
    counts: FxHashMap<u32, u32>,
}

fn run_hash(run: &[Class]) -> u32 {
    run.iter()
        .fold(run.len() as u32, |hash, class| hash.rotate_left(7).wrapping_mul(0x9e37_79b1) ^ class)
}

impl Model {
    /// Adds the runs of a sequence of classes.
    pub fn count(&mut self, sequence: &[Class], weight: u32) {
        for end in 1..=sequence.len() {
            for length in 0..=ORDER.min(end) {
                *self.counts.entry(run_hash(&sequence[end - length..end])).or_default() += weight;
            }
        }
    }

    /// The model as data: little-endian pairs of a run's hash and its count, sorted.
    pub fn to_bytes(&self) -> Vec<u8> {
        let mut all: Vec<_> = self.counts.iter().collect();
        all.sort();
        let capped = |count: u32| u16::try_from(count).unwrap_or(u16::MAX).to_le_bytes();
        all.iter()
            .flat_map(|(hash, count)| hash.to_le_bytes().into_iter().chain(capped(**count)))
            .collect()
    }

    /// Reads what [`Model::to_bytes`] wrote; a rest that is no whole pair is left out.
    pub fn from_bytes(bytes: &[u8]) -> Model {
        let (pairs, _) = bytes.as_chunks::<6>();
        let pair = |p: &[u8; 6]| {
            (
                u32::from_le_bytes([p[0], p[1], p[2], p[3]]),
                u32::from(u16::from_le_bytes([p[4], p[5]])),
            )
        };
        Model { counts: pairs.iter().map(pair).collect() }
    }

    fn get(&self, run: &[Class]) -> f64 {
        f64::from(self.counts.get(&run_hash(run)).copied().unwrap_or(0))
    }

    /// The natural logarithm of how likely the last class of a run is after the others.
    pub fn log_likelihood(&self, run: &[Class]) -> f64 {
        let run = &run[run.len().saturating_sub(ORDER)..];
        let mut likelihood = 1.0 / CLASSES;
        for length in 1..=run.len() {
            let part = &run[run.len() - length..];
            // A run's count as a context is the count of the run without its last class.
            let context = self.get(&part[..length - 1]);
            likelihood = (self.get(part) + PULL * likelihood) / (context + PULL);
        }
        likelihood.ln()
    }

    /// The sum of [`Model::log_likelihood`] over the classes from `from` to `to` of a sequence.
    pub fn score(&self, sequence: &[Class], from: usize, to: usize) -> f64 {
        (from..to.min(sequence.len()))
            .map(|at| self.log_likelihood(&sequence[(at + 1).saturating_sub(ORDER)..=at]))
            .sum()
    }

    /// The model of the language, with the runs of this text added.
    pub fn with_own(lexed: &Lexed) -> Model {
        let mut model = (*Model::of(lexed.language)).clone();
        let sequence: Vec<Class> = classes(lexed).into_iter().map(|(class, _)| class).collect();
        // A long file has enough of its own kind; counting all of it would only cost time.
        model.count(&sequence[..sequence.len().min(20_000)], OWN_WEIGHT);
        model
    }

    /// The model that ships for a language.
    pub fn of(language: &'static Language) -> Arc<Model> {
        static READ: Mutex<Vec<(&str, Arc<Model>)>> = Mutex::new(Vec::new());
        let mut read = READ.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
        if let Some((_, model)) = read.iter().find(|(id, _)| *id == language.id) {
            return model.clone();
        }
        let model = Arc::new(Model::from_bytes(language.model));
        read.push((language.id, model.clone()));
        model
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_usual_is_likelier_and_data_comes_back_whole() {
        let mut model = Model::default();
        let (a, b, c) = (class("a"), class("b"), class("c"));
        for _ in 0..20 {
            model.count(&[a, b, c], 1);
        }
        assert!(model.log_likelihood(&[a, b, c]) > model.log_likelihood(&[a, b, a]) + 2.0);
        assert!(model.log_likelihood(&[a, b, c]) < 0.0);
        let again = Model::from_bytes(&model.to_bytes());
        assert_eq!(again.counts, model.counts);
    }
}
