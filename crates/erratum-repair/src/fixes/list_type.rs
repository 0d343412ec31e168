//! TypeScript: one item's type where a list of them is meant: `const boats: Boat = [...]`, `boats.map(...)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// The first value is a list.
const LIST_GIVEN: Factor = evidence("what it is given is a list", 9.5);
/// Its members are those of a list, and none is one of the type's own.
const LIST_ASKED: Factor = evidence("it is used as a list wherever it is used", 8.5);

/// What only a list has, and no text.
const OF_LISTS: &[&str] = &[
    "map",
    "filter",
    "forEach",
    "push",
    "pop",
    "shift",
    "unshift",
    "find",
    "findIndex",
    "some",
    "every",
    "reduce",
    "sort",
    "reverse",
    "join",
    "flatMap",
    "splice",
    "fill",
    "entries",
];

pub(super) static FAMILY: Family = Family {
    id: "list-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Boat { name: string; }\n\nconst <|>boats: Boat = [\n  { name: \"Tern\" },\n];\nconsole.log(boats.map(b => b.name));\n",
        message: "[TS2741] Property 'name' is missing in type '{ name: string; }[]' but required in type 'Boat'.",
        after: "interface Boat { name: string; }\n\nconst boats: Boat[] = [\n  { name: \"Tern\" },\n];\nconsole.log(boats.map(b => b.name));\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().object_required {
        return;
    }
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let given = said.contains("[]'") && said.contains("missing")
        || said.contains("[]' is not assignable to type '");
    let asked = said.starts_with("Property '") && said.contains("' does not exist on type '")
        || said.ends_with("' is not an array type.")
        || said.contains("must have a '[Symbol.iterator]()' method");
    let line = lexed.on_line(lexed.code[case.token].line);
    let near = (case.token.saturating_sub(2)..=case.token + 2).filter(|at| line.contains(at));
    for at in near.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let Some(declared) = declared(case, at) else { continue };
        let Some((first, last)) = declared.typed.filter(|(first, last)| first == last) else {
            continue;
        };
        let own = case.text.names.of(lexed.word(first)).any(|one| one.kind == NameKind::Type);
        if lexed.is(last + 1, "[") || lexed.is(last + 1, "<") || lexed.before(first) != ":" {
            continue;
        }
        let list = lexed.is(last + 1, "=") && lexed.is(last + 2, "[")
            || lexed.is(at + 1, "=") && lexed.is(at + 2, "[");
        let member = lexed.is(at + 1, ".") && OF_LISTS.contains(&lexed.word(at + 2));
        let why = match () {
            () if given && list => LIST_GIVEN,
            () if asked && own && (member || !lexed.is(at + 1, ".")) && is_list(case, declared) => {
                LIST_ASKED
            }
            () => continue,
        };
        let edit = case.insert(lexed.code[last].end, "[]");
        all.push(Candidate::new(MistakeId::WrongType, why, vec![edit]).guess());
        return;
    }
}

/// The declaration of a name: a field of a class where it stands behind a dot.
fn declared<'a>(case: &'a Case, at: usize) -> Option<&'a Declared> {
    let (lexed, names) = (case.lexed(), &case.text.names);
    if lexed.before(at) == "." {
        let mut fields = names.of(lexed.word(at)).filter(|one| one.kind == NameKind::Member);
        return fields.next().filter(|_| fields.next().is_none());
    }
    names.resolve(lexed, at)
}

/// Whether a name is used as a list at least once, and never as one item of it.
fn is_list(case: &Case, declared: &Declared) -> bool {
    let (lexed, names) = (case.lexed(), &case.text.names);
    let uses = names.seen.get(lexed.word(declared.token)).map_or(&[][..], Vec::as_slice);
    let member = declared.kind == NameKind::Member;
    let own = |at: usize| match member {
        true => lexed.before(at) == ".",
        false => names.resolve(lexed, at).is_some_and(|one| one.token == declared.token),
    };
    let mut uses = uses.iter().copied().filter(|at| *at != declared.token && own(*at)).peekable();
    let as_list = |at: usize| {
        let asked = OF_LISTS.contains(&lexed.word(at + 2)) || lexed.is(at + 2, "length");
        lexed.is(at + 1, ".") && asked
            || matches!(lexed.before(at), "of" | "...")
            || lexed.is(at + 1, "[")
    };
    let as_item = |at: usize| lexed.is(at + 1, ".") && !as_list(at);
    let all: Vec<usize> = uses.by_ref().collect();
    all.iter().any(|at| as_list(*at)) && !all.iter().any(|at| as_item(*at))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_parameter_that_is_gone_through_is_a_list() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Boat { name: string; }\n\nfunction show(boats: Boat): void {\n  for (const b of <|>boats) console.log(b.name, boats.length);\n}\n",
            "[TS2488] Type 'Boat' must have a '[Symbol.iterator]()' method that returns an iterator.",
            "interface Boat { name: string; }\n\nfunction show(boats: Boat[]): void {\n  for (const b of boats) console.log(b.name, boats.length);\n}\n",
        );
    }

    #[test]
    fn a_field_that_is_filled_is_a_list() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Boat { name: string; }\n\nclass Quay {\n  boats: Boat;\n  add(b: Boat) { this.boats.<|>push(b); }\n}\n",
            "[TS2339] Property 'push' does not exist on type 'Boat'.",
            "interface Boat { name: string; }\n\nclass Quay {\n  boats: Boat[];\n  add(b: Boat) { this.boats.push(b); }\n}\n",
        );
    }

    #[test]
    fn an_item_with_its_own_members_stays_one() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Boat { name: string; }\n\nfunction show(boat: Boat): void {\n  console.log(boat.name, boat.<|>map(b => b));\n}\n",
            "[TS2339] Property 'map' does not exist on type 'Boat'.",
        );
    }
}
