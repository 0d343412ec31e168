//! The plain text of javac: `File.java:3: error: text`, the source line, a caret whose column is
//! the place, then indented details. Seen with javac 17.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

pub(super) fn starts(line: &str) -> Option<Message> {
    let (file, number, column, rest) = file_line(line)?;
    if column.is_some() || !file.ends_with(".java") {
        return None;
    }
    let rest = rest.trim_start();
    let (severity, text) = match (rest.strip_prefix("error: "), rest.strip_prefix("warning: ")) {
        (Some(text), _) => (Severity::Error, text),
        (_, Some(text)) => (Severity::Warning, text),
        _ => return None,
    };
    let lint = text.strip_prefix('[').and_then(|text| text.split_once("] "));
    let (code, text) = match lint {
        Some((lint, text)) => (Some(format!("-Xlint:{lint}")), text),
        None => (None, text),
    };
    let mut message = Message::new(severity, text);
    message.code = code;
    message.unit = ColumnUnit::Utf16;
    message.at = Some(Place::point(file, number, 1));
    Some(message)
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    let caret = line.trim() == "^";
    if let (true, Some(at)) = (caret, &mut open.message.at) {
        let column =
            line.chars().take_while(|c| *c != '^').map(|c| c.len_utf16() as u32).sum::<u32>() + 1;
        (at.column, at.end_column) = (column, column);
        open.marks = Some(line.to_owned());
        return Belongs::Yes;
    }
    if open.marks.is_none() {
        // The source line; or, in a message of several lines, more of the text.
        return if open.lines <= 12 { Belongs::Yes } else { Belongs::No };
    }
    let count = line.split_once(' ').is_some_and(|(number, word)| {
        number.parse::<u32>().is_ok() && (word.starts_with("error") || word.starts_with("warning"))
    });
    if count || !line.starts_with("  ") {
        return Belongs::No;
    }
    open.remark(line)
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn the_caret_gives_the_column_and_details_are_notes() {
        let log = "src/Ferry.java:5: error: cannot find symbol\n\tint x = tdie;\n\t        ^\n  symbol:   variable tdie\n  location: class Ferry\nFerry.java:9: warning: [cast] redundant cast to int\n        int y = (int) 3;\n                ^\n1 error\n1 warning\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[0].at.as_ref().map(|at| (at.line, at.column)), Some((5, 10)));
        assert_eq!(read[0].notes[0].text, "symbol:   variable tdie");
        assert_eq!(read[1].code.as_deref(), Some("-Xlint:cast"));
        assert_eq!(read[1].notes.len(), 0);
    }
}
