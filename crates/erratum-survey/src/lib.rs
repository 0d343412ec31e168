//! A whole class: every hand-in is looked at as a program of its own, and what they have in common is put
//! together.
//!
//! [`hand_in`] finds the hand-ins in folders and archives. [`Surveyor`] looks at them, with one warm compiler for each
//! language, and makes a [`Record`] of each: plain data, one line of JSON. [`Summary`] is made of records
//! alone, so that the parts of a survey that ran on several machines, or at several times, give the same
//! summary as one that ran at once.

mod archive;
pub mod hand_in;
mod memory;
mod record;
mod summary;
mod surveyor;

pub use hand_in::HandIn;
pub use memory::{Ceiling, Meter};
pub use record::{Mistake, Record, SCHEMA, State};
pub use summary::{Common, Same, Stuck, Summary};
pub use surveyor::{How, Surveyor, all};
