//! The look at one learner's program as a page of its own: what a teacher gives back. Nothing is fetched.

use super::class_page::code;
use super::links::Links;
use super::page::{escaped, framed};
use super::terminal::{Next, View, Which};
use erratum_repair::verdict::Verdict;
use erratum_syntax::source::Program;
use std::io;
use std::path::PathBuf;

/// By this Erratum knows a page of its own again.
pub const MADE: &str = "<meta name=\"generator\" content=\"Erratum\">";

/// How wide the lines of a page are.
const WIDTH: usize = 84;

/// The page.
///
/// # Errors
/// Never, but for want of memory: it is written to memory only.
pub fn page(learner: &str, verdict: &Verdict, program: &Program) -> io::Result<String> {
    let place = |name: &str| PathBuf::from(name);
    let links = Links::new(&place);
    let view = View {
        program,
        width: WIDTH,
        which: Which::All,
        verbose: false,
        next: &Next::Nothing,
        links: &links,
        warnings: false,
        whole: true,
        unfold: false,
    };
    let mut body = format!("{MADE}\n<h1>{}</h1>\n", escaped(learner));
    let summary = plain(|out| view.summary(out, verdict))?;
    body += &format!("<p>{}</p>\n", escaped(&summary.replace('\n', " ")));
    for root in &verdict.roots {
        let head = plain(|out| view.head(out, verdict, root))?;
        let head = head.split_whitespace().collect::<Vec<_>>().join(" ");
        let whole = plain(|out| view.whole(out, verdict, root))?;
        body += &format!("<h2>{}</h2>\n<pre>{}</pre>\n", code(&head), escaped_lines(&whole));
    }
    Ok(framed(learner, &body))
}

/// What is written, without what colours a terminal.
fn plain(write: impl FnOnce(&mut Vec<u8>) -> io::Result<()>) -> io::Result<String> {
    let mut out = Vec::new();
    write(&mut out)?;
    let text = String::from_utf8_lossy(&out);
    Ok(anstream::adapter::strip_str(&text).to_string().trim_end().to_owned())
}

/// A text of several lines as HTML shows it.
fn escaped_lines(text: &str) -> String {
    text.lines().map(escaped).collect::<Vec<_>>().join("\n")
}
