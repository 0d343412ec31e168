//! `drill`: exercises by seed, each held against its own answer and against wrong ones.

use crate::Picked;
use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_learn::answer::{Judge, Worth};
use erratum_learn::{Exercise, Maker, Wanted, hint, kind, programs};
use erratum_look::{Budget, Session};
use erratum_syntax::language::Language;
use erratum_syntax::source::Source;
use std::error::Error;
use std::fs;

#[derive(Args)]
pub struct Options {
    #[command(flatten)]
    picked: Picked,
    /// How many exercises for each language
    #[arg(long, default_value_t = 500)]
    each: u64,
    /// Also ask for lines that a search finds fair: slower
    #[arg(long)]
    lines: bool,
    /// Print each wrong answer that was taken for right, and each right one that was not
    #[arg(long)]
    wrong: bool,
}

#[derive(Default)]
struct Tally {
    made: usize,
    none: usize,
    compiles: Vec<usize>,
    kinds: std::collections::BTreeSet<&'static str>,
    hidden: usize,
    hints: usize,
    refused: usize,
    wrong: usize,
    accepted: usize,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    println!(
        "{:12} {:>5} {:>5} {:>9} {:>6} {:>7} {:>6} {:>8} {:>6} {:>9}",
        "", "made", "none", "compiles", "kinds", "hidden", "hints", "refused", "wrong", "accepted"
    );
    for language in options.picked.languages() {
        let tally = measure(language, options)?;
        let mut compiles = tally.compiles;
        compiles.sort_unstable();
        println!(
            "{:12} {:5} {:5} {:9} {:6} {:7} {:6.1} {:8} {:6} {:9}",
            language.id,
            tally.made,
            tally.none,
            compiles.get(compiles.len() / 2).copied().unwrap_or(0),
            tally.kinds.len(),
            tally.hidden,
            tally.hints as f64 / tally.made.max(1) as f64,
            tally.refused,
            tally.wrong,
            tally.accepted
        );
    }
    Ok(())
}

fn measure(language: &'static Language, options: &Options) -> Result<Tally, Box<dyn Error>> {
    let mut tally = Tally::default();
    let all = programs::of(language);
    let folder = tempfile::tempdir()?;
    let catalogue = Catalogue::shipped();
    for (at, source) in all.iter().enumerate() {
        let path = folder.path().join(source.name());
        fs::write(&path, source.bytes())?;
        let builder = Session::builder().file(&path).language(Some(language));
        let mut session = builder.budget(Budget::Compiles(30)).open()?;
        let seeds = (0..options.each).filter(|seed| *seed as usize % all.len() == at);
        for seed in seeds {
            let wanted = Wanted { seed: seed + options.picked.seed, ..Wanted::default() };
            let made = match Maker::new(&mut session)?.make(&wanted) {
                Ok(made) => made,
                Err(erratum_learn::Error::NoPlace { .. }) => {
                    tally.none += 1;
                    continue;
                }
                Err(error) => return Err(error.into()),
            };
            tally.made += 1;
            tally.compiles.push(made.compiles);
            tally.kinds.insert(made.slips[0].kind);
            tally.hidden += usize::from(made.hides());
            tally.hints += hint::all(&made, &catalogue).len();
            held(&made, &mut session, options, &mut tally)?;
        }
    }
    Ok(tally)
}

/// Holds an exercise against its own answer, and against wrong ones.
fn held(
    made: &Exercise,
    session: &mut Session,
    options: &Options,
    tally: &mut Tally,
) -> Result<(), Box<dyn Error>> {
    let mut judge = Judge::new(made, session);
    let own = kind::mistake(made.slips[0].kind);
    let refused = judge.text(&made.sound)?.worth() != Worth::Right
        || judge.line(made.lines()[0])? != Worth::Right
        || own.is_none_or(|own| !judge.kinds().contains(&own));
    tally.refused += usize::from(refused);
    if refused && options.wrong {
        println!("refused: {} of {}", made.slips[0].kind, made.sound.name());
    }
    // The line goes as a whole; or all that stands behind it does.
    for text in [without_line(made), made.broken().clone()] {
        let same = text.bytes() == made.sound.bytes();
        let worth = judge.text(&text)?.worth();
        // Without a remark, or a line that is empty else, the program is the same.
        let wrong = !same && worth != Worth::Right;
        tally.wrong += usize::from(wrong);
        if wrong && worth.accepted() {
            tally.accepted += 1;
            if options.wrong {
                println!("accepted: {} of {}", made.slips[0].kind, made.sound.name());
            }
        }
    }
    if options.lines {
        let far = made.lines()[0] / 2 + 1;
        if !made.lines().contains(&far) {
            tally.wrong += 1;
            let worth = judge.line(far)?;
            tally.accepted += usize::from(worth.accepted());
            if worth.accepted() && options.wrong {
                println!("line {far}: {} of {}", made.slips[0].kind, made.sound.name());
            }
        }
    }
    Ok(())
}

/// The broken text without the line at fault.
fn without_line(made: &Exercise) -> Source {
    let broken = made.broken();
    let line = made.lines()[0];
    let (start, end) = (broken.line_start(line), broken.line_start(line + 1));
    let bytes = broken.bytes();
    broken.with_bytes([&bytes[..start], &bytes[end.min(bytes.len())..]].concat())
}
