//! `not name = ''`, `!name == "x"`: the comparison is negated, and not the value in front of it.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The value in front of the comparison is no truth value.
const COMPARISON: Factor = evidence("the comparison is negated, and not its first value", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "negated",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nvar\n  name: string;\nbegin\n  if <|>not name = '' then\n    writeln(name);\nend.\n",
        message: "Operator is not overloaded: not \"ShortString\"",
        after: "program quay;\nvar\n  name: string;\nbegin\n  if not (name = '') then\n    writeln(name);\nend.\n",
    },
};

/// What compilers say of a value that cannot be negated (seen with fpc 3.2, javac 17, go 1.19, mcs 6.8, tsc 5.9
/// and rustc 1.95).
const SAID: &[&str] = &[
    "Operator is not overloaded: not ",
    "bad operand type String for unary operator '!'",
    "bad operand type int for unary operator '!'",
    "operator ! not defined on ",
    "'!' operator cannot be applied to operand of type",
    "types 'boolean' and ",
    "cannot apply unary operator `!` to type",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.filter(|at| matches!(lexed.word(*at), "not" | "!")) {
        let first = mark + 1;
        let Some(last) = operand_end(case, first) else { continue };
        let compares = matches!(lexed.word(last + 1), "=" | "==" | "===" | "<" | ">" | "<=" | ">=");
        let second = last + 2;
        let literal = matches!(
            lexed.kind(second),
            Some(TokenKind::Str | TokenKind::Char | TokenKind::Number)
        );
        let end = if literal { Some(second) } else { operand_end(case, second) };
        if let (true, Some(end)) = (compares, end) {
            let edits = vec![
                case.insert(lexed.code[first].start, "("),
                case.insert(lexed.code[end].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, COMPARISON, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_comparison_of_texts_is_negated() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go1(name string) bool {\n\treturn <|>!name == \"north\"\n}\n",
            "invalid operation: operator ! not defined on name (variable of type string)",
            "package quay\n\nfunc go1(name string) bool {\n\treturn !(name == \"north\")\n}\n",
        );
    }

    #[test]
    fn a_value_alone_is_for_others() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(String name) {\n        return <|>!name;\n    }\n}\n",
            "bad operand type String for unary operator '!'",
        );
    }
}
