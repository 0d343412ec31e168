//! A type that holds a whole value of its own kind: the part is a pointer to the next one.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The part is of the type around it.
const OF_ITSELF: Factor = evidence("the part is of the type that it stands in", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "holds-itself",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "struct berth {\n    int depth;\n    struct berth <|>next;\n};\n",
        message: "field 'next' has incomplete type",
        after: "struct berth {\n    int depth;\n    struct berth *next;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.diagnosis.shows(MistakeId::EndlessType) {
        return;
    }
    let (lexed, language) = (case.lexed(), case.language());
    let pascal = !language.variable_section.is_empty();
    // What the type is called: as the message says, or before the block around the place.
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let line = lexed.on_line(lexed.code[case.token].line);
    let from = if language.receivers { line.start } else { line.end - 1 };
    let block = match language.receivers {
        true => (from..lexed.code.len()).find(|at| lexed.is(*at, "{")),
        false if pascal => (0..line.start).rev().find(|at| lexed.is(*at, "record")),
        false => case.text.pairs.inside_of(case.token).filter(|open| lexed.is(*open, "{")),
    };
    let Some(open) = block else { return };
    let head = (0..open).rev().take(3).find(|at| named(*at));
    let Some(name) = head.map(|at| lexed.word(at)) else { return };
    let end = match pascal {
        true => line.end,
        false => case.text.pairs.partner_of(open).unwrap_or(open),
    };
    let mut edits = Vec::new();
    for at in (open + 1..end).filter(|at| lexed.is(*at, name)) {
        let behind = at + 1;
        if language.receivers {
            // Go: the type stands behind the name of the part.
            if named(at - 1) && lexed.code[at].line == lexed.code[at - 1].line {
                edits.push(case.insert(lexed.code[at].start, "*"));
            }
        } else if pascal {
            let pointer = (0..open).find(|at| {
                lexed.is(*at, "^") && lexed.is(at + 1, name) && lexed.before(*at) == "=" && *at > 1
            });
            if lexed.before(at) == ":" {
                let edit = match pointer {
                    Some(mark) => {
                        case.replace_token(at, lexed.text(&lexed.code[mark - 2]).to_owned())
                    }
                    None => case.insert(lexed.code[at].start, "^"),
                };
                edits.push(edit);
            }
        } else if case.message.text.contains("causes a cycle in the struct layout") {
            // C#: a class is always pointed at.
            if let Some(word) = (0..open).rev().take(3).find(|at| lexed.is(*at, "struct")) {
                edits = vec![case.replace_token(word, "class")];
            }
        } else if language.directives && named(behind) && lexed.is(behind + 1, ";") {
            edits.push(case.insert(lexed.code[behind].start, "*"));
        }
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::EndlessType, OF_ITSELF, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn pascal_has_a_type_for_the_pointer() {
        let text = |next: &str| {
            format!(
                "program Quay;\ntype\n  PNode = ^TNode;\n  TNode = record\n    Name: string;\n    Next: {next};\n  end;\nbegin\nend.\n"
            )
        };
        let said = "Type \"TNode\" is not completely defined";
        check_fix(&FAMILY, "pascal", &text("<|>TNode"), said, &text("PNode"));
    }

    #[test]
    fn go_points_at_the_next_one() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype <|>node struct {\n\tn    int\n\tnext node\n}\n",
            "invalid recursive type node",
            "package quay\n\ntype node struct {\n\tn    int\n\tnext *node\n}\n",
        );
    }

    #[test]
    fn a_part_of_an_unknown_type_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "struct berth {\n    struct buoy <|>mark;\n};\n",
            "field 'mark' has incomplete type",
        );
    }
}
