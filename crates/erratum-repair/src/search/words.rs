//! The words of a message that may be names of the program.

use crate::fixes::promised::promised;
use crate::message::Message;

/// The words of a text that may be names: those that it quotes, and of its own words those that are no plain
/// English. A text without quotes may name something in any of its words.
pub(super) fn words(text: &str) -> Vec<&str> {
    let quoted = quoted(text);
    let all = || text.split(|c: char| !is_of_word(c) && c != '\'').flat_map(whole);
    if quoted.is_empty() {
        let all: Vec<&str> = all().filter(|word| !word.is_empty()).collect();
        let names =
            |at: usize| at == 0 || !PROSE.contains(&all[at]) || is_told(text, all[at - 1], all[at]);
        return (0..all.len()).filter(|at| names(*at)).map(|at| all[at]).collect();
    }
    let of_quotes = quoted.into_iter().flat_map(|part| part.split(|c| !is_of_word(c)));
    let all = of_quotes.chain(all().filter(|word| is_no_prose(word)));
    all.filter(|word| !word.is_empty()).collect()
}

/// The words of a message, and those of what it is about.
pub(super) fn words_of(message: &Message) -> Vec<&str> {
    let mut all = words(&message.text);
    all.extend(words(message.subject()));
    // Some compilers do not quote what a class lacks.
    all.extend(promised(&message.text));
    all
}

/// What compilers speak of in their own words, and what programs call their values, too.
const PROSE: [&str; 34] = [
    "a",
    "an",
    "the",
    "of",
    "to",
    "in",
    "is",
    "as",
    "at",
    "by",
    "no",
    "not",
    "and",
    "or",
    "name",
    "value",
    "type",
    "method",
    "function",
    "parameter",
    "argument",
    "variable",
    "field",
    "member",
    "class",
    "list",
    "array",
    "index",
    "number",
    "result",
    "line",
    "start",
    "end",
    "count",
];

/// What is said of a name before it, by compilers that do not quote it (seen with scalac 2.11, go 1.19).
const KINDS: [&str; 11] = [
    "value",
    "variable",
    "method",
    "class",
    "object",
    "type",
    "symbol",
    "field",
    "constructor",
    "label",
    "undefined",
];

/// Whether a text without quotes names what stands behind a word.
fn is_told(text: &str, before: &str, word: &str) -> bool {
    let behind = |between: &str| text.contains(&format!("{before}{between}{word}"));
    behind(": ") || KINDS.contains(&before) && behind(" ")
}

fn is_of_word(c: char) -> bool {
    c.is_alphanumeric() || c == '_'
}

/// A word that an apostrophe joins, such as `couldn't`, is no name; what stands in such marks is.
fn whole(word: &str) -> impl Iterator<Item = &str> {
    let inner = word.trim_matches('\'');
    let joined = ["n't", "'s", "'re"].iter().any(|end| inner.ends_with(end));
    inner.split('\'').filter(move |_| !joined)
}

/// A word that has a capital letter within, a digit or a `_` is a name, wherever it stands.
fn is_no_prose(word: &str) -> bool {
    word.chars().skip(1).any(|c| c.is_uppercase() || c.is_ascii_digit() || c == '_')
}

/// What stands in quotes: a mark before it that no letter precedes, and the same mark behind it that no
/// letter follows.
fn quoted(text: &str) -> Vec<&str> {
    let mut parts = Vec::new();
    let mut rest = text;
    let mut before = ' ';
    while let Some(mark) = rest.chars().next() {
        let inner = &rest[mark.len_utf8()..];
        let opens = matches!(mark, '\'' | '"' | '`') && !is_of_word(before);
        match end_of(inner, mark).filter(|_| opens) {
            Some(end) => {
                parts.push(&inner[..end]);
                rest = &inner[end + mark.len_utf8()..];
                before = mark;
            }
            None => {
                rest = inner;
                before = mark;
            }
        }
    }
    parts
}

/// How many bytes a quoted part has at most: an open quote does not read a long message to its end again.
const LONGEST: usize = 600;

fn end_of(text: &str, mark: char) -> Option<usize> {
    let ends = text.match_indices(mark).map(|(at, _)| at).take_while(|at| *at <= LONGEST);
    ends.into_iter().find(|at| *at > 0 && !text[at + mark.len_utf8()..].starts_with(is_of_word))
}

#[cfg(test)]
mod tests {
    use super::words;

    #[test]
    fn what_a_message_quotes_may_be_a_name() {
        let said = "Couldn't match expected type 'Maybe Fare' with actual type 'fare'";
        assert_eq!(words(said), ["Maybe", "Fare", "fare"]);
        assert_eq!(words("no member named 'to' in maxFare"), ["to", "maxFare"]);
    }

    #[test]
    fn without_quotes_every_word_may_be() {
        assert_eq!(words("undefined: tide"), ["undefined", "tide"]);
        assert_eq!(words("value name is not a member of Int"), ["value", "name", "Int"]);
        assert!(!words("it must appear before parameter name").contains(&"name"));
        assert!(!words("it can't be: t").contains(&"can"));
        assert!(words("it can't be: t").contains(&"t"));
    }
}
