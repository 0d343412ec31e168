//! What a compiler finds when it follows the ways through a function.

pub(super) mod lost_answer;
pub(super) mod lost_arrow;
pub(super) mod lost_return;
pub(super) mod spare_terminator;
pub(super) mod unset;
