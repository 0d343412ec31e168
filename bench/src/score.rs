//! `score`: plants single mistakes, runs the real pipeline, and counts what came out right.

use crate::{held_back, programs};
use clap::Args;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_core::language::{LANGUAGES, Language};
use erratum_core::lex::Lexed;
use erratum_core::plant::{KINDS, Planted, plant};
use erratum_core::prove::{self, Compile, Report, is_grave};
use erratum_core::source::{Program, Source};
use erratum_core::verdict::{Role, Verdict};
use serde::Serialize;
use std::collections::BTreeMap;
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

#[derive(Args)]
pub struct Options {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// Only this kind of slip
    #[arg(long)]
    kind: Option<String>,
    /// How many mistakes of each kind are planted in each program
    #[arg(long, default_value_t = 1)]
    each: u64,
    /// The first seed
    #[arg(long, default_value_t = 1)]
    seed: u64,
    /// Only the programs that the models did not count
    #[arg(long)]
    held_back: bool,
    /// Judge by messages and text alone
    #[arg(long)]
    no_proof: bool,
    /// Print each case that came out wrong
    #[arg(long)]
    wrong: bool,
    /// Only every n-th case
    #[arg(long, default_value_t = 1)]
    every: usize,
    /// Print the figures as JSON
    #[arg(long)]
    json: bool,
}

/// What is counted for one kind or language.
#[derive(Clone, Debug, Default, Serialize)]
struct Tally {
    cases: usize,
    line: usize,
    clears: usize,
    exact: usize,
    messages: usize,
    attributed: usize,
    /// Time as a multiple of one check, each case.
    #[serde(skip)]
    times: Vec<f64>,
}

impl Tally {
    fn add(&mut self, other: &Tally) {
        self.cases += other.cases;
        self.line += other.line;
        self.clears += other.clears;
        self.exact += other.exact;
        self.messages += other.messages;
        self.attributed += other.attributed;
        self.times.extend(&other.times);
    }

    fn row(&self, name: &str) -> String {
        let share = |n: usize, of: usize| {
            if of == 0 {
                "   -".to_owned()
            } else {
                format!("{:4.0}", 100.0 * n as f64 / of as f64)
            }
        };
        let mut times = self.times.clone();
        times.sort_by(f64::total_cmp);
        let median = times.get(times.len() / 2).copied().unwrap_or(0.0);
        format!(
            "{name:<28} {:>5} {} {} {} {} {median:6.1}",
            self.cases,
            share(self.line, self.cases),
            share(self.clears, self.cases),
            share(self.exact, self.cases),
            share(self.attributed, self.messages),
        )
    }
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    let mut results: BTreeMap<&str, BTreeMap<&str, Tally>> = BTreeMap::new();
    let mut alarms: BTreeMap<&str, usize> = BTreeMap::new();
    for language in LANGUAGES {
        if options.language.as_deref().is_some_and(|wanted| wanted != language.id) {
            continue;
        }
        let mut number = 0;
        for (index, path) in programs(language.id)?.into_iter().enumerate() {
            if options.held_back && !held_back(index) {
                continue;
            }
            let bench = Bench::new(&path, language)?;
            *alarms.entry(language.id).or_default() += usize::from(bench.alarm()?);
            for slip in KINDS.iter().filter(|slip| slip.fits(language)) {
                if options.kind.as_deref().is_some_and(|wanted| wanted != slip.name) {
                    continue;
                }
                for round in 0..options.each {
                    number += 1;
                    if number % options.every != 0 {
                        continue;
                    }
                    let seed = options.seed + round + 1000 * index as u64;
                    let Some(planted) = plant(&bench.source, language, slip, seed) else {
                        continue;
                    };
                    if let Some(tally) = bench.case(&planted, options)? {
                        results
                            .entry(language.id)
                            .or_default()
                            .entry(slip.name)
                            .or_default()
                            .add(&tally);
                    }
                }
            }
        }
    }
    if options.json {
        println!("{}", serde_json::to_string_pretty(&results)?);
        return Ok(());
    }
    println!("{:<28} {:>5} line clears exact attributed time", "", "cases");
    for (language, kinds) in &results {
        let mut all = Tally::default();
        for (kind, tally) in kinds {
            println!("{}", tally.row(&format!("{language} {kind}")));
            all.add(tally);
        }
        println!("{}", all.row(&format!("{} ALL", language.to_uppercase())));
        println!(
            "{language}: false alarms on sound programs: {}",
            alarms.get(language).unwrap_or(&0)
        );
    }
    Ok(())
}

/// One sound program with a compiler.
struct Bench {
    source: Source,
    language: &'static Language,
    project: Project,
    toolbox: Toolbox,
    /// How long one check of the sound program takes.
    check: Duration,
}

impl Bench {
    fn new(path: &Path, language: &'static Language) -> Result<Bench, Box<dyn Error>> {
        let project = Project::open(&[PathBuf::from(path)], Some(language))?;
        let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
        let source = Source::new(name, fs::read(path)?);
        let toolbox = Toolbox::default();
        let mut bench = Bench { source, language, project, toolbox, check: Duration::ZERO };
        let mut times = Vec::new();
        for _ in 0..2 {
            let mut session = bench.session(&bench.source)?;
            let started = Instant::now();
            session.first()?;
            times.push(started.elapsed());
        }
        bench.check = times.into_iter().min().unwrap_or_default();
        Ok(bench)
    }

    fn session(&self, source: &Source) -> Result<Session, Box<dyn Error>> {
        let mut project = self.project.clone();
        project.root = std::env::temp_dir();
        project.program = Program::single(source.clone());
        project.cargo = None;
        let found = self.toolbox.find(self.language, None)?;
        Ok(Session::new(project, found, Limits::default())?)
    }

    /// Whether anything is said of the sound program.
    fn alarm(&self) -> Result<bool, Box<dyn Error>> {
        let mut session = self.session(&self.source)?;
        let first = session.first()?;
        let program = Program::single(self.source.clone());
        let found = prove::prove(&program, self.language, first, &session, Default::default());
        Ok(!found.verdict.roots.is_empty())
    }

    /// Scores one planted mistake; nothing if the compiler has no objection to it.
    fn case(&self, planted: &Planted, options: &Options) -> Result<Option<Tally>, Box<dyn Error>> {
        let mut session = self.session(&planted.source)?;
        let started = Instant::now();
        let Ok(first) = session.first() else { return Ok(None) };
        if !first.messages.iter().any(|message| is_grave(message, self.language)) {
            return Ok(None);
        }
        session.set_budget(Duration::from_secs(8));
        let program = Program::single(planted.source.clone());
        let verdict = self.verdict(&program, first, &session, options.no_proof);
        let time = started.elapsed();
        let mut tally = Tally { cases: 1, ..Tally::default() };
        tally.times.push(time.as_secs_f64() / self.check.as_secs_f64());
        let root = verdict.roots.first();
        tally.line = usize::from(root.is_some_and(|root| planted.lines.contains(&root.at.line)));
        if let Some(fix) = root.and_then(|root| root.fixes.first()) {
            tally.clears = 1;
            let mended = erratum_core::edit::apply(&program, &fix.bytes).ok();
            tally.exact = usize::from(mended.is_some_and(|mended| self.same(&mended.files[0])));
        }
        let errors = verdict
            .messages
            .iter()
            .filter(|m| m.severity == erratum_core::message::Severity::Error);
        for message in errors {
            tally.messages += 1;
            tally.attributed +=
                usize::from(message.root == Some(1) && message.role != Role::Unsettled);
        }
        if options.wrong && tally.line + tally.clears + tally.exact < 3 {
            show(planted, &self.source, &verdict, &tally);
        }
        Ok(Some(tally))
    }

    fn verdict(
        &self,
        program: &Program,
        first: Report,
        session: &Session,
        judged: bool,
    ) -> Verdict {
        if judged {
            return prove::judge(
                program,
                Some(self.language),
                &first,
                session.compiler(),
                Default::default(),
            );
        }
        prove::prove(program, self.language, first, session, Default::default()).verdict
    }

    /// Whether a mended text is the sound one: the same tokens and comments in the same order,
    /// whatever the layout.
    fn same(&self, mended: &Source) -> bool {
        let (a, b) = (Lexed::new(&self.source, self.language), Lexed::new(mended, self.language));
        let comments = |l: &Lexed| {
            l.comments
                .iter()
                .map(|t| l.text(t).split_whitespace().collect::<String>())
                .collect::<Vec<_>>()
        };
        a.words() == b.words() && comments(&a) == comments(&b)
    }
}

fn show(planted: &Planted, sound: &Source, verdict: &Verdict, tally: &Tally) {
    println!(
        "--- {} {} line {} clears {} exact {}",
        sound.name(),
        planted.kind,
        tally.line,
        tally.clears,
        tally.exact
    );
    for edit in &planted.edits {
        println!(
            "  planted: line {:?}: {:?} -> {:?}",
            planted.lines,
            sound.slice(edit.start, edit.end),
            edit.text
        );
        let line = planted.lines.first().copied().unwrap_or(1);
        println!("  text: {}", planted.source.line_text(line).trim());
    }
    for message in verdict.messages.iter().take(4) {
        println!("  says {}: {}", message.at.as_ref().map_or(0, |at| at.line), message.text);
    }
    for root in verdict.roots.iter().take(3) {
        println!("  root line {}: {} [{}]", root.at.line, root.title, root.mistake);
        for fix in root.fixes.iter().take(3) {
            println!("     fix: {} {:?}", fix.title, fix.certainty);
        }
    }
}
