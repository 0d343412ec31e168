//! The head of a block that ends as in Python, where its bracket is not closed: `for (const b of boats:`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// A line that starts as the head of a block ends with the mark that opens one elsewhere.
const HEAD: Factor = evidence("the head of a block ends with `:`", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "head-colon",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "for (const tide of tides<|>:\n  show(tide);\n}\n",
        message: "[TS1005] ')' expected.",
        after: "for (const tide of tides) {\n  show(tide);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let braces = case.language().blocks.is_empty() && !case.language().layout;
    if case.phase > Phase::Syntax || !braces {
        return;
    }
    let near = lexed.code[case.token].line;
    for line in near.saturating_sub(1)..=near {
        let line = lexed.on_line(line);
        let Some(last) = line.clone().last().filter(|at| lexed.is(*at, ":")) else { continue };
        let word = line.clone().find(|at| !matches!(lexed.word(*at), "}" | "else"));
        let Some(word) = word else { continue };
        let head = matches!(lexed.word(word), "for" | "foreach" | "while" | "if");
        if !head || !lexed.is(word + 1, "(") || last < word + 3 {
            continue;
        }
        // What is open within the line, but for the bracket of the head.
        let opens = line.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Open));
        let odd = opens.filter(|at| pairs.partner_of(*at).is_none_or(|close| close > last));
        let odd: Vec<usize> = odd.collect();
        if odd == [word + 1] {
            let edit = case.replace_token(last, ") {");
            all.push(Candidate::new(MistakeId::ForeignWord, HEAD, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn every_head_with_a_bracket_may_end_so() {
        for head in ["if (tides.length > 2", "while (next() != null", "} else if (open(3)"] {
            let before = format!("{head}<|>:\n  show(tide);\n}}\n");
            let after = format!("{head}) {{\n  show(tide);\n}}\n");
            check_fix(&FAMILY, "typescript", &before, "[TS1005] ')' expected.", &after);
        }
    }

    #[test]
    fn other_lines_end_with_the_mark_too() {
        for text in [
            "switch (tide) {\n  case (3<|>):\n    show(tide);\n}\n",
            "show(tide > 3 ? 1 <|>:\n  2);\n",
            "if (tide > 3)<|>:\n  show(tide);\n",
        ] {
            check_no_fix(&FAMILY, "typescript", text, "[TS1005] ')' expected.");
        }
    }
}
