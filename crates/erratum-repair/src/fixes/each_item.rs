//! A loop that goes over the places of a list where its items are wanted: `for … in` in TypeScript,
//! `for x := range` in Go.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The name is used as what the list holds.
const USED_AS_ITEM: Factor = weight("it is used as an item of the list", 3.5);
/// Each further message about the name.
const AGAIN: Factor = weight("further messages about the name", 0.7);

/// The item of a map's loop is used as a value.
const VALUES: Factor = weight("it is used as a value of the map", 5.0);

/// The loop takes each item apart.
const TAKEN_APART: Factor = weight("the loop takes each item apart", 6.0);

/// The loop names a place and an item.
const PLACES: Factor = weight("the loop names a place and an item", 5.0);

pub(super) static FAMILY: Family = Family {
    id: "each-item",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc sum(cars []car) int {\n\tall := 0\n\tfor c := range cars {\n\t\tall += c.<|>toll()\n\t}\n\treturn all\n}\n",
        message: "c.toll undefined (type int has no field or method toll)",
        after: "package quay\n\nfunc sum(cars []car) int {\n\tall := 0\n\tfor _, c := range cars {\n\t\tall += c.toll()\n\t}\n\treturn all\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    of_map(case, all);
    with_places(case, all);
    taken_apart(case, all);
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut done: Vec<usize> = Vec::new();
    for at in line.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let Some(declared) = case.text.names.resolve(lexed, at) else { continue };
        let name = declared.token;
        if name == at || done.contains(&name) {
            continue;
        }
        done.push(name);
        let Some(edit) = over_items(case, name) else { continue };
        let word = lexed.word(name);
        let about = case.all.iter().filter(|m| {
            m.is_error()
                && m.line().is_some_and(|line| {
                    lexed.on_line(line).any(|other| other != name && lexed.word(other) == word)
                })
        });
        let more = (about.count() as f64 - 1.0).clamp(0.0, 3.0);
        let score = USED_AS_ITEM + AGAIN * more;
        all.push(Candidate::new(MistakeId::LoopPlaces, score, vec![edit]).guess());
    }
}

/// `for (i, boat) in boats.iter()`: the places are asked for, too (seen with rustc 1.95).
fn with_places(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message;
    let pair = said.spans.iter().any(|span| span.text.contains("found `(_, _)`"));
    let line = lexed.on_line(lexed.code[case.token].line);
    let header = line.clone().find(|at| lexed.is(*at, "for") && lexed.is(at + 1, "("));
    let end = line.end - 1;
    if header.is_some() && pair && lexed.opens_block(end) && lexed.is(end - 1, ")") {
        let edit = case.insert(lexed.code[end - 1].end, ".enumerate()");
        all.push(Candidate::new(MistakeId::LoopPlaces, PLACES, vec![edit]).guess());
    }
}

/// `for (const [boat, seats] in taken)`: the places of a list cannot be taken apart (seen with tsc 5.9).
fn taken_apart(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(("in", items)) = case.language().places_loop else { return };
    if !case.message.text.contains("statement cannot be a destructuring pattern") {
        return;
    }
    let mut line = lexed.on_line(lexed.code[case.token].line);
    if let Some(at) = line.find(|at| *at >= case.token && lexed.is(*at, "in")) {
        let edit = case.replace_token(at, items);
        all.push(Candidate::new(MistakeId::LoopPlaces, TAKEN_APART, vec![edit]).guess());
    }
}

/// Java: whether a type is that of the keys of the map that the message names, and not that of its values.
fn is_key(case: &Case, typed: &str) -> bool {
    let maps = case.message.notes.iter().filter_map(|note| note.text.split_once("Map<"));
    let mut types = maps.filter_map(|(_, rest)| rest.split_once('>')?.0.split_once(','));
    types.any(|(key, value)| key.trim() == typed && value.trim() != typed)
}

/// A loop over the pairs of a map, whose item is used as a value (seen with tsc 5.9 and javac 17).
fn of_map(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let text = &case.message.text;
    let pair = text.contains("does not exist on type '[");
    let map = text.starts_with("for-each not applicable")
        && case.message.notes.iter().any(|note| note.text.contains("Map<"));
    if !pair && !map {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let names: Vec<usize> = line
        .filter(|at| lexed.kind(*at) == Some(TokenKind::Name))
        .filter_map(|at| Some(case.text.names.resolve(lexed, at)?.token))
        .collect();
    let marks = (1..lexed.code.len()).filter(|at| matches!(lexed.word(*at), "of" | ":"));
    for mark in marks.filter(|at| names.contains(&(at - 1))) {
        let Some(open) =
            case.text.pairs.inside_of(mark).filter(|open| lexed.before(*open) == "for")
        else {
            continue;
        };
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        // What takes whole entries wants another part.
        if lexed.is(close - 1, ")") || map && (open..mark).any(|at| lexed.is(at, "Entry")) {
            continue;
        }
        let typed = mark.checked_sub(2).map_or("", |at| lexed.word(at));
        let part = if map && is_key(case, typed) { ".keySet()" } else { ".values()" };
        let edit = case.insert(lexed.code[close - 1].end, part);
        all.push(Candidate::new(MistakeId::LoopPlaces, VALUES, vec![edit]).guess());
    }
}

/// What makes a loop that declares a name go over items.
fn over_items(case: &Case, name: usize) -> Option<Edit> {
    let lexed = case.lexed();
    let start =
        lexed.code.get(..name)?.iter().rposition(|token| token.line != lexed.code[name].line);
    let header = start.map_or(0, |start| start + 1)..name;
    let looped = header.rev().find(|at| lexed.is(*at, "for"))?;
    match case.language().places_loop? {
        ("in", items) if lexed.is(name + 1, "in") => Some(case.replace_token(name + 1, items)),
        ("range", items) if looped + 1 == name && lexed.is(name + 2, "range") => {
            Some(case.insert(lexed.code[name].start, items))
        }
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const NO_MEMBER: &str = "[TS2339] Property 'boat' does not exist on type 'string'.";

    #[test]
    fn an_item_that_is_taken_apart_is_no_place() {
        let text = |mark: &str| {
            format!(
                "const taken = new Map([[1, 2]]);\nfor (const {mark} taken) {{\n  console.log(id, n);\n}}\n"
            )
        };
        check_fix(
            &FAMILY,
            "typescript",
            &text("<|>[id, n] in"),
            "[TS2491] The left-hand side of a 'for...in' statement cannot be a destructuring pattern.",
            &text("[id, n] of"),
        );
    }

    #[test]
    fn a_loop_over_a_map_goes_over_its_values() {
        check_fix(
            &FAMILY,
            "typescript",
            "class Store {\n  ropes: Map<number, Rope> = new Map();\n  total() {\n    let sum = 0;\n    for (const rope of this.ropes) {\n      sum += rope.<|>metres;\n    }\n  }\n}\n",
            "Property 'metres' does not exist on type '[number, Rope]'.",
            "class Store {\n  ropes: Map<number, Rope> = new Map();\n  total() {\n    let sum = 0;\n    for (const rope of this.ropes.values()) {\n      sum += rope.metres;\n    }\n  }\n}\n",
        );
    }

    #[test]
    fn a_loop_over_the_keys_of_a_list_goes_over_its_items() {
        check_fix(
            &FAMILY,
            "typescript",
            "for (const berth in plan) {\n  console.log(berth.<|>boat);\n}\n",
            NO_MEMBER,
            "for (const berth of plan) {\n  console.log(berth.boat);\n}\n",
        );
    }

    #[test]
    fn a_name_in_a_sum_is_an_item() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum(tides []float64) float64 {\n\tall := 0.0\n\tfor t := range tides {\n\t\tall += <|>t\n\t}\n\treturn all\n}\n",
            "invalid operation: all += t (mismatched types float64 and int)",
            "package quay\n\nfunc sum(tides []float64) float64 {\n\tall := 0.0\n\tfor _, t := range tides {\n\t\tall += t\n\t}\n\treturn all\n}\n",
        );
    }

    #[test]
    fn a_loop_over_items_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "for (const berth of plan) {\n  console.log(berth.<|>boat);\n}\n",
            NO_MEMBER,
        );
    }

    #[test]
    fn a_loop_with_both_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum(cars []car) int {\n\tall := 0\n\tfor i, c := range cars {\n\t\tall += i + <|>c\n\t}\n\treturn all\n}\n",
            "invalid operation: i + c (mismatched types int and car)",
        );
    }

    #[test]
    fn a_name_of_no_loop_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const berth = \"mole\";\nconsole.log(berth.<|>boat);\n",
            NO_MEMBER,
        );
    }

    #[test]
    fn other_languages_loop_over_items_anyway() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn sum(tides: &[f64]) {\n    for t in tides {\n        println!(\"{}\", t.<|>boat);\n    }\n}\n",
            "[E0609] no field `boat` on type `&f64`",
        );
    }
}
