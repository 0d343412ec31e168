//! What nothing needs: an import, a declaration, a lone mark in the place of a body.

use super::empty_body;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// An import that nothing needs is taken out.
const SPARE_IMPORT: Factor = weight("an import that nothing needs", 2.0);
/// A declaration that nothing needs may be needed by what was forgotten.
const SPARE_DECLARATION: Factor = weight("a declaration that nothing needs", 0.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "spare",
    recipes: &[Recipe::Spare, Recipe::EmptyBody],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    int tide = 3;\n    <|>if (tide > 2);\n        tide = 2;\n    return tide;\n}\n",
        message: "warning: [-Wempty-body] suggest braces around empty body in an 'if' statement",
        after: "int main(void) {\n    int tide = 3;\n    if (tide > 2)\n        tide = 2;\n    return tide;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Spare) && !case.message.is_error() {
        spare(case, all);
    }
    if case.asks(Recipe::EmptyBody) {
        all.extend(empty_body(case));
    }
}

/// A declaration or an import that nothing needs: the line is taken out, if nothing else is on it
/// and nothing is called on it.
fn spare(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (first, last) = (case.statement_start(case.token), case.statement_end(case.token));
    let line = lexed.code[first].line;
    let alone = lexed.code[first].first
        && lexed.code[last].line == line
        && lexed.code.get(last + 1).is_none_or(|next| next.first);
    let calls = (first..=last).any(|at| matches!(lexed.word(at), "(" | "{" | ","));
    let word = lexed.word(first);
    let import = matches!(word, "import" | "using" | "use" | "uses");
    let declares = case.text.names.declared.iter().any(|declared| {
        (first..=last).contains(&declared.token) && declared.kind == NameKind::Value
    });
    // A Pascal declaration may be the only one of its `var`.
    if !alone || calls || word.eq_ignore_ascii_case("var") && !lexed.is(first + 2, "=") {
        return;
    }
    let source = &lexed.source;
    let edit = Edit::delete(case.file(), source.line_start(line), source.line_start(line + 1));
    if import {
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_IMPORT, vec![edit]));
    } else if declares {
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_DECLARATION, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_import_that_nothing_needs_goes() {
        check_fix(
            &FAMILY,
            "rust",
            "<|>use std::fmt;\n\nfn main() {}\n",
            "warning: [unused_imports] unused import: `std::fmt`",
            "\nfn main() {}\n",
        );
    }

    #[test]
    fn a_declaration_beside_a_call_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let <|>tide = rise(3);\n}\n",
            "warning: [unused_variables] unused variable: `tide`",
        );
    }

    #[test]
    fn a_variable_that_nobody_reads_goes() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int <|>tide = 3;\n    return 0;\n}\n",
            "warning: [-Wunused-variable] unused variable 'tide'",
            "int main(void) {\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_loop_gets_its_body_back() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    <|>while (tide > 2);\n        tide = 2;\n    return tide;\n}\n",
            "warning: [-Wempty-body] suggest braces around empty body in a 'while' statement",
            "int main(void) {\n    int tide = 3;\n    while (tide > 2)\n        tide = 2;\n    return tide;\n}\n",
        );
    }

    #[test]
    fn a_body_in_braces_has_no_spare_mark() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    <|>if (tide > 2) {\n        tide = 2;\n    }\n    return tide;\n}\n",
            "warning: [-Wempty-body] suggest braces around empty body in an 'if' statement",
        );
    }

    #[test]
    fn an_error_takes_nothing_out() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int <|>tide = quay;\n    return 0;\n}\n",
            "'quay' undeclared (first use in this function)",
        );
    }
}
