//! `written`: programs that were written wrong by hand, each beside the sound program that was meant.
//!
//! `bench/written/LANGUAGE/NAME/` holds `wrong.EXT` and `sound.EXT`. A mistake is a run of lines in
//! which they differ. A change is right if it brings the tokens nearer to those of the sound program.

use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::fixes::Certainty;
use erratum_repair::search::{self, Search};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::lex::Lexed;
use erratum_syntax::source::{Program, Source};
use similar::{Algorithm, DiffOp, capture_diff_slices};
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};

#[derive(Args)]
pub struct Options {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// Only the held-back programs, whose failures are not read; else only the others
    #[arg(long)]
    held_back: bool,
    /// Compiles that a search may take
    #[arg(long, value_name = "N", default_value_t = 100)]
    compiles: usize,
    /// Print each change that is wrong, and each root that is no mistake
    #[arg(long)]
    wrong: bool,
}

/// What came out, in counts.
#[derive(Default)]
struct Counts {
    programs: usize,
    mistakes: usize,
    first: usize,
    found: usize,
    roots: usize,
    false_roots: usize,
    changes: usize,
    wrong: usize,
    sure: usize,
    wrong_sure: usize,
    restored: usize,
}

impl Counts {
    fn add(&mut self, other: &Counts) {
        for (own, more) in [
            (&mut self.programs, other.programs),
            (&mut self.mistakes, other.mistakes),
            (&mut self.first, other.first),
            (&mut self.found, other.found),
            (&mut self.roots, other.roots),
            (&mut self.false_roots, other.false_roots),
            (&mut self.changes, other.changes),
            (&mut self.wrong, other.wrong),
            (&mut self.sure, other.sure),
            (&mut self.wrong_sure, other.wrong_sure),
            (&mut self.restored, other.restored),
        ] {
            *own += more;
        }
    }

    fn row(&self, name: &str) -> String {
        format!(
            "{name:<12} {:>8} {:>8} {:>6} {:>6} {:>6} {:>6} {:>8} {:>6} {:>6} {:>6} {:>9}",
            self.programs,
            self.mistakes,
            self.first,
            self.found,
            self.roots,
            self.false_roots,
            self.changes,
            self.wrong,
            self.sure,
            self.wrong_sure,
            self.restored
        )
    }
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    println!(
        "{:<12} {:>8} {:>8} {:>6} {:>6} {:>6} {:>6} {:>8} {:>6} {:>6} {:>6} {:>9}",
        "",
        "programs",
        "mistakes",
        "first",
        "found",
        "roots",
        "false",
        "changes",
        "wrong",
        "sure",
        "wrong",
        "restored"
    );
    let mut all = Counts::default();
    for language in LANGUAGES {
        let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("written").join(language.id);
        let wanted = options.language.as_deref().is_none_or(|wanted| wanted == language.id);
        if !wanted || !folder.is_dir() {
            continue;
        }
        let mut counts = Counts::default();
        for program in programs(&folder, options.held_back)? {
            counts.add(&look(language, &program, options)?);
        }
        println!("{}", counts.row(language.id));
        all.add(&counts);
    }
    println!("{}", all.row("all"));
    Ok(())
}

/// The programs of a language, in order; every third is held back.
fn programs(folder: &Path, held_back: bool) -> Result<Vec<PathBuf>, Box<dyn Error>> {
    let mut all: Vec<PathBuf> = fs::read_dir(folder)?.flatten().map(|entry| entry.path()).collect();
    all.sort();
    let picked = all.into_iter().enumerate().filter(|(at, _)| (at % 3 == 2) == held_back);
    Ok(picked.map(|(_, path)| path).collect())
}

fn look(
    language: &'static Language,
    folder: &Path,
    options: &Options,
) -> Result<Counts, Box<dyn Error>> {
    let name = folder.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
    let ending = language.extensions[0];
    let read = |which: &str| -> Result<Source, Box<dyn Error>> {
        let bytes = fs::read(folder.join(format!("{which}.{ending}")))?;
        Ok(Source::new(format!("{name}.{ending}"), bytes))
    };
    let (wrong, sound) = (read("wrong")?, read("sound")?);
    let project = Project {
        root: std::env::temp_dir().join("erratum-bench-empty"),
        program: Program::single(wrong.clone()),
        cargo: None,
        ..Project::open(&[folder.join(format!("wrong.{ending}"))], Some(language))?
    };
    let found = Toolbox::default().find(language, None)?;
    let mut session = Session::new(project, found, Limits::default())?;
    let report = session.first()?;
    let program = Program::single(wrong.clone());
    let limits = search::Limits { compiles: Some(options.compiles), ..search::Limits::default() };
    let catalogue = Catalogue::shipped();
    let found = Search::new(&catalogue, &program, language, &session).limits(limits).run(report);
    let mistakes = mistakes(&wrong, &sound);
    let meant = Words::of(&sound, language);
    let mut counts = Counts { programs: 1, mistakes: mistakes.len(), ..Counts::default() };
    // An added line stands at the end of the line before it.
    let at = |line: u32| mistakes.iter().position(|(from, to)| (*from..=*to).contains(&line));
    let roots: Vec<_> = found.verdict.roots.iter().filter(|root| !root.warning).collect();
    let lines: Vec<Option<usize>> = roots.iter().map(|root| at(root.at.line)).collect();
    counts.first = usize::from(lines.first().is_some_and(Option::is_some));
    counts.found = (0..mistakes.len()).filter(|mistake| lines.contains(&Some(*mistake))).count();
    counts.roots = roots.len();
    for (root, mistake) in roots.iter().zip(&lines) {
        if mistake.is_none() {
            counts.false_roots += 1;
            if options.wrong {
                println!("{name}: no mistake on line {}: {}", root.at.line, root.title);
            }
        }
        let Some(fix) = root.fixes.first() else { continue };
        counts.changes += 1;
        let sure = fix.certainty == Certainty::Sure;
        counts.sure += usize::from(sure);
        if !nearer(&wrong, language, &fix.bytes, &meant) {
            counts.wrong += 1;
            counts.wrong_sure += usize::from(sure);
            if options.wrong {
                let said = if sure { "WRONG AND SURE" } else { "wrong" };
                println!("{name}: {said}: line {}: {} ({})", root.at.line, fix.title, root.title);
            }
        }
    }
    let mended = found.mended.files.first();
    counts.restored =
        usize::from(mended.is_some_and(|mended| Words::of(mended, language).0 == meant.0));
    Ok(counts)
}

/// The lines of the wrong text in which it differs from the sound one, as runs from one to another.
fn mistakes(wrong: &Source, sound: &Source) -> Vec<(u32, u32)> {
    let lines = |source: &Source| -> Vec<String> {
        (1..=source.line_count()).map(|line| source.line_text(line).into_owned()).collect()
    };
    let (a, b) = (lines(wrong), lines(sound));
    let ops = capture_diff_slices(Algorithm::Myers, &a, &b);
    ops.iter()
        .filter(|op| !matches!(op, DiffOp::Equal { .. }))
        .map(|op| {
            let old = op.old_range();
            // What is missing between two lines may be told of either.
            let first = if old.is_empty() { old.start } else { old.start + 1 };
            (first.max(1) as u32, old.end.max(first) as u32 + u32::from(old.is_empty()))
        })
        .collect()
}

/// The tokens of a text.
struct Words(Vec<String>);

impl Words {
    fn of(source: &Source, language: &'static Language) -> Words {
        let lexed = Lexed::new(source, language);
        Words(lexed.words().into_iter().map(str::to_owned).collect())
    }

    /// How many tokens must be put in or taken out to make another text of it.
    fn apart(&self, other: &Words) -> usize {
        let ops = capture_diff_slices(Algorithm::Myers, &self.0, &other.0);
        let changed = ops.iter().filter(|op| !matches!(op, DiffOp::Equal { .. }));
        changed.map(|op| op.old_range().len() + op.new_range().len()).sum()
    }
}

/// Whether edits bring a text nearer to what was meant.
fn nearer(wrong: &Source, language: &'static Language, edits: &[Edit], meant: &Words) -> bool {
    let Ok(after) = edit::apply(&Program::single(wrong.clone()), edits) else { return false };
    let Some(after) = after.file(wrong.name()) else { return false };
    Words::of(after, language).apart(meant) < Words::of(wrong, language).apart(meant)
}
