//! Rust: a list of values where a `Vec` is wanted: `boats: []` for `boats: vec![]`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// A `Vec` is wanted where an array is written out.
const VEC_WANTED: Factor = evidence("a `Vec` is wanted where an array is written", 7.0);

/// The macro makes an empty list.
const EMPTY: Factor = evidence("the macro makes an empty list", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "vec-literal",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn boats() -> Vec<u8> {\n    <|>[3, 4]\n}\n",
        message: "[E0308] mismatched types: expected `Vec<u8>`, found `[{integer}; 2]`",
        after: "fn boats() -> Vec<u8> {\n    vec![3, 4]\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    if case.message.text == "expected value, found macro `vec`" && lexed.is(case.token, "vec") {
        let edit = case.insert(lexed.code[case.token].end, "![]");
        all.push(Candidate::new(MistakeId::WrongType, EMPTY, vec![edit]).guess());
    }
    let spans = case.message.spans.iter().map(|span| span.text.as_str());
    let mut said = spans.chain([case.message.text.as_str()]);
    let told = said.any(|text| text.contains("expected `Vec<") && text.contains("found `["));
    if told && lexed.is(case.token, "[") && !lexed.is(case.token.wrapping_sub(1), "!") {
        let edit = case.insert(lexed.code[case.token].start, "vec!");
        all.push(Candidate::new(MistakeId::WrongType, VEC_WANTED, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_macro_by_itself_makes_an_empty_list() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let all: Vec<u8> = <|>vec;\n}\n",
            "[E0423] expected value, found macro `vec`",
            "fn main() {\n    let all: Vec<u8> = vec![];\n}\n",
        );
    }

    #[test]
    fn an_array_that_has_a_name_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn boats(all: [u8; 2]) -> Vec<u8> {\n    <|>all\n}\n",
            "[E0308] mismatched types: expected `Vec<u8>`, found `[u8; 2]`",
        );
    }
}
