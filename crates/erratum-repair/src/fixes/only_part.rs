//! A value that is written part by part, with a part that its type does not have, where just one of the
//! parts of the type is left: `{ from: "quay", dest: "isle" }` for `{ from: "quay", to: "isle" }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use std::collections::{BTreeMap, BTreeSet};

/// All other parts of the type are given.
const ONLY_ONE_LEFT: Factor = evidence("it is the only part of the type that is not given", 4.5);

pub(super) static FAMILY: Family = Family {
    id: "only-part",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Rope {\n    metres: u32,\n    sort: u8,\n}\nfn coil() -> Rope {\n    Rope { metres: 2, <|>kind: 3 }\n}\n",
        message: "[E0560] struct `Rope` has no field named `kind`",
        after: "struct Rope {\n    metres: u32,\n    sort: u8,\n}\nfn coil() -> Rope {\n    Rope { metres: 2, sort: 3 }\n}\n",
    },
};

/// What compilers say of a part that the type does not have (seen with tsc 5.9, rustc 1.95, go 1.19 and
/// gcc 12).
const SAID: &[&str] = &[
    "Object literal may only specify known properties",
    "has no field named",
    "unknown field",
    "has no member named",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // C: the message points at the dot.
    let part = case.token + usize::from(lexed.is(case.token, "."));
    if !SAID.iter().any(|said| case.message.text.contains(said))
        || lexed.kind(part) != Some(TokenKind::Name)
        || !matches!(lexed.word(part + 1), ":" | "=")
    {
        return;
    }
    let Some(open) = case.text.pairs.inside_of(part).filter(|open| lexed.is(*open, "{")) else {
        return;
    };
    let given: BTreeSet<&str> = inside(case, open)
        .filter(|at| matches!(lexed.before(*at), "{" | "," | "."))
        .map(|at| lexed.word(at))
        .collect();
    let named = case.message.text.split(['\'', '`', ' ', '.']).chain([lexed.before(open)]);
    for name in named.collect::<BTreeSet<&str>>() {
        for declared in case.text.names.of(name).filter(|d| d.kind == NameKind::Type) {
            let Some(block) = block_of(case, declared.token) else { continue };
            let parts = parts(case, block);
            // What stands there is no part of this type, and it is the type that is made here.
            let fits = !parts.contains_key(lexed.word(part))
                && given.iter().all(|one| parts.contains_key(one) || *one == lexed.word(part));
            let left = parts.iter().filter(|(one, wanted)| **wanted && !given.contains(*one));
            let left: Vec<&str> = left.map(|(one, _)| *one).collect();
            if let ([only], true) = (&left[..], fits) {
                let edit = case.replace_token(part, *only);
                let found = Candidate::new(MistakeId::UnknownField, ONLY_ONE_LEFT, vec![edit]);
                all.push(found.guess());
                return;
            }
        }
    }
}

/// The code tokens that stand directly in a block.
fn inside<'a>(case: &'a Case, open: usize) -> impl Iterator<Item = usize> + 'a {
    let close = case.text.pairs.partner_of(open).unwrap_or(open);
    (open + 1..close)
        .filter(move |at| case.text.pairs.inside_of(*at) == Some(open))
        .filter(|at| case.lexed().kind(*at) == Some(TokenKind::Name))
}

/// The block behind the name of a type.
fn block_of(case: &Case, name: usize) -> Option<usize> {
    let near = (name + 1..name + 4).take_while(|at| !case.lexed().is(*at, ";"));
    near.into_iter().find(|at| case.lexed().is(*at, "{"))
}

/// The parts of a type, as its declaration lists them, each with whether it must be given.
fn parts<'a>(case: &'a Case, block: usize) -> BTreeMap<&'a str, bool> {
    let lexed = case.lexed();
    let member = |at: usize| {
        let mut declared = case.text.names.of(lexed.word(at));
        matches!(lexed.word(at + 1), ":" | "?")
            || declared.any(|d| d.token == at && d.kind == NameKind::Member)
            // Go: the name stands before its type.
            || lexed.code[at].first && lexed.language.qualified_names
    };
    let members = inside(case, block).filter(|at| member(*at));
    members.map(|at| (lexed.word(at), !lexed.is(at + 1, "?"))).collect()
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "[TS2353] Object literal may only specify known properties, and 'dest' does not exist in type 'Sailing'.";

    #[test]
    fn what_may_be_left_out_is_not_wanted() {
        let text = |part: &str| {
            format!(
                "interface Sailing {{\n  from: string;\n  to: string;\n  seats?: number;\n}}\nconst one: Sailing = {{ from: \"quay\", {part}: \"isle\" }};\n"
            )
        };
        check_fix(&FAMILY, "typescript", &text("<|>dest"), SAID, &text("to"));
    }

    #[test]
    fn of_two_that_are_left_none_is_taken() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Sailing {\n  from: string;\n  to: string;\n  at: string;\n}\nconst one: Sailing = { from: \"quay\", <|>dest: \"isle\" };\n",
            SAID,
        );
    }

    #[test]
    fn c_names_the_parts_with_a_dot() {
        let text = |part: &str| {
            format!(
                "struct rope {{\n    int metres;\n    int sort;\n}};\n\nstruct rope coil = {{ .metres = 3, .{part} = 2 }};\n"
            )
        };
        let said = "'struct rope' has no member named 'kind'";
        check_fix(&FAMILY, "c", &text("<|>kind"), said, &text("sort"));
        check_fix(&FAMILY, "c", &text("kind").replace(".kind", "<|>.kind"), said, &text("sort"));
    }

    #[test]
    fn go_lists_a_part_on_each_line() {
        let text = |part: &str| {
            format!(
                "package quay\n\ntype Rope struct {{\n\tMetres int\n\tSort   string\n}}\n\nvar coil = Rope{{Metres: 3, {part}: \"hemp\"}}\n"
            )
        };
        check_fix(
            &FAMILY,
            "go",
            &text("<|>Kind"),
            "unknown field Kind in struct literal",
            &text("Sort"),
        );
    }
}
