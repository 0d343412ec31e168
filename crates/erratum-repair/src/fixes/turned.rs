//! Comparisons whose letters stand in the wrong order, or of which one is too many: `=>` for `>=`, `=!`
//! for `!=`, `!===` for `!==`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Two values are compared in a condition.
const COMPARES: Factor = evidence("a condition compares", 6.5);

/// Two marks stand together, and apart from the values.
const ONE_MARK: Factor = evidence("the two marks stand together", 6.0);

/// What is written, and what it was to be.
const TURNED: &[(&str, &str)] = &[
    ("=>", ">="),
    ("=<", "<="),
    ("=!", "!="),
    ("!===", "!=="),
    ("====", "==="),
    ("=!=", "!="),
    ("!==", "!="),
    ("===", "=="),
    (">==", ">="),
    ("<==", "<="),
];

/// Words that a condition follows.
const WORDS: &[&str] = &["if", "elif", "elsif", "elseif", "while", "until", "when", "unless"];

/// Words and marks with which a condition in the open ends.
const ENDS: &[&str] = &["{", "then", "do", ";", "|", ":"];

pub(super) static FAMILY: Family = Family {
    id: "turned",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const tide: number = 3;\nif (<|>tide => 2) {\n  console.log(\"deep\");\n}\n",
        message: "[TS7006] Parameter 'tide' implicitly has an 'any' type.",
        after: "const tide: number = 3;\nif (tide >= 2) {\n  console.log(\"deep\");\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let operators = case.language().operators;
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.clone() {
        // The longest one that stands there counts.
        let here = TURNED.iter().filter(|(written, meant)| {
            operators.contains(meant) && !operators.contains(written) || written.len() == 2
        });
        let here = here.filter(|(written, meant)| {
            operators.contains(meant) && spells(case, at, written).is_some()
        });
        if let Some((written, meant)) = here.max_by_key(|(written, _)| written.len()) {
            let Some(last) = spells(case, at, written) else { continue };
            let (Some(before), Some(after)) = (at.checked_sub(1), lexed.code.get(last + 1)) else {
                continue;
            };
            // `)` ends the parameters of a function without a name, not only a value.
            let left = match lexed.kind(before) {
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Str) => true,
                _ => lexed.is(before, "]") || (lexed.is(before, ")") && *written != "=>"),
            };
            let right = lexed.code[last].end < after.start
                && !matches!(after.kind, TokenKind::Open)
                && after.line == lexed.code[at].line;
            let condition = in_condition(case, line.start, at);
            // With a gap on either side it is one mark, and no assignment of what is not so.
            let apart = *written == "=!" && lexed.code[before].end < lexed.code[at].start;
            if left && right && (condition || apart) {
                let (start, end) = (lexed.code[at].start, lexed.code[last].end);
                let edit = Edit::replace(case.file(), start, end, *meant);
                let score = if condition { COMPARES } else { ONE_MARK };
                let foreign = matches!(*written, "!==" | "===");
                let mistake = if foreign { MistakeId::ForeignMark } else { MistakeId::WrongMark };
                let candidate = Candidate::new(mistake, score, vec![edit]);
                all.push(if condition { candidate } else { candidate.guess() });
            }
        }
    }
}

/// The last token of a mark that starts at a token, however the language parts it.
fn spells(case: &Case, at: usize, mark: &str) -> Option<usize> {
    let lexed = case.lexed();
    let start = lexed.code[at].start;
    let last = (at..lexed.code.len()).find(|last| lexed.code[*last].end >= start + mark.len())?;
    let here = lexed.source.slice(start, lexed.code[last].end);
    // A longer run of marks is another one.
    let next = lexed.code.get(last + 1);
    let goes_on = next.is_some_and(|next| {
        next.start == lexed.code[last].end && lexed.word(last + 1).starts_with(['=', '<', '>'])
    });
    (here == mark && !goes_on).then_some(last)
}

/// Whether a token stands in a condition: in the bracket behind a word that wants one, or behind such a
/// word or a `|` of its line, in the open.
fn in_condition(case: &Case, start: usize, at: usize) -> bool {
    let lexed = case.lexed();
    let inside = case.text.pairs.inside_of(at);
    if let Some(word) = inside.and_then(|open| open.checked_sub(1))
        && (WORDS.contains(&lexed.word(word)) || lexed.is(word, "for"))
    {
        return true;
    }
    let mut before = (start..at).rev().take_while(|one| !ENDS[..4].contains(&lexed.word(*one)));
    let word = before.find(|one| {
        let guard = lexed.is(*one, "|") && *one == start;
        // The word within an arm has the arrow of the arm behind it.
        let leads = *one == start || matches!(lexed.before(*one), "}" | "else" | "=" | "(");
        let asks = WORDS.contains(&lexed.word(*one)) && leads;
        (guard || asks) && case.text.pairs.inside_of(*one) == inside
    });
    let ended = |word: usize| {
        lexed.is(word + 1, "(")
            && case.text.pairs.partner_of(word + 1).is_some_and(|close| close < at)
            && case.language().bracketed_conditions
    };
    word.is_some_and(|word| !ended(word))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn unequal_has_its_letters_in_order() {
        check_fix(
            &FAMILY,
            "typescript",
            "const first: string | null = next();\nif (first <|>=! null) {\n  console.log(first);\n}\n",
            "[TS2588] Cannot assign to 'first' because it is a constant.",
            "const first: string | null = next();\nif (first != null) {\n  console.log(first);\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(int n) {\n        if (n <|>=! 3) return true;\n        return false;\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    boolean go(int n) {\n        if (n != 3) return true;\n        return false;\n    }\n}\n",
        );
    }

    #[test]
    fn two_marks_that_stand_together_are_one() {
        check_fix(
            &FAMILY,
            "cpp",
            "bool go(int tide, int low) {\n    return tide =<|>! low;\n}\n",
            "lvalue required as left operand of assignment",
            "bool go(int tide, int low) {\n    return tide != low;\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "cpp",
            "void go(bool open, int low) {\n    open =!<|>low;\n}\n",
            "assignment of read-only parameter 'open'",
        );
    }

    #[test]
    fn a_letter_too_many_goes() {
        check_fix(
            &FAMILY,
            "typescript",
            "if (rope !=<|>== null) {\n  console.log(rope);\n}\n",
            "Expression expected.",
            "if (rope !== null) {\n  console.log(rope);\n}\n",
        );
        check_fix(
            &FAMILY,
            "c",
            "int go(int n) {\n    if (n ==<|>= 3) return 1;\n    return 0;\n}\n",
            "expected expression before '=' token",
            "int go(int n) {\n    if (n == 3) return 1;\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_condition_in_the_open_compares() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(n: u32) -> bool {\n    if n <|>=> 3 {\n        return true;\n    }\n    false\n}\n",
            "expected `{`, found `=>`",
            "fn go(n: u32) -> bool {\n    if n >= 3 {\n        return true;\n    }\n    false\n}\n",
        );
        check_fix(
            &FAMILY,
            "haskell",
            "go :: Int -> Bool\ngo n\n  | n <|>=> 3 = True\n  | otherwise = False\n",
            "parse error on input `=>'",
            "go :: Int -> Bool\ngo n\n  | n >= 3 = True\n  | otherwise = False\n",
        );
    }

    #[test]
    fn a_function_in_a_condition_keeps_its_arrow() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "if (<|>tides.some(tide => tide > 2)) {\n  console.log(\"deep\");\n}\n",
            "[TS7006] Parameter 'tide' implicitly has an 'any' type.",
        );
    }

    #[test]
    fn a_negation_keeps_its_mark() {
        check_no_fix(
            &FAMILY,
            "c",
            "int go(int n, int m) {\n    if (n <|>=!m) return 1;\n    return 0;\n}\n",
            "lvalue required as left operand of assignment",
        );
    }

    #[test]
    fn an_arm_keeps_its_arrow() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(n: u32) -> u32 {\n    match n {\n        m if m > 3 <|>=> 2,\n        _ => 1,\n    }\n}\n",
            "mismatched types",
        );
    }
}
