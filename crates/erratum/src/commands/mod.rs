//! One module per command.

pub mod cache;
pub mod compilers;
pub mod demo;
pub mod drill;
pub mod generate;
pub mod journal;
pub mod look;
pub mod lsp;
pub mod means;
pub mod mend;
pub mod narrow;
pub mod pairs;
pub mod read;
pub mod share;
pub mod survey;
pub mod texts;
pub mod trust;
pub mod undo;
pub mod watch;
