//! `#include` and other preprocessor lines that lost a mark or have a misspelt word.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling::edit_distance;

/// Each line between the directive and the reported place, up to four.
const LINE_AWAY: Factor = weight("lines from the reported one", -1.0);
/// A directive with a word that is nearly a known one.
const NEAR_WORD: Factor = weight("nearly a word of directives", 3.0);
/// A line that reads like a directive, without its mark.
const LOST_HASH: Factor = weight("a directive without its mark", 8.0);
/// A header with a mark on one side only.
const LOST_MARK: Factor = weight("the header lacks a mark", 8.0);
/// A header without any mark.
const NO_MARKS: Factor = weight("the header has no marks", 7.0);
/// A header of the library between other marks.
const LIBRARY_HEADER: Factor = weight("a header of the library", 2.0);
/// A header with nearly the name of one of the library.
const NEAR_HEADER: Factor = weight("nearly a header of the library", 4.0);

const WORDS: &[&str] =
    &["include", "define", "ifdef", "ifndef", "endif", "undef", "pragma", "else", "elif", "if"];

pub(super) static FAMILY: Family = Family {
    id: "include",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "c",
        before: "<|>include <stdio.h>\nint main(void) {\n    return 0;\n}\n",
        message: "expected '=', ',', ';', 'asm' or '__attribute__' before '<' token",
        after: "#include <stdio.h>\nint main(void) {\n    return 0;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().directives {
        return;
    }
    lost_hash(case, all);
    let lexed = case.lexed();
    let line = case.message.line().unwrap_or(0);
    for token in lexed.code.iter().filter(|token| token.kind == TokenKind::Directive) {
        let away = f64::from(token.line.abs_diff(line)).min(4.0);
        let near = LINE_AWAY * away;
        let text = lexed.text(token).to_owned();
        // A line that is not UTF-8 has another text: no header is named so.
        let Some(body) = text.strip_prefix('#').map(str::trim_start) else { continue };
        let word: String = body.chars().take_while(|c| c.is_alphanumeric()).collect();
        let word_at = token.start + text.len() - body.len();
        if !WORDS.contains(&word.as_str()) && !word.is_empty() {
            for known in WORDS.iter().filter(|known| edit_distance(&word, known) <= 2.0) {
                let edit = Edit::replace(case.file(), word_at, word_at + word.len(), *known);
                let score = NEAR_WORD + w::PER_LETTER * (edit_distance(&word, known) - 1.0) + near;
                all.push(Candidate::new(MistakeId::BrokenInclude, score, vec![edit]));
            }
        }
        if edit_distance(&word, "include") <= 2.0 && away < 3.0 {
            let path_at = word_at + word.len();
            header(case, &body[word.len()..], path_at, near, all);
        }
    }
}

/// A line that starts as a preprocessor line does, without its `#`.
fn lost_hash(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for (index, token) in lexed.code.iter().enumerate() {
        let starts = token.first && token.kind == TokenKind::Name;
        let word = lexed.text(token);
        let next = lexed.word(index + 1);
        let include =
            edit_distance(word, "include") <= 1.0 && (next == "<" || next.starts_with('"'));
        let define = word == "define" && lexed.kind(index + 1) == Some(TokenKind::Name);
        if starts && (include || define) {
            let end = token.start + word.len();
            let full = if include { "#include" } else { "#define" };
            let edit = Edit::replace(case.file(), token.start, end, full);
            let edit = if word == &full[1..] { case.insert(token.start, "#") } else { edit };
            all.push(Candidate::new(MistakeId::BrokenInclude, LOST_HASH, vec![edit]));
        }
    }
}

/// The path of an include: its marks, and its spelling.
fn header(case: &Case, text: &str, at: usize, near: Factor, all: &mut Vec<Candidate>) {
    let trimmed = text.trim_start();
    let start = at + text.len() - trimmed.len();
    let end = start + trimmed.trim_end().len();
    let name = trimmed.trim_end().trim_matches(['<', '>', '"']);
    let mut push = |score: Factor, edit: Edit| {
        all.push(Candidate::new(MistakeId::BrokenInclude, score + near, vec![edit]))
    };
    let (opens, closes) = (trimmed.starts_with('<'), trimmed.trim_end().ends_with('>'));
    let quotes = trimmed.matches('"').count();
    match (opens, closes, quotes) {
        (true, false, 0) => push(LOST_MARK, case.insert(end, ">")),
        (false, true, 0) => push(LOST_MARK, case.insert(start, "<")),
        (false, false, 1) if trimmed.starts_with('"') => push(LOST_MARK, case.insert(end, "\"")),
        (false, false, 1) => push(LOST_MARK, case.insert(start, "\"")),
        (false, false, 0) => {
            push(NO_MARKS, Edit::replace(case.file(), start, end, format!("<{name}>")))
        }
        _ => {}
    }
    let mut known: Vec<&str> = case.language().library.iter().map(|(path, _, _)| *path).collect();
    known.dedup();
    if known.contains(&name) {
        if opens != closes || quotes == 2 {
            push(LIBRARY_HEADER, Edit::replace(case.file(), start, end, format!("<{name}>")));
        }
        return;
    }
    for path in known {
        let apart = edit_distance(name, path);
        if apart <= 3.0 && apart < path.len() as f64 - 2.0 {
            let marks = if quotes > 0 { ('"', '"') } else { ('<', '>') };
            let text = format!("{}{path}{}", marks.0, marks.1);
            all.push(Candidate::new(
                MistakeId::MisspeltImport,
                NEAR_HEADER + w::PER_LETTER * (apart - 1.0) + near,
                vec![Edit::replace(case.file(), start, end, text)],
            ));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_lost_hash_comes_back() {
        check_fix(
            &FAMILY,
            "c",
            "<|>define SEATS 40\nint main(void) {\n    return SEATS;\n}\n",
            "expected '=', ',', ';', 'asm' or '__attribute__' before numeric constant",
            "#define SEATS 40\nint main(void) {\n    return SEATS;\n}\n",
        );
    }

    #[test]
    fn a_misspelt_directive_is_written_right() {
        check_fix(
            &FAMILY,
            "c",
            "<|>#inclde <stdio.h>\nint main(void) {\n    return 0;\n}\n",
            "invalid preprocessing directive #inclde",
            "#include <stdio.h>\nint main(void) {\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_header_that_lost_its_end_is_closed() {
        check_fix(
            &FAMILY,
            "c",
            "<|>#include <stdio.h\nint main(void) {\n    return 0;\n}\n",
            "missing terminating > character",
            "#include <stdio.h>\nint main(void) {\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_header_without_marks_gets_both() {
        check_fix(
            &FAMILY,
            "c",
            "<|>#include stdio.h\nint main(void) {\n    return 0;\n}\n",
            "#include expects \"FILENAME\" or <FILENAME>",
            "#include <stdio.h>\nint main(void) {\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_near_header_is_written_right() {
        check_fix(
            &FAMILY,
            "c",
            "<|>#include <stdoi.h>\nint main(void) {\n    return 0;\n}\n",
            "stdoi.h: No such file or directory",
            "#include <stdio.h>\nint main(void) {\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_header_of_ones_own_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "#include \"berths.h\"\nint main(void) {\n    <|>return 0;\n}\n",
            "expected expression before 'return'",
        );
    }

    #[test]
    fn a_language_without_directives_has_none() {
        check_no_fix(
            &FAMILY,
            "java",
            "<|>include java.util.List;\nclass Quay {}\n",
            "class, interface, enum, or record expected",
        );
    }
}
