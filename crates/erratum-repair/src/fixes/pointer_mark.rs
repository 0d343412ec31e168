//! The mark of a pointer or of a reference behind its type, where this language has it in front: `Boat*`
//! for `*Boat`, `self&` for `&self`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The mark stands in front of the type.
const IN_FRONT: Factor = evidence("the mark stands in front of its type", 6.5);
/// Each line between the change and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "pointer-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype Boat struct{}\n\ntype Fee struct {\n\tboat Boat*<|>\n}\n",
        message: "syntax error: unexpected * in struct type; possibly missing semicolon or newline or }",
        after: "package quay\n\ntype Boat struct{}\n\ntype Fee struct {\n\tboat *Boat\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if language.pointer_mark.is_empty() {
        return;
    }
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        for mark in lexed.on_line(line).skip(1).filter(|at| lexed.is(*at, language.pointer_mark)) {
            // What follows ends a type; between two values it would be an operator.
            let next = lexed.code.get(mark + 1).filter(|next| !next.first);
            let ends =
                next.is_none() || matches!(lexed.word(mark + 1), ")" | "," | "{" | ">" | "=");
            let named = matches!(lexed.kind(mark - 1), Some(TokenKind::Name | TokenKind::Keyword));
            if !ends || !named || lexed.code[mark - 1].first && next.is_some() {
                continue;
            }
            let edits = vec![
                case.insert(lexed.code[mark - 1].start, language.pointer_mark),
                case.delete_token(mark),
            ];
            let score = IN_FRONT + LINES * f64::from(reported - line);
            all.push(Candidate::new(MistakeId::WrongOrder, score, edits));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_object_of_a_method_is_lent_in_front() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Tug { power: u32 }\nimpl Tug {\n    fn power(self&<|>) -> u32 {\n        self.power\n    }\n}\n",
            "expected parameter name, found `)`",
            "struct Tug { power: u32 }\nimpl Tug {\n    fn power(&self) -> u32 {\n        self.power\n    }\n}\n",
        );
    }

    #[test]
    fn a_product_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go(tide int) int {\n\treturn tide *<|> 3 4\n}\n",
            "syntax error: unexpected literal 4 at end of statement",
        );
    }
}
