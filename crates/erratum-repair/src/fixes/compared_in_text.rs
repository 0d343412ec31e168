//! Java and C#: `"deep: " + depth > 3`: the text is joined first, and then compared.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A comparison stands behind a text that is joined.
const JOINED_FIRST: Factor = evidence("a comparison stands behind a text that is joined", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "compared-in-text",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go(int depth) {\n        show(\"deep: \" + depth <|>> 3);\n    }\n}\n",
        message: "bad operand types for binary operator '>'",
        after: "class Quay {\n    void go(int depth) {\n        show(\"deep: \" + (depth > 3));\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17 and mcs 6.8.
    let said = &case.message.text;
    if !said.starts_with("bad operand types for binary operator")
        && !said.contains("cannot be applied to operands of type")
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let compares = |at: usize| matches!(lexed.word(at), ">" | "<" | ">=" | "<=" | "==" | "!=");
    for plus in line.clone().filter(|at| *at > line.start && lexed.is(*at, "+")) {
        let Some(end) = operand_end(case, plus + 1).filter(|end| compares(end + 1)) else {
            continue;
        };
        let Some(last) = operand_end(case, end + 2) else { continue };
        let text = (line.start..plus).any(|at| lexed.kind(at) == Some(TokenKind::Str));
        if text && case.text.pairs.inside_of(plus) == case.text.pairs.inside_of(end + 1) {
            let edits = vec![
                case.insert(lexed.code[plus + 1].start, "("),
                case.insert(lexed.code[last].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, JOINED_FIRST, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn numbers_are_joined_and_compared() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(int a, String b) {\n        return 1 + a <|>> b;\n    }\n}\n",
            "bad operand types for binary operator '>'",
        );
    }
}
