//! C++: `moor(2, new Tug("Bram"))` where the object belongs to a `unique_ptr` or a `shared_ptr`: a function of
//! the library makes it and hands it over.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What owns an object takes no bare pointer to one.
const OWNED: Factor = evidence("what owns an object is made by a function", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "owned-object",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <memory>\nstruct Tug { int seats; Tug(int n) : seats(n) {} };\nvoid moor(std::unique_ptr<Tug> tug) {}\nvoid go() {\n    moor(<|>new Tug(3));\n}\n",
        message: "could not convert 'new Tug(3)' from 'Tug*' to 'std::unique_ptr<Tug>'",
        after: "#include <memory>\nstruct Tug { int seats; Tug(int n) : seats(n) {} };\nvoid moor(std::unique_ptr<Tug> tug) {}\nvoid go() {\n    moor(std::make_unique<Tug>(3));\n}\n",
    },
};

/// What owns an object, with the function that makes one.
const OWNERS: &[(&str, &str)] =
    &[("unique_ptr<", "std::make_unique<"), ("shared_ptr<", "std::make_shared<")];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives || !case.language().is_keyword("new") {
        return;
    }
    // Seen with g++ 12 and clang 14. A text that only calls a method of such an owner names it, too.
    let said = &case.message.text;
    let told = ["convert", "conversion from", "no matching function", "no match for", "no viable"];
    if !told.iter().any(|words| said.contains(words)) {
        return;
    }
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let mut said = std::iter::once(said.as_str()).chain(notes);
    let owner = said.find_map(|text| OWNERS.iter().find(|(owner, _)| text.contains(owner)));
    let Some((_, make)) = owner else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    for new in line.filter(|at| lexed.is(*at, "new")) {
        // The name may be one of a namespace.
        let mut open = new + 2;
        while lexed.is(open, "::") {
            open += 2;
        }
        let called = lexed.kind(new + 1) == Some(TokenKind::Name) && lexed.is(open, "(");
        let owned = lexed.before(new) == "(" && lexed.before(new - 1).ends_with('>');
        if called && !owned {
            let (from, to) = (lexed.code[new].start, lexed.code[open - 1].end);
            let typed = lexed.source.slice(lexed.code[new + 1].start, to);
            let edit = Edit::replace(case.file(), from, to, format!("{make}{typed}>"));
            all.push(Candidate::new(MistakeId::WrongType, OWNED, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_element_of_a_list_is_owned() {
        check_fix(
            &FAMILY,
            "cpp",
            "void go() {\n    fleet.<|>push_back(new Tug());\n}\n",
            "no matching function for call to 'std::vector<std::shared_ptr<Boat> >::push_back(Tug*)'",
            "void go() {\n    fleet.push_back(std::make_shared<Tug>());\n}\n",
        );
    }

    #[test]
    fn a_bare_pointer_is_left_where_one_is_wanted() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "void go() {\n    moor(<|>new Tug(3));\n}\n",
            "cannot convert 'Tug*' to 'Ferry*'",
        );
    }
}
