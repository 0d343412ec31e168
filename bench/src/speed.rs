//! `speed`: how long a look takes, held against the bare compiler's cheapest check of the same file,
//! each as a whole process. Both are run in turns; the figures are medians of ratios.

use crate::Picked;
use clap::Args;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::plant::{Planted, plant_set};
use erratum_repair::search::{Compile, Depth};
use erratum_syntax::language::Language;
use erratum_syntax::source::{Program, Source};
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};
use std::time::Instant;

#[derive(Args)]
pub struct Options {
    #[command(flatten)]
    picked: Picked,
    /// The program that looks
    #[arg(long, default_value = "target/release/erratum")]
    program: PathBuf,
    /// How many mistakes are planted in each sample
    #[arg(long, default_value_t = 2)]
    mistakes: usize,
    /// How many times each is timed
    #[arg(long, default_value_t = 5)]
    rounds: usize,
    /// Only samples of no more lines than this
    #[arg(long, default_value_t = 60)]
    lines: u32,
    /// Start from nothing: an empty cache that is not added to
    #[arg(long)]
    unprepared: bool,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    println!(
        "{:<14} {:>5} {:>8} {:>8} {:>8} {:>8}",
        "", "cases", "bare s", "look s", "ratio", "compiles"
    );
    for language in options.picked.languages() {
        let mut all = Vec::new();
        for (seed, path) in options.picked.programs(language)? {
            all.extend(measure(language, &path, seed, options)?);
        }
        let of = |pick: fn(&Timed) -> f64| median(all.iter().map(pick).collect());
        println!(
            "{:<14} {:>5} {:>8.2} {:>8.2} {:>8.2} {:>8}",
            language.id,
            all.len(),
            of(|timed| timed.bare),
            of(|timed| timed.look),
            of(|timed| timed.ratio),
            of(|timed| timed.compiles)
        );
    }
    Ok(())
}

/// The medians of one case, in seconds.
struct Timed {
    bare: f64,
    look: f64,
    ratio: f64,
    /// How many copies the look compiled.
    compiles: f64,
}

fn measure(
    language: &'static Language,
    path: &Path,
    seed: u64,
    options: &Options,
) -> Result<Option<Timed>, Box<dyn Error>> {
    let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
    let sound = Source::new(name.as_str(), fs::read(path)?);
    if sound.line_count() > options.lines {
        return Ok(None);
    }
    let folder = std::env::temp_dir().join(format!("erratum-speed-{}", std::process::id()));
    fs::create_dir_all(folder.join("out"))?;
    let file = folder.join(&name);
    fs::write(&file, sound.bytes())?;
    let session = || -> Result<Session, Box<dyn Error>> {
        let found = Toolbox::default().find(language, None)?;
        let project = Project::open(std::slice::from_ref(&file), Some(language))?;
        Ok(Session::new(project, found, Limits::default())?)
    };
    let asked = session()?;
    let objects = &mut |one: &Planted| {
        let program = Program::single(one.source.clone());
        let report = asked.compile(&[program], Depth::Errors).remove(0);
        report.is_ok_and(|report| report.messages.iter().any(|m| m.is_error()))
    };
    let Some(set) = plant_set(&sound, language, options.mistakes, seed, objects) else {
        return Ok(None);
    };
    fs::write(&file, set[0].source.bytes())?;
    let cache = folder.join("cache");
    let look = || {
        let mut command = Command::new(fs::canonicalize(&options.program)?);
        command.args(["look", "--all"]).arg(&file);
        if options.unprepared {
            command.env("XDG_CACHE_HOME", &cache);
        }
        timed(&mut command)
    };
    let compiles = || -> Result<f64, Box<dyn Error>> {
        let mut command = Command::new(fs::canonicalize(&options.program)?);
        let told = command.args(["look", "--json"]).arg(&file).stdin(Stdio::null()).output()?;
        let verdict: serde_json::Value = serde_json::from_slice(&told.stdout)?;
        Ok(verdict["compiles"].as_f64().unwrap_or(f64::NAN))
    };
    let bare = || {
        let (compiler, arguments) = session()?.command(Depth::Errors, &folder);
        let out = folder.join("out");
        timed(Command::new(compiler).args(arguments).current_dir(&folder).env("TMPDIR", &out))
    };
    if !options.unprepared {
        let mut prepare = Command::new(fs::canonicalize(&options.program)?);
        timed(prepare.args(["cache", "--prepare"]).arg(&file))?;
    }
    let (_, _) = (bare()?, look()?);
    let (mut bares, mut looks, mut ratios) = (Vec::new(), Vec::new(), Vec::new());
    for _ in 0..options.rounds {
        let (one, other) = (bare()?, look()?);
        bares.push(one);
        looks.push(other);
        ratios.push(other / one);
    }
    let compiles = compiles()?;
    fs::remove_dir_all(&folder)?;
    let (bare, look, ratio) = (median(bares), median(looks), median(ratios));
    Ok(Some(Timed { bare, look, ratio, compiles }))
}

/// How long a command takes, in seconds.
fn timed(command: &mut Command) -> Result<f64, Box<dyn Error>> {
    let started = Instant::now();
    command.stdin(Stdio::null()).stdout(Stdio::null()).stderr(Stdio::null()).status()?;
    Ok(started.elapsed().as_secs_f64())
}

/// The middle of some figures; not a number if there are none.
pub fn median(mut all: Vec<f64>) -> f64 {
    all.sort_by(f64::total_cmp);
    all.get(all.len() / 2).copied().unwrap_or(f64::NAN)
}
