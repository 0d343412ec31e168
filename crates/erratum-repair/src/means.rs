//! What a word of the trade, a code or a pasted message means.

use crate::diagnose::Diagnoser;
use crate::message::{Message, Severity};
use crate::read;
use crate::trace;
use erratum_catalogue::{Captures, Catalogue, Crash, Entry, Term, fill, fill_sentences};
use erratum_syntax::language::LANGUAGES;
use erratum_syntax::spelling::edit_distance;
use serde::Serialize;
use std::collections::BTreeSet;

/// What was asked about.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[serde(rename_all = "lowercase")]
pub enum Subject {
    /// A word of the trade.
    Word,
    /// A kind of mistake.
    Mistake,
    /// A message of a compiler.
    Message,
    /// A message of which only the form is known.
    Form,
    /// Why a running program stopped.
    Crash,
}

/// A wrong program and the same mended.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
pub struct Example {
    /// Short name of its language.
    pub language: String,
    /// Gives a message of this kind.
    pub wrong: String,
    /// Compiles.
    pub right: String,
}

/// One answer.
#[derive(Clone, Debug, Serialize)]
pub struct Answer {
    /// What it is about.
    pub subject: Subject,
    /// The word, or the line that says what is wrong.
    pub title: String,
    /// Other words for the same; for a code, the other kinds of mistake that it may stand for.
    pub also: Vec<String>,
    /// What it means.
    pub meaning: String,
    /// Why the rule exists; empty for a mistake, whose meaning says so.
    pub why: String,
    /// What to try; empty for a word.
    pub advice: String,
    /// A wrong and a right program that show it.
    pub example: Option<Example>,
    /// Words to look up next.
    pub related: Vec<String>,
}

/// What is known of a question, or the words nearest to it.
///
/// # Errors
/// When nothing is known: the nearest words, the nearest first.
pub fn means(
    catalogue: &Catalogue,
    question: &str,
    language: Option<&str>,
) -> Result<Vec<Answer>, Vec<String>> {
    let question = bare(question);
    let asked = question.trim();
    if let Some(term) = term(catalogue, asked) {
        return Ok(vec![of_term(catalogue, term, language)]);
    }
    let coded = of_code(catalogue, asked, language);
    if !coded.is_empty() {
        return Ok(coded);
    }
    if let Some(entry) = catalogue.entry(&asked.to_lowercase().replace(' ', "-"))
        && !matches!(entry.id.as_str(), "other" | "other-warning")
    {
        return Ok(vec![of_entry(catalogue, entry, &Captures::new(), language, Subject::Mistake)]);
    }
    let messages = read::read(question.as_bytes()).messages;
    let answers: Vec<Answer> = if messages.is_empty() {
        let alone = joined(&question);
        of_message(catalogue, &Message::new(Severity::Error, &alone), language)
            .into_iter()
            .collect()
    } else {
        messages.iter().filter_map(|message| of_message(catalogue, message, language)).collect()
    };
    let mut seen = BTreeSet::new();
    let answers: Vec<Answer> =
        answers.into_iter().filter(|answer| seen.insert(answer.title.clone())).collect();
    if !answers.is_empty() {
        return Ok(answers);
    }
    let mut stopped = trace::read(catalogue, question.as_bytes()).into_iter();
    let cause = stopped.next().map_or_else(|| joined(&question), |stopped| stopped.cause);
    let crash = catalogue.crash_of(&cause).map(|crash| of_crash(catalogue, crash));
    crash.map(|crash| vec![crash]).ok_or_else(|| near(catalogue, asked))
}

fn of_crash(catalogue: &Catalogue, crash: &Crash) -> Answer {
    let words = known_words(catalogue, &format!("{} {}", crash.meaning, crash.advice));
    Answer {
        subject: Subject::Crash,
        title: crash.title.clone(),
        also: Vec::new(),
        meaning: crash.meaning.clone(),
        why: String::new(),
        advice: crash.advice.clone(),
        example: None,
        related: words.into_iter().map(|term| term.name.clone()).take(6).collect(),
    }
}

/// The words of the trade that a text uses, as they are known.
pub fn known_words<'c>(catalogue: &'c Catalogue, text: &str) -> Vec<&'c Term> {
    let lower = format!(" {} ", text.to_lowercase());
    let words = |name: &str| {
        let name = name.to_lowercase();
        let plain = format!(" {name} ");
        let many = format!(" {name}s ");
        let cleaned: String =
            lower.chars().map(|c| if c.is_alphanumeric() || c == '-' { c } else { ' ' }).collect();
        cleaned.contains(&plain) || cleaned.contains(&many)
    };
    catalogue.terms().iter().filter(|term| words(&term.name)).collect()
}

/// The text without colour, and without what an editor or a quotation puts before its lines.
fn bare(text: &str) -> String {
    let plain = strip_ansi_escapes::strip_str(text);
    let start = |c: char| c.is_whitespace() || matches!(c, '>' | '|' | '│' | '┃' | '•' | '*');
    let lines = plain.lines().map(|line| {
        let inner = line.trim_start_matches(start);
        // Blanks before a line matter to the readers; a quotation's marks do not.
        if inner.len() < line.trim_start().len() { inner } else { line }
    });
    lines.collect::<Vec<_>>().join("\n")
}

/// A message of several lines on one.
fn joined(text: &str) -> String {
    text.split_whitespace().collect::<Vec<_>>().join(" ")
}

fn same(a: &str, b: &str) -> bool {
    a.eq_ignore_ascii_case(b)
}

/// The term of that name, also in the plural.
fn term<'c>(catalogue: &'c Catalogue, asked: &str) -> Option<&'c Term> {
    let find = |asked: &str| {
        let terms = catalogue.terms();
        let named = terms.iter().find(|term| same(&term.name, asked));
        named.or_else(|| terms.iter().find(|term| term.also.iter().any(|a| same(a, asked))))
    };
    find(asked).or_else(|| find(asked.strip_suffix('s')?))
}

fn of_term(catalogue: &Catalogue, term: &Term, language: Option<&str>) -> Answer {
    let entries = || term.mistakes.iter().filter_map(|id| catalogue.entry(id));
    let example = entries().find_map(|entry| example(entry, language, true));
    Answer {
        subject: Subject::Word,
        title: term.name.clone(),
        also: term.also.clone(),
        meaning: term.meaning.clone(),
        why: term.why.clone(),
        advice: String::new(),
        example: example.or_else(|| entries().find_map(example_of_any)),
        related: term.related.clone(),
    }
}

/// The example of an entry in a language; in any if none is asked for.
fn example(entry: &Entry, language: Option<&str>, only: bool) -> Option<Example> {
    let wanted = language.and_then(|id| entry.examples.get_key_value(id));
    let other = || entry.examples.iter().next().filter(|_| !only || language.is_none());
    let (id, example) = wanted.or_else(other)?;
    Some(Example {
        language: id.clone(),
        wrong: example.wrong.clone(),
        right: example.right.clone(),
    })
}

fn example_of_any(entry: &Entry) -> Option<Example> {
    example(entry, None, false)
}

/// Without a known name in it, the general line stands for the title.
fn of_entry(
    catalogue: &Catalogue,
    entry: &Entry,
    words: &Captures,
    language: Option<&str>,
    subject: Subject,
) -> Answer {
    let related = catalogue
        .terms()
        .iter()
        .filter(|term| term.mistakes.contains(&entry.id))
        .map(|term| term.name.clone())
        .take(6);
    let said = entry.said(language);
    Answer {
        subject,
        title: said.general.to_owned(),
        also: Vec::new(),
        meaning: fill_sentences(said.meaning, words),
        why: String::new(),
        advice: fill_sentences(said.advice, words),
        example: example(entry, language, false),
        related: related.collect(),
    }
}

/// What the entries say whose messages carry a code such as `E0308` or `-Wparentheses`.
fn of_code(catalogue: &Catalogue, asked: &str, language: Option<&str>) -> Vec<Answer> {
    // A leading `-` means an option on a command line, so warnings are also asked for without it.
    let dashed = format!("-{asked}");
    let asked = if catalogue.compiler_of_code(&dashed).is_some() { &dashed } else { asked };
    let compiler = catalogue.compiler_of_code(asked);
    let own = LANGUAGES.iter().find(|own| compiler == Some(own.codes));
    let language = language.or(own.map(|own| own.id));
    let codes = |entry: &&Entry| {
        entry.patterns.iter().any(|p| p.code.as_deref().is_some_and(|code| same(code, asked)))
    };
    let mut entries: Vec<&Entry> = catalogue.by_code(asked, "");
    for entry in catalogue.entries().iter().filter(codes) {
        if entries.iter().all(|known| known.id != entry.id) {
            entries.push(entry);
        }
    }
    let Some((first, rest)) = entries.split_first() else { return Vec::new() };
    let mut answer = of_entry(catalogue, first, &Captures::new(), language, Subject::Mistake);
    answer.also = rest.iter().map(|entry| entry.id.clone()).collect();
    answer.title = format!("{}: {}", asked.trim(), answer.title);
    vec![answer]
}

fn of_message(catalogue: &Catalogue, message: &Message, language: Option<&str>) -> Option<Answer> {
    let diagnoser = Diagnoser::new(catalogue, "");
    if let Some(best) = diagnoser.diagnose(message).unproved() {
        return Some(of_entry(catalogue, best.entry, &best.captures, language, Subject::Message));
    }
    if let Some((entry, words)) = diagnoser.worded_by(message) {
        return Some(of_entry(catalogue, entry, &words, language, Subject::Message));
    }
    let (shape, words) = catalogue.shape_of(&message.text)?;
    Some(Answer {
        subject: Subject::Form,
        title: fill(&shape.title, &words).unwrap_or_else(|| shape.general.clone()),
        also: Vec::new(),
        meaning: shape.meaning.clone(),
        why: String::new(),
        advice: shape.advice.clone(),
        example: None,
        related: known_words(catalogue, &message.text)
            .into_iter()
            .map(|term| term.name.clone())
            .collect(),
    })
}

/// How many near words are offered.
const OFFERED: usize = 5;

/// The words nearest to one that is not known.
fn near(catalogue: &Catalogue, asked: &str) -> Vec<String> {
    let lower = asked.to_lowercase();
    let mut found: Vec<(f64, &str)> = Vec::new();
    for term in catalogue.terms() {
        let names = std::iter::once(&term.name).chain(&term.also);
        let best = names
            .map(|name| {
                let name = name.to_lowercase();
                let within = name.split(' ').any(|word| word == lower) || lower.contains(&name);
                if within && name.len() > 2 { 0.5 } else { edit_distance(&lower, &name) }
            })
            .fold(f64::INFINITY, f64::min);
        if best <= 1.0 + lower.chars().count() as f64 / 4.0 {
            found.push((best, &term.name));
        }
    }
    found.sort_by(|a, b| a.0.total_cmp(&b.0).then(a.1.cmp(b.1)));
    found.into_iter().take(OFFERED).map(|(_, name)| name.to_owned()).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    fn titles(question: &str) -> Vec<String> {
        means(&Catalogue::shipped(), question, None)
            .unwrap()
            .into_iter()
            .map(|answer| answer.title)
            .collect()
    }

    #[test]
    fn words_are_found_by_name_by_other_names_and_in_the_plural() {
        assert_eq!(titles("Identifier"), ["identifier"]);
        assert_eq!(titles("actual parameter"), ["argument"]);
        assert_eq!(titles("parentheses"), ["bracket"]);
        assert_eq!(titles("operands"), ["operand"]);
    }

    #[test]
    fn near_words_are_offered_for_one_that_is_not_known() {
        let near = means(&Catalogue::shipped(), "identifyer", None).unwrap_err();
        assert_eq!(near.first().map(String::as_str), Some("identifier"), "{near:?}");
        assert!(means(&Catalogue::shipped(), "zzzzqqqq", None).unwrap_err().is_empty());
    }

    #[test]
    fn messages_are_explained_whole_in_half_and_with_decoration() {
        let whole = "ferry.c:3:5: error: expected ',' or ';' before 'return'";
        assert_eq!(titles(whole).len(), 1);
        let decorated = "> \u{1b}[1mferry.c:3:5: \u{1b}[31merror:\u{1b}[0m expected ',' or ';' before 'return'\n>     3 | return x;";
        assert_eq!(titles(decorated), titles(whole));
        assert_eq!(titles("expected ',' or ';' before 'return'"), titles(whole));
        let form = means(
            &Catalogue::shipped(),
            "the gate could not be unlocked: unexpected lantern",
            None,
        )
        .unwrap();
        assert_eq!(form[0].subject, Subject::Form);
        assert_eq!(form[0].title, "lantern does not fit here");
    }

    #[test]
    fn codes_and_kinds_of_mistake_are_known() {
        assert!(means(&Catalogue::shipped(), "E0308", None).is_ok());
        assert!(means(&Catalogue::shipped(), "e0308", Some("rust")).unwrap()[0].example.is_some());
        assert_eq!(
            means(&Catalogue::shipped(), "missing-terminator", None).unwrap()[0].subject,
            Subject::Mistake
        );
        // What no entry knows is no answer; a kind whose name begins alike is one.
        assert!(means(&Catalogue::shipped(), "other-kind", None).is_ok());
        assert!(means(&Catalogue::shipped(), "other", None).is_err());
    }

    #[test]
    fn every_term_can_be_followed_up() {
        for term in Catalogue::shipped().terms() {
            for id in &term.mistakes {
                assert!(Catalogue::shipped().entry(id).is_some(), "{}: no entry {id}", term.name);
            }
            for word in &term.related {
                assert!(
                    super::term(&Catalogue::shipped(), word).is_some(),
                    "{}: no term {word}",
                    term.name
                );
            }
        }
        assert!(Catalogue::shipped().terms().len() >= 120);
    }

    #[test]
    fn sentences_are_short() {
        let catalogue = Catalogue::shipped();
        let entries = catalogue.entries().iter().flat_map(|e| [&e.meaning, &e.advice]);
        let terms = catalogue.terms().iter().flat_map(|term| [&term.meaning, &term.why]);
        let long: Vec<&str> = entries
            .chain(terms)
            .flat_map(|text| text.split_inclusive(['.', '?', ':', ';']))
            .filter(|sentence| sentence.split_whitespace().count() > 25)
            .collect();
        assert!(long.is_empty(), "{long:#?}");
    }
}
