//! A text with holes as another language marks it: `f"stored: {codes}"`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A letter of another language marks the text.
const MARKED: Factor = evidence("a text with holes is marked as in another language", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "text-prefix",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    string Say(string codes) { return f<|>\"stored: {codes}\"; }\n}\n",
        message: "Unexpected symbol 'stored: {codes}'",
        after: "class Quay {\n    string Say(string codes) { return $\"stored: {codes}\"; }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = case.language().hole_mark;
    if mark.is_empty() {
        return;
    }
    let near = case.token.saturating_sub(1)..=case.token + 1;
    for text in near.filter(|at| *at > 0 && lexed.kind(*at) == Some(TokenKind::Str)) {
        let (before, here) = (lexed.code[text - 1], lexed.code[text]);
        let written = lexed.word(text);
        let marked =
            before.end == here.start && matches!(lexed.word(text - 1), "f" | "s" | "F" | "$");
        if marked && lexed.word(text - 1) != mark && written.contains('{') && written.contains('}')
        {
            let edit = Edit::replace(case.file(), before.start, before.end, mark);
            all.push(Candidate::new(MistakeId::ForeignMark, MARKED, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn scala_marks_a_text_with_a_letter() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val said = $<|>\"stored: ${codes}\"\n}\n",
            "not found: value $",
            "object Quay {\n  val said = s\"stored: ${codes}\"\n}\n",
        );
    }

    #[test]
    fn a_text_without_holes_is_left() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    string Say() { return f<|>\"stored\"; }\n}\n",
            "Unexpected symbol 'stored'",
        );
    }
}
