//! C++: an object that is made with `new` and put into a list of objects: the list holds pointers, or nothing is
//! made with `new`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// What is put in is of another class than the list holds, or the list is followed as one of pointers.
const OTHER_CLASS: Factor = evidence("what is put in is built on what the list holds", 9.0);
/// A pointer to what the list holds is put in.
const POINTER: Factor = evidence("a pointer to what the list holds is put in", 9.0);
/// The list holds the objects themselves.
const ITSELF: Factor = weight("the list holds the objects themselves", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "pointer-elements",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <vector>\nstruct Part { int n; };\nstruct Rope : Part {};\nint main() {\n    std::vector<Part> parts;\n    parts.<|>push_back(new Rope());\n}\n",
        message: "no matching function for call to 'std::vector<Part>::push_back(Rope*)'",
        after: "#include <vector>\nstruct Part { int n; };\nstruct Rope : Part {};\nint main() {\n    std::vector<Part*> parts;\n    parts.push_back(new Rope());\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12 and clang 14.
    let said = case.message.text.replace(['‘', '’'], "'");
    if !said.contains("no matching ") || !case.language().directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.clone().filter(|at| lexed.is(*at, "(") && lexed.is(at + 2, ")")) {
        pointer(case, open, all);
    }
    for new in line.filter(|at| lexed.is(*at, "new") && lexed.before(*at) == "(") {
        let Some(list) = new.checked_sub(4).filter(|at| lexed.is(at + 1, ".")) else { continue };
        let Some((_, held)) = case.text.names.resolve(lexed, list).and_then(|one| one.typed) else {
            continue;
        };
        let inner = held.saturating_sub(1);
        if !lexed.is(held, ">") || matches!(lexed.word(inner), "*" | ">") {
            continue;
        }
        let mark = case.insert(lexed.code[inner].end, "*");
        let name = lexed.word(list);
        let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
        let followed = seen.iter().any(|at| lexed.is(at + 1, "[") && lexed.is(at + 4, "->"));
        let other = lexed.word(new + 1) != lexed.word(inner) || followed;
        if other {
            all.push(Candidate::new(MistakeId::WrongType, OTHER_CLASS, vec![mark]).guess());
        } else {
            let Some(next) = lexed.code.get(new + 1) else { continue };
            let (from, to) = (lexed.code[new].start, next.start);
            let bare = Edit::delete(case.file(), from, to);
            all.push(Candidate::new(MistakeId::WrongArgument, ITSELF, vec![bare]).guess());
            all.push(Candidate::new(MistakeId::WrongType, ITSELF, vec![mark]).guess());
        }
    }
}

/// `members.push_back(v)` of a pointer.
fn pointer(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let names = &case.text.names;
    let typed = |at: usize| names.resolve(lexed, at).and_then(|declared| declared.typed);
    let Some(list) = open.checked_sub(3).filter(|at| lexed.is(at + 1, ".")) else { return };
    let (Some((_, value)), Some((_, held))) = (typed(open + 1), typed(list)) else { return };
    let inner = held.saturating_sub(1);
    let star = lexed.is(value, "*") && value > 0;
    let class = star && lexed.word(value - 1) == lexed.word(inner);
    if class && lexed.is(held, ">") {
        let mark = case.insert(lexed.code[inner].end, "*");
        all.push(Candidate::new(MistakeId::WrongType, POINTER, vec![mark]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix};
    use super::FAMILY;

    #[test]
    fn a_list_that_is_given_pointers_holds_them() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nclass Fleet {\n    std::vector<Boat> all;\npublic:\n    void add(Boat* one) {\n        all.<|>push_back(one);\n    }\n};\n",
            "no matching function for call to 'std::vector<Boat>::push_back(Boat*&)'",
            "#include <vector>\nclass Fleet {\n    std::vector<Boat*> all;\npublic:\n    void add(Boat* one) {\n        all.push_back(one);\n    }\n};\n",
        );
    }

    #[test]
    fn an_object_of_the_very_class_is_put_in_itself() {
        check_among(
            &FAMILY,
            "cpp",
            "#include <vector>\nstruct Part { int n; };\nint main() {\n    std::vector<Part> parts;\n    parts.<|>push_back(new Part{2});\n}\n",
            "no matching function for call to 'std::vector<Part>::push_back(Part*)'",
            "#include <vector>\nstruct Part { int n; };\nint main() {\n    std::vector<Part> parts;\n    parts.push_back(Part{2});\n}\n",
        );
    }
}
