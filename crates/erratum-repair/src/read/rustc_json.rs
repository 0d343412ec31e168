//! The JSON lines of rustc (`--error-format=json`) and cargo (`--message-format=json`).

use super::rustc;
use crate::message::{Message, Note, Place, Severity, Suggestion};
use serde::Deserialize;

#[derive(Deserialize)]
struct Line {
    reason: Option<String>,
    message: Option<Inner>,
    level: Option<String>,
    code: Option<Code>,
    #[serde(default)]
    spans: Vec<Span>,
    #[serde(default)]
    children: Vec<Child>,
}

/// rustc's `message` is a string, cargo's an object that holds rustc's line.
#[derive(Deserialize)]
#[serde(untagged)]
enum Inner {
    Text(String),
    Line(Box<Line>),
}

#[derive(Deserialize)]
struct Code {
    code: String,
}

#[derive(Deserialize)]
struct Child {
    message: String,
    #[serde(default)]
    spans: Vec<Span>,
}

#[derive(Deserialize)]
struct Span {
    file_name: String,
    line_start: u32,
    line_end: u32,
    column_start: u32,
    column_end: u32,
    is_primary: bool,
    label: Option<String>,
    suggested_replacement: Option<String>,
    expansion: Option<Box<Expansion>>,
}

#[derive(Deserialize)]
struct Expansion {
    span: Span,
}

impl Span {
    /// The place in the learner's text: for code made by a macro of the library, the macro's call.
    fn place(&self) -> Place {
        match &self.expansion {
            Some(expansion)
                if self.file_name.starts_with("/rustc/") || self.file_name.starts_with('<') =>
            {
                expansion.span.place()
            }
            _ => Place {
                file: self.file_name.clone(),
                line: self.line_start,
                column: self.column_start,
                end_line: self.line_end,
                end_column: self.column_end,
            },
        }
    }
}

/// Reads a line, or gives nothing if it is no message of this form. A line of the form that is no
/// message of a compiler (cargo's progress, rustc's summary) gives an empty list.
pub(super) fn read(line: &str) -> Option<Vec<Message>> {
    let line: Line = serde_json::from_str(line).ok()?;
    if line.reason.as_deref().is_some_and(|reason| reason != "compiler-message") {
        return Some(Vec::new());
    }
    match line.message {
        Some(Inner::Line(inner)) => Some(message(*inner).into_iter().collect()),
        Some(Inner::Text(_)) if line.level.is_some() => Some(message(line).into_iter().collect()),
        _ => None,
    }
}

fn message(line: Line) -> Option<Message> {
    let Some(Inner::Text(text)) = line.message else { return None };
    let severity = match line.level.as_deref() {
        Some(level) if level.starts_with("error") => Severity::Error,
        Some("warning") => Severity::Warning,
        _ => return None,
    };
    let mut message = Message::new(severity, text);
    message.code = line.code.map(|code| code.code);
    let primary = line.spans.iter().filter(|span| span.is_primary);
    message.at = primary.min_by_key(|span| span.file_name.starts_with("/rustc/")).map(Span::place);
    for span in &line.spans {
        message
            .spans
            .push(Note { text: span.label.clone().unwrap_or_default(), at: Some(span.place()) });
    }
    for child in line.children {
        let changes: Vec<_> = child
            .spans
            .iter()
            .filter_map(|span| Some((span.place(), span.suggested_replacement.clone()?)))
            .collect();
        let at = child.spans.first().map(Span::place);
        if changes.is_empty() {
            message.notes.push(Note { text: child.message, at });
            continue;
        }
        message.notes.push(Note { text: child.message.clone(), at });
        message.suggestions.extend(suggestions(&child.message, changes));
    }
    (!rustc::is_summary(&message)).then_some(message)
}

/// The parts of one change come in order; where a place comes again, another change starts.
fn suggestions(text: &str, changes: Vec<(Place, String)>) -> Vec<Suggestion> {
    let mut all: Vec<Suggestion> = Vec::new();
    let mut last: Option<(u32, u32)> = None;
    for (place, replacement) in changes {
        let start = (place.line, place.column);
        let fresh = last.is_none_or(|last| start <= last);
        last = Some(start);
        match all.last_mut() {
            Some(suggestion) if !fresh => suggestion.parts.push((place, replacement)),
            _ => all.push(Suggestion { text: text.to_owned(), parts: vec![(place, replacement)] }),
        }
    }
    all
}

#[cfg(test)]
mod tests {
    use super::*;

    const SPAN: &str = r#"{"file_name":"a.rs","byte_start":1,"byte_end":2,"line_start":1,"line_end":1,"column_start":4,"column_end":9,"is_primary":true,"label":"not found","suggested_replacement":null,"expansion":null}"#;

    #[test]
    fn rustc_and_cargo_lines() {
        let rustc = format!(
            r#"{{"$message_type":"diagnostic","message":"no tide","code":{{"code":"E0425"}},"level":"error","spans":[{SPAN}],"children":[{{"message":"help me","spans":[{}]}}]}}"#,
            SPAN.replace("\"suggested_replacement\":null", "\"suggested_replacement\":\"tide\"")
        );
        let read_one = |line: &str| read(line).unwrap().remove(0);
        let message = read_one(&rustc);
        assert_eq!(message.code.as_deref(), Some("E0425"));
        assert_eq!(message.spans[0].text, "not found");
        assert_eq!(message.suggestions[0].parts[0].1, "tide");
        let cargo = format!(r#"{{"reason":"compiler-message","message":{rustc}}}"#);
        assert_eq!(read_one(&cargo), message);
        assert_eq!(read(r#"{"reason":"build-finished","success":false}"#), Some(vec![]));
        assert_eq!(read(r#"{"some":"thing"}"#), None);
    }
}
