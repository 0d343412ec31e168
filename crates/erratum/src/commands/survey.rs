//! `erratum survey`: the programs of a whole class.

use crate::app::App;
use crate::arguments::Survey;
use crate::failure::Failure;
use crate::surveying;

/// Runs it: 0 if all compile, else 1.
pub fn run(app: &App, arguments: &Survey) -> Result<u8, Failure> {
    surveying::run(app, arguments)
}
