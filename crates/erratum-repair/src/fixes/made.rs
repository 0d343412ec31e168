//! An object made with `new`, where the language has no such word: `new Queue()` is `&Queue{}` in Go
//! and `Queue::new()` in Rust.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The word makes objects in other languages.
const NO_SUCH_WORD: Factor = evidence("the language makes no objects with this word", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "made",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype queue struct{ n int }\n\nfunc start() *queue {\n\tq := new <|>queue()\n\treturn q\n}\n",
        message: "syntax error: unexpected queue at end of statement",
        after: "package quay\n\ntype queue struct{ n int }\n\nfunc start() *queue {\n\tq := &queue{}\n\treturn q\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let [before, behind] = case.language().made_by;
    if behind.is_empty() {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        let (class, open) = (at + 1, at + 2);
        if !lexed.is(at, "new")
            || lexed.kind(class) != Some(TokenKind::Name)
            || !lexed.is(open, "(")
        {
            continue;
        }
        let Some(close) = case.text.pairs.partner[open] else { continue };
        let mut edits =
            vec![Edit::replace(case.file(), lexed.code[at].start, lexed.code[class].start, before)];
        if behind.ends_with('(') {
            let open = lexed.code[open];
            edits.push(Edit::replace(case.file(), open.start, open.end, behind));
        } else if close == open + 1 {
            let (open, close) = (lexed.code[open], lexed.code[close]);
            edits.push(Edit::replace(case.file(), open.start, close.end, behind));
        } else {
            continue;
        }
        all.push(Candidate::new(MistakeId::ForeignWord, NO_SUCH_WORD, edits));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn rust_names_a_function_of_the_type() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let q = new <|>Queue(3);\n}\n",
            "expected one of `!`, `.`, `::`, `;`, `?`, `{`, `}`, or an operator, found `Queue`",
            "fn main() {\n    let q = Queue::new(3);\n}\n",
        );
    }

    #[test]
    fn an_argument_makes_a_new_object_too() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start() {\n\tuse(new <|>queue())\n}\n",
            "syntax error: unexpected queue in argument list; possibly missing comma or )",
            "package quay\n\nfunc start() {\n\tuse(&queue{})\n}\n",
        );
    }

    #[test]
    fn which_fields_get_the_values_is_not_told() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start() {\n\tq := new <|>queue(3)\n}\n",
            "syntax error: unexpected queue at end of statement",
        );
    }

    #[test]
    fn the_function_of_that_name_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start() {\n\tq := new(queue)<|>)\n}\n",
            "syntax error: unexpected ) at end of statement",
        );
    }

    #[test]
    fn where_the_word_makes_objects_nothing_is_wrong() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Quay next() {\n        return new <|>Quay();\n    }\n}\n",
            "';' expected",
        );
    }

    #[test]
    fn a_word_of_the_language_is_no_class() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let q = new <|>struct(3);\n}\n",
            "expected one of `!`, `.`, `::`, `;`, `?`, `{`, `}`, or an operator, found `struct`",
        );
    }
}
