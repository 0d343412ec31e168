//! A method that should take the place of another one, such as those that every object has, under nearly its
//! name: `tostring` for `toString`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;
use std::collections::BTreeSet;

/// A class above may have a method of nearly this name.
const EVERY_OBJECT: Factor = evidence("a method to override has nearly this name", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "inherited-name",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    public override string <|>Tostring() { return \"q\"; }\n}\n",
        message: "[CS0115] `Quay.Tostring()' is marked as an override but no suitable method found to override",
        after: "class Quay {\n    public override string ToString() { return \"q\"; }\n}\n",
    },
};

/// What compilers say of a method that takes no method's place (seen with mcs 6.8, javac 17, scalac 2.11).
const SAID: &[&str] = &[
    "is marked as an override but no suitable method found to override",
    "does not override or implement a method from a supertype",
    "overrides nothing",
];

/// The methods that every object has, or that the common interfaces ask for.
const C_SHARP: &[&str] = &["ToString", "Equals", "GetHashCode", "CompareTo", "Dispose"];
const OF_THE_JVM: &[&str] = &[
    "toString",
    "equals",
    "hashCode",
    "compareTo",
    "compare",
    "run",
    "close",
    "iterator",
    "hasNext",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let names = if case.language().is_keyword("using") { C_SHARP } else { OF_THE_JVM };
    // javac points at the note above the method.
    let line = lexed.code[case.token].line;
    let near = lexed.on_line(line).chain(lexed.on_line(line + 1));
    let Some(name) = near.into_iter().find(|at| lexed.is(at + 1, "(")) else { return };
    let word = lexed.word(name);
    // The method may be one of a class of the program, too.
    let own = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    let own = own.map(|one| lexed.word(one.token));
    let close = |one: &&str| *one != word && edit_distance(one, word) <= 1.5;
    let fitting: BTreeSet<&str> = names.iter().copied().chain(own).filter(close).collect();
    if let (Some(one), 1) = (fitting.first(), fitting.len()) {
        let kind = if one.eq_ignore_ascii_case(word) {
            MistakeId::WrongCase
        } else {
            MistakeId::MisspeltName
        };
        all.push(Candidate::new(kind, EVERY_OBJECT, vec![case.replace_token(name, *one)]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_note_stands_above_the_method() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    <|>@Override\n    public boolean equal(Object other) {\n        return false;\n    }\n}\n",
            "method does not override or implement a method from a supertype",
            "class Quay {\n    @Override\n    public boolean equals(Object other) {\n        return false;\n    }\n}\n",
        );
    }

    #[test]
    fn another_name_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    <|>@Override\n    public int boats() {\n        return 3;\n    }\n}\n",
            "method does not override or implement a method from a supertype",
        );
    }
}
