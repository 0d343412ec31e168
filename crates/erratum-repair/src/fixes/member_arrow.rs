//! C#: a member whose value stands behind `=`: `int Twice(int n) = n * 2;` for `=> n * 2;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler names the mark among those that it expects.
const EXPECTED: Factor = evidence("the compiler expects `=>` there", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "member-arrow",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay { int Twice(int n) <|>= n * 2; }\n",
        message: "[CS1525] Unexpected symbol '=', expecting ';', '{', '=>', or 'where'",
        after: "class Quay { int Twice(int n) => n * 2; }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = case.message.text.starts_with("Unexpected symbol '='")
        && case.message.text.contains("'=>'");
    if said && lexed.is(case.token, "=") && lexed.before(case.token) == ")" {
        let edit = case.replace_token(case.token, "=>");
        all.push(Candidate::new(MistakeId::WrongMark, EXPECTED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_value_of_a_parameter_is_given_so() {
        let text = "class Quay { int Twice(int n <|>= 2) { return n; } }\n";
        check_no_fix(&FAMILY, "csharp", text, "Unexpected symbol '=', expecting ',' or ')'");
    }
}
