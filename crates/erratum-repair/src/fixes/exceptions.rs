//! Java: `throws` where something is thrown, `throw` where a method announces it, and a `catch` that
//! names no type.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// An object is made behind the word, so it is thrown here.
const THROWN_HERE: Factor = evidence("an object is thrown here", 8.0);
/// The word stands between the parameters of a method and its body.
const ANNOUNCED: Factor = evidence("the word stands in the header of a method", 8.0);
/// What is caught stands in brackets.
const IN_BRACKETS: Factor = evidence("what is caught stands in brackets", 7.0);
/// The block before throws this alone, as far as the text tells.
const THROWN_THERE: Factor = weight("the block before it throws this", 5.0);
/// Whatever goes wrong is of this type.
const ANY: Factor = weight("whatever goes wrong is of this type", 3.5);

pub(super) static FAMILY: Family = Family {
    id: "exceptions",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void close() {\n        <|>throws new IllegalStateException(\"closed\");\n    }\n}\n",
        message: "illegal start of expression",
        after: "class Quay {\n    void close() {\n        throw new IllegalStateException(\"closed\");\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if case.phase > Phase::Syntax || !language.is_keyword("throws") {
        return;
    }
    let line = lexed.code[case.token].line;
    let near = lexed.on_line(line.saturating_sub(1).max(1)).start..lexed.on_line(line).end;
    for at in near {
        match lexed.word(at) {
            "throws" if lexed.is(at + 1, "new") => {
                let edit = case.replace_token(at, "throw");
                all.push(Candidate::new(MistakeId::MisspeltKeyword, THROWN_HERE, vec![edit]));
            }
            "throw" if lexed.is(at.wrapping_sub(1), ")") && announces(case, at) => {
                let edit = case.replace_token(at, "throws");
                all.push(Candidate::new(MistakeId::MisspeltKeyword, ANNOUNCED, vec![edit]));
            }
            "catch" if lexed.kind(at + 1) == Some(TokenKind::Name) => unbracketed(case, at, all),
            "catch" if lexed.kind(at + 2) == Some(TokenKind::Name) && lexed.is(at + 3, ")") => {
                caught(case, at, all);
            }
            _ => {}
        }
    }
}

/// Whether names and a body follow a word.
fn announces(case: &Case, word: usize) -> bool {
    let lexed = case.lexed();
    let named = |at: &usize| {
        lexed.kind(*at) == Some(TokenKind::Name) || matches!(lexed.word(*at), "," | ".")
    };
    let behind = (word + 1..lexed.code.len()).take_while(named).count();
    behind > 0 && matches!(lexed.word(word + 1 + behind), "{" | ";")
}

/// `catch FullException problem {`: what is caught stands in brackets.
fn unbracketed(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[word].line);
    let Some(open) = (word..line.end).find(|at| lexed.is(*at, "{")).filter(|open| *open > word + 1)
    else {
        return;
    };
    let plain = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Name) || matches!(lexed.word(at), "|" | "." | "final")
    };
    if (word + 1..open).all(plain) {
        let edits = vec![
            case.insert(lexed.code[word + 1].start, "("),
            case.insert(lexed.code[open - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::BareCondition, IN_BRACKETS, edits));
    }
}

/// `catch (problem)`: the type in front of the name.
fn caught(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // A type alone lacks its name instead.
    if lexed.word(word + 2).starts_with(char::is_uppercase) {
        return;
    }
    let mut push = |typed: &str, score: Factor| {
        let edit = case.insert(lexed.code[word + 2].start, format!("{typed} "));
        all.push(Candidate::new(MistakeId::MissingType, score, vec![edit]).guess());
    };
    let before = lexed.before(word) == "}";
    let open = word.checked_sub(1).and_then(|close| case.text.pairs.partner_of(close));
    let Some(open) = open.filter(|open| before && lexed.is(open.wrapping_sub(1), "try")) else {
        return push("Exception", ANY);
    };
    // What the methods announce that are called in the block.
    let called: Vec<&str> = (open..word)
        .filter(|at| lexed.kind(*at) == Some(TokenKind::Name) && lexed.is(at + 1, "("))
        .map(|at| lexed.word(at))
        .collect();
    let headers = (0..lexed.code.len()).filter(|at| lexed.is(*at, "throws"));
    let announced = headers.filter(|at| {
        let close = at.checked_sub(1).filter(|close| lexed.is(*close, ")"));
        let open = close.and_then(|close| case.text.pairs.partner_of(close));
        open.and_then(|open| open.checked_sub(1))
            .is_some_and(|name| called.contains(&lexed.word(name)))
    });
    let mut types: Vec<&str> = announced.map(|at| lexed.word(at + 1)).collect();
    types.sort_unstable();
    types.dedup();
    match types[..] {
        [only] => push(only, THROWN_THERE),
        _ => push("Exception", ANY),
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_method_announces_with_the_other_word() {
        let text = "class Quay {\n    void close() <|>throw Exception {\n    }\n}\n";
        let after = text.replace("<|>throw", "throws");
        check_fix(&FAMILY, "java", text, "';' expected", &after);
    }

    #[test]
    fn what_is_caught_stands_in_brackets() {
        let text = "class Quay {\n    void go() {\n        try {\n            book(3);\n        } catch <|>Exception problem {\n        }\n    }\n}\n";
        let after = text.replace("<|>Exception problem", "(Exception problem)");
        check_fix(&FAMILY, "java", text, "'(' expected", &after);
    }

    #[test]
    fn what_is_caught_is_what_the_block_throws() {
        let text = "class Quay {\n    void book(int seats) throws FullException {\n    }\n    void go() {\n        try {\n            book(3);\n        } catch (problem<|>) {\n        }\n    }\n}\n";
        let after = text.replace("problem<|>", "FullException problem");
        check_fix(&FAMILY, "java", text, "<identifier> expected", &after);
    }
}
