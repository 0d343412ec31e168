//! The catalogue of mistakes: which message shows which mistake, and the words for it.

mod entry;
pub mod own;
mod pattern;
mod term;
mod texts;

pub use entry::{Entry, Example, Pattern, Phase};
pub use pattern::{fill, fill_sentences, fits};
pub use term::{Crash, Shape, Term};
pub use texts::{MistakeTexts, TermTexts, Texts};

use crate::message::{Message, Severity};
use std::collections::{BTreeMap, BTreeSet};
use std::sync::{LazyLock, OnceLock};

/// Names and what they stand for in a text of the catalogue.
pub type Words = BTreeMap<String, String>;

/// A message read with the catalogue: a mistake it may show.
#[derive(Clone, Debug)]
pub struct Shown {
    /// The entry.
    pub entry: &'static Entry,
    /// What the pattern's holes held.
    pub words: Words,
    /// How much of the pattern is fixed text, in bytes: the more, the more it says.
    pub weight: usize,
    /// When the compiler noticed.
    pub phase: Phase,
}

/// The catalogue as it ships.
static SHIPPED: LazyLock<term::Packed> = LazyLock::new(unpacked);

/// The texts that were chosen to stand in for others.
static CHOSEN: OnceLock<Vec<Texts>> = OnceLock::new();

/// The catalogue with what was chosen.
static PACKED: LazyLock<term::Packed> = LazyLock::new(|| {
    let mut packed = unpacked();
    for texts in CHOSEN.get().into_iter().flatten() {
        own::apply(&mut packed, texts);
    }
    packed
});

fn unpacked() -> term::Packed {
    postcard::from_bytes(include_bytes!(concat!(env!("OUT_DIR"), "/catalogue.bin")))
        .unwrap_or_default()
}

/// The entry of that name, as it ships.
fn shipped(id: &str) -> Option<&'static Entry> {
    SHIPPED.entries.iter().find(|entry| entry.id == id)
}

fn shipped_ids() -> impl Iterator<Item = &'static str> {
    SHIPPED.entries.iter().map(|entry| entry.id.as_str())
}

/// The compilers of which messages are known.
fn shipped_compilers() -> BTreeSet<&'static str> {
    let patterns = SHIPPED.entries.iter().flat_map(|entry| &entry.patterns);
    let worded = SHIPPED.worded.keys().map(String::as_str);
    patterns.map(|pattern| pattern.compiler.as_str()).chain(worded).collect()
}

fn shipped_term(name: &str) -> Option<&'static Term> {
    SHIPPED.terms.iter().find(|term| term.name.eq_ignore_ascii_case(name))
}

/// The texts of a human language that ship, as in `de`.
pub fn texts_in(language: &str) -> Option<&'static Texts> {
    SHIPPED.languages.iter().find(|texts| texts.language.as_deref() == Some(language))
}

/// The human languages that ship beside English.
pub fn human_languages() -> impl Iterator<Item = &'static str> {
    SHIPPED.languages.iter().filter_map(|texts| texts.language.as_deref())
}

/// Lets texts stand in for those of the catalogue, for the rest of the run; later ones win. It is
/// to be called once, before the catalogue is first read: false if that was done before.
pub fn choose(texts: Vec<Texts>) -> bool {
    CHOSEN.set(texts).is_ok()
}

/// All entries, by name.
pub fn entries() -> &'static [Entry] {
    &PACKED.entries
}

/// The entry of a kind of mistake.
pub fn entry(id: &str) -> Option<&'static Entry> {
    let entries = entries();
    entries.binary_search_by(|entry| entry.id.as_str().cmp(id)).ok().map(|at| &entries[at])
}

/// The words of the trade, by name.
pub fn terms() -> &'static [Term] {
    &PACKED.terms
}

/// The forms of messages that are known, the most telling first.
pub fn shapes() -> &'static [Shape] {
    &PACKED.shapes
}

/// Why programs stop, the most telling first.
pub fn crashes() -> &'static [Crash] {
    &PACKED.crashes
}

/// The kinds of mistake that a code of a compiler may stand for, the likeliest first. Without a
/// compiler, those of every compiler that has the code.
pub fn by_code(code: &str, compiler: &str) -> Vec<&'static Entry> {
    let tables = PACKED.codes.iter().filter(|(table, _)| same_family(table, compiler));
    let kinds = tables.filter_map(|(_, codes)| {
        codes.iter().find(|(known, _)| known.eq_ignore_ascii_case(code)).map(|(_, kinds)| kinds)
    });
    kinds.flatten().filter_map(|id| entry(id)).collect()
}

/// The compiler that has a code, by the name of its table.
pub fn compiler_of_code(code: &str) -> Option<&'static str> {
    let has = |codes: &BTreeMap<String, Vec<String>>| {
        codes.keys().any(|known| known.eq_ignore_ascii_case(code))
    };
    PACKED.codes.iter().find(|(_, codes)| has(codes)).map(|(compiler, _)| compiler.as_str())
}

/// The kind of mistake that a message tells of by its wording, else by its code, with what the
/// holes held: for words only, where no pattern of an entry fits.
pub fn worded_by(message: &Message, compiler: &str) -> Option<(&'static Entry, Words)> {
    let tables = PACKED.worded.iter().filter(|(table, _)| same_family(table, compiler));
    let fitting = tables.flat_map(|(_, patterns)| patterns).filter_map(|(pattern, kind)| {
        Some((pattern::fixed_length(pattern), kind, fits(pattern, &message.text)?))
    });
    if let Some((_, kind, words)) = fitting.max_by_key(|(fixed, ..)| *fixed) {
        return Some((entry(kind)?, words));
    }
    let entry = by_code(message.code.as_deref()?, compiler).first().copied()?;
    Some((entry, Words::new()))
}

/// The two types that a message or a remark names: `expected` and `found`.
pub fn clash_of(text: &str, compiler: &str) -> Option<Words> {
    let tables = PACKED.clashes.iter().filter(|(table, _)| same_family(table, compiler));
    tables.flat_map(|(_, patterns)| patterns).find_map(|pattern| fits(pattern, text))
}

/// What the cause of a crash means.
pub fn crash_of(cause: &str) -> Option<&'static Crash> {
    let text = format!(" {} ", cause.to_ascii_lowercase());
    PACKED.crashes.iter().find(|crash| crash.patterns.iter().any(|p| fits(p, &text).is_some()))
}

/// What the form of a message tells where no entry knows it, with what the holes of the form held.
pub fn shape_of(text: &str) -> Option<(&'static Shape, Words)> {
    let lower = text.to_ascii_lowercase();
    PACKED.shapes.iter().find_map(|shape| {
        let mut words = shape.patterns.iter().find_map(|pattern| fits(pattern, &lower))?;
        // Names are given with their own letters.
        for held in words.values_mut() {
            if let Some(at) = lower.find(held.as_str()) {
                *held = text[at..at + held.len()].to_owned();
            }
        }
        Some((shape, words))
    })
}

/// The mistakes that a message of a compiler may show, the most telling first.
pub fn shown_by(message: &Message, compiler: &str) -> Vec<Shown> {
    let mut all: Vec<Shown> = Vec::new();
    for entry in entries() {
        let found = entry
            .patterns
            .iter()
            .filter(|pattern| same_family(&pattern.compiler, compiler))
            .filter(|pattern| pattern.code.is_none() || pattern.code == message.code)
            .filter_map(|pattern| {
                let words = fits(&pattern.text, &message.text)?;
                let fixed = pattern::fixed_length(&pattern.text);
                Some(Shown {
                    entry,
                    words,
                    weight: fixed + 8 * usize::from(pattern.code.is_some()),
                    phase: pattern.phase.unwrap_or(entry.phase),
                })
            })
            .max_by_key(|shown| shown.weight);
        all.extend(found);
    }
    // A neutral reading stands behind those that name a cause.
    all.sort_by_key(|shown| {
        std::cmp::Reverse((!shown.entry.neutral, shown.weight, shown.entry.usual))
    });
    all
}

/// Whether a kind of mistake is known to come with other codes than that of a message.
pub fn has_other_codes(entry: &Entry, message: &Message) -> bool {
    let Some(code) = &message.code else { return false };
    let mut codes = entry.patterns.iter().filter_map(|pattern| pattern.code.as_ref()).peekable();
    codes.peek().is_some() && codes.all(|known| known != code)
}

/// What a message shows by itself, where no fix has shown the cause.
pub fn unproved(shown: &[Shown]) -> Option<&Shown> {
    shown.iter().find(|shown| shown.entry.neutral).or(shown.first())
}

/// g++ speaks as gcc does, clang++ as clang, cargo as rustc. An unknown compiler may speak as any.
fn same_family(pattern: &str, compiler: &str) -> bool {
    match compiler {
        "g++" => pattern == "gcc",
        "clang++" => pattern == "clang",
        "cargo" => pattern == "rustc",
        // The compilers of C# share their codes.
        "mcs" | "csc" if pattern == "csharp" => true,
        "" => true,
        other => pattern == other,
    }
}

/// The phase in which a compiler said a message: by the catalogue, else by how it is worded.
pub fn phase(message: &Message, shown: &[Shown], compiler: &str) -> Phase {
    if let Some(best) = shown.first() {
        return best.phase;
    }
    if let Some(phase) = phase_of_code(message.code.as_deref().unwrap_or(""), compiler) {
        return phase;
    }
    let text = message.text.as_str();
    let any = |words: &[&str]| words.iter().any(|word| text.contains(word));
    if any(&[
        "unterminated",
        "missing terminating",
        "stray ",
        "unclosed",
        "illegal character",
        "unknown start of token",
    ]) {
        return Phase::Lexical;
    }
    let syntax = text.starts_with("expected")
        || text.to_lowercase().starts_with("syntax error")
        || text.starts_with("parse error")
        || text.contains("' expected")
        || any(&["illegal start", "unexpected", "not a statement", "without 'if'", "before "]);
    if syntax
        || (compiler == "rustc" && message.code.is_none() && message.severity == Severity::Error)
    {
        return Phase::Syntax;
    }
    if any(&[
        "not in scope",
        "Not in scope",
        "not found: ",
        "undefined: ",
        "Cannot find name",
        "undeclared",
        "not declared",
        "cannot find",
        "not found",
        "unresolved",
        "does not name",
        "unknown type",
        "does not exist",
    ]) {
        return Phase::Name;
    }
    if any(&[
        "might not have been",
        "uninitialized",
        "end of non-void",
        "missing return",
        "unreachable",
        "borrow",
        "moved",
    ]) {
        return Phase::Flow;
    }
    Phase::Type
}

/// tsc and the compilers of C# number their messages by what finds them (seen with tsc 5.9, mcs 6.8).
fn phase_of_code(code: &str, compiler: &str) -> Option<Phase> {
    let number = |prefix: &str| code.strip_prefix(prefix)?.parse::<u32>().ok();
    match compiler {
        "tsc" if matches!(number("TS")?, 1002 | 1010 | 1127 | 1160 | 1161) => Some(Phase::Lexical),
        "tsc" if number("TS")? < 2000 => Some(Phase::Syntax),
        "mcs" | "csc" if matches!(number("CS")?, 1009..=1012 | 1035 | 1039) => Some(Phase::Lexical),
        "mcs" | "csc" => match number("CS")? {
            1001..=1044 | 1513..=1519 | 1525..=1529 | 1547 | 8025 => Some(Phase::Syntax),
            _ => None,
        },
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_catalogue_is_whole() {
        assert!(entries().len() >= 20);
        for entry in entries() {
            // Nothing fills the holes of a general line; a bracket by itself is none.
            let mut after = entry.general.split('{').skip(1);
            let hole = after.any(|rest| rest.starts_with(char::is_alphabetic));
            assert!(entry.general.len() > 10 && !hole, "{}", entry.id);
            assert!(!entry.meaning.is_empty() && !entry.advice.is_empty(), "{}", entry.id);
            assert!(super::entry(&entry.id).is_some());
        }
    }

    #[test]
    fn a_text_that_names_a_language_is_told_in_that_language_only() {
        // Advice may name several, each with its way.
        for entry in entries() {
            let words: Vec<&str> = entry
                .meaning
                .split(|c: char| !(c.is_alphanumeric() || c == '+' || c == '#'))
                .collect();
            let named = |id: &&String| {
                crate::language::by_id(id).is_some_and(|language| words.contains(&language.name))
            };
            let any = crate::language::LANGUAGES.iter().any(|l| words.contains(&l.name));
            let other: Vec<&String> = entry.examples.keys().filter(|id| !named(id)).collect();
            assert!(!any || other.is_empty(), "{}: told of {other:?}, too", entry.id);
        }
    }

    #[test]
    fn texts_in_another_language_are_whole_and_have_the_holes_of_the_english_ones() {
        let file = include_str!("../../../../catalogue/languages/de.toml");
        let (read, problems) = own::read("de.toml", file);
        assert_eq!(problems, []);
        let texts = texts_in("de").unwrap();
        assert!(texts.mistakes.len() >= 40 && read.mistakes.len() == texts.mistakes.len());
        let names = |text: &str| {
            let mut names: Vec<String> = pattern::holes(text).map(str::to_owned).collect();
            names.sort();
            names
        };
        for own in &texts.mistakes {
            let english = shipped(&own.id).unwrap();
            let pairs = [
                (&own.title, &english.title),
                (&own.general, &english.general),
                (&own.meaning, &english.meaning),
                (&own.advice, &english.advice),
            ];
            for (text, english) in pairs {
                let text = text.as_ref().unwrap_or_else(|| panic!("{} lacks a text", own.id));
                assert_eq!(names(text), names(english), "{}", own.id);
                assert_ne!(text, english, "{}", own.id);
            }
        }
    }

    #[test]
    fn the_form_of_an_unknown_message_tells_something_and_quotes_names_as_they_are() {
        let (shape, words) = shape_of("Unresolved reference: TideTable").unwrap();
        assert_eq!(fill(&shape.title, &words).unwrap(), "The compiler does not know TideTable");
        let (shape, words) = shape_of("Expected BERTH but found Pier").unwrap();
        assert_eq!(fill(&shape.title, &words).unwrap(), "The compiler wants BERTH and finds Pier");
        assert!(shape_of("the gulls are loud today").is_none());
    }

    #[test]
    fn every_shape_and_crash_is_whole() {
        for shape in &PACKED.shapes {
            assert!(
                !shape.general.contains('{') && shape.meaning.ends_with('.'),
                "{}",
                shape.title
            );
            assert!(shape.patterns.iter().all(|p| p.to_lowercase() == *p), "{}", shape.title);
        }
        for crash in &PACKED.crashes {
            assert!(!crash.title.contains('{') && crash.advice.ends_with('.'), "{}", crash.title);
            assert!(crash.patterns.iter().all(|p| p.to_lowercase() == *p), "{}", crash.title);
        }
    }

    #[test]
    fn codes_lead_to_entries() {
        let ids = |code: &str, compiler: &str| -> Vec<&str> {
            by_code(code, compiler).into_iter().map(|entry| entry.id.as_str()).collect()
        };
        assert_eq!(ids("E0382", "rustc").first(), Some(&"moved-value"));
        assert_eq!(ids("e0382", "cargo"), ids("E0382", "rustc"));
        assert_eq!(ids("E0382", "javac"), Vec::<&str>::new());
        assert_eq!(compiler_of_code("TS2349"), Some("tsc"));
        // A code alone is the last thing asked: the texts of messages say more.
        for (compiler, codes) in &PACKED.codes {
            assert!(codes.values().all(|kinds| !kinds.is_empty()), "{compiler}");
        }
    }
}
