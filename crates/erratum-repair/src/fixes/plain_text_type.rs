//! Rust: `str` alone as a type, whose size nobody knows: `&str` where a text is lent, `String` where it is
//! kept.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler says that the type has no size.
const NO_SIZE: Factor = evidence("the type has no size by itself", 8.0);

/// What rustc 1.95 says of it (E0277).
const SAID: &str = "the size for values of type `str` cannot be known";

pub(super) static FAMILY: Family = Family {
    id: "plain-text-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Pier {\n    names: Vec<<|>str>,\n}\n",
        message: "[E0277] the size for values of type `str` cannot be known at compilation time",
        after: "struct Pier {\n    names: Vec<String>,\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains(SAID) {
        return;
    }
    let lent = |at: usize| {
        let before = lexed.before(at);
        matches!(before, "&" | "mut" | "<") && !lexed.is(at.wrapping_sub(2), "Vec")
            || before.starts_with('\'')
    };
    let bare: Vec<usize> = (0..lexed.code.len())
        .filter(|at| lexed.is(*at, "str") && (!lent(*at) || lexed.before(*at) == "<"))
        .collect();
    let line = lexed.code[case.token].line;
    let here: Vec<usize> = bare.iter().copied().filter(|at| lexed.code[*at].line == line).collect();
    // What holds the type is told where it is used, too.
    let chosen = if here.is_empty() { bare } else { here };
    let [at] = chosen[..] else { return };
    let header = case.text.pairs.inside_of(at).is_some_and(|open| lexed.is(open, "("));
    let result = lexed.before(at) == "->";
    let edit = match header || result {
        true => case.insert(lexed.code[at].start, "&"),
        false => case.replace_token(at, "String"),
    };
    all.push(Candidate::new(MistakeId::WrongType, NO_SIZE, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn what_a_function_gives_back_is_lent() {
        let text = "struct Pier {\n    name: String,\n}\n\nimpl Pier {\n    fn name(&self) -> <|>str {\n        &self.name\n    }\n}\n";
        let said = "[E0277] the size for values of type `str` cannot be known at compilation time";
        check_fix(&FAMILY, "rust", text, said, &text.replace("<|>str", "&str"));
    }
}
