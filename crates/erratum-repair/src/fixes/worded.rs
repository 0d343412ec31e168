//! An operator in words, as other languages or people have it: `if (pilot is not null)`, `hours x 9`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Between two values stands a mark here.
const COMPARES: Factor = evidence("a word stands between two values", 6.5);

/// A loop names its items with a word of another language.
const GOES_THROUGH: Factor = evidence("a loop goes through a list", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "worded",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "int f(int *pilot) {\n    if (pilot <|>is not nullptr) return 1;\n    return 0;\n}\n",
        message: "expected ')' before 'is'",
        after: "int f(int *pilot) {\n    if (pilot != nullptr) return 1;\n    return 0;\n}\n",
    },
};

// How often people mean just this by such a word is not measured: none of it is sure.

/// The words, and whether they say that two values are the same.
const WORDS: &[(&[&str], bool)] = &[
    (&["is", "not", "equal", "to"], false),
    (&["is", "equal", "to"], true),
    (&["is", "not"], false),
    (&["not", "equals"], false),
    (&["not", "equal"], false),
    (&["is"], true),
    (&["not"], false),
    (&["isnt"], false),
    (&["equals"], true),
    (&["eq"], true),
    (&["ne"], false),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let mark = |marks: &[&'static str]| {
        marks.iter().copied().find(|mark| language.operators.contains(mark))
    };
    let (same, other) = (mark(&["===", "=="]), mark(&["!==", "!=", "<>"]));
    // Where values need no brackets, two names side by side are a call.
    if language.applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.clone().skip(1) {
        in_sums(case, at, line.end, all);
        in_loop(case, at, all);
        let (before, code) = (at - 1, &lexed.code);
        let value_before = matches!(
            lexed.kind(before),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Close)
        );
        let found = WORDS.iter().find(|(words, _)| {
            words.iter().enumerate().all(|(number, word)| lexed.is(at + number, word))
        });
        let Some((words, equal)) = found.filter(|_| value_before && !code[at].first) else {
            continue;
        };
        let behind = at + words.len();
        let value_behind = matches!(
            lexed.kind(behind),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
        ) || lexed.is(behind, "(")
            || language.is_keyword(lexed.word(behind));
        // A word that the language has itself does what it does there; a name may be a method.
        let own = words.len() == 1
            && (language.operators.contains(&words[0]) || lexed.is(at, "is"))
            && language.is_keyword(words[0]);
        let declared = case.text.names.of(lexed.word(at)).next().is_some();
        if let Some(mark) = if *equal { same } else { other }
            && value_behind
            && !own
            && !declared
            && code.get(behind).is_some_and(|next| !next.first)
        {
            let (from, to) = (code[at].start, code[behind - 1].end);
            let edit = Edit::replace(case.file(), from, to, mark);
            all.push(Candidate::new(MistakeId::ForeignWord, COMPARES, vec![edit]).guess());
        }
    }
}

/// `for (const tow on tows)`: the word between what a loop names and what it goes through.
fn in_loop(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(word) = at.checked_sub(2) else { return };
    let names = matches!(lexed.word(word), "const" | "let" | "var")
        && lexed.before(word) == "("
        && word > 1
        && lexed.is(word - 2, "for");
    let other = matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword))
        && !matches!(lexed.word(at), "of" | "in");
    if names
        && other
        && lexed.kind(at - 1) == Some(TokenKind::Name)
        && case.language().is_keyword("of")
    {
        let edit = case.replace_token(at, "of");
        all.push(Candidate::new(MistakeId::ForeignWord, GOES_THROUGH, vec![edit]).guess());
    }
}

/// `hours x 9`, `child then half : whole`: a word for the mark of a product or of a choice.
fn in_sums(case: &Case, at: usize, end: usize, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let value = |at: usize, bracket: &str| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str))
            || lexed.is(at, bracket)
    };
    let declared = case.text.names.of(lexed.word(at)).next().is_some();
    if declared || lexed.code[at].first || !value(at - 1, ")") || !value(at + 1, "(") {
        return;
    }
    // Only one branch of a choice has a mark of its own.
    let choice = || {
        let start = lexed.word(case.statement_start(at));
        !matches!(start, "if" | "while" | "case" | "else" | "when")
            && (at..end).any(|at| lexed.is(at, ":"))
            && !(at..end).any(|at| lexed.is(at, "?"))
    };
    let has_choice = language.blocks.is_empty()
        && !(language.borrows || language.receivers || language.is_keyword("then"));
    let mark = match lexed.word(at) {
        "x" | "times" if lexed.kind(at + 1) != Some(TokenKind::Str) => "*",
        "then" if has_choice && choice() => "?",
        _ => return,
    };
    let edit = case.replace_token(at, mark);
    all.push(Candidate::new(MistakeId::ForeignWord, COMPARES, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_mark() {
        check_fix(
            &FAMILY,
            "typescript",
            "const tide: number | null = 3;\nif (tide <|>is null) {\n}\n",
            "')' expected.",
            "const tide: number | null = 3;\nif (tide === null) {\n}\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc f(err error) bool {\n\treturn err <|>not nil\n}\n",
            "syntax error: unexpected not at end of statement",
            "package quay\n\nfunc f(err error) bool {\n\treturn err != nil\n}\n",
        );
    }

    #[test]
    fn products_and_choices_have_marks() {
        check_fix(
            &FAMILY,
            "java",
            "class Shift {\n    double pay(int hours) {\n        return hours <|>x 9;\n    }\n}\n",
            "';' expected",
            "class Shift {\n    double pay(int hours) {\n        return hours * 9;\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Fare {\n    double of(boolean child) {\n        return child <|>then 2 : 4;\n    }\n}\n",
            "';' expected",
            "class Fare {\n    double of(boolean child) {\n        return child ? 2 : 4;\n    }\n}\n",
        );
    }

    #[test]
    fn a_loop_has_its_word() {
        check_fix(
            &FAMILY,
            "typescript",
            "const tows = [3];\nfor (const tow <|>on tows) {\n  console.log(tow);\n}\n",
            "',' expected.",
            "const tows = [3];\nfor (const tow of tows) {\n  console.log(tow);\n}\n",
        );
    }

    #[test]
    fn a_word_of_the_language_itself_stays() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    bool F(object o) {\n        return o <|>is string\n    }\n}\n",
            "; expected",
        );
    }

    #[test]
    fn a_word_in_front_of_a_value_compares_nothing() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int f(int open) {\n    if (<|>not open return 1;\n    return 0;\n}\n",
            "expected ')' before 'return'",
        );
    }
}
