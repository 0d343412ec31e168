//! The catalogue as a value: what ships, or what ships with other texts in its place.

use crate::entry::Entry;
use crate::ids::MistakeId;
use crate::pattern::{fits, fixed_length};
use crate::term::{Crash, Packed, Shape, Term};
use crate::texts::Texts;
use crate::{Captures, own};
use std::collections::{BTreeMap, BTreeSet};
use std::sync::{Arc, LazyLock, OnceLock};

/// All kinds of mistake and terms, with their texts in one human language.
///
/// A value without global state: a program may hold several at once, one for each human language.
#[derive(Clone, Debug)]
pub struct Catalogue {
    /// Empty until it is first asked: a program that compiles needs no texts, and unpacking them takes
    /// as long as the rest of a start.
    packed: OnceLock<Packed>,
}

impl Catalogue {
    /// Returns the catalogue that ships, with English texts.
    pub fn shipped() -> Arc<Catalogue> {
        static SHIPPED: LazyLock<Arc<Catalogue>> =
            LazyLock::new(|| Arc::new(Catalogue { packed: OnceLock::new() }));
        SHIPPED.clone()
    }

    pub(crate) fn packed(&self) -> &Packed {
        self.packed.get_or_init(|| {
            let bytes = include_bytes!(concat!(env!("OUT_DIR"), "/catalogue.bin"));
            // The build script has read these very bytes back before it wrote them.
            postcard::from_bytes(bytes)
                .unwrap_or_else(|error| panic!("the packed catalogue is broken: {error}"))
        })
    }

    /// Returns this catalogue with other texts in the place of its own; later ones win.
    pub fn with_texts(&self, texts: &[Texts]) -> Catalogue {
        let mut packed = self.packed().clone();
        for texts in texts {
            own::apply(&mut packed, texts);
        }
        Catalogue { packed: packed.into() }
    }

    /// Returns the texts that ship in a human language, as in `de`.
    pub fn texts_in(&self, language: &str) -> Option<&Texts> {
        self.packed().languages.iter().find(|texts| texts.language.as_deref() == Some(language))
    }

    /// Iterates over the human languages that ship beside English.
    pub fn human_languages(&self) -> impl Iterator<Item = &str> {
        self.packed().languages.iter().filter_map(|texts| texts.language.as_deref())
    }

    /// Returns all entries, sorted by id.
    pub fn entries(&self) -> &[Entry] {
        &self.packed().entries
    }

    /// Returns the entry with an id.
    pub fn entry(&self, id: &str) -> Option<&Entry> {
        let entries = self.entries();
        entries.binary_search_by(|entry| entry.id.as_str().cmp(id)).ok().map(|at| &entries[at])
    }

    /// Returns the terms of the trade, sorted by name.
    pub fn terms(&self) -> &[Term] {
        &self.packed().terms
    }

    /// Returns the known forms of messages, the most telling first.
    pub fn shapes(&self) -> &[Shape] {
        &self.packed().shapes
    }

    /// Returns the causes of crashes, the most telling first.
    pub fn crashes(&self) -> &[Crash] {
        &self.packed().crashes
    }

    /// Returns the kinds of mistake that a compiler's code may stand for, the likeliest first. An
    /// empty compiler name asks every compiler that has the code.
    pub fn by_code(&self, code: &str, compiler: &str) -> Vec<&Entry> {
        let tables = self.packed().codes.iter().filter(|(table, _)| same_family(table, compiler));
        let kinds = tables.filter_map(|(_, codes)| {
            codes.iter().find(|(known, _)| known.eq_ignore_ascii_case(code)).map(|(_, kinds)| kinds)
        });
        kinds.flatten().filter_map(|id| self.entry(id)).collect()
    }

    /// Returns the compiler that has a code, by the name of its table.
    pub fn compiler_of_code(&self, code: &str) -> Option<&str> {
        let has = |codes: &BTreeMap<String, Vec<String>>| {
            codes.keys().any(|known| known.eq_ignore_ascii_case(code))
        };
        let mut tables = self.packed().codes.iter();
        tables.find(|(_, codes)| has(codes)).map(|(compiler, _)| compiler.as_str())
    }

    /// Returns the kind of mistake that a message tells of by its wording, else by its code, with
    /// what the holes held. Serves words only: it never asks for fixes.
    pub fn worded_by(
        &self,
        text: &str,
        code: Option<&str>,
        compiler: &str,
    ) -> Option<(&Entry, Captures)> {
        let tables = self.packed().worded.iter().filter(|(table, _)| same_family(table, compiler));
        let fitting = tables.flat_map(|(_, patterns)| patterns).filter_map(|(pattern, kind)| {
            Some((fixed_length(pattern), kind, fits(pattern, text)?))
        });
        if let Some((_, kind, captures)) = fitting.max_by_key(|(fixed, ..)| *fixed) {
            return Some((self.entry(kind)?, captures));
        }
        let entry = self.by_code(code?, compiler).first().copied()?;
        Some((entry, Captures::new()))
    }

    /// Returns the two types that a message or a note names: `expected` and `found`.
    pub fn clash_of(&self, text: &str, compiler: &str) -> Option<Captures> {
        let tables = self.packed().clashes.iter().filter(|(table, _)| same_family(table, compiler));
        tables.flat_map(|(_, patterns)| patterns).find_map(|pattern| fits(pattern, text))
    }

    /// Returns what the cause of a crash means.
    pub fn crash_of(&self, cause: &str) -> Option<&Crash> {
        let text = format!(" {} ", cause.to_ascii_lowercase());
        let fitting = |crash: &&Crash| crash.patterns.iter().any(|p| fits(p, &text).is_some());
        self.crashes().iter().find(fitting)
    }

    /// Returns the form of a message that no entry knows, with what the form's holes held.
    pub fn shape_of(&self, text: &str) -> Option<(&Shape, Captures)> {
        let lower = text.to_ascii_lowercase();
        self.shapes().iter().find_map(|shape| {
            let mut captures = shape.patterns.iter().find_map(|pattern| fits(pattern, &lower))?;
            // Names are given with their own letters.
            for held in captures.values_mut() {
                if let Some(at) = lower.find(held.as_str()) {
                    *held = text[at..at + held.len()].to_owned();
                }
            }
            Some((shape, captures))
        })
    }

    /// Returns the compilers whose messages are known, by the names that patterns use.
    pub fn compilers(&self) -> BTreeSet<&str> {
        let patterns = self.entries().iter().flat_map(|entry| &entry.patterns);
        let worded = self.packed().worded.keys().map(String::as_str);
        patterns.map(|pattern| pattern.compiler.as_str()).chain(worded).collect()
    }
}

impl Entry {
    /// Returns whether this is the entry of a kind of mistake.
    pub fn is(&self, id: MistakeId) -> bool {
        self.id == id.as_str()
    }
}

/// Returns whether a pattern's compiler speaks for another: g++ speaks as gcc does, clang++ as clang,
/// cargo as rustc, and an unknown compiler (the empty name) may speak as any.
pub fn same_family(pattern: &str, compiler: &str) -> bool {
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

#[cfg(test)]
mod tests {
    use super::*;
    use crate::pattern::{fill, holes};

    #[test]
    fn the_catalogue_is_whole() {
        let catalogue = Catalogue::shipped();
        assert!(catalogue.entries().len() >= 20);
        for entry in catalogue.entries() {
            // Nothing fills the holes of a general line; a bracket by itself is none.
            let mut after = entry.general.split('{').skip(1);
            let hole = after.any(|rest| rest.starts_with(char::is_alphabetic));
            assert!(entry.general.len() > 10 && !hole, "{}", entry.id);
            assert!(!entry.meaning.is_empty() && !entry.advice.is_empty(), "{}", entry.id);
            assert!(catalogue.entry(&entry.id).is_some());
        }
    }

    #[test]
    fn a_text_that_names_a_language_is_told_in_that_language_only() {
        let catalogue = Catalogue::shipped();
        // Advice may name several, each with its way.
        for entry in catalogue.entries() {
            let words: Vec<&str> = entry
                .meaning
                .split(|c: char| !(c.is_alphanumeric() || c == '+' || c == '#'))
                .collect();
            let named = |id: &&String| {
                erratum_syntax::language::by_id(id)
                    .is_some_and(|language| words.contains(&language.name))
            };
            let any = erratum_syntax::language::LANGUAGES.iter().any(|l| words.contains(&l.name));
            let other: Vec<&String> = entry.examples.keys().filter(|id| !named(id)).collect();
            assert!(!any || other.is_empty(), "{}: told of {other:?}, too", entry.id);
        }
    }

    #[test]
    fn texts_in_another_language_are_whole_and_have_the_holes_of_the_english_ones() {
        let catalogue = Catalogue::shipped();
        let file = include_str!("../../../catalogue/languages/de.toml");
        let (read, problems) = own::read("de.toml", file);
        assert_eq!(problems, []);
        let texts = catalogue.texts_in("de").unwrap();
        assert!(texts.mistakes.len() >= 40 && read.mistakes.len() == texts.mistakes.len());
        let names = |text: &str| {
            let mut names: Vec<String> = holes(text).map(str::to_owned).collect();
            names.sort();
            names
        };
        for own in &texts.mistakes {
            let english = catalogue.entry(&own.id).unwrap();
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
        let catalogue = Catalogue::shipped();
        let (shape, words) = catalogue.shape_of("Unresolved reference: TideTable").unwrap();
        assert_eq!(fill(&shape.title, &words).unwrap(), "The compiler does not know TideTable");
        let (shape, words) = catalogue.shape_of("Expected BERTH but found Pier").unwrap();
        assert_eq!(fill(&shape.title, &words).unwrap(), "The compiler wants BERTH and finds Pier");
        assert!(catalogue.shape_of("the gulls are loud today").is_none());
    }

    #[test]
    fn every_shape_and_crash_is_whole() {
        let catalogue = Catalogue::shipped();
        for shape in catalogue.shapes() {
            assert!(
                !shape.general.contains('{') && shape.meaning.ends_with('.'),
                "{}",
                shape.title
            );
            assert!(shape.patterns.iter().all(|p| p.to_lowercase() == *p), "{}", shape.title);
        }
        for crash in catalogue.crashes() {
            assert!(!crash.title.contains('{') && crash.advice.ends_with('.'), "{}", crash.title);
            assert!(crash.patterns.iter().all(|p| p.to_lowercase() == *p), "{}", crash.title);
        }
    }

    #[test]
    fn codes_lead_to_entries() {
        let catalogue = Catalogue::shipped();
        let ids = |code: &str, compiler: &str| -> Vec<&str> {
            catalogue.by_code(code, compiler).into_iter().map(|entry| entry.id.as_str()).collect()
        };
        assert_eq!(ids("E0382", "rustc").first(), Some(&"moved-value"));
        assert_eq!(ids("e0382", "cargo"), ids("E0382", "rustc"));
        assert_eq!(ids("E0382", "javac"), Vec::<&str>::new());
        assert_eq!(catalogue.compiler_of_code("TS2349"), Some("tsc"));
        // A code alone is the last thing asked: the texts of messages say more.
        for (compiler, codes) in &catalogue.packed().codes {
            assert!(codes.values().all(|kinds| !kinds.is_empty()), "{compiler}");
            let mut languages = erratum_syntax::language::LANGUAGES.iter();
            assert!(languages.any(|l| l.codes == compiler), "{compiler} is of no language");
        }
    }
}
