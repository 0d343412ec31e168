//! Letters that would steer a terminal or reorder a line, made visible: what another program, a log or
//! a file name holds is shown as it is, and does nothing.

use std::borrow::Cow;

/// Returns whether a letter steers a terminal or a line rather than standing in it: control
/// characters but the line end and the tab, marks for the direction of writing, and what has no
/// width.
pub fn is_hidden(letter: char) -> bool {
    match letter {
        '\n' | '\t' => false,
        letter if letter.is_control() => true,
        // Soft hyphen, Arabic letter mark, Mongolian vowel separator.
        '\u{ad}' | '\u{61c}' | '\u{180e}' => true,
        // Blanks without width, marks and embeddings of direction, word joiners, isolates.
        '\u{200b}'..='\u{200f}' | '\u{2028}'..='\u{202e}' | '\u{2060}'..='\u{206f}' => true,
        '\u{feff}' | '\u{fff9}'..='\u{fffb}' | '\u{e0000}'..='\u{e007f}' => true,
        _ => false,
    }
}

/// A text in which each hidden letter is written as `\u{…}`. A carriage return before a line end goes.
pub fn visible(text: &str) -> Cow<'_, str> {
    if !text.contains(is_hidden) {
        return Cow::Borrowed(text);
    }
    let mut out = String::with_capacity(text.len() + 16);
    for letter in text.replace("\r\n", "\n").chars() {
        match is_hidden(letter) {
            true => out.extend(letter.escape_unicode()),
            false => out.push(letter),
        }
    }
    Cow::Owned(out)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_steers_is_written_out() {
        assert_eq!(visible("tide\u{1b}[2J"), "tide\\u{1b}[2J");
        assert_eq!(
            visible("a\u{202e}b\u{200b}c\u{9b}d\u{7f}"),
            "a\\u{202e}b\\u{200b}c\\u{9b}d\\u{7f}"
        );
        assert_eq!(visible("one\rtwo\r\nthree"), "one\\u{d}two\nthree");
    }

    #[test]
    fn what_stands_in_a_line_stays() {
        for text in ["tide\n\tlow", "Gezeiten: süß", "潮汐", "→ `x`", "e\u{301}"] {
            assert!(matches!(visible(text), Cow::Borrowed(same) if same == text), "{text}");
        }
    }
}
