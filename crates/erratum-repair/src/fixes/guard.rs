//! A family that fails is left out: a hole in one kind of fix ends no look.

use super::family::Family;
use super::{Candidate, Case};
use std::cell::Cell;
use std::panic::{AssertUnwindSafe, catch_unwind};

thread_local! {
    static GUARDED: Cell<bool> = const { Cell::new(false) };
}

/// Returns whether this thread asks a family for fixes just now: a panic in it ends nothing, and is
/// told by the search. A panic hook may keep quiet then.
pub fn is_guarded() -> bool {
    GUARDED.get()
}

/// What a family proposes; `None` if it fails.
pub(super) fn proposed(family: &Family, case: &Case) -> Option<Vec<Candidate>> {
    let mut all = Vec::new();
    GUARDED.set(true);
    // What it has put into the list before it failed is dropped with it; nothing else is changed.
    let done = catch_unwind(AssertUnwindSafe(|| (family.propose)(case, &mut all)));
    GUARDED.set(false);
    done.ok().map(|()| all)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::fixes::family::{Example, FAMILIES, Phases};
    use crate::fixes::testing::with_case;

    #[test]
    fn a_family_that_fails_is_left_out() {
        let fails = Family {
            id: "fails",
            recipes: &[],
            phases: Phases::Any,
            within_text: false,
            propose: |case, _| {
                let none: &[u8] = &[];
                let _ = is_guarded() && none[case.token] > 0;
            },
            example: Example { language: "c", before: "", message: "", after: "" },
        };
        let said = "expected ';' before 'return'";
        let text = "int main(void) {\n    int tide = 3<|>\n    return tide;\n}\n";
        with_case("c", text, said, |case| {
            assert!(proposed(&fails, case).is_none());
            assert!(!is_guarded());
            assert!(FAMILIES.iter().all(|family| proposed(family, case).is_some()));
        });
    }
}
