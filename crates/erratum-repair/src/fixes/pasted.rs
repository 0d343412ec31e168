//! Code that was copied from a page: slanted quotes, long dashes, blanks that are none, letters of
//! another alphabet, marks that a page writes as words. All of it is one mistake of the whole file.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Token, TokenKind};
use erratum_syntax::text::Text;

/// No code has such characters.
const NOT_OF_CODE: Factor = evidence("no code has such characters", 12.0);

pub(super) static FAMILY: Family = Family {
    id: "pasted",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    puts(<|>“low – tide”);\n    return 3 – 3;\n}\n",
        message: "stray '\\342' in program",
        after: "int main(void) {\n    puts(\"low – tide\");\n    return 3 - 3;\n}\n",
    },
};

/// Characters that pages write, and what code has in their place.
const MARKS: &[(&str, &str)] = &[
    ("“”„‟«»＂", "\""),
    ("‘’‚‛＇", "'"),
    ("–—−‐‑‒―", "-"),
    ("\u{a0}\u{2002}\u{2003}\u{2007}\u{2009}\u{202f}\u{3000}", " "),
    ("\u{ad}\u{200b}\u{200c}\u{200d}\u{2060}\u{feff}\u{200e}\u{200f}", ""),
    ("\u{202a}\u{202b}\u{202c}\u{202d}\u{202e}\u{2066}\u{2067}\u{2068}\u{2069}", ""),
    ("\u{37e}\u{ff1b}", ";"),
    ("，", ","),
    ("：", ":"),
    ("（", "("),
    ("）", ")"),
    ("［", "["),
    ("］", "]"),
    ("｛", "{"),
    ("｝", "}"),
    ("＝", "="),
    ("＋", "+"),
    ("＜", "<"),
    ("＞", ">"),
    ("×", "*"),
    ("÷", "/"),
    ("≤", "<="),
    ("≥", ">="),
    ("≠", "!="),
];

/// Marks that a page writes as words.
const WORDS: &[(&str, &str)] =
    &[("&lt;", "<"), ("&gt;", ">"), ("&amp;", "&"), ("&quot;", "\""), ("&nbsp;", " ")];

/// Letters of other alphabets that look like those of ours.
const LETTERS: &[(char, char)] = &[
    ('а', 'a'),
    ('е', 'e'),
    ('о', 'o'),
    ('р', 'p'),
    ('с', 'c'),
    ('х', 'x'),
    ('у', 'y'),
    ('і', 'i'),
    ('ѕ', 's'),
    ('ј', 'j'),
    ('А', 'A'),
    ('В', 'B'),
    ('Е', 'E'),
    ('К', 'K'),
    ('М', 'M'),
    ('Н', 'H'),
    ('О', 'O'),
    ('Р', 'P'),
    ('С', 'C'),
    ('Т', 'T'),
    ('Х', 'X'),
    ('ο', 'o'),
    ('α', 'a'),
    ('ν', 'v'),
    ('Α', 'A'),
    ('Β', 'B'),
    ('Ε', 'E'),
    ('Ο', 'O'),
    ('Τ', 'T'),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // What is not UTF-8 came from no page.
    let Ok(text) = std::str::from_utf8(case.lexed().source.bytes()) else { return };
    let edits = plain(&case.text, case.file(), text);
    if !edits.is_empty() {
        // A language may let operators be declared under such signs.
        let signs = edits
            .iter()
            .any(|edit| ["×", "÷", "≤", "≥", "≠"].contains(&&text[edit.start..edit.end]));
        let plain = Candidate::new(MistakeId::PastedText, NOT_OF_CODE, edits);
        all.push(if signs { plain.guess() } else { plain });
    }
}

/// The edits that write code in the characters of code. What stands in texts and remarks stays: there
/// every character may be meant.
fn plain(read: &Text, file: &str, text: &str) -> Vec<Edit> {
    let lexed = &read.lexed;
    let mut edits = Vec::new();
    let mut at = lexed.source.text_start();
    // A slanted quote opens a text that the lexer does not know of: it goes on to the next one.
    let mut opened: Option<&str> = None;
    while let Some(letter) = text[at..].chars().next() {
        let end = at + letter.len_utf8();
        let mark = MARKS.iter().find(|(marks, _)| marks.contains(letter)).map(|(_, mark)| *mark);
        let quote = mark.filter(|mark| matches!(*mark, "\"" | "'"));
        match (mark, opened) {
            (None, _) if letter == '\n' => opened = None,
            (None, _) if letter.is_ascii() && letter != '&' => {}
            // Within such a text only its end counts.
            (_, Some(open)) => {
                if let Some(quote) = quote.filter(|quote| *quote == open) {
                    edits.push(Edit::replace(file, at, end, quote));
                    opened = None;
                }
            }
            (Some(mark), None) if !in_text(read, at) => {
                edits.push(Edit::replace(file, at, end, mark));
                opened = quote;
            }
            (None, None) if letter == '&' && !in_text(read, at) => {
                // `mask &lt;` is code where such a name is declared, and not by the very word.
                let declared = |word: &str| {
                    let mut names = read.names.of(word.trim_matches(['&', ';']));
                    names.any(|d| !text[..lexed.code[d.token].start].ends_with('&'))
                };
                let word =
                    WORDS.iter().find(|(word, _)| text[at..].starts_with(word) && !declared(word));
                if let Some((word, mark)) = word {
                    edits.push(Edit::replace(file, at, at + word.len(), *mark));
                    at += word.len();
                    continue;
                }
            }
            _ => {}
        }
        at = end;
    }
    letters(read, file, &mut edits);
    edits
}

/// Names that mix two alphabets, or that stand elsewhere in letters of ours.
fn letters(read: &Text, file: &str, edits: &mut Vec<Edit>) {
    let lexed = &read.lexed;
    for token in lexed.code.iter().filter(|token| token.kind == TokenKind::Name) {
        let word = lexed.text(token);
        let ours: String = word
            .chars()
            .map(|letter| {
                LETTERS.iter().find(|(other, _)| *other == letter).map_or(letter, |l| l.1)
            })
            .collect();
        let known = || {
            let keyword = lexed.language.is_keyword(&ours) || lexed.language.is_type(&ours);
            keyword || read.names.seen.contains_key(&ours)
        };
        let mixed = word.contains(|letter: char| letter.is_ascii_alphabetic());
        if ours.is_ascii() && ours != word && (mixed || known()) {
            edits.push(Edit::replace(file, token.start, token.end, ours));
        }
    }
    edits.sort_by_key(|edit| edit.start);
}

/// Whether a byte stands in a text that is closed, or in a remark.
fn in_text(read: &Text, at: usize) -> bool {
    let lexed = &read.lexed;
    let holds = |tokens: &[Token]| {
        let before = tokens.partition_point(|token| token.start <= at).checked_sub(1);
        before.map(|index| tokens[index]).filter(|token| at < token.end)
    };
    let text =
        |token: Token| matches!(token.kind, TokenKind::Str | TokenKind::Char) && token.closed;
    holds(&lexed.comments).is_some() || holds(&lexed.code).is_some_and(text)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn blanks_that_are_none_go() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int<|>\u{a0}low = 3;\u{200b}\n}\n",
            "illegal character: '\\u00a0'",
            "class Quay {\n    int low = 3;\n}\n",
        );
    }

    #[test]
    fn marks_that_a_page_writes_as_words_are_marks() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iostream>\nint main() {\n    for (int i = 0; i <|>&lt; 3; i++) std::cout &lt;&lt; i;\n}\n",
            "'lt' was not declared in this scope",
            "#include <iostream>\nint main() {\n    for (int i = 0; i < 3; i++) std::cout << i;\n}\n",
        );
    }

    #[test]
    fn letters_of_another_alphabet_are_ours() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    return <|>tidе;\n}\n",
            "'tidе' undeclared (first use in this function)",
            "int main(void) {\n    int tide = 3;\n    return tide;\n}\n",
        );
    }

    #[test]
    fn a_text_between_slanted_quotes_keeps_its_letters() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String s = <|>“it’s – low”;\n}\n",
            "illegal character: '\\u201c'",
            "class Quay {\n    String s = \"it’s – low\";\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_declared_is_no_word_of_a_page() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int lt = 1, mask = 3;\n    int low = mask &lt;\n    return low<|>\n}\n",
            "expected ';' before '}' token",
        );
    }

    #[test]
    fn what_stands_in_texts_and_remarks_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "// “low” – tide\nint main(void) {\n    puts(\"“low” – &lt;\")<|>\n    return 0;\n}\n",
            "expected ';' before 'return'",
        );
    }

    #[test]
    fn a_name_in_another_alphabet_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int прилив = 3<|>\n    int low = прилив;\n}\n",
            "';' expected",
        );
    }
}
