//! `#define BERTHS 4;` and `#define BERTHS = 4`: what is written there is put in wherever the name stands.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The mark is put in with the value, where the compiler stops.
const PUT_IN: Factor = evidence("the mark is put in with the value", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "macro-value",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "#define BERTHS 4;\nint taken[BERTHS<|>];\n",
        message: "expected ']' before ';' token",
        after: "#define BERTHS 4\nint taken[BERTHS];\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives {
        return;
    }
    let near = lexed.on_line(lexed.code[case.token].line);
    for token in lexed.code.iter().filter(|token| token.kind == TokenKind::Directive) {
        let text = lexed.text(token);
        // A line that is not UTF-8 has another text, and other places in it.
        let whole = text.len() == token.end - token.start;
        let Some((name, value)) = defined(text).filter(|_| whole) else { continue };
        let used =
            near.clone().any(|at| lexed.is(at, name)) || case.message.line() == Some(token.line);
        if !used {
            continue;
        }
        // A remark behind the value is no part of it.
        let remarks = ["//", "/*"].into_iter().filter_map(|start| value.find(start));
        let end = remarks.min().unwrap_or(value.len());
        let (offset, written) = (token.start + text.len() - value.len(), value[..end].trim_end());
        let mut edits = Vec::new();
        if written.starts_with('=') && !written.starts_with("==") {
            let blanks = written[1..].len() - written[1..].trim_start().len();
            edits.push(Edit::replace(case.file(), offset, offset + 1 + blanks, ""));
        }
        if written.len() > 1 && written.ends_with(';') && written.matches(';').count() == 1 {
            let at = offset + written.len() - 1;
            edits.push(Edit::replace(case.file(), at, at + 1, ""));
        }
        if !edits.is_empty() {
            all.push(Candidate::new(MistakeId::ExtraMark, PUT_IN, edits));
        }
    }
}

/// The name of a macro without parameters, and what is written behind it.
fn defined(directive: &str) -> Option<(&str, &str)> {
    let rest = directive.strip_prefix('#')?.trim_start().strip_prefix("define")?;
    let rest = rest.strip_prefix([' ', '\t'])?.trim_start();
    let end = rest.find(|c: char| !c.is_alphanumeric() && c != '_')?;
    let (name, value) = rest.split_at(end);
    Some((name, value.strip_prefix([' ', '\t'])?.trim_start()))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_macro_takes_no_mark_before_its_value() {
        check_fix(
            &FAMILY,
            "c",
            "#define BERTHS = 4; // all\nint taken = BERTHS<|>;\n",
            "expected expression before '=' token",
            "#define BERTHS 4 // all\nint taken = BERTHS;\n",
        );
    }

    #[test]
    fn statements_and_macros_with_parameters_are_left() {
        for define in ["GO(x) x;", "LEAVE a(); b();", "SAME == 4"] {
            check_no_fix(
                &FAMILY,
                "c",
                &format!("#define {define}\nint taken = GO + LEAVE + SAME<|>;\n"),
                "expected expression before ';' token",
            );
        }
    }
}
