//! `sound`: what is said of the structure of files that are sound.
//!
//! Nothing may be odd in them, and no line out of its block, where their writers keep to a usual style.

use clap::Args;
use erratum_repair::structure::Structure;
use erratum_syntax::language::{self, Language};
use erratum_syntax::source::Source;
use std::collections::BTreeMap;
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

#[derive(Args)]
pub struct Options {
    /// Folders with sound files, read whole
    #[arg(required = true)]
    folders: Vec<PathBuf>,
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// Take only each Nth file
    #[arg(long, value_name = "N", default_value_t = 1)]
    every: usize,
    /// Begin with the Nth of them: the held-back part is another one
    #[arg(long, value_name = "N", default_value_t = 0)]
    from: usize,
    /// Print what is said of each file
    #[arg(long)]
    said: bool,
}

#[derive(Default)]
struct Tally {
    files: usize,
    lines: usize,
    /// Files with an odd mark.
    odd: usize,
    /// Files with a line out of its block.
    uneven: usize,
    uneven_lines: usize,
    time: Duration,
    slowest: Duration,
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    let mut files: BTreeMap<&str, Vec<(PathBuf, &'static Language)>> = BTreeMap::new();
    for folder in &options.folders {
        collect(folder, options, &mut files)?;
    }
    println!(
        "{:<12} {:>6} {:>8} {:>5} {:>7} {:>7} {:>9} {:>8}",
        "", "files", "lines", "odd", "uneven", "lines", "µs/line", "slowest"
    );
    for (name, mut all) in files {
        all.sort_by(|a, b| a.0.cmp(&b.0));
        let mut tally = Tally::default();
        for (path, language) in all.iter().skip(options.from).step_by(options.every.max(1)) {
            look(path, language, options, &mut tally)?;
        }
        println!(
            "{name:<12} {:>6} {:>8} {:>5} {:>7} {:>7} {:>9.2} {:>6} ms",
            tally.files,
            tally.lines,
            tally.odd,
            tally.uneven,
            tally.uneven_lines,
            tally.time.as_secs_f64() * 1e6 / tally.lines.max(1) as f64,
            tally.slowest.as_millis()
        );
    }
    Ok(())
}

/// The files of a folder and of what is in it, by language; links are not followed.
fn collect(
    folder: &Path,
    options: &Options,
    files: &mut BTreeMap<&str, Vec<(PathBuf, &'static Language)>>,
) -> Result<(), Box<dyn Error>> {
    for entry in fs::read_dir(folder)? {
        let entry = entry?;
        let kind = entry.file_type()?;
        if kind.is_dir() {
            collect(&entry.path(), options, files)?;
        }
        let Some(language) =
            language::by_file_name(&entry.file_name().to_string_lossy()).filter(|_| kind.is_file())
        else {
            continue;
        };
        if options.language.as_deref().is_none_or(|wanted| wanted == language.id) {
            files.entry(language.id).or_default().push((entry.path(), language));
        }
    }
    Ok(())
}

fn look(
    path: &Path,
    language: &'static Language,
    options: &Options,
    tally: &mut Tally,
) -> Result<(), Box<dyn Error>> {
    let source = Source::new(path.to_string_lossy(), fs::read(path)?);
    let started = Instant::now();
    let found = Structure::new(&source, language);
    let time = started.elapsed();
    tally.files += 1;
    tally.lines += source.line_count() as usize;
    tally.odd += usize::from(!found.odd.is_empty());
    tally.uneven += usize::from(!found.layout.uneven.is_empty());
    tally.uneven_lines += found.layout.uneven.len();
    tally.time += time;
    tally.slowest = tally.slowest.max(time);
    if options.said {
        for mark in found.odd.iter().take(2) {
            println!(
                "{}:{}: odd {} {}",
                path.display(),
                mark.mark.at.line,
                mark.mark.text,
                mark.reason
            );
        }
        for line in found.layout.uneven.iter().take(2) {
            let text = source.line_text(line.line);
            println!("{}:{}: uneven {}", path.display(), line.line, text.trim_end());
        }
    }
    Ok(())
}
