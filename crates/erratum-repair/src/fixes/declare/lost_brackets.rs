//! A function whose head has lost its empty brackets: `int seats {` for `int seats() {`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A body with statements stands behind a type and a name.
const HAS_BODY: Factor = evidence("a body stands behind a type and a name", 7.0);
/// The function is called with nothing in its brackets.
const CALLED_EMPTY: Factor = weight("it is called with nothing in its brackets", 1.5);
/// Each line between the head and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost-brackets",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int seats<|> {\n        return 3;\n    }\n}\n",
        message: "';' expected",
        after: "class Quay {\n    int seats() {\n        return 3;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        for name in lexed.on_line(line) {
            let Some(open) = head(case, name) else { continue };
            let Some(close) = case.text.pairs.partner_of(open) else { continue };
            if !has_statements(case, open, close) {
                continue;
            }
            let called = case.text.names.seen.get(lexed.word(name)).is_some_and(|seen| {
                seen.iter().any(|at| lexed.is(at + 1, "(") && lexed.is(at + 2, ")"))
            });
            let score = HAS_BODY + CALLED_EMPTY.when(called) + LINES * f64::from(reported - line);
            let edit = case.insert(lexed.code[name].end, "()");
            all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]).guess());
        }
    }
}

/// The token that opens the body, if a name is a function's but for its brackets.
fn head(case: &Case, name: usize) -> Option<usize> {
    let (lexed, language) = (case.lexed(), case.language());
    if lexed.kind(name) != Some(TokenKind::Name) || lexed.code[name].first {
        return None;
    }
    let before = lexed.before(name);
    if language.type_first {
        // Behind a type; a word such as `class` starts something else.
        let typed = matches!(lexed.kind(name - 1), Some(TokenKind::Name))
            || language.is_type(before)
            || matches!(before, ">" | "]" | "*" | "void");
        return (typed && lexed.opens_block(name + 1)).then_some(name + 1);
    }
    if !matches!(before, "fn" | "func" | "function" | "fun") {
        return None;
    }
    let line = lexed.on_line(lexed.code[name].line);
    let opens = line.end.checked_sub(1).filter(|at| *at > name && lexed.opens_block(*at))?;
    // `function item => {` is a function without a name.
    (!(name..opens).any(|at| matches!(lexed.word(at), "(" | "=>"))).then_some(opens)
}

/// Whether a block holds statements, and not the members of a type or the ways to a property.
fn has_statements(case: &Case, open: usize, close: usize) -> bool {
    let (lexed, language) = (case.lexed(), case.language());
    if matches!(lexed.word(open + 1), "get" | "set" | "}") {
        return false;
    }
    let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    (open + 1..close).filter(own).any(|at| {
        let word = lexed.word(at);
        matches!(word, "return" | "if" | "for" | "while")
            || lexed.is(at + 1, "(")
                && lexed.is(case.text.pairs.partner_of(at + 1).unwrap_or(at) + 1, ";")
            || !language.type_first && lexed.code[at].first && word != "case"
    })
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_word_starts_the_function() {
        check_fix(
            &FAMILY,
            "rust",
            "fn seats<|> -> u32 {\n    3\n}\n",
            "expected one of `(` or `<`, found `->`",
            "fn seats() -> u32 {\n    3\n}\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc seats <|>int {\n\treturn 3\n}\n",
            "syntax error: unexpected name int, expected (",
            "package quay\n\nfunc seats() int {\n\treturn 3\n}\n",
        );
    }

    #[test]
    fn a_property_has_no_brackets() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Seats<|> { get; set }\n}\n",
            "unexpected symbol `}', expecting `;' or `{'",
        );
    }

    #[test]
    fn a_class_has_no_brackets() {
        check_no_fix(
            &FAMILY,
            "java",
            "public class <|>Quay {\n    int seats;\n    int free() { return seats; }\n}\n",
            "';' expected",
        );
    }

    #[test]
    fn a_function_without_a_name_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "quays.forEach(function quay<|> => {\n  quay.moor();\n});\n",
            "'(' expected.",
        );
    }
}
