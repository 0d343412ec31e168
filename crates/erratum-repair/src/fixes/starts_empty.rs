//! TypeScript: a value that starts as nothing: `const counts = {}` that is filled by names, `let best: Boat = null`.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The function says what it gives back, and this is it.
const GIVEN_BACK: Factor = evidence("it is what the function gives back", 9.0);
/// It is filled by names.
const FILLED: Factor = evidence("it is filled with values of one kind", 8.0);
/// It starts as nothing, and its type has no such value.
const NOTHING: Factor = evidence("it starts as nothing", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "starts-empty",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function count(all: string[]): Record<string, string[]> {\n  const out = {};\n  for (const one of all) <|>out[one] = (out[one] || 0) + 1;\n  return out;\n}\n",
        message: "[TS7053] Element implicitly has an 'any' type because expression of type 'string' can't be used to index type '{}'.",
        after: "function count(all: string[]): Record<string, string[]> {\n  const out: Record<string, string[]> = {};\n  for (const one of all) out[one] = (out[one] || 0) + 1;\n  return out;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().object_required {
        return;
    }
    // Seen with tsc 5.9.
    let said = &case.message.text;
    if said.contains("can't be used to index type '{}'") {
        filled(case, all);
    }
    for nothing in ["null", "undefined"] {
        if said.starts_with(&format!("Type '{nothing}' is not assignable to type '")) {
            starts_as(case, nothing, all);
        }
    }
}

/// `const counts = {}`, which gets its parts later.
fn filled(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let bare = |at: usize| lexed.is(at + 1, "=") && lexed.is(at + 2, "{") && lexed.is(at + 3, "}");
    let name = line.clone().find_map(|at| {
        let declared = case.text.names.resolve(lexed, at)?.token;
        (lexed.is(at + 1, "[") && bare(declared)).then_some(declared)
    });
    let Some(name) = name else { return };
    let word = lexed.word(name);
    let result = function_around(case, name).and_then(|function| {
        let close = function.close?;
        let given =
            |at: usize| lexed.is(at, "return") && lexed.is(at + 1, word) && lexed.is(at + 2, ";");
        let typed = function.returns?;
        (function.open..close).any(given).then(|| {
            lexed.source.slice(lexed.code[typed.0].start, lexed.code[typed.1].end).into_owned()
        })
    });
    let (typed, why) = match result {
        Some(typed) => (typed, GIVEN_BACK),
        None => {
            let mark = line.clone().find(|at| lexed.is(*at, "="));
            let values = mark.map_or(line.end..line.end, |mark| mark + 1..line.end);
            let kind = |wanted: TokenKind| values.clone().any(|at| lexed.kind(at) == Some(wanted));
            let held = match () {
                () if kind(TokenKind::Str) => "string",
                () if kind(TokenKind::Number) => "number",
                () => return,
            };
            (format!("Record<string, {held}>"), FILLED)
        }
    };
    let edit = case.insert(lexed.code[name].end, format!(": {typed}"));
    all.push(Candidate::new(MistakeId::WrongType, why, vec![edit]).guess());
}

/// `let best: Boat = null`.
fn starts_as(case: &Case, nothing: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.into_iter().find(|at| lexed.is(*at, "=") && lexed.is(at + 1, nothing))
    else {
        return;
    };
    let declared = case.text.names.declared.iter().find_map(|one| {
        let (first, last) = one.typed?;
        (last + 1 == mark && lexed.before(first) == ":").then_some((first, last))
    });
    if let Some((first, last)) = declared {
        let function = text_of(case, (first, last)).contains("=>");
        if !function {
            let edit = case.insert(lexed.code[last].end, format!(" | {nothing}"));
            all.push(Candidate::new(MistakeId::WrongType, NOTHING, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn what_is_filled_with_numbers_says_so() {
        check_fix(
            &FAMILY,
            "typescript",
            "const fees = {};\n<|>fees[\"mole\"] = 3;\n",
            "[TS7053] Element implicitly has an 'any' type because expression of type '\"mole\"' can't be used to index type '{}'.",
            "const fees: Record<string, number> = {};\nfees[\"mole\"] = 3;\n",
        );
    }

    #[test]
    fn what_starts_as_nothing_may_be_nothing() {
        check_fix(
            &FAMILY,
            "typescript",
            "enum Level { Low, High }\nlet <|>worst: Level = null;\n",
            "[TS2322] Type 'null' is not assignable to type 'Level'.",
            "enum Level { Low, High }\nlet worst: Level | null = null;\n",
        );
    }
}
