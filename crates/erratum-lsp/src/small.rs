//! The smallest part of a file that still gives its first error, worked out beside the looks.

use crate::documents::Document;
use crate::worker::with_open_texts;
use crate::{Build, Shared};
use erratum_look::Narrowing;
use serde::Serialize;
use std::panic::{AssertUnwindSafe, catch_unwind};

/// The text of a file, and what else is open.
pub(crate) struct Asked {
    pub document: Document,
    pub others: Vec<Document>,
}

/// What is left of a program.
#[derive(Serialize)]
pub(crate) struct Small {
    /// The program.
    text: String,
    /// How many lines of it are not empty …
    lines: usize,
    /// … of how many lines of the whole.
    of: u32,
    /// What the compiler says of it.
    message: String,
}

/// Narrows a file. `None` if it gives no error.
pub(crate) fn narrow(build: &Build, asked: &Asked) -> Result<Option<Small>, String> {
    guarded(|| {
        Ok(made(build, asked)?.map(|small| Small {
            text: String::from_utf8_lossy(small.narrowed.source.bytes()).into_owned(),
            lines: small.narrowed.source.filled_lines(),
            of: small.whole.line_count(),
            message: small.narrowed.message.text.clone(),
        }))
    })
}

/// The text with which to ask somebody. `None` if the file gives no error.
pub(crate) fn share(
    build: &Build,
    shared: &Shared,
    asked: &Asked,
) -> Result<Option<String>, String> {
    guarded(|| Ok(made(build, asked)?.map(|small| shared(&small))))
}

fn made(build: &Build, asked: &Asked) -> Result<Option<Narrowing>, String> {
    let path = &asked.document.path;
    let mut session = build(path).file(path).open().map_err(|error| error.to_string())?;
    let project = with_open_texts(&session, &asked.document, &asked.others)?;
    session.narrow_in(project, None, &mut |_| {}).map_err(|error| error.to_string())
}

/// A fault ends what was asked for, but not the server.
fn guarded<T>(work: impl FnOnce() -> Result<T, String>) -> Result<T, String> {
    let done = catch_unwind(AssertUnwindSafe(work));
    done.unwrap_or_else(|_| Err("it ended by a fault of Erratum".to_owned()))
}
