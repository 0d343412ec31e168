//! Rust: a value in a cell or behind a lock is asked as if it stood there by itself: `log.push(line)` for
//! `log.borrow_mut().push(line)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The method is one of what the cell holds.
const HELD: Factor = evidence("what the cell holds is asked for", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "cells",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn note(log: &Rc<RefCell<Vec<u32>>>) {\n    log.<|>push(3);\n}\n",
        message: "[E0599] no method named `push` found for reference `&Rc<RefCell<Vec<u32>>>` in the current scope",
        after: "fn note(log: &Rc<RefCell<Vec<u32>>>) {\n    log.borrow_mut().push(3);\n}\n",
    },
};

/// Methods of the library that change what they are asked of.
const CHANGING: &[&str] = &[
    "push",
    "push_str",
    "push_back",
    "push_front",
    "pop",
    "pop_back",
    "pop_front",
    "insert",
    "remove",
    "clear",
    "extend",
    "sort",
    "sort_by",
    "sort_by_key",
    "retain",
    "truncate",
    "append",
    "entry",
    "get_mut",
    "iter_mut",
    "drain",
    "dedup",
    "reverse",
    "swap",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let Some(rest) = case.message.text.strip_prefix("no method named `") else { return };
    let Some((method, rest)) = rest.split_once('`') else { return };
    let typed = rest.split('`').nth(1).unwrap_or_default();
    let changes = CHANGING.contains(&method);
    // What lies furthest out is opened first.
    let opens = if typed.contains("RefCell<") {
        if changes { "borrow_mut()" } else { "borrow()" }
    } else if typed.contains("Mutex<") {
        "lock().unwrap()"
    } else if typed.contains("RwLock<") {
        if changes { "write().unwrap()" } else { "read().unwrap()" }
    } else {
        return;
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let named = |at: &usize| lexed.is(*at, method) && lexed.before(*at) == ".";
    if let Some(name) = line.skip(1).find(|at| *at >= case.token.saturating_sub(1) && named(at)) {
        let edit = case.insert(lexed.code[name].start, format!("{opens}."));
        all.push(Candidate::new(MistakeId::UnknownName, HELD, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_stands_behind_a_lock_is_asked_when_that_is_open() {
        check_fix(
            &FAMILY,
            "rust",
            "fn count(all: &Arc<Mutex<Vec<u32>>>) -> usize {\n    all.<|>len()\n}\n",
            "[E0599] no method named `len` found for reference `&Arc<std::sync::Mutex<Vec<u32>>>` in the current scope",
            "fn count(all: &Arc<Mutex<Vec<u32>>>) -> usize {\n    all.lock().unwrap().len()\n}\n",
        );
    }

    #[test]
    fn what_is_in_no_cell_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn count(all: &[u32]) {\n    all.<|>push(3)\n}\n",
            "[E0599] no method named `push` found for reference `&[u32]` in the current scope",
        );
    }
}
