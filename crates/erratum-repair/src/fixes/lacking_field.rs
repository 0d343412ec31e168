//! Rust: an object that is made without some of its fields: each gets what stands there under its name, or
//! the empty value of its type.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// Each field that lacks has the name of a value at hand.
const AT_HAND: Factor = evidence("a value at hand has the name of the field", 8.0);
/// A collection starts empty where the others do.
const STARTS_EMPTY: Factor = evidence("a collection starts empty", 6.5);
/// A number or a text starts as something, and nothing tells as what.
const SOME_START: Factor = weight("the empty value of its type", 3.0);

pub(super) static FAMILY: Family = Family {
    id: "lacking-field",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Quay {\n    length: u32,\n    boats: Vec<String>,\n}\nfn made(length: u32) -> Quay {\n    <|>Quay { length }\n}\n",
        message: "[E0063] missing field `boats` in initializer of `Quay`",
        after: "struct Quay {\n    length: u32,\n    boats: Vec<String>,\n}\nfn made(length: u32) -> Quay {\n    Quay { length, boats: Vec::new() }\n}\n",
    },
};

/// Types and the values that they start with; the collections stand first.
const STARTS: &[(&str, &str)] = &[
    ("Vec<", "Vec::new()"),
    ("HashMap<", "HashMap::new()"),
    ("BTreeMap<", "BTreeMap::new()"),
    ("HashSet<", "HashSet::new()"),
    ("BTreeSet<", "BTreeSet::new()"),
    ("VecDeque<", "VecDeque::new()"),
    ("Option<", "None"),
    ("String", "String::new()"),
    ("bool", "false"),
    ("f64", "0.0"),
    ("f32", "0.0"),
];
/// How many of them are collections, or values that may be missing.
const COLLECTIONS: usize = 7;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let (Some(list), Some(owner)) = (
        said.strip_prefix("missing field")
            .and_then(|rest| rest.split(" in initializer of ").next()),
        said.split(" in initializer of `").nth(1).and_then(|rest| rest.split(['`', '<']).next()),
    ) else {
        return;
    };
    // Where there are many, the message names the first ones only.
    let names: Vec<&str> = list.split('`').skip(1).step_by(2).collect();
    if list.contains(" other field") {
        return;
    }
    let Some(open) = (case.token..case.token + 4).find(|at| lexed.is(*at, "{")) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let Some(body) = fields_of(case, owner) else { return };
    let mut least: Option<Factor> = None;
    let mut values = Vec::new();
    for name in names {
        let fields = case.text.names.of(name);
        let Some(field) = fields.into_iter().find(|one| body.contains(&one.token)) else { return };
        let held = case.text.names.of(name).any(|one| {
            let (from, to) = one.scope;
            one.kind == NameKind::Value && one.token < open && from <= open && open <= to
        });
        let (value, why) = if held {
            (name.to_owned(), AT_HAND)
        } else {
            let Some(typed) = field.typed else { return };
            let Some((start, why)) = start_of(&text_of(case, typed)) else { return };
            (format!("{name}: {start}"), why)
        };
        least = Some(least.filter(|least| least.value <= why.value).unwrap_or(why));
        values.push(value);
    }
    let Some(why) = least else { return };
    let last = close - 1;
    let parted = lexed.is(last, ",") || last == open;
    let lines = lexed.code[close].first && last > open;
    let edit = if lines {
        let line = lexed.source.line_text(lexed.code[last].line);
        let indent: String = line.chars().take_while(|c| c.is_whitespace()).collect();
        let values: Vec<String> =
            values.iter().map(|value| format!("\n{indent}{value},")).collect();
        case.insert(
            lexed.code[last].end,
            format!("{}{}", if parted { "" } else { "," }, values.concat()),
        )
    } else if last == open {
        let (from, to) = (lexed.code[open].end, lexed.code[close].start);
        Edit::replace(case.file(), from, to, format!(" {} ", values.join(", ")))
    } else {
        let before = if parted { " " } else { ", " };
        case.insert(lexed.code[last].end, format!("{before}{}", values.join(", ")))
    };
    all.push(Candidate::new(MistakeId::MissingField, why, vec![edit]).guess());
}

/// The code tokens of the block that lists the fields of a type.
fn fields_of(case: &Case, owner: &str) -> Option<std::ops::Range<usize>> {
    let lexed = case.lexed();
    let declared = case.text.names.of(owner).find(|one| one.kind == NameKind::Type)?;
    let open = (declared.token..lexed.code.len())
        .take_while(|at| !lexed.is(*at, ";"))
        .find(|at| lexed.opens_block(*at))?;
    Some(open..case.text.pairs.partner_of(open)?)
}

/// What a value of a type starts with, and how well that is known.
fn start_of(typed: &str) -> Option<(&'static str, Factor)> {
    let typed = typed.rsplit("::").next().unwrap_or(typed);
    let known = STARTS.iter().position(|(one, _)| typed.starts_with(one));
    let whole = typed.starts_with(['u', 'i']) && typed[1..].chars().all(|c| c.is_ascii_digit())
        || matches!(typed, "usize" | "isize");
    match known {
        Some(at) if at < COLLECTIONS => Some((STARTS[at].1, STARTS_EMPTY)),
        Some(at) => Some((STARTS[at].1, SOME_START)),
        None => whole.then_some(("0", SOME_START)),
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_with_the_name_of_the_field_is_it() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Quay {\n    name: String,\n    length: u32,\n}\nfn made(name: String, length: u32) -> Quay {\n    <|>Quay {\n        name,\n    }\n}\n",
            "[E0063] missing field `length` in initializer of `Quay`",
            "struct Quay {\n    name: String,\n    length: u32,\n}\nfn made(name: String, length: u32) -> Quay {\n    Quay {\n        name,\n        length,\n    }\n}\n",
        );
    }

    #[test]
    fn two_fields_come_together() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Quay {\n    boats: Vec<u32>,\n    keeper: Option<String>,\n}\nfn made() -> Quay {\n    <|>Quay {}\n}\n",
            "[E0063] missing fields `boats` and `keeper` in initializer of `Quay`",
            "struct Quay {\n    boats: Vec<u32>,\n    keeper: Option<String>,\n}\nfn made() -> Quay {\n    Quay { boats: Vec::new(), keeper: None }\n}\n",
        );
    }

    #[test]
    fn a_type_of_the_program_has_no_empty_value() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Quay {\n    keeper: Keeper,\n}\nstruct Keeper;\nfn made() -> Quay {\n    <|>Quay {}\n}\n",
            "[E0063] missing field `keeper` in initializer of `Quay`",
        );
    }
}
