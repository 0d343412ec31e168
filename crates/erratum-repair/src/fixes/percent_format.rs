//! A format and its values joined by the mark of another language: `printf("%d\n" % count)`.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Here the values of a format are values of the call.
const OF_CALL: Factor = evidence("here the values of a format are values of the call", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "percent-format",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nimport \"fmt\"\n\nfunc show(depth float64) {\n\tfmt.Printf(\"%.1f\\n\" <|>% depth)\n}\n",
        message: "invalid operation: \"%.1f\\n\" % depth (mismatched types untyped string and float64)",
        after: "package quay\n\nimport \"fmt\"\n\nfunc show(depth float64) {\n\tfmt.Printf(\"%.1f\\n\", depth)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for mark in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "%")) {
        let format = mark
            .checked_sub(1)
            .filter(|at| lexed.kind(*at) == Some(TokenKind::Str) && lexed.word(*at).contains('%'));
        let Some(format) = format else { continue };
        let open = case.text.pairs.inside_of(mark).filter(|open| lexed.is(*open, "("));
        let Some(call) = open.and_then(|open| call_at(case, open)) else { continue };
        let name = lexed.word(call.name).to_lowercase();
        if !name.ends_with("printf") && !name.ends_with("format") && !name.ends_with("errorf") {
            continue;
        }
        let mut edits =
            vec![Edit::replace(case.file(), lexed.code[format].end, lexed.code[mark].end, ",")];
        // `% (low, high)`: the brackets go with the mark.
        let close = case.text.pairs.partner_of(mark + 1).filter(|_| lexed.is(mark + 1, "("));
        if let Some(close) =
            close.filter(|close| Some(close + 1) == case.text.pairs.partner_of(call.name + 1))
        {
            edits.push(case.delete_token(mark + 1));
            edits.push(case.delete_token(close));
        }
        all.push(Candidate::new(MistakeId::ForeignMark, OF_CALL, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn several_values_lose_their_brackets() {
        check_fix(
            &FAMILY,
            "c",
            "void show(int low, int high)\n{\n    printf(\"%d %d\\n\" <|>% (low, high));\n}\n",
            "invalid operands to binary % (have 'char *' and 'int')",
            "void show(int low, int high)\n{\n    printf(\"%d %d\\n\", low, high);\n}\n",
        );
    }

    #[test]
    fn what_is_left_of_a_number_stays() {
        check_no_fix(
            &FAMILY,
            "c",
            "void show(int low)\n{\n    printf(\"%d\\n\", low <|>% name);\n}\n",
            "invalid operands to binary % (have 'int' and 'char *')",
        );
    }
}
