//! A statement that compares where it should set: `lamps[1].Lit = tide > 0;` in a language in which `=` compares.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A statement is no comparison.
const SETS: Factor = evidence("a statement sets a value", 7.0);
/// Each line between the statement and the reported place.
const LINE_AWAY: Factor = weight("lines from the reported place", -1.0);

pub(super) static FAMILY: Family = Family {
    id: "assigning",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nvar\n  lit: array[1..2] of boolean;\n  tide: integer = 3;\nbegin\n  lit[1] = tide <|>> 0;\nend.\n",
        message: "Illegal expression",
        after: "program quay;\nvar\n  lit: array[1..2] of boolean;\n  tide: integer = 3;\nbegin\n  lit[1] := tide > 0;\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs, language) = (case.lexed(), &case.text.pairs, case.language());
    if language.blocks.is_empty() || !language.operators.contains(&":=") {
        return;
    }
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        for first in lexed.on_line(line) {
            let starts = first > 0
                && matches!(lexed.word(first - 1), ";" | "begin" | "then" | "else" | "do" | "loop");
            // What is declared is set by this mark.
            let block = pairs.block_of(lexed, first).is_some_and(|open| {
                matches!(
                    lexed.word(open),
                    "begin" | "then" | "else" | "do" | "loop" | "repeat" | "try"
                )
            });
            if lexed.kind(first) != Some(TokenKind::Name) || !starts || !block {
                continue;
            }
            let mut end = first + 1;
            loop {
                match lexed.word(end) {
                    "." if lexed.kind(end + 1) == Some(TokenKind::Name) => end += 2,
                    "[" => match pairs.partner_of(end) {
                        Some(close) => end = close + 1,
                        None => break,
                    },
                    "^" => end += 1,
                    _ => break,
                }
            }
            if lexed.is(end, "=") {
                let edit = case.replace_token(end, ":=");
                let score = SETS + LINE_AWAY * f64::from(reported - line);
                all.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_statement_behind_then_sets_too() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide: integer;\nbegin\n  if tide = 2 then tide <|>= 3;\nend.\n",
            "Illegal expression",
            "program quay;\nvar\n  tide: integer;\nbegin\n  if tide = 2 then tide := 3;\nend.\n",
        );
    }

    #[test]
    fn constants_and_conditions_are_left_alone() {
        for text in [
            "program quay;\nconst\n  low = 2;\n  high <|>= 4;\nbegin\nend.\n",
            "program quay;\nvar\n  tide: integer;\nbegin\n  while tide <|>= 2 do\n    writeln(tide);\nend.\n",
        ] {
            check_no_fix(&FAMILY, "pascal", text, "Illegal expression");
        }
    }
}
