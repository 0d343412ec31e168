//! C#: a member that is worked out from others is written as one that starts with a value:
//! `double Area = width * depth;` for `double Area => width * depth;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// It is worked out from other members.
const WORKED_OUT: Factor = evidence("it is worked out from other members", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "worked-out",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    double width = 3;\n    double <|>Area = width * 2;\n}\n",
        message: "[CS0236] A field initializer cannot reference the nonstatic field, method, or property 'Quay.width'",
        after: "class Quay {\n    double width = 3;\n    double Area => width * 2;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = &case.message.text;
    if !said.contains("Structs cannot have instance property or field initializers")
        && !said.contains("A field initializer cannot reference the nonstatic")
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut marks = line.clone().filter(|at| lexed.is(*at, "="));
    let (Some(mark), None) = (marks.next(), marks.next()) else { return };
    // What other members are asked in is no plain value.
    let asks = (mark + 1..line.end).any(|at| case.text.names.resolve(lexed, at).is_some());
    if asks && !line.clone().any(|at| lexed.is(at, "readonly")) {
        let edit = case.replace_token(mark, "=>");
        all.push(Candidate::new(MistakeId::WrongMark, WORKED_OUT, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_plain_value_is_worked_out_from_nothing() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "struct Quay {\n    public double <|>Area = 3;\n}\n",
            "[CS0573] 'Quay': Structs cannot have instance property or field initializers",
        );
    }
}
