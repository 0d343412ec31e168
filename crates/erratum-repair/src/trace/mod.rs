//! Stack traces of programs that ran and stopped: where in the learner's own text, and why.
//!
//! Seen with OpenJDK 17, Rust 1.95, GHC 9.0, Go 1.19, Mono 6.8, Node 18, Free Pascal 3.2, GNAT 12, gfortran
//! 12, gdc 12, glibc 2.36, libstdc++ 12, Python 3.11 and the sanitizers of gcc 12 and clang 14; .NET, Swift and
//! Dart from their documentation.

mod frame;
mod python;
mod start;

use erratum_catalogue::{Catalogue, Crash};
use frame::{frame, repeats};
use serde::Serialize;
use start::{Kind, start};

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
    /// What was told of it on the way out, where one failure led to the next: the outermost first.
    pub led_to: Vec<String>,
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

/// What is read of one trace.
#[derive(Default)]
struct Trace {
    cause: String,
    led_to: Vec<String>,
    frames: Vec<Frame>,
    /// The calls of what it led to: they tell the place where its own do not.
    outer: Vec<Frame>,
    /// The function that the trace itself tells to be called over and over, and how often.
    repeated: Option<(String, usize)>,
}

/// Reads the traces in what a program printed.
pub fn read(catalogue: &Catalogue, output: &[u8]) -> Vec<Stopped> {
    let plain = strip_ansi_escapes::strip(output);
    let text = String::from_utf8_lossy(&plain).into_owned();
    let lines: Vec<&str> = text.lines().collect();
    let mut all: Vec<Trace> = Vec::new();
    let mut at = 0;
    // Sanitizers go on with other lists of calls: where memory was taken, where it was given back.
    let mut closed = false;
    while at < lines.len() {
        if let Some((found, used)) = python::traceback(&lines[at..]) {
            match all.last_mut().filter(|_| python::is_led_to(&lines[..at])) {
                Some(trace) => {
                    trace.led_to.insert(0, found.cause);
                    trace.outer.splice(0..0, found.frames);
                }
                None => all.push(found),
            }
            at += used;
            closed = true;
            continue;
        }
        let next = lines.get(at + 1).copied().unwrap_or("");
        if let Some(start) = start(lines[at], next)
            // A signal only says that it ended; what was told before says why.
            && (start.kind != Kind::Signal || all.is_empty())
        {
            let frames = start.frame.into_iter().collect();
            match all.last_mut().filter(|_| start.kind == Kind::Inner) {
                Some(trace) => {
                    trace.led_to.push(std::mem::replace(&mut trace.cause, start.cause));
                    trace.outer.append(&mut trace.frames);
                    trace.frames = frames;
                }
                None => all.push(Trace { cause: start.cause, frames, ..Trace::default() }),
            }
            at += start.lines;
            closed = false;
            continue;
        }
        closed |= ["allocated by thread", "freed by thread", "previously "]
            .iter()
            .any(|words| lines[at].contains(words));
        if let Some(trace) = all.last_mut()
            && !closed
            && trace.frames.len() < FRAMES
        {
            if let Some(count) = repeats(lines[at]) {
                let called = lines[at + 1..].iter().take(2).find_map(|line| frame(line, ""));
                trace.repeated = called.map(|(frame, _)| (frame.function, count));
            }
            if let Some((frame, used)) = frame(lines[at], next) {
                add(&mut trace.frames, frame);
                at += used;
                continue;
            }
        }
        at += 1;
    }
    all.into_iter().map(|trace| stopped(catalogue, trace)).collect()
}

/// Adds a call. Where the start of a trace tells a place, the calls tell it again.
fn add(frames: &mut Vec<Frame>, frame: Frame) {
    if let [first] = &frames[..]
        && first.function.is_empty()
        && frame.own
        && first.line == frame.line
        && same_file(&first.file, &frame.file)
    {
        frames.clear();
    }
    if !(frames.len() == 1 && frames[0].function.is_empty() && !frame.own) {
        frames.push(frame);
    }
}

/// Whether two names are of one file, of which one may be told with its folder.
fn same_file(a: &str, b: &str) -> bool {
    let within = |long: &str, short: &str| {
        long.strip_suffix(short).is_some_and(|rest| rest.is_empty() || rest.ends_with(['/', '\\']))
    };
    within(a, b) || within(b, a)
}

/// What to try where the reason is not known: with a line, and without.
const ON_LINE: &str = "Look at the values of the names on that line.";
const NOWHERE: &str = "It names no line. Look in your program for the words that it says.";

fn stopped(catalogue: &Catalogue, trace: Trace) -> Stopped {
    let Trace { cause, led_to, mut frames, outer, repeated } = trace;
    if !frames.iter().any(|frame| frame.own) {
        frames.extend(outer);
    }
    let own = frames.iter().position(|frame| frame.own);
    let mut counts: Vec<(&str, usize)> = Vec::new();
    for frame in frames.iter().filter(|frame| frame.own) {
        match counts.iter_mut().find(|(name, _)| *name == frame.function) {
            Some((_, count)) => *count += 1,
            None => counts.push((&frame.function, 1)),
        }
    }
    let most = counts.into_iter().max_by_key(|(_, count)| *count);
    let often = most.filter(|(_, n)| *n >= OVER_AND_OVER).map(|(name, n)| (name.to_owned(), n));
    let repeated = repeated.or(often);
    let told = if repeated.is_some() { "stack overflow" } else { cause.as_str() };
    let known: Option<&Crash> = catalogue.crash_of(told);
    let text =
        |of: fn(&Crash) -> &String, other: &str| known.map_or(other.to_owned(), |c| of(c).clone());
    Stopped {
        title: text(|c| &c.title, "The program ran and stopped"),
        meaning: text(|c| &c.meaning, "What it says about the reason stands above."),
        advice: text(|c| &c.advice, if own.is_some() { ON_LINE } else { NOWHERE }),
        cause,
        led_to,
        frames,
        own,
        repeated,
    }
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
    fn pascal_and_ada() {
        let caught = "An unhandled exception occurred at $0000000000401211:\nERangeError: Range check error\n  $0000000000401211  RISE,  line 9 of crash.pas\n  $00000000004013A8  main,  line 14 of crash.pas\n";
        let (function, file, line, title) = top(caught);
        assert_eq!((function.as_str(), file.as_str(), line), ("RISE", "crash.pas", 9));
        assert_eq!(title, "A value is outside of the range that its type allows");
        let bare = "Runtime error 200 at $000000000040125F\n  $000000000040125F  main,  line 10 of bare.pas\n  $000000000042317C\n";
        assert_eq!((top(bare).2, top(bare).3.as_str()), (10, "A number was divided by zero"));
        let ada = "\nraised CONSTRAINT_ERROR : pier.adb:11 index check failed\n";
        assert_eq!((top(ada).1.as_str(), top(ada).2), ("pier.adb", 11));
    }

    #[test]
    fn fortran_and_d() {
        let text = "At line 6 of file quay.f90\nFortran runtime error: Index '5' of dimension 1 of array 'fares' above upper bound of 3\n\nError termination. Backtrace:\n#0  0x7f1e96e218c2 in ???\n#3  0x55ff3b2a232a in quay\n\tat /port/quay.f90:6\n#4  0x55ff3b2a24c9 in main\n\tat /port/quay.f90:9\n";
        let (function, file, line, title) = top(text);
        assert_eq!((function.as_str(), file.as_str(), line), ("quay", "/port/quay.f90", 6));
        assert!(title.contains("does not have"), "{title}");
        let d = "std.conv.ConvException@/usr/include/d/std/conv.d(2524): Unexpected 'd' when converting from type string to type int\n----------------\n/usr/include/d/std/conv.d:224 pure @safe int std.conv.to!(int).to(immutable(char)[]) [0x55d597079762]\n/port/boat.d:2 _Dmain [0x55d597079547]\n";
        assert_eq!((top(d).0.as_str(), top(d).2), ("main", 2));
    }

    /// The reason and the title of what tells no place.
    fn told(text: &str) -> (String, String) {
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all.len(), 1, "{all:#?}");
        assert_eq!(all[0].own, None, "{all:#?}");
        (all[0].cause.clone(), all[0].title.clone())
    }

    #[test]
    fn dart_and_older_swift() {
        let dart = "Unhandled exception:\nRangeError (index): Invalid value: Not in inclusive range 0..2: 3\n#0      List.[] (dart:core-patch/growable_array.dart:264:36)\n#1      third (file:///quay/fares.dart:5:14)\n";
        let (function, file, line, title) = top(dart);
        assert_eq!((function.as_str(), file.as_str(), line), ("third", "/quay/fares.dart", 5));
        assert!(title.contains("does not have"), "{title}");
        let swift = "Fatal error: Unexpectedly found nil while unwrapping an Optional value: file quay/main.swift, line 12\n";
        assert_eq!((top(swift).1.as_str(), top(swift).2), ("quay/main.swift", 12));
    }

    #[test]
    fn what_the_system_ends_is_told_by_the_shell_or_the_library() {
        for line in [
            "Segmentation fault (core dumped)",
            "bash: line 1:  9190 Segmentation fault      ./tide",
            "zsh: segmentation fault  ./tide",
            "make: *** [Makefile:3: run] Segmentation fault (core dumped)",
        ] {
            assert_eq!(told(line).0, "Segmentation fault", "{line}");
        }
        let divided = "bash: line 1: 12010 Floating point exception./tide\n";
        assert_eq!(told(divided).1, "A number was divided by zero");
        // The library says why; the shell only that it ended.
        let freed = "free(): double free detected in tcache 2\nAborted (core dumped)\n";
        assert_eq!(told(freed).1, "Memory was used after it was given back");
        let thrown = "terminate called after throwing an instance of 'std::out_of_range'\n  what():  vector::_M_range_check\nAborted\n";
        assert_eq!(told(thrown).0, "std::out_of_range: vector::_M_range_check");
        assert_eq!(told("stack overflow\n").1, "A function calls itself without end");
        assert_eq!(told("Tide: <<loop>>\n").1, "A value needs itself to be worked out");
        let tide = "tide: tide.c:5: main: Assertion `deep > 3' failed.\nAborted\n";
        assert_eq!((top(tide).1.as_str(), top(tide).2), ("tide.c", 5));
    }

    #[test]
    fn what_failed_first_tells_why() {
        let text = "Exception in thread \"main\" java.lang.IllegalStateException: no fare\n\tat Tide.load(Tide.java:5)\n\tat Tide.main(Tide.java:12)\nCaused by: java.lang.NumberFormatException: For input string: \"deep\"\n\tat java.base/java.lang.Integer.parseInt(Integer.java:652)\n\t... 1 more\n";
        let all = read(&Catalogue::shipped(), text.as_bytes());
        assert_eq!(all.len(), 1, "{all:#?}");
        assert_eq!(all[0].title, "A text could not be read as a number");
        assert_eq!(all[0].led_to, ["java.lang.IllegalStateException: no fare"]);
        // The calls of the inner one are the library's alone.
        assert_eq!(top(text).2, 5);
    }

    #[test]
    fn go_and_dotnet_tell_an_endless_recursion() {
        let go = "runtime: goroutine stack exceeds 1000000000-byte limit\nfatal error: stack overflow\n\nruntime stack:\nruntime.throw({0x499f7e?, 0x5168a0?})\n\t/usr/lib/go-1.19/src/runtime/panic.go:1047 +0x5d fp=0x7f\n\ngoroutine 1 [running]:\nmain.rise(0x1555524?)\n\t/port/dead.go:10 +0x33 fp=0xc0\nmain.rise(0x0?)\n\t/port/dead.go:10 +0x1c fp=0xc0\n";
        assert_eq!((top(go).0.as_str(), top(go).2), ("rise", 10));
        let net = "Stack overflow.\nRepeat 24021 times:\n--------------------------------\n   at Tide.Rise(Int32)\n--------------------------------\n   at Tide.Main()\n";
        let all = read(&Catalogue::shipped(), net.as_bytes());
        assert_eq!(all[0].repeated, Some(("Tide.Rise".to_owned(), 24021)));
        let dead = "fatal error: all goroutines are asleep - deadlock!\n\ngoroutine 1 [chan send]:\nmain.main()\n\t/port/dead.go:16 +0x22b\n";
        assert_eq!((top(dead).0.as_str(), top(dead).2), ("main", 16));
    }

    #[test]
    fn compiler_output_and_noise_hold_no_trace() {
        for text in [
            "ferry.c:3:5: error: expected ',' or ';' before 'return'\n",
            "a stack overflow is near\nFatal error: cannot open file x, line 3\n",
            "Compiling ferry v0.1.0\nat last\n#1 of 3\n0: started\n",
            "fatal error: too many errors emitted, stopping now\n",
            "g++: internal compiler error: Segmentation fault signal terminated program cc1plus\n",
            "The aborted trip was raised again : at noon\nraised beds : three\n",
            "",
        ] {
            assert!(read(&Catalogue::shipped(), text.as_bytes()).is_empty(), "{text}");
        }
    }
}
