//! TypeScript: a value that may be missing is computed with: `sum += tow.hours` where `hours` may be left out.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What is missing adds nothing.
const COUNTS_AS_NOTHING: Factor = weight("what is missing counts as nothing", 3.0);

/// Operators that compute a number.
const COMPUTES: &[&str] = &["+", "-", "*", "/", "+=", "-=", "<", ">", "<=", ">="];

pub(super) static FAMILY: Family = Family {
    id: "missing-value",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Tow { hours?: number }\nfunction total(tow: Tow): number {\n  let sum = 0;\n  sum += <|>tow.hours;\n  return sum;\n}\n",
        message: "[TS18048] 'tow.hours' is possibly 'undefined'.",
        after: "interface Tow { hours?: number }\nfunction total(tow: Tow): number {\n  let sum = 0;\n  sum += tow.hours ?? 0;\n  return sum;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let may_lack = said.contains("possibly 'undefined'") || said.contains("possibly 'null'");
    let first = case.token;
    if !may_lack || lexed.kind(first) != Some(TokenKind::Name) || !has_nothing_word(case) {
        return;
    }
    let Some(last) = operand_end(case, first) else { return };
    let (before, after) = (lexed.before(first), lexed.word(last + 1));
    // Of a text, nothing is another value.
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    let beside_text = text(last + 2) || first > 1 && text(first - 2);
    if beside_text || !COMPUTES.contains(&before) && !COMPUTES.contains(&after) {
        return;
    }
    // What the text declares as another type has no 0: a date, an object.
    let typed = case.text.names.of(lexed.word(last)).filter_map(|own| own.typed);
    // A field of an object within another is declared nowhere by itself.
    let fields = (0..lexed.code.len()).filter(|at| {
        lexed.is(*at, lexed.word(last)) && lexed.is(at + 1, "?") && lexed.is(at + 2, ":")
    });
    let typed: Vec<&str> = typed
        .map(|(first, _)| first)
        .chain(fields.map(|at| at + 3))
        .map(|at| lexed.word(at))
        .collect();
    if !typed.is_empty() && !typed.contains(&"number") {
        return;
    }
    let whole = matches!(before, "+=" | "-=") && matches!(after, ";" | "");
    let (open, close) = if whole { ("", " ?? 0") } else { ("(", " ?? 0)") };
    let put = [(lexed.code[first].start, open), (lexed.code[last].end, close)];
    let put = put.into_iter().filter(|(_, text)| !text.is_empty());
    let edits = put.map(|(at, text)| case.insert(at, text)).collect();
    all.push(Candidate::new(MistakeId::MaybeNothing, COUNTS_AS_NOTHING, edits).guess());
}

/// Whether the language has a mark for what counts when there is nothing.
fn has_nothing_word(case: &Case) -> bool {
    case.language().operators.contains(&"??")
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_part_of_a_sum_is_enclosed() {
        check_fix(
            &FAMILY,
            "typescript",
            "function late(hours?: number): number {\n  return <|>hours * 2;\n}\n",
            "'hours' is possibly 'undefined'.",
            "function late(hours?: number): number {\n  return (hours ?? 0) * 2;\n}\n",
        );
    }

    #[test]
    fn a_date_has_no_zero() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Fare { valid: { until?: Date } }\nfunction late(fare: Fare, at: Date): boolean {\n  return at <= <|>fare.valid.until;\n}\n",
            "'fare.valid.until' is possibly 'undefined'.",
        );
    }

    #[test]
    fn what_is_asked_for_a_member_counts_otherwise() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function show(name?: string) {\n  return \"at \" + <|>name.length;\n}\n",
            "'name' is possibly 'undefined'.",
        );
    }
}
