//! Why a program stopped while it ran, for people.

use anstyle::{AnsiColor, Style};
use erratum_repair::trace::{Frame, Stopped};
use erratum_syntax::source::Source;
use std::io::{self, Write};

const HEAD: Style = Style::new().bold();
const FAULT: Style = AnsiColor::Magenta.on_default().bold();
const QUIET: Style = Style::new().dimmed();

/// How many calls are shown.
const CALLS: usize = 8;

/// Writes each crash; `read` gives the text of a file that is here.
pub fn show(
    out: &mut impl Write,
    all: &[Stopped],
    width: usize,
    read: &dyn Fn(&str) -> Option<Source>,
) -> io::Result<()> {
    for (number, stopped) in all.iter().enumerate() {
        if number > 0 {
            writeln!(out)?;
        }
        one(out, stopped, width, read)?;
    }
    writeln!(out)?;
    wrapped(
        out,
        width,
        "",
        "This happened while the program ran: its compiler cannot see it. A wrong result is not seen by \
         compilers either; that is for tests.",
    )
}

fn one(
    out: &mut impl Write,
    stopped: &Stopped,
    width: usize,
    read: &dyn Fn(&str) -> Option<Source>,
) -> io::Result<()> {
    let own = stopped.own.map(|index| &stopped.frames[index]);
    let place = own.map_or(String::new(), |frame| format!(", {}", place(frame)));
    writeln!(out, "{HEAD}{}{place}{HEAD:#}\n", stopped.title)?;
    if let Some(frame) = own.filter(|frame| frame.line > 0)
        && let Some(source) = read(&frame.file)
    {
        let last = frame.line.saturating_add(1).min(source.line_count());
        for line in frame.line.saturating_sub(1).max(1)..=last {
            let (label, style) = if line == frame.line { ("stopped", FAULT) } else { ("", QUIET) };
            let text = source.line_text(line).replace('\t', "    ");
            writeln!(out, "  {style}line {line:<4} {label:<8}{style:#}  {text}")?;
        }
        writeln!(out)?;
    }
    wrapped(out, width, "  It says: ", &stopped.cause)?;
    for failure in stopped.led_to.iter().rev() {
        wrapped(out, width, "  This led to: ", failure)?;
    }
    if let Some((function, count)) = &stopped.repeated {
        let text =
            format!("`{function}` stands {count} times in the list of calls: it calls itself.");
        wrapped(out, width, "  ", &text)?;
    }
    wrapped(out, width, "  Why: ", &stopped.meaning)?;
    wrapped(out, width, "  What to try: ", &stopped.advice)?;
    let mut calls: Vec<String> = stopped.frames.iter().filter(|f| f.own).map(called).collect();
    calls.dedup();
    let more = calls.len().saturating_sub(CALLS);
    calls.truncate(CALLS);
    if more > 0 {
        calls.push(format!("and {more} more"));
    }
    if !calls.is_empty() {
        write!(out, "{QUIET}")?;
        wrapped(
            out,
            width,
            "  The calls, the innermost first: ",
            &format!("{}.", calls.join(", ")),
        )?;
        write!(out, "{QUIET:#}")?;
    }
    let outside = stopped.frames.iter().filter(|frame| !frame.own).count();
    if outside > 0 {
        write!(out, "{QUIET}")?;
        let text = format!("{outside} calls of libraries are left out.");
        wrapped(
            out,
            width,
            "  ",
            if outside == 1 { "1 call of a library is left out." } else { &text },
        )?;
        write!(out, "{QUIET:#}")?;
    }
    Ok(())
}

fn place(frame: &Frame) -> String {
    if frame.line == 0 {
        format!("in {}", frame.file)
    } else {
        format!("on line {} of {}", frame.line, frame.file)
    }
}

fn called(frame: &Frame) -> String {
    let name =
        if frame.function.is_empty() { String::new() } else { format!("{} ", frame.function) };
    if frame.line == 0 {
        return name.trim_end().to_owned();
    }
    format!("{name}(line {} of {})", frame.line, frame.file)
}

fn wrapped(out: &mut impl Write, width: usize, first: &str, text: &str) -> io::Result<()> {
    let rest = if first.is_empty() { "" } else { "       " };
    super::paragraph(out, width, first, rest, text)
}
