//! gfortran: a line with the place alone, the source with a `1` under it, then `Error: text at (1)`.
//! Seen with gfortran 12.

use super::{Belongs, Open, file_line};
use crate::message::{Message, Place, Severity, ended_file};
use erratum_syntax::source::ColumnUnit;

const ENDINGS: &[&str] = &[".f90", ".f95", ".f03", ".f08", ".f", ".for", ".F90", ".F"];

/// The line with the place: the message is still to come.
pub(super) fn starts(line: &str) -> Option<Message> {
    if let Some(text) = line.strip_prefix("f951: Error: ").map(crate::message::plain_quotes)
        && ended_file(&text).is_some()
    {
        return Some(Message::new(Severity::Error, text));
    }
    let (file, number, column, rest) = file_line(line)?;
    let known = ENDINGS.iter().any(|ending| file.ends_with(ending));
    if !known || !rest.trim().is_empty() || column.is_none() || file.contains(' ') {
        return None;
    }
    let mut message = Message::new(Severity::Note, "");
    message.unit = ColumnUnit::Byte;
    message.at = Some(Place::point(file, number, column.unwrap_or(1)));
    Some(message)
}

/// Whether the text came.
pub(super) fn is_whole(message: &Message) -> bool {
    !message.text.is_empty()
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    let words = [
        ("Error: ", Severity::Error),
        ("Fatal Error: ", Severity::Error),
        ("Warning: ", Severity::Warning),
    ];
    if is_whole(&open.message) || open.lines > 12 {
        return Belongs::No;
    }
    if let Some((severity, text)) =
        words.iter().find_map(|(word, severity)| Some((*severity, line.strip_prefix(word)?)))
    {
        let (text, code) = match text.rfind(" [-W") {
            Some(at) if text.ends_with(']') => {
                (&text[..at], Some(text[at + 2..text.len() - 1].to_owned()))
            }
            _ => (text, None),
        };
        open.message.severity = severity;
        open.message.code = code;
        open.message.text = crate::message::plain_quotes(text);
        return Belongs::Yes;
    }
    let excerpt = line.trim().is_empty() || line.contains('|');
    if excerpt { Belongs::Yes } else { Belongs::No }
}

#[cfg(test)]
mod tests {
    use crate::read::read;
    use erratum_syntax::source::Source;

    #[test]
    fn a_file_that_ends_too_early_is_told_by_its_name() {
        let mut read = read("f951: Error: Unexpected end of file in ‘a.f90’\n".as_bytes()).messages;
        assert_eq!(read.len(), 1);
        let source = Source::new("a.f90", "program a\n  print *, 3\n".as_bytes());
        read[0].resolve(&mut |name| (name == "a.f90").then(|| source.clone()));
        assert_eq!(read[0].line(), Some(2));
    }

    #[test]
    fn the_text_comes_after_the_source() {
        let log = "a.f90:8:3:\n\n    8 | end program\n      |   1\nError: Expecting END IF statement at (1)\na.f90:3:13:\n\n    3 |   integer :: i\n      |             1\nWarning: Unused variable 'i' declared at (1) [-Wunused-variable]\nf951: Error: Unexpected end of file in 'a.f90'\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[0].text, "Expecting END IF statement at (1)");
        assert_eq!(read[0].at.as_ref().map(|at| (at.line, at.column)), Some((8, 3)));
        assert_eq!(read[1].code.as_deref(), Some("-Wunused-variable"));
    }
}
