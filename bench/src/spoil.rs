//! `spoil`: how much a line that nobody can read hides of the rest.
//!
//! A sound program gets one mistake that only its names or types show. Then each of its other lines is
//! spoilt in turn, with marks that no line has: is the mistake still told, and nothing on the lines that
//! have none?

use crate::written::{self, Marked};
use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_compilers::Session;
use erratum_repair::search::{self, Search};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::source::{Program, Source};
use std::error::Error;
use std::fs;
use std::path::PathBuf;

/// What a line is spoilt with: behind its last mark, or behind its first.
const MARKS: [(&str, bool); 4] =
    [("=> :: then", true), (") = => (", true), ("(", true), ("=> ::", false)];

/// How many places are tried until a mistake is told as the only one.
const TRIED: usize = 6;

#[derive(Args)]
pub struct Options {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// Only the held-back programs, whose failures are not read; else only the others
    #[arg(long)]
    held_back: bool,
    /// Only programs whose name contains this
    #[arg(long)]
    only: Option<String>,
    /// How many programs of each language
    #[arg(long, default_value_t = 4)]
    programs: usize,
    /// Spoil each Nth line
    #[arg(long, value_name = "N", default_value_t = 3)]
    every: usize,
    /// Compiles that a search may take
    #[arg(long, value_name = "N", default_value_t = 40)]
    compiles: usize,
    /// Print each line that hides the mistake, or behind which one is told where there is none
    #[arg(long)]
    missed: bool,
    /// Write each such text below this folder
    #[arg(long, value_name = "FOLDER")]
    texts: Option<PathBuf>,
}

/// What the second mistake is.
#[derive(Clone, Copy, Debug)]
enum Late {
    /// A name that is not known.
    Name,
    /// A text where a number stood.
    Type,
}

/// How many lines were spoilt, behind how many the mistake was told, and how many mistakes were told on
/// lines that have none.
#[derive(Clone, Copy, Default)]
struct Tally {
    spoilt: usize,
    told: usize,
    wrong: usize,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    print!("{:<12} {:>8}", "", "programs");
    for late in [Late::Name, Late::Type] {
        for (marks, at_end) in MARKS {
            let place = if at_end { "" } else { " .." };
            print!(" {:>18}", format!("{late:?} {marks}{place}"));
        }
    }
    println!();
    for language in LANGUAGES {
        let wanted = options.language.as_deref().is_none_or(|wanted| wanted == language.id);
        if wanted && written::folder(language).is_dir() {
            measure(language, options)?;
        }
    }
    Ok(())
}

fn measure(language: &'static Language, options: &Options) -> Result<(), Box<dyn Error>> {
    let mut tallies = [[Tally::default(); MARKS.len()]; 2];
    let mut count = 0;
    let folder = written::folder(language);
    let all = written::programs(&folder, Some(options.held_back), options.only.as_deref())?;
    // Programs from one end of the alphabet to the other: those of one name are alike.
    let step = (all.len() / options.programs.max(1)).max(1);
    for path in all.iter().step_by(step).take(options.programs) {
        count += 1;
        let name = path.file_name().unwrap_or_default().to_string_lossy();
        let sound = Marked::read(&name, &fs::read_to_string(path)?, language)?.sound();
        for (late, tallies) in [Late::Name, Late::Type].into_iter().zip(&mut tallies) {
            let Some((text, line)) = with_mistake(&sound, late, language, options)? else {
                continue;
            };
            spoil(&text, line, options, language, tallies)?;
        }
    }
    print!("{:<12} {count:>8}", language.id);
    for tally in tallies.iter().flatten() {
        print!(" {:>18}", format!("{} of {}, {}", tally.told, tally.spoilt, tally.wrong));
    }
    println!();
    Ok(())
}

/// The sound text with a mistake that is told alone, as far down as there is one; and its line.
fn with_mistake(
    sound: &Source,
    late: Late,
    language: &'static Language,
    options: &Options,
) -> Result<Option<(Source, u32)>, Box<dyn Error>> {
    let lexed = Lexed::new(sound, language);
    let text = lexed.code.iter().find(|token| token.kind == TokenKind::Str);
    let text = text.map(|token| lexed.text(token).to_owned()).filter(|text| !text.contains('\n'));
    let known = |at: usize| (0..at).any(|before| lexed.word(before) == lexed.word(at));
    let places = (0..lexed.code.len()).rev().filter(|at| match late {
        Late::Name => lexed.kind(*at) == Some(TokenKind::Name) && known(*at),
        Late::Type => lexed.kind(*at) == Some(TokenKind::Number),
    });
    for at in places.take(TRIED) {
        let token = lexed.code[at];
        let (start, text) = match late {
            Late::Name => (token.end, Some("Zq")),
            Late::Type => (token.start, text.as_deref()),
        };
        let Some(text) = text else { break };
        let wrong = edited(sound, Edit::replace(sound.name(), start, token.end, text))?;
        if told(&wrong, language, options)? == [token.line] {
            return Ok(Some((wrong, token.line)));
        }
    }
    Ok(None)
}

/// Spoils lines of a text with a mistake on a line, and counts where it is told.
fn spoil(
    text: &Source,
    line: u32,
    options: &Options,
    language: &'static Language,
    tallies: &mut [Tally; MARKS.len()],
) -> Result<(), Box<dyn Error>> {
    let lexed = Lexed::new(text, language);
    let lines = (1..=text.line_count()).filter(|other| *other != line);
    let filled = lines.filter_map(|line| {
        let mut tokens = lexed.on_line(line).map(|at| lexed.code[at]);
        let first = tokens.next()?;
        Some((first, tokens.next_back().unwrap_or(first)))
    });
    for (first, last) in filled.step_by(options.every.max(1)) {
        for ((marks, at_end), tally) in MARKS.iter().zip(&mut *tallies) {
            let token = if *at_end { last } else { first };
            let edit = Edit::insert(text.name(), token.end, format!(" {marks}"));
            tally.spoilt += 1;
            let spoilt = edited(text, edit)?;
            let lines = told(&spoilt, language, options)?;
            let is_told = lines.contains(&line);
            let wrong = lines.iter().filter(|one| **one != line && **one != token.line).count();
            tally.told += usize::from(is_told);
            tally.wrong += wrong;
            if is_told && wrong == 0 {
                continue;
            }
            if options.missed {
                let shown = text.line_text(token.line).trim().to_owned();
                let (name, spoilt) = (text.name(), token.line);
                let what = if is_told { "beside" } else { "hides" };
                println!("{name}:{spoilt}: {shown} {marks} ({what} line {line}: {lines:?})");
            }
            if let Some(folder) = &options.texts {
                let own = folder.join(format!("{}-{}", token.line, tally.spoilt));
                fs::create_dir_all(&own)?;
                fs::write(own.join(text.name()), spoilt.bytes())?;
            }
        }
    }
    Ok(())
}

/// The text with a change.
fn edited(text: &Source, edit: Edit) -> Result<Source, Box<dyn Error>> {
    Ok(edit::apply(&Program::single(text.clone()), &[edit])?.files.remove(0))
}

/// The lines on which a look tells a mistake.
fn told(
    text: &Source,
    language: &'static Language,
    options: &Options,
) -> Result<Vec<u32>, Box<dyn Error>> {
    let mut session: Session = written::session(text, language)?;
    let report = session.first()?;
    let limits = search::Limits { compiles: Some(options.compiles), ..search::Limits::default() };
    let program = Program::single(text.clone());
    let found =
        Search::new(&Catalogue::shipped(), &program, language, &session).limits(limits).run(report);
    Ok(found.verdict.roots.iter().map(|root| root.at.line).collect())
}
