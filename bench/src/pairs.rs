//! `pairs`: how often the odd bracket, quote or comment is named, and the line of its partner, from the
//! text alone.

use crate::Picked;
use clap::Args;
use erratum_repair::plant::{KINDS, Planted, plant, plant_set};
use erratum_repair::structure::{Lack, Structure};
use erratum_syntax::edit::PositionMap;
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, Token, TokenKind};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::Source;
use std::collections::BTreeMap;
use std::error::Error;
use std::fs;
use std::path::Path;
use std::time::Instant;

/// The slips that leave a mark without its partner, or with one too many.
const SLIPS: &[&str] = &[
    "lost-close-brace",
    "lost-open-brace",
    "lost-close-parenthesis",
    "lost-open-parenthesis",
    "lost-square-bracket",
    "extra-close-brace",
    "extra-parenthesis",
    "other-bracket",
    "lost-close-quote",
    "lost-open-quote",
    "lost-comment-end",
];

#[derive(Args)]
pub struct Options {
    #[command(flatten)]
    picked: Picked,
    /// How often each slip is planted in each program
    #[arg(long, default_value_t = 1)]
    each: u64,
    /// How many slips are made at once
    #[arg(long, default_value_t = 1)]
    slips: usize,
    /// Print each case that came out wrong
    #[arg(long)]
    wrong: bool,
}

#[derive(Default)]
struct Tally {
    cases: usize,
    odd: usize,
    partner: usize,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    let mut all: BTreeMap<String, Tally> = BTreeMap::new();
    let (mut lines, mut seconds) = (0usize, 0f64);
    for language in options.picked.languages() {
        for (first_seed, path) in options.picked.programs(language)? {
            let name = path.file_name().map_or(String::new(), |n| n.to_string_lossy().into_owned());
            let source = Source::new(name.as_str(), fs::read(Path::new(&path))?);
            for planted in cases(options, &source, language, first_seed) {
                let Some(text) = planted.first().map(|one| one.source.clone()) else { continue };
                let started = Instant::now();
                let found = Structure::new(&text, language);
                seconds += started.elapsed().as_secs_f64();
                lines += text.line_count() as usize;
                let truth = Truth::new(&source, &planted, language);
                for one in &planted {
                    let (odd, partner) = truth.held(one, &found);
                    if options.wrong && !(odd && partner) {
                        show(one, &found, &name, odd);
                    }
                    for key in [one.kind.to_owned(), language.id.to_owned(), "ALL".to_owned()] {
                        let tally = all.entry(key).or_default();
                        tally.cases += 1;
                        tally.odd += usize::from(odd);
                        tally.partner += usize::from(partner);
                    }
                }
            }
        }
    }
    println!("{:<24} cases  odd %  partner %", "");
    for (name, tally) in &all {
        let share = |part: usize| 100.0 * part as f64 / tally.cases as f64;
        println!(
            "{name:<24} {:>5}  {:>5.1}  {:>9.1}",
            tally.cases,
            share(tally.odd),
            share(tally.partner)
        );
    }
    println!("{:.2} ms for 1,000 lines", 1e6 * seconds / lines.max(1) as f64);
    Ok(())
}

/// The texts to look at, each with the slips that were made in it: each kind by itself, or sets that
/// the seed picks.
fn cases(
    options: &Options,
    source: &Source,
    language: &'static Language,
    first_seed: u64,
) -> Vec<Vec<Planted>> {
    let slips: Vec<_> =
        KINDS.iter().filter(|slip| SLIPS.contains(&slip.name) && slip.fits(language)).collect();
    let rounds = 0..options.each;
    if options.slips == 1 {
        let one = |seed| slips.iter().filter_map(move |slip| plant(source, language, slip, seed));
        return rounds
            .flat_map(|round| {
                one(first_seed + round).map(|planted| vec![planted]).collect::<Vec<_>>()
            })
            .collect();
    }
    let mut wanted = |one: &Planted| SLIPS.contains(&one.kind);
    rounds
        .flat_map(|round| (0..slips.len() as u64).map(move |at| first_seed + round * 97 + at))
        .filter_map(|seed| plant_set(source, language, options.slips, seed, &mut wanted))
        .collect()
}

/// What is known of a text with slips: where its places were in the sound text.
struct Truth {
    lexed: Lexed,
    pairs: Pairs,
    map: PositionMap,
}

impl Truth {
    fn new(sound: &Source, planted: &[Planted], language: &'static Language) -> Truth {
        let lexed = Lexed::new(sound, language);
        let pairs = Pairs::new(&lexed);
        let reverse: Vec<_> = planted.iter().flat_map(|one| one.reverse.iter().cloned()).collect();
        let map = PositionMap::new(sound.name(), &reverse);
        Truth { lexed, pairs, map }
    }

    /// The line of the mark that is odd and the line where its partner was, both in the text with the
    /// slips; the second is nothing if a mark is too many.
    fn lines(&self, planted: &Planted) -> Option<(u32, Option<u32>)> {
        let reverse = planted.reverse.first()?;
        let line = planted.source.line_of(reverse.start);
        if reverse.text.trim().is_empty() {
            return Some((line, None));
        }
        if reverse.end > reverse.start && planted.kind == "other-bracket" {
            return Some((line, Some(line)));
        }
        let added = if reverse.end > reverse.start { 0 } else { reverse.text.len() };
        let start = self.map.forward(reverse.start) - added;
        let at = start + (reverse.text.len() - reverse.text.trim_start().len());
        let holds = |token: &&Token| (token.start..token.end).contains(&at);
        let text = (self.lexed.code.iter().chain(&self.lexed.comments))
            .filter(|t| matches!(t.kind, TokenKind::Str | TokenKind::Char | TokenKind::Comment))
            .find(holds);
        let other = match text {
            Some(text) if at == text.start => text.end - 1,
            Some(text) => text.start,
            None => self.lexed.code[self.pairs.partner_of(self.lexed.at(at))?].start,
        };
        Some((planted.source.line_of(self.map.back(other)), Some(line)))
    }

    /// Whether the odd mark is named by its line, and whether its partner's line is right.
    fn held(&self, planted: &Planted, found: &Structure) -> (bool, bool) {
        let Some((odd, partner)) = self.lines(planted) else { return (false, false) };
        let near = |line: u32| planted.lines.contains(&line);
        let named = found.odd.iter().find(|mark| match partner {
            Some(_) => mark.mark.at.line == odd,
            // Which of two alike is too many, nobody can tell.
            None => near(mark.mark.at.line),
        });
        let Some(named) = named else { return (false, false) };
        let meant = named.meant.as_ref().map(|at| at.line);
        let right = match (meant, partner) {
            (_, None) => named.surplus || named.lacks == Lack::Kind,
            (Some(meant), Some(line)) => meant == line || near(meant),
            _ => false,
        };
        (true, right)
    }
}

fn show(planted: &Planted, found: &Structure, name: &str, odd: bool) {
    let what = if odd { "partner" } else { "odd" };
    println!("--- {} {name}: {what} wrong; true lines {:?}", planted.kind, planted.lines);
    for line in &planted.lines {
        println!("    {line:>4} {}", planted.source.line_text(*line).trim_end());
    }
    for mark in found.odd.iter().take(3) {
        let meant = mark.meant.as_ref().map(|at| at.line);
        println!(
            "  said {} on {} meant {meant:?}: {}",
            mark.mark.text, mark.mark.at.line, mark.reason
        );
    }
}
