//! The computation of Erratum: no printing, no processes, no clock, no file system.
//!
//! A program's texts ([`source`]) and what a compiler said of them ([`message`], read by [`read`])
//! come in; a [`verdict`] goes out. On the way the texts are cut into tokens ([`lex`]), brackets
//! are paired ([`pairs`]), names are found ([`names`]), the [`catalogue`] tells which mistakes a
//! message may show, [`propose`] gives fixes to try, and [`prove`] tries them on copies through the
//! [`prove::Compile`] trait. What differs between languages stands in the tables of [`language`].
//!
//! ```
//! use erratum_core::{language, prove, read, source::{Program, Source}};
//!
//! let program = Program::single(Source::new("ferry.c", &b"int main(void) {\n    int berths = 4\n    return berths;\n}\n"[..]));
//! let log = b"ferry.c:3:5: error: expected ',' or ';' before 'return'\n";
//! let messages = read::read(log).messages;
//! let report = prove::Report { messages, exit: Some(1), dropped: 0 };
//! let verdict = prove::judge(&program, language::by_id("c"), &report, "gcc", Default::default());
//! assert_eq!(verdict.roots[0].at.line, 2);
//! ```

mod blocks;
pub mod catalogue;
pub mod describe;
pub mod edit;
pub mod explain;
pub mod language;
pub mod lex;
pub mod means;
pub mod message;
pub mod model;
pub mod names;
pub mod narrow;
pub mod pairs;
pub mod plant;
pub mod progress;
pub mod propose;
pub mod prove;
pub mod read;
pub mod source;
pub mod structure;
pub mod trace;
pub mod verdict;
