//! A `:` between two values of a call, where a language reads it as the name of a parameter: `stock.Add(item:
//! count)` for `stock.Add(item, count)`.

use super::family::{Example, Family, Phases};
use super::shape::calls_near;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A value of that name is visible there.
const A_VALUE: Factor = evidence("a value of that name is visible there", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "argument-mark",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Store {\n    void Put(Dictionary<string, int> all, string item, int count) {\n        all.<|>Add(item: count);\n    }\n}\n",
        message: "[CS1501] No overload for method 'Add' takes '1' arguments",
        after: "class Store {\n    void Put(Dictionary<string, int> all, string item, int count) {\n        all.Add(item, count);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    if !case.message.text.starts_with("No overload for method") {
        return;
    }
    for call in calls_near(case) {
        for (first, last) in call.arguments {
            let value = case
                .text
                .names
                .resolve(lexed, first)
                .is_some_and(|one| one.kind == NameKind::Value);
            if lexed.kind(first) == Some(TokenKind::Name)
                && lexed.is(first + 1, ":")
                && last > first + 1
                && value
            {
                let edit = case.replace_token(first + 1, ",");
                all.push(Candidate::new(MistakeId::WrongMark, A_VALUE, vec![edit]).guess());
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_name_that_is_no_value_is_a_parameter() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Store {\n    void Put(Stock all, int count) {\n        all.<|>Add(item: count);\n    }\n}\n",
            "[CS1501] No overload for method 'Add' takes '1' arguments",
        );
    }
}
