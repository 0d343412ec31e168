//! What the catalogue makes of a message: one [`Diagnosis`] per message.
//!
//! A [`Diagnoser`] holds the messages of one compiler against one catalogue, and remembers what it
//! found: compilers say the same thing again and again while fixes are tried.

use crate::manner::Manner;
use crate::message::{Message, Severity};
use erratum_catalogue::{
    Captures, Catalogue, Entry, MistakeId, Phase, Recipe, fits, fixed_length, same_family,
};
use std::borrow::Cow;
use std::cell::RefCell;
use std::collections::HashMap;
use std::rc::Rc;

/// An entry that fits a message.
#[derive(Clone, Debug)]
pub struct Match<'c> {
    /// The entry.
    pub entry: &'c Entry,
    /// What the holes of its pattern held.
    pub captures: Captures,
    /// How much of the pattern is fixed text, in bytes: the more, the more it says.
    pub weight: usize,
    /// When the compiler noticed.
    pub phase: Phase,
}

/// What the catalogue makes of a message.
#[derive(Clone, Debug, Default)]
pub struct Diagnosis<'c> {
    /// The entries that fit, the most telling first; one that names a cause before a neutral one.
    pub matches: Vec<Match<'c>>,
    /// When the compiler noticed: by the best match, else by how the message is worded.
    pub phase: Phase,
}

impl<'c> Diagnosis<'c> {
    /// Returns whether a matching entry asks for a kind of fix.
    pub fn asks(&self, recipe: Recipe) -> bool {
        self.matches.iter().any(|found| found.entry.recipes.contains(&recipe))
    }

    /// Returns whether the entry of a kind of mistake matches.
    pub fn shows(&self, id: MistakeId) -> bool {
        self.matches.iter().any(|found| found.entry.is(id))
    }

    /// Returns what a hole held, in the best match that has the hole.
    pub fn capture(&self, hole: &str) -> Option<&str> {
        self.matches.iter().find_map(|found| found.captures.get(hole)).map(String::as_str)
    }

    /// Returns the match to tell of where no fix has shown the cause: a neutral one if there is one.
    pub fn unproved(&self) -> Option<&Match<'c>> {
        self.matches.iter().find(|found| found.entry.neutral).or(self.matches.first())
    }
}

/// What a message says apart from its place: also what it is about, and whether a remark points into a
/// library.
type Key = (Severity, Option<String>, String, String, bool);

/// Reads the messages of one compiler with one catalogue.
#[derive(Debug)]
pub struct Diagnoser<'c> {
    /// The catalogue.
    pub catalogue: &'c Catalogue,
    /// The compiler, as patterns name it; empty for one that is not known.
    pub compiler: String,
    known: RefCell<HashMap<Key, Rc<Diagnosis<'c>>>>,
}

impl<'c> Diagnoser<'c> {
    /// A reader of the messages of a compiler.
    pub fn new(catalogue: &'c Catalogue, compiler: &str) -> Diagnoser<'c> {
        Diagnoser { catalogue, compiler: compiler.to_owned(), known: RefCell::default() }
    }

    /// Returns the diagnosis of a message.
    pub fn diagnose(&self, message: &Message) -> Rc<Diagnosis<'c>> {
        let subject = message.subject().to_owned();
        let of_library = message.points_into_library();
        let key =
            (message.severity, message.code.clone(), message.text.clone(), subject, of_library);
        if let Some(known) = self.known.borrow().get(&key) {
            return known.clone();
        }
        let found = Rc::new(self.read(message));
        self.known.borrow_mut().insert(key, found.clone());
        found
    }

    /// Returns the phase in which the compiler noticed.
    pub fn phase(&self, message: &Message) -> Phase {
        self.diagnose(message).phase
    }

    /// Returns the kind of mistake that a message tells of by its wording or code, for words only.
    pub fn worded_by(&self, message: &Message) -> Option<(&'c Entry, Captures)> {
        self.catalogue.worded_by(&message.text, message.code.as_deref(), &self.compiler)
    }

    fn read(&self, message: &Message) -> Diagnosis<'c> {
        let text = without_second_names(&message.text);
        let subject = subject_name(message);
        let mut matches: Vec<Match> = Vec::new();
        for entry in self.catalogue.entries() {
            let found = entry
                .patterns
                .iter()
                .filter(|pattern| same_family(&pattern.compiler, &self.compiler))
                .filter(|pattern| pattern.code.is_none() || pattern.code == message.code)
                .filter_map(|pattern| {
                    let mut captures = fits(&pattern.text, &text)?;
                    if let Some(name) = subject {
                        captures.entry("name".to_owned()).or_insert(name.to_owned());
                    }
                    Some(Match {
                        entry,
                        captures,
                        weight: fixed_length(&pattern.text)
                            + CODE * usize::from(pattern.code.is_some()),
                        phase: pattern.phase.unwrap_or(entry.phase),
                    })
                })
                .max_by_key(|found| found.weight);
            matches.extend(found);
        }
        matches.sort_by_key(|found| {
            std::cmp::Reverse((!found.entry.neutral, found.weight, found.entry.usual))
        });
        // Only a remark tells whether a name is declared twice, or by a library, too.
        if message.points_into_library() {
            matches.sort_by_key(|found| !found.entry.is(MistakeId::LibraryName));
        } else {
            matches.retain(|found| !found.entry.is(MistakeId::LibraryName));
        }
        // What the code or the wording says of the phase is so, whatever kind of mistake it tells of.
        let code = message.code.as_deref().unwrap_or("");
        let manner = Manner::of(&self.compiler);
        let late = manner.fits_then_says.iter().any(|words| message.text.contains(words));
        let coded = (manner.phase_of_code)(code).or(late.then_some(Phase::Flow));
        let phase = coded.or(matches.first().map(|best| best.phase));
        let phase = phase.unwrap_or_else(|| phase_of(message, &self.compiler));
        Diagnosis { matches, phase }
    }
}

/// A message without what gcc 12 and clang 14 add behind a type that has a second name, as
/// `{aka 'struct pier'}` and `(aka 'struct pier')`, and with the first name in the place of the second where
/// scalac 2.11 gives both: `required: Route (which expands to) List[Leg]`.
pub(crate) fn without_second_names(text: &str) -> Cow<'_, str> {
    let mut all = Cow::Borrowed(text);
    for (start, end) in [(" {aka '", "'}"), (" (aka '", "')")] {
        while let Some(from) = all.find(start)
            && let Some(length) = all[from..].find(end)
        {
            let rest = from + length + end.len();
            all = Cow::Owned(format!("{}{}", &all[..from], &all[rest..]));
        }
    }
    while let Some(at) = all.find(EXPANDS) {
        let from = all[..at].rfind(": ").map_or(0, |mark| mark + ": ".len());
        all = Cow::Owned(format!("{}{}", &all[..from], &all[at + EXPANDS.len()..]));
    }
    all
}

/// The name that only a note gives, as `fare` in `symbol:   method fare(int)` (javac 17).
fn subject_name(message: &Message) -> Option<&str> {
    message.subject().split(['(', '<']).next()?.split_whitespace().last()
}

/// Stands between the name of a type and what it stands for.
const EXPANDS: &str = " (which expands to) ";

/// How many bytes of fixed text a matching code is worth.
const CODE: usize = 8;

/// Returns whether a kind of mistake is known to come with other codes than that of a message.
pub fn has_other_codes(entry: &Entry, message: &Message) -> bool {
    let Some(code) = &message.code else { return false };
    let mut codes = entry.patterns.iter().filter_map(|pattern| pattern.code.as_ref()).peekable();
    codes.peek().is_some() && codes.all(|known| known != code)
}

/// Returns the phase of a message that no entry knows, and whose code tells none, by how it is worded.
fn phase_of(message: &Message, compiler: &str) -> Phase {
    let manner = Manner::of(compiler);
    let text = message.text.as_str();
    let any = |words: &[&str]| words.iter().any(|word| text.contains(word));
    let by_words = !manner.numbers_syntax || message.code.is_none();
    if by_words
        && any(&[
            "unterminated",
            "missing terminating",
            "stray ",
            "unclosed",
            "illegal character",
            "unknown start of token",
        ])
    {
        return Phase::Lexical;
    }
    let starts =
        ["expected", "expecting", "Expecting", "Missing operator", "found ':' in nested-name"];
    let syntax = starts.iter().any(|start| text.starts_with(start))
        || text.to_lowercase().starts_with("syntax error")
        || text.starts_with("parse error")
        || text.contains("' expected")
        || text.ends_with(" expected")
        || any(manner.parser_says)
        || any(&["illegal start", "unexpected", "not a statement", "without 'if'", "before "]);
    if by_words && syntax
        || (manner.uncoded_is_syntax
            && message.code.is_none()
            && message.severity == Severity::Error)
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

#[cfg(test)]
mod tests {
    use super::*;
    use crate::message::Note;

    fn diagnose(compiler: &str, message: &Message) -> (bool, Option<String>) {
        let catalogue = Catalogue::shipped();
        let diagnoser = Diagnoser::new(&catalogue, compiler);
        let found = diagnoser.diagnose(message);
        (found.shows(MistakeId::UnknownName), found.capture("name").map(str::to_owned))
    }

    #[test]
    fn a_second_name_of_a_type_changes_nothing() {
        let text = "'Pier' {aka 'struct pier'} has no member named 'seats'; did you mean 'seat'?";
        let found = diagnose("gcc", &Message::new(Severity::Error, text));
        assert_eq!(found, (true, Some("seats".to_owned())));
        let two = "no known conversion from 'A' {aka 'x'} to 'B' (aka 'y')";
        assert_eq!(without_second_names(two), "no known conversion from 'A' to 'B'");
        assert_eq!(without_second_names("'A' {aka 'x"), "'A' {aka 'x");
        let named = "found : Seq[Leg] required: Pier.Route (which expands to) List[Leg]";
        assert_eq!(without_second_names(named), "found : Seq[Leg] required: List[Leg]");
    }

    #[test]
    fn javac_gives_the_name_in_a_note() {
        let mut message = Message::new(Severity::Error, "cannot find symbol");
        message.notes.push(Note { text: "symbol:   method fare(int)".to_owned(), at: None });
        assert_eq!(diagnose("javac", &message), (true, Some("fare".to_owned())));
    }
}
