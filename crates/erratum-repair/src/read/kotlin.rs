//! Kotlin as build tools print it: `e: file:///path/a.kt:2:21 text`, or `e: /path/a.kt: (2, 21): text`.
//! The compiler by itself writes as gcc does. As documented.

use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

pub(super) fn starts(line: &str) -> Option<Message> {
    let (severity, rest) = match (line.strip_prefix("e: "), line.strip_prefix("w: ")) {
        (Some(rest), _) => (Severity::Error, rest),
        (_, Some(rest)) => (Severity::Warning, rest),
        _ => return None,
    };
    let rest = rest.strip_prefix("file://").unwrap_or(rest);
    let at = rest.find(".kt:").map(|at| at + 3).or_else(|| rest.find(".kts:").map(|at| at + 4))?;
    let (file, rest) = (&rest[..at], rest[at + 1..].trim_start());
    let (numbers, text) = match rest.strip_prefix('(') {
        Some(rest) => rest.split_once("): ")?,
        None => rest.split_once(' ')?,
    };
    let mut numbers = numbers.split([',', ':']).map(|number| number.trim().parse::<u32>().ok());
    let (line, column) = (numbers.next()??, numbers.next()??);
    let mut message = Message::new(severity, text);
    message.unit = ColumnUnit::Utf16;
    message.at = Some(Place::point(file, line, column));
    Some(message)
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn both_forms_of_the_build() {
        let log = "e: file:///w/a.kt:2:21 Unresolved reference: tdie\ne: /w/b.kt: (3, 4): type mismatch\nw: /w/b.kt: (5, 6): unused\n";
        let read = read(log.as_bytes()).messages;
        let places: Vec<_> = read
            .iter()
            .map(|m| m.at.as_ref().map(|at| (at.file.as_str(), at.line, at.column)))
            .collect();
        assert_eq!(
            places,
            [Some(("/w/a.kt", 2, 21)), Some(("/w/b.kt", 3, 4)), Some(("/w/b.kt", 5, 6))]
        );
        assert_eq!(read[1].text, "type mismatch");
    }
}
