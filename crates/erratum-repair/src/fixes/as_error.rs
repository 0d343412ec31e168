//! A text where an error is wanted: `return "no berth"` in a function that gives back an `error`; and an error
//! that is added to a text.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;

/// What makes an error of a text is brought in.
const MADE: Factor = weight("an error is made of a text", 7.0);

/// An error is added to a text.
const BY_METHOD: Factor = evidence("an error tells what it says by its method", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "as-error",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nimport \"errors\"\n\nvar Full = errors.New(\"full\")\n\nfunc add(name string) error {\n\treturn <|>\"taken: \" + name\n}\n",
        message: "cannot use \"taken: \" + name (value of type string) as type error in return statement",
        after: "package quay\n\nimport \"errors\"\n\nvar Full = errors.New(\"full\")\n\nfunc add(name string) error {\n\treturn errors.New(\"taken: \" + name)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = case.message.text.as_str();
    added(case, all);
    // Seen with go 1.19; later versions leave the word `type` out.
    let wanted = said.contains(" as type error in ") || said.contains(" as error value in ");
    if !wanted || !said.contains("string") {
        return;
    }
    let lexed = case.lexed();
    let brought = |path: &str| {
        let quoted = format!("\"{path}\"");
        lexed.code.iter().any(|token| lexed.text(token) == quoted)
    };
    let make = if !brought("errors") && brought("fmt") { "fmt.Errorf(" } else { "errors.New(" };
    let within = case.text.pairs.inside_of(case.token);
    let ends = |at: &usize| {
        let next = at + 1;
        case.text.pairs.inside_of(next) == within && lexed.is(next, ",")
            || lexed.starts_line(next)
            || within.and_then(|open| case.text.pairs.partner_of(open)) == Some(next)
    };
    let Some(last) = (case.token..lexed.code.len()).find(ends) else { return };
    let edits = vec![
        case.insert(lexed.code[case.token].start, make),
        case.insert(lexed.code[last].end, ")"),
    ];
    all.push(Candidate::new(MistakeId::WrongType, MADE, edits).guess());
}

/// `"none: " + err`: an error tells what it says by its method (seen with go 1.19).
fn added(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.as_str();
    let told = said.contains("interface{Error() string}")
        || said.contains("mismatched types") && said.contains("error)");
    if !told || !said.contains("string") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let error = |at: &usize| {
        let joined = lexed.before(*at) == "+" || lexed.is(at + 1, "+");
        let named =
            matches!(lexed.word(*at), "err" | "e" | "error") || lexed.word(*at).ends_with("Err");
        joined && named && !lexed.is(at + 1, ".")
    };
    for at in line.filter(error) {
        let edit = case.insert(lexed.code[at].end, ".Error()");
        all.push(Candidate::new(MistakeId::MissingToString, BY_METHOD, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn an_error_is_added_to_a_text_by_its_method() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc tell(err error) string {\n\treturn <|>\"none: \" + err\n}\n",
            "cannot convert \"none: \" (untyped string constant) to type interface{Error() string}",
            "package quay\n\nfunc tell(err error) string {\n\treturn \"none: \" + err.Error()\n}\n",
        );
    }

    #[test]
    fn one_of_several_results_is_made_an_error() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport \"fmt\"\n\nfunc add(name string) (int, error) {\n\tfmt.Println(name)\n\treturn 0, <|>\"taken\"\n}\n",
            "cannot use \"taken\" (untyped string constant) as error value in return statement",
            "package quay\n\nimport \"fmt\"\n\nfunc add(name string) (int, error) {\n\tfmt.Println(name)\n\treturn 0, fmt.Errorf(\"taken\")\n}\n",
        );
    }
}
