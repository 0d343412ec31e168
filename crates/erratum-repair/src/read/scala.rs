//! Scala 2: `file.scala:2: error: text`, more lines of text, the source line and a caret. Scala 3:
//! a frame, `-- [E007] Type Mismatch Error: file.scala:4:17 ---`, with the source and the text
//! behind a margin. Seen with scalac 2.11; Scala 3 as documented.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

pub(super) fn starts(line: &str) -> Option<Message> {
    let (file, number, column, rest) = file_line(line)?;
    if !file.ends_with(".scala") || file.contains(' ') {
        return None;
    }
    let rest = rest.trim_start();
    let severities = [("error: ", Severity::Error), ("warning: ", Severity::Warning)];
    let named = severities.iter().find_map(|(word, s)| Some((*s, rest.strip_prefix(word)?)));
    let (severity, text) = named?;
    Some(message(severity, text, Place::point(file, number, column.unwrap_or(1))))
}

/// The build tool of Scala puts the severity first: `[error] file:2:5: text`.
pub(super) fn tagged(severity: Severity, line: &str) -> Option<Message> {
    let (file, number, column, rest) = file_line(line)?;
    let known = file.ends_with(".scala") && !file.contains(' ');
    known.then(|| message(severity, rest.trim(), Place::point(file, number, column.unwrap_or(1))))
}

fn message(severity: Severity, text: &str, place: Place) -> Message {
    let mut message = Message::new(severity, text);
    message.unit = ColumnUnit::Utf16;
    message.at = Some(place);
    message
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    if open.marks.is_some() || open.lines > 30 {
        return Belongs::No;
    }
    if line.trim() == "^" {
        let column =
            line.chars().take_while(|c| *c != '^').map(|c| c.len_utf16() as u32).sum::<u32>() + 1;
        if let Some(at) = &mut open.message.at {
            (at.column, at.end_column) = (column, column);
        }
        open.marks = Some(String::new());
        return Belongs::Yes;
    }
    // The last line before the caret is the source; those before it are text.
    if let Some((_, text)) = open.quoted.take() {
        add(&mut open.message.text, &text);
    }
    open.quoted = Some((0, line.to_owned()));
    Belongs::Yes
}

fn add(text: &mut String, line: &str) {
    for word in line.split_whitespace() {
        text.push(' ');
        text.push_str(word);
    }
}

pub(super) fn frame(line: &str) -> Option<Message> {
    let rest = line.strip_prefix("-- ")?;
    let (code, rest) = match rest.strip_prefix('[').and_then(|r| r.split_once("] ")) {
        Some((code, rest)) => (Some(code.to_owned()), rest),
        None => (None, rest),
    };
    let (title, place) = rest.split_once(": ")?;
    let severity = if title.ends_with("Error") {
        Severity::Error
    } else if title.ends_with("Warning") {
        Severity::Warning
    } else {
        return None;
    };
    let place = place.trim_end().trim_end_matches('-').trim_end();
    let mut numbers = place.rsplitn(3, ':');
    let column: u32 = numbers.next()?.parse().ok()?;
    let number = numbers.next()?.parse().ok()?;
    let mut message =
        message(severity, "", Place::point(numbers.next()?, number, column.saturating_add(1)));
    message.code = code;
    Some(message)
}

pub(super) fn frame_goes_on(line: &str, open: &mut Open) -> Belongs {
    let Some((left, body)) = line.split_once('|').filter(|_| open.lines < 40) else {
        return Belongs::No;
    };
    let left = left.trim();
    if left.parse::<u32>().is_ok() {
        return Belongs::Yes;
    }
    if !left.is_empty() {
        return Belongs::No;
    }
    let body = body.trim();
    if !body.is_empty() && body.chars().all(|c| c == '^' || c == '-') {
        if let (Some(at), '^') = (&mut open.message.at, body.chars().next().unwrap_or(' ')) {
            at.end_column = at.column.saturating_add(body.len() as u32);
        }
        open.marks = Some(String::new());
        return Belongs::Yes;
    }
    if body.starts_with("longer explanation available") {
        return Belongs::Yes;
    }
    add(&mut open.message.text, body);
    let trimmed = open.message.text.trim_start().to_owned();
    open.message.text = crate::message::plain_quotes(&trimmed);
    Belongs::Yes
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn the_text_goes_on_until_the_source_line() {
        let log = "a.scala:4: error: type mismatch;\n found   : String(\"s\")\n required: Int\n    val x: Int = \"s\"\n                 ^\na.scala:7: error: value lenght is not a member of Array[String]\n    args.lenght\n         ^\ntwo errors found\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[0].text, "type mismatch; found : String(\"s\") required: Int");
        assert_eq!(read[0].at.as_ref().map(|at| (at.line, at.column)), Some((4, 18)));
        assert_eq!(read[1].at.as_ref().map(|at| (at.line, at.column)), Some((7, 10)));
    }

    #[test]
    fn frames_of_scala_3() {
        let log = "-- [E007] Type Mismatch Error: src/a.scala:4:17 --------------------\n4 |    val x: Int = \"s\"\n  |                 ^^^\n  |                 Found:    (\"s\" : String)\n  |                 Required: Int\n  |\n  | longer explanation available when compiling with `-explain`\n1 error found\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 1);
        assert_eq!(read[0].code.as_deref(), Some("E007"));
        assert_eq!(read[0].text, "Found: (\"s\" : String) Required: Int");
        let at = read[0].at.as_ref().unwrap();
        assert_eq!(
            (at.file.as_str(), at.line, at.column, at.end_column),
            ("src/a.scala", 4, 18, 21)
        );
    }

    #[test]
    fn the_build_tool_puts_the_severity_first() {
        let log = "[info] compiling 1 Scala source\n[error] /w/a.scala:2:28: not found: value tdie\n[error]   def f(a: Int): Int = a + tdie\n[error]                            ^\n[error] one error found\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 1);
        assert_eq!(read[0].text, "not found: value tdie");
        assert_eq!(read[0].at.as_ref().map(|at| (at.line, at.column)), Some((2, 28)));
    }
}
