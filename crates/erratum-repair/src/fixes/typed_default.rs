//! A parameter with its type behind what it is by default: `minutes = 5: number`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The type stands behind the name.
const TYPE_FIRST: Factor =
    evidence("the type stands between the name and what it is by default", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "typed-default",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function late(ship: string, minutes = 5<|>: number) {\n  return ship;\n}\n",
        message: "',' expected.",
        after: "function late(ship: string, minutes: number = 5) {\n  return ship;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let colon = case.language().result_marks.contains(&":");
    if case.phase > Phase::Syntax || !colon {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, "=") && *at > line.start) {
        let (name, value, typed) = (mark - 1, mark + 1, mark + 3);
        let literal =
            matches!(lexed.kind(value), Some(TokenKind::Number | TokenKind::Str | TokenKind::Char));
        let listed = case.text.pairs.inside_of(mark).is_some_and(|open| lexed.is(open, "("));
        let is_type = lexed.kind(typed) == Some(TokenKind::Name)
            || case.language().is_type(lexed.word(typed));
        let ends = matches!(lexed.word(typed + 1), "," | ")");
        if lexed.kind(name) == Some(TokenKind::Name)
            && literal
            && listed
            && lexed.is(mark + 2, ":")
            && is_type
            && ends
        {
            let text =
                format!(": {} = {}", text_of(case, (typed, typed)), text_of(case, (value, value)));
            let (from, to) = (lexed.code[name].end, lexed.code[typed].end);
            let edit = Edit::replace(case.file(), from, to, text);
            all.push(Candidate::new(MistakeId::WrongOrder, TYPE_FIRST, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_field_of_a_value_is_left() {
        check_no_fix(&FAMILY, "typescript", "const a = { minutes: 5 <|>};\n", "',' expected.");
    }
}
