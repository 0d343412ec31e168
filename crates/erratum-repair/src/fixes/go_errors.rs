//! Go: errors and numbers that are made in the way of other functions: `errors.New("full: %s", name)`,
//! `error("full")`, `len(all) * 1.5`, `var names [3]string = []string{…}`.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Values are put into the text of the error.
const PUT_IN: Factor = evidence("values are put into the text of the error", 9.0);
/// An error is made by a function of its own.
const MADE: Factor = evidence("an error is made by a function of the library", 9.0);
/// A whole number is counted with a real one.
const COUNTED: Factor = evidence("a whole number is counted with a real one", 8.5);
/// The array is declared with its length.
const LENGTH: Factor = evidence("the array is declared with its length", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "go-errors",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nimport (\n\t\"errors\"\n\t\"fmt\"\n)\n\nfunc full(name string) error {\n\treturn errors.New(\"full: %s\", <|>name)\n}\n",
        message: "too many arguments in call to errors.New",
        after: "package quay\n\nimport (\n\t\"errors\"\n\t\"fmt\"\n)\n\nfunc full(name string) error {\n\treturn fmt.Errorf(\"full: %s\", name)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().receivers {
        return;
    }
    // Seen with go 1.19.
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    let imported = |name: &str| {
        (0..lexed.code.len()).any(|at| {
            lexed.word(at).trim_matches('"') == name && lexed.kind(at) == Some(TokenKind::Str)
        })
    };
    if said.starts_with("too many arguments in call to errors.New") && imported("fmt") {
        let new = line.clone().find(|at| lexed.is(*at, "errors") && lexed.is(at + 2, "New"));
        if let Some(at) = new {
            let (from, to) = (lexed.code[at].start, lexed.code[at + 2].end);
            let edit = Edit::replace(case.file(), from, to, "fmt.Errorf");
            all.push(Candidate::new(MistakeId::MisspeltName, PUT_IN, vec![edit]).guess());
        }
    }
    if said.contains("to type error") {
        for at in line.clone().filter(|at| lexed.is(*at, "error") && lexed.is(at + 1, "(")) {
            let made = if imported("errors") { "errors.New" } else { "fmt.Errorf" };
            let edit = case.replace_token(at, made);
            all.push(Candidate::new(MistakeId::MisspeltName, MADE, vec![edit]).guess());
        }
    }
    if said.contains("float constant) truncated to int") {
        counted(case, all);
    }
    if said.contains(" as type [") || said.contains("as [") {
        length(case, all);
    }
}

/// `len(all) * 1.5`: what stands beside the real number is turned into one.
fn counted(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let real =
        |at: usize| lexed.kind(at) == Some(TokenKind::Number) && lexed.word(at).contains('.');
    for mark in line.clone().filter(|at| matches!(lexed.word(*at), "*" | "/" | "+" | "-")) {
        let stretch = if real(mark + 1) {
            // The operand before: a name with its members, or a call.
            let starts = (line.start..mark).filter(|at| {
                matches!(lexed.kind(*at), Some(TokenKind::Name))
                    && operand_end(case, *at).is_some_and(|end| end + 1 == mark)
            });
            starts.min().map(|first| (first, mark - 1))
        } else if mark > line.start && real(mark - 1) {
            operand_end(case, mark + 1).map(|last| (mark + 1, last))
        } else {
            None
        };
        let Some((first, last)) = stretch else { continue };
        if lexed.kind(first) != Some(TokenKind::Name) || lexed.is(first, "float64") {
            continue;
        }
        let edits = vec![
            case.insert(lexed.code[first].start, "float64("),
            case.insert(lexed.code[last].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::WrongNumberType, COUNTED, edits).guess());
    }
}

/// `var names [3]string = []string{…}`.
fn length(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "=")) else { return };
    let declared = line.start + 2;
    let sized = lexed.is(declared, "[") && lexed.kind(declared + 1) == Some(TokenKind::Number);
    if sized && lexed.is(mark + 1, "[") && lexed.is(mark + 2, "]") {
        let size = text_of(case, (declared + 1, declared + 1));
        let edit = case.insert(lexed.code[mark + 1].end, size);
        all.push(Candidate::new(MistakeId::ArraySize, LENGTH, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_error_is_made_by_the_library() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport \"errors\"\n\nfunc full() error {\n\treturn error(<|>\"full\")\n}\n",
            "cannot convert \"full\" (untyped string constant) to type error",
            "package quay\n\nimport \"errors\"\n\nfunc full() error {\n\treturn errors.New(\"full\")\n}\n",
        );
    }

    #[test]
    fn a_count_is_turned_into_a_real_number() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc mean(all []int) float64 {\n\tvar sum float64 = len(all) * <|>1.5\n\treturn sum\n}\n",
            "1.5 (untyped float constant) truncated to int",
            "package quay\n\nfunc mean(all []int) float64 {\n\tvar sum float64 = float64(len(all)) * 1.5\n\treturn sum\n}\n",
        );
    }

    #[test]
    fn an_array_is_given_as_many_values() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar names [3]string = <|>[]string{\"a\", \"b\", \"c\"}\n",
            "cannot use []string{…} (value of type []string) as type [3]string in variable declaration",
            "package quay\n\nvar names [3]string = [3]string{\"a\", \"b\", \"c\"}\n",
        );
    }

    #[test]
    fn a_real_number_by_itself_is_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar seats int = <|>1.5\n",
            "1.5 (untyped float constant) truncated to int",
        );
    }
}
