//! The plain text of rustc and cargo: `error[E0308]: text`, ` --> file:line:column`, quoted lines
//! with labels, then `= note:` and `help:`. Seen with rustc 1.95.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Note, Place, Severity};

pub(super) fn starts(line: &str) -> Option<Message> {
    let (severity, rest) = match (line.strip_prefix("error"), line.strip_prefix("warning")) {
        (Some(rest), _) => (Severity::Error, rest),
        (_, Some(rest)) => (Severity::Warning, rest),
        _ => return None,
    };
    let (code, text) = match rest.strip_prefix('[').and_then(|rest| rest.split_once("]: ")) {
        Some((code, text)) => (Some(code.to_owned()), text),
        None => (None, rest.strip_prefix(": ")?),
    };
    let mut message = Message::new(severity, text);
    message.code = code;
    Some(message)
}

/// The lines that close a run are no messages of their own. They have no place.
pub(super) fn is_summary(message: &Message) -> bool {
    message.at.is_none()
        && (message.text.starts_with("aborting due to")
            || message.text.starts_with("could not compile")
            || message.text.contains("generated ")
            || message.text.ends_with(" emitted")
            || message.text.starts_with("build failed"))
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    let trimmed = line.trim_start();
    if let Some(place) = trimmed.strip_prefix("--> ").or_else(|| trimmed.strip_prefix("::: ")) {
        let place = format!("{place}:");
        if let Some((file, number, column, _)) = file_line(&place) {
            let place = Place::point(file, number, column.unwrap_or(1));
            match open.message.notes.last_mut() {
                Some(note) if open.in_note && note.at.is_none() => note.at = Some(place),
                _ if open.message.at.is_none() => open.message.at = Some(place),
                _ => {}
            }
        }
        return Belongs::Yes;
    }
    for word in ["note: ", "help: "] {
        let bare = line.strip_prefix(word);
        if let Some(text) = bare.or_else(|| trimmed.strip_prefix("= ")?.strip_prefix(word)) {
            open.message.notes.push(Note { text: text.to_owned(), at: None });
            open.in_note = bare.is_some();
            return Belongs::Yes;
        }
    }
    let Some((left, body)) = line.split_once('|') else {
        return if line.is_empty() { Belongs::No } else { Belongs::Yes };
    };
    match left.trim().parse::<u32>() {
        Ok(number) => open.quoted = Some((number, body.to_owned())),
        Err(_) if !left.trim().is_empty() => {}
        Err(_) => label(body, open),
    }
    Belongs::Yes
}

/// `   ^^^^ label` under a quoted line.
fn label(body: &str, open: &mut Open) {
    let Some((number, _)) = open.quoted else { return };
    let Some(at) = open.message.at.as_ref().filter(|_| !open.in_note) else { return };
    let body: Vec<char> = body.strip_prefix(' ').unwrap_or(body).chars().collect();
    let Some(mark) = body.iter().position(|c| matches!(c, '^' | '-')) else { return };
    let width = body[mark..].iter().take_while(|c| **c == body[mark]).count();
    let text: String = body[mark + width..].iter().collect();
    let (column, end) = (mark as u32 + 1, (mark + width) as u32 + 1);
    let place =
        Place { file: at.file.clone(), line: number, column, end_line: number, end_column: end };
    if body[mark] == '^'
        && let Some(at) =
            open.message.at.as_mut().filter(|at| at.line == number && at.column == column)
    {
        at.end_column = end;
    }
    if !text.trim().is_empty() {
        open.message.spans.push(Note { text: text.trim().to_owned(), at: Some(place) });
    }
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn code_place_labels_and_notes() {
        let log = "error[E0308]: mismatched types\n --> src/main.rs:2:18\n  |\n2 |     let x: i32 = \"tide\";\n  |            ---   ^^^^^^ expected `i32`, found `&str`\n  |            |\n  = note: one\n\nerror: aborting due to 1 previous error\n\nFor more information about this error, try `rustc --explain E0308`.\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 1);
        let at = read[0].at.as_ref().unwrap();
        assert_eq!((at.file.as_str(), at.line, at.column), ("src/main.rs", 2, 18));
        assert_eq!(read[0].code.as_deref(), Some("E0308"));
        assert_eq!(read[0].notes[0].text, "one");
    }
}
