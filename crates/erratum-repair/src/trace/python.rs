//! Python tells the outermost call first, and the reason last.

use super::frame::is_own;
use super::{Frame, Trace};

/// The first line of a trace.
const START: &str = "Traceback (most recent call last):";

/// What stands between a trace and the one of what it led to.
const LED_TO: &[&str] = &[
    "The above exception was the direct cause of the following exception:",
    "During handling of the above exception, another exception occurred:",
];

/// Reads a trace with which some lines start, and how many of them it takes.
pub(super) fn traceback(lines: &[&str]) -> Option<(Trace, usize)> {
    if lines.first()?.trim() != START {
        return None;
    }
    let mut trace = Trace::default();
    for (at, line) in lines.iter().enumerate().skip(1) {
        if !line.starts_with(' ') {
            trace.cause = line.trim().to_owned();
            trace.frames.reverse();
            return (!trace.cause.is_empty()).then_some((trace, at + 1));
        }
        let line = line.trim();
        if let Some(frame) = frame(line) {
            trace.frames.push(frame);
        } else if let Some(rest) = line.strip_prefix("[Previous line repeated ")
            && let Some((count, _)) = rest.split_once(' ')
            && let (Ok(count), Some(last)) = (count.parse::<usize>(), trace.frames.last())
        {
            trace.repeated = Some((last.function.clone(), count.saturating_add(SHOWN)));
        }
    }
    None
}

/// How many of the calls that repeat are shown before they are only counted.
const SHOWN: usize = 3;

/// Whether the trace behind some lines is of what the one before led to.
pub(super) fn is_led_to(before: &[&str]) -> bool {
    let mut last = before.iter().rev().filter(|line| !line.trim().is_empty());
    last.next().is_some_and(|line| LED_TO.contains(&line.trim()))
}

/// `File "quay.py", line 9, in load`.
fn frame(line: &str) -> Option<Frame> {
    let (file, rest) = line.strip_prefix("File \"")?.split_once("\", line ")?;
    let (number, function) = rest.split_once(", in ").unwrap_or((rest, ""));
    let line = number.parse().ok()?;
    let function = if function == "<module>" { "" } else { function }.to_owned();
    let own = is_own(file) && !file.contains("/lib/python");
    Some(Frame { function, file: file.to_owned(), line, own })
}

#[cfg(test)]
mod tests {
    use super::super::read;
    use erratum_catalogue::Catalogue;

    /// As Python 3.11 prints it.
    #[test]
    fn the_reason_stands_at_the_end() {
        let text = "in 3\nTraceback (most recent call last):\n  File \"/quay/fare.py\", line 6, in <module>\n    print(total([\"in\", \"out\"]))\n          ^^^^^^^^^^^^^^^^^^^^\n  File \"/quay/fare.py\", line 3, in fare\n    return fares[z] * 2\n           ~~~~~^^^\nKeyError: 'out'\n";
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all.len(), 1, "{all:#?}");
        assert_eq!(all[0].cause, "KeyError: 'out'");
        assert_eq!(all[0].title, "A key was asked for that the map does not have");
        assert_eq!((all[0].own, all[0].frames[0].line, all[0].frames.len()), (Some(0), 3, 2));
    }

    #[test]
    fn what_failed_first_tells_why() {
        let text = "Traceback (most recent call last):\n  File \"/quay/quay.py\", line 4, in load\n    return json.loads(t)\n  File \"/usr/lib/python3.11/json/decoder.py\", line 353, in raw_decode\n    obj, end = self.scan_once(s, idx)\njson.decoder.JSONDecodeError: Expecting value: line 1 column 2 (char 1)\n\nThe above exception was the direct cause of the following exception:\n\nTraceback (most recent call last):\n  File \"/quay/quay.py\", line 8, in main\n    print(load(\"{x\"))\nRuntimeError: cannot load\n";
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all.len(), 1, "{all:#?}");
        assert_eq!(all[0].led_to, ["RuntimeError: cannot load"]);
        assert_eq!(all[0].own.map(|own| all[0].frames[own].line), Some(4));
    }

    #[test]
    fn calls_that_repeat_are_counted() {
        let text = "Traceback (most recent call last):\n  File \"deep.py\", line 3, in <module>\n    low(3)\n  File \"deep.py\", line 2, in low\n    return low(n - 1)\n  File \"deep.py\", line 2, in low\n    return low(n - 1)\n  File \"deep.py\", line 2, in low\n    return low(n - 1)\n  [Previous line repeated 996 more times]\nRecursionError: maximum recursion depth exceeded\n";
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all[0].repeated, Some(("low".to_owned(), 999)));
        assert_eq!(all[0].title, "A function calls itself without end");
    }

    #[test]
    fn a_trace_that_is_cut_off_is_none() {
        let text = "Traceback (most recent call last):\n  File \"deep.py\", line 3, in low\n";
        assert!(read(&Catalogue::shipped(), text.as_bytes()).is_empty());
    }
}
