//! A value that a constructor takes, but that is never kept: `constructor(height: number)` for
//! `constructor(public height: number)`, `class Pump(litres: Double)` for `class Pump(val litres: Double)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The class takes a value of this name when it is made.
const TAKEN: Factor = evidence("the class takes a value of this name", 8.0);
/// Another parameter of the class is kept.
const ANOTHER_KEPT: Factor = weight("another parameter is kept so", 1.0);

pub(super) static FAMILY: Family = Family {
    id: "stored",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "typescript",
        before: "class Tide {\n  constructor(height: number, public hour: number) {}\n}\nfunction up(tide: Tide) {\n  return tide.<|>height;\n}\n",
        message: "[TS2339] Property 'height' does not exist on type 'Tide'.",
        after: "class Tide {\n  constructor(public height: number, public hour: number) {}\n}\nfunction up(tide: Tide) {\n  return tide.height;\n}\n",
    },
};

/// What parts the name from its class in a message (seen with tsc 5.9, scalac 2.11).
const SAID: &[(&str, &str)] =
    &[("Property '", "' does not exist on type '"), ("value ", " is not a member of ")];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    for (member, class) in named(&case.message.text) {
        kept(case, member, class, all);
    }
}

/// Makes a field of what a class takes under the name of a member.
fn kept(case: &Case, member: &str, class: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for declared in case.text.names.of(class).filter(|d| d.kind == NameKind::Type) {
        let Some(open) = parameters_of(case, declared.token) else { continue };
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
        let starts =
            (open + 1..close).filter(own).filter(|at| *at == open + 1 || lexed.is(at - 1, ","));
        let starts: Vec<usize> = starts.collect();
        let kept = |at: usize| KEEPS.contains(&lexed.word(at));
        let Some(bare) = starts.iter().find(|at| lexed.word(**at) == member) else { continue };
        // The class keeps it under another name: `this.#height = height`.
        let end =
            case.text.pairs.block_of(lexed, *bare).and_then(|at| case.text.pairs.partner_of(at));
        let mut body = close..end.unwrap_or(close);
        let other = |at: usize| !lexed.is(at, member) || lexed.is(at - 1, "#");
        if body.any(|at| lexed.is(at, member) && lexed.is(at - 1, "=") && other(at - 2)) {
            continue;
        }
        let word = starts.iter().find(|at| kept(**at)).map(|at| lexed.word(*at));
        let usual = if lexed.language.is_keyword("val") { "val" } else { "public" };
        let score = TAKEN + ANOTHER_KEPT.when(word.is_some());
        let word = word.filter(|word| *word != "private").unwrap_or(usual);
        let edit = case.insert(lexed.code[*bare].start, format!("{word} "));
        all.push(Candidate::new(MistakeId::UnknownField, score, vec![edit]));
    }
}

/// Words that make a field of a parameter.
const KEEPS: &[&str] = &["public", "private", "readonly", "protected", "val", "var"];

/// The members that a message misses, each with its class.
fn named(said: &str) -> impl Iterator<Item = (&str, &str)> {
    SAID.iter().flat_map(move |(before, between)| {
        said.split(before).skip(1).filter_map(move |rest| {
            let (member, class) = rest.split_once(between)?;
            let end = class.find(|letter: char| !letter.is_alphanumeric() && letter != '_');
            Some((member, &class[..end.unwrap_or(class.len())]))
        })
    })
}

/// The bracket of what a class takes when it is made.
fn parameters_of(case: &Case, class: usize) -> Option<usize> {
    let lexed = case.lexed();
    if lexed.language.is_keyword("val") {
        return Some(class + 1).filter(|at| lexed.is(*at, "("));
    }
    let block = (class..lexed.code.len()).find(|at| lexed.opens_block(*at))?;
    let end = case.text.pairs.partner_of(block)?;
    let word = (block..end).find(|at| {
        lexed.is(*at, "constructor") && case.text.pairs.block_of(lexed, *at) == Some(block)
    })?;
    Some(word + 1).filter(|at| lexed.kind(*at) == Some(TokenKind::Open))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_class_with_its_values_behind_its_name() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pump(val id: Int, litres: Double)\nobject Quay {\n  def up(p: Pump) = p.<|>litres\n}\n",
            "value litres is not a member of Pump",
            "class Pump(val id: Int, val litres: Double)\nobject Quay {\n  def up(p: Pump) = p.litres\n}\n",
        );
    }

    #[test]
    fn the_name_may_stand_in_the_reasons_of_a_message() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pump(litres: Double)\nobject Quay {\n  def up(p: Pump) = { var sum = 0.0; sum <|>+= p.litres }\n}\n",
            "value += is not a member of Double\n  Expression does not convert to assignment because:\n    value litres is not a member of Pump",
            "class Pump(val litres: Double)\nobject Quay {\n  def up(p: Pump) = { var sum = 0.0; sum += p.litres }\n}\n",
        );
    }

    #[test]
    fn the_word_of_another_parameter_is_taken() {
        check_fix(
            &FAMILY,
            "typescript",
            "class Tide {\n  constructor(readonly hour: number, height: number) {}\n}\nconst up = (tide: Tide) => tide.<|>height;\n",
            "[TS2339] Property 'height' does not exist on type 'Tide'.",
            "class Tide {\n  constructor(readonly hour: number, readonly height: number) {}\n}\nconst up = (tide: Tide) => tide.height;\n",
        );
    }

    #[test]
    fn a_member_that_the_class_does_not_take_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Tide {\n  constructor(height: number) {}\n}\nconst up = (tide: Tide) => tide.<|>hour;\n",
            "[TS2339] Property 'hour' does not exist on type 'Tide'.",
        );
    }

    #[test]
    fn the_value_of_a_method_is_none_of_the_class() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Tide {\n  rise(height: number) {}\n}\nconst up = (tide: Tide) => tide.<|>height;\n",
            "[TS2339] Property 'height' does not exist on type 'Tide'.",
        );
    }

    #[test]
    fn another_class_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "scala",
            "class Pump(litres: Double)\nclass Tug\nobject Quay {\n  def up(p: Tug) = p.<|>litres\n}\n",
            "value litres is not a member of Tug",
        );
    }

    #[test]
    fn what_is_kept_under_another_name_is_kept() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Tide {\n  #height: number;\n  constructor(height: number) { this.#height = height; }\n}\nfunction up(tide: Tide) {\n  return tide.<|>height;\n}\n",
            "[TS2339] Property 'height' does not exist on type 'Tide'.",
        );
    }
}
