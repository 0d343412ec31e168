//! Java: a text that is built up by `+=`, where the object that builds it has a method: `out += "\n"` of a
//! `StringBuilder`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What builds a text is told what comes next by its method.
const BUILT: Factor = evidence("what builds a text takes its parts by a method", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "appended",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go() {\n        StringBuilder out = new StringBuilder();\n        out <|>+= \"x\";\n    }\n}\n",
        message: "incompatible types: String cannot be converted to StringBuilder",
        after: "class Quay {\n    void go() {\n        StringBuilder out = new StringBuilder();\n        out.append(\"x\");\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17 and mcs 6.8.
    let said = &case.message.text;
    if !(said.contains("StringBuilder")
        || said.starts_with("bad operand types for binary operator"))
    {
        return;
    }
    // Where the library has it, methods begin with a capital letter.
    let capital = case.language().imports_of("StringBuilder").next().is_some();
    let method = if capital { "Append" } else { "append" };
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.find(|at| lexed.is(*at, "+=") && *at > 0) else { return };
    let name = mark - 1;
    let end = case.statement_end(name);
    let declared = case.text.names.resolve(lexed, name);
    let builds = declared.is_some_and(|one| lexed.before(one.token) == "StringBuilder");
    if builds
        && lexed.kind(name) == Some(TokenKind::Name)
        && lexed.code[name].first
        && end > mark + 1
        && lexed.is(end, ";")
    {
        let opened = format!(".{method}(");
        let from = lexed.code[name].end;
        let edits = vec![
            Edit::replace(case.file(), from, lexed.code[mark + 1].start, opened),
            case.insert(lexed.code[end - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::ForeignMark, BUILT, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn numbers_are_appended_too() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int n) {\n        StringBuilder out = new StringBuilder();\n        out <|>+= n + 1;\n    }\n}\n",
            "bad operand types for binary operator '+'",
            "class Quay {\n    void go(int n) {\n        StringBuilder out = new StringBuilder();\n        out.append(n + 1);\n    }\n}\n",
        );
    }

    #[test]
    fn nothing_is_appended_where_nothing_stands() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        StringBuilder out = new StringBuilder();\n        out <|>+=;\n    }\n}\n",
            "bad operand types for binary operator '+'",
        );
    }

    #[test]
    fn a_number_is_added() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int n, boolean b) {\n        n <|>+= b;\n    }\n}\n",
            "bad operand types for binary operator '+'",
        );
    }
}
