//! Compilers that print no word for an error: `file.go:5:2: text` (Go), and gnat before GCC 12
//! (`file.adb:5:10: text`). Known by the ending of the file. Seen with go 1.19.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

pub(super) fn starts(line: &str) -> Option<Message> {
    let line = line.strip_prefix("vet: ").unwrap_or(line);
    // What go says of imports before it compiles is indented under the package.
    let imports =
        line.strip_prefix('\t').filter(|rest| rest.contains(": use of internal package "));
    let line = imports.unwrap_or(line);
    let (file, number, column, rest) = file_line(line)?;
    let go = file.ends_with(".go");
    let known = go || [".adb", ".ads"].iter().any(|ending| file.ends_with(ending));
    let text = rest.strip_prefix(' ')?.trim_end();
    // Tests and programs log lines too, but without a column.
    if !known || column.is_none() || file.contains([' ', '\t']) || text.is_empty() {
        return None;
    }
    let (severity, text) = match text.strip_prefix("warning: ") {
        Some(text) => (Severity::Warning, text),
        None => (Severity::Error, text.strip_prefix("error: ").unwrap_or(text)),
    };
    // gnat says the second half of a message as one of its own.
    let second = !go
        && ["found ", "instead of ", "possible ", "possibly ", "missing \"with "]
            .iter()
            .any(|start| text.starts_with(start));
    let severity = if second { Severity::Note } else { severity };
    let mut message = Message::new(severity, text);
    message.unit = ColumnUnit::Byte;
    message.at = Some(Place::point(file, number, column.unwrap_or(1)));
    Some(message)
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    if !line.starts_with('\t') || open.lines > 20 {
        return Belongs::No;
    }
    open.remark(line)
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn go_has_no_word_for_an_error_and_its_remarks_are_indented() {
        let log = "# example.org/ferry\n./a.go:15:7: too many arguments in call to f\n\thave (number, number)\n\twant (int)\nvet: ./b.go:3:1: missing return\n./a.go:20:1: too many errors\nferry_test.go:12: tide was 3\n\tmain.go:44 +0x1d\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[0].text, "too many arguments in call to f");
        assert_eq!(read[0].notes.len(), 2);
        assert_eq!(read[1].at.as_ref().map(|at| at.file.as_str()), Some("./b.go"));
    }

    #[test]
    fn an_import_that_go_does_not_allow_is_a_message() {
        let log = "package command-line-arguments\n\tquay.go:5:2: use of internal package internal/abi not allowed\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 1);
        assert_eq!(read[0].at.as_ref().map(|at| (at.line, at.column)), Some((5, 2)));
    }

    #[test]
    fn gnat_says_a_message_in_two_halves() {
        let log = "ferry.adb:3:19: error: expected type \"Standard.Integer\"\nferry.adb:3:19: error: found a string type\nferry.adb:5:19: missing \";\"\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[0].notes[0].text, "found a string type");
    }
}
