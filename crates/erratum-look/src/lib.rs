//! Looks at programs that do not compile, for other programs: a command line, an editor, a class.
//!
//! A [`Session`] is one program and the compiler at work on it. [`Session::builder`] says what is
//! looked at (files, or a build command) and how; [`Session::look`] compiles it as it stands, and
//! returns a [`Look`]: the verdict, with the texts it speaks of. A session is kept for as long as one
//! goes on with the program: a second look finds the compiler still warm. [`Session::mend`] plans a
//! change, [`Session::report`] compiles a text without searching, and [`Session::narrow`] finds the
//! smallest part that still gives a message. Saved output is read without a session, by [`log`].
//!
//! Files are read and compilers are run; nothing is ever written beside the program, and the program
//! itself is never run. What goes wrong is an [`Error`], an enumeration that a program can match on,
//! and whose text says what to do.
//!
//! ```no_run
//! use erratum_look::{Budget, Session};
//!
//! # fn main() -> Result<(), erratum_look::Error> {
//! let mut session = Session::builder().file("ferry.c").budget(Budget::Compiles(60)).open()?;
//! let look = session.look()?;
//! for root in &look.verdict.roots {
//!     println!("line {}: {}", root.at.line, root.title);
//! }
//! # Ok(())
//! # }
//! ```

mod build;
mod cancel;
mod compiler;
mod elsewhere;
mod error;
pub mod log;
mod mend;
mod narrow;
mod options;
mod prover;
mod session;
pub mod texts;
mod wide;

pub use build::{Built, Group};
pub use cancel::CancelToken;
pub use erratum_repair::search::Budget;
pub use error::Error;
pub use mend::{Mend, Plan, advice};
pub use narrow::Narrowing;
pub use options::{Builder, language_named};
pub use session::{Look, Session};
