//! Reads, checks and applies texts that were written by others: one broken entry is named and left
//! out, the rest is used.

use crate::catalogue::Catalogue;
use crate::entry::{Entry, Phase, Wording};
use crate::pattern::{fixed_length, holes};
use crate::term::{Packed, Term};
use crate::texts::{MistakeTexts, TermTexts, Texts};
use erratum_syntax::spelling::edit_distance;
use serde::de::DeserializeOwned;
use serde::{Deserialize, Serialize};
use std::collections::BTreeSet;
use toml::Spanned;

/// What is wrong with an entry.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
pub struct Problem {
    /// The file.
    pub file: String,
    /// The line, from 1.
    pub line: u32,
    /// The entry, as in "mistake `missing-return`"; empty for the file as a whole.
    pub entry: String,
    /// What is wrong, and what to do.
    pub reason: String,
    /// Whether the entry is left out; else it is used all the same.
    pub left_out: bool,
}

/// Names that every text of a mistake may have in holes.
const ALWAYS: &[&str] = &["line", "reported", "old", "new", "file"];

/// How many words a sentence may have before it is hard to read.
const WORDS: usize = 25;

#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct Raw {
    #[serde(default)]
    language: Option<String>,
    #[serde(default)]
    mistake: Vec<Spanned<toml::Table>>,
    #[serde(default)]
    term: Vec<Spanned<toml::Table>>,
}

/// Reads a file of texts, and says what is wrong with it.
pub fn read(file: &str, text: &str) -> (Texts, Vec<Problem>) {
    let mut reader = Reader { file, text, problems: Vec::new(), seen: BTreeSet::new() };
    let raw: Raw = match toml::from_str(text) {
        Ok(raw) => raw,
        Err(error) => {
            let at = error.span().map_or(0, |span| span.start);
            let reason = format!("it is no TOML of the form that is wanted: {}", error.message());
            reader.note(at, "", &reason, true);
            return (Texts::default(), reader.problems);
        }
    };
    let mut texts = Texts { language: raw.language, ..Texts::default() };
    for table in &raw.mistake {
        let name = table.get_ref().get("id").and_then(toml::Value::as_str).unwrap_or_default();
        let entry = format!("mistake `{name}`");
        if let Some(mistake) = reader.entry::<MistakeTexts>(table, &entry, name)
            && reader.mistake(&mistake, table, &entry)
        {
            texts.mistakes.push(mistake);
        }
    }
    for table in &raw.term {
        let name = table.get_ref().get("name").and_then(toml::Value::as_str).unwrap_or_default();
        let entry = format!("term `{name}`");
        if let Some(term) = reader.entry::<TermTexts>(table, &entry, name)
            && reader.term(&term, table, &entry)
        {
            texts.terms.push(term);
        }
    }
    (texts, reader.problems)
}

struct Reader<'a> {
    file: &'a str,
    text: &'a str,
    problems: Vec<Problem>,
    seen: BTreeSet<String>,
}

impl Reader<'_> {
    fn note(&mut self, at: usize, entry: &str, reason: &str, left_out: bool) {
        let before = &self.text.as_bytes()[..at.min(self.text.len())];
        let line = 1 + before.iter().filter(|byte| **byte == b'\n').count() as u32;
        let (file, entry, reason) = (self.file.to_owned(), entry.to_owned(), reason.to_owned());
        self.problems.push(Problem { file, line, entry, reason, left_out });
    }

    /// Where a field of an entry stands, in bytes; the entry itself if it is not found.
    fn field(&self, table: &Spanned<toml::Table>, name: &str) -> usize {
        let start = table.span().start;
        let mut at = start;
        for line in self.text.get(start..).unwrap_or("").split_inclusive('\n') {
            if at > start && line.trim_start().starts_with("[[") {
                break;
            }
            let rest = line.trim_start().strip_prefix(name);
            if rest.is_some_and(|rest| rest.trim_start().starts_with('=')) {
                return at;
            }
            at += line.len();
        }
        start
    }

    fn entry<T: DeserializeOwned>(
        &mut self,
        table: &Spanned<toml::Table>,
        entry: &str,
        name: &str,
    ) -> Option<T> {
        if !name.is_empty() && !self.seen.insert(entry.to_owned()) {
            self.note(table.span().start, entry, "it stands here a second time", true);
            return None;
        }
        match toml::Value::Table(table.get_ref().clone()).try_into::<T>() {
            Ok(found) => Some(found),
            Err(error) => {
                let message = error.message().to_owned();
                // The name of a field that is not known stands in the message.
                let field = message.split('`').nth(1).unwrap_or_default().to_owned();
                self.note(self.field(table, &field), entry, &message, true);
                None
            }
        }
    }

    /// Whether a mistake can be used.
    fn mistake(
        &mut self,
        mistake: &MistakeTexts,
        table: &Spanned<toml::Table>,
        entry: &str,
    ) -> bool {
        let before = self.problems.len();
        let shipped = Catalogue::shipped();
        let known = shipped.entry(&mistake.id);
        let shape = |c: char| c.is_ascii_lowercase() || c.is_ascii_digit() || c == '-';
        if mistake.id.is_empty() || !mistake.id.chars().all(shape) {
            let reason = "its id is made of small letters, digits and `-`";
            self.note(self.field(table, "id"), entry, reason, true);
            return false;
        }
        let given = [
            ("title", &mistake.title),
            ("general", &mistake.general),
            ("meaning", &mistake.meaning),
            ("advice", &mistake.advice),
        ];
        let lacking: Vec<&str> =
            given.iter().filter(|(_, text)| text.is_none()).map(|(name, _)| *name).collect();
        if known.is_none() && (!lacking.is_empty() || mistake.patterns.is_empty()) {
            let patterns = if mistake.patterns.is_empty() { &["patterns"][..] } else { &[] };
            let all = [&lacking[..], patterns].concat().join(", ");
            let near =
                nearest(&mistake.id).map_or(String::new(), |id| format!(" Did you mean `{id}`?"));
            let reason =
                format!("it is no mistake that Erratum knows, so it also needs: {all}.{near}");
            self.note(table.span().start, entry, &reason, true);
            return false;
        }
        let mut names: BTreeSet<String> = ALWAYS.iter().map(|name| (*name).to_owned()).collect();
        names.extend(known.into_iter().flat_map(|known| known.holes.iter().cloned()));
        let patterns = known.map_or(&[][..], |known| &known.patterns);
        for pattern in patterns.iter().chain(&mistake.patterns) {
            names.extend(holes(&pattern.text).map(str::to_owned));
        }
        let known = |id: &str| erratum_syntax::language::by_id(id).is_some();
        for id in mistake.within.keys().filter(|id| !known(id)) {
            let reason = format!("`in.{id}`: no language has this short name");
            self.note(self.field(table, "in"), entry, &reason, true);
        }
        let within = mistake.within.values().flat_map(|wording| {
            [
                ("title", &wording.title),
                ("general", &wording.general),
                ("meaning", &wording.meaning),
                ("advice", &wording.advice),
            ]
        });
        for (field, text) in given.into_iter().chain(within) {
            let Some(text) = text else { continue };
            let at = self.field(table, field);
            if text.trim().is_empty() {
                self.note(at, entry, &format!("`{field}` is empty"), true);
            }
            for hole in holes(text).filter(|hole| *hole != "*") {
                if field == "general" {
                    let reason = format!(
                        "`general` is said where nothing is known, so it cannot have `{{{hole}}}`"
                    );
                    self.note(at, entry, &reason, true);
                } else if !names.contains(hole) {
                    let names: Vec<&str> =
                        names.iter().map(String::as_str).filter(|name| *name != "*").collect();
                    let reason = format!(
                        "nothing fills `{{{hole}}}` in `{field}`; there are: {}",
                        names.join(", ")
                    );
                    self.note(at, entry, &reason, true);
                }
            }
            self.long(at, entry, field, text);
        }
        for pattern in &mistake.patterns {
            let at = self.field(table, "patterns");
            let compilers = shipped.compilers();
            if !compilers.contains(pattern.compiler.as_str()) {
                let compilers: Vec<&str> = compilers.into_iter().collect();
                let reason = format!(
                    "`{}` is no compiler that Erratum knows messages of; there are: {}",
                    pattern.compiler,
                    compilers.join(", ")
                );
                self.note(at, entry, &reason, true);
            }
            let fixed = fixed_length(&pattern.text);
            if fixed < 4 && pattern.code.is_none() {
                let reason = format!(
                    "the pattern `{}` would fit nearly every message: it needs more words of the message",
                    pattern.text
                );
                self.note(at, entry, &reason, true);
            }
        }
        self.problems[before..].iter().all(|problem| !problem.left_out)
    }

    /// Whether a word can be used.
    fn term(&mut self, term: &TermTexts, table: &Spanned<toml::Table>, entry: &str) -> bool {
        let before = self.problems.len();
        let start = table.span().start;
        if term.name.trim().is_empty() {
            self.note(start, entry, "its name is empty", true);
        }
        let shipped = Catalogue::shipped();
        let known = shipped.terms().iter().any(|known| known.name.eq_ignore_ascii_case(&term.name));
        let given = [("meaning", &term.meaning), ("why", &term.why)];
        let lacking: Vec<&str> =
            given.iter().filter(|(_, text)| text.is_none()).map(|(name, _)| *name).collect();
        if !known && !lacking.is_empty() {
            let reason = format!("it is a new word, so it also needs: {}", lacking.join(", "));
            self.note(start, entry, &reason, true);
        }
        for (field, text) in given {
            let Some(text) = text else { continue };
            let at = self.field(table, field);
            if text.trim().is_empty() {
                self.note(at, entry, &format!("`{field}` is empty"), true);
            }
            self.long(at, entry, field, text);
        }
        for id in term.mistakes.iter().flatten().filter(|id| shipped.entry(id).is_none()) {
            let reason = format!("`{id}` is no mistake that Erratum knows");
            self.note(self.field(table, "mistakes"), entry, &reason, true);
        }
        self.problems[before..].iter().all(|problem| !problem.left_out)
    }

    /// A sentence that is too long is no error, but hard to read.
    fn long(&mut self, at: usize, entry: &str, field: &str, text: &str) {
        let words = |sentence: &str| sentence.split_whitespace().count();
        let longest = text.split_inclusive(['.', '?', ':', ';']).map(words).max().unwrap_or(0);
        if longest > WORDS {
            let reason = format!(
                "a sentence in `{field}` has {longest} words; up to {WORDS} are easy to read"
            );
            self.note(at, entry, &reason, false);
        }
    }
}

/// The kind of mistake whose name is nearest, if one is near.
fn nearest(id: &str) -> Option<String> {
    let shipped = Catalogue::shipped();
    let ids = shipped.entries().iter().map(|entry| entry.id.as_str());
    let near = ids.map(|known| (edit_distance(id, known), known));
    let (far, known) = near.min_by(|a, b| a.0.total_cmp(&b.0))?;
    (far <= 1.0 + id.len() as f64 / 5.0).then(|| known.to_owned())
}

/// Texts as they are printed for others to start from: what is not given is left out.
#[derive(Serialize)]
struct Printed<'a> {
    #[serde(skip_serializing_if = "Vec::is_empty")]
    mistake: Vec<PrintedMistake<'a>>,
    #[serde(skip_serializing_if = "Vec::is_empty")]
    term: Vec<PrintedTerm<'a>>,
}

#[derive(Serialize)]
struct PrintedMistake<'a> {
    id: &'a str,
    title: &'a str,
    general: &'a str,
    meaning: &'a str,
    advice: &'a str,
}

#[derive(Serialize)]
struct PrintedTerm<'a> {
    name: &'a str,
    meaning: &'a str,
    why: &'a str,
}

/// The texts of mistakes and words, as a file of texts.
///
/// # Errors
/// The name that is neither a kind of mistake nor a word.
pub fn print<'n>(names: &[&'n str]) -> Result<String, &'n str> {
    let shipped = Catalogue::shipped();
    let mut printed = Printed { mistake: Vec::new(), term: Vec::new() };
    for name in names {
        if let Some(entry) = shipped.entry(name) {
            printed.mistake.push(PrintedMistake {
                id: &entry.id,
                title: &entry.title,
                general: &entry.general,
                meaning: &entry.meaning,
                advice: &entry.advice,
            });
        } else {
            let term = shipped.terms().iter().find(|term| term.name.eq_ignore_ascii_case(name));
            let term = term.ok_or(*name)?;
            printed.term.push(PrintedTerm {
                name: &term.name,
                meaning: &term.meaning,
                why: &term.why,
            });
        }
    }
    // Texts alone can always be written.
    Ok(toml::to_string(&printed).unwrap_or_default())
}

/// The texts of a wording, in the order of an entry's.
fn fields_of(wording: &mut Wording) -> [&mut Option<String>; 4] {
    [&mut wording.title, &mut wording.general, &mut wording.meaning, &mut wording.advice]
}

/// Puts texts in the place of those that the catalogue has.
pub(super) fn apply(packed: &mut Packed, texts: &Texts) {
    for new in &texts.mistakes {
        let known = packed.entries.iter_mut().find(|entry| entry.id == new.id);
        let entry = match known {
            Some(entry) => entry,
            None => {
                let fresh = Entry {
                    id: new.id.clone(),
                    phase: new.phase.unwrap_or(Phase::Type),
                    ..Entry::default()
                };
                packed.entries.push(fresh);
                let last = packed.entries.len() - 1;
                &mut packed.entries[last]
            }
        };
        let fields = [
            (&mut entry.title, &new.title),
            (&mut entry.general, &new.general),
            (&mut entry.meaning, &new.meaning),
            (&mut entry.advice, &new.advice),
        ];
        for (old, new) in fields {
            if let Some(new) = new {
                old.clone_from(new);
            }
        }
        // What was said in a language of programs gives way to the new text.
        for wording in entry.within.values_mut() {
            let given = [&new.title, &new.general, &new.meaning, &new.advice];
            for (old, _) in
                fields_of(wording).into_iter().zip(given).filter(|(_, new)| new.is_some())
            {
                *old = None;
            }
        }
        for (language, new) in &new.within {
            let wording = entry.within.entry(language.clone()).or_default();
            let given = [&new.title, &new.general, &new.meaning, &new.advice];
            for (old, new) in
                fields_of(wording).into_iter().zip(given).filter(|(_, new)| new.is_some())
            {
                old.clone_from(new);
            }
        }
        entry.patterns.extend(new.patterns.iter().cloned());
    }
    for new in &texts.terms {
        let known = packed.terms.iter_mut().find(|term| term.name.eq_ignore_ascii_case(&new.name));
        let term = match known {
            Some(term) => term,
            None => {
                packed.terms.push(Term { name: new.name.clone(), ..Term::default() });
                let last = packed.terms.len() - 1;
                &mut packed.terms[last]
            }
        };
        for (old, new) in [(&mut term.meaning, &new.meaning), (&mut term.why, &new.why)] {
            if let Some(new) = new {
                old.clone_from(new);
            }
        }
        let lists = [
            (&mut term.also, &new.also),
            (&mut term.mistakes, &new.mistakes),
            (&mut term.related, &new.related),
        ];
        for (old, new) in lists {
            if let Some(new) = new {
                old.clone_from(new);
            }
        }
    }
    // Both are looked up by name.
    packed.entries.sort_by(|a, b| a.id.cmp(&b.id));
    packed.terms.sort_by(|a, b| a.name.cmp(&b.name));
}

#[cfg(test)]
mod tests {
    use super::*;

    fn problems(text: &str) -> Vec<(u32, String, bool)> {
        read("own.toml", text).1.into_iter().map(|p| (p.line, p.reason, p.left_out)).collect()
    }

    #[test]
    fn a_sound_file_has_no_problems_and_is_applied() {
        let text = "[[mistake]]\nid = \"missing-terminator\"\nmeaning = \"Ask the harbour master.\"\n\n[[mistake]]\nid = \"lost-anchor\"\ntitle = \"`{name}` lost its anchor\"\ngeneral = \"An anchor is lost\"\nmeaning = \"It is gone.\"\nadvice = \"Dive.\"\npatterns = [{ compiler = \"gcc\", text = \"anchor of '{name}' lost\" }]\n\n[[term]]\nname = \"berth\"\nmeaning = \"A place for a ship.\"\nwhy = \"Ships must lie somewhere.\"\n";
        let (texts, problems) = read("own.toml", text);
        assert_eq!(problems, []);
        let mut packed = Catalogue::shipped().packed().clone();
        let before = packed.entries.len();
        apply(&mut packed, &texts);
        assert_eq!(packed.entries.len(), before + 1);
        let entry = |id: &str| packed.entries.iter().find(|e| e.id == id).unwrap();
        assert_eq!(entry("missing-terminator").meaning, "Ask the harbour master.");
        assert_eq!(entry("missing-terminator").general, "A statement is not ended");
        assert_eq!(entry("lost-anchor").patterns.len(), 1);
        assert!(packed.terms.iter().any(|term| term.name == "berth"));
        assert!(packed.entries.is_sorted_by(|a, b| a.id < b.id));
    }

    #[test]
    fn a_new_text_holds_in_every_language_that_has_none_of_its_own() {
        let text = "[[mistake]]\nid = \"missing-instance\"\nadvice = \"Ask.\"\n\n[mistake.in.scala]\nadvice = \"Ask twice.\"\n";
        let (texts, problems) = read("own.toml", text);
        assert_eq!(problems, []);
        let shipped = Catalogue::shipped();
        let changed = shipped.with_texts(&[texts]);
        let said = |language| changed.entry("missing-instance").unwrap().said(Some(language));
        let before = |language| shipped.entry("missing-instance").unwrap().said(Some(language));
        assert!(before("rust").advice.contains("`derive`"));
        assert_eq!(
            ["rust", "haskell", "scala"].map(|id| said(id).advice),
            ["Ask.", "Ask.", "Ask twice."]
        );
        assert_eq!(said("rust").meaning, before("rust").meaning, "what is not given stays");
        let (_, problems) = read("own.toml", &text.replace("in.scala", "in.norse"));
        assert!(problems[0].reason.contains("`in.norse`: no language"), "{problems:#?}");
    }

    #[test]
    fn each_problem_is_named_with_its_line_and_the_rest_is_used() {
        let text = "[[mistake]]\nid = \"missing-terminatr\"\nmeaning = \"x\"\n\n[[mistake]]\nid = \"missing-return\"\n\ntitel = \"x\"\n\n[[mistake]]\nid = \"misspelt-name\"\ntitle = \"`{nam}`\"\ngeneral = \"{old}\"\n\n[[mistake]]\nid = \"no-effect\"\nadvice = \"Do.\"\n";
        let found = problems(text);
        let lines: Vec<u32> = found.iter().map(|(line, ..)| *line).collect();
        assert_eq!(lines, [1, 8, 12, 13], "{found:#?}");
        assert!(found[0].1.contains("Did you mean `missing-terminator`?"), "{}", found[0].1);
        assert!(found[1].1.contains("titel"), "{}", found[1].1);
        assert!(found[2].1.contains("nothing fills `{nam}`"), "{}", found[2].1);
        let (texts, _) = read("own.toml", text);
        assert_eq!(texts.mistakes.len(), 1);
    }

    #[test]
    fn a_file_that_is_no_toml_is_named_with_its_line() {
        let found = problems("[[mistake]]\nid = \"no-effect\"\nadvice = Do\n");
        assert_eq!((found.len(), found[0].0, found[0].2), (1, 3, true));
        assert_eq!(problems("mistake = 3\n").len(), 1);
        assert_eq!(problems(""), []);
    }

    #[test]
    fn patterns_that_fit_everything_or_no_compiler_are_refused() {
        let entry =
            |pattern: &str| format!("[[mistake]]\nid = \"no-effect\"\npatterns = [{pattern}]\n");
        assert_eq!(problems(&entry("{ compiler = \"gcc\", text = \"{*}\" }")).len(), 1);
        assert_eq!(problems(&entry("{ compiler = \"gc\", text = \"no effect\" }")).len(), 1);
        // The compilers are called as the catalogue calls them.
        assert_eq!(problems(&entry("{ compiler = \"cl\", text = \"no effect\" }")), []);
        assert_eq!(problems(&entry("{ compiler = \"gcc\", text = \"no effect\" }")), []);
    }

    #[test]
    fn a_long_sentence_is_used_all_the_same() {
        let long = "word ".repeat(30);
        let text = format!("[[mistake]]\nid = \"no-effect\"\nadvice = \"{long}.\"\n");
        assert_eq!(problems(&text).iter().map(|p| p.2).collect::<Vec<_>>(), [false]);
        assert_eq!(read("own.toml", &text).0.mistakes.len(), 1);
    }
}
