//! Pascal: `sum div n` of a real number: `div` is for whole ones.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// A real number is divided with another mark.
const OF_REALS: Factor = evidence("a real number is divided with `/`", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "real-division",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nvar\n  sum: real;\nbegin\n  sum := sum <|>div 3;\nend.\n",
        message: "Operator is not overloaded: \"Real\" div \"ShortInt\"",
        after: "program quay;\nvar\n  sum: real;\nbegin\n  sum := sum / 3;\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with fpc 3.2.
    let said = &case.message.text;
    let reals = ["\"Real\"", "\"Double\"", "\"Single\"", "\"Extended\"", "\"Currency\""];
    let told = said.contains(" div ") && reals.iter().any(|real| said.contains(real));
    if !said.starts_with("Operator is not overloaded") || !told {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.filter(|at| lexed.is(*at, "div")) {
        let edit = case.replace_token(word, "/");
        all.push(Candidate::new(MistakeId::OperatorRules, OF_REALS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn whole_numbers_are_left() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  sum: string;\nbegin\n  sum := sum <|>div 3;\nend.\n",
            "Operator is not overloaded: \"ShortString\" div \"ShortInt\"",
        );
    }
}
