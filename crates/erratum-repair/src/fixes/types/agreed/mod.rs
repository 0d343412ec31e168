//! Types that more than one line speaks against: what a function says it gives back, and what a parameter, a
//! field or a variable is declared to be. One line leaves open which side is wrong; two that want the same
//! type, and none that wants the one that is written, do not.

mod result;
mod told;
mod value;

use crate::fixes::{Candidate, Case};

pub(super) fn agreed(case: &Case, all: &mut Vec<Candidate>) {
    if case.language().applies_bare {
        return;
    }
    result::results(case, all);
    value::values(case, all);
}
