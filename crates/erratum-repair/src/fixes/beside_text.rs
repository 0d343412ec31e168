//! A text that stands beside a value with nothing between: `println("berth " number)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Where one value is wanted, a text and a value beside it are joined.
const JOINED: Factor = evidence("a text and a value where one value is wanted", 5.0);

pub(super) static FAMILY: Family = Family {
    id: "beside-text",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void show(int berth) {\n        System.out.println(\"berth \" <|>berth);\n    }\n}\n",
        message: "')' expected",
        after: "class Quay {\n    void show(int berth) {\n        System.out.println(\"berth \" + berth);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, joint) = (case.lexed(), case.language().joins_texts);
    if joint.is_empty() {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let value = |at: usize| match lexed.kind(at) {
        Some(TokenKind::Name | TokenKind::Number | TokenKind::Str) => true,
        _ => lexed.is(at, ")") || lexed.is(at, "]"),
    };
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    // A text with holes is filled from a list of values.
    let filled = |at: usize| text(at) && lexed.word(at).contains("{0");
    let (joint, mistake) = match line.clone().any(filled) {
        true => (",".to_owned(), MistakeId::MissingSeparator),
        false => (format!(" {joint}"), MistakeId::MissingMark),
    };
    let apart = |at: usize| lexed.code[at].end < lexed.code[at + 1].start;
    let inside = line.clone().take(line.len().saturating_sub(1)).filter(|at| {
        // A value begins with no bracket that ends one.
        let begins = lexed.kind(at + 1) != Some(TokenKind::Close);
        (text(*at) || text(at + 1)) && value(*at) && value(at + 1) && begins && apart(*at)
    });
    let edits: Vec<_> = inside
        .filter(|at| wants_one_value(case, *at))
        .map(|at| case.insert(lexed.code[at].end, joint.clone()))
        .collect();
    if !edits.is_empty() {
        all.push(Candidate::new(mistake, JOINED, edits));
    }
}

/// Whether what stands around a token takes one value only: what prints a line, a value that is set or
/// given back.
pub(super) fn wants_one_value(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    match case.text.pairs.inside_of(at) {
        Some(open) if lexed.is(open, "(") => {
            matches!(lexed.before(open), "println" | "print" | "WriteLine" | "Write" | "append")
        }
        Some(open) if !lexed.is(open, "{") => false,
        _ => {
            let first = case.statement_start(at);
            lexed.is(first, "return") || (first..at).any(|at| lexed.is(at, "="))
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn every_place_of_the_line_is_joined() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String name(int berth) {\n        return \"berth \" <|>berth \" of \" count();\n    }\n}\n",
            "';' expected",
            "class Quay {\n    String name(int berth) {\n        return \"berth \" + berth + \" of \" + count();\n    }\n}\n",
        );
    }

    #[test]
    fn a_text_with_holes_is_filled_from_a_list() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(int berth) {\n        Console.WriteLine(\"berth {0}\" <|>berth);\n    }\n}\n",
            "[CS1003] Syntax error, `,' expected",
            "class Quay {\n    void Go(int berth) {\n        Console.WriteLine(\"berth {0}\", berth);\n    }\n}\n",
        );
    }

    #[test]
    fn a_list_of_values_may_want_a_comma() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int berth) {\n        put(\"berth \" <|>berth);\n    }\n}\n",
            "')' expected",
        );
        check_no_fix(
            &FAMILY,
            "typescript",
            "function go(berth: number) {\n    console.log(\"berth \" <|>berth);\n}\n",
            "',' expected.",
        );
    }

    #[test]
    fn where_a_text_joins_with_texts_only_nothing_is_joined() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc name(berth int) string {\n\treturn \"berth \" <|>berth\n}\n",
            "syntax error: unexpected name berth at end of statement",
        );
    }
}
