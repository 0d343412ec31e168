//! A value that stands alone where the other ways give one back, and a choice without its second value:
//! `default: "low";`, `deep > 3 ? true;`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::function_around;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The other ways of the choice give a value back.
const OTHERS_RETURN: Factor = evidence("the other ways give a value back", 7.0);
/// What stands alone is named and not called.
const NAMED_ONLY: Factor = evidence("a member stands alone in a statement", 7.0);
/// Of true and false, the other one is left.
const THE_OTHER: Factor = evidence("of true and false, the other one is left", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost-answer",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    String label(int n) {\n        switch (n) {\n            case 1: return \"low\";\n            default: <|>\"high\";\n        }\n    }\n}\n",
        message: "not a statement",
        after: "class Quay {\n    String label(int n) {\n        switch (n) {\n            case 1: return \"low\";\n            default: return \"high\";\n        }\n    }\n}\n",
    },
};

/// What compilers say of a value that stands alone (seen with javac 17, mcs 6.8 and go 1.19).
const ALONE: &[&str] = &[
    "not a statement",
    "can be used as a statement",
    "is not used",
    "Expected an assignment or function call",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if ALONE.iter().any(|alone| said.contains(alone)) {
        alone(case, all);
    }
    if said.ends_with(": expected")
        || said.contains("':' expected")
        || said.contains("expecting `:'")
    {
        let line = lexed.on_line(lexed.code[case.token].line);
        let asked = line.clone().find(|at| lexed.is(*at, "?"));
        let Some(value) = asked.map(|at| at + 1).filter(|at| lexed.is(at + 1, ";")) else { return };
        let other = match lexed.word(value) {
            "true" => "false",
            "false" => "true",
            _ => return,
        };
        let edit = case.insert(lexed.code[value].end, format!(" : {other}"));
        all.push(Candidate::new(MistakeId::LostElse, THE_OTHER, vec![edit]).guess());
    }
}

/// `default: "low";`
fn alone(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    path(case, line.clone(), all);
    of_lambda(case, line.clone(), all);
    let literal = |at: &usize| {
        matches!(lexed.kind(*at), Some(TokenKind::Str | TokenKind::Number))
            || matches!(lexed.word(*at), "true" | "false" | "null")
    };
    let starts =
        |at: &usize| lexed.code[*at].first || matches!(lexed.before(*at), ":" | "->" | "{");
    let Some(value) = line.clone().find(|at| literal(at) && starts(at)) else { return };
    if !lexed.is(value + 1, ";") && !lexed.code.get(value + 1).is_none_or(|next| next.first) {
        return;
    }
    let Some(function) = function_around(case, value) else { return };
    let body = function.open..function.close.unwrap_or(lexed.code.len());
    let gives = |at: usize| lexed.is(at, "return") && !lexed.is(at + 1, ";");
    let typed = function.returns.is_some_and(|(first, _)| !lexed.is(first, "void"));
    if typed && body.into_iter().any(gives) {
        let edit = case.insert(lexed.code[value].start, "return ");
        all.push(Candidate::new(MistakeId::MissingReturn, OTHERS_RETURN, vec![edit]).guess());
    }
}

/// `in.close;`: a method that is named and not called.
fn path(case: &Case, line: std::ops::Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut last = line.start;
    while lexed.is(last + 1, ".") && lexed.kind(last + 2) == Some(TokenKind::Name) {
        last += 2;
    }
    let ends = lexed.is(last + 1, ";") || lexed.code.get(last + 1).is_none_or(|next| next.first);
    let field = case.text.names.of(lexed.word(last)).any(|one| one.kind == NameKind::Member);
    if last > line.start && line.contains(&last) && ends && !field {
        let edit = case.insert(lexed.code[last].end, "()");
        all.push(Candidate::new(MistakeId::Uncalled, NAMED_ONLY, vec![edit]).guess());
    }
}

/// `n -> { n * 2; }`: the block of a function without a name gives its value back.
fn of_lambda(case: &Case, line: std::ops::Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let opens = |at: &usize| lexed.opens_block(*at) && matches!(lexed.before(*at), "->" | "=>");
    let Some(open) = line.clone().find(opens) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let marks = (open + 1..close).filter(|at| lexed.is(*at, ";")).count();
    let computes =
        (open + 1..close).any(|at| matches!(lexed.word(at), "+" | "-" | "*" | "/" | "%"));
    let sets =
        (open + 1..close).any(|at| matches!(lexed.word(at), "=" | "++" | "--" | "(" | "return"));
    if marks == 1 && lexed.is(close - 1, ";") && computes && !sets {
        let edit = case.insert(lexed.code[open + 1].start, "return ");
        all.push(Candidate::new(MistakeId::MissingReturn, OTHERS_RETURN, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn of_true_and_false_the_other_is_left() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean busy(int n) {\n        return n > 3 ? true<|>;\n    }\n}\n",
            ": expected",
            "class Quay {\n    boolean busy(int n) {\n        return n > 3 ? true : false;\n    }\n}\n",
        );
    }

    #[test]
    fn a_function_that_gives_nothing_back_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void label(int n) {\n        <|>\"high\";\n    }\n}\n",
            "not a statement",
        );
    }

    #[test]
    fn a_method_that_stands_alone_is_called() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Reader in) {\n        in.<|>close;\n    }\n}\n",
            "not a statement",
            "class Quay {\n    void go(Reader in) {\n        in.close();\n    }\n}\n",
        );
    }

    #[test]
    fn a_function_without_a_name_gives_back() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Twice go() {\n        return n -> { n <|>* 2; };\n    }\n}\n",
            "not a statement",
            "class Quay {\n    Twice go() {\n        return n -> { return n * 2; };\n    }\n}\n",
        );
    }
}
