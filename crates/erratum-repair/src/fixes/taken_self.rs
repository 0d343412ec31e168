//! Rust: a method that takes its object away, as `fn add(self, boat: Boat)` does, where the object is used again.

use super::family::{Example, Family, Phases};
use super::shape::function_around;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The object is used again behind the call.
const USED_AGAIN: Factor = evidence("the object is used again behind the call", 8.5);
/// The method changes the object, and keeps it.
const CHANGED: Factor = evidence("the method changes its object and gives nothing back", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "taken-self",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Shed {\n    boats: Vec<u32>,\n}\n\nimpl Shed {\n    fn add(self, boat: u32) {\n        self.<|>boats.push(boat);\n    }\n}\n",
        message: "[E0596] cannot borrow `self.boats` as mutable, as `self` is not declared as mutable",
        after: "struct Shed {\n    boats: Vec<u32>,\n}\n\nimpl Shed {\n    fn add(&mut self, boat: u32) {\n        self.boats.push(boat);\n    }\n}\n",
    },
};

/// What changes the list or the text that it is asked of.
const CHANGES: &[&str] = &[
    "push",
    "push_str",
    "push_back",
    "push_front",
    "insert",
    "remove",
    "pop",
    "pop_front",
    "clear",
    "sort",
    "retain",
    "extend",
    "entry",
    "truncate",
    "iter_mut",
    "get_mut",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().borrows {
        return;
    }
    // Seen with rustc 1.95.
    let said = &case.message.text;
    if said.contains("as `self` is not declared as mutable") {
        let around = function_around(case, case.token);
        let head = around.and_then(|around| plain_self(case, around.open));
        if let Some(object) = head {
            let edit = case.replace_token(object, "&mut self");
            all.push(Candidate::new(MistakeId::MissingBorrow, CHANGED, vec![edit]).guess());
        }
        return;
    }
    let of_value = said.contains("of moved value");
    let notes = case.message.notes.iter().chain(&case.message.spans);
    let taken = notes
        .filter(|note| of_value && note.text.contains("takes ownership of the receiver `self`"))
        .find_map(|note| note.at.as_ref());
    let Some(at) = taken.filter(|at| at.file == case.file()) else { return };
    let (start, _) = at.range(&lexed.source);
    let declared = lexed.code.iter().position(|token| token.start == start);
    let Some(object) = declared.filter(|at| lexed.is(*at, "self") && lexed.before(*at) == "(")
    else {
        return;
    };
    let Some(open) = (object..lexed.code.len()).find(|at| lexed.is(*at, "{")) else { return };
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open) else {
        return;
    };
    let edit =
        case.replace_token(object, if changes(case, open, close) { "&mut self" } else { "&self" });
    all.push(Candidate::new(MistakeId::MissingBorrow, USED_AGAIN, vec![edit]).guess());
}

/// The object that the head of a method takes away: `fn add(self, boat: u32) {`.
fn plain_self(case: &Case, open: usize) -> Option<usize> {
    let lexed = case.lexed();
    let head = case.statement_start(open)..open;
    // What gives a value back may give the object back.
    let gives = head.clone().any(|at| lexed.is(at, "->"));
    let mut objects = head.filter(|at| lexed.is(*at, "self") && lexed.before(*at) == "(");
    objects.next().filter(|_| !gives)
}

/// Whether a body gives a field of its object a new value, or asks a list of it to change.
fn changes(case: &Case, open: usize, close: usize) -> bool {
    let lexed = case.lexed();
    (open..close).filter(|at| lexed.is(*at, "self") && lexed.is(at + 1, ".")).any(|at| {
        let end = case.statement_end(at);
        let mut path = at;
        while lexed.is(path + 1, ".") {
            path += 2;
        }
        let assigned = matches!(lexed.word(path + 1), "=" | "+=" | "-=" | "*=" | "/=")
            || lexed.is(path + 1, "[")
                && (path..end).any(|at| matches!(lexed.word(at), "=" | "+=" | "-="));
        assigned || lexed.is(path + 1, "(") && CHANGES.contains(&lexed.word(path))
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_method_that_gives_its_object_back_may_keep_it() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Shed {\n    boats: Vec<u32>,\n}\n\nimpl Shed {\n    fn with(self, boat: u32) -> Shed {\n        self.<|>boats.push(boat);\n        self\n    }\n}\n",
            "[E0596] cannot borrow `self.boats` as mutable, as `self` is not declared as mutable",
        );
    }
}
