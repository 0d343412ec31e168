//! `erratum mend`: apply fixes to the learner's files, after showing them and asking.

use crate::app::App;
use crate::apply;
use crate::arguments::Mend;
use crate::failure::Failure;

/// Runs it.
pub fn run(app: &App, mend: &Mend) -> Result<u8, Failure> {
    apply::mend(app, mend, true)
}
