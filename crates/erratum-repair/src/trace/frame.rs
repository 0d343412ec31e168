//! The calls of a trace, as each run-time system writes them.

use super::Frame;

/// A call of a trace, with how many lines it took.
pub(super) fn frame(line: &str, next: &str) -> Option<(Frame, usize)> {
    let trimmed = line.trim();
    // Haskell: `error, called at Ferry.hs:5:8 in main:Main`.
    if let Some((function, rest)) = trimmed.split_once(", called at ") {
        let place = rest.split(" in ").next().unwrap_or(rest);
        let mut frame = place_frame(place)?;
        frame.function = function.to_owned();
        let library = rest.contains(" in base:") || frame.file.starts_with("libraries/");
        frame.own &= !library;
        return Some((frame, 1));
    }
    if let Some(rest) = trimmed.strip_prefix("at ") {
        return called_at(rest).map(|frame| (frame, 1));
    }
    if let Some(frame) = pascal(trimmed).or_else(|| d(trimmed)) {
        return Some((frame, 1));
    }
    // Sanitizers: `#0 0x55 in fare /x/ferry.c:8:10`.
    if let Some(rest) = trimmed.strip_prefix('#')
        && let Some((_, rest)) = rest.split_once(" in ")
    {
        // gfortran: the place is on the line below.
        if let Some(place) = next.trim().strip_prefix("at ") {
            let mut frame = place_frame(place)?;
            frame.function = rest.to_owned();
            return Some((frame, 2));
        }
        let (function, place) = rest.rsplit_once(' ')?;
        let mut frame = place_frame(place)?;
        frame.function = function.to_owned();
        return Some((frame, 1));
    }
    // Dart: `#1      third (file:///quay/fares.dart:5:14)`.
    if let Some(rest) = trimmed.strip_prefix('#')
        && let Some((number, rest)) = rest.split_once("  ")
        && let Some((function, place)) = rest.trim().rsplit_once(" (")
        && number.parse::<u32>().is_ok()
    {
        let place = place.trim_end_matches(')').trim_start_matches("file://");
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
    // .NET without the places: `Ferry.Fare(Int32)`.
    let open = rest.rfind('(');
    let Some(open) = open else {
        // JavaScript without a function: `/x/ferry.js:3:5`.
        return place_frame(rest).filter(|frame| frame.line > 0);
    };
    let function = rest[..open].trim().to_owned();
    let place = rest[open + 1..].trim_end_matches(')');
    let mut frame = place_frame(place).or_else(|| {
        // `Native Method`, or the types of the parameters.
        let file = if place.contains('.') { place } else { "" };
        Some(Frame { function: String::new(), file: file.to_owned(), line: 0, own: false })
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
pub(super) fn place_frame(place: &str) -> Option<Frame> {
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
pub(super) fn is_own(file: &str) -> bool {
    const OUTSIDE: &[&str] =
        &["/usr/", "/rustc/", "/opt/", "node:", "dart:", "package:", "<", "internal/", "../"];
    const INSIDE: &[&str] =
        &["/.cargo/", "/node_modules/", "/library/std/", "/library/core/", "/go/src/", "/sysdeps/"];
    !OUTSIDE.iter().any(|start| file.starts_with(start))
        && !INSIDE.iter().any(|part| file.contains(part))
}

/// How often the calls below stand in the list: `Repeat 24021 times:` (.NET).
pub(super) fn repeats(line: &str) -> Option<usize> {
    line.strip_prefix("Repeat ")?.strip_suffix(" times:")?.parse().ok()
}

/// `$0000000000401211  main,  line 9 of crash.pas`.
fn pascal(line: &str) -> Option<Frame> {
    let (address, rest) = line.strip_prefix('$')?.split_once("  ")?;
    let (function, place) = rest.split_once(",  line ")?;
    let (number, file) = place.split_once(" of ")?;
    let line = number.parse().ok()?;
    let hex = address.bytes().all(|byte| byte.is_ascii_hexdigit());
    let own = is_own(file) && !file.ends_with(".inc");
    let function = function.to_owned();
    hex.then(|| Frame { function, file: file.to_owned(), line, own })
}

/// `/quay/boat.d:2 _Dmain [0x55aa841e9495]`.
fn d(line: &str) -> Option<Frame> {
    let (place, rest) = line.split_once(".d:")?;
    let (number, function) = rest.split_once(' ')?;
    let (function, _) = function.rsplit_once(" [0x")?;
    let function = if function == "_Dmain" { "main" } else { function }.to_owned();
    let (file, line) = (format!("{place}.d"), number.parse().ok()?);
    let own = is_own(&file);
    Some(Frame { function, file, line, own })
}
