//! Ways to show a verdict. Each takes the same data; none changes it.

mod area;
pub mod beside;
pub mod chart;
pub mod class;
pub mod class_page;
pub mod class_sarif;
pub mod crash;
pub mod json;
pub mod learner_page;
pub mod line;
pub mod links;
pub mod map;
mod numbered;
pub mod page;
pub mod patch;
pub mod progress;
pub mod question;
mod said;
pub mod sarif;
mod short;
pub mod small;
pub mod story;
pub mod structure;
pub mod terminal;
pub mod words;

use crate::arguments::{Color, Common};
use crate::failure::Failure;
use anstream::{AutoStream, ColorChoice};
use erratum_repair::verdict::Verdict;
use erratum_syntax::source::Program;
use erratum_syntax::visible::is_hidden;
use std::io::{self, BufWriter, Write};
use std::path::PathBuf;
use unicode_width::UnicodeWidthStr;

/// Standard output, with or without colour.
pub type Out = BufWriter<AutoStream<io::Stdout>>;

/// Opens standard output as the options ask.
pub fn out(color: Color) -> Out {
    let choice = match color {
        Color::Auto => AutoStream::choice(&io::stdout()),
        Color::Always => ColorChoice::Always,
        Color::Never => ColorChoice::Never,
    };
    BufWriter::new(AutoStream::new(io::stdout(), choice))
}

/// How many columns to write in.
pub fn width(asked: Option<u16>) -> usize {
    asked.map_or_else(|| textwrap::termwidth().clamp(20, 100), usize::from)
}

/// Shows a verdict in the way the options ask.
pub fn verdict(
    verdict: &Verdict,
    program: &Program,
    common: &Common,
    which: terminal::Which,
    next: &terminal::Next,
    links: &links::Links,
) -> Result<(), Failure> {
    let mut out = out(common.shown.page.color);
    if common.shown.json {
        json::show(&mut out, verdict)?;
    } else if common.quiet {
        line::show(&mut out, verdict)?;
    } else {
        let view = terminal::View {
            program,
            width: width(common.shown.page.width),
            which,
            verbose: common.verbose > 0,
            next,
            links,
            warnings: common.warnings,
            whole: common.whole,
            unfold: false,
        };
        view.show(&mut out, verdict)?;
    }
    out.flush()?;
    Ok(())
}

/// Whether a verdict has a mistake with this number.
///
/// # Errors
/// When it has none; it says which there are.
pub fn numbered_one(verdict: &Verdict, number: usize) -> Result<(), Failure> {
    match verdict.roots.len() {
        0 => Err(Failure::said("there is no mistake to show: it compiles.")),
        most if number < 1 || number > most => Err(Failure::said(format!(
            "no mistake has the number {number}. The numbers go from 1 to {most}; `--all` lists them."
        ))),
        _ => Ok(()),
    }
}

/// The exit status that a verdict means.
pub fn status(verdict: &Verdict, common: &Common) -> u8 {
    u8::from(verdict.errors() > 0 || (common.warnings && verdict.warnings() > 0))
}

/// How far lines of a program are indented below a text: less where there is little room.
pub fn inset(width: usize) -> &'static str {
    if width < 44 { "" } else { "       " }
}

/// A text in lines of the width, the first and the further ones with what stands before them.
pub fn paragraph(
    out: &mut impl Write,
    width: usize,
    first: &str,
    rest: &str,
    text: &str,
) -> io::Result<()> {
    let options = textwrap::Options::new(width).initial_indent(first).subsequent_indent(rest);
    textwrap::wrap(text, options).iter().try_for_each(|line| writeln!(out, "{line}"))
}

/// "1 line", "2 lines"
pub fn plural(count: usize, one: &str, many: &str) -> String {
    format!("{count} {}", if count == 1 { one } else { many })
}

/// "1, 2 and 3"
pub fn listed(items: &[String]) -> String {
    match items {
        [] => String::new(),
        [one] => one.clone(),
        [most @ .., last] => format!("{} and {last}", most.join(", ")),
    }
}

/// A line for the screen: tabs as four blanks, what would steer the terminal written out, cut to the
/// width.
pub fn shown(text: &str, width: usize) -> String {
    let mut out = String::new();
    for letter in text.chars() {
        match letter {
            '\t' => out.push_str("    "),
            letter if is_hidden(letter) => out.extend(letter.escape_unicode()),
            letter => out.push(letter),
        }
        if out.width() > width.max(8) {
            while out.width() >= width.max(8) {
                out.pop();
            }
            out.push('…');
            break;
        }
    }
    out
}

/// The command that mends these files, or those of a build, as one would type it.
pub fn mend_command(files: &[PathBuf], build: &[String], common: &Common) -> String {
    let quoted = |name: String| {
        if name.contains([' ', '\'', '"', '$', '(', '&']) {
            format!("'{}'", name.replace('\'', "'\\''"))
        } else {
            name
        }
    };
    let mut words: Vec<String> = vec!["erratum".into(), "mend".into()];
    if common.warnings {
        words.push("--warnings".into());
    }
    words.extend(files.iter().map(|file| quoted(file.display().to_string())));
    if !build.is_empty() {
        words.push("--".into());
        words.extend(build.iter().cloned().map(quoted));
    }
    words.join(" ")
}
