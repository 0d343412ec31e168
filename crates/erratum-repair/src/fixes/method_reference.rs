//! A method that is handed over, named with a dot: `map(Part.code)` for `map(Part::code)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The member belongs to an object, and the call wants a function.
const HANDED: Factor = evidence("a member of each object is handed to a call", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "method-reference",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "record Part(String code) {}\nclass Yard {\n    List<String> codes(List<Part> all) { return all.stream().map(Part<|>.code).toList(); }\n}\n",
        message: "non-static record component code cannot be referenced from a static context",
        after: "record Part(String code) {}\nclass Yard {\n    List<String> codes(List<Part> all) { return all.stream().map(Part::code).toList(); }\n}\n",
    },
};

/// What javac 17 says of a member that only an object has, or that nobody else may see.
const SAID: [&str; 4] = [
    "cannot be referenced from a static context",
    "has private access in",
    "cannot find symbol",
    "cannot be applied to given types",
];

/// Types of the library whose methods are often handed over.
const LIBRARY: &[&str] =
    &["Integer", "Long", "Double", "Boolean", "Character", "String", "Math", "Objects"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().operators.contains(&"::") || !case.language().arrow_parameters {
        return;
    }
    if !SAID.iter().any(|words| case.message.text.contains(words)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for dot in line.filter(|at| *at > 1 && lexed.is(*at, ".")) {
        let typed = lexed.kind(dot - 1) == Some(TokenKind::Name)
            && lexed.word(dot - 1).starts_with(char::is_uppercase)
            && lexed.kind(dot + 1) == Some(TokenKind::Name);
        let argument =
            matches!(lexed.word(dot - 2), "(" | ",") && matches!(lexed.word(dot + 2), ")" | ",");
        let own = case.text.names.of(lexed.word(dot - 1)).any(|one| one.kind == NameKind::Type)
            || LIBRARY.contains(&lexed.word(dot - 1));
        // A constant is written in capital letters.
        let constant = lexed.word(dot + 1).starts_with(char::is_uppercase);
        if typed && argument && own && !constant {
            let edit = case.replace_token(dot, "::");
            all.push(Candidate::new(MistakeId::WrongMark, HANDED, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_type_of_the_library_has_methods_too() {
        check_fix(
            &FAMILY,
            "java",
            "class Yard {\n    void add(Map<String, Integer> all, String key) { all.merge(key, 1, Integer<|>.sum); }\n}\n",
            "cannot find symbol",
            "class Yard {\n    void add(Map<String, Integer> all, String key) { all.merge(key, 1, Integer::sum); }\n}\n",
        );
    }

    #[test]
    fn a_constant_and_a_call_are_values() {
        for handed in ["Part<|>.LIMIT", "Part<|>.code()"] {
            let text = format!(
                "record Part(String code) {{}}\nclass Yard {{ void go() {{ show({handed}); }} }}\n"
            );
            check_no_fix(&FAMILY, "java", &text, "cannot find symbol");
        }
    }
}
