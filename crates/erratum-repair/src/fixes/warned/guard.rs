//! Lines that are indented like one block and are none, as their compiler warns.

use super::{empty_body, header_end};
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;

/// Lines that are indented like one block were to be one.
const BRACES: Factor = weight("the lines are indented like one block", 2.0);
/// A line that was indented by mistake.
const PUT_BACK: Factor = weight("the line is put back", 1.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "guard",
    recipes: &[Recipe::Guard],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int up(int t) {\n    <|>if (t > 3)\n        t = 3;\n        t = t + 1;\n    return t;\n}\n",
        message: "warning: [-Wmisleading-indentation] this 'if' clause does not guard...",
        after: "int up(int t) {\n    if (t > 3) {\n        t = 3;\n        t = t + 1;\n    }\n    return t;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Guard) {
        guard(case, all);
    }
}

/// A line that is indented as if a condition guarded it: braces around both lines, or the line put
/// back to where it belongs.
fn guard(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    if let Some(candidate) = empty_body(case) {
        all.push(candidate);
        return;
    }
    let Some(header) = header_end(case, case.token) else { return };
    let first = header + 1;
    if first >= lexed.code.len() || lexed.opens_block(first) {
        return;
    }
    let indent = |at: usize| source.indent(lexed.code[at].line);
    let own = indent(case.token);
    let mut last = case.statement_end(first);
    let mut misled = Vec::new();
    while let Some(next) = lexed.code.get(last + 1).filter(|next| next.first) {
        if source.indent(next.line) != indent(first) || lexed.closes_block(last + 1) {
            break;
        }
        misled.push(last + 1);
        last = case.statement_end(last + 1);
    }
    let Some(&second) = misled.first() else { return };
    let newline = source.line_end_text();
    let lead = source.indent_text(lexed.code[case.token].line);
    let after = source.line_end(source.line_of(lexed.code[last].end.saturating_sub(1)));
    let around = vec![
        case.insert(lexed.code[header].end, " {"),
        case.insert(after, format!("{newline}{lead}}}")),
    ];
    if lexed.code[first].first && indent(first) > own {
        all.push(Candidate::new(MistakeId::MisleadingIndentation, BRACES, around).guess());
    }
    let back = misled.iter().map(|at| {
        let start = source.line_start(lexed.code[*at].line);
        Edit::replace(case.file(), start, lexed.code[*at].start, lead.clone())
    });
    if indent(second) != own {
        all.push(
            Candidate::new(MistakeId::MisleadingIndentation, PUT_BACK, back.collect()).guess(),
        );
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_no_fix};

    #[test]
    fn lines_that_are_indented_like_a_block_get_braces() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    <|>if (t > 3)\n        t = 3;\n        t = t + 1;\n    return t;\n}\n",
            "warning: [-Wmisleading-indentation] this 'if' clause does not guard...",
            "int up(int t) {\n    if (t > 3) {\n        t = 3;\n        t = t + 1;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn a_line_that_stands_too_deep_is_put_back() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    <|>if (t > 3)\n        t = 3;\n        t = t + 1;\n    return t;\n}\n",
            "warning: [-Wmisleading-indentation] this 'if' clause does not guard...",
            "int up(int t) {\n    if (t > 3)\n        t = 3;\n    t = t + 1;\n    return t;\n}\n",
        );
    }

    #[test]
    fn a_loop_is_guarded_in_the_same_way() {
        check_among(
            &FAMILY,
            "cpp",
            "int up(int t) {\n    <|>while (t > 3)\n        t = t - 1;\n        t = t - 2;\n    return t;\n}\n",
            "warning: [-Wmisleading-indentation] this 'while' clause does not guard...",
            "int up(int t) {\n    while (t > 3) {\n        t = t - 1;\n        t = t - 2;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn an_else_is_guarded_in_the_same_way() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    if (t > 3)\n        t = 3;\n    <|>else\n        t = 4;\n        t = t + 1;\n    return t;\n}\n",
            "warning: [-Wmisleading-indentation] this 'else' clause does not guard...",
            "int up(int t) {\n    if (t > 3)\n        t = 3;\n    else {\n        t = 4;\n        t = t + 1;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn a_block_in_braces_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    <|>if (t > 3) {\n        t = 3;\n    }\n    return t;\n}\n",
            "warning: [-Wunused-value] value computed is not used",
        );
    }

    #[test]
    fn an_error_guards_nothing() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    if (<|>depth > 3)\n        t = 3;\n        t = t + 1;\n    return t;\n}\n",
            "'depth' undeclared (first use in this function)",
        );
    }
}
