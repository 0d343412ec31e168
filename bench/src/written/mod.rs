//! `written`: programs that were written wrong by hand, each with the sound program that was meant.
//!
//! `bench/written/LANGUAGE/NAME.EXT` holds both in one text, see [`marked`].

mod causes;
mod fit;
mod marked;

pub use marked::Marked;

use causes::{Causes, Seen};
use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::effect::Effect;
use erratum_repair::fixes::Certainty;
use erratum_repair::message::Message;
use erratum_repair::search::{self, Found, Search, Withheld};
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::source::{Program, Source};
use std::collections::BTreeMap;
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};
use std::time::{Duration, Instant};

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
    /// Give no fix for a third of the lines, which this number chooses: how a search gets past what nothing mends
    #[arg(long, value_name = "SEED")]
    unmended: Option<u64>,
    /// Seconds that a search may take, in the place of compiles: as a learner waits for it
    #[arg(long, value_name = "SECONDS", conflicts_with = "compiles")]
    budget: Option<f64>,
    /// Print each change that is wrong, each root that is no mistake, and each mistake that is missed
    #[arg(long)]
    wrong: bool,
    /// Only programs whose name contains this
    #[arg(long)]
    only: Option<String>,
    /// Print how well the probabilities hold, the odds that they are made of, and in which ways sure changes were found
    #[arg(long)]
    fit: bool,
    /// Count why mistakes are missed, without showing where: each is also looked at alone
    #[arg(long)]
    causes: bool,
    /// Only compile: the sound programs must, the wrong ones must not
    #[arg(long)]
    check: bool,
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
    /// Those of them that are one fair reading of several.
    of_several: usize,
    /// Mistakes that only a warning tells.
    as_warnings: usize,
    restored: usize,
    /// Programs with a change that is wrong and called sure.
    harmed: usize,
    /// Changes, wrong ones, sure ones, and those that are both, for each effect.
    effects: BTreeMap<Effect, [usize; 4]>,
    /// The same for each kind of mistake.
    kinds: BTreeMap<String, [usize; 4]>,
    /// Of the sure changes, how many there are and how many are wrong, for each way in which they were
    /// found.
    ways: BTreeMap<String, [usize; 2]>,
    /// What is known of each change.
    told: Vec<fit::Told>,
    /// The same of the first of what is only possible, where a mistake has no fix.
    possible: Vec<fit::Told>,
    /// Why mistakes were missed.
    causes: Causes,
    /// What each look took.
    took: Vec<Took>,
}

/// What a look took.
#[derive(Clone, Copy)]
struct Took {
    compiles: usize,
    seconds: f64,
    /// Whether nothing was left to try.
    complete: bool,
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
            (&mut self.of_several, other.of_several),
            (&mut self.as_warnings, other.as_warnings),
            (&mut self.restored, other.restored),
            (&mut self.harmed, other.harmed),
        ] {
            *own += more;
        }
        self.told.extend(other.told.iter().copied());
        self.possible.extend(other.possible.iter().copied());
        self.took.extend(other.took.iter().copied());
        self.causes.add(&other.causes);
        for (kind, counts) in &other.kinds {
            let own = self.kinds.entry(kind.clone()).or_default();
            own.iter_mut().zip(counts).for_each(|(own, more)| *own += more);
        }
        for (way, counts) in &other.ways {
            let own = self.ways.entry(way.clone()).or_default();
            own.iter_mut().zip(counts).for_each(|(own, more)| *own += more);
        }
        for (effect, counts) in &other.effects {
            let own = self.effects.entry(*effect).or_default();
            own.iter_mut().zip(counts).for_each(|(own, more)| *own += more);
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

impl Counts {
    fn print_took(&self) {
        let spread = |mut all: Vec<f64>| {
            all.sort_by(f64::total_cmp);
            let at = |part: usize| all.get(all.len() * part / 100).copied().unwrap_or(f64::NAN);
            (at(50), at(90))
        };
        let compiles = spread(self.took.iter().map(|took| took.compiles as f64).collect());
        let seconds = spread(self.took.iter().map(|took| took.seconds).collect());
        let ended = self.took.iter().filter(|took| took.complete).count();
        println!(
            "\ncompiles of a look: median {}, nine of ten at most {}; seconds {:.2}, {:.2}; {ended} of {} came to their end",
            compiles.0,
            compiles.1,
            seconds.0,
            seconds.1,
            self.took.len()
        );
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
        let folder = folder(language);
        let wanted = options.language.as_deref().is_none_or(|wanted| wanted == language.id);
        if !wanted || !folder.is_dir() {
            continue;
        }
        let mut counts = Counts::default();
        let held = (!options.check).then_some(options.held_back);
        for path in programs(&folder, held, options.only.as_deref())? {
            let text = fs::read_to_string(&path)?;
            let name =
                path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
            let program = Marked::read(&name, &text, language)?;
            if options.check {
                check(&program, language, &path)?;
            } else {
                counts.add(&look(&program, language, &path, options)?);
            }
        }
        println!("{}", counts.row(language.id));
        all.add(&counts);
    }
    println!("{}", all.row("all"));
    all.print_took();
    println!("\nprograms with a wrong change called sure: {} of {}", all.harmed, all.programs);
    println!("of the sure and wrong ones, one fair reading of several: {}", all.of_several);
    println!("mistakes that only a warning tells: {}", all.as_warnings);
    println!("\n{:<14} {:>8} {:>6} {:>6} {:>6}", "effect", "changes", "wrong", "sure", "wrong");
    for (effect, [changes, wrong, sure, wrong_sure]) in &all.effects {
        println!("{:<14} {changes:>8} {wrong:>6} {sure:>6} {wrong_sure:>6}", format!("{effect:?}"));
    }
    println!("\n{:<24} {:>8} {:>6} {:>6} {:>6}", "kind", "changes", "wrong", "sure", "wrong");
    for (kind, [changes, wrong, sure, wrong_sure]) in
        all.kinds.iter().filter(|(_, of)| of[1] + of[3] > 0)
    {
        println!("{kind:<24} {changes:>8} {wrong:>6} {sure:>6} {wrong_sure:>6}");
    }
    if options.causes || options.fit {
        println!("\n{:<64} {:>6} {:>6}", "sure ones", "sure", "wrong");
        for (way, [sure, wrong]) in &all.ways {
            println!("{way:<64} {sure:>6} {wrong:>6}");
        }
    }
    if options.fit {
        fit::print(&all.told);
        fit::print_possible(&all.possible);
    }
    if options.causes {
        all.causes.print();
    }
    Ok(())
}

/// Where the programs of a language are.
pub fn folder(language: &Language) -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("written").join(language.id)
}

/// The programs of a folder, in order: the held-back ones, the others, or all; and only those whose
/// path contains a text.
///
/// # Errors
/// When the folder cannot be read.
pub fn programs(
    folder: &Path,
    held: Option<bool>,
    only: Option<&str>,
) -> Result<Vec<PathBuf>, Box<dyn Error>> {
    let mut all: Vec<PathBuf> = fs::read_dir(folder)?.flatten().map(|entry| entry.path()).collect();
    all.sort();
    let picked = all.into_iter().filter(|path| {
        let named = |part: &str| path.to_string_lossy().contains(part);
        held.is_none_or(|held| held_back(path) == held) && only.is_none_or(named)
    });
    Ok(picked.collect())
}

/// Whether the failures of a program are never read: every third, by its name, so that a new program
/// moves none from one part to the other.
fn held_back(path: &Path) -> bool {
    let name = path.file_stem().map(|stem| stem.to_string_lossy().into_owned()).unwrap_or_default();
    name.bytes().fold(7_u32, |sum, byte| sum.wrapping_mul(31).wrapping_add(byte.into())) % 3 == 2
}

/// A session with a text under the name of its program.
pub fn session(source: &Source, language: &'static Language) -> Result<Session, Box<dyn Error>> {
    let root = std::env::temp_dir().join("erratum-bench-empty");
    let project = Project::alone(root, Program::single(source.clone()), language);
    let found = Toolbox::default().find(language, None)?;
    Ok(Session::new(project, found, Limits::default())?)
}

/// Tells of a program whose sound text does not compile, or whose wrong one does.
/// Prints where the sound text of a program does not compile, and that the wrong one does.
pub(crate) fn check(
    program: &Marked,
    language: &'static Language,
    path: &Path,
) -> Result<(), Box<dyn Error>> {
    let sound = session(&program.sound(), language)?.first()?;
    for message in sound.messages.iter().filter(|message| message.is_error()) {
        let line = message.at.as_ref().map_or(0, |at| at.line);
        println!("{}: line {line} of the sound text: {}", path.display(), message.text);
    }
    let wrong = session(&program.wrong(), language)?.first()?;
    if !wrong.messages.iter().any(Message::is_error) {
        println!("{}: the wrong text compiles", path.display());
    }
    Ok(())
}

fn look(
    program: &Marked,
    language: &'static Language,
    path: &Path,
    options: &Options,
) -> Result<Counts, Box<dyn Error>> {
    let name = path.display();
    let wrong = program.wrong();
    let mut session = session(&wrong, language)?;
    let started = Instant::now();
    let report = session.first()?;
    let mut limits = search::Limits { unmended: options.unmended, ..search::Limits::default() };
    match options.budget {
        Some(seconds) => session.set_budget(Duration::try_from_secs_f64(seconds)?),
        None => limits.compiles = Some(options.compiles),
    }
    let catalogue = Catalogue::shipped();
    let text = Program::single(wrong);
    let mut seen = Seen::default();
    let mut search = Search::new(&catalogue, &text, language, &session).limits(limits);
    if options.causes {
        search = search.observer(&mut seen);
    }
    let found = search.run(report);
    let seconds = started.elapsed().as_secs_f64();
    seen.judged(&found.verdict);
    let mistakes = &program.mistakes;
    let mut counts = Counts { programs: 1, mistakes: mistakes.len(), ..Counts::default() };
    let roots: Vec<_> = found.verdict.roots.iter().filter(|root| !root.warning).collect();
    // gcc only warns of much that the standard calls an error: what is told there is found, too.
    let warned = found.verdict.roots.iter().filter(|root| root.warning);
    let told = roots.iter().copied().chain(warned);
    let mut lines = program.each_at(told.map(|root| root.at.line));
    let of_warnings = lines.split_off(roots.len());
    let as_error = |mistake: &usize| lines.contains(&Some(*mistake));
    let is_found = |mistake: &usize| as_error(mistake) || of_warnings.contains(&Some(*mistake));
    let (compiles, complete) = (found.verdict.compiles, found.verdict.complete);
    counts.took.push(Took { compiles, seconds, complete });
    counts.first = usize::from(lines.first().is_some_and(Option::is_some));
    counts.found = (0..mistakes.len()).filter(is_found).count();
    counts.as_warnings = counts.found - (0..mistakes.len()).filter(as_error).count();
    counts.roots = roots.len();
    let tell = |what: String| {
        if options.wrong {
            println!("{name}: {what}");
        }
    };
    for missed in (0..mistakes.len()).filter(|mistake| !is_found(mistake)) {
        let cause = if options.causes {
            let settings = (language, options.compiles);
            counts.causes.count(program, missed, &seen, settings)?
        } else {
            String::new()
        };
        tell(format!("missed: line {}: {cause}", mistakes[missed].lines.0));
    }
    for (root, mistake) in roots.iter().zip(&lines) {
        if mistake.is_none() {
            counts.false_roots += 1;
            tell(format!("no mistake: line {}: {}", root.at.line, root.title));
        }
        let Some(fix) = root.fixes.first() else {
            counts.possible.extend(root.possible.first().map(|fix| fit::Told {
                effect: fix.effect,
                probability: fix.probability,
                right: program.right(&fix.bytes),
            }));
            continue;
        };
        let sure = fix.certainty == Certainty::Sure;
        // Where two readings are fair, none is sure.
        let single = mistake.is_none_or(|at| mistakes[at].meanings == 1);
        let right = program.right(&fix.bytes);
        let wrong_sure = sure && !(right && single);
        let counted = [1, usize::from(!right), usize::from(sure), usize::from(wrong_sure)];
        let effect = counts.effects.entry(fix.effect).or_default();
        effect.iter_mut().zip(counted).for_each(|(own, more)| *own += more);
        let kind = counts.kinds.entry(fix.mistake.as_str().to_owned()).or_default();
        kind.iter_mut().zip(counted).for_each(|(own, more)| *own += more);
        if sure {
            let own = [1, counted[3]];
            let ways = causes::ways(root, fix, mistake.is_some(), &text, language);
            for way in ways {
                let all = counts.ways.entry(way).or_default();
                all.iter_mut().zip(own).for_each(|(all, more)| *all += more);
            }
        }
        counts.told.push(fit::Told { effect: fix.effect, probability: fix.probability, right });
        counts.changes += 1;
        counts.wrong += counted[1];
        counts.sure += counted[2];
        counts.wrong_sure += counted[3];
        counts.of_several += usize::from(wrong_sure && right);
        if !right || wrong_sure {
            let said = match (right, sure) {
                (false, false) => "wrong",
                (false, true) => "WRONG AND SURE",
                (true, _) => "SURE OF ONE OF SEVERAL",
            };
            let (line, p) = (root.at.line, fix.probability);
            tell(format!("{said}: line {line}: {} ({}) p {p:.2}", fix.title, root.title));
        }
    }
    for (at, mistake) in lines.iter().enumerate().filter(|_| options.causes) {
        let all = counts.ways.entry(causes::standing(&roots, at)).or_default();
        all.iter_mut()
            .zip([1, usize::from(mistake.is_none())])
            .for_each(|(all, more)| *all += more);
    }
    for root in roots.iter().filter(|root| options.causes && root.fixes.is_empty()) {
        let way = causes::placed(root, |line| program.each_at([line].into_iter())[0].is_some());
        counts.ways.entry(way).or_default()[0] += 1;
    }
    for (root, on_mistake) in withheld(program, &found).into_iter().filter(|_| options.causes) {
        let way = causes::withheld(root, &found.verdict);
        let all = counts.ways.entry(way.to_owned()).or_default();
        all.iter_mut().zip([1, usize::from(!on_mistake)]).for_each(|(all, more)| *all += more);
        let right = if on_mistake { "a mistake" } else { "no mistake" };
        tell(format!("{way}: line {}: {right}: {}", root.root.at.line, root.root.title));
    }
    counts.harmed = usize::from(counts.wrong_sure > 0);
    counts.restored = usize::from(found.mended.files.first().is_some_and(|m| program.restored(m)));
    Ok(counts)
}

/// What was withheld, with whether it is a mistake that no root tells.
fn withheld<'a>(program: &Marked, found: &'a Found) -> Vec<(&'a Withheld, bool)> {
    let roots = found.verdict.roots.iter().filter(|root| !root.warning);
    let told = roots.map(|root| root.at.line);
    let lines = told.chain(found.withheld.iter().map(|one| one.root.at.line));
    let each = program.each_at(lines);
    let before = each.len() - found.withheld.len();
    let is_new = |at: usize| each[at].is_some() && !each[..at].contains(&each[at]);
    found.withheld.iter().enumerate().map(|(at, one)| (one, is_new(before + at))).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use std::collections::BTreeSet;

    #[test]
    fn every_program_has_mistakes_and_another_sound_text() {
        let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("written");
        let mut names = BTreeSet::new();
        for language in LANGUAGES.iter().filter(|language| root.join(language.id).is_dir()) {
            for entry in fs::read_dir(root.join(language.id)).unwrap().flatten() {
                let text = fs::read_to_string(entry.path()).unwrap();
                let name = entry.file_name().to_string_lossy().into_owned();
                let program = Marked::read(&name, &text, language).unwrap();
                assert!(program.mistakes.len() > 1, "{name}");
                assert_ne!(program.wrong().bytes(), program.sound().bytes(), "{name}");
                assert!(!program.restored(&program.wrong()), "{name}");
                assert!(program.restored(&program.sound()), "{name}");
                names.insert((language.id, name));
            }
        }
        assert!(names.len() > 100);
    }
}
