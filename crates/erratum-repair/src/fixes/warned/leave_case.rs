//! A case that runs on into the next one.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};

/// A case that runs on into the next.
const RUNS_ON: Factor = weight("the case runs on", 2.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "leave_case",
    recipes: &[Recipe::LeaveCase],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int up(int t) {\n    switch (t) {\n    case 1:\n        <|>t = 2;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
        message: "warning: [-Wimplicit-fallthrough=] this statement may fall through",
        after: "int up(int t) {\n    switch (t) {\n    case 1:\n        t = 2;\n        break;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::LeaveCase) {
        leave_case(case, all);
    }
}

/// A case that runs on into the next one: `break` at its end.
fn leave_case(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let inside = case.text.pairs.inside_of(case.token);
    let label = |at: &usize| {
        matches!(lexed.word(*at), "case" | "default") && case.text.pairs.inside_of(*at) == inside
    };
    // Some compilers point at the case that is run into, some at the one that is not left.
    let here = label(&case.token) && !lexed.is(case.token.wrapping_sub(1), "{");
    let reported_next = here && case.word("next").is_some();
    let next = if reported_next {
        Some(case.token)
    } else {
        (case.token + 1..lexed.code.len()).find(label)
    };
    let Some(next) = next.filter(|next| *next > 0 && lexed.code[*next].first) else { return };
    let before = lexed.code[next - 1];
    let line = lexed.source.line_of(before.start);
    let text = lexed.source.line_text(line);
    let lead = lexed.source.indent_text(line);
    let one_line =
        text.trim_start().starts_with("case") || text.trim_start().starts_with("default");
    let separator =
        if one_line { " ".to_owned() } else { format!("{}{lead}", lexed.source.line_end_text()) };
    let edit = case.insert(before.end, format!("{separator}break;"));
    all.push(Candidate::new(MistakeId::MissingBreak, RUNS_ON, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_default_case_is_kept_apart_too() {
        check_fix(
            &FAMILY,
            "cpp",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        <|>t = 2;\n    default:\n        t = 3;\n    }\n    return t;\n}\n",
            "warning: [-Wimplicit-fallthrough=] this statement may fall through",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        t = 2;\n        break;\n    default:\n        t = 3;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn a_case_of_several_statements_is_left_behind_the_last() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        t = 2;\n        <|>t = t + 1;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
            "warning: [-Wimplicit-fallthrough=] this statement may fall through",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        t = 2;\n        t = t + 1;\n        break;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn java_is_left_in_the_same_way() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int up(int t) {\n        switch (t) {\n            case 1:\n                t = 2;\n            <|>case 2:\n                t = 3;\n        }\n        return t;\n    }\n}\n",
            "warning: [fallthrough] possible fall-through into case",
            "class Quay {\n    int up(int t) {\n        switch (t) {\n            case 1:\n                t = 2;\n                break;\n            case 2:\n                t = 3;\n        }\n        return t;\n    }\n}\n",
        );
    }

    #[test]
    fn another_warning_leaves_no_case() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        <|>t + 2;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
            "warning: [-Wunused-value] value computed is not used",
        );
    }

    #[test]
    fn a_statement_outside_of_a_switch_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    <|>t = 2;\n    return t;\n}\n",
            "warning: [-Wimplicit-fallthrough=] this statement may fall through",
        );
    }
}
