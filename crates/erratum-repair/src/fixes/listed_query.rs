//! C#: a query where a list or an array is wanted: `return all.Select(…);`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// A query becomes a list by a call.
const LISTED: Factor = evidence("a query becomes the list that is wanted by a call", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "listed-query",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Fleet {\n    string[] Names() {\n        return <|>all.Select(v => v.Name);\n    }\n}\n",
        message: "[CS0266] Cannot implicitly convert type 'System.Collections.Generic.IEnumerable<string>' to 'string[]'. An explicit conversion exists (are you missing a cast?)",
        after: "class Fleet {\n    string[] Names() {\n        return all.Select(v => v.Name).ToArray();\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = &case.message.text;
    let told = said.strip_prefix("Cannot implicitly convert type '");
    let Some((given, rest)) = told.and_then(|rest| rest.split_once("' to '")) else { return };
    let wanted = rest.split('\'').next().unwrap_or("");
    let query = ["IEnumerable<", "IOrderedEnumerable<", "IQueryable<"];
    if !query.iter().any(|query| given.contains(query)) {
        return;
    }
    let word = match () {
        () if wanted.ends_with("[]") => ".ToArray()",
        () if wanted.contains("List<") => ".ToList()",
        () => return,
    };
    let end = case.statement_end(case.token);
    if lexed.is(end, ";") && end > 0 && lexed.is(end - 1, ")") {
        let edit = case.insert(lexed.code[end - 1].end, word);
        all.push(Candidate::new(MistakeId::WrongArgument, LISTED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_number_is_no_list() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Fleet {\n    int Count() {\n        return <|>all.Select(v => v.Name);\n    }\n}\n",
            "[CS0029] Cannot implicitly convert type 'System.Collections.Generic.IEnumerable<string>' to 'int'",
        );
    }
}
