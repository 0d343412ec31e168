//! How familiar a name is: by its letters, and by the words of the rest of the text.

use crate::fixes::Case;
use erratum_catalogue::Catalogue;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling::is_common_word;
use std::collections::HashMap;
use std::sync::LazyLock;

/// How much a word looks like one that people write, by its letters in threes: held against the
/// words of the library tables, of the catalogue's texts, and of this file.
pub(super) fn looks(case: &Case, word: &str) -> f64 {
    static COMMON: LazyLock<HashMap<[u8; 3], f64>> = LazyLock::new(|| {
        let mut counts = HashMap::new();
        for entry in Catalogue::shipped().entries() {
            count_letters(&entry.meaning, 1.0, &mut counts);
            count_letters(&entry.advice, 1.0, &mut counts);
        }
        for language in erratum_syntax::language::LANGUAGES {
            language.known_names().for_each(|(name, _)| count_letters(name, 1.0, &mut counts));
            language.keywords.iter().for_each(|name| count_letters(name, 1.0, &mut counts));
        }
        counts
    });
    let mut own = HashMap::new();
    let lexed = case.lexed();
    for token in lexed.comments.iter().chain(lexed.code.iter().filter(|t| t.kind == TokenKind::Str))
    {
        count_letters(lexed.text(token), 1.0, &mut own);
    }
    for name in case.text.names.seen.keys().filter(|name| *name != word) {
        count_letters(name, 1.0, &mut own);
    }
    let mut wanted = HashMap::new();
    count_letters(word, 1.0, &mut wanted);
    let likely = |run: &[u8; 3]| {
        let seen = COMMON.get(run).unwrap_or(&0.0) + 2.0 * own.get(run).unwrap_or(&0.0);
        ((seen + 0.3) / 40.0).ln()
    };
    let mut wanted: Vec<_> = wanted.into_iter().collect();
    wanted.sort_unstable_by_key(|(run, _)| *run);
    let sum: f64 = wanted.iter().map(|(run, count)| likely(run) * count).sum();
    let count: f64 = wanted.iter().map(|(_, count)| count).sum();
    sum / count.max(1.0)
}

fn count_letters(text: &str, weight: f64, counts: &mut HashMap<[u8; 3], f64>) {
    let mut spaced = vec![b' '];
    let mut before_lower = false;
    for byte in text.bytes() {
        let letter = byte.is_ascii_alphabetic();
        if !letter || (byte.is_ascii_uppercase() && before_lower) {
            spaced.push(b' ');
        }
        if letter {
            spaced.push(byte.to_ascii_lowercase());
        }
        before_lower = byte.is_ascii_lowercase();
    }
    spaced.push(b' ');
    for run in spaced.windows(3).filter(|run| run[1] != b' ') {
        *counts.entry([run[0], run[1], run[2]]).or_default() += weight;
    }
}

/// How often the words of a name occur in the rest of the text, in comments, strings and other names:
/// a word that people use elsewhere is hardly the misspelt one.
pub(super) fn familiarity(case: &Case, name: &str, other: &str) -> f64 {
    let lexed = case.lexed();
    let strings = lexed.code.iter().filter(|token| token.kind == TokenKind::Str);
    let texts = lexed.comments.iter().chain(strings).map(|token| lexed.text(token));
    let names = case.text.names.seen.keys().map(String::as_str);
    let mut count: HashMap<String, f64> = HashMap::new();
    for text in texts.chain(names.filter(|seen| *seen != name && *seen != other)) {
        for word in words(text) {
            *count.entry(word).or_default() += 1.0;
        }
    }
    let seen = |word: &str| {
        let stem = word.strip_suffix('s').unwrap_or(word);
        let forms = [word.to_owned(), stem.to_owned(), format!("{word}s")];
        let all: f64 = forms.iter().filter_map(|form| count.get(form)).sum();
        let common = [word, stem].iter().any(|form| is_common_word(form));
        all.min(2.0).max(if common { 1.8 } else { 0.0 })
    };
    // The part that nobody knows gives a slip away.
    words(name).map(|word| seen(&word)).fold(2.0, f64::min)
}

/// The words of a text or of a name such as `lastBerth` or `last_berth`, in small letters.
fn words(text: &str) -> impl Iterator<Item = String> {
    let mut spaced = String::with_capacity(text.len() + 8);
    let mut lower = false;
    for c in text.chars() {
        if c.is_uppercase() && lower {
            spaced.push(' ');
        }
        spaced.extend(if c.is_alphabetic() { c } else { ' ' }.to_lowercase());
        lower = c.is_lowercase();
    }
    spaced.split_whitespace().map(str::to_owned).collect::<Vec<_>>().into_iter()
}
