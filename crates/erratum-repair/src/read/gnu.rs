//! The plain text of gcc, g++, clang and clang++: `file:line:column: error: text [-Woption]`,
//! then the source line, marks under it, and a hint under the marks.
//!
//! gcc 12 counts columns as they look on a screen with tabs of 8 and prints a margin
//! (`    5 | int x`); clang 14 counts bytes and prints none.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Place, Severity, Suggestion};
use erratum_syntax::source::ColumnUnit;

pub(super) fn starts(line: &str) -> Option<Message> {
    let (file, number, column, rest) = file_line(line)?;
    let rest = rest.trim_start();
    let (severity, text) = severity(rest)?;
    let (text, code) = option(text);
    let mut message = Message::new(severity, text);
    message.code = code;
    message.unit = ColumnUnit::Byte;
    message.at = Some(Place::point(file, number, column.unwrap_or(1)));
    Some(message)
}

fn severity(rest: &str) -> Option<(Severity, &str)> {
    let forms = [
        ("error: ", Severity::Error),
        ("fatal error: ", Severity::Error),
        ("warning: ", Severity::Warning),
        ("note: ", Severity::Note),
        ("remark: ", Severity::Note),
    ];
    forms.iter().find_map(|(word, severity)| Some((*severity, rest.strip_prefix(word)?)))
}

/// Takes `[-Wname]` off the end.
fn option(text: &str) -> (&str, Option<String>) {
    match text.rfind(" [-") {
        Some(at) if text.ends_with(']') => {
            let code = &text[at + 2..text.len() - 1];
            (&text[..at], Some(code.strip_prefix("-Werror,").unwrap_or(code).to_owned()))
        }
        _ => (text, None),
    }
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    if let Some(hint) = line.strip_prefix("fix-it:") {
        let parts = parse_fix(hint);
        open.message
            .suggestions
            .extend(parts.map(|part| Suggestion { text: String::new(), parts: vec![part] }));
        return Belongs::Yes;
    }
    let body = match margin(line) {
        Some((number, body)) => {
            open.message.unit = ColumnUnit::Display { tab: 8 };
            if let Some(number) = number {
                open.quoted = Some((number, body.to_owned()));
                open.marks = None;
                return Belongs::Yes;
            }
            body
        }
        None => line,
    };
    let is_marks = !body.trim().is_empty()
        && body.chars().all(|c| matches!(c, ' ' | '^' | '~' | '-' | '\t' | '|'));
    if is_marks {
        open.marks = Some(body.to_owned());
        return Belongs::Yes;
    }
    let margin_less = margin(line).is_none();
    if open.quoted.is_none() && margin_less && !open.in_note && open.lines == 1 {
        // clang: the source line itself.
        let number = open.message.line().unwrap_or(1);
        open.quoted = Some((number, body.to_owned()));
        return Belongs::Yes;
    }
    if open.marks.is_some() && body.starts_with([' ', '\t']) && !open.in_note {
        hint(body, open);
        open.marks = None;
        return Belongs::Yes;
    }
    let context = line.starts_with("In file included from")
        || line.contains(": In function")
        || line.contains(": At top level");
    if context || line.is_empty() || !(line.starts_with(' ') || open.in_note && open.lines < 40) {
        return Belongs::No;
    }
    Belongs::Yes
}

/// gcc's margin: the line's number if there is one, and what stands after the bar.
fn margin(line: &str) -> Option<(Option<u32>, &str)> {
    let (left, body) = line.split_once('|')?;
    let left = left.trim();
    if left.is_empty() {
        return Some((None, body.strip_prefix(' ').unwrap_or(body)));
    }
    Some((Some(left.parse().ok()?), body.strip_prefix(' ').unwrap_or(body)))
}

/// A line under the marks shows the text to insert, or to put in the place of what is underlined.
fn hint(body: &str, open: &mut Open) {
    let (Some((number, _)), Some(marks), Some(at)) = (&open.quoted, &open.marks, &open.message.at)
    else {
        return;
    };
    let text = body.trim();
    let column = body.chars().take_while(|c| c.is_whitespace()).count();
    let marks: Vec<char> = marks.chars().collect();
    let marked = marks.iter().skip(column).take_while(|c| matches!(c, '^' | '~')).count();
    let replaces =
        marked > 1 || (marked == 1 && text.chars().all(|c| c.is_alphanumeric() || c == '_'));
    let width = if replaces { marked as u32 } else { 0 };
    let start = column as u32 + 1;
    let place = Place {
        file: at.file.clone(),
        line: *number,
        column: start,
        end_line: *number,
        end_column: start + width,
    };
    open.message
        .suggestions
        .push(Suggestion { text: String::new(), parts: vec![(place, text.to_owned())] });
}

/// `"file":{line:column-line:column}:"text"`, as `-fdiagnostics-parseable-fixits` prints it.
fn parse_fix(hint: &str) -> Option<(Place, String)> {
    let (file, rest) = hint.strip_prefix('"')?.split_once("\":{")?;
    let (range, text) = rest.split_once("}:\"")?;
    let (from, to) = range.split_once('-')?;
    let pair = |text: &str| {
        let (line, column) = text.split_once(':')?;
        Some((line.parse::<u32>().ok()?, column.parse::<u32>().ok()?))
    };
    let ((line, column), (end_line, end_column)) = (pair(from)?, pair(to)?);
    let text =
        text.strip_suffix('"')?.replace("\\n", "\n").replace("\\\"", "\"").replace("\\\\", "\\");
    Some((Place { file: file.to_owned(), line, column, end_line, end_column }, text))
}

#[cfg(test)]
mod tests {
    use crate::read::read;
    use erratum_syntax::source::ColumnUnit;

    #[test]
    fn gcc_with_margin_and_hint() {
        let log = "ferry.c: In function 'main':\nferry.c:5:5: warning: implicit declaration of function 'pritnf'; did you mean 'printf'? [-Wimplicit-function-declaration]\n    5 |     pritnf(\"tide\");\n      |     ^~~~~~\n      |     printf\nferry.c:4:14: error: expected ';' before 'if'\n    4 |     int x = 3\n      |              ^\n      |              ;\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[0].code.as_deref(), Some("-Wimplicit-function-declaration"));
        assert_eq!(read[0].unit, ColumnUnit::Display { tab: 8 });
        let (place, text) = &read[0].suggestions[0].parts[0];
        assert_eq!((place.column, place.end_column, text.as_str()), (5, 11, "printf"));
        let (place, text) = &read[1].suggestions[0].parts[0];
        assert_eq!((place.column, place.end_column, text.as_str()), (14, 14, ";"));
    }

    #[test]
    fn clang_without_margin_and_with_parseable_hints() {
        let log = "a.c:3:14: error: expected ';' at end of declaration\n    int x = 3\n             ^\n             ;\nfix-it:\"a.c\":{3:14-3:14}:\";\"\na.c:1:2: note: declared here\nint y;\n ^\n1 error generated.\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 1);
        assert_eq!(read[0].unit, ColumnUnit::Byte);
        assert_eq!(read[0].suggestions.len(), 2);
        assert_eq!(read[0].suggestions[0].parts, read[0].suggestions[1].parts);
        assert_eq!(read[0].notes.len(), 1);
    }
}
