//! A text that is given to an array with `=`, where it has to be copied: `strcpy(name, "East")`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// An array is filled with a text.
const FILLED: Factor = evidence("an array gets a text", 5.0);

/// What compilers say of an array that is given a value (seen with gcc 12 and clang 14).
const SAID: &[&str] = &["assignment to expression with array type", "' is not assignable"];

pub(super) static FAMILY: Family = Family {
    id: "copied",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "#include <string.h>\nstruct berth { char name[8]; };\nvoid fill(struct berth *b) {\n    b->name <|>= \"East\";\n}\n",
        message: "assignment to expression with array type",
        after: "#include <string.h>\nstruct berth { char name[8]; };\nvoid fill(struct berth *b) {\n    strcpy(b->name, \"East\");\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = SAID.iter().any(|said| case.message.text.contains(said));
    if !told || !lexed.language.directives {
        return;
    }
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let Some(mark) = (start..end).find(|at| lexed.is(*at, "=")) else { return };
    if mark == start || mark + 1 >= end || !is_text(case, mark + 1, end) {
        return;
    }
    let mut edits = vec![
        case.insert(lexed.code[start].start, "strcpy("),
        Edit::replace(case.file(), lexed.code[mark - 1].end, lexed.code[mark + 1].start, ", "),
        case.insert(lexed.code[end - 1].end, ")"),
    ];
    let directive = |token: &&erratum_syntax::lex::Token| token.kind == TokenKind::Directive;
    let lines: Vec<_> = lexed.code.iter().filter(directive).collect();
    if !lines.iter().any(|line| lexed.text(line).contains("string.h>")) {
        let includes = lines.iter().rev().find(|line| lexed.text(line).contains("include"));
        let at = includes
            .map_or(lexed.source.text_start(), |line| lexed.source.line_start(line.line + 1));
        edits.insert(0, case.insert(at, "#include <string.h>\n"));
    }
    all.push(Candidate::new(MistakeId::NotAssignable, FILLED, edits));
}

/// Whether what stands from a token up to another is a text as a whole: one in quotes, or a name or
/// member that is declared as letters.
fn is_text(case: &Case, first: usize, end: usize) -> bool {
    let lexed = case.lexed();
    if (first..end).all(|at| lexed.kind(at) == Some(TokenKind::Str)) {
        return true;
    }
    // `flags[i]`: one of several texts.
    let open = case.text.pairs.partner_of(end - 1).filter(|open| lexed.is(*open, "["));
    let last = open.unwrap_or(end);
    let path = first < last
        && (first..last).all(|at| {
            lexed.kind(at) == Some(TokenKind::Name) || matches!(lexed.word(at), "." | "->")
        });
    let declared = case.text.names.resolve(lexed, last - 1);
    let typed = declared.and_then(|declared| declared.typed);
    // Of one text, an element is a letter.
    let several = declared.is_some_and(|declared| {
        let close = case.text.pairs.partner_of(declared.token + 1);
        lexed.before(declared.token) == "*" || close.is_some_and(|close| lexed.is(close + 1, "["))
    });
    path && (open.is_none() || several)
        && typed.is_some_and(|(a, b)| (a..=b).any(|at| lexed.is(at, "char")))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn one_of_several_texts_is_copied() {
        check_fix(
            &FAMILY,
            "c",
            "#include <string.h>\nvoid fill(void) {\n    char flags[3][8];\n    char best[8];\n    best <|>= flags[1];\n}\n",
            "assignment to expression with array type",
            "#include <string.h>\nvoid fill(void) {\n    char flags[3][8];\n    char best[8];\n    strcpy(best, flags[1]);\n}\n",
        );
    }

    const SAID: &str = "assignment to expression with array type";

    #[test]
    fn a_parameter_is_copied() {
        check_fix(
            &FAMILY,
            "c",
            "#include <string.h>\nstruct berth { char name[8]; };\nvoid fill(struct berth *all, int i, const char *name) {\n    all[i].name <|>= name;\n}\n",
            SAID,
            "#include <string.h>\nstruct berth { char name[8]; };\nvoid fill(struct berth *all, int i, const char *name) {\n    strcpy(all[i].name, name);\n}\n",
        );
    }

    #[test]
    fn the_header_comes_with_it() {
        check_fix(
            &FAMILY,
            "c",
            "#include <stdio.h>\nvoid fill(void) {\n    char name[8];\n    name <|>= \"East\";\n}\n",
            SAID,
            "#include <stdio.h>\n#include <string.h>\nvoid fill(void) {\n    char name[8];\n    strcpy(name, \"East\");\n}\n",
        );
    }

    #[test]
    fn clang_names_the_type() {
        check_fix(
            &FAMILY,
            "c",
            "#include <string.h>\nvoid fill(void) {\n    char name[8];\n    name <|>= \"East\";\n}\n",
            "array type 'char[8]' is not assignable",
            "#include <string.h>\nvoid fill(void) {\n    char name[8];\n    strcpy(name, \"East\");\n}\n",
        );
    }

    #[test]
    fn an_array_of_numbers_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "void fill(int *low) {\n    int all[3];\n    all <|>= low;\n}\n",
            SAID,
        );
    }

    #[test]
    fn a_sum_is_no_text() {
        check_no_fix(
            &FAMILY,
            "c",
            "void fill(const char *low) {\n    char all[3];\n    all <|>= low + 1;\n}\n",
            SAID,
        );
    }

    #[test]
    fn another_message_is_for_others() {
        check_no_fix(
            &FAMILY,
            "c",
            "void fill(void) {\n    char all[3];\n    all <|>= \"East\";\n}\n",
            "'all' undeclared (first use in this function)",
        );
    }
}
