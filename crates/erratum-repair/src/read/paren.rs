//! The forms that put the place into brackets: `file(line,column): error CODE: text`.
//!
//! Seen with tsc 5.9, mcs 6.8, fpc 3.2, and in the documented output of the .NET build
//! (`[project]` at the end), of Visual Basic, of MSVC with and without a column, of Delphi
//! (`[dcc32 Error] File.pas(28): E2003 text`) and of SourcePawn (`file.sp(7) : error 017: text`).
//! tsc also has a form for terminals, `file:line:column - error CODE: text`.

use super::{Belongs, Open};
use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

/// The words for how grave a message is, as the compilers write them.
const WORDS: &[(&str, Severity)] = &[
    ("fatal error", Severity::Error),
    ("error", Severity::Error),
    ("warning", Severity::Warning),
    ("note", Severity::Note),
    ("message", Severity::Note),
    ("Fatal", Severity::Error),
    ("Error", Severity::Error),
    ("Warning", Severity::Warning),
    ("Hint", Severity::Warning),
    ("Note", Severity::Warning),
];

pub(super) fn starts(line: &str) -> Option<Message> {
    delphi(line).or_else(|| bracketed(line)).or_else(|| terminal(line)).or_else(|| placeless(line))
}

/// A place in brackets: the file, then line and column and maybe an end.
fn place(line: &str) -> Option<(Place, &str)> {
    let line = line.trim_start();
    let mut from = 0;
    while let Some(open) = line[from..].find('(').map(|at| at + from) {
        let close = line[open..].find(')')? + open;
        let numbers = line[open + 1..close].replace("--", ",");
        let numbers: Option<Vec<u32>> =
            numbers.split(',').map(|number| number.trim().parse().ok()).collect();
        let file = line[..open].trim_end();
        match numbers.as_deref() {
            Some([line_number, rest @ ..]) if rest.len() <= 3 && is_file(file) => {
                let mut place = Place::point(file, *line_number, 1);
                match (rest, line[open..close].contains("--")) {
                    ([end_line], true) => place.end_line = *end_line,
                    ([column], false) => {
                        (place.column, place.end_column) = (*column, *column);
                    }
                    ([column, end_line, end_column], _) => {
                        (place.column, place.end_line, place.end_column) =
                            (*column, *end_line, *end_column);
                    }
                    _ => {}
                }
                return Some((place, &line[close + 1..]));
            }
            _ => from = open + 1,
        }
    }
    None
}

/// A file name has an ending of letters and digits, with a letter in it.
fn is_file(text: &str) -> bool {
    let ending = text.rsplit_once('.').map_or("", |(_, ending)| ending);
    !text.is_empty()
        && (1..=8).contains(&ending.len())
        && ending.chars().all(char::is_alphanumeric)
        && ending.contains(char::is_alphabetic)
}

fn severity(text: &str) -> Option<(Severity, &str)> {
    WORDS.iter().find_map(|(word, severity)| {
        let rest = text.strip_prefix(word)?;
        rest.starts_with([' ', ':']).then_some((*severity, rest))
    })
}

/// `CS0103`, `TS2304`, `017` or `(4006)`, in front of a `:` or a blank.
fn code(rest: &str) -> (Option<String>, &str) {
    let rest = rest.trim_start();
    if let Some((number, text)) = rest.strip_prefix('(').and_then(|r| r.split_once(") "))
        && !number.is_empty()
        && number.chars().all(|c| c.is_ascii_digit())
    {
        return (Some(number.to_owned()), text);
    }
    match rest.split_once(':') {
        Some((word, text)) if is_code(word.trim()) => {
            (Some(word.trim().to_owned()), text.trim_start())
        }
        _ => coded(rest.strip_prefix(':').unwrap_or(rest).trim_start()),
    }
}

/// Delphi writes the code in front of the text, with a blank behind it: `E2066 Missing operator`.
fn coded(text: &str) -> (Option<String>, &str) {
    match text.split_once(' ') {
        Some((word, rest))
            if is_code(word) && word.len() == 5 && word.starts_with(['E', 'F', 'W', 'H']) =>
        {
            (Some(word.to_owned()), rest)
        }
        _ => (None, text),
    }
}

fn is_code(word: &str) -> bool {
    let letters = word.chars().take_while(char::is_ascii_uppercase).count();
    let digits = word.len() - letters;
    letters <= 6 && (2..=6).contains(&digits) && word[letters..].chars().all(|c| c.is_ascii_digit())
}

fn bracketed(line: &str) -> Option<Message> {
    let (place, rest) = place(line)?;
    // SourcePawn puts a blank before the colon, fpc has none.
    let rest = rest.trim_start();
    let (colon, rest) = match rest.strip_prefix(':') {
        Some(rest) => (true, rest.trim_start()),
        None => (false, rest),
    };
    if let Some(text) = rest.strip_prefix("(Location of the symbol") {
        // mcs: where a name of the message before is declared.
        let mut note = Message::new(Severity::Note, format!("(Location of the symbol{text}"));
        note.at = Some(place);
        return Some(note);
    }
    let (mut severity, rest) = severity(rest)?;
    let fpc = !colon && rest.starts_with(':');
    let (code, text) = if fpc { code(rest[1..].trim_start()) } else { code(rest) };
    let remark = ["Found declaration", "Identifier already defined in"];
    if fpc && remark.iter().any(|start| text.starts_with(start)) {
        severity = Severity::Note;
    }
    if text.is_empty() {
        return None;
    }
    Some(message(severity, code, text, Some(place)))
}

/// tsc on a terminal.
fn terminal(line: &str) -> Option<Message> {
    let (place_text, rest) = line.split_once(" - ")?;
    let (severity, rest) = severity(rest)?;
    let (code, text) = code(rest);
    let mut numbers = place_text.rsplitn(3, ':');
    let column = numbers.next()?.parse().ok()?;
    let line = numbers.next()?.parse().ok()?;
    let file = numbers.next()?;
    code.as_ref()?;
    Some(message(severity, code, text, Some(Place::point(file, line, column))))
}

/// `[dcc32 Error] Unit1.pas(28): E2003 Undeclared identifier: 'x'`.
fn delphi(line: &str) -> Option<Message> {
    let (head, rest) = line.trim_start().strip_prefix("[dcc")?.split_once("] ")?;
    let (severity, _) = severity(head.split_once(' ')?.1).or_else(|| {
        let word = head.split_once(' ')?.1;
        WORDS.iter().find(|(w, _)| *w == word).map(|(_, severity)| (*severity, ""))
    })?;
    let (place, rest) = place(rest)?;
    let rest = rest.strip_prefix(':')?.trim_start();
    let (code, text) = coded(rest);
    Some(message(severity, code, text, Some(place)))
}

/// A message about the whole program: `error CS2001: text`. Without a code it may be anything.
fn placeless(line: &str) -> Option<Message> {
    let (severity, rest) = severity(line)?;
    let (code, text) = code(rest);
    let code = code.filter(|code| code.starts_with(|c: char| c.is_ascii_uppercase()))?;
    (!text.is_empty() && severity != Severity::Note)
        .then(|| message(severity, Some(code), text, None))
}

fn message(severity: Severity, code: Option<String>, text: &str, place: Option<Place>) -> Message {
    // The .NET build names the project at the end of each line.
    let text = match text.rfind(" [") {
        Some(at) if text.ends_with("proj]") => &text[..at],
        _ => text,
    };
    // mcs writes `name'.
    let mono = code.as_deref().is_some_and(|code| code.starts_with("CS"));
    let text = if mono { text.replace('`', "'") } else { text.to_owned() };
    let mut message = Message::new(severity, text.trim_end());
    message.unit = ColumnUnit::Utf16;
    message.code = code;
    message.at = place;
    message
}

/// fpc ends with a message that counts the others.
pub(super) fn is_summary(message: &Message) -> bool {
    message.text.starts_with("There were ") && message.text.ends_with("stopping")
}

pub(super) fn goes_on(line: &str, open: &mut Open) -> Belongs {
    // tsc: the reasons, each further in than the one before.
    let indented = line.starts_with("  ") && !line.trim().is_empty();
    let marks = line.chars().all(|c| matches!(c, ' ' | '~'));
    if !indented || marks || open.lines > 40 {
        return Belongs::No;
    }
    open.remark(line)
}

#[cfg(test)]
mod tests {
    use crate::message::Severity;
    use crate::read::read;

    type Read = (Severity, Option<String>, String, Option<(String, u32, u32)>);

    fn one(line: &str) -> Read {
        let mut all = read(line.as_bytes()).messages;
        assert_eq!(all.len(), 1, "{line}");
        let one = all.remove(0);
        (one.severity, one.code, one.text, one.at.map(|at| (at.file, at.line, at.column)))
    }

    fn is(line: &str, code: &str, text: &str, file: &str, at: (u32, u32)) {
        let read = one(line);
        assert_eq!(
            read,
            (
                Severity::Error,
                (!code.is_empty()).then(|| code.to_owned()),
                text.to_owned(),
                Some((file.to_owned(), at.0, at.1))
            )
        );
    }

    #[test]
    fn every_compiler_that_writes_the_place_in_brackets() {
        is(
            "src/a.ts(4,12): error TS2304: Cannot find name 'tdie'.\n",
            "TS2304",
            "Cannot find name 'tdie'.",
            "src/a.ts",
            (4, 12),
        );
        is(
            "A.cs(6,16): error CS0103: The name `tdie' does not exist\n",
            "CS0103",
            "The name 'tdie' does not exist",
            "A.cs",
            (6, 16),
        );
        is(
            "/w/P/File.cs(8,12): error CS1002: ; expected [/w/P/P.csproj]\n",
            "CS1002",
            "; expected",
            "/w/P/File.cs",
            (8, 12),
        );
        is(
            "Module1.vb(5,9): error BC30451: 'tide' is not declared. [V.vbproj]\n",
            "BC30451",
            "'tide' is not declared.",
            "Module1.vb",
            (5, 9),
        );
        is(
            "fare.cpp(8): error C2146: syntax error: missing ';' before identifier 'x'\n",
            "C2146",
            "syntax error: missing ';' before identifier 'x'",
            "fare.cpp",
            (8, 1),
        );
        is(
            "1>C:\\p\\fare.cpp(8,5): fatal error C1004: unexpected end-of-file found\n",
            "C1004",
            "unexpected end-of-file found",
            "C:\\p\\fare.cpp",
            (8, 5),
        );
        is(
            "a.pas(20,11) Error: Identifier not found \"tdie\"\n",
            "",
            "Identifier not found \"tdie\"",
            "a.pas",
            (20, 11),
        );
        is(
            "a.pas(21,32) Fatal: (2003) Syntax error, \";\" expected but \"ELSE\" found\n",
            "2003",
            "Syntax error, \";\" expected but \"ELSE\" found",
            "a.pas",
            (21, 32),
        );
        is(
            "[dcc32 Error] Unit1.pas(28): E2003 Undeclared identifier: 'x'\n",
            "E2003",
            "Undeclared identifier: 'x'",
            "Unit1.pas",
            (28, 1),
        );
        is(
            "tide.dpr(5) Error: E2066 Missing operator or semicolon\n",
            "E2066",
            "Missing operator or semicolon",
            "tide.dpr",
            (5, 1),
        );
        is(
            "[dcc64 Fatal Error] Unit1.pas(3): F2613 Unit 'x' not found.\n",
            "F2613",
            "Unit 'x' not found.",
            "Unit1.pas",
            (3, 1),
        );
        is(
            "tide.sp(7) : error 017: undefined symbol \"x\"\n",
            "017",
            "undefined symbol \"x\"",
            "tide.sp",
            (7, 1),
        );
        is(
            "src/a.ts:4:12 - error TS2304: Cannot find name 'x'.\n",
            "TS2304",
            "Cannot find name 'x'.",
            "src/a.ts",
            (4, 12),
        );
    }

    #[test]
    fn reasons_and_declarations_belong_to_the_message_before() {
        let log = "a.ts(6,3): error TS2345: Argument no.\n  Property 'fare' is missing.\n    And so on.\nA.cs(9,32): error CS1501: No overload\nA.cs(3,14): (Location of the symbol related to previous error)\na.pas(19,24) Error: Wrong number\na.pas(10,19) Error: Found declaration: total(LongInt):Double;\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 3);
        assert_eq!(read[0].notes.len(), 2);
        assert_eq!(read[1].notes[0].at.as_ref().map(|at| at.line), Some(3));
        assert_eq!(read[2].notes[0].at.as_ref().map(|at| at.line), Some(10));
    }

    #[test]
    fn messages_without_a_place_need_a_code() {
        assert_eq!(one("error TS18003: No inputs were found.\n").3, None);
        assert!(read(b"Error: something\nFatal: Compilation aborted\n").messages.is_empty());
        assert!(read(b"printf(3) error handling\nf(12) was called: error 3\n").messages.is_empty());
    }
}
