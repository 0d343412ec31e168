//! Finds the mistakes behind the messages of a compiler, and fixes that the compiler is content with.
//!
//! What a compiler printed is read into [`message::Message`]s ([`read`]). A [`diagnose::Diagnosis`]
//! says which kinds of mistake a message may show. [`fixes`] proposes [`fixes::Candidate`]s for it,
//! each a guess; [`search::Search`] tries them on copies, through the [`search::Compile`] trait, and
//! tells roots from what only follows. Out comes a [`verdict::Verdict`]: plain data, which is also
//! the JSON that programs read. Without a compiler, [`search::judge`] makes one from messages and
//! text alone.
//!
//! Beside the search stand [`narrow`] (the smallest part that still gives a message), [`structure`]
//! (brackets and blocks of a text), [`mod@explain`] (what a message says, laid out), [`means`] (what
//! a word or a code means), [`trace`] (why a running program stopped), [`progress`] (what two looks
//! have in common) and [`plant`] (mistakes made on purpose).
//!
//! Nothing here prints, runs a process, asks the clock or touches the file system.
//!
//! ```
//! use erratum_catalogue::Catalogue;
//! use erratum_repair::{read, search};
//! use erratum_syntax::language;
//! use erratum_syntax::source::{Program, Source};
//!
//! let program = Program::single(Source::new("ferry.c", &b"int main(void) {\n    int berths = 4\n    return berths;\n}\n"[..]));
//! let log = b"ferry.c:3:5: error: expected ',' or ';' before 'return'\n";
//! let messages = read::read(log).messages;
//! let report = search::Report { messages, exit: Some(1), dropped: 0 };
//! let (catalogue, limits) = (Catalogue::shipped(), search::Limits::default());
//! let verdict = search::judge(&catalogue, &program, language::by_id("c"), &report, "gcc", limits);
//! assert_eq!(verdict.roots[0].at.line, 2);
//! ```

pub mod describe;
pub mod diagnose;
pub mod effect;
mod evidence;
pub mod explain;
pub mod fixes;
mod manner;
pub mod means;
pub mod message;
pub mod narrow;
pub mod plant;
pub mod progress;
pub mod read;
pub mod score;
pub mod search;
pub mod structure;
pub mod trace;
pub mod verdict;
