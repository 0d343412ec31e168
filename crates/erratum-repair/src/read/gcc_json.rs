//! The JSON of gcc and g++ (`-fdiagnostics-format=json`): one line, an array of messages with
//! their notes as children. Seen with gcc 12.

use crate::message::{Message, Note, Place, Severity, Suggestion};
use erratum_syntax::source::ColumnUnit;
use serde::Deserialize;

#[derive(Deserialize)]
struct Item {
    kind: String,
    message: String,
    option: Option<String>,
    #[serde(default)]
    locations: Vec<Location>,
    #[serde(default)]
    children: Vec<Item>,
    #[serde(default)]
    fixits: Vec<Fix>,
}

#[derive(Deserialize)]
struct Location {
    caret: Point,
    start: Option<Point>,
    finish: Option<Point>,
    label: Option<String>,
}

#[derive(Clone, Deserialize)]
struct Point {
    file: String,
    line: u32,
    /// gcc 12 gives -1 where it knows no column (the end of a function without `return`).
    #[serde(rename = "byte-column", deserialize_with = "column")]
    byte_column: u32,
}

fn column<'de, D: serde::Deserializer<'de>>(from: D) -> Result<u32, D::Error> {
    let column = i64::deserialize(from)?;
    Ok(u32::try_from(column).unwrap_or(1).max(1))
}

#[derive(Deserialize)]
struct Fix {
    start: Point,
    next: Point,
    string: String,
}

impl Location {
    /// gcc's `finish` is the last column, ours the one after it. The caret is the place; the range
    /// around it only tells how far it goes.
    fn place(&self) -> Place {
        let start = self
            .start
            .as_ref()
            .filter(|start| start.line == self.caret.line)
            .unwrap_or(&self.caret);
        let finish = self.finish.as_ref().unwrap_or(&self.caret);
        Place {
            file: self.caret.file.clone(),
            line: start.line,
            column: start.byte_column.min(self.caret.byte_column),
            end_line: finish.line,
            end_column: finish.byte_column.saturating_add(1),
        }
    }
}

pub(super) fn read(line: &str) -> Option<Vec<Message>> {
    let items: Vec<Item> = serde_json::from_str(line).ok()?;
    let mut all: Vec<Message> = Vec::new();
    for item in items {
        // Some remarks stand behind their message and not in it, such as the candidates of an ambiguous name.
        match all.last_mut().filter(|_| item.kind == "note") {
            Some(message) => remark(message, item),
            None => all.extend(messages(item)),
        }
    }
    Some(all)
}

/// gcc nests some errors under a warning of the same text (an open quote): the error counts.
fn messages(item: Item) -> Vec<Message> {
    let grave = item.kind == "warning" && item.children.iter().any(|child| child.kind == "error");
    if grave {
        return item.children.into_iter().flat_map(messages).collect();
    }
    let severity = match item.kind.as_str() {
        "error" | "fatal error" | "sorry" | "internal compiler error" => Severity::Error,
        "warning" => Severity::Warning,
        _ => return Vec::new(),
    };
    let mut message = Message::new(severity, &item.message);
    message.unit = ColumnUnit::Byte;
    message.code = item.option.map(|option| option.replacen("-Werror=", "-W", 1));
    message.at = item.locations.first().map(Location::place);
    for location in &item.locations {
        let text = location.label.clone().unwrap_or_default();
        message.spans.push(Note { text, at: Some(location.place()) });
    }
    take_fixes(&mut message, item.fixits, "");
    let mut all = vec![message];
    for child in item.children {
        // What gcc says next of the same place may be nested: it is no remark.
        if ["error", "warning"].contains(&child.kind.as_str()) {
            all.extend(messages(child));
        } else if let Some(message) = all.last_mut() {
            remark(message, child);
        }
    }
    all
}

/// Adds a remark to the message that it belongs to.
fn remark(message: &mut Message, item: Item) {
    let at = item.locations.first().map(Location::place);
    let text = crate::message::plain_quotes(&item.message).trim().to_owned();
    take_fixes(message, item.fixits, &text);
    message.notes.push(Note { text, at });
}

fn take_fixes(message: &mut Message, fixes: Vec<Fix>, text: &str) {
    let parts: Vec<_> = fixes
        .into_iter()
        .map(|fix| {
            let place = Place {
                file: fix.start.file,
                line: fix.start.line,
                column: fix.start.byte_column,
                end_line: fix.next.line,
                end_column: fix.next.byte_column,
            };
            (place, fix.string)
        })
        .collect();
    if !parts.is_empty() {
        message.suggestions.push(Suggestion { text: text.to_owned(), parts });
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_warning_under_a_warning_keeps_its_code() {
        let line = r#"[{"kind": "warning", "message": "character constant too long for its type",
            "children": [
                {"kind": "warning", "option": "-Wint-conversion", "message": "makes pointer"},
                {"kind": "note", "message": "expected 'const char *'"}]}]"#;
        let all = read(line).unwrap();
        let told = |message: &Message| (message.code.clone(), message.notes.len());
        assert_eq!(all.len(), 2);
        assert_eq!(told(&all[0]), (None, 0));
        assert_eq!(told(&all[1]), (Some("-Wint-conversion".to_owned()), 1));
    }

    #[test]
    fn a_remark_behind_a_message_belongs_to_it() {
        let place = |file: &str| {
            format!(r#"{{"caret": {{"file": "{file}", "line": 3, "byte-column": 5}}}}"#)
        };
        let item = |kind: &str, file: &str, text: &str| {
            let at = place(file);
            format!(
                r#"{{"kind": "{kind}", "children": [], "locations": [{at}], "message": "{text}"}}"#
            )
        };
        let all = [
            item("error", "quay.cpp", "reference to 'count' is ambiguous"),
            item("note", "/usr/include/algo.h", "candidates are: 'count'"),
            item("note", "quay.cpp", "                'int count'"),
        ];
        let read = read(&format!("[{}]", all.join(", "))).unwrap();
        assert_eq!(read.len(), 1);
        let notes: Vec<&str> = read[0].notes.iter().map(|note| note.text.as_str()).collect();
        assert_eq!(notes, ["candidates are: 'count'", "'int count'"]);
    }

    #[test]
    fn an_error_under_a_warning_counts_as_the_error() {
        let point = |c: u32| {
            format!(
                r#"{{"file":"a.c","line":5,"column":{c},"byte-column":{c},"display-column":{c}}}"#
            )
        };
        let line = format!(
            r#"[{{"kind":"warning","message":"missing terminating \" character","children":[{{"kind":"error","message":"missing terminating \" character","children":[],"locations":[{{"caret":{},"finish":{}}}]}}],"locations":[]}}]"#,
            point(16),
            point(21)
        );
        let read = read(&line).unwrap();
        assert_eq!(read.len(), 1);
        assert!(read[0].is_error());
        assert_eq!(read[0].at.as_ref().map(|at| (at.column, at.end_column)), Some((16, 22)));
    }
}
