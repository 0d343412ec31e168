//! TypeScript: a function that gives back two values names their types in square brackets:
//! `function range(): number, number {`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// Several types stand before the body.
const SEVERAL: Factor = evidence("several types stand before the body", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "tuple-result",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function range(tides: number[]): number<|>, number {\n  return [tides[0], tides[1]];\n}\n",
        message: "[TS1144] '{' or ';' expected.",
        after: "function range(tides: number[]): [number, number] {\n  return [tides[0], tides[1]];\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    if case.phase > Phase::Syntax || language.item_word != "const" {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, ":") && lexed.before(*at) == ")") {
        let typed = |at: usize| {
            let word = matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword));
            word || matches!(lexed.word(at), "," | "[" | "]" | "<" | ">" | "|" | ".")
        };
        let end = (mark + 1..line.end).find(|at| !typed(*at)).unwrap_or(line.end);
        let outer = case.text.pairs.inside_of(mark);
        let comma = |at: &usize| lexed.is(*at, ",") && case.text.pairs.inside_of(*at) == outer;
        let commas: Vec<usize> = (mark + 1..end).filter(comma).collect();
        let whole = commas.first().is_some_and(|first| *first > mark + 1)
            && commas.last().is_some_and(|last| last + 1 < end);
        if lexed.is(end, "{") && whole && !(mark + 1..end).any(|at| lexed.is(at, "<")) {
            let edits = vec![
                case.insert(lexed.code[mark + 1].start, "["),
                case.insert(lexed.code[end - 1].end, "]"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, SEVERAL, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn one_type_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function range(tides: number[]): number {\n  return <|>tides[0] tides[1];\n}\n",
            "[TS1005] ';' expected.",
        );
    }
}
