//! Finds, runs and keeps warm the real compilers.
//!
//! [`Toolbox`] finds them (and reads `erratum.toml`), [`Project`] says which files of the learner's
//! belong together, and [`Session`] compiles copies of them in a scratch folder, as the core's
//! [`erratum_repair::search::Compile`] asks. The learner's folder is only read, and what is compiled is
//! never run. [`interrupt`] stops everything that runs and removes the scratch folders, for when
//! somebody presses Ctrl-C.

mod cache;
mod cargo;
mod compilers;
mod config;
pub mod confine;
mod deadline;
mod error;
mod flags;
mod headers;
mod layout;
mod os;
mod project;
mod prompt;
mod rebuild;
mod registry;
mod resident;
mod run;
mod scratch;
mod session;
mod start;
mod toolbox;
mod trust;
mod warm;

pub use cache::{Cache, NotPrepared, Stored};
pub use compilers::{KINDS, Kind};
pub use config::Config;
pub use error::Error;
pub use flags::compile_flags;
pub use os::command_words;
pub use project::Project;
pub use rebuild::Rebuild;
pub use registry::interrupt;
pub use run::{Ended, Limits, Output, leave_running, run, run_merged};
pub use scratch::Scratch;
pub use session::Session;
pub use toolbox::{Found, Toolbox};
pub use trust::Trust;
