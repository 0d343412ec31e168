//! Patterns and texts with holes.

use crate::Captures;

enum Piece<'a> {
    Fixed(&'a str),
    Hole(&'a str),
}

fn pieces(pattern: &str) -> Vec<Piece<'_>> {
    let mut all = Vec::new();
    let mut rest = pattern;
    while let Some(open) = rest.find('{') {
        let Some(close) = rest[open..].find('}').map(|at| at + open) else { break };
        if open > 0 {
            all.push(Piece::Fixed(&rest[..open]));
        }
        all.push(Piece::Hole(&rest[open + 1..close]));
        rest = &rest[close + 1..];
    }
    if !rest.is_empty() {
        all.push(Piece::Fixed(rest));
    }
    all
}

/// The names of the holes of a text.
pub(crate) fn holes(text: &str) -> impl Iterator<Item = &str> {
    pieces(text).into_iter().filter_map(|piece| match piece {
        Piece::Hole(name) if name.starts_with(|c: char| c.is_alphabetic() || c == '*') => {
            Some(name)
        }
        _ => None,
    })
}

/// Returns how much of a pattern is fixed text, in bytes: the more, the more a fit says.
pub fn fixed_length(pattern: &str) -> usize {
    let fixed = |piece: &Piece| if let Piece::Fixed(text) = piece { text.len() } else { 0 };
    pieces(pattern).iter().map(fixed).sum()
}

/// Holds a whole text against a pattern; gives what the named holes hold. A hole holds at least
/// one character and as few as the rest of the pattern lets it.
///
/// ```
/// let words = erratum_catalogue::fits("'{name}' undeclared{*}", "'tdie' undeclared (first use)");
/// assert_eq!(words.unwrap()["name"], "tdie");
/// ```
pub fn fits(pattern: &str, text: &str) -> Option<Captures> {
    // Most patterns fail at one of their ends: that is seen without taking them apart.
    let start = pattern.split('{').next().unwrap_or("");
    let end = pattern.rsplit('}').next().unwrap_or("");
    if !text.starts_with(start) || !text.ends_with(end) {
        return None;
    }
    let mut words = Captures::new();
    let mut rest = text;
    let mut hole: Option<&str> = None;
    let all = pieces(pattern);
    for (index, piece) in all.iter().enumerate() {
        match piece {
            Piece::Hole(name) => hole = Some(name),
            Piece::Fixed(fixed) => {
                let at = match hole {
                    None if rest.starts_with(fixed) => 0,
                    None => return None,
                    Some(_) if index + 1 == all.len() => {
                        rest.len().checked_sub(fixed.len()).filter(|_| rest.ends_with(fixed))?
                    }
                    Some(_) => {
                        let skip = rest.chars().next()?.len_utf8();
                        rest[skip..].find(fixed)? + skip
                    }
                };
                keep(&mut words, hole.take(), &rest[..at])?;
                rest = &rest[at + fixed.len()..];
            }
        }
    }
    match hole {
        Some(name) => keep(&mut words, Some(name), rest)?,
        None if !rest.is_empty() => return None,
        None => {}
    }
    Some(words)
}

fn keep(words: &mut Captures, hole: Option<&str>, held: &str) -> Option<()> {
    if let Some(name) = hole {
        if held.is_empty() {
            return None;
        }
        if name != "*" {
            words.insert(name.to_owned(), held.to_owned());
        }
    }
    Some(())
}

/// A text with its holes filled, or nothing if one is not known.
pub fn fill(text: &str, words: &Captures) -> Option<String> {
    let mut out = String::with_capacity(text.len());
    for piece in pieces(text) {
        match piece {
            Piece::Fixed(fixed) => out.push_str(fixed),
            Piece::Hole(name) => out.push_str(words.get(name)?),
        }
    }
    Some(out)
}

/// A text with its holes filled; sentences with a hole that is not known are left out.
pub fn fill_sentences(text: &str, words: &Captures) -> String {
    let sentences = text.split_inclusive(". ").filter_map(|sentence| fill(sentence, words));
    sentences.collect::<String>().trim().to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn patterns_fit_whole_texts_only() {
        assert!(fits("expected '{a}' before {b}", "expected ';' before 'if'").is_some());
        assert!(
            fits("expected '{a}'", "expected ';' before 'if'")
                .is_some_and(|w| w["a"] == ";' before 'if")
        );
        assert!(fits("not a statement", "not a statement at all").is_none());
        assert!(fits("{*} expected", "';' expected").is_some());
        assert!(fits("{*}x", "x").is_none());
    }

    #[test]
    fn sentences_with_unknown_names_are_left_out() {
        let words = Captures::from([("name".to_owned(), "tide".to_owned())]);
        assert_eq!(
            fill_sentences("Here is {name}. There is {other}. End.", &words),
            "Here is tide. End."
        );
        assert_eq!(fill("{other}", &words), None);
    }
}
