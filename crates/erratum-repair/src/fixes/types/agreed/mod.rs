//! Types that more than one line speaks against: what a function says it gives back, and what a parameter, a
//! field or a variable is declared to be. One line leaves open which side is wrong; two that want the same
//! type, and none that wants the one that is written, do not.

mod flow;
mod held;
mod parts;
mod result;
mod told;
mod value;

use crate::fixes::{Candidate, Case};
use crate::message::Message;
use crate::score::{Factor, Score, weight};

/// So many lines are no accident.
const ENOUGH: usize = 2;

/// Each further line.
const FURTHER: Factor = weight("a further line wants it", 0.5);

/// How many further lines count.
const FURTHER_LINES: usize = 3;

pub(super) fn agreed(case: &Case, all: &mut Vec<Candidate>) {
    if case.language().applies_bare {
        return;
    }
    result::results(case, all);
    value::values(case, all);
}

/// What it is worth that so many lines agree.
fn worth(agree: Factor, lines: usize) -> Score {
    agree + FURTHER * lines.saturating_sub(ENOUGH).min(FURTHER_LINES) as f64
}

/// The errors of this file with their lines.
fn said_here<'a>(case: &'a Case) -> Vec<(&'a Message, u32)> {
    let errors = case.all.iter().filter(|message| message.is_error());
    let here = errors.filter(|one| one.at.as_ref().is_some_and(|at| at.file == case.file()));
    here.filter_map(|one| Some((one, one.line()?))).collect()
}
