//! `fuzz`: texts and messages without sense, from programs that are cut, doubled and mixed.
//!
//! A run is made from its seed alone, so one that fails can be repeated (`--seed N --runs 1`), and a long
//! one can go on where it ended. A panic is a fault even where the search goes on without the family
//! that failed, and so is a run that takes over a second.

use clap::{Args, ValueEnum};
use erratum_catalogue::{Catalogue, Entry, fill};
use erratum_repair::message::{Message, Place, Severity};
use erratum_repair::narrow::narrow;
use erratum_repair::read::read;
use erratum_repair::search::{Compile, Depth, Limits, Report, Search, judge};
use erratum_repair::structure::{Structure, tidy};
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::lex::Lexed;
use erratum_syntax::names::Names;
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::{Program, Source};
use fastrand::Rng;
use std::collections::BTreeMap;
use std::error::Error;
use std::fs;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::panic::{self, AssertUnwindSafe, catch_unwind};
use std::path::{Path, PathBuf};
use std::sync::Mutex;
use std::time::{Duration, Instant};

/// How long a run may take.
const SLOW: Duration = Duration::from_secs(1);

#[derive(Args)]
pub struct Options {
    /// What is given such texts
    #[arg(value_enum)]
    target: Target,
    /// How many runs
    #[arg(long, default_value_t = 10_000)]
    runs: u64,
    /// The seed of the first run
    #[arg(long, default_value_t = 0)]
    seed: u64,
}

#[derive(Clone, Copy, PartialEq, ValueEnum)]
enum Target {
    /// Tokens, pairs, outline, tidy layout, names
    Text,
    /// Logs of compilers
    Log,
    /// The catalogue's texts in a file of one's own
    Words,
    /// Judging messages without a compiler
    Judge,
    /// The search, with a compiler that answers without sense
    Search,
    /// Narrowing with such a compiler
    Narrow,
}

/// What runs that fail have said, by the place of the panic: how many, and the seed of the first.
#[derive(Default)]
struct Faults {
    panics: BTreeMap<String, (usize, u64)>,
    slow: Vec<(u64, Duration)>,
}

/// Panics since the last run ended, also those that a search survives.
static PANICS: Mutex<Vec<String>> = Mutex::new(Vec::new());

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    let corpus = Corpus::read()?;
    let faults = runs(&corpus, options, true);
    for (place, (count, seed)) in &faults.panics {
        println!("panic, {count} times, first with --seed {seed}: {place}");
    }
    for (seed, time) in faults.slow.iter().take(20) {
        println!("slow, with --seed {seed}: {} ms", time.as_millis());
    }
    println!(
        "{} runs, {} places with a panic, {} slow",
        options.runs,
        faults.panics.len(),
        faults.slow.len()
    );
    if faults.panics.is_empty() && faults.slow.is_empty() {
        return Ok(());
    }
    Err("there are faults".into())
}

fn runs(corpus: &Corpus, options: &Options, told: bool) -> Faults {
    panic::set_hook(Box::new(|info| {
        let place = info.location().map_or(String::new(), ToString::to_string);
        let payload = info.payload();
        let text = payload.downcast_ref::<&str>().copied();
        let said = text.or(payload.downcast_ref::<String>().map(String::as_str)).unwrap_or("");
        if let Ok(mut all) = PANICS.lock() {
            all.push(format!("{place}: {said}"));
        }
    }));
    let mut faults = Faults::default();
    let (started, mut shown) = (Instant::now(), 1u64);
    for seed in options.seed..options.seed.saturating_add(options.runs) {
        let begun = Instant::now();
        // What a run leaves behind is dropped whole.
        let _ = catch_unwind(AssertUnwindSafe(|| one(corpus, options.target, seed)));
        let time = begun.elapsed();
        for place in PANICS.lock().map(|mut all| std::mem::take(&mut *all)).unwrap_or_default() {
            faults.panics.entry(place).or_insert((0, seed)).0 += 1;
        }
        if time > SLOW {
            faults.slow.push((seed, time));
        }
        if told && started.elapsed().as_secs() / 20 >= shown {
            shown = started.elapsed().as_secs() / 20 + 1;
            eprintln!(
                "up to --seed {seed}: {} panics, {} slow",
                faults.panics.len(),
                faults.slow.len()
            );
        }
    }
    let _ = panic::take_hook();
    faults
}

/// What is cut and mixed: programs by language, and what compilers say.
struct Corpus {
    programs: Vec<(&'static Language, Vec<Vec<u8>>)>,
    entries: Vec<Entry>,
}

impl Corpus {
    /// Reads the sample programs and those that were written wrong; languages without any get those of
    /// another.
    fn read() -> Result<Corpus, Box<dyn Error>> {
        let root = Path::new(env!("CARGO_MANIFEST_DIR"));
        let mut programs = Vec::new();
        for language in LANGUAGES {
            let mut texts = Vec::new();
            for folder in ["../crates/erratum-learn/programs", "written", "everyday"] {
                let folder = root.join(folder).join(language.id);
                let entries = fs::read_dir(folder).into_iter().flatten().flatten();
                let mut paths: Vec<PathBuf> = entries.map(|entry| entry.path()).collect();
                paths.sort();
                for path in paths {
                    texts.push(fs::read(path)?);
                }
            }
            if texts.is_empty() {
                texts.push(language.keywords.join(" ( ) ; \"tide\" {\n  3 }\n").into_bytes());
            }
            programs.push((*language, texts));
        }
        let entries = Catalogue::shipped().entries().to_vec();
        Ok(Corpus { programs, entries })
    }

    /// A language and a program that was one of it, or a part of two.
    fn program(&self, random: &mut Rng) -> (&'static Language, Vec<u8>) {
        let (language, texts) = &self.programs[random.usize(..self.programs.len())];
        let mut text = texts[random.usize(..texts.len())].clone();
        // Most are short, so that there are many.
        let most = [200, 600, 2000, 8000][random.usize(..4)];
        if text.len() > most {
            let from = random.usize(..text.len() - most);
            text = text[from..from + most].to_vec();
        }
        let other = &texts[random.usize(..texts.len())];
        for _ in 0..random.usize(1..8) {
            change(&mut text, other, random);
        }
        (language, text)
    }

    /// A message of a compiler, its blanks filled with words of a text.
    fn message(&self, source: &Source, lexed: &Lexed, random: &mut Rng) -> Message {
        let entry = &self.entries[random.usize(..self.entries.len())];
        let pattern = entry.patterns.get(random.usize(..entry.patterns.len().max(1)));
        let said = pattern.map_or("expected ';' before '{name}'", |pattern| pattern.text.as_str());
        let mut text = String::new();
        let mut rest = said;
        while let Some((before, behind)) = rest.split_once('{') {
            let (_, after) = behind.split_once('}').unwrap_or((behind, ""));
            text.push_str(before);
            text.push_str(lexed.word(random.usize(..lexed.code.len().max(1))));
            rest = after;
        }
        text.push_str(rest);
        let severity = if random.u8(..8) == 0 { Severity::Warning } else { Severity::Error };
        let mut message = Message::new(severity, text);
        message.code = pattern.and_then(|pattern| pattern.code.clone());
        let at = random.usize(..source.bytes().len() + 1);
        message.at = (random.u8(..12) > 0).then(|| Place::of(source, at, at + random.usize(..9)));
        message
    }
}

/// Changes a text at one place.
fn change(text: &mut Vec<u8>, other: &[u8], random: &mut Rng) {
    const MARKS: &[&[u8]] = &[
        b"{",
        b"}",
        b"(",
        b")",
        b"[",
        b"]",
        b";",
        b"\"",
        b"'",
        b"`",
        b"/*",
        b"*/",
        b"//",
        b"--",
        b"#if 0\n",
        b"#else\n",
        b"#endif\n",
        b"\\",
        b"\n",
        b"\r\n",
        b"\t",
        b"\0",
        b"\xff",
        b"\xe2\x80\x9c",
        b"\xc2\xa0",
        b"\xef\xbb\xbf",
        b"end",
        b"begin",
        b"=",
        b"==",
        b"::",
        b"->",
        b"${",
        b"r#\"",
        b"\"\"\"",
        b"0x",
        b"1e",
        "\u{202e}".as_bytes(),
        "é".as_bytes(),
        "𝄞".as_bytes(),
    ];
    let at = random.usize(..text.len() + 1);
    let end = (at + random.usize(..60)).min(text.len());
    match random.u8(..7) {
        0 => drop(text.drain(at..end)),
        1 => drop(text.drain(at..(at + 1).min(text.len()))),
        2 => {
            let part = text[at..end].to_vec();
            let to = random.usize(..text.len() + 1);
            text.splice(to..to, part);
        }
        3 => {
            let from = random.usize(..other.len() + 1);
            let part = other[from..(from + 80).min(other.len())].to_vec();
            text.splice(at..at, part);
        }
        4 => text.truncate(at),
        _ => {
            let mark = MARKS[random.usize(..MARKS.len())];
            text.splice(at..at, mark.iter().copied());
        }
    }
}

fn one(corpus: &Corpus, target: Target, seed: u64) {
    let mut random = Rng::with_seed(seed);
    let (language, bytes) = corpus.program(&mut random);
    let source = Source::new(format!("tide.{}", language.extensions[0]), bytes);
    match target {
        Target::Text => {
            let lexed = Lexed::new(&source, language);
            let pairs = Pairs::thorough(&lexed);
            let names = Names::new(&lexed, &pairs);
            let found = Structure::new(&source, language);
            let tidied = tidy(&source, language);
            assert!(names.declared.iter().all(|one| one.token < lexed.code.len()));
            assert!(found.odd.iter().all(|odd| odd.mark.at.line >= 1));
            drop(tidied);
        }
        Target::Log => {
            let lexed = Lexed::new(&source, language);
            let mut log = Vec::new();
            for _ in 0..random.usize(1..6) {
                let message = corpus.message(&source, &lexed, &mut random);
                log.extend(as_said(&message, &mut random));
                change(&mut log, source.bytes(), &mut random);
            }
            drop(read(&log));
        }
        Target::Words => {
            let entry = &corpus.entries[random.usize(..corpus.entries.len())];
            let mut text = format!(
                "[[mistake]]\nid = \"{}\"\ntitle = \"{}\"\nmeaning = \"{}\"\n",
                entry.id, entry.title, entry.meaning
            )
            .into_bytes();
            change(&mut text, source.bytes(), &mut random);
            let text = String::from_utf8_lossy(&text);
            drop(erratum_catalogue::own::read("words.toml", &text));
            drop(fill(&text, &BTreeMap::new()));
        }
        Target::Judge | Target::Search | Target::Narrow => {
            let mindless = Mindless { corpus, language, seed };
            let program = Program::single(source);
            let first = mindless.report(&program, random.usize(1..7));
            let catalogue = Catalogue::shipped();
            if target == Target::Judge {
                judge(&catalogue, &program, Some(language), &first, "", Limits::default());
            } else if target == Target::Search {
                let limits = Limits { compiles: Some(40), ..Limits::default() };
                Search::new(&catalogue, &program, language, &mindless).limits(limits).run(first);
            } else {
                let _ = narrow(&catalogue, &program, language, &first, 0, &mindless, &mut |_| ());
            }
        }
    }
}

/// A message as one of several compilers writes it.
fn as_said(message: &Message, random: &mut Rng) -> Vec<u8> {
    let (line, column) = message.at.as_ref().map_or((1, 1), |at| (at.line, at.column));
    let text = &message.text;
    let said = match random.u8(..8) {
        0 => format!("tide.c:{line}:{column}: error: {text}\n  {line} | int tide\n    | ^~~~\n"),
        1 => format!("Tide.java:{line}: error: {text}\n    int tide\n        ^\n1 error\n"),
        2 => format!(
            "error[E0308]: {text}\n --> tide.rs:{line}:{column}\n  |\n{line} | let\n  | ^^^\n"
        ),
        3 => format!("tide.ts({line},{column}): error TS2304: {text}\n"),
        4 => format!("tide.pas({line},{column}) Error: {text}\n"),
        5 => format!(
            "tide.hs:{line}:{column}: error:\n    • {text}\n    • In the expression: tide\n"
        ),
        6 => format!("{{\"file\":\"tide.c\",\"line\":{line},\"message\":\"{text}\"}}\n"),
        _ => format!("Exception in thread \"main\" {text}\n\tat Tide.main(Tide.java:{line})\n"),
    };
    said.into_bytes()
}

/// A compiler whose messages depend on the text, and on nothing else.
struct Mindless<'a> {
    corpus: &'a Corpus,
    language: &'static Language,
    seed: u64,
}

impl Mindless<'_> {
    fn report(&self, program: &Program, most: usize) -> Report {
        let source = &program.files[0];
        let mut hasher = DefaultHasher::new();
        (self.seed, source.bytes()).hash(&mut hasher);
        let mut random = Rng::with_seed(hasher.finish());
        let lexed = Lexed::new(source, self.language);
        let count = random.usize(..most + 1);
        let message = |_| self.corpus.message(source, &lexed, &mut random);
        let messages: Vec<Message> = (0..count).map(message).collect();
        Report { exit: Some(i32::from(!messages.is_empty())), messages, dropped: 0 }
    }
}

impl Compile for Mindless<'_> {
    fn compiler(&self) -> &str {
        if self.language.codes.is_empty() { "gcc" } else { self.language.codes }
    }

    fn compile(&self, programs: &[Program], _: Depth) -> Vec<Result<Report, String>> {
        programs.iter().map(|program| Ok(self.report(program, 4))).collect()
    }

    fn expired(&self) -> bool {
        false
    }

    fn source(&self, _: &str) -> Option<Source> {
        None
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    /// The long run is made by hand; this one finds what breaks at once.
    #[test]
    fn what_has_no_sense_ends_without_a_fault() {
        let corpus = Corpus::read().unwrap();
        for (target, runs) in [
            (Target::Text, 3000),
            (Target::Log, 3000),
            (Target::Words, 1000),
            (Target::Judge, 300),
            (Target::Search, 40),
            (Target::Narrow, 40),
        ] {
            let faults = runs_of(&corpus, target, runs);
            assert!(faults.panics.is_empty(), "{:?}", faults.panics);
        }
    }

    #[test]
    fn a_run_is_made_from_its_seed_alone() {
        let corpus = Corpus::read().unwrap();
        let text = |seed| corpus.program(&mut Rng::with_seed(seed)).1;
        assert_eq!(text(7), text(7));
        assert_ne!(text(7), text(8));
    }

    fn runs_of(corpus: &Corpus, target: Target, count: u64) -> Faults {
        runs(corpus, &Options { target, runs: count, seed: 0 }, false)
    }
}
