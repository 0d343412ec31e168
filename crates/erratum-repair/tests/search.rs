//! The search, against a small compiler of our own: no process is run.
//!
//! The language it checks is a corner of C: statements end with `;`, names must be declared with
//! `int`, and syntax errors hide errors of names, as real compilers do it.

use erratum_catalogue::Catalogue;
use erratum_repair::message::{Message, Place, Severity};
use erratum_repair::search::{Compile, Depth, Found, Limits, Report, Search, judge};
use erratum_repair::verdict::Role;
use erratum_syntax::language::{self, Language};
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::source::{Program, Source};
use std::sync::Mutex;
use std::sync::atomic::{AtomicUsize, Ordering};
use std::time::Instant;

struct Corner {
    seen: Mutex<Vec<String>>,
    left: AtomicUsize,
}

impl Corner {
    fn new(compiles: usize) -> Corner {
        Corner { seen: Mutex::default(), left: AtomicUsize::new(compiles) }
    }
}

fn c() -> &'static Language {
    language::by_id("c").unwrap()
}

fn error(source: &Source, at: usize, text: String) -> Message {
    let mut message = Message::new(Severity::Error, text);
    message.at = Some(Place::of(source, at, at + 1));
    message
}

fn check(source: &Source) -> Report {
    let lexed = Lexed::new(source, c());
    let mut messages = Vec::new();
    for at in 1..lexed.code.len() {
        let token = lexed.code[at];
        let ended = matches!(lexed.word(at - 1), ";" | "{" | "}");
        if token.first && !ended {
            messages.push(error(
                source,
                token.start,
                format!("expected ';' before '{}'", lexed.word(at)),
            ));
        }
    }
    if messages.is_empty() {
        let declared: Vec<&str> = (1..lexed.code.len())
            .filter(|at| lexed.is(at - 1, "int"))
            .map(|at| lexed.word(at))
            .collect();
        for token in lexed.code.iter().filter(|token| token.kind == TokenKind::Name) {
            let name = lexed.text(token);
            if !declared.contains(&name) {
                messages.push(error(
                    source,
                    token.start,
                    format!("'{name}' undeclared (first use in this function)"),
                ));
            }
        }
    }
    let exit = Some(i32::from(!messages.is_empty()));
    Report { messages, exit, dropped: 0 }
}

impl Compile for Corner {
    fn compiler(&self) -> &str {
        "gcc"
    }

    fn compile(&self, programs: &[Program], _: Depth) -> Vec<Result<Report, String>> {
        let mut seen = self.seen.lock().unwrap();
        self.left.fetch_sub(programs.len().min(self.left.load(Ordering::SeqCst)), Ordering::SeqCst);
        programs
            .iter()
            .map(|program| {
                let text = String::from_utf8_lossy(program.files[0].bytes()).into_owned();
                if text.contains("crash") && text.contains(";;") {
                    return Err("crashed".to_owned());
                }
                seen.push(text);
                Ok(check(&program.files[0]))
            })
            .collect()
    }

    fn expired(&self) -> bool {
        self.left.load(Ordering::SeqCst) == 0
    }

    fn source(&self, _: &str) -> Option<Source> {
        None
    }
}

fn find(text: &str, compiler: &Corner) -> Found {
    let program = Program::single(Source::new("tide.c", text.as_bytes()));
    let first = check(&program.files[0]);
    Search::new(&Catalogue::shipped(), &program, c(), compiler).run(first)
}

const SOUND: &str = "int main() {\n    int tide = 3;\n    int berth = tide;\n    berth = tide;\n    tide = berth;\n}\n";

#[test]
fn a_sound_program_has_no_root_and_costs_no_compile() {
    let found = find(SOUND, &Corner::new(1000));
    assert!(found.verdict.roots.is_empty());
    assert_eq!(found.verdict.compiles, 0);
    assert!(found.verdict.mended);
}

#[test]
fn a_chain_is_mended_to_its_end_and_hidden_roots_have_their_place_in_the_file_as_it_stands() {
    let text = SOUND
        .replace("int tide = 3;", "int tide = 3")
        .replace("berth = tide;\n    tide", "berht = tide;\n    tide");
    let found = find(&text, &Corner::new(1000));
    let roots = &found.verdict.roots;
    assert_eq!(roots.len(), 2);
    assert_eq!(
        (roots[0].mistake.as_str(), roots[0].at.line, roots[0].hidden),
        ("missing-terminator", 2, false)
    );
    assert_eq!(
        (roots[1].mistake.as_str(), roots[1].at.line, roots[1].hidden),
        ("misspelt-name", 4, true)
    );
    assert_eq!(roots[1].fixes[0].edits[0].text, "berth");
    assert_eq!(found.mended.files[0].bytes(), SOUND.as_bytes());
    assert_eq!(found.verdict.messages[0].role, Role::Root);
}

#[test]
fn one_slip_in_a_declaration_is_one_root_and_its_uses_follow() {
    let text = SOUND.replace("int tide = 3", "int tdie = 3");
    let found = find(&text, &Corner::new(1000));
    assert_eq!(found.verdict.roots.len(), 1);
    let root = &found.verdict.roots[0];
    assert_eq!(root.at.line, 2);
    assert_eq!(root.follows.len(), found.verdict.messages.len() - 1);
    assert_eq!(found.mended.files[0].bytes(), SOUND.as_bytes());
}

#[test]
fn the_same_text_is_never_compiled_twice() {
    let text = SOUND.replace("berth = tide;", "berth = tied\n");
    let corner = Corner::new(1000);
    find(&text, &corner);
    let mut seen = corner.seen.into_inner().unwrap();
    let all = seen.len();
    seen.sort();
    seen.dedup();
    assert_eq!(seen.len(), all);
}

#[test]
fn independent_mistakes_are_mended_in_one_compile_and_keep_their_own_messages() {
    let mut sound = String::from("int main() {\n");
    for n in 0..4 {
        sound.push_str(&format!("    int tide{n} = {n};\n\n    tide{n} = {n};\n\n"));
    }
    sound.push_str("}\n");
    let wrong = sound
        .replace("int tide1 = 1;", "int tide1 = 1")
        .replace("tide3 = 3;\n\n}", "tide3 = 3\n\n}");
    let wrong = wrong.replace("int tide2 = 2;", "int tide2 = 2");
    let found = find(&wrong, &Corner::new(1000));
    assert_eq!(found.mended.files[0].bytes(), sound.as_bytes());
    let roots = &found.verdict.roots;
    assert_eq!(roots.iter().map(|root| root.at.line).collect::<Vec<_>>(), [6, 10, 16]);
    for (index, root) in roots.iter().enumerate() {
        assert_eq!(root.messages, [index + 1], "{root:#?}");
        assert!(root.follows.is_empty() && !root.hidden);
    }
    // One compile for all of them and one beside it; one each to take them back.
    assert!(found.verdict.compiles <= 6, "{}", found.verdict.compiles);
}

#[test]
fn messages_go_to_the_mistake_that_brings_them_about_alone() {
    // Two unknown names on one line, each with a slip of its own elsewhere.
    let sound = "int main() {\n    int tide = 3;\n    int berth = 4;\n\n    tide = berth;\n}\n";
    let wrong = sound.replace("int tide", "int tdie").replace("int berth", "int brth");
    let found = find(&wrong, &Corner::new(1000));
    assert_eq!(found.mended.files[0].bytes(), sound.as_bytes());
    let roots = &found.verdict.roots;
    assert_eq!(roots.len(), 2);
    let owner = |text: &str| {
        let message = found.verdict.messages.iter().find(|m| m.text.contains(text)).unwrap();
        roots.iter().find(|root| Some(root.id) == message.root).unwrap().at.line
    };
    assert_eq!((owner("'tide'"), owner("'berth'")), (2, 3));
}

fn judged_lines(text: &str, said: &[(u32, u32, &str)]) -> Vec<u32> {
    let program = Program::single(Source::new("tide.c", text.as_bytes()));
    let message = |&(line, column, text): &(u32, u32, &str)| {
        let mut message = Message::new(Severity::Error, text);
        message.at = Some(Place::point("tide.c", line, column));
        message
    };
    let messages = said.iter().map(message).collect();
    let report = Report { messages, exit: Some(1), dropped: 0 };
    let verdict =
        judge(&Catalogue::shipped(), &program, Some(c()), &report, "gcc", Limits::default());
    assert!(verdict.messages.iter().all(|message| message.root.is_some()));
    verdict.roots.iter().map(|root| root.at.line).collect()
}

#[test]
fn a_judgement_out_of_time_tells_its_first_mistake() {
    let text = (1..=9).map(|n| format!("int quay{n} = tide{n};\n")).collect::<String>();
    let program = Program::single(Source::new("tide.c", text.as_bytes()));
    let message = |line: u32| {
        let text = format!("'tide{line}' undeclared here (not in a function)");
        let mut message = Message::new(Severity::Error, text);
        message.at = Some(Place::point("tide.c", line, 13));
        message
    };
    let report = Report { messages: (1..=9).map(message).collect(), exit: Some(1), dropped: 0 };
    let within = |until: Option<Instant>| {
        let limits = Limits { until, ..Limits::default() };
        judge(&Catalogue::shipped(), &program, Some(c()), &report, "gcc", limits)
    };
    let whole = within(None);
    assert!(whole.complete && whole.roots.len() == 9);
    let cut = within(Some(Instant::now()));
    assert!(!cut.complete && cut.roots.len() == 1);
}

#[test]
fn without_a_compiler_what_a_broken_line_takes_away_follows_from_it() {
    let include = "include <stdbool.h>\n\nint main(void) {\n    bool deep = 3;\n}\n";
    let said = [
        (1, 9, "expected '=', ',', ';', 'asm' or '__attribute__' before '<' token"),
        (4, 5, "unknown type name 'bool'"),
    ];
    assert_eq!(judged_lines(include, &said), [1]);
    let declared =
        "int main(void) {\n    int tide\n    go();\n    go();\n    go();\n    return tide;\n}\n";
    let said = [
        (3, 5, "expected '=', ',', ';', 'asm' or '__attribute__' before 'go'"),
        (6, 12, "'tide' undeclared (first use in this function)"),
    ];
    assert_eq!(judged_lines(declared, &said), [2]);
    let two =
        "int main(void) {\n    tdie = 3;\n    go();\n    go();\n    go();\n    return brth;\n}\n";
    let said = [
        (2, 5, "'tdie' undeclared (first use in this function)"),
        (6, 12, "'brth' undeclared (first use in this function)"),
    ];
    assert_eq!(judged_lines(two, &said), [2, 6]);
}

#[test]
fn when_the_budget_ends_what_is_known_stays() {
    let text = SOUND.replace(';', "");
    let found = find(&text, &Corner::new(2));
    assert!(!found.verdict.complete);
    assert!(!found.verdict.messages.is_empty());
}

#[test]
fn a_compiler_that_crashes_on_a_candidate_only_speaks_against_it() {
    let text = SOUND.replace("tide", "crash").replace("int crash = 3;", "int crash = 3");
    let found = find(&text, &Corner::new(1000));
    assert_eq!(found.mended.files[0].bytes(), SOUND.replace("tide", "crash").as_bytes());
}

/// Searches texts without sense, some in each language.
fn searches_without_sense(seeds: std::ops::Range<u64>) {
    let words: [&[u8]; 20] = [
        b"int",
        b"{",
        b"}",
        b"(",
        b")",
        b";",
        b"tide",
        b"\"",
        b"/*",
        b"\n",
        b"#include",
        b"=",
        b"\\",
        b"'",
        b"\xff",
        b"\n#\xff<",
        b"fn",
        b"String",
        b"<",
        b"\"\xff\"",
    ];
    for language in language::LANGUAGES {
        for seed in seeds.clone() {
            let mut random = fastrand::Rng::with_seed(seed);
            let text: Vec<u8> =
                (0..60).flat_map(|_| [words[random.usize(..words.len())], b" "].concat()).collect();
            let program = Program::single(Source::new("tide", text));
            let mut first = check(&program.files[0]);
            first.messages.push(error(
                &program.files[0],
                random.usize(..100),
                "expected ')' before 'x'".into(),
            ));
            first.messages.push(error(
                &program.files[0],
                random.usize(..100),
                "mismatched types".into(),
            ));
            first.messages.push(error(
                &program.files[0],
                random.usize(..100),
                "too few arguments to function 'tide'".into(),
            ));
            let found = Search::new(&Catalogue::shipped(), &program, language, &Corner::new(60))
                .run(first.clone());
            assert!(found.verdict.roots.len() <= 40);
            judge(&Catalogue::shipped(), &program, Some(language), &first, "", Limits::default());
        }
    }
}

#[test]
fn bytes_without_sense_end_with_what_is_known_in_every_language() {
    searches_without_sense(0..2);
}

#[test]
fn slow_more_bytes_without_sense_end_with_what_is_known() {
    searches_without_sense(2..12);
}
