//! A member that is worked out from others each time it is asked for, written as one that is set once:
//! `int Total = a + b;` for `int Total => a + b;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;

/// The value is worked out from members of the same object.
const OF_MEMBERS: Factor = weight("the value is worked out from other members", 4.0);

/// What mcs 6.8 says where a member is set by others of its object.
const SAID: &str = "A field initializer cannot reference the nonstatic field";

pub(super) static FAMILY: Family = Family {
    id: "computed-member",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    int low = 2;\n    public int Twice = <|>low * 2;\n}\n",
        message: "A field initializer cannot reference the nonstatic field, method, or property 'Quay.low'",
        after: "class Quay {\n    int low = 2;\n    public int Twice => low * 2;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains(SAID) {
        return;
    }
    let range = case.statement_start(case.token)..case.token;
    if let Some(mark) = range.into_iter().find(|at| lexed.is(*at, "=")) {
        let edit = case.replace_token(mark, "=>");
        all.push(Candidate::new(MistakeId::WrongMark, OF_MEMBERS, vec![edit]).guess());
    }
}
