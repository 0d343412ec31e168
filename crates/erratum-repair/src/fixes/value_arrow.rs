//! A function without a name whose arrow is lost: `const low = (tide: number) {`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// Where a value belongs, parameters stand before a block.
const NO_ARROW: Factor = evidence("where a value belongs, a block follows parameters", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "value-arrow",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const low: Check = tide <|>{\n  return tide < 2;\n};\n",
        message: "[TS1005] ',' expected.",
        after: "const low: Check = tide => {\n  return tide < 2;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    // Other languages write no arrow, or read such a block as that of a value.
    let arrow = match () {
        () if language.object_required => "=>",
        () if language.arrow_parameters => "->",
        () => return,
    };
    if case.phase > Phase::Syntax {
        return;
    }
    let near = lexed.code[case.token].line;
    for line in near.saturating_sub(1)..=near {
        for open in lexed.on_line(line).filter(|at| *at > 1 && lexed.is(*at, "{")) {
            let start = match lexed.kind(open - 1) {
                Some(TokenKind::Name) if language.object_required => open - 1,
                Some(TokenKind::Close) if lexed.is(open - 1, ")") => {
                    match case.text.pairs.partner_of(open - 1) {
                        Some(start) => start,
                        None => continue,
                    }
                }
                _ => continue,
            };
            let value = start > 0 && matches!(lexed.word(start - 1), "=" | "(" | ",");
            let round = lexed.is(start, "(");
            let head = start > 1
                && lexed.is(start - 1, "(")
                && matches!(lexed.word(start - 2), "if" | "for" | "while" | "switch" | "catch");
            if value && !head && (round || lexed.before(start) != ",") {
                let edit = case.insert(lexed.code[open].start, format!("{arrow} "));
                all.push(Candidate::new(MistakeId::MissingMark, NO_ARROW, vec![edit]).guess());
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn parameters_may_stand_in_brackets_and_in_a_call() {
        check_fix(
            &FAMILY,
            "typescript",
            "tides.forEach((tide) <|>{\n  show(tide);\n});\n",
            "[TS1005] '=>' expected.",
            "tides.forEach((tide) => {\n  show(tide);\n});\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay { Runnable bell = () <|>{ ring(); }; }\n",
            "-> expected",
            "class Quay { Runnable bell = () -> { ring(); }; }\n",
        );
    }

    #[test]
    fn other_blocks_follow_brackets_too() {
        for text in [
            "if ((tide) <|>{\n  show(tide);\n}\n",
            "function low(tide: number) <|>{\n  return tide;\n}\n",
            "const quay = new Quay(3) <|>{\n}\n",
        ] {
            check_no_fix(&FAMILY, "typescript", text, "[TS1005] ',' expected.");
        }
    }
}
