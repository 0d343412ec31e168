//! TypeScript: a value that may be missing where one is wanted: `hours ?? []`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An empty value takes the place of the one that is missing.
const EMPTY: Factor = evidence("an empty value takes the place of a missing one", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "or-empty",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Boat { hours: number[] }\nfunction make(hours?: number[]): Boat {\n  return { <|>hours };\n}\n",
        message: "[TS2322] Type 'number[] | undefined' is not assignable to type 'number[]'.",
        after: "interface Boat { hours: number[] }\nfunction make(hours?: number[]): Boat {\n  return { hours: hours ?? [] };\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let told = said.strip_prefix("Type '").or_else(|| said.strip_prefix("Argument of type '"));
    let missing = told.and_then(|rest| rest.split_once("' is not assignable to "));
    let Some((given, wanted)) = missing.filter(|_| case.language().object_required) else { return };
    let Some(given) = given.strip_suffix(" | undefined") else { return };
    if !wanted.contains(&format!("'{given}'")) {
        return;
    }
    let empty = match given {
        "number" => "0",
        "string" => "\"\"",
        list if list.ends_with("[]") => "[]",
        _ => return,
    };
    let at = case.token;
    let name = lexed.kind(at) == Some(TokenKind::Name) && lexed.before(at) != ".";
    if !name || matches!(lexed.word(at + 1), "." | "(" | "[" | "=") {
        return;
    }
    let word = lexed.word(at);
    // In a list of fields the name alone stands for both.
    let both = matches!(lexed.before(at), "{" | ",") && matches!(lexed.word(at + 1), "}" | ",");
    let text = match both && case.text.pairs.inside_of(at).is_some_and(|open| lexed.is(open, "{")) {
        true => format!("{word}: {word} ?? {empty}"),
        false => format!("{word} ?? {empty}"),
    };
    let edit = case.replace_token(at, text);
    all.push(Candidate::new(MistakeId::MaybeNothing, EMPTY, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_that_is_handed_on() {
        check_fix(
            &FAMILY,
            "typescript",
            "function deep(n: number) {}\nfunction go(n?: number) {\n  deep(<|>n);\n}\n",
            "[TS2345] Argument of type 'number | undefined' is not assignable to parameter of type 'number'.",
            "function deep(n: number) {}\nfunction go(n?: number) {\n  deep(n ?? 0);\n}\n",
        );
    }

    #[test]
    fn another_type_has_no_empty_value() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function deep(b: Boat) {}\nfunction go(b?: Boat) {\n  deep(<|>b);\n}\n",
            "[TS2345] Argument of type 'Boat | undefined' is not assignable to parameter of type 'Boat'.",
        );
    }
}
