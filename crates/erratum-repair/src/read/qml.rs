//! qmllint: its JSON, and its text `Warning: file.qml:5:3: text [kind]`, where `Error:` stands for
//! what cannot be parsed. Its warnings are what goes wrong when the program runs. Seen with 6.4.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Place, Severity, Suggestion};
use erratum_syntax::source::ColumnUnit;
use serde::Deserialize;

#[derive(Deserialize)]
struct Output {
    files: Vec<File>,
}

#[derive(Deserialize)]
struct File {
    filename: String,
    warnings: Vec<Warning>,
}

#[derive(Deserialize)]
#[serde(rename_all = "camelCase")]
struct Warning {
    message: String,
    #[serde(rename = "type")]
    kind: String,
    #[serde(default)]
    id: Option<String>,
    line: Option<u32>,
    column: Option<u32>,
    length: Option<u32>,
    #[serde(default)]
    suggestions: Vec<Hint>,
}

#[derive(Deserialize)]
struct Hint {
    #[serde(default)]
    message: String,
    replacement: Option<String>,
    line: Option<u32>,
    column: Option<u32>,
    length: Option<u32>,
}

/// The messages of a line of JSON that looks like qmllint's.
pub(super) fn read(line: &str) -> Option<Vec<Message>> {
    if !line.starts_with("{\"files\":") {
        return None;
    }
    let output: Output = serde_json::from_str(line).ok()?;
    let one = |file: &str, warning: Warning| {
        let severity = match warning.kind.as_str() {
            "critical" | "error" => Severity::Error,
            "info" => Severity::Note,
            _ => Severity::Warning,
        };
        let mut message = Message::new(severity, warning.message);
        message.code = warning.id.or_else(|| kind_of(&message.text));
        message.unit = ColumnUnit::Utf16;
        let place = |line: Option<u32>, column: Option<u32>, length: Option<u32>| {
            let mut place = Place::point(file, line?, column.unwrap_or(1));
            place.end_column = place.column.saturating_add(length.unwrap_or(0));
            Some(place)
        };
        message.at = place(warning.line, warning.column, warning.length);
        let hints = warning.suggestions.into_iter().filter_map(|hint| {
            let at = place(hint.line, hint.column, hint.length)?;
            Some(Suggestion { text: hint.message, parts: vec![(at, hint.replacement?)] })
        });
        message.suggestions = hints.collect();
        message
    };
    let all = output.files.into_iter().flat_map(|file| {
        let name = file.filename;
        file.warnings.into_iter().map(|w| one(&name, w)).collect::<Vec<_>>()
    });
    // What has no place speaks of the installation, not of the program.
    let mut all: Vec<Message> =
        all.filter(|m| m.at.is_some() && m.severity != Severity::Note).collect();
    // Messages of one kind come in another order at every run (seen with qmllint 6.4).
    for kind in all.chunk_by_mut(|one, next| one.code == next.code) {
        kind.sort_by_key(|m| m.at.as_ref().map(|at| (at.line, at.column)));
    }
    Some(all)
}

/// The name that newer versions give to a kind of message, for those that give none (6.4).
fn kind_of(text: &str) -> Option<String> {
    let kinds = [
        ("but no property ", "missing-property"),
        ("was not found. Did you add all import paths", "import"),
        ("is used but it is not resolved", "unresolved-type"),
        ("Unqualified access", "unqualified"),
    ];
    kinds.iter().find(|(part, _)| text.contains(part)).map(|(_, kind)| (*kind).to_owned())
}

pub(super) fn starts(line: &str) -> Option<Message> {
    let (severity, rest) = match (line.strip_prefix("Error: "), line.strip_prefix("Warning: ")) {
        (Some(rest), _) => (Severity::Error, rest),
        (_, Some(rest)) => (Severity::Warning, rest),
        _ => return None,
    };
    let (file, number, column, rest) = file_line(rest)?;
    if !file.ends_with(".qml") {
        return None;
    }
    let text = rest.trim();
    let (text, code) = match text.rfind(" [") {
        Some(at) if text.ends_with(']') => {
            (&text[..at], Some(text[at + 2..text.len() - 1].to_owned()))
        }
        _ => (text, None),
    };
    let mut message = Message::new(severity, text);
    message.code = code.or_else(|| kind_of(&message.text));
    message.unit = ColumnUnit::Utf16;
    message.at = Some(Place::point(file, number, column.unwrap_or(1)));
    Some(message)
}

pub(super) fn goes_on(_line: &str, open: &mut Open) -> Belongs {
    // The source line and the marks under it.
    if open.lines <= 2 { Belongs::Yes } else { Belongs::No }
}

#[cfg(test)]
mod tests {
    use crate::message::Severity;
    use crate::read::read;

    #[test]
    fn messages_of_one_kind_come_in_the_order_of_the_text() {
        let one = |line: u32| {
            format!(
                "{{\"column\":3,\"length\":3,\"line\":{line},\"message\":\"but no property {line} exists\",\"type\":\"warning\"}}"
            )
        };
        let json = format!(
            "{{\"files\":[{{\"filename\":\"a.qml\",\"warnings\":[{},{},{}]}}]}}",
            one(7),
            one(2),
            one(5)
        );
        let lines: Vec<_> = read(json.as_bytes()).messages.iter().map(|m| m.line()).collect();
        assert_eq!(lines, [Some(2), Some(5), Some(7)]);
    }

    #[test]
    fn json_and_text_say_the_same() {
        let json = r#"{"files":[{"filename":"a.qml","success":false,"warnings":[{"message":"no place","suggestions":[],"type":"warning"},{"charOffset":62,"column":3,"length":3,"line":5,"message":"Txt was not found.","suggestions":[{"charOffset":62,"column":3,"isHint":true,"length":3,"line":5,"message":"Did you mean \"Text\"?","replacement":"Text"}],"type":"warning"}]}],"revision":3}"#;
        let from_json = read(json.as_bytes()).messages;
        assert_eq!(from_json.len(), 1);
        assert_eq!(from_json[0].suggestions[0].parts[0].1, "Text");
        let text = "Warning: a.qml:5:3: Txt was not found. [import]\n  Txt { }\n  ^^^\nError: a.qml:7:1: Expected token `}'\n";
        let from_text = read(text.as_bytes()).messages;
        assert_eq!(from_text.len(), 2);
        assert_eq!(from_text[0].text, from_json[0].text);
        assert_eq!(from_text[1].severity, Severity::Error);
    }
}
