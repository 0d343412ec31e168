//! Readers of compiler output.
//!
//! [`LogReader`] takes output of any mixture of compilers in chunks of any size and gives back the
//! messages. Each format is a module with two functions: one that knows the first line of a
//! message, one that knows which of the following lines belong to it. Lines that belong to no
//! message are skipped, and a message that is cut off ends where the next one starts.

mod bare;
mod folders;
mod fortran;
mod gcc_json;
mod ghc;
mod gnu;
mod javac;
mod kotlin;
mod linker;
mod paren;
mod qml;
mod rustc;
mod rustc_json;
mod scala;
mod tagged;

use crate::message::{Message, Note, Severity, ended_file, merge_doubles};
use aho_corasick::AhoCorasick;
use folders::Folders;
use std::path::Path;

/// The text formats: how a message starts, and how it goes on.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Format {
    Bare,
    Fortran,
    Ghc,
    Gnu,
    Javac,
    Kotlin,
    Linker,
    Maven,
    Paren,
    Qml,
    Rustc,
    Scala,
    ScalaFrame,
}

impl Format {
    /// Whether a line belongs to the message that is open.
    fn goes_on(self, line: &str, open: &mut Open) -> Belongs {
        match self {
            Format::Bare => bare::goes_on(line, open),
            Format::Fortran => fortran::goes_on(line, open),
            Format::Ghc => ghc::goes_on(line, open),
            Format::Gnu => gnu::goes_on(line, open),
            Format::Javac => javac::goes_on(line, open),
            Format::Kotlin | Format::Linker => Belongs::No,
            Format::Maven => tagged::maven_goes_on(line, open),
            Format::Paren => paren::goes_on(line, open),
            Format::Qml => qml::goes_on(line, open),
            Format::Rustc => rustc::goes_on(line, open),
            Format::Scala => scala::goes_on(line, open),
            Format::ScalaFrame => scala::frame_goes_on(line, open),
        }
    }
}

/// A message whose lines are still coming, with what its format remembers between lines.
#[derive(Debug)]
struct Open {
    format: Format,
    message: Message,
    /// The last source line that was quoted, if its number is known.
    quoted: Option<(u32, String)>,
    /// The last line of marks under it.
    marks: Option<String>,
    /// Lines read since the message started.
    lines: u32,
    /// The place of the note that was started last.
    in_note: bool,
}

impl Open {
    /// Takes a line as a remark on the message.
    fn remark(&mut self, line: &str) -> Belongs {
        self.message.notes.push(Note { text: line.trim().to_owned(), at: None });
        Belongs::Yes
    }
}

/// Whether a line belongs to the message before it.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Belongs {
    Yes,
    No,
}

/// How many messages are kept; more are only counted.
pub const MESSAGE_LIMIT: usize = 5_000;

/// No line or column is further out than this; a larger number is garbage.
const FURTHEST: u32 = 1 << 28;

/// What was read.
#[derive(Clone, Debug, Default)]
pub struct Reading {
    /// The messages, in the order in which they came, doubles joined.
    pub messages: Vec<Message>,
    /// Messages beyond [`MESSAGE_LIMIT`], which were not kept.
    pub dropped: usize,
}

/// Reads compiler output piece by piece.
#[derive(Debug)]
pub struct LogReader {
    done: Vec<Message>,
    open: Option<Open>,
    rest: Vec<u8>,
    dropped: usize,
    words: Option<AhoCorasick>,
    folders: Folders,
}

/// Every message has one of these in its first line, and so has every line that changes what file
/// names mean.
const WORDS: &[&str] = &[
    "error",
    "warning",
    "Error",
    "Warning",
    "ERROR",
    "WARNING",
    "Fatal",
    "Hint",
    "Note:",
    "[warn]",
    ".go:",
    ".adb:",
    ".ads:",
    ".f90:",
    ".f95:",
    ".f03:",
    ".f08:",
    ".f:",
    ".for:",
    ".F90:",
    ".F:",
    ".kt:",
    ".kts:",
    " directory ",
    "undefined reference to",
    "runtime.main_main",
];

impl Default for LogReader {
    fn default() -> LogReader {
        LogReader::new()
    }
}

/// A line longer than this is no message of a compiler that people read (gcc and rustc print their
/// JSON in one line, so the limit is generous).
const LINE_LIMIT: usize = 16 << 20;

impl LogReader {
    /// A reader that has read nothing yet.
    pub fn new() -> LogReader {
        let words = AhoCorasick::new(WORDS).ok();
        LogReader {
            done: Vec::new(),
            open: None,
            rest: Vec::new(),
            dropped: 0,
            words,
            folders: Folders::default(),
        }
    }

    /// The same, where the folder is known in which the build was started: files below it are then
    /// named from there.
    pub fn in_folder(mut self, folder: &Path) -> LogReader {
        self.folders.here = Some(folder.to_owned());
        self
    }

    /// Takes the next piece of the output.
    pub fn feed(&mut self, mut chunk: &[u8]) {
        if !self.rest.is_empty() {
            let end = memchr::memchr(b'\n', chunk).map_or(chunk.len(), |at| at + 1);
            let (head, tail) = chunk.split_at(end);
            if self.rest.len() < LINE_LIMIT {
                self.rest.extend_from_slice(head);
            }
            chunk = tail;
            if !self.rest.ends_with(b"\n") && !head.ends_with(b"\n") {
                return;
            }
            let line = std::mem::take(&mut self.rest);
            self.lines(&line);
        }
        let whole = memchr::memrchr(b'\n', chunk).map_or(0, |at| at + 1);
        self.lines(&chunk[..whole]);
        self.rest.extend_from_slice(&chunk[whole..]);
    }

    /// Ends the reading.
    pub fn finish(mut self) -> Reading {
        let rest = std::mem::take(&mut self.rest);
        self.lines(&rest);
        self.close();
        Reading { messages: merge_doubles(self.done), dropped: self.dropped }
    }

    /// Whole lines. Where no message is open, the text is searched for the words every message
    /// has, which is far faster than looking at each line.
    fn lines(&mut self, text: &[u8]) {
        let mut at = 0;
        while at < text.len() {
            if self.open.is_none()
                && let Some(words) = &self.words
            {
                let Some(found) = words.find(&text[at..]) else { return };
                let found = at + found.start();
                at = memchr::memrchr(b'\n', &text[at..found]).map_or(at, |line| at + line + 1);
            }
            let end = memchr::memchr(b'\n', &text[at..]).map_or(text.len(), |line| at + line + 1);
            self.line(&text[at..end]);
            at = end;
        }
    }

    fn line(&mut self, line: &[u8]) {
        let line = line.strip_suffix(b"\n").unwrap_or(line);
        let line = line.strip_suffix(b"\r").unwrap_or(line);
        let stripped;
        let line = if memchr::memchr(0x1b, line).is_some() {
            stripped = strip_ansi_escapes::strip(line);
            &stripped
        } else {
            line
        };
        let text = String::from_utf8_lossy(line);
        if let Some(messages) = json_line(&text) {
            self.close();
            messages.into_iter().for_each(|message| self.keep(message));
            return;
        }
        let (severity, text) = tagged::strip(&text);
        let tagged = severity.and_then(|severity| tagged::starts(severity, text));
        if let Some((format, message)) = tagged.or_else(|| starts(text)) {
            self.begin(format, message);
            return;
        }
        if let Some(open) = &mut self.open {
            open.lines += 1;
            let format = open.format;
            if format.goes_on(text, open) == Belongs::No {
                self.close();
            }
        }
        if text.contains(" directory ") && Folders::moves(text) {
            self.close();
            self.folders.note(text);
        }
    }

    fn begin(&mut self, format: Format, message: Message) {
        if message.severity == Severity::Note && format != Format::Fortran {
            // A note belongs to the message before it, or to nothing.
            if let Some(open) = &mut self.open {
                open.message.notes.push(Note { text: message.text, at: message.at });
                open.in_note = true;
                open.quoted = None;
                open.marks = None;
            }
            return;
        }
        self.close();
        self.open =
            Some(Open { format, message, quoted: None, marks: None, lines: 0, in_note: false });
    }

    fn close(&mut self) {
        if let Some(open) = self.open.take() {
            let summary = open.format == Format::Rustc && rustc::is_summary(&open.message);
            let torso = open.format == Format::Fortran && !fortran::is_whole(&open.message);
            let many = open.format == Format::Bare && open.message.text == "too many errors";
            let count = open.format == Format::Paren && paren::is_summary(&open.message);
            // Behind other errors it only says that the compiler gave up.
            let ended = open.format == Format::Fortran && ended_file(&open.message.text).is_some();
            let ended = ended && self.done.iter().any(Message::is_error);
            if summary || torso || many || count || ended {
                return;
            }
            self.keep(open.message);
        }
    }

    fn keep(&mut self, mut message: Message) {
        message.bound_places(FURTHEST);
        message.rename_files(&|file| self.folders.name(file));
        if self.done.len() < MESSAGE_LIMIT { self.done.push(message) } else { self.dropped += 1 }
    }
}

/// Reads a whole output at once.
pub fn read(output: &[u8]) -> Reading {
    let mut reader = LogReader::new();
    reader.feed(output);
    reader.finish()
}

fn starts(line: &str) -> Option<(Format, Message)> {
    let rustc = rustc::starts(line).map(|message| (Format::Rustc, message));
    let javac = || javac::starts(line).map(|message| (Format::Javac, message));
    let ghc = || ghc::starts(line).map(|message| (Format::Ghc, message));
    let scala = || scala::starts(line).map(|message| (Format::Scala, message));
    let frame = || scala::frame(line).map(|message| (Format::ScalaFrame, message));
    let gnu = || gnu::starts(line).map(|message| (Format::Gnu, message));
    let paren = || paren::starts(line).map(|message| (Format::Paren, message));
    let linker = || linker::starts(line).map(|message| (Format::Linker, message));
    let kotlin = || kotlin::starts(line).map(|message| (Format::Kotlin, message));
    let qml = || qml::starts(line).map(|message| (Format::Qml, message));
    let bare = || bare::starts(line).map(|message| (Format::Bare, message));
    let fortran = || fortran::starts(line).map(|message| (Format::Fortran, message));
    rustc
        .or_else(javac)
        .or_else(ghc)
        .or_else(scala)
        .or_else(frame)
        .or_else(bare)
        .or_else(gnu)
        .or_else(fortran)
        .or_else(paren)
        .or_else(linker)
        .or_else(kotlin)
        .or_else(qml)
}

fn json_line(line: &str) -> Option<Vec<Message>> {
    match line.as_bytes() {
        [b'{', ..] => rustc_json::read(line).or_else(|| qml::read(line)),
        [b'[', ..] => gcc_json::read(line),
        _ => None,
    }
}

/// `FILE:LINE[:COLUMN]: REST`, read from the left; a drive letter is part of the file.
fn file_line(line: &str) -> Option<(&str, u32, Option<u32>, &str)> {
    let skip = if line.as_bytes().get(1) == Some(&b':') { 2 } else { 0 };
    let mut from = skip;
    while let Some(colon) = line[from..].find(':').map(|at| at + from) {
        let (number, rest) = leading_number(&line[colon + 1..]);
        if let (Some(number), Some(rest)) = (number, rest.strip_prefix(':'))
            && colon > 0
        {
            let (column, after) = leading_number(rest);
            return match (column, after.strip_prefix(':')) {
                (Some(column), Some(after)) => Some((&line[..colon], number, Some(column), after)),
                _ => Some((&line[..colon], number, None, rest)),
            };
        }
        from = colon + 1;
    }
    None
}

fn leading_number(text: &str) -> (Option<u32>, &str) {
    let digits = text.bytes().take_while(u8::is_ascii_digit).count();
    (text[..digits].parse().ok(), &text[digits..])
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn file_and_line_are_found_from_the_left() {
        assert_eq!(file_line("a b.c:3:4: error: x"), Some(("a b.c", 3, Some(4), " error: x")));
        assert_eq!(file_line("C:\\f.c:3: error"), Some(("C:\\f.c", 3, None, " error")));
        assert_eq!(file_line("make: *** [all] 1"), None);
    }

    #[test]
    fn pieces_of_any_size_give_the_same_messages() {
        let log = b"cc -c a.c\na.c:1:2: error: one\n    1 | x\n      | ^\nnoise\nb.c:3:4: warning: two [-Wx]\nb.c:3:4: note: three\nend\n";
        let whole = read(log).messages;
        assert_eq!(whole.len(), 2);
        assert_eq!(whole[1].notes[0].text, "three");
        for size in 1..log.len() {
            let mut reader = LogReader::new();
            log.chunks(size).for_each(|chunk| reader.feed(chunk));
            assert_eq!(reader.finish().messages, whole, "pieces of {size}");
        }
    }

    #[test]
    fn a_message_that_is_cut_does_not_spoil_the_next() {
        let log = "error[E0308]: mismatched\n --> a.r\nA.java:5: error: ';' expected\n        int x = 3\n                 ^\n1 error\n";
        let read = read(log.as_bytes()).messages;
        assert_eq!(read.len(), 2);
        assert_eq!(read[1].at.as_ref().map(|at| (at.line, at.column)), Some((5, 18)));
    }

    #[test]
    fn doubles_are_joined_and_floods_are_counted() {
        let one = "a.c:1:2: error: same\n".repeat(3);
        let joined = read(one.as_bytes()).messages;
        assert_eq!((joined.len(), joined[0].count), (1, 3));
        let many: String =
            (0..MESSAGE_LIMIT + 7).map(|n| format!("a.c:{n}:2: error: e\n")).collect();
        assert_eq!(read(many.as_bytes()).dropped, 7);
    }

    #[test]
    fn numbers_beyond_any_file_are_bounded() {
        let log = b"a.c:4294967295:4294967295: error: far\n";
        let at = read(log).messages[0].at.clone().unwrap();
        assert_eq!((at.line, at.column), (FURTHEST, FURTHEST));
        let source = erratum_syntax::source::Source::new("a.c", &b"tide\n"[..]);
        assert_eq!(at.range(&source), (5, 5));
    }

    #[test]
    fn any_bytes_are_read_without_harm() {
        for seed in 0..300 {
            let mut random = fastrand::Rng::with_seed(seed);
            let words: [&[u8]; 12] = [
                b"a.c:1:2: error: ",
                b"error[E1]: ",
                b"\n",
                b" --> a.rs:1:2\n",
                b"^",
                b"  |",
                b"\xff",
                b"[{\"kind\": \"error\"",
                b"{\"message\":",
                b"X.java:1: error: x\n",
                b"1 | ",
                b"\x1b[1m",
            ];
            let text: Vec<u8> = (0..30).flat_map(|_| words[random.usize(..12)].to_vec()).collect();
            read(&text);
        }
    }
}
