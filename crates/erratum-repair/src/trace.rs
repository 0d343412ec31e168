//! Stack traces of programs that ran and stopped: where in the learner's own text, and why.
//!
//! Seen with OpenJDK 17, Rust 1.95, GHC 9.0, Go 1.19, Mono 6.8, .NET's documentation, Node 18 and the
//! sanitizers of gcc 12 and clang 14.

use erratum_catalogue::{Catalogue, Crash};
use serde::Serialize;

/// One call that was under way.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Frame {
    /// The function, as the trace names it.
    pub function: String,
    /// The file, as the trace names it.
    pub file: String,
    /// The line, from 1; 0 if the trace does not tell.
    pub line: u32,
    /// Whether it is the learner's own, and not of a library.
    pub own: bool,
}

/// A program that stopped while it ran.
#[derive(Clone, Debug, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Stopped {
    /// What the trace says, in its own words.
    pub cause: String,
    /// What that means.
    pub title: String,
    /// Why it happens.
    pub meaning: String,
    /// What to try.
    pub advice: String,
    /// The calls, the innermost first.
    pub frames: Vec<Frame>,
    /// Index of the topmost frame of the learner's own.
    pub own: Option<usize>,
    /// The function that is called over and over, if one is, and how often it stands there.
    pub repeated: Option<(String, usize)>,
}

/// The most frames that are kept of one trace.
const FRAMES: usize = 4000;

/// How often a function must stand in a trace to be called an endless recursion.
const OVER_AND_OVER: usize = 12;

/// Reads the traces in what a program printed.
pub fn read(catalogue: &Catalogue, output: &[u8]) -> Vec<Stopped> {
    let plain = strip_ansi_escapes::strip(output);
    let text = String::from_utf8_lossy(&plain).into_owned();
    let lines: Vec<&str> = text.lines().collect();
    let mut all: Vec<(String, Vec<Frame>)> = Vec::new();
    let mut at = 0;
    // Sanitizers go on with other lists of calls: where memory was taken, where it was given back.
    let mut closed = false;
    while at < lines.len() {
        let next = lines.get(at + 1).copied().unwrap_or("");
        if let Some((cause, frame, used)) = start(lines[at], next) {
            all.push((cause, frame.into_iter().collect()));
            at += used;
            closed = false;
            continue;
        }
        closed |= ["allocated by thread", "freed by thread", "previously "]
            .iter()
            .any(|words| lines[at].contains(words));
        if let Some((_, frames)) = all.last_mut()
            && !closed
            && frames.len() < FRAMES
            && let Some((frame, used)) = frame(lines[at], next)
        {
            // Rust tells the place of a panic first, and again among the calls.
            if let [first] = &frames[..]
                && first.function.is_empty()
                && frame.own
                && (&first.file, first.line) == (&frame.file, frame.line)
            {
                frames.clear();
            }
            if !(frames.len() == 1 && frames[0].function.is_empty() && !frame.own) {
                frames.push(frame);
            }
            at += used;
            continue;
        }
        at += 1;
    }
    all.into_iter().map(|(cause, frames)| stopped(catalogue, cause, frames)).collect()
}

fn stopped(catalogue: &Catalogue, cause: String, frames: Vec<Frame>) -> Stopped {
    let own = frames.iter().position(|frame| frame.own);
    let mut counts: Vec<(&str, usize)> = Vec::new();
    for frame in frames.iter().filter(|frame| frame.own) {
        match counts.iter_mut().find(|(name, _)| *name == frame.function) {
            Some((_, count)) => *count += 1,
            None => counts.push((&frame.function, 1)),
        }
    }
    let most = counts.into_iter().max_by_key(|(_, count)| *count);
    let repeated = most.filter(|(_, n)| *n >= OVER_AND_OVER).map(|(name, n)| (name.to_owned(), n));
    let told = if repeated.is_some() { "stack overflow" } else { cause.as_str() };
    let known: Option<&Crash> = catalogue.crash_of(told);
    let text =
        |of: fn(&Crash) -> &String, other: &str| known.map_or(other.to_owned(), |c| of(c).clone());
    Stopped {
        title: text(|c| &c.title, "The program ran and stopped"),
        meaning: text(|c| &c.meaning, "What it says about the reason stands above."),
        advice: text(|c| &c.advice, "Look at the values of the names on that line."),
        cause,
        frames,
        own,
        repeated,
    }
}

/// The line that starts a trace: the cause, a place that it may name, and how many lines were used.
fn start(line: &str, next: &str) -> Option<(String, Option<Frame>, usize)> {
    let trimmed = line.trim();
    // Java and Scala; Caused by: belongs to the trace above but has its own frames.
    for head in ["Exception in thread ", "Caused by: ", "Unhandled exception. "] {
        if let Some(rest) = trimmed.strip_prefix(head) {
            let rest =
                rest.strip_prefix('"').and_then(|r| r.split_once("\" ")).map_or(rest, |r| r.1);
            return Some((rest.to_owned(), None, 1));
        }
    }
    if trimmed == "Unhandled Exception:" {
        return Some((next.trim().to_owned(), None, 2));
    }
    if let Some(rest) = trimmed.strip_prefix("thread '") {
        if let Some((_, rest)) = rest.split_once("panicked at ") {
            // Until Rust 1.72 the reason stood first, in quotes.
            if let Some((reason, place)) =
                rest.strip_prefix('\'').and_then(|rest| rest.rsplit_once("', "))
            {
                return Some((reason.to_owned(), place_frame(place), 1));
            }
            return Some((next.trim().to_owned(), place_frame(rest), 2));
        }
        if rest.contains("overflowed its stack") {
            return Some((format!("thread '{rest}"), None, 1));
        }
    }
    if let Some(rest) = trimmed.strip_prefix("panic: ") {
        return Some((rest.to_owned(), None, 1));
    }
    if let Some((_, rest)) = trimmed.split_once("ERROR: ")
        && rest.contains("Sanitizer: ")
    {
        let reason = rest.split(" at pc ").next().unwrap_or(rest);
        return Some((reason.to_owned(), None, 1));
    }
    if let Some((place, reason)) = trimmed.split_once(": runtime error: ") {
        return Some((reason.to_owned(), place_frame(place), 1));
    }
    haskell(trimmed, next).or_else(|| {
        // JavaScript, and a JVM whose trace starts without a word.
        let called = next.trim_start().starts_with("at ") && next.contains(':');
        let error = trimmed.split(':').next().is_some_and(|name| {
            (name.ends_with("Error") || name.ends_with("Exception"))
                && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '.' | '$'))
        });
        (called && error).then(|| (trimmed.to_owned(), None, 1))
    })
}

/// `Ferry.hs:(4,1)-(5,20): Non-exhaustive patterns in function fare`, `Ferry: Prelude.head: …`.
fn haskell(line: &str, next: &str) -> Option<(String, Option<Frame>, usize)> {
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
        return Some((rest.to_owned(), Some(Frame { function, file, line, own: true }), 1));
    }
    let calls = next.starts_with("CallStack (from");
    (calls && inner != line || inner.starts_with("Prelude.")).then(|| (inner.to_owned(), None, 1))
}

/// A call of a trace, with how many lines it took.
fn frame(line: &str, next: &str) -> Option<(Frame, usize)> {
    let trimmed = line.trim();
    // Haskell: `error, called at Ferry.hs:5:8 in main:Main`.
    if let Some((function, rest)) = trimmed.split_once(", called at ") {
        let place = rest.split(" in ").next().unwrap_or(rest);
        let mut frame = place_frame(place)?;
        frame.function = function.to_owned();
        frame.own = !rest.contains(" in base:") && frame.own;
        return Some((frame, 1));
    }
    if let Some(rest) = trimmed.strip_prefix("at ") {
        return called_at(rest).map(|frame| (frame, 1));
    }
    // Sanitizers: `#0 0x55 in fare /x/ferry.c:8:10`.
    if let Some(rest) = trimmed.strip_prefix('#')
        && let Some((_, rest)) = rest.split_once(" in ")
    {
        let (function, place) = rest.rsplit_once(' ')?;
        let mut frame = place_frame(place)?;
        frame.function = function.to_owned();
        return Some((frame, 1));
    }
    // Go: the function on one line, its place on the next.
    if line.ends_with(')') && next.contains(".go:") {
        let function = line.split('(').next().unwrap_or(line).trim();
        let mut frame = place_frame(next.trim().split(" +0x").next().unwrap_or(""))?;
        frame.function = function.strip_prefix("main.").unwrap_or(function).to_owned();
        return Some((frame, 2));
    }
    // Rust: a number and the function, and the place below.
    let (number, function) = trimmed.split_once(": ")?;
    let place = next.trim().strip_prefix("at ")?;
    number.parse::<u32>().ok()?;
    let mut frame = place_frame(place)?;
    frame.function = function.to_owned();
    Some((frame, 2))
}

/// What stands behind `at` in Java, Scala, C# and JavaScript.
fn called_at(rest: &str) -> Option<Frame> {
    // C#: `Ferry.Fare(Int32 zone) in /x/Ferry.cs:line 5`.
    if let Some((function, place)) = rest.split_once(" in ") {
        let (file, number) = place.rsplit_once(':')?;
        let line = number.trim_start_matches("line ").parse().unwrap_or(0);
        let function = function.split('(').next().unwrap_or(function).trim().to_owned();
        let library = ["System.", "Microsoft.", "(wrapper"].iter().any(|l| function.starts_with(l));
        let own = !library;
        return Some(Frame { function, file: file.to_owned(), line, own });
    }
    let open = rest.rfind('(');
    let Some(open) = open else {
        // JavaScript without a function: `/x/ferry.js:3:5`.
        return place_frame(rest).filter(|frame| frame.line > 0);
    };
    let function = rest[..open].trim().to_owned();
    let place = rest[open + 1..].trim_end_matches(')');
    let mut frame = place_frame(place).or_else(|| {
        (!place.is_empty()).then(|| Frame {
            function: String::new(),
            file: place.to_owned(),
            line: 0,
            own: false,
        })
    })?;
    const LIBRARIES: &[&str] = &[
        "java.",
        "javax.",
        "jdk.",
        "sun.",
        "com.sun.",
        "scala.",
        "kotlin.",
        "java.base/",
        "node:",
    ];
    frame.own &= !LIBRARIES.iter().any(|library| function.starts_with(library));
    frame.function = function;
    Some(frame)
}

/// `src/main.rs:4:5`, `/x/ferry.go:8`, `Ferry.java:5`.
fn place_frame(place: &str) -> Option<Frame> {
    let place = place.trim().trim_end_matches(':');
    let place = place.strip_prefix("./").unwrap_or(place);
    let mut parts = place.rsplitn(3, ':');
    let (last, middle, first) = (parts.next()?, parts.next()?, parts.next());
    let (file, line) = match (first, middle.parse::<u32>(), last.parse::<u32>()) {
        // A path with a drive has a colon of its own.
        (Some(file), Ok(line), Ok(_)) if !file.is_empty() => (file.to_owned(), line),
        (Some(drive), Err(_), Ok(line)) => (format!("{drive}:{middle}"), line),
        (None, _, Ok(line)) => (middle.to_owned(), line),
        _ => return None,
    };
    let own = is_own(&file);
    Some(Frame { function: String::new(), file, line, own })
}

/// Whether a file is hardly of a library.
fn is_own(file: &str) -> bool {
    const OUTSIDE: &[&str] = &["/usr/", "/rustc/", "/opt/", "node:", "<", "internal/", "../"];
    const INSIDE: &[&str] =
        &["/.cargo/", "/node_modules/", "/library/std/", "/library/core/", "/go/src/", "/sysdeps/"];
    !OUTSIDE.iter().any(|start| file.starts_with(start))
        && !INSIDE.iter().any(|part| file.contains(part))
}

#[cfg(test)]
mod tests {
    use super::*;

    /// The function, file and line of the topmost own frame, and the title.
    fn top(text: &str) -> (String, String, u32, String) {
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all.len(), 1, "{all:#?}");
        let frame = all[0].own.map(|index| all[0].frames[index].clone());
        let frame = frame.unwrap_or_else(|| panic!("no own frame: {all:#?}"));
        (frame.function, frame.file, frame.line, all[0].title.clone())
    }

    #[test]
    fn java_and_scala() {
        let text = "Exception in thread \"main\" java.lang.IndexOutOfBoundsException: Index 5 out of bounds for length 3\n\tat java.base/jdk.internal.util.Preconditions.outOfBounds(Preconditions.java:64)\n\tat java.base/java.util.ArrayList.get(ArrayList.java:427)\n\tat Ferry.third(Ferry.java:8)\n\tat Ferry.main(Ferry.java:12)\n";
        let (function, file, line, title) = top(text);
        assert_eq!((function.as_str(), file.as_str(), line), ("Ferry.third", "Ferry.java", 8));
        assert!(title.contains("does not have"), "{title}");
        let scala = "java.util.NoSuchElementException: head of empty list\n\tat scala.collection.immutable.Nil$.head(List.scala:431)\n\tat Ferry$.first(Ferry.scala:1)\n";
        assert_eq!(top(scala).2, 1);
    }

    #[test]
    fn endless_recursion_is_told_from_repeated_frames() {
        let mut text = "Exception in thread \"main\" java.lang.StackOverflowError\n".to_owned();
        (0..50).for_each(|_| text.push_str("\tat Ferry.again(Ferry.java:5)\n"));
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all[0].repeated, Some(("Ferry.again".to_owned(), 50)));
        assert!(all[0].title.contains("calls itself"));
    }

    #[test]
    fn rust_old_and_new() {
        let new = "\nthread 'main' (3) panicked at src/main.rs:3:5:\nindex out of bounds: the len is 2 but the index is 4\nstack backtrace:\n   0: __rustc::rust_begin_unwind\n             at /rustc/ab/library/std/src/panicking.rs:689:5\n   1: ferry::third\n             at ./src/main.rs:3:5\n   2: ferry::main\n             at ./src/main.rs:6:20\n";
        let (function, file, line, _) = top(new);
        assert_eq!((function.as_str(), file.as_str(), line), ("ferry::third", "src/main.rs", 3));
        let old = "thread 'main' panicked at 'attempt to divide by zero', src/main.rs:7:9\n";
        assert_eq!((top(old).2, top(old).3.as_str()), (7, "A number was divided by zero"));
    }

    #[test]
    fn haskell_go_and_c_sharp() {
        let haskell = "ferry: Ferry.hs:(4,1)-(5,20): Non-exhaustive patterns in function fare\n";
        assert_eq!((top(haskell).0.as_str(), top(haskell).2), ("fare", 4));
        let called = "ferry: no such zone\nCallStack (from HasCallStack):\n  error, called at Ferry.hs:3:10 in main:Main\n";
        assert_eq!((top(called).1.as_str(), top(called).2), ("Ferry.hs", 3));
        let go = "panic: runtime error: index out of range [3] with length 2\n\ngoroutine 1 [running]:\nmain.third(...)\n\t/quay/ferry.go:6\nmain.main()\n\t/quay/ferry.go:10 +0x1d\nexit status 2\n";
        assert_eq!((top(go).0.as_str(), top(go).2), ("third", 6));
        let net = "Unhandled exception. System.DivideByZeroException: Attempted to divide by zero.\n   at System.Decimal.Divide() in Decimal.cs:line 9\n   at Ferry.Fare(Int32 zone) in /quay/Ferry.cs:line 5\n";
        assert_eq!((top(net).0.as_str(), top(net).2), ("Ferry.Fare", 5));
    }

    #[test]
    fn sanitizers_tell_one_list_of_calls() {
        let text = "==3==ERROR: AddressSanitizer: heap-buffer-overflow on address 0x60 at pc 0x55\nREAD of size 4 at 0x60 thread T0\n    #0 0x55 in third /quay/ferry.c:4\n    #1 0x56 in main /quay/ferry.c:8\n\n0x60 is located 12 bytes to the right\nallocated by thread T0 here:\n    #0 0x7f in __interceptor_malloc ../../libsanitizer/asan.cpp:145\n    #1 0x55 in main /quay/ferry.c:7\n";
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all[0].frames.len(), 2, "{all:#?}");
        assert_eq!(top(text).0, "third");
        let undefined = "ferry.c:4:22: runtime error: division by zero\n";
        assert_eq!((top(undefined).1.as_str(), top(undefined).2), ("ferry.c", 4));
    }

    #[test]
    fn compiler_output_and_noise_hold_no_trace() {
        for text in [
            "ferry.c:3:5: error: expected ',' or ';' before 'return'\n",
            "Compiling ferry v0.1.0\nat last\n#1 of 3\n0: started\n",
            "",
        ] {
            assert!(read(&Catalogue::shipped(), text.as_bytes()).is_empty(), "{text}");
        }
    }
}
