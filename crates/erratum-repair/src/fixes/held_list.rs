//! A loop over an object that holds one list: `for boat in shed` where `shed.boats` is gone through.

use super::family::{Example, Family, Phases};
use super::shape::{simple_type, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The object holds one list and cannot be gone through itself.
const HOLDS_ONE: Factor = evidence("the object holds one list", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "held-list",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "class Shed {\n  boats: string[] = [];\n  size = 3;\n}\n\nfunction go(shed: Shed) {\n  for (const boat of <|>shed) {\n    console.log(boat);\n  }\n}\n",
        message: "[TS2488] Type 'Shed' must have a '[Symbol.iterator]()' method that returns an iterator.",
        after: "class Shed {\n  boats: string[] = [];\n  size = 3;\n}\n\nfunction go(shed: Shed) {\n  for (const boat of shed.boats) {\n    console.log(boat);\n  }\n}\n",
    },
};

/// What compilers say of an object that has no items (seen with javac 17, mcs 6.8, rustc 1.95, go 1.19, tsc 5.9
/// and scalac 2.11).
const SAID: &[&str] = &[
    "for-each not applicable to expression type",
    "foreach statement cannot operate on variables of type",
    "is not an iterator",
    "cannot range over",
    "must have a '[Symbol.iterator]()' method",
    "value foreach is not a member of",
    "value map is not a member of",
];

/// How a type begins or ends that holds items in a row.
const LISTS: &[&str] = &[
    "Vec<",
    "List<",
    "ArrayList<",
    "List[",
    "Seq[",
    "Set<",
    "HashSet<",
    "VecDeque<",
    "Array<",
    "ListBuffer[",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(head) = line.clone().find(|at| matches!(lexed.word(*at), "for" | "foreach")) else {
        return;
    };
    let word = (head..line.end)
        .find(|at| matches!(lexed.word(*at), "in" | "of" | ":" | "range" | "<-"))
        .map(|at| at + 1);
    let Some(object) = word.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) else { return };
    if !matches!(lexed.word(object + 1), ")" | "{" | "yield") {
        return;
    }
    let named = case.message.text.split(['\'', '`', ' ', '(', ')']);
    let known = simple_type(case, object).unwrap_or_default();
    let declared = named
        .chain([known.as_str()])
        .find_map(|name| case.text.names.of(name).find(|one| one.kind == NameKind::Type));
    let Some(field) = declared.and_then(|one| only_list(case, one.token)) else { return };
    let borrowed = case.language().borrows && lexed.before(object) != "&";
    let mut edits = vec![case.insert(lexed.code[object].end, format!(".{field}"))];
    if borrowed {
        edits.insert(0, case.insert(lexed.code[object].start, "&"));
    }
    all.push(Candidate::new(MistakeId::TypeClash, HOLDS_ONE, edits).guess());
}

/// The name of the one list among the fields of a type.
fn only_list<'a>(case: &'a Case, declared: usize) -> Option<&'a str> {
    let lexed = case.lexed();
    let near = declared + 1..(declared + 12).min(lexed.code.len());
    let open = near
        .into_iter()
        .find(|at| lexed.is(*at, "{") || case.language().calls_elements && lexed.is(*at, "("))?;
    let close = case.text.pairs.partner_of(open).filter(|close| *close > open)?;
    let mut lists = case.text.names.declared.iter().filter(|one| {
        let inside = case.text.pairs.inside_of(one.token) == Some(open) && one.token < close;
        let typed = one.typed.map(|typed| text_of(case, typed)).unwrap_or_default();
        let plain = typed.trim_start_matches("std::").trim_start_matches("collections::");
        inside
            && (plain.starts_with("[]")
                || plain.ends_with("[]")
                || LISTS.iter().any(|list| plain.starts_with(list)))
    });
    let list = lists.next()?;
    lists.next().is_none().then(|| lexed.word(list.token))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_is_lent() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Shed {\n    boats: Vec<u32>,\n    size: u32,\n}\n\nfn go(shed: Shed) {\n    for boat in <|>shed {\n        println!(\"{}\", boat);\n    }\n}\n",
            "[E0277] `Shed` is not an iterator",
            "struct Shed {\n    boats: Vec<u32>,\n    size: u32,\n}\n\nfn go(shed: Shed) {\n    for boat in &shed.boats {\n        println!(\"{}\", boat);\n    }\n}\n",
        );
    }

    #[test]
    fn go_and_java_name_it_too() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype Shed struct {\n\tboats []string\n\tsize int\n}\n\nfunc go3(shed Shed) {\n\tfor _, b := range <|>shed {\n\t\tshow(b)\n\t}\n}\n",
            "cannot range over shed (variable of type Shed)",
            "package quay\n\ntype Shed struct {\n\tboats []string\n\tsize int\n}\n\nfunc go3(shed Shed) {\n\tfor _, b := range shed.boats {\n\t\tshow(b)\n\t}\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Shed {\n    List<String> boats = new ArrayList<>();\n}\nclass Quay {\n    void go(Shed shed) {\n        for (String b : <|>shed) {\n        }\n    }\n}\n",
            "for-each not applicable to expression type",
            "class Shed {\n    List<String> boats = new ArrayList<>();\n}\nclass Quay {\n    void go(Shed shed) {\n        for (String b : shed.boats) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn of_two_lists_none_is_meant() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype Shed struct {\n\tboats []string\n\toars []int\n}\n\nfunc go3(shed Shed) {\n\tfor _, b := range <|>shed {\n\t\tshow(b)\n\t}\n}\n",
            "cannot range over shed (variable of type Shed)",
        );
    }
}
