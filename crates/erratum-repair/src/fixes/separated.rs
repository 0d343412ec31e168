//! `;` typed for `,` where the compiler names the list that it stands in: `Mast{Name: name; Height: 3}`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler says what kind of list it is.
const NAMED_LIST: Factor = evidence("the compiler says that a list goes on", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "separated",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc mast(name string) Mast {\n\treturn Mast{Name: name<|>; Height: 3}\n}\n",
        message: "syntax error: unexpected semicolon in composite literal; possibly missing comma or }",
        after: "package quay\n\nfunc mast(name string) Mast {\n\treturn Mast{Name: name, Height: 3}\n}\n",
    },
};

/// What go 1.19 says there, whatever the list is.
const SAID: &str = "unexpected semicolon in ";

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if !said.contains(SAID) || !said.contains("missing comma") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(first) = line.clone().find(|at| *at + 1 >= case.token && lexed.is(*at, ";")) else {
        return;
    };
    // All marks of one list are the same slip.
    let level = case.text.pairs.inside_of(first);
    let marks = line.filter(|at| *at >= first && lexed.is(*at, ";"));
    let marks = marks.filter(|at| case.text.pairs.inside_of(*at) == level);
    let edits = marks.map(|at| case.replace_token(at, ",")).collect();
    all.push(Candidate::new(MistakeId::WrongMark, NAMED_LIST, edits));
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn all_marks_of_the_list_change_together() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar mast = Mast{Name: \"bow\"<|>; Height: 3; Lit: true}\n",
            "syntax error: unexpected semicolon in composite literal; possibly missing comma or }",
            "package quay\n\nvar mast = Mast{Name: \"bow\", Height: 3, Lit: true}\n",
        );
    }

    #[test]
    fn the_end_of_a_line_is_another_mistake() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar mast = Mast{\n\tName: \"bow\"<|>\n}\n",
            "syntax error: unexpected newline in composite literal; possibly missing comma or }",
        );
    }
}
