//! The lines that say that a program stopped, as each run-time system writes them.

use super::Frame;
use super::frame::place_frame;

/// What a line tells of a program that stopped.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Kind {
    /// Why it stopped.
    Cause,
    /// What the cause before came from.
    Inner,
    /// Only how the system ended it.
    Signal,
}

/// The start of a trace.
pub(super) struct Start {
    pub(super) kind: Kind,
    /// The reason, in the words of the run-time system.
    pub(super) cause: String,
    /// The place, if it is told there.
    pub(super) frame: Option<Frame>,
    /// How many lines it takes.
    pub(super) lines: usize,
}

impl Start {
    fn new(cause: &str, lines: usize) -> Start {
        Start { kind: Kind::Cause, cause: cause.trim().to_owned(), frame: None, lines }
    }

    fn at(self, frame: Option<Frame>) -> Start {
        Start { frame, ..self }
    }
}

/// What a line, with the one below it, tells of a program that stopped.
pub(super) fn start(line: &str, next: &str) -> Option<Start> {
    let trimmed = line.trim();
    let all = [
        jvm_and_net,
        rust_and_go,
        sanitizer,
        pascal,
        ada,
        fortran,
        d,
        c_plus_plus,
        memory,
        swift_and_qml,
        haskell,
        javascript,
        signal,
    ];
    all.iter().find_map(|read| read(trimmed, next))
}

/// Java, Scala, Kotlin, C#.
fn jvm_and_net(line: &str, next: &str) -> Option<Start> {
    for head in ["Exception in thread ", "Caused by: ", "Unhandled exception. "] {
        if let Some(rest) = line.strip_prefix(head) {
            let named = rest.strip_prefix('"').and_then(|rest| rest.split_once("\" "));
            let start = Start::new(named.map_or(rest, |(_, rest)| rest), 1);
            let kind = if head == "Caused by: " { Kind::Inner } else { Kind::Cause };
            return Some(Start { kind, ..start });
        }
    }
    match line {
        // Mono; Dart.
        "Unhandled Exception:" | "Unhandled exception:" => Some(Start::new(next, 2)),
        "Stack overflow." => Some(Start::new("Stack overflow.", 1)),
        _ => None,
    }
}

/// Rust, Go.
fn rust_and_go(line: &str, next: &str) -> Option<Start> {
    if let Some(rest) = line.strip_prefix("thread '") {
        if let Some((_, rest)) = rest.split_once("panicked at ") {
            // Until Rust 1.72 the reason stood first, in quotes.
            if let Some((reason, place)) =
                rest.strip_prefix('\'').and_then(|rest| rest.rsplit_once("', "))
            {
                return Some(Start::new(reason, 1).at(place_frame(place)));
            }
            return Some(Start::new(next, 2).at(place_frame(rest)));
        }
        if rest.contains("overflowed its stack") {
            return Some(Start::new(line, 1));
        }
    }
    if let Some(rest) = line.strip_prefix("panic: ") {
        return Some(Start::new(rest, 1));
    }
    // Compilers have fatal errors too.
    let rest = line.strip_prefix("fatal error: ")?;
    let known = ["all goroutines are asleep", "stack overflow", "concurrent map", "out of memory"];
    known.iter().any(|words| rest.starts_with(words)).then(|| Start::new(rest, 1))
}

/// The sanitizers of gcc and clang.
fn sanitizer(line: &str, _: &str) -> Option<Start> {
    if let Some((_, rest)) = line.split_once("ERROR: ")
        && rest.contains("Sanitizer: ")
    {
        return Some(Start::new(rest.split(" at pc ").next().unwrap_or(rest), 1));
    }
    let (place, reason) = line.split_once(": runtime error: ")?;
    Some(Start::new(reason, 1).at(place_frame(place)))
}

/// Free Pascal: `Runtime error 201 at $0000000000401211`, or an exception that nobody caught.
fn pascal(line: &str, next: &str) -> Option<Start> {
    if line.starts_with("An unhandled exception occurred at $") {
        return Some(Start::new(next, 2));
    }
    let (number, _) = line.strip_prefix("Runtime error ")?.split_once(" at $")?;
    let number: u16 = number.parse().ok()?;
    Some(Start::new(&format!("Runtime error {number}."), 1))
}

/// GNAT: `raised CONSTRAINT_ERROR : pier.adb:11 index check failed`.
fn ada(line: &str, _: &str) -> Option<Start> {
    let (name, text) = line.strip_prefix("raised ")?.split_once(" : ")?;
    let plain = |c: char| c.is_ascii_uppercase() || c.is_ascii_digit() || matches!(c, '_' | '.');
    if !name.chars().all(plain) {
        return None;
    }
    let place = text.split(' ').next().filter(|place| place.contains(".ad"));
    Some(Start::new(&format!("{name}: {text}"), 1).at(place.and_then(place_frame)))
}

/// gfortran: the place, and the reason below it.
fn fortran(line: &str, next: &str) -> Option<Start> {
    const ERROR: &str = "Fortran runtime error: ";
    if let Some(place) = line.strip_prefix("At line ")
        && let Some(reason) = next.trim().strip_prefix(ERROR)
    {
        let (number, file) = place.split_once(" of file ")?;
        let file = file.split(" (unit = ").next().unwrap_or(file);
        return Some(Start::new(reason, 2).at(place_frame(&format!("{file}:{number}"))));
    }
    line.strip_prefix(ERROR).map(|reason| Start::new(reason, 1))
}

/// `core.exception.ArrayIndexError@boat.d(2): index [4] is out of bounds`.
fn d(line: &str, _: &str) -> Option<Start> {
    let (name, rest) = line.split_once('@')?;
    let (file, rest) = rest.split_once(".d(")?;
    let (number, reason) = rest.split_once("): ")?;
    let class = name.rsplit('.').next().unwrap_or(name);
    let named = class.ends_with("Error") || class.ends_with("Exception");
    let place = place_frame(&format!("{file}.d:{number}"));
    named.then(|| Start::new(&format!("{class}: {reason}"), 1).at(place))
}

/// What nobody caught in C++, and `assert`.
fn c_plus_plus(line: &str, next: &str) -> Option<Start> {
    if let Some(rest) = line.strip_prefix("terminate called after throwing an instance of '") {
        let class = rest.trim_end_matches('\'');
        let what = next.trim().strip_prefix("what():").map(str::trim);
        let cause = what.map_or(class.to_owned(), |what| format!("{class}: {what}"));
        return Some(Start::new(&cause, 1 + usize::from(what.is_some())));
    }
    if line.starts_with("terminate called ") {
        return Some(Start::new(line, 1));
    }
    // `quay: quay.c:5: main: Assertion `deep > 3' failed.`
    let (before, rest) = line.split_once(": Assertion ")?;
    let reason = rest.strip_suffix(" failed.")?;
    let mut parts = before.splitn(4, ": ");
    let place = parts.nth(1).and_then(place_frame);
    Some(Start::new(&format!("Assertion {reason} failed"), 1).at(place))
}

/// The checks of the C library.
fn memory(line: &str, _: &str) -> Option<Start> {
    const STARTS: &[&str] = &[
        "free(): ",
        "malloc(): ",
        "realloc(): ",
        "calloc(): ",
        "munmap_chunk(): ",
        "double free or corruption",
        "corrupted size vs. prev_size",
        "corrupted double-linked list",
        "*** stack smashing detected ***",
        "*** buffer overflow detected ***",
    ];
    STARTS.iter().any(|start| line.starts_with(start)).then(|| Start::new(line, 1))
}

/// `quay/main.swift:3: Fatal error: Index out of range`, `file:///quay/Main.qml:12: TypeError: …`.
fn swift_and_qml(line: &str, _: &str) -> Option<Start> {
    if let Some((place, reason)) = line.split_once(": Fatal error: ")
        && place.contains(".swift:")
    {
        let mut frame = place_frame(place);
        if let Some(frame) = &mut frame {
            frame.own &= !frame.file.starts_with("Swift/");
        }
        return Some(Start::new(reason, 1).at(frame));
    }
    // Until Swift 5.3 the place stood last: `Fatal error: …: file quay/main.swift, line 3`.
    if let Some(rest) = line.strip_prefix("Fatal error: ")
        && let Some((reason, place)) = rest.rsplit_once(": file ")
        && let Some((file, number)) = place.split_once(", line ")
        && file.ends_with(".swift")
    {
        return Some(Start::new(reason, 1).at(place_frame(&format!("{file}:{number}"))));
    }
    let (place, reason) = line.split_once(": ")?;
    let error = ["TypeError: ", "ReferenceError: ", "RangeError: "];
    let fits = place.contains(".qml:") && error.iter().any(|start| reason.starts_with(start));
    let place = place.trim_start_matches("qrc:/").trim_start_matches("file://");
    fits.then(|| Start::new(reason, 1).at(place_frame(place)))
}

/// `Ferry.hs:(4,1)-(5,20): Non-exhaustive patterns in function fare`, `Ferry: Prelude.head: …`.
fn haskell(line: &str, next: &str) -> Option<Start> {
    let inner = line.split_once(": ").map_or(line, |(first, rest)| {
        if first.contains(' ') || first.contains(".hs") { line } else { rest }
    });
    if let Some((place, rest)) = inner.split_once(": ")
        && let Some((file, numbers)) = place.split_once(".hs:")
        && rest.contains("Non-exhaustive")
    {
        let line = numbers.trim_start_matches('(').split([',', ':', '-']).next()?.parse().ok()?;
        let function = rest.rsplit(' ').next().unwrap_or("").to_owned();
        let file = format!("{file}.hs");
        return Some(Start::new(rest, 1).at(Some(Frame { function, file, line, own: true })));
    }
    // What the run-time system says with no place, behind the program's name.
    const BARE: &[&str] = &[
        "<<loop>>",
        "divide by zero",
        "arithmetic overflow",
        "stack overflow",
        "Ratio has zero denominator",
        "thread blocked indefinitely in an MVar operation",
    ];
    let calls = next.starts_with("CallStack (from");
    // ghc 9.0 names no program there.
    let bare = BARE.contains(&inner) && (inner != line || inner == "stack overflow");
    (calls && inner != line || inner.starts_with("Prelude.") || bare).then(|| Start::new(inner, 1))
}

/// JavaScript, and a JVM whose trace starts without a word.
fn javascript(line: &str, next: &str) -> Option<Start> {
    let called = next.trim_start().starts_with("at ") && next.contains(':');
    let error = line.split(':').next().is_some_and(|name| {
        (name.ends_with("Error") || name.ends_with("Exception"))
            && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '.' | '$'))
    });
    (called && error).then(|| Start::new(line, 1))
}

/// How a shell tells that the system ended a program: `Segmentation fault (core dumped)`.
fn signal(line: &str, _: &str) -> Option<Start> {
    const SIGNALS: &[&str] = &[
        "segmentation fault",
        "floating point exception",
        "bus error",
        "illegal instruction",
        "aborted",
    ];
    // A compiler that crashed is nothing that the program did.
    if line.contains("compiler error") || line.contains("terminated program") {
        return None;
    }
    let lower = line.to_ascii_lowercase();
    let signal = SIGNALS.iter().find(|signal| {
        lower.split_once(**signal).is_some_and(|(before, behind)| {
            // Behind `bash: line 1: 919 ` or `zsh: `, and before the command.
            let shell = before.is_empty() || before.ends_with(' ') && before.contains(": ");
            let numbered =
                before.trim_end().ends_with(|c: char| c.is_ascii_digit() || c == ':' || c == ']');
            let ends = behind.is_empty()
                || behind == "."
                || [" (core dumped)", "  ", "./"].iter().any(|end| behind.starts_with(end));
            shell && ends && (before.is_empty() || numbered)
        })
    })?;
    let capital = signal[..1].to_ascii_uppercase();
    let start = Start::new(&format!("{capital}{}", &signal[1..]), 1);
    Some(Start { kind: Kind::Signal, ..start })
}
