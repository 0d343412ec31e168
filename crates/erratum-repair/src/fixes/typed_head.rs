//! TypeScript: `boats.forEach(b: Boat => …)`: the parameter of a function without a name has its type within
//! brackets.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A parameter with a type stands in brackets.
const TYPED: Factor = evidence("a parameter with a type stands in brackets", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "typed-head",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const all: number[] = [1];\nall.forEach(n<|>: number => console.log(n));\n",
        message: "[TS1005] ',' expected.",
        after: "const all: number[] = [1];\nall.forEach((n: number) => console.log(n));\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().object_required {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let head = line.clone().find_map(|name| {
        let named = lexed.kind(name) == Some(TokenKind::Name)
            && matches!(lexed.before(name), "(" | "," | "=")
            && lexed.is(name + 1, ":");
        let typed = |at: &usize| {
            matches!(lexed.kind(*at), Some(TokenKind::Name | TokenKind::Keyword))
                || matches!(lexed.word(*at), "[" | "]" | "." | "|" | "<" | ">")
        };
        let arrow = (name + 2..line.end).find(|at| !typed(at))?;
        (named && arrow > name + 2 && lexed.is(arrow, "=>")).then_some((name, arrow))
    });
    if let Some((name, arrow)) = head {
        let edits = vec![
            case.insert(lexed.code[name].start, "("),
            case.insert(lexed.code[arrow - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, TYPED, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_of_a_type_is_one_type() {
        check_fix(
            &FAMILY,
            "typescript",
            "const depth = all<|>: number[] => all.length;\n",
            "[TS1005] ',' expected.",
            "const depth = (all: number[]) => all.length;\n",
        );
    }

    #[test]
    fn a_field_of_an_object_is_none() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "call({ a, name<|>: (n) => n });\n",
            "[TS1005] ',' expected.",
        );
    }
}
