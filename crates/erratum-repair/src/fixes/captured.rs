//! C++: a function without a name that uses a variable of the function around, and does not take it in:
//! `[](int t) { return t > limit; }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// What the function uses from outside is named in its square brackets.
const TAKEN_IN: Factor = evidence("what is used from outside is taken in", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "captured",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "int above(std::vector<int> all, int limit) {\n    return std::count_if(all.begin(), all.end(), [](int t) { return t > <|>limit; });\n}\n",
        message: "'limit' is not captured",
        after: "int above(std::vector<int> all, int limit) {\n    return std::count_if(all.begin(), all.end(), [&](int t) { return t > limit; });\n}\n",
    },
};

/// What compilers say there (seen with g++ 12, clang 14).
const SAID: &[&str] = &["is not captured", "cannot be implicitly captured"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    let mut block = case.text.pairs.block_of(lexed, case.token);
    while let Some(open) = block {
        let close = open.checked_sub(1).filter(|at| lexed.is(*at, ")"));
        let parameters = close.and_then(|close| case.text.pairs.partner_of(close));
        let end = parameters.and_then(|at| at.checked_sub(1)).filter(|at| lexed.is(*at, "]"));
        if let Some(start) = end.and_then(|end| case.text.pairs.partner_of(end)) {
            let empty = end == Some(start + 1);
            let text =
                if empty { "&".to_owned() } else { format!(", &{}", lexed.word(case.token)) };
            let at = if empty { lexed.code[start].end } else { lexed.code[start + 1].end };
            // A copy would do as well.
            let candidate =
                Candidate::new(MistakeId::NotCaptured, TAKEN_IN, vec![case.insert(at, text)]);
            if empty || end == Some(start + 2) {
                all.push(candidate.guess());
            }
            return;
        }
        block = case.text.pairs.block_of(lexed, open);
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_taken_in_already_stays() {
        check_fix(
            &FAMILY,
            "cpp",
            "void go(int limit, int low) {\n    auto f = [low](int t) { return t > <|>limit; };\n}\n",
            "'limit' is not captured",
            "void go(int limit, int low) {\n    auto f = [low, &limit](int t) { return t > limit; };\n}\n",
        );
    }

    #[test]
    fn a_plain_function_takes_nothing_in() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int go(int t) {\n    return t > <|>limit;\n}\n",
            "'limit' is not captured",
        );
    }
}
