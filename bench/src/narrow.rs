//! `narrow`: how small programs with a planted mistake get, in how many compiles.

use crate::Picked;
use crate::sample::{Sample, Start};
use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_repair::narrow::narrow;
use erratum_repair::plant::{KINDS, plant};
use erratum_syntax::language::Language;
use erratum_syntax::source::Program;
use std::error::Error;
use std::time::{Duration, Instant};

#[derive(Args)]
pub struct Options {
    #[command(flatten)]
    picked: Picked,
    /// Only every n-th case
    #[arg(long, default_value_t = 1)]
    every: usize,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    for language in options.picked.languages() {
        measure(language, options)?;
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

fn measure(language: &'static Language, options: &Options) -> Result<(), Box<dyn Error>> {
    let mut tally = Tally::default();
    let mut number = 0;
    let warm = Start { warm: true, cache: None };
    let mut before: Option<Sample> = None;
    for (seed, path) in options.picked.programs(language)? {
        let mut sample = Sample::new(&path, language, warm.clone(), before.take())?;
        for slip in KINDS.iter().filter(|slip| slip.fits(language)) {
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
                let found = narrow(
                    &Catalogue::shipped(),
                    &program,
                    language,
                    &first,
                    target,
                    &session,
                    &mut |_| {},
                );
                tally.cases += 1;
                match found {
                    Ok(found) => {
                        tally.seconds.push(started.elapsed().as_secs_f64());
                        tally.lines.push(found.source.filled_lines());
                        tally.whole.push(planted.source.filled_lines());
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
