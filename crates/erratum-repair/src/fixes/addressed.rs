//! A value where its address is wanted: `&berth`.

use super::family::{Example, Family, Phases};
use super::shape::{calls_near, operand_end, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The type that is wanted is a pointer to the one that stands there.
const POINTED_AT: Factor = evidence("a pointer to this type is wanted", 5.0);
/// What is read is put where the value is kept.
const READ_INTO: Factor = evidence("what is read is put where the value is kept", 9.0);
/// The methods that are wanted belong to the address.
const METHODS: Factor = evidence("the methods belong to the address", 5.5);
/// A value by itself has an address; that of one which is just made may not be kept.
const NO_PLACE: Factor = weight("the value has no place of its own", -6.0);

pub(super) static FAMILY: Family = Family {
    id: "addressed",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc fill(n *int) {}\n\nfunc start() {\n\tn := 3\n\tfill(<|>n)\n}\n",
        message: "cannot use n (variable of type int) as type *int in argument to fill",
        after: "package quay\n\nfunc fill(n *int) {}\n\nfunc start() {\n\tn := 3\n\tfill(&n)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let text = &case.message.text;
    listed(case, all);
    scanned(case, all);
    let remarks = case.message.notes.iter().map(|note| note.text.as_str());
    let methods = remarks.chain([text.as_str()]).any(|text| text.contains("has pointer receiver"));
    let told = wanted(text).or_else(|| case.message.notes.iter().find_map(|n| of_note(&n.text)));
    let pointed = told.is_some_and(|(wanted, given)| {
        points_at(&wanted, &given) || points_above(case, &wanted, &given)
    });
    if !methods && !pointed {
        return;
    }
    let lexed = case.lexed();
    let Some((first, last)) = value(case) else { return };
    if lexed.is(first, "&") || lexed.before(first) == "&" {
        return;
    }
    let called = lexed.is(last, ")");
    let score = POINTED_AT.when(pointed) + METHODS.when(methods) + NO_PLACE.when(called);
    let edit = case.insert(lexed.code[first].start, "&");
    all.push(Candidate::new(MistakeId::MissingAddress, score, vec![edit]));
}

/// C: `scanf("%d", n)`: what is read is put where the value is kept.
fn scanned(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with gcc 12.
    let said = &case.message.text;
    let Some((wanted, rest)) = said
        .split_once("expects argument of type '")
        .and_then(|(_, rest)| rest.split_once("', but argument "))
    else {
        return;
    };
    let Some((number, given)) = rest.split_once(" has type '") else { return };
    let given = given.split('\'').next().unwrap_or("");
    let place = number.parse::<usize>().ok().and_then(|number| number.checked_sub(1));
    let pointer = wanted.strip_suffix(" *").is_some_and(|wanted| wanted == given);
    let call =
        calls_near(case).into_iter().find(|call| case.lexed().word(call.name).ends_with("scanf"));
    if let (Some(call), Some(place), true) = (call, place, pointer)
        && let Some((first, _)) = call.arguments.get(place)
    {
        let edit = case.insert(case.lexed().code[*first].start, "&");
        all.push(Candidate::new(MistakeId::MissingAddress, READ_INTO, vec![edit]).guess());
    }
}

/// C++: `std::vector<Quay*> quays = {north, south};` with objects in the braces.
fn listed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12.
    let said = &case.message.text;
    if !said.contains("from '<brace-enclosed initializer list>' to '") || !said.contains("*>'") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(open) = line.into_iter().find(|at| lexed.is(*at, "{")) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let alone = |at: &usize| {
        let parted = matches!(lexed.before(*at), "{" | ",");
        parted && matches!(lexed.word(at + 1), "}" | ",")
    };
    let objects = (open + 1..close).filter(alone).filter(|at| {
        let typed = type_of(case, *at, *at);
        lexed.kind(*at) == Some(TokenKind::Name) && typed.is_some_and(|typed| !typed.contains('*'))
    });
    let edits: Vec<_> = objects.map(|at| case.insert(lexed.code[at].start, "&")).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::MissingAddress, POINTED_AT, edits).guess());
    }
}

/// The type that is wanted and the one that stands there, as a message tells them (seen with go 1.19
/// and gcc 12).
fn wanted(text: &str) -> Option<(String, String)> {
    if let Some(rest) = text.strip_prefix("cannot use ") {
        let (given, rest) = rest.split_once(" of type ")?.1.split_once(") as ")?;
        let rest = rest.strip_prefix("type ").unwrap_or(rest);
        return Some((rest.split(' ').next()?.to_owned(), given.to_owned()));
    }
    let quoted: Vec<&str> = text.split('\'').skip(1).step_by(2).collect();
    match quoted[..] {
        // g++ 12 writes out what another name stands for.
        [_, given, wanted] if text.starts_with("cannot convert '") && text.contains("' {aka '") => {
            Some((wanted.to_owned(), given.to_owned()))
        }
        [given, wanted]
            if text.starts_with("cannot convert '")
                || text.starts_with("invalid conversion from '") =>
        {
            Some((wanted.to_owned(), given.to_owned()))
        }
        [given, wanted] if text.starts_with("incompatible types when returning type") => {
            Some((wanted.to_owned(), given.to_owned()))
        }
        [given, wanted] if text.starts_with("incompatible types when ") => {
            Some((given.to_owned(), wanted.to_owned()))
        }
        _ => None,
    }
}

/// The same from a remark about a parameter (seen with gcc 12).
fn of_note(text: &str) -> Option<(String, String)> {
    let first = |quoted: &str| Some(quoted.split('\'').next()?.to_owned());
    if let Some((_, rest)) = text.split_once("no known conversion for argument ") {
        let (given, wanted) = rest.split_once(" from '")?.1.split_once("' to '")?;
        return Some((first(wanted)?, given.trim_end_matches('&').trim().to_owned()));
    }
    let (wanted, given) =
        text.strip_prefix("expected '")?.split_once("but argument is of type '")?;
    Some((first(wanted)?, first(given)?))
}

/// Whether one type is a pointer to the other.
fn points_at(pointer: &str, to: &str) -> bool {
    let bare = |typed: &str| typed.replace("const ", "").trim().to_owned();
    let pointer = bare(pointer);
    let inner = pointer.strip_prefix('*').or_else(|| pointer.strip_suffix('*'));
    inner.is_some_and(|inner| inner.trim() == bare(to))
}

/// C++: whether one type is a pointer to a class that the other one is built on.
fn points_above(case: &Case, pointer: &str, to: &str) -> bool {
    let lexed = case.lexed();
    let above = pointer.split('*').next().unwrap_or("").replace("const ", "");
    let own = to.trim_end_matches('&').replace("const ", "");
    let mut declared = case.text.names.of(own.trim());
    pointer.contains('*')
        && !to.contains('*')
        && declared.any(|one| {
            let head = lexed.on_line(lexed.code[one.token].line);
            (one.token..head.end).any(|at| lexed.is(at, above.trim()))
        })
}

/// The value that the message points at, from its first token to its last.
fn value(case: &Case) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let mut first = case.token;
    // g++ 12 points at the end of an element.
    if lexed.is(first, "]") {
        first = case.text.pairs.partner_of(first)?;
    }
    // The message may point at the mark within it.
    if matches!(lexed.word(first), "." | "->" | "[" | "(" | "{") {
        first = first.checked_sub(1)?;
    }
    if lexed.kind(first) != Some(TokenKind::Name) {
        return None;
    }
    while matches!(lexed.before(first), "." | "->") && first >= 2 {
        first -= 2;
    }
    let last = operand_end(case, first)?;
    // An object that is made stands with its values.
    let made = lexed.is(last + 1, "{").then(|| case.text.pairs.partner_of(last + 1));
    Some((first, made.map_or(Some(last), |close| close)?))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_element_of_a_list_has_an_address() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nstruct Boat { int seats; };\nint go(std::vector<Boat> all) {\n    Boat* first = all[0<|>];\n    return first->seats;\n}\n",
            "cannot convert '__gnu_cxx::__alloc_traits<std::allocator<Boat>, Boat>::value_type' {aka 'Boat'} to 'Boat*' in initialization",
            "#include <vector>\nstruct Boat { int seats; };\nint go(std::vector<Boat> all) {\n    Boat* first = &all[0];\n    return first->seats;\n}\n",
        );
    }

    #[test]
    fn what_is_read_is_put_where_the_value_is_kept() {
        check_fix(
            &FAMILY,
            "c",
            "#include <stdio.h>\nint main(void) {\n    double fare;\n    scanf(\"%lf\", <|>fare);\n    return 0;\n}\n",
            "warning: [-Wformat=] format '%lf' expects argument of type 'double *', but argument 2 has type 'double'",
            "#include <stdio.h>\nint main(void) {\n    double fare;\n    scanf(\"%lf\", &fare);\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_list_of_pointers_holds_addresses() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go() {\n    Quay north;\n    Quay *south = new Quay();\n    std::vector<Quay*> all = {north, south}<|>;\n    return 0;\n}\n",
            "could not convert '{north, south}' from '<brace-enclosed initializer list>' to 'std::vector<Quay*>'",
            "int go() {\n    Quay north;\n    Quay *south = new Quay();\n    std::vector<Quay*> all = {&north, south};\n    return 0;\n}\n",
        );
    }

    #[test]
    fn an_object_that_is_made_is_addressed() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype gate struct{ n int }\n\nfunc start() *gate {\n\treturn <|>gate{n: 1}\n}\n",
            "cannot use gate{…} (value of type gate) as type *gate in return statement",
            "package quay\n\ntype gate struct{ n int }\n\nfunc start() *gate {\n\treturn &gate{n: 1}\n}\n",
        );
    }

    #[test]
    fn methods_of_the_address_are_wanted() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(h hatch) {\n\tshow(<|>h)\n}\n",
            "cannot use h (variable of type hatch) as type shape in argument to show:\n\thatch does not implement shape (area method has pointer receiver)",
            "package quay\n\nfunc start(h hatch) {\n\tshow(&h)\n}\n",
        );
    }

    #[test]
    fn a_member_is_addressed_as_a_whole() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(d deck) {\n\tgrow(d.<|>length)\n}\n",
            "cannot use d.length (variable of type float64) as type *float64 in argument to grow",
            "package quay\n\nfunc start(d deck) {\n\tgrow(&d.length)\n}\n",
        );
    }

    #[test]
    fn an_element_of_an_array_is_addressed() {
        check_fix(
            &FAMILY,
            "c",
            "struct item { int n; };\nstruct item items[3];\nstruct item *first(void) {\n    return <|>items[0];\n}\n",
            "incompatible types when returning type 'struct item' but 'struct item *' was expected",
            "struct item { int n; };\nstruct item items[3];\nstruct item *first(void) {\n    return &items[0];\n}\n",
        );
    }

    #[test]
    fn another_type_has_another_address() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(n string) {\n\tfill(<|>n)\n}\n",
            "cannot use n (variable of type string) as type *int in argument to fill",
        );
    }

    #[test]
    fn an_address_has_no_address() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int *low(int tide) {\n    return &<|>tide;\n}\n",
            "cannot convert 'int' to 'int*' in return",
        );
    }
}
