//! Rust: what ends a chain of calls: `collect()`, `cloned()` before it, a text of an error before `?`, and the
//! fields of a variant in a pattern.

use super::family::{Example, Family, Phases};
use super::shape::function_around;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The elements are lent, and a list of their own is wanted.
const LENT: Factor = evidence("the elements are lent, and owned ones are wanted", 8.5);
/// A list is wanted, and the chain has no end.
const NO_END: Factor = evidence("a list is wanted, and the chain does not make one", 8.5);
/// The function tells of errors by texts.
const TEXT_OF_ERROR: Factor = evidence("the function tells of errors by texts", 8.5);
/// The variant has fields with names.
const NAMED: Factor = evidence("the variant has fields with names", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "chain-ends",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn boats(all: &HashMap<String, u32>) -> Vec<String> {\n    all.keys().<|>collect()\n}\n",
        message: "[E0277] a value of type `Vec<String>` cannot be built from an iterator over elements of type `&String`",
        after: "fn boats(all: &HashMap<String, u32>) -> Vec<String> {\n    all.keys().cloned().collect()\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().borrows {
        return;
    }
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    if let Some((owned, lent)) = said.split_once(">` cannot be built") {
        let owned = owned.rsplit('<').next().unwrap_or(owned);
        let lends = lent.contains(&format!("of type `&{owned}`"));
        let end = line.clone().find(|at| lexed.is(*at, "collect") && lexed.before(*at) == ".");
        if let Some(end) = end.filter(|_| lends) {
            let edit = case.insert(lexed.code[end - 1].start, ".cloned()");
            all.push(Candidate::new(MistakeId::TypeClash, LENT, vec![edit]).guess());
        }
    }
    if said.starts_with("`?` couldn't convert the error to `String`") {
        let mark =
            line.clone().filter(|at| lexed.is(*at, "?") && *at >= case.token.saturating_sub(1));
        mark.take(1).for_each(|mark| {
            let edit = case.insert(lexed.code[mark].start, ".map_err(|e| e.to_string())");
            all.push(Candidate::new(MistakeId::TypeClash, TEXT_OF_ERROR, vec![edit]).guess());
        });
    }
    if said.starts_with("mismatched types") {
        unfinished(case, all);
    }
    if said.contains("found struct variant `") {
        fields(case, all);
    }
}

/// A chain of calls that ends a function which gives a list.
fn unfinished(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let ends = ["filter", "map", "skip", "take", "rev", "chars", "keys", "values", "filter_map"];
    let notes = case.message.notes.iter().chain(&case.message.spans).map(|note| &note.text);
    let mut told = notes.chain([&case.message.text]);
    let wanted = told.any(|text| text.contains("`Vec<"));
    let Some(function) = function_around(case, case.token).filter(|_| wanted) else { return };
    let Some(last) = function.close.and_then(|close| close.checked_sub(1)) else { return };
    let open = case.text.pairs.partner_of(last).filter(|_| lexed.is(last, ")"));
    let called =
        open.and_then(|open| open.checked_sub(1)).filter(|name| lexed.before(*name) == ".");
    if called.is_some_and(|name| ends.contains(&lexed.word(name))) {
        let edit = case.insert(lexed.code[last].end, ".collect()");
        all.push(Candidate::new(MistakeId::TypeClash, NO_END, vec![edit]).guess());
    }
}

/// `Event::Arrived(boat, minutes)` of a variant with these fields.
fn fields(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let open = line.into_iter().find(|at| *at >= case.token && lexed.is(*at, "("));
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let name = open.and_then(|open| open.checked_sub(1));
    let (Some(open), Some(close), Some(name)) = (open, close, name) else { return };
    let variant = lexed.word(name);
    let declared = |name: &str| case.text.names.of(name).next().is_some();
    let names = (open + 1..close).filter(|at| !lexed.is(*at, ","));
    let all_fields = names.clone().count() > 0
        && names.into_iter().all(|at| {
            (1..lexed.code.len()).any(|one| {
                let field = lexed.is(one, lexed.word(at)) && lexed.is(one + 1, ":");
                field && case.text.pairs.inside_of(one).is_some_and(|o| lexed.before(o) == variant)
            })
        });
    if all_fields && declared(variant) {
        let edits: Vec<Edit> = vec![
            Edit::replace(case.file(), lexed.code[open].start, lexed.code[open].end, " { "),
            Edit::replace(case.file(), lexed.code[close].start, lexed.code[close].end, " }"),
        ];
        all.push(Candidate::new(MistakeId::MatchRules, NAMED, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_fields_of_a_variant_stand_in_braces() {
        check_fix(
            &FAMILY,
            "rust",
            "enum Event { In { boat: u32, at: u32 }, Out }\nfn go(e: Event) {\n    match e {\n        <|>Event::In(boat, at) => {}\n        Event::Out => {}\n    }\n}\n",
            "[E0769] expected tuple struct or tuple variant, found struct variant `Event::In`",
            "enum Event { In { boat: u32, at: u32 }, Out }\nfn go(e: Event) {\n    match e {\n        Event::In { boat, at } => {}\n        Event::Out => {}\n    }\n}\n",
        );
    }

    #[test]
    fn an_error_becomes_a_text() {
        check_fix(
            &FAMILY,
            "rust",
            "fn read(path: &str) -> Result<u32, String> {\n    let text = open(path)<|>?;\n    Ok(text)\n}\n",
            "[E0277] `?` couldn't convert the error to `String`",
            "fn read(path: &str) -> Result<u32, String> {\n    let text = open(path).map_err(|e| e.to_string())?;\n    Ok(text)\n}\n",
        );
    }

    #[test]
    fn elements_of_another_type_are_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn boats(all: &[u32]) -> Vec<String> {\n    all.iter().<|>collect()\n}\n",
            "[E0277] a value of type `Vec<String>` cannot be built from an iterator over elements of type `&u32`",
        );
    }
}
