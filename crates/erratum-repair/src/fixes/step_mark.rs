//! Half of the mark that adds one or takes one away: `count+;` for `count++;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A statement of one name ends with half of a mark.
const HALF: Factor = evidence("a statement of one name ends with half of a mark", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "step-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Gate { int ships; void pass() { ships+<|>; } }\n",
        message: "illegal start of expression",
        after: "class Gate { int ships; void pass() { ships++; } }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if case.phase > Phase::Syntax || !language.operators.contains(&"++") || language.applies_bare {
        return;
    }
    let near = lexed.code[case.token].line;
    for line in near.saturating_sub(1)..=near {
        for mark in lexed.on_line(line).filter(|at| *at > 0) {
            let half = matches!(lexed.word(mark), "+" | "-");
            // The last part of a statement, or of the head of a loop.
            let next = lexed.code.get(mark + 1);
            let ends = match lexed.word(mark + 1) {
                ";" | "}" => true,
                ")" => case.text.pairs.inside_of(mark).is_some_and(|open| {
                    open > 0 && lexed.is(open - 1, "for") && lexed.is(mark + 1, ")")
                }),
                _ => language.line_ends && next.is_none_or(|next| next.first),
            };
            let step = |at: usize| {
                lexed.kind(at) == Some(TokenKind::Name)
                    || matches!(lexed.word(at), "." | "->" | "this" | "]" | "[" | "*")
                    || lexed.kind(at) == Some(TokenKind::Number)
            };
            let first = (0..mark).rev().take_while(|at| step(*at)).last();
            let Some(first) = first.filter(|_| half && ends) else { continue };
            let starts = first == 0
                || matches!(lexed.word(first - 1), ";" | "{" | "}" | ")" | "else")
                || lexed.code[first].first;
            if starts && lexed.kind(mark - 1) != Some(TokenKind::Number) {
                let end = lexed.code[mark].end;
                let edit = Edit::insert(case.file(), end, lexed.word(mark));
                all.push(Candidate::new(MistakeId::MissingMark, HALF, vec![edit]).guess());
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_step_of_a_loop_is_one() {
        check_fix(
            &FAMILY,
            "c",
            "void go(int n) { for (int i = 0; i < n; i+<|>) show(i); }\n",
            "expected expression before ')' token",
            "void go(int n) { for (int i = 0; i < n; i++) show(i); }\n",
        );
    }

    #[test]
    fn a_sum_lacks_a_value() {
        let text = "class Gate { int sum(int a) { return a + <|>; } }\n";
        check_no_fix(&FAMILY, "java", text, "illegal start of expression");
    }
}
