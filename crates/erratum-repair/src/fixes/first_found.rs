//! A search that gives all that fit, where one is wanted: `filter` for `find`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// One value is wanted, and the search gives a list of them.
const ONE_WANTED: Factor = evidence("one value is wanted, and the search gives all that fit", 7.5);

/// The search for all, and the one for the first, of the languages that have both under such names.
const SEARCHES: &[(&str, &str)] = &[("filter", "find"), ("Where", "First")];

pub(super) static FAMILY: Family = Family {
    id: "first-found",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Boat { name: string }\nfunction pick(boats: Boat[], name: string): Boat | undefined {\n  <|>return boats.filter(b => b.name === name);\n}\n",
        message: "[TS2740] Type 'Boat[]' is missing the following properties from type 'Boat': name",
        after: "interface Boat { name: string }\nfunction pick(boats: Boat[], name: string): Boat | undefined {\n  return boats.find(b => b.name === name);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    member_of_one(case, all);
    if !one_wanted(&case.message.text) {
        return;
    }
    let end = case.statement_end(case.token);
    let calls = (case.statement_start(case.token)..=end)
        .filter(|at| lexed.before(*at) == "." && lexed.is(at + 1, "("));
    // The last call of a chain gives its value.
    let Some(last) = calls.max() else { return };
    let search = SEARCHES.iter().find(|(many, _)| lexed.is(last, many));
    let close = case.text.pairs.partner_of(last + 1);
    if let Some((_, one)) = search.filter(|_| close.is_some_and(|close| close + 1 >= end)) {
        let edit = case.replace_token(last, *one);
        all.push(Candidate::new(MistakeId::MisspeltName, ONE_WANTED, vec![edit]).guess());
    }
}

/// `boat.name` where `boat` is what a search for all gave (seen with tsc 5.9).
fn member_of_one(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.strip_prefix("Property '");
    let Some((name, typed)) = told.and_then(|rest| rest.split_once("' does not exist on type '"))
    else {
        return;
    };
    let member = case.text.names.of(name).any(|declared| declared.kind == NameKind::Member);
    let object = lexed.on_line(lexed.code[case.token].line).find(|at| lexed.is(*at, name));
    let Some(object) = object.filter(|at| *at > 1 && lexed.is(at - 1, ".")) else { return };
    let declared = case.text.names.resolve(lexed, object - 2).map(|declared| declared.token);
    let Some(declared) = declared.filter(|_| member && typed.contains("[]'")) else { return };
    let end = case.statement_end(declared);
    let search = (declared..end).filter(|at| lexed.before(*at) == "." && lexed.is(at + 1, "("));
    let Some(last) = search.max() else { return };
    if lexed.is(last, "filter") {
        let edit = case.replace_token(last, "find");
        all.push(Candidate::new(MistakeId::MisspeltName, ONE_WANTED, vec![edit]).guess());
    }
}

/// Whether a message tells that a list of values stands where one of them is wanted (seen with tsc 5.9,
/// scalac 2.11 and mcs 6.8).
fn one_wanted(said: &str) -> bool {
    let quoted: Vec<&str> = said.split(['\'', '`']).skip(1).step_by(2).collect();
    if let [given, wanted, ..] = quoted[..]
        && said.starts_with("Type '")
    {
        let of = given.strip_suffix("[]");
        return of.is_some_and(|one| wanted.split(" | ").any(|wanted| wanted == one));
    }
    let parts = said.split_once("found :").or_else(|| said.split_once("found   :"));
    if let Some((found, required)) = parts.and_then(|(_, rest)| rest.split_once("required:")) {
        let inner = |typed: &str| {
            let typed = typed.trim();
            let one = typed.split_once('[')?.1.strip_suffix(']')?;
            Some(one.to_owned())
        };
        let option = required.trim().starts_with("Option[");
        return option && inner(found).is_some() && inner(found) == inner(required);
    }
    let listed = said.strip_prefix("Cannot implicitly convert type ");
    listed.is_some_and(|rest| rest.contains("IEnumerable<") && rest.contains(" to "))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn scala_wants_what_may_be_missing() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def pick(boats: List[Boat]): Option[Boat] = boats<|>.filter(b => b.free)\n}\n",
            "type mismatch; found : List[Boat] required: Option[Boat]",
            "object Quay {\n  def pick(boats: List[Boat]): Option[Boat] = boats.find(b => b.free)\n}\n",
        );
    }

    #[test]
    fn a_member_is_asked_of_one_that_was_found() {
        let text = "interface Boat { name: string }\nfunction pick(boats: Boat[]): string {\n  const one = boats.filter(b => b.free);\n  return one.<|>name;\n}\n";
        check_fix(
            &FAMILY,
            "typescript",
            text,
            "[TS2339] Property 'name' does not exist on type 'Boat[]'.",
            &text.replace("filter", "find").replace("<|>", ""),
        );
    }

    #[test]
    fn what_is_counted_afterwards_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const n: Boat = <|>boats.filter(b => b.free).map(b => b);\n",
            "[TS2740] Type 'Boat[]' is missing the following properties from type 'Boat': name",
        );
    }
}
