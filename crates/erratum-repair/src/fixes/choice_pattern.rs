//! Rust: `if let Ok(boat) = find(name)` of an `Option`, or `Some` of a `Result`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The value is of the other kind.
const OTHER: Factor = evidence("the value holds the other kind", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "choice-pattern",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn go(all: &[u32]) {\n    if let <|>Ok(one) = all.first() {\n        println!(\"{}\", one);\n    }\n}\n",
        message: "[E0308] mismatched types expected `Option<&u32>`, found `Result<_, _>`",
        after: "fn go(all: &[u32]) {\n    if let Some(one) = all.first() {\n        println!(\"{}\", one);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().borrows {
        return;
    }
    // Seen with rustc 1.95: what is expected is the type of the value, the pattern is what is found.
    let spans = case.message.spans.iter().map(|span| span.text.as_str());
    let said: Vec<&str> = spans.chain([case.message.text.as_str()]).collect();
    let says = |wanted: &str, found: &str| {
        said.iter().any(|text| {
            let wanted =
                text.split_once("expected `").is_some_and(|(_, rest)| rest.starts_with(wanted));
            wanted && text.split_once("found `").is_some_and(|(_, rest)| rest.starts_with(found))
        })
    };
    let (old, new) = match () {
        () if says("Option<", "Result<") => ("Ok", "Some"),
        () if says("Result<", "Option<") => ("Some", "Ok"),
        () => return,
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let pattern = line.into_iter().find(|at| {
        let head =
            matches!(lexed.before(*at), "let" | "{" | "}" | "," | "|") || lexed.code[*at].first;
        lexed.is(*at, old) && lexed.is(at + 1, "(") && head
    });
    if let Some(at) = pattern {
        let edit = case.replace_token(at, new);
        all.push(Candidate::new(MistakeId::MatchRules, OTHER, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_case_of_a_result_is_named_so() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(text: &str) {\n    match text.parse::<u32>() {\n        <|>Some(n) => show(n),\n        _ => {}\n    }\n}\n",
            "[E0308] mismatched types expected `Result<u32, ParseIntError>`, found `Option<_>`",
            "fn go(text: &str) {\n    match text.parse::<u32>() {\n        Ok(n) => show(n),\n        _ => {}\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_that_is_given_back_is_no_pattern() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(n: u32) -> Option<u32> {\n    return <|>Ok(n);\n}\n",
            "[E0308] mismatched types expected `Option<u32>`, found `Result<u32, _>`",
        );
    }
}
