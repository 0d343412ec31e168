//! The values of a list in the brackets of another thing: `List<String> names = { "bow" }` and
//! `const names: string[] = {}`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The compiler says that these brackets make no such list.
const NO_LIST: Factor = evidence("these brackets make no list of this kind", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "list-literal",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const <|>names: string[] = {};\n",
        message: "Type '{}' is missing the following properties from type 'string[]': length, pop, push, concat, and 29 more.",
        after: "const names: string[] = [];\n",
    },
};

/// What belongs in front of the values, and behind them (seen with tsc 5.9, javac 17).
fn brackets(case: &Case) -> Option<(&'static str, &'static str)> {
    let said = &case.message.text;
    if said.starts_with("Type '{}' is missing the following properties from type '") {
        return said.contains("[]': ").then_some(("[", "]"));
    }
    let (kind, _) = said.strip_prefix("illegal initializer for ")?.split_once('<')?;
    match kind {
        "List" | "Collection" | "Iterable" => Some(("List.of(", ")")),
        "Set" => Some(("Set.of(", ")")),
        "ArrayList" => Some(("new ArrayList<>(List.of(", "))")),
        _ => None,
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((before, behind)) = brackets(case) else {
        gone_through(case, all);
        return;
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let value = |at: &usize| {
        lexed.is(*at, "{") && matches!(lexed.before(*at), "=" | ":" | "return" | "," | "(")
    };
    let Some(open) = line.filter(|at| *at >= case.token).find(value) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    // What has names is an object.
    let named = (open + 1..close).any(|at| matches!(lexed.word(at), ":" | "{"));
    if !named {
        // The blanks within the brackets go with them.
        let (first, last) = (lexed.code[open], lexed.code[close]);
        let empty = close == open + 1;
        let from = if empty { first.end } else { lexed.code[open + 1].start };
        let to = if empty { last.start } else { lexed.code[close - 1].end };
        let edits = vec![
            Edit::replace(case.file(), first.start, from, before),
            Edit::replace(case.file(), to, last.end, behind),
        ];
        all.push(Candidate::new(MistakeId::MismatchedBracket, NO_LIST, edits).guess());
    }
}

/// Rust: `for boat in {"bow", "stern"} {`.
fn gone_through(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // Seen with rustc 1.95.
    let said = &case.message.text;
    if !said.starts_with("expected one of ") || !said.ends_with("or an operator, found `,`") {
        return;
    }
    let comma = (case.token..=case.token + 1).find(|at| lexed.is(*at, ","));
    let open = comma.and_then(|comma| pairs.inside_of(comma));
    let open = open.filter(|open| lexed.is(*open, "{") && lexed.before(*open) == "in");
    let pair = open.and_then(|open| Some((open, pairs.partner_of(open)?)));
    if let Some((open, close)) = pair {
        let edits = vec![case.replace_token(open, "["), case.replace_token(close, "]")];
        all.push(Candidate::new(MistakeId::MismatchedBracket, NO_LIST, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_that_is_gone_through_stands_in_its_own_brackets() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    for n in {3<|>, 4} {\n        go(n);\n    }\n}\n",
            "expected one of `.`, `;`, `?`, `}`, or an operator, found `,`",
            "fn main() {\n    for n in [3, 4] {\n        go(n);\n    }\n}\n",
        );
    }

    #[test]
    fn a_list_of_java_is_made_by_a_call() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay { List<String> names = <|>{ \"bow\", \"stern\" }; }\n",
            "illegal initializer for List<String>",
            "class Quay { List<String> names = List.of(\"bow\", \"stern\"); }\n",
        );
    }

    #[test]
    fn an_object_has_names() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const <|>names: string[] = { bow: 3 };\n",
            "Type '{}' is missing the following properties from type 'string[]': length",
        );
    }
}
