//! A header without braces whose lines belong together: `for (...)` above `int k = …;` and `sum += k;`, which are
//! set in alike.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// What is set in below the header declares something.
const DECLARES: Factor = evidence("what is set in below the header begins with a declaration", 9.0);

/// What compilers say of a declaration that is the whole body, or of its name behind it (seen with gcc 12, g++ 12,
/// clang 14, javac 17, mcs 6.8).
const SAID: &[&str] = &[
    "expected expression before '",
    "expected expression",
    "declaration not allowed here",
    "An embedded statement may not be a declaration",
    "was not declared in this scope",
    "use of undeclared identifier '",
];

pub(super) static FAMILY: Family = Family {
    id: "loop-body",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int go(void) {\n    int sum = 0;\n    for (int i = 0; i < 3; i++)\n        <|>int k = i * 2;\n        sum += k;\n    return sum;\n}\n",
        message: "expected expression before 'int'",
        after: "int go(void) {\n    int sum = 0;\n    for (int i = 0; i < 3; i++) {\n        int k = i * 2;\n        sum += k;\n    }\n    return sum;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().type_first || !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let source = &lexed.source;
    let line = lexed.code[case.token].line;
    let Some(depth) = source.indent(line) else { return };
    // The lines that are set in as the reported one is.
    let alike = |line: u32| source.indent(line) == Some(depth) && !lexed.on_line(line).is_empty();
    let first = (1..=line).rev().take_while(|line| alike(*line)).last().unwrap_or(line);
    let count = source.line_count();
    let last = (line..=count).take_while(|line| alike(*line)).last().unwrap_or(line);
    let head = lexed.on_line(first.saturating_sub(1).max(1));
    let Some(end) = head.end.checked_sub(1).filter(|_| !head.is_empty() && first > 1) else {
        return;
    };
    let header = matches!(lexed.word(head.start), "for" | "while" | "if" | "foreach" | "else");
    let outer = source.indent(first - 1).is_some_and(|outer| outer < depth);
    let open = lexed.is(end, ")") || lexed.is(end, "else");
    let body = lexed.on_line(first);
    // A type and a name, which gets a value.
    let declares = lexed.is(body.start + 2, "=")
        && case.text.names.declared.iter().any(|one| one.token == body.start + 1);
    let blocks = (first..=last).any(|line| lexed.on_line(line).any(|at| lexed.opens_block(at)));
    if !header || !outer || !open || !declares || blocks {
        return;
    }
    let (margin, newline) = (source.indent_text(first - 1), source.line_end_text());
    let tail = lexed.code[lexed.on_line(last).end - 1].end;
    let edits = vec![
        case.insert(lexed.code[end].end, " {"),
        Edit::insert(case.file(), tail, format!("{newline}{margin}}}")),
    ];
    all.push(Candidate::new(MistakeId::MissingBracket, DECLARES, edits).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_declaration_stands_in_a_block() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        while (true)\n            <|>int n = read();\n    }\n}\n",
            "variable declaration not allowed here",
            "class Quay {\n    void go() {\n        while (true) {\n            int n = read();\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_name_of_the_body_is_unknown_behind_it() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go() {\n    int sum = 0;\n    while (sum < 9)\n        int k = sum * 2;\n        sum += <|>k;\n    return sum;\n}\n",
            "'k' was not declared in this scope",
            "int go() {\n    int sum = 0;\n    while (sum < 9) {\n        int k = sum * 2;\n        sum += k;\n    }\n    return sum;\n}\n",
        );
    }

    #[test]
    fn what_is_set_in_as_the_header_is_stands_behind_it() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int go() {\n    int sum = 0;\n    while (sum < 9)\n        sum++;\n    sum += <|>k;\n    return sum;\n}\n",
            "'k' was not declared in this scope",
        );
    }
}
