//! `pairs`: how often the odd bracket, quote or comment is named, and the line of its partner, from the
//! text alone.

use crate::Picked;
use clap::Args;
use erratum_core::edit;
use erratum_core::language::Language;
use erratum_core::lex::{Lexed, Token, TokenKind};
use erratum_core::pairs::Pairs;
use erratum_core::plant::{KINDS, Planted, plant};
use erratum_core::source::{Program, Source};
use erratum_core::structure::{Lack, Structure};
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
            for slip in
                KINDS.iter().filter(|slip| SLIPS.contains(&slip.name) && slip.fits(language))
            {
                for round in 0..options.each {
                    let seed = first_seed + round;
                    let Some(planted) = plant(&source, language, slip, seed) else { continue };
                    let started = Instant::now();
                    let found = Structure::new(&planted.source, language);
                    seconds += started.elapsed().as_secs_f64();
                    lines += planted.source.line_count() as usize;
                    let (odd, partner) = held(&planted, language, &found);
                    if options.wrong && !(odd && partner) {
                        show(&planted, &found, &name, odd);
                    }
                    for key in [slip.name.to_owned(), language.id.to_owned(), "ALL".to_owned()] {
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

/// The line of the mark that is odd and the line where its partner was, both in the text with the slip;
/// the second is nothing if a mark is too many.
fn truth(planted: &Planted, language: &'static Language) -> Option<(u32, Option<u32>)> {
    let reverse = planted.reverse.first()?;
    let line = planted.source.line_of(reverse.start);
    if reverse.text.trim().is_empty() {
        return Some((line, None));
    }
    if reverse.end > reverse.start && planted.kind == "other-bracket" {
        return Some((line, Some(line)));
    }
    let program = Program::single(planted.source.clone());
    let sound = edit::apply(&program, std::slice::from_ref(reverse)).ok()?;
    let sound = sound.files.first()?;
    let lexed = Lexed::new(sound, language);
    let at = reverse.start + (reverse.text.len() - reverse.text.trim_start().len());
    let holds = |token: &&Token| (token.start..token.end).contains(&at);
    let text = lexed
        .code
        .iter()
        .chain(&lexed.comments)
        .filter(|t| matches!(t.kind, TokenKind::Str | TokenKind::Char | TokenKind::Comment))
        .find(holds);
    let other = match text {
        Some(text) if at == text.start => text.end - 1,
        Some(text) => text.start,
        None => {
            let token = lexed.at(at);
            lexed.code[Pairs::new(&lexed).partner[token]?].start
        }
    };
    let gone = reverse.text.len() - (reverse.end - reverse.start);
    let other = if other > at { other - gone } else { other };
    Some((planted.source.line_of(other), Some(line)))
}

/// Whether the odd mark is named by its line, and whether its partner's line is right.
fn held(planted: &Planted, language: &'static Language, found: &Structure) -> (bool, bool) {
    let Some((odd, partner)) = truth(planted, language) else { return (false, false) };
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
