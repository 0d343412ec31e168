//! Measures Erratum on planted mistakes, and makes the token models from the sample programs.

mod case;
mod drill;
mod editor;
mod everyday;
mod fuzz;
mod known;
mod narrow;
mod pairs;
mod sample;
mod score;
mod sound;
mod speed;
mod spoil;
mod stream;
mod tally;
mod written;

use clap::{Parser, Subcommand};
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::lex::Lexed;
use erratum_syntax::model::{Model, classes};
use erratum_syntax::source::Source;
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};

#[derive(Parser)]
#[command(about = "Measures Erratum on planted mistakes")]
struct Cli {
    #[command(subcommand)]
    command: Command,
}

#[derive(Subcommand)]
enum Command {
    /// Plant mistakes in the sample programs, and score what Erratum makes of them
    Score(score::Options),
    /// Score programs that were written wrong by hand
    Written(written::Options),
    /// How much a line that nobody can read hides of the rest
    Spoil(spoil::Options),
    /// Score mistakes of every day, one at a time
    Everyday(everyday::Options),
    /// How many messages there are words for
    Known(known::Options),
    /// Make exercises by seed, and hold each against its own answer and wrong ones
    Drill(drill::Options),
    /// How small the programs get that still give a message
    Narrow(narrow::Options),
    /// How long a look takes, held against the bare compiler
    Speed(speed::Options),
    /// How often the odd mark is named, without a compiler
    Pairs(pairs::Options),
    /// Texts and messages without sense: no panic, nothing slow
    Fuzz(fuzz::Options),
    /// How long an editor waits for what is shown, and the memory of the language server
    Editor(editor::Options),
    /// Editors without sense: what they send to the language server
    Stream(stream::Options),
    /// What is said of the structure of sound files
    Sound(sound::Options),
    /// Count the token classes of the sample programs into crates/erratum-syntax/data
    Model {
        /// Count the held-back programs too
        #[arg(long)]
        all: bool,
    },
}

fn main() -> Result<(), Box<dyn Error>> {
    match Cli::parse().command {
        Command::Score(options) => score::run(&options),
        Command::Written(options) => written::run(&options),
        Command::Spoil(options) => spoil::run(&options),
        Command::Everyday(options) => everyday::run(&options),
        Command::Known(options) => known::run(&options),
        Command::Speed(options) => speed::run(&options),
        Command::Narrow(options) => narrow::run(&options),
        Command::Drill(options) => drill::run(&options),
        Command::Pairs(options) => pairs::run(&options),
        Command::Fuzz(options) => fuzz::run(&options),
        Command::Editor(options) => editor::run(&options),
        Command::Stream(options) => stream::run(&options),
        Command::Sound(options) => sound::run(&options),
        Command::Model { all } => model(all),
    }
}

fn samples() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("../crates/erratum-learn/programs")
}

/// The sample programs of a language, in order of their names.
fn programs(language: &str) -> Result<Vec<PathBuf>, Box<dyn Error>> {
    let mut all: Vec<PathBuf> =
        fs::read_dir(samples().join(language))?.flatten().map(|entry| entry.path()).collect();
    all.sort();
    Ok(all)
}

/// Which programs are measured.
#[derive(clap::Args)]
struct Picked {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// Only the held-back programs; else only the others
    #[arg(long)]
    held_back: bool,
    /// The first seed
    #[arg(long, default_value_t = 1)]
    seed: u64,
}

impl Picked {
    /// Each language that was asked for and has samples.
    fn languages(&self) -> impl Iterator<Item = &'static Language> {
        let wanted = |id: &str| self.language.as_deref().is_none_or(|wanted| wanted == id);
        LANGUAGES.iter().copied().filter(move |l| wanted(l.id) && samples().join(l.id).is_dir())
    }

    /// The programs of a language, each with the seed for what is planted in it.
    fn programs(&self, language: &Language) -> Result<Vec<(u64, PathBuf)>, Box<dyn Error>> {
        let all = programs(language.id)?.into_iter().enumerate();
        let picked = all.filter(|(index, _)| held_back(*index) == self.held_back);
        Ok(picked.map(|(index, path)| (self.seed + 1000 * index as u64, path)).collect())
    }
}

/// Every third program is held back: the models do not count it.
fn held_back(index: usize) -> bool {
    index % 3 == 2
}

fn model(all: bool) -> Result<(), Box<dyn Error>> {
    let with_samples = LANGUAGES.iter().filter(|language| samples().join(language.id).is_dir());
    for language in with_samples {
        let mut model = Model::default();
        for (index, path) in programs(language.id)?.into_iter().enumerate() {
            if all || !held_back(index) {
                let source = Source::new(path.to_string_lossy().as_ref(), fs::read(&path)?);
                let lexed = Lexed::new(&source, language);
                let sequence: Vec<_> =
                    classes(&lexed).into_iter().map(|(class, _)| class).collect();
                model.count(&sequence, 1);
            }
        }
        let bytes = model.to_bytes();
        let path = Path::new(env!("CARGO_MANIFEST_DIR"))
            .join("../crates/erratum-syntax/data")
            .join(format!("{}.model", language.id));
        println!("{}: {} bytes", language.id, bytes.len());
        fs::write(path, bytes)?;
    }
    Ok(())
}
