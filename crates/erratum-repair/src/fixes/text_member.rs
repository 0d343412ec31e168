//! What only a text has is asked of a number: `hours.padStart(2, "0")` for `String(hours).padStart(2, "0")`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Only a text has this member.
const OF_TEXTS: Factor = evidence("only a text has this member", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "text-member",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function clock(hours: number) {\n  return hours.<|>padStart(2, \"0\");\n}\n",
        message: "[TS2339] Property 'padStart' does not exist on type 'number'.",
        after: "function clock(hours: number) {\n  return String(hours).padStart(2, \"0\");\n}\n",
    },
};

/// What a text has and a number does not.
const MEMBERS: &[&str] = &[
    "padStart",
    "padEnd",
    "toUpperCase",
    "toLowerCase",
    "trim",
    "split",
    "charAt",
    "substring",
    "slice",
    "startsWith",
    "endsWith",
    "repeat",
    "concat",
    "includes",
    "length",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let told = said
        .strip_prefix("Property '")
        .and_then(|rest| rest.split_once("' does not exist on type '"));
    let Some((member, typed)) = told else { return };
    if !case.language().object_required
        || !typed.starts_with("number'")
        || !MEMBERS.contains(&member)
    {
        return;
    }
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let at = line.find(|at| {
        lexed.is(*at, member) && lexed.before(*at) == "." && *at >= case.token.saturating_sub(1)
    });
    let Some(last) = at.and_then(|at| at.checked_sub(2)) else { return };
    let first = super::shape::operand_start(case, last);
    let plain = lexed.kind(first) == Some(TokenKind::Name) && lexed.before(first) != "?.";
    if plain {
        let edits = vec![
            case.insert(lexed.code[first].start, "String("),
            case.insert(lexed.code[last].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingToString, OF_TEXTS, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_number_that_a_call_gives() {
        check_fix(
            &FAMILY,
            "typescript",
            "function clock(at: Date) {\n  return at.getHours().<|>padStart(2, \"0\");\n}\n",
            "[TS2339] Property 'padStart' does not exist on type 'number'.",
            "function clock(at: Date) {\n  return String(at.getHours()).padStart(2, \"0\");\n}\n",
        );
    }

    #[test]
    fn what_no_text_has_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function clock(hours: number) {\n  return hours.<|>depth;\n}\n",
            "[TS2339] Property 'depth' does not exist on type 'number'.",
        );
    }
}
