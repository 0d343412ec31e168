//! C#: the message asks for the namespace that has the method: `ranges.Count(r => r > 3)` without `System.Linq`.

use super::family::{Example, Family, Phases};
use super::imports::{import, imported};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The message names the namespace, and the method is called.
const NAMED: Factor = evidence("the message names what has the method", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "told-import",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "using System;\n\nclass Quay {\n    int Deep(int[] tides) {\n        return tides.<|>Count(t => t > 3);\n    }\n}\n",
        message: "[CS1061] Type `int[]' does not contain a definition for `Count' and no extension method `Count' of type `int[]' could be found. Are you missing `System.Linq' using directive?",
        after: "using System;\nusing System.Linq;\n\nclass Quay {\n    int Deep(int[] tides) {\n        return tides.Count(t => t > 3);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = case.message.text.replace('`', "'");
    let told = said.split_once("Are you missing '").and_then(|(head, rest)| {
        let (space, _) = rest.split_once("' using directive")?;
        let (_, method) = head.split_once("definition for '")?;
        Some((space, method.split_once('\'')?.0))
    });
    let Some((space, method)) = told else { return };
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let called = line.any(|at| lexed.is(at, method) && lexed.is(at + 1, "("));
    let own = case.text.names.of(method).next().is_some();
    // What the tables know of is brought in as any name of a library is.
    let known = case.language().imports_of(method).next().is_some();
    if called && !own && !known && !imported(case, space) {
        let edit = import(case, space);
        all.push(Candidate::new(MistakeId::MissingImport, NAMED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn what_is_not_called_is_no_method() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Deep(int[] tides) {\n        return tides.<|>Count;\n    }\n}\n",
            "[CS1061] Type `int[]' does not contain a definition for `Count' and no extension method `Count' of type `int[]' could be found. Are you missing `System.Linq' using directive?",
        );
    }
}
