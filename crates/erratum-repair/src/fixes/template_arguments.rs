//! C++: a class template that is named without what it is made of: `const Grid& grid` beside `Grid<Box>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use std::collections::BTreeSet;

/// Everywhere else it stands with the same types.
const ELSEWHERE: Factor = weight("elsewhere it stands with these types", 9.5);

/// What is said of the place (seen with g++ 12 and clang 14).
const SAID: &[&str] = &[
    "template placeholder type",
    "requires template arguments",
    "invalid use of template-name",
    "deduced class type",
];

pub(super) static FAMILY: Family = Family {
    id: "template-arguments",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "template <typename T>\nclass Grid {\n    T cell;\n};\nint weight(const <|>Grid& grid);\nGrid<int> hold;\n",
        message: "use of class template 'Grid' requires template arguments",
        after: "template <typename T>\nclass Grid {\n    T cell;\n};\nint weight(const Grid<int>& grid);\nGrid<int> hold;\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let told = |text: &str| SAID.iter().any(|said| text.contains(said));
    let here = case.all.iter().any(|one| one.line() == Some(line) && told(&one.text));
    if !case.language().is_keyword("template") || !here && !told(&case.message.text) {
        return;
    }
    let templates = case.text.names.declared.iter().filter(|one| {
        let head =
            (0..one.token).rev().take_while(|at| !matches!(lexed.word(*at), ";" | "{" | "}"));
        one.kind == NameKind::Type && head.into_iter().any(|at| lexed.is(at, "template"))
    });
    for class in templates {
        let name = lexed.word(class.token);
        let bare = |at: &usize| {
            let starts = lexed.code[*at].first || matches!(lexed.before(*at), "(" | ",");
            let named = lexed.kind(at + 1) == Some(TokenKind::Name);
            let fixed = lexed.before(*at) == "const" && !lexed.is(at + 1, "<");
            lexed.is(*at, name)
                && (matches!(lexed.word(at + 1), "&" | "*") || fixed || starts && named)
        };
        let places: Vec<usize> = lexed.on_line(line).filter(bare).collect();
        let uses = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
        // `Grid<Box>`, of one word each; a letter is the template's own.
        let given: BTreeSet<&str> = uses
            .iter()
            .filter(|at| lexed.is(*at + 1, "<") && lexed.is(*at + 3, ">"))
            .map(|at| lexed.word(at + 2))
            .filter(|word| word.len() > 1)
            .collect();
        if let (Some(typed), 1, false) = (given.first(), given.len(), places.is_empty()) {
            let edits = places
                .iter()
                .map(|at| case.insert(lexed.code[*at].end, format!("<{typed}>")))
                .collect();
            all.push(Candidate::new(MistakeId::TypeArguments, ELSEWHERE, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_a_function_gives_back_is_made_of_something() {
        check_fix(
            &FAMILY,
            "cpp",
            "template <class T>\nstruct Stack {\n    T top;\n};\nstruct Box {};\n<|>Stack last(const Stack<Box>& all) {\n    return all;\n}\n",
            "deduced class type 'Stack' in function return type",
            "template <class T>\nstruct Stack {\n    T top;\n};\nstruct Box {};\nStack<Box> last(const Stack<Box>& all) {\n    return all;\n}\n",
        );
    }

    #[test]
    fn of_several_types_none_is_chosen() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "template <typename T>\nclass Grid {\n    T cell;\n};\nint weight(const <|>Grid& grid);\nGrid<int> hold;\nGrid<bool> free;\n",
            "use of class template 'Grid' requires template arguments",
        );
    }
}
