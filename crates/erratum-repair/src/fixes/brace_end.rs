//! Pascal: `}` where a block ends: nothing opened a remark, and the word `end` is meant.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::pairs::closing;

/// A block is open there, and words end it.
const OPEN_BLOCK: Factor = evidence("a block is open there, and a word ends it", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "brace-end",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "pascal",
        before: "program Quay;\n\nprocedure Show;\nbegin\n  writeln('tide');\n<|>}\n\nbegin\n  Show;\nend.\n",
        message: "illegal character \"'}'\" ($7D)",
        after: "program Quay;\n\nprocedure Show;\nbegin\n  writeln('tide');\nend;\n\nbegin\n  Show;\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with fpc 3.2.
    if !case.message.text.starts_with("illegal character \"'}'\"") {
        return;
    }
    let lexed = case.lexed();
    let Some(line) = case.message.line() else { return };
    let text = lexed.source.line_text(line);
    if text.trim_end_matches([';', '.', ' ']).trim() != "}" {
        return;
    }
    let source = &lexed.source;
    let start = source.line_start(line) + text.len() - text.trim_start().len();
    let end = source.line_start(line) + text.trim_end().len();
    let before = lexed.code.partition_point(|token| token.start < start);
    let behind = (before..lexed.code.len()).find(|at| lexed.code[*at].start >= end);
    // The `}` may be taken for the partner of the word already.
    let words = |at: usize| closing(lexed, at) == "end";
    let partner = case.text.pairs.partner_of(before);
    let odd = case.text.pairs.odd.iter().map(|odd| odd.token);
    if !odd.filter(|at| *at < before).chain(partner).any(words) {
        return;
    }
    let word = match behind {
        None => "end.",
        Some(at) if lexed.is(at, "else") => "end",
        Some(_) => "end;",
    };
    let edit = Edit::replace(case.file(), start, end, word);
    all.push(Candidate::new(MistakeId::ForeignMark, OPEN_BLOCK, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_mark_within_a_line_is_left() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nbegin\n  writeln('tide') <|>} ;\nend.\n",
            "illegal character \"'}'\" ($7D)",
        );
    }
}
