//! `score`: plants mistakes, runs the real pipeline, and counts what came out right.

use crate::case::{self, How, Outcome};
use crate::sample::{Sample, Start};
use crate::tally::Tally;
use crate::{held_back, programs};
use clap::Args;
use erratum_compilers::Cache;
use erratum_repair::plant::{KINDS, Planted, plant, plant_set};
use erratum_repair::search::Budget;
use erratum_syntax::language::{LANGUAGES, Language};
use std::collections::BTreeMap;
use std::error::Error;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::sync::Arc;
use std::time::Duration;

#[derive(Args)]
pub struct Options {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// Only this kind of slip (single mistakes only)
    #[arg(long)]
    kind: Option<String>,
    /// Only the sample with this file name
    #[arg(long)]
    sample: Option<String>,
    /// How many mistakes are planted at a time
    #[arg(long, default_value_t = 1)]
    mistakes: usize,
    /// How many times: for a single mistake in each program with each kind, for sets in each program
    #[arg(long, default_value_t = 1)]
    each: u64,
    /// The first seed
    #[arg(long, default_value_t = 1)]
    seed: u64,
    /// Which of the sample programs
    #[arg(long, value_enum, default_value = "all")]
    programs: Which,
    /// Judge by messages and text alone
    #[arg(long)]
    no_proof: bool,
    /// Seconds that a search may take
    #[arg(long, default_value_t = 5.0)]
    budget: f64,
    /// Compiles that a search may take, in the place of seconds: the same figures on every run
    #[arg(long, value_name = "N", conflicts_with = "budget")]
    compiles: Option<usize>,
    /// Keep one compiler warm over all cases of a program: quicker, but the times mean nothing
    #[arg(long)]
    warm: bool,
    /// Start compilers from what is prepared in the user's cache, and prepare what it lacks
    #[arg(long)]
    prepared: bool,
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

#[derive(Clone, Copy, PartialEq, clap::ValueEnum)]
enum Which {
    All,
    /// Those that the models counted, and whose failures may be read
    Counted,
    /// Those that they did not
    HeldBack,
}

/// The figures of one language.
#[derive(Default, serde::Serialize)]
struct Figures {
    all: Tally,
    kinds: BTreeMap<&'static str, Tally>,
    false_alarms: usize,
    /// Over every verdict, in order: two runs that agree in it agree in every word.
    fingerprint: u64,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    let mut results: BTreeMap<&str, Figures> = BTreeMap::new();
    for language in LANGUAGES {
        if options.language.as_deref().is_none_or(|wanted| wanted == language.id) {
            results.insert(language.id, score(language, options)?);
        }
    }
    if options.json {
        println!("{}", serde_json::to_string_pretty(&results)?);
        return Ok(());
    }
    println!("{:<28} {}", "", Tally::HEAD);
    for (language, figures) in &results {
        for (kind, tally) in &figures.kinds {
            println!("{:<28} {}", format!("{language} {kind}"), tally.row());
        }
        println!("{:<28} {}", format!("{} ALL", language.to_uppercase()), figures.all.row());
        println!("{language}: false alarms on sound programs: {}", figures.false_alarms);
        println!("{language}: fingerprint of the verdicts: {:016x}", figures.fingerprint);
    }
    Ok(())
}

fn score(language: &'static Language, options: &Options) -> Result<Figures, Box<dyn Error>> {
    let mut figures = Figures::default();
    let mut number = 0;
    let cache = options.prepared.then(Cache::of_user).flatten().map(Arc::new);
    let how = Start { warm: options.warm, cache };
    let mut before: Option<Sample> = None;
    for (index, path) in programs(language.id)?.into_iter().enumerate() {
        let named = path.file_name().map(|name| name.to_string_lossy().into_owned());
        let wanted = match options.programs {
            Which::All => true,
            Which::Counted => !held_back(index),
            Which::HeldBack => held_back(index),
        };
        if !wanted || (options.sample.is_some() && options.sample != named) {
            continue;
        }
        let mut sample = Sample::new(&path, language, how.clone(), before.take())?;
        figures.false_alarms += usize::from(sample.alarm()?);
        for plan in plans(&sample, options, options.seed + 1000 * index as u64) {
            number += 1;
            if number % options.every == 0 {
                one(&mut sample, plan, options, &mut figures)?;
            }
        }
        before = Some(sample);
    }
    Ok(figures)
}

/// What is to be planted: a kind and a seed, or only a seed for a set.
type Plan = (Option<&'static erratum_repair::plant::Slip>, u64);

fn plans(sample: &Sample, options: &Options, seed: u64) -> Vec<Plan> {
    if options.mistakes > 1 {
        return (0..options.each).map(|round| (None, seed + round)).collect();
    }
    let wanted = |kind: &str| options.kind.as_deref().is_none_or(|wanted| wanted == kind);
    let kinds = KINDS.iter().filter(|slip| slip.fits(sample.language) && wanted(slip.name));
    kinds.flat_map(|slip| (0..options.each).map(move |round| (Some(slip), seed + round))).collect()
}

fn one(
    sample: &mut Sample,
    (slip, seed): Plan,
    options: &Options,
    figures: &mut Figures,
) -> Result<(), Box<dyn Error>> {
    let set: Option<Vec<Planted>> = match slip {
        Some(slip) => plant(&sample.source, sample.language, slip, seed).map(|one| vec![one]),
        None => plant_set(&sample.source, sample.language, options.mistakes, seed, &mut |one| {
            sample.objects(one)
        }),
    };
    let Some(set) = set else { return Ok(()) };
    let seconds = Budget::Time(Duration::from_secs_f64(options.budget));
    let budget = options.compiles.map_or(seconds, Budget::Compiles);
    let how = How { judged: options.no_proof, budget };
    let Some(outcome) = case::look(sample, &set, how)? else { return Ok(()) };
    if options.wrong && !outcome.is_right() {
        println!("(seed {seed})");
        case::show(sample, &set, &outcome);
    }
    count(&outcome, slip.map(|slip| slip.name), figures);
    Ok(())
}

fn count(outcome: &Outcome, kind: Option<&'static str>, figures: &mut Figures) {
    figures.all.add(&outcome.tally);
    let mut hasher = DefaultHasher::new();
    (figures.fingerprint, serde_json::to_string(&outcome.verdict).unwrap_or_default())
        .hash(&mut hasher);
    figures.fingerprint = hasher.finish();
    if let Some(kind) = kind {
        figures.kinds.entry(kind).or_default().add(&outcome.tally);
    }
}
