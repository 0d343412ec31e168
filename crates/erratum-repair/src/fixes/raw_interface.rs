//! Java: an interface without the type that it is of: `implements Comparable` with a `compareTo(Worker other)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A method of the interface takes this type.
const TAKES: Factor = evidence("a method of the interface takes this type", 6.0);

/// Interfaces of one type, and the method that takes it.
const OF_ONE: &[(&str, &str)] = &[
    ("Comparable", "compareTo"),
    ("Comparator", "compare"),
    ("Consumer", "accept"),
    ("Predicate", "test"),
];

pub(super) static FAMILY: Family = Family {
    id: "raw-interface",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Boat implements Comparable {\n    int length;\n    <|>@Override\n    public int compareTo(Boat other) {\n        return length - other.length;\n    }\n}\n",
        message: "method does not override or implement a method from a supertype",
        after: "class Boat implements Comparable<Boat> {\n    int length;\n    @Override\n    public int compareTo(Boat other) {\n        return length - other.length;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, said) = (case.lexed(), &case.message.text);
    if !said.contains("does not override") {
        return;
    }
    for name in 1..lexed.code.len() {
        let Some((_, method)) = OF_ONE.iter().find(|(interface, _)| lexed.is(name, interface))
        else {
            continue;
        };
        if lexed.is(name + 1, "<") || !matches!(lexed.before(name), "implements" | ",") {
            continue;
        }
        let Some(open) = (name..lexed.code.len()).find(|at| lexed.opens_block(*at)) else {
            continue;
        };
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        let taken = (open..close).find(|at| {
            lexed.is(*at, method)
                && lexed.is(at + 1, "(")
                && lexed.kind(at + 2) == Some(TokenKind::Name)
        });
        let Some(typed) = taken.map(|at| lexed.word(at + 2)).filter(|typed| *typed != "Object")
        else {
            continue;
        };
        let edit = case.insert(lexed.code[name].end, format!("<{typed}>"));
        all.push(Candidate::new(MistakeId::TypeArguments, TAKES, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn an_interface_with_its_type_lacks_something_else() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Boat implements Comparable<Boat> {\n    <|>@Override\n    public int compareto(Boat other) {\n        return 0;\n    }\n}\n",
            "method does not override or implement a method from a supertype",
        );
    }
}
