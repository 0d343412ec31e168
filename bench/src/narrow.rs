//! `narrow`: how small programs with a planted mistake get, in how many compiles.

use crate::sample::Sample;
use crate::{held_back, programs};
use clap::Args;
use erratum_core::language::{LANGUAGES, Language};
use erratum_core::narrow::narrow;
use erratum_core::plant::{KINDS, plant};
use erratum_core::source::Program;
use std::error::Error;
use std::path::PathBuf;
use std::time::{Duration, Instant};

#[derive(Args)]
pub struct Options {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// The first seed
    #[arg(long, default_value_t = 1)]
    seed: u64,
    /// Only the held-back programs; else only the others
    #[arg(long)]
    held_back: bool,
    /// Only every n-th case
    #[arg(long, default_value_t = 1)]
    every: usize,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    for language in LANGUAGES {
        let wanted = options.language.as_deref().is_none_or(|wanted| wanted == language.id);
        if wanted && let Ok(programs) = programs(language.id) {
            measure(language, programs, options)?;
        }
    }
    Ok(())
}

#[derive(Default)]
struct Tally {
    cases: usize,
    failed: usize,
    lines: Vec<usize>,
    whole: Vec<usize>,
    compiles: Vec<usize>,
    seconds: Vec<f64>,
}

fn measure(
    language: &'static Language,
    programs: Vec<PathBuf>,
    options: &Options,
) -> Result<(), Box<dyn Error>> {
    let mut tally = Tally::default();
    let mut number = 0;
    let mut before: Option<Sample> = None;
    for (index, path) in programs.into_iter().enumerate() {
        if held_back(index) != options.held_back {
            continue;
        }
        let mut sample = Sample::new(&path, language, true, before.take())?;
        for slip in KINDS.iter().filter(|slip| slip.fits(language)) {
            let seed = options.seed + 1000 * index as u64;
            let Some(planted) = plant(&sample.source, language, slip, seed) else { continue };
            number += 1;
            if number % options.every != 0 {
                continue;
            }
            let mut session = sample.session(&planted.source)?;
            sample.lend(&mut session, false);
            let first = session.first().unwrap_or_default();
            let target = first.messages.iter().position(|m| m.is_error() && m.at.is_some());
            if let Some(target) = target {
                session.set_budget(Duration::from_secs(30));
                let program = Program::single(planted.source.clone());
                let started = Instant::now();
                let found = narrow(&program, language, &first, target, &session, &mut |_| {});
                tally.cases += 1;
                match found {
                    Ok(found) => {
                        tally.seconds.push(started.elapsed().as_secs_f64());
                        let code = |source: &erratum_core::source::Source| {
                            let lines = 1..=source.line_count();
                            lines.filter(|l| !source.line_bytes(*l).trim_ascii().is_empty()).count()
                        };
                        tally.lines.push(code(&found.source));
                        tally.whole.push(code(&planted.source));
                        tally.compiles.push(found.compiles);
                    }
                    Err(_) => tally.failed += 1,
                }
                session.lift_budget();
            }
            sample.lend(&mut session, true);
        }
        before = Some(sample);
    }
    tally.show(language.id);
    Ok(())
}

impl Tally {
    fn show(&mut self, name: &str) {
        let median = |all: &mut Vec<usize>| {
            all.sort_unstable();
            all.get(all.len() / 2).copied().unwrap_or(0)
        };
        self.seconds.sort_by(f64::total_cmp);
        println!(
            "{name:<12} {:>4} cases, {} failed; median: {} of {} lines left, {} compiles, {:.2} s",
            self.cases,
            self.failed,
            median(&mut self.lines),
            median(&mut self.whole),
            median(&mut self.compiles),
            self.seconds.get(self.seconds.len() / 2).copied().unwrap_or(0.0)
        );
    }
}
