//! A statement that ends with the brace of a value, and lacks its mark behind it:
//! `var crew = new List<Mate> { … }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// The brace ends a value, not a block.
const ENDS_VALUE: Factor = evidence("the brace ends a value", 5.5);
/// The brace ends a type.
const ENDS_TYPE: Factor = evidence("the brace ends a type", 7.0);
/// Each line between the brace and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "ended-value",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    void Go() {\n        var piers = new[] { 3, 4 }\n        <|>int sum = 0;\n    }\n}\n",
        message: "[CS1525] Unexpected symbol `int'",
        after: "class Quay {\n    void Go() {\n        var piers = new[] { 3, 4 };\n        int sum = 0;\n    }\n}\n",
    },
};

/// How many tokens before the reported place such a brace is looked for.
const REACH: usize = 4;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    if language.line_ends || language.layout || language.terminator != ";" {
        return;
    }
    if case.message.text.contains("multiple types in one declaration") {
        type_end(case, all);
    }
    if case.phase > Phase::Syntax {
        return;
    }
    let near = case.token.saturating_sub(REACH)..(case.token + 1).min(lexed.code.len());
    for close in near.filter(|at| lexed.is(*at, "}")) {
        let Some(next) = lexed.code.get(close + 1).filter(|next| next.first) else { continue };
        let Some(open) = case.text.pairs.partner_of(close) else { continue };
        // In a list, another element follows.
        let listed = case.text.pairs.inside_of(open).is_some_and(|open| !lexed.opens_block(open));
        let goes_on = listed
            || matches!(lexed.word(close + 1), ";" | "," | ")" | "." | "]")
            || lexed.kind(close + 1) == Some(TokenKind::Op);
        let start = case.statement_start(open);
        let mut value = (start..open).any(|at| lexed.is(at, "=") || lexed.is(at, "return"));
        // The body of a function without a name is a block, and ends a value too.
        value &= !(start..open).any(|at| matches!(lexed.word(at), "if" | "for" | "while"));
        if goes_on || !value {
            continue;
        }
        let line = lexed.code[case.token].line;
        let far = LINES * f64::from(next.line.abs_diff(line));
        let edit = case.insert(lexed.code[close].end, ";");
        all.push(Candidate::new(MistakeId::MissingTerminator, ENDS_VALUE + far, vec![edit]));
    }
}

/// C++: `enum Pier { North }`, which needs a mark at its end; what follows is taken for a part of it (seen
/// with g++ 12 and clang 14).
fn type_end(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = lexed.on_line(lexed.code[case.token].line).start;
    let Some(open) = (start..lexed.code.len()).find(|at| lexed.divides(*at)) else { return };
    let head = (start..open).any(|at| matches!(lexed.word(at), "enum" | "struct" | "class"));
    let close = case.text.pairs.partner_of(open).filter(|_| head && lexed.is(open, "{"));
    if let Some(close) = close.filter(|close| lexed.code.get(close + 1).is_some_and(|n| n.first)) {
        let edit = case.insert(lexed.code[close].end, ";");
        all.push(Candidate::new(MistakeId::MissingTerminator, ENDS_TYPE, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_type_ends_with_a_mark() {
        let text = "<|>enum class Pier { North, South }\n\nclass Quay {\n};\n";
        let after = "enum class Pier { North, South };\n\nclass Quay {\n};\n";
        check_fix(&FAMILY, "cpp", text, "multiple types in one declaration", after);
    }

    #[test]
    fn an_array_of_java_ends_its_statement() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int[] piers = {3, 4}<|>\n        int sum = 0;\n    }\n}\n",
            "';' expected",
            "class Quay {\n    void go() {\n        int[] piers = {3, 4};\n        int sum = 0;\n    }\n}\n",
        );
    }

    #[test]
    fn a_returned_value_ends_its_statement() {
        check_fix(
            &FAMILY,
            "cpp",
            "Berth low() {\n    return Berth{3, 4}\n<|>}\n",
            "expected ';' before '}' token",
            "Berth low() {\n    return Berth{3, 4};\n}\n",
        );
    }

    #[test]
    fn a_block_ends_no_value() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int a) {\n    if (a == 3) {\n        a = 4;\n    }\n    <|>int b;\n    return a;\n}\n",
            "expected expression before 'int'",
        );
    }

    #[test]
    fn a_value_that_is_ended_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(void) {\n    int piers[] = {3, 4};\n    <|>return piers[0]\n}\n",
            "expected ';' before '}' token",
        );
    }

    #[test]
    fn a_value_that_goes_on_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Go() {\n        var n = new[] { 3, 4 }\n            <|>.Length;\n        return n\n    }\n}\n",
            "[CS1525] Unexpected symbol `}'",
        );
    }

    #[test]
    fn an_element_of_a_list_ends_no_statement() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let piers = vec![\n        Pier { n: 3 }\n        <|>Pier { n: 4 },\n    ];\n}\n",
            "no rules expected the token `Pier`",
        );
    }

    #[test]
    fn where_lines_end_statements_nothing_is_missing() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc up() {\n\tpiers := []int{3, 4}\n\t<|>int sum\n}\n",
            "syntax error: unexpected sum at end of statement",
        );
    }
}
