//! Rust: the type that a trait leaves open, where the methods of the `impl` show it: `type Item = u32;` above
//! `fn next(&mut self) -> Option<u32>`.

use super::family::{Example, Family, Phases};
use super::promised::promised;
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// A method gives back what the trait leaves open.
const GIVEN_BACK: Factor =
    evidence("a method gives back the type that the trait leaves open", 10.0);

/// Traits with a type that they leave open: its name, the method that gives it back, and what stands
/// before and behind it in the result (`…` for another type).
const OPEN: &[(&str, &str, &str, &str)] = &[
    ("Iterator", "Item", "next", "Option<"),
    ("DoubleEndedIterator", "Item", "next_back", "Option<"),
    ("FromStr", "Err", "from_str", "Result<…, "),
    ("TryFrom", "Error", "try_from", "Result<…, "),
    ("TryInto", "Error", "try_into", "Result<…, "),
    ("Add", "Output", "add", ""),
    ("Sub", "Output", "sub", ""),
    ("Mul", "Output", "mul", ""),
    ("Div", "Output", "div", ""),
    ("Rem", "Output", "rem", ""),
    ("Neg", "Output", "neg", ""),
    ("Not", "Output", "not", ""),
    ("Index", "Output", "index", "&"),
    ("Deref", "Target", "deref", "&"),
    ("IntoIterator", "IntoIter", "into_iter", ""),
];

pub(super) static FAMILY: Family = Family {
    id: "associated-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Tides(u32);\n\n<|>impl Iterator for Tides {\n    fn next(&mut self) -> Option<u32> {\n        None\n    }\n}\n",
        message: "[E0046] not all trait items implemented, missing: `Item`",
        after: "struct Tides(u32);\n\nimpl Iterator for Tides {\n    type Item = u32;\n\n    fn next(&mut self) -> Option<u32> {\n        None\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().borrows {
        return;
    }
    let Some(wanted) = promised(&case.message.text) else { return };
    let Some(open) = (case.token..lexed.code.len()).find(|at| lexed.opens_block(*at)) else {
        return;
    };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let head = case.token..open;
    let Some((_, _, method, around)) = OPEN
        .iter()
        .find(|(of, name, _, _)| *name == wanted && head.clone().any(|at| lexed.is(at, of)))
    else {
        return;
    };
    let declared = case
        .text
        .names
        .of(method)
        .find(|one| one.kind == NameKind::Function && (open..close).contains(&one.token));
    let Some(result) = declared.and_then(|one| one.typed) else { return };
    let result = text_of(case, result);
    let Some(given) = given(&result, around) else { return };
    let line = lexed.on_line(lexed.code[declared.map_or(open, |one| one.token)].line).start;
    let indent = lexed.source.line_text(lexed.code[line].line);
    let indent = &indent[..indent.len() - indent.trim_start().len()];
    let edit = case.insert(lexed.code[open].end, format!("\n{indent}type {wanted} = {given};\n"));
    all.push(Candidate::new(MistakeId::NotImplemented, GIVEN_BACK, vec![edit]).guess());
}

/// The part of a result that the trait leaves open.
fn given<'a>(result: &'a str, around: &str) -> Option<&'a str> {
    let inner = |name: &str| result.strip_prefix(name)?.strip_suffix('>');
    let given = match around.split_once('…') {
        // `Result<Self, Broken>`: the last of two.
        Some((before, _)) => {
            let both = inner(before)?;
            let mut deep = 0;
            let comma = both.char_indices().rfind(|(_, c)| {
                deep += match c {
                    '>' | ')' | ']' => 1,
                    '<' | '(' | '[' => -1,
                    _ => 0,
                };
                *c == ',' && deep == 0
            });
            both[comma?.0 + 1..].trim()
        }
        None if around.ends_with('<') => inner(around)?,
        None => result.strip_prefix(around)?,
    };
    (!given.is_empty() && !given.contains("Self::")).then_some(given)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_may_go_wrong_is_the_second_of_two() {
        check_fix(
            &FAMILY,
            "rust",
            "<|>impl FromStr for Signal {\n    fn from_str(text: &str) -> Result<Self, Broken> {\n        Err(Broken)\n    }\n}\n",
            "[E0046] not all trait items implemented, missing: `Err`",
            "impl FromStr for Signal {\n    type Err = Broken;\n\n    fn from_str(text: &str) -> Result<Self, Broken> {\n        Err(Broken)\n    }\n}\n",
        );
    }

    #[test]
    fn a_sum_is_what_the_operator_gives() {
        check_fix(
            &FAMILY,
            "rust",
            "<|>impl std::ops::Add for Fare {\n    fn add(self, other: Fare) -> Fare {\n        self\n    }\n}\n",
            "[E0046] not all trait items implemented, missing: `Output`",
            "impl std::ops::Add for Fare {\n    type Output = Fare;\n\n    fn add(self, other: Fare) -> Fare {\n        self\n    }\n}\n",
        );
    }

    #[test]
    fn what_names_the_open_type_does_not_show_it() {
        check_no_fix(
            &FAMILY,
            "rust",
            "<|>impl Iterator for Tides {\n    fn next(&mut self) -> Option<Self::Item> {\n        None\n    }\n}\n",
            "[E0046] not all trait items implemented, missing: `Item`",
        );
    }
}
