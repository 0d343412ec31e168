//! Build tools that put a tag before each line: `[error] …` (Scala's), `[ERROR] …` (Maven, with
//! places as `File.java:[5,9] text`), `[info]`, `[INFO]`, `[warn]`, `[WARNING]`; and the .NET build
//! with several projects at once (`3>File.cs(…)`).

use super::{Belongs, Format, Open, scala};
use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

const TAGS: &[(&str, Option<Severity>)] = &[
    ("[error] ", Some(Severity::Error)),
    ("[ERROR] ", Some(Severity::Error)),
    ("[warn] ", Some(Severity::Warning)),
    ("[WARNING] ", Some(Severity::Warning)),
    ("[info] ", None),
    ("[INFO] ", None),
];

/// A line without its tag, and what the tag says of it.
pub(super) fn strip(line: &str) -> (Option<Severity>, &str) {
    for (tag, severity) in TAGS {
        if let Some(rest) = line.strip_prefix(tag) {
            return (*severity, rest);
        }
    }
    let number = line.bytes().take_while(u8::is_ascii_digit).count();
    match line[number..].strip_prefix('>') {
        Some(rest) if (1..=3).contains(&number) => (None, rest.trim_start()),
        _ => (None, line),
    }
}

/// A message whose severity only the tag tells.
pub(super) fn starts(severity: Severity, line: &str) -> Option<(Format, Message)> {
    if let Some(message) = scala::tagged(severity, line) {
        return Some((Format::Scala, message));
    }
    Some((Format::Maven, maven(severity, line)?))
}

fn maven(severity: Severity, line: &str) -> Option<Message> {
    let (file, rest) = line.split_once(":[")?;
    let (numbers, text) = rest.split_once(']')?;
    let (line, column) = numbers.split_once(',')?;
    let known = [".java", ".kt", ".scala"].iter().any(|ending| file.ends_with(ending));
    let text = text.trim();
    if !known || text.is_empty() {
        return None;
    }
    let mut message = Message::new(severity, text);
    message.unit = ColumnUnit::Utf16;
    message.at = Some(Place::point(file, line.parse().ok()?, column.parse().ok()?));
    Some(message)
}

pub(super) fn maven_goes_on(line: &str, open: &mut Open) -> Belongs {
    if !line.starts_with("  ") || line.trim().is_empty() || open.lines > 20 {
        return Belongs::No;
    }
    open.remark(line)
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn the_summary_of_maven_says_everything_again() {
        let log = "[INFO] Compiling 3 source files\n[ERROR] COMPILATION ERROR : \n[ERROR] /w/src/Ferry.java:[5,17] cannot find symbol\n  symbol:   variable tdie\n  location: class Ferry\n[INFO] 1 error\n[ERROR] Failed to execute goal x: Compilation failure\n[ERROR] /w/src/Ferry.java:[5,17] cannot find symbol\n[ERROR]   symbol:   variable tdie\n[ERROR] -> [Help 1]\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!((read.len(), read[0].count), (1, 2));
        assert_eq!(read[0].text, "cannot find symbol");
        assert_eq!(read[0].notes[0].text, "symbol:   variable tdie");
        assert_eq!(read[0].at.as_ref().map(|at| (at.line, at.column)), Some((5, 17)));
    }
}
