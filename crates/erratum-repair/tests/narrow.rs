//! Narrowing, on a small compiler that knows names: each use of one that nothing declares is an error.

use erratum_catalogue::Catalogue;
use erratum_repair::message::{Message, Place, Severity};
use erratum_repair::narrow::{NarrowError, Narrowed, narrow};
use erratum_repair::search::{Compile, Depth, Report};
use erratum_syntax::language::{self, Language};
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::Names;
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::{Program, Source};
use std::sync::atomic::{AtomicUsize, Ordering};

struct NamesOnly {
    language: &'static Language,
    runs: AtomicUsize,
    /// After so many runs the budget is spent.
    most: usize,
}

impl NamesOnly {
    fn new(most: usize) -> NamesOnly {
        NamesOnly { language: language::by_id("c").unwrap(), runs: AtomicUsize::new(0), most }
    }

    fn report(&self, program: &Program) -> Report {
        let source = &program.files[0];
        let lexed = Lexed::new(source, self.language);
        let names = Names::new(&lexed, &Pairs::new(&lexed));
        let unknown = |index: &usize| {
            lexed.kind(*index) == Some(TokenKind::Name)
                && names.of(lexed.word(*index)).next().is_none()
        };
        let messages = (0..lexed.code.len()).filter(unknown).map(|index| {
            let text = format!("unknown {}", lexed.word(index));
            let mut message = Message::new(Severity::Error, text);
            let token = lexed.code[index];
            message.at = Some(Place::of(source, token.start, token.end));
            message
        });
        Report { messages: messages.collect(), exit: Some(1), dropped: 0 }
    }
}

impl Compile for NamesOnly {
    fn compiler(&self) -> &str {
        "names"
    }

    fn compile(&self, programs: &[Program], _: Depth) -> Vec<Result<Report, String>> {
        self.runs.fetch_add(programs.len(), Ordering::Relaxed);
        programs.iter().map(|program| Ok(self.report(program))).collect()
    }

    fn expired(&self) -> bool {
        self.runs.load(Ordering::Relaxed) >= self.most
    }

    fn source(&self, _: &str) -> Option<Source> {
        None
    }
}

fn narrowed(text: &str, most: usize) -> Result<(Narrowed, usize), NarrowError> {
    let program = Program::single(Source::new("ferry.c", text.as_bytes()));
    let compile = NamesOnly::new(most);
    let first = compile.report(&program);
    let mut steps = 0;
    let small = narrow(
        &Catalogue::shipped(),
        &program,
        compile.language,
        &first,
        0,
        &compile,
        &mut |_| steps += 1,
    )?;
    Ok((small, steps))
}

fn text(small: &Narrowed) -> String {
    String::from_utf8(small.source.bytes().to_vec()).unwrap()
}

const FERRY: &str = "int berths(int n) {\n    int all = n;\n    return all;\n}\n\nint tide(int hour) {\n    /* high */\n    return hour;\n}\n\nint fare(int zone) {\n    int base = tide(zone);\n    if (zone > 2) {\n        base = base + zoen;\n    }\n    return berths(base);\n}\n";

#[test]
fn only_what_the_message_needs_is_left() {
    let (small, steps) = narrowed(FERRY, 1_000).unwrap();
    let left = text(&small);
    assert!(left.contains("base = base + zoen;"), "{left}");
    assert!(!left.contains("berths") && !left.contains("high"), "{left}");
    // `base` and `zone` are used where the message points, so their function's line stays.
    assert!(left.lines().count() <= 6, "{left}");
    assert!(small.complete && steps > 0 && small.compiles <= 60);
    assert_eq!(small.message.text, "unknown zoen");
    // Each line is told by its number in the whole text.
    for (line, whole) in left.lines().zip(&small.lines) {
        let old = FERRY.lines().nth(*whole as usize - 1).unwrap();
        assert_eq!(old.split_whitespace().next(), line.split_whitespace().next());
    }
}

#[test]
fn no_error_is_let_in_that_was_not_there() {
    let (small, _) = narrowed(FERRY, 1_000).unwrap();
    let compile = NamesOnly::new(1);
    let report = compile.report(&Program::single(small.source.clone()));
    assert_eq!(report.messages.len(), 1);
}

#[test]
fn the_same_message_of_another_place_is_another_message() {
    let twice = "int a(void) {\n    return zoen;\n}\n\nint b(void) {\n    return zoen;\n}\n";
    let (small, _) = narrowed(twice, 1_000).unwrap();
    assert!(small.lines.contains(&2) && !small.lines.contains(&6), "{:?}", small.lines);
}

#[test]
fn a_spent_budget_gives_what_was_reached() {
    let (small, _) = narrowed(FERRY, 4).unwrap();
    assert!(!small.complete);
    assert_eq!(small.message.text, "unknown zoen");
}

#[test]
fn a_budget_that_is_spent_at_once_is_not_taken_for_a_message_that_is_gone() {
    assert_eq!(narrowed(FERRY, 0).map(|_| ()), Err(NarrowError::NoTime));
}

#[test]
fn a_message_without_a_place_or_that_does_not_come_again_is_refused() {
    let program = Program::single(Source::new("ferry.c", &b"int a;\n"[..]));
    let compile = NamesOnly::new(100);
    let narrow_first = |report: &Report| {
        narrow(&Catalogue::shipped(), &program, compile.language, report, 0, &compile, &mut |_| {})
            .map(|_| ())
    };
    let mut message = Message::new(Severity::Error, "unknown b");
    let report =
        |message: &Message| Report { messages: vec![message.clone()], ..Report::default() };
    assert_eq!(narrow_first(&report(&message)), Err(NarrowError::NoPlace));
    message.at = Some(Place::point("ferry.c", 1, 1));
    assert_eq!(narrow_first(&report(&message)), Err(NarrowError::Gone));
    message.at = Some(Place::point("gone.c", 1, 1));
    assert_eq!(narrow_first(&report(&message)), Err(NarrowError::NoPlace));
}

#[test]
fn odd_brackets_and_scraps_are_narrowed_too() {
    for text in ["int f( { return x;\n}\n}\n", "x", "{{{ x", "int a; /* x */ y\n\"", "#if\nx\n"] {
        let program = Program::single(Source::new("ferry.c", text.as_bytes()));
        let compile = NamesOnly::new(500);
        let first = compile.report(&program);
        if first.messages.is_empty() {
            continue;
        }
        let small = narrow(
            &Catalogue::shipped(),
            &program,
            compile.language,
            &first,
            0,
            &compile,
            &mut |_| {},
        )
        .unwrap();
        assert!(small.source.bytes().len() <= text.len() + 16, "{text}");
    }
}
