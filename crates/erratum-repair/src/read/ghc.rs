//! GHC: `File.hs:5:3-7: error: [GHC-12345] text`, where the text may start on the next line, then
//! parts that start with a bullet, then the source line behind a margin. Seen with ghc 9.0; the
//! codes and the form of newer ones are as documented.

use super::{Belongs, Open, leading_number};
use crate::message::{Message, Note, Place, Severity, plain_quotes};
use erratum_syntax::source::ColumnUnit;

pub(super) fn starts(line: &str) -> Option<Message> {
    let (file, rest) = split_file(line)?;
    let (place, rest) = span(file, rest)?;
    let rest = rest.trim_start();
    let (severity, rest) = if let Some(rest) = rest.strip_prefix("error:") {
        (Severity::Error, rest)
    } else {
        (Severity::Warning, rest.strip_prefix("warning:")?)
    };
    let mut rest = rest.trim();
    let mut code = None;
    while let Some((inside, after)) = rest.strip_prefix('[').and_then(|r| r.split_once(']')) {
        let inside = inside.split(',').next().unwrap_or(inside);
        if !(inside.starts_with("-W") || inside.starts_with("GHC-")) {
            break;
        }
        // The name of a warning says more than its number.
        if code.is_none() || inside.starts_with("-W") {
            code = Some(inside.to_owned());
        }
        rest = after.trim_start();
    }
    let mut message = Message::new(severity, rest);
    message.code = code;
    message.unit = ColumnUnit::Char;
    message.at = Some(place);
    Some(message)
}

fn split_file(line: &str) -> Option<(&str, &str)> {
    [".hs:", ".lhs:", ".hsc:"].iter().find_map(|ending| {
        let at = line.find(ending)? + ending.len();
        let file = &line[..at - 1];
        (!file.contains(' ')).then_some((file, &line[at..]))
    })
}

/// `5:3:`, `5:3-7:` or `(5,3)-(6,8):`; the last column belongs to the place.
fn span<'a>(file: &str, rest: &'a str) -> Option<(Place, &'a str)> {
    let pair = |text: &'a str| -> Option<(u32, u32, &'a str)> {
        let (line, rest) = leading_number(text.strip_prefix('(')?);
        let (column, rest) = leading_number(rest.strip_prefix(',')?);
        Some((line?, column?, rest.strip_prefix(')')?))
    };
    if let Some((line, column, after)) = pair(rest) {
        let (end_line, end, after) = pair(after.strip_prefix('-')?)?;
        let place = Place {
            file: file.to_owned(),
            line,
            column,
            end_line,
            end_column: end.saturating_add(1),
        };
        return Some((place, after.strip_prefix(':')?));
    }
    let (line, after) = leading_number(rest);
    let (column, after) = leading_number(after.strip_prefix(':')?);
    let (line, column) = (line?, column?);
    let mut place = Place::point(file, line, column);
    let after = match after.strip_prefix('-') {
        Some(after) => {
            let (end, after) = leading_number(after);
            place.end_column = end?.saturating_add(1);
            after
        }
        None => after,
    };
    Some((place, after.strip_prefix(':')?))
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    let text = line.trim();
    let margin = text.starts_with('|')
        || text.split_once('|').is_some_and(|(number, _)| number.trim().parse::<u32>().is_ok());
    if margin {
        open.marks = Some(String::new());
        return Belongs::Yes;
    }
    if text.is_empty() || !line.starts_with("  ") || open.marks.is_some() || open.lines > 60 {
        return if text.is_empty() && open.marks.is_none() { Belongs::Yes } else { Belongs::No };
    }
    let text = plain_quotes(text);
    let (bullet, text) = match text.strip_prefix(['•', '*']) {
        Some(rest) => (true, rest.trim_start().to_owned()),
        None => (false, text),
    };
    let message = &mut open.message;
    // The first part is the message; what follows says where it happened.
    let part = match message.notes.last_mut() {
        _ if bullet && !message.text.is_empty() => {
            message.notes.push(Note { text, at: None });
            return Belongs::Yes;
        }
        Some(note) => &mut note.text,
        None if aside(&text) && !message.text.is_empty() => {
            message.notes.push(Note { text, at: None });
            return Belongs::Yes;
        }
        None => &mut message.text,
    };
    if !part.is_empty() {
        part.push(' ');
    }
    part.push_str(&text);
    Belongs::Yes
}

/// Starts of lines that remark on a message without a bullet of their own.
fn aside(text: &str) -> bool {
    ["In the ", "Perhaps you ", "Suggested fix", "In a stmt", "In an equation", "Possible fix"]
        .iter()
        .any(|start| text.starts_with(start))
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn parts_are_told_apart_and_spans_are_read() {
        let log = "[1 of 1] Compiling Main             ( a.hs, nothing )\n\na.hs:5:10-14: error:\n    • Couldn't match expected type ‘Int’ with actual type ‘[Char]’\n    • In the first argument of ‘fare’, namely ‘\"x\"’\n      In the expression: fare \"x\"\n  |\n5 |   fare \"x\"\n  |        ^^^\n\na.hs:(7,3)-(9,12): error: [GHC-88464] Variable not in scope: tdie\n\na.hs:11:1: warning: [-Wunused-binds]\n    Defined but not used: ‘x’\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 3);
        assert_eq!(read[0].text, "Couldn't match expected type 'Int' with actual type '[Char]'");
        assert_eq!(
            read[0].notes[0].text,
            "In the first argument of 'fare', namely '\"x\"' In the expression: fare \"x\""
        );
        let at = read[0].at.as_ref().unwrap();
        assert_eq!((at.line, at.column, at.end_column), (5, 10, 15));
        assert_eq!(read[1].code.as_deref(), Some("GHC-88464"));
        assert_eq!(read[1].text, "Variable not in scope: tdie");
        let at = read[1].at.as_ref().unwrap();
        assert_eq!((at.line, at.end_line, at.end_column), (7, 9, 13));
        assert_eq!(read[2].code.as_deref(), Some("-Wunused-binds"));
        assert_eq!(read[2].text, "Defined but not used: 'x'");
    }
}
